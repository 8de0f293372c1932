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

    /** @return list<Source> inside diameter to make: made larger for a broad band, or the finger's own */
    public static function finger(): array
    {
        return [From::result('size.fit', 'inner_diameter'), From::result('size.convert', 'inner_diameter')];
    }

    /**
     * A result of a head that is cast with its ring, and so is part of the pattern; not of one soldered on later.
     *
     * @return list<Source>
     */
    public static function castHead(string $result): array
    {
        return array_map(
            static fn (string $use): Source => From::result($use, $result)->unless('stones.head_soldered'),
            ['seat.bezel', 'seat.claw'],
        );
    }

    /** @return array<string, list<Source>> */
    public static function headRoom(): array
    {
        return [
            'head_along' => self::castHead('outside_length_in_wax'),
            'head_across' => self::castHead('outside_width_in_wax'),
            'head_height' => self::castHead('height_in_wax'),
        ];
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
