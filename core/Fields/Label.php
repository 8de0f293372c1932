<?php

declare(strict_types=1);

namespace HotSprue\Fields;

/** The words in a name: of a path the last part, without the unit that its figure shows anyway. */
final class Label
{
    private const UNITS = '/_(mm3|mm|ml|deg|us|c|percent)$/';

    public static function of(string $name): string
    {
        $parts = explode('.', $name);

        return str_replace('_', ' ', (string) preg_replace(self::UNITS, '', (string) end($parts)));
    }
}
