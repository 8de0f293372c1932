<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;
use LogicException;

/** What a job holds of each stone, setting, wax, casting, piece, part and joint. */
final class ReadingFields
{
    public const GROUPS = ['stones', 'settings', 'cuts', 'attempts', 'castings', 'parts', 'joints'];

    /** @var array<string, array<string, Field>> */
    private static array $all = [];

    /** @return array<string, Field> the readings of one row of a group, by name */
    public static function of(string $group): array
    {
        return self::$all[$group] ??= array_column(match ($group) {
            'stones' => self::stone(),
            'settings' => SettingReadings::all(),
            'cuts' => self::allFed('cuts', 'name', 'length', 'count'),
            'attempts' => self::attempt(),
            'castings' => self::casting(),
            'parts' => [self::fed('parts', 'id')->called('part'), ...self::allFed('parts', 'alloy', 'mass')],
            'joints' => self::joint(),
            default => [],
        }, null, 'name');
    }

    /** @return list<Field> */
    private static function stone(): array
    {
        return [
            self::fed('stones', 'name')->called('which stone'),
            Field::choice('group', ['centre', 'halo', 'shoulders', 'other'], 'where it belongs')->default('centre'),
            ...self::allFed('stones', 'species', 'shape', 'width', 'length', 'depth', 'cut', 'count', 'weighed_carats',
                'treated',
                'owner', 'source', 'keep_setting', 'removed'),
            Field::text('condition', 'chips, wear and treatment as seen'),
            ...self::allFed('stones', 'acknowledged', 'in_fire'),
            Field::text('price', 'price'),
            Field::text('place', 'where it is now')->called('where it is now'),
        ];
    }

    /** @return list<Field> */
    private static function attempt(): array
    {
        return [
            Field::of(Quantity::Day, 'begun', 'the day it was begun'),
            ...self::allFed(
                'attempts', 'wax_mass', 'weighed', 'stones_in_wax', 'stones_mass', 'bore', 'width', 'thickness',
                'pairs',
            ),
            Field::minutes('minutes', 'time spent on it'),
            Field::choice('verdict', ['passed', 'left'], 'whether it was passed or left'),
            Field::text('note', 'why it was left or passed, and the client’s word'),
        ];
    }

    /** @return list<Field> */
    private static function casting(): array
    {
        return [
            Field::of(Quantity::Day, 'poured', 'the day it was poured'),
            ...self::allFed(
                'castings', 'charge_mass', 'casting_mass', 'weighed', 'sprues_mass', 'button_mass', 'scrap_mass',
            ),
            self::fed('castings', 'bore')->called('bore'),
            Field::choice('verdict', ['good', 'mend', 'cast-again'], 'good, mend, or cast again from a new wax'),
            Field::text('note', 'what was seen'),
        ];
    }

    /** @return list<Field> */
    private static function joint(): array
    {
        return [
            self::fed('joints', 'id')->called('joint'),
            self::fed('joints', 'parts')->called('joins'),
            self::fed('joints', 'after')->called('comes after'),
            self::fed('joints', 'form'),
            Field::named('grade', 'stock.solders', 'solder, where it is fixed'),
            ...self::allFed('joints', 'same_heat', 'hollow', 'vent', 'guard', 'how', 'cold', 'textured', 'thin_wire',
                'length', 'section', 'gap'),
            Field::choice('outcome', ['flowed', 'needs-more', 'slipped'], 'how it went'),
        ];
    }

    /** A reading made from the input, or the column of one, that it feeds: one figure is one field. */
    public static function fed(string $group, string $name): Field
    {
        $input = InputBindings::readBy($group, $name) ?? throw new LogicException("{$group}.{$name} feeds nothing");

        return $input->asDecision($name);
    }

    /** @return list<Field> */
    public static function allFed(string $group, string ...$names): array
    {
        return array_map(static fn (string $name): Field => self::fed($group, $name), array_values($names));
    }
}
