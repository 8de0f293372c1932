<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use HotSprue\Measures\Quantity;

/** What a column of a listed result is called, and what quantity stands in it; read from its name. */
final class RowWords
{
    private const UNITS = [
        '_mm' => Quantity::Length, '_deg' => Quantity::Angle, '_c' => Quantity::Temperature,
        '_min' => Quantity::Minutes, '_g' => Quantity::Mass, '_share' => Quantity::Share,
    ];

    /** Where a column’s name says no unit, or is no word of the bench. */
    private const SAID = [
        'across' => ['across the band', Quantity::Length], 'along' => ['along the band', Quantity::Length],
        'again' => ['same grade again', Quantity::YesNo], 'above_620_min' => ['above 620 °C', Quantity::Minutes],
        'around_deg' => ['round the stem', Quantity::Angle], 'at_mm' => ['at', Quantity::Length],
        'core_c' => ['core', Quantity::Temperature], 'depth_mm' => ['under the girdle', Quantity::Length],
        'diameter' => ['diameter', Quantity::Length], 'for' => ['for which stone', Quantity::Text],
        'hold_min' => ['hold', Quantity::Minutes], 'kiln_c' => ['kiln', Quantity::Temperature],
        'length_mm' => ['length', Quantity::Length], 'margin_c' => ['room', Quantity::TemperatureDifference],
        'mass' => ['mass', Quantity::Mass], 'middle_deg' => ['middle', Quantity::Angle],
        'min' => ['minute', Quantity::Minutes], 'minutes' => ['time', Quantity::Minutes],
        'mm' => ['distance', Quantity::Length], 'off_mm' => ['off the mark', Quantity::Length],
        'owned' => ['on the workshop’s list', Quantity::YesNo], 'ramp_min' => ['climb', Quantity::Minutes],
        'ramp_to_c' => ['to', Quantity::Temperature], 'reach' => ['may run', Quantity::Length],
        'reach_mm' => ['runs', Quantity::Length], 'section' => ['section', Quantity::Text],
        'sign' => ['letter', Quantity::Text], 'size' => ['size', Quantity::Number],
        'until_min' => ['until', Quantity::Minutes], 'v' => ['V claw', Quantity::YesNo],
        'attended_min' => ['at the bench', Quantity::Minutes], 'wait_min' => ['waits', Quantity::Minutes],
        'resource' => ['needs', Quantity::Text], 'switch_on' => ['switched on', Quantity::Text],
        'ready_at' => ['at the pour', Quantity::Text], 'latest_start' => ['at the latest', Quantity::Text],
        'binds' => ['waits for', Quantity::Text], 'slack_min' => ['to spare', Quantity::Minutes], 'of' => ['of',
            Quantity::Minutes],
        'splittable' => ['may be laid down', Quantity::YesNo],
        'what' => ['line', Quantity::Text], 'words' => ['what is done', Quantity::Text],
        'lengthened_min' => ['longer by', Quantity::Minutes], 'level' => ['row up the stem', Quantity::Text],
        'x_mm' => ['to the right', Quantity::Length], 'y_mm' => ['down', Quantity::Length],
        'from_x_mm' => ['from, to the right', Quantity::Length], 'from_y_mm' => ['from, down', Quantity::Length],
        'to_x_mm' => ['to, to the right', Quantity::Length], 'to_y_mm' => ['to, down', Quantity::Length],
        'from_other_mm' => ['from the other edge', Quantity::Length], 'wall_c' => ['mould’s wall',
            Quantity::Temperature],
    ];

    /** Columns that the program reads and nobody else. */
    private const HIDDEN = ['key', 'changes', 'hole', 'id', 'after', 'pieces', 'step'];

    public static function isShown(string $column): bool
    {
        return ! in_array($column, self::HIDDEN, true);
    }

    public static function label(string $column): string
    {
        $suffix = self::suffix($column);

        return self::SAID[$column][0]
            ?? str_replace('_', ' ', $suffix === null ? $column : substr($column, 0, -strlen($suffix)));
    }

    /** Null where what stands there is words or a plain count. */
    public static function quantity(string $column): ?Quantity
    {
        $said = self::SAID[$column][1] ?? self::UNITS[self::suffix($column) ?? ''] ?? null;

        return $said === Quantity::Text ? null : $said;
    }

    private static function suffix(string $column): ?string
    {
        foreach (array_keys(self::UNITS) as $suffix) {
            if (str_ends_with($column, $suffix) && $column !== $suffix) {
                return $suffix;
            }
        }

        return null;
    }
}
