<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A piece said in words, for whoever does not see it. */
final class SolidTold
{
    /**
     * @param  list<Part>  $parts
     * @param  float  $wanted  volume by the sheets, mm³
     */
    public static function words(array $parts, Stage $stage, float $wanted): string
    {
        if ($parts === []) {
            return 'Nothing is there yet: say the size and the section first.';
        }
        $bodies = array_values(array_filter($parts, static fn (Part $part): bool => $part->isBody()));
        [$least, $most] = Mesh::together(...array_map(static fn (Part $part): Mesh => $part->mesh, array_values(
            array_filter($parts, static fn (Part $part): bool => $part->isSeen() && $part->kind !== 'flask'),
        )))->box();
        $volume = array_sum(array_map(static fn (Part $part): float => $part->mesh->volume(), $bodies));
        $stones = array_filter($parts, static fn (Part $part): bool => $part->kind === 'stone');
        $words = sprintf(
            'The piece, %s: %.1f mm across, %.1f along the finger and %.1f tall; its parts have %.0f mm³.',
            $stage->label(), $most[0] - $least[0], $most[1] - $least[1], $most[2] - $least[2], $volume,
        );
        $words .= self::finish($bodies, $stage);
        $stones === [] ?: $words .= ' Stones: '.implode(', ', array_unique(array_map(
            static fn (Part $part): string => $part->name, $stones,
        ))).'.';
        // A foot filed to the band, and what lies in one another, is no part of the sheets' sum.
        if ($wanted > 0 && abs($volume / $wanted - 1) > 0.01) {
            $words .= sprintf(
                ' The sheets reckon %.0f mm³: feet filed to the band and parts within one another make the difference.',
                $wanted,
            );
        }

        return $words;
    }

    /** @param list<Part> $bodies */
    private static function finish(array $bodies, Stage $stage): string
    {
        $look = $bodies === [] || $stage !== Stage::Finished ? null : $bodies[0]->look;
        $said = array_filter([
            $look === null || $look->sheen === Sheen::Polished ? null : ucfirst($look->sheen->value),
            $look?->isDarkened === true ? 'its lows darkened' : null,
        ]);

        return $said === [] ? '' : ' '.ucfirst(implode(', ', $said)).'.';
    }
}
