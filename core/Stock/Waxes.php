<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** Waxes as shipped, known by hardness; the colour chip is the workshop's choosing. */
final class Waxes
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'),
            Field::text('label', 'as said at the bench'),
            Field::of(Quantity::Density, 'density', 'density of the wax'),
            Field::text('chip', 'colour chip, as #rrggbb')->default('#8a8f86'),
            Field::text('good_for', 'what it is good for')->default(''),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        $rows = [
            ['carving-hard', 'hard carving wax', 1.00, '#5b6b62', 'crisp and brittle: fine detail and lettering'],
            ['carving-medium', 'medium carving wax', 1.00, '#6d7fa0', 'the all-rounder'],
            ['carving-soft', 'soft carving wax', 1.00, '#9a6f78', 'bends, takes texture, forgives'],
            ['injection', 'injection wax', 0.95, '#b09a5a', 'patterns from a rubber mould'],
            ['sprue', 'sprue wax', 0.95, '#a8564a', 'sprues and stems'],
        ];
        $names = array_column(self::columns(), 'name');

        return array_map(static fn (array $row): array => array_combine($names, $row), $rows);
    }
}
