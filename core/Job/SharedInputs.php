<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Job\Source\Source;

/** Inputs that several calculations take from the same sources. */
final class SharedInputs
{
    /** @return array<string, Source> */
    public static function profile(): array
    {
        return ['profile' => From::decision('form.profile'), ...self::section()];
    }

    /** @return array<string, Source> what a knife's or a court's section is further told by */
    public static function section(): array
    {
        return self::decisions('form', 'edge', 'rise_inside', 'rise_outside');
    }

    /** @return array<string, Source> */
    public static function shrinkage(): array
    {
        return [
            'process' => From::decision('wax.process')->unless('wax.shrinkage'),
            'shrinkage' => From::decision('wax.shrinkage'),
        ];
    }

    /** @return array<string, Source> */
    public static function finishing(): array
    {
        return self::decisions('wax', 'finishing', 'finish_inside', 'finish_outside', 'finish_side');
    }

    /** @return array<string, Source> the outline of the stone in hand */
    public static function stone(): array
    {
        return self::readings('stones', 'shape', 'length', 'width');
    }

    /** @return array<string, Source> the stone in hand with its depth and cut */
    public static function wholeStone(): array
    {
        return [...self::stone(), ...self::readings('stones', 'cut', 'depth')];
    }

    /**
     * What the wax is to be: as read from a pattern that was made elsewhere, else as drawn.
     *
     * @param  string  $read  decision that a file's size is kept as
     * @return list<Source>
     */
    public static function pattern(string $read, string $drawn): array
    {
        return [From::decision("wax.{$read}"), From::result('wax.pattern', $drawn)];
    }

    /** @return list<Source> a size of the ring: as read from a pattern, else as its wax casts */
    public static function asCast(string $size): array
    {
        return [From::decision("wax.file_{$size}"), From::result('wax.dimensions', "{$size}_as_cast")];
    }

    /** @return list<Source> inside diameter to make: made larger for a broad band, or the finger's own */
    public static function finger(): array
    {
        return [From::result('size.fit', 'inner_diameter'), From::result('size.convert', 'inner_diameter')];
    }

    /** Metal of the setting in hand: a collet or claws for each of its stones, its cluster, its gallery; mm³. */
    public static function metal(): Source
    {
        $collet = self::head('volume_mm3', 'seat.bezel', 'seat.tube', 'seat.claw')->forEveryStone();

        return From::ofJob(static function (JobAnswers $job) use ($collet): ?float {
            $parts = array_filter([$collet->value($job), self::besideStones($job)], is_numeric(...));

            return $parts === [] ? null : (float) array_sum($parts);
        });
    }

    /** Metal of the setting in hand that no single stone has: its cluster's and its gallery's; mm³. */
    private static function besideStones(JobAnswers $job): ?float
    {
        $parts = array_filter([
            $job->value('layout.cluster', 'volume_mm3'), $job->value('seat.gallery', 'volume_mm3'),
        ], is_numeric(...));

        return $parts === [] ? null : (float) array_sum($parts);
    }

    /** Metal of all settings of the piece that are of its own alloy; mm³. */
    public static function metalOfHeads(): Source
    {
        return From::sum('settings', self::metal()->unless('settings.alloy'));
    }

    /**
     * Wax of the heads that are cast with their ring, and so are part of the pattern; not of those soldered on. A
     * cluster or a gallery shrinks with its ring: it is as much larger in wax.
     */
    public static function castHeads(): Source
    {
        $head = self::head('wax_volume_mm3', 'seat.bezel', 'seat.claw')->forEveryStone();
        $whole = From::ofJob(static function (JobAnswers $job) use ($head): ?float {
            [$wax, $metal] = [$head->value($job), self::besideStones($job)];
            if (! is_numeric($wax) && $metal === null) {
                return null;
            }
            $grown = $job->value('wax.dimensions', 'bore') / ($job->value('wax.dimensions', 'bore_as_cast') ?: 1.0);

            return (float) $wax + (float) $metal * $grown ** 3;
        });

        return From::sum('settings', $whole->madeAs('cast'));
    }

    /** @return array<string, Source> how far the farthest of the heads that are cast with the ring reaches */
    public static function headRoom(): array
    {
        $farthest = static fn (string $result): Source => From::largest(
            'settings', self::head($result, 'seat.bezel', 'seat.claw')->madeAs('cast'),
        );

        return [
            'head_along' => $farthest('outside_length_in_wax'),
            'head_across' => $farthest('outside_width_in_wax'),
            'head_height' => $farthest('height_in_wax'),
        ];
    }

    private static function head(string $result, string ...$uses): Source
    {
        return From::firstOf(
            ...array_map(static fn (string $use): Source => From::result($use, $result), array_values($uses)),
        );
    }

    /** How the setting in hand holds. */
    public static function style(): Source
    {
        return From::reading('settings', 'style');
    }

    /** How the stone in hand is held, whichever setting that is. */
    public static function heldIn(): Source
    {
        return From::ofJob(static function (JobAnswers $job): ?string {
            $setting = array_search($job->inHand('stones'), SettingRow::heldBy($job->document), true);
            $style = $setting === false ? null : ($job->document->list('settings')[$setting]['style']['value'] ?? null);

            return is_string($style) ? $style : null;
        });
    }

    public static function stonesInFire(): Source
    {
        return From::rows('stones', 'species', 'name', 'treated', 'removed', 'count', 'in_fire');
    }

    /** @return array<string, Source> decisions of a station that bear the names of the inputs they feed */
    public static function decisions(string $station, string ...$names): array
    {
        $from = static fn (string $name): Source => From::decision("{$station}.{$name}");

        return array_combine($names, array_map($from, $names));
    }

    /** @return array<string, Source> readings of the row in hand that bear the names of the inputs they feed */
    public static function readings(string $group, string ...$names): array
    {
        $from = static fn (string $name): Source => From::reading($group, $name);

        return array_combine($names, array_map($from, $names));
    }

    /** @return array<string, Source> results of another use under the same names */
    public static function results(string $use, string ...$names): array
    {
        $from = static fn (string $name): Source => From::result($use, $name);

        return array_combine($names, array_map($from, $names));
    }
}
