<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** Sets of parts that hang together. */
final class PartSets
{
    /**
     * @param  list<int>  $joined  sets of parts, each joined
     * @return list<int> the pieces, as sets of parts
     */
    public static function of(array $joined): array
    {
        $pieces = [];
        foreach ($joined as $parts) {
            foreach ($pieces as $index => $piece) {
                if ($piece & $parts) {
                    $parts |= $piece;
                    unset($pieces[$index]);
                }
            }
            $pieces[] = $parts;
        }

        return array_values($pieces);
    }
}
