<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Field;

/** What is decided of each setting of a piece: what it holds and how, how it is made, and where it sits. */
final class SettingReadings
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            self::fed('name'),
            Field::row('stone', 'stones', 'the stone that it holds, or one of the group')->called('holds the stone'),
            Field::row('also', 'stones', 'other stones of the same group')->many()->called('and with it')
                ->onlyWhere('settings.holds', 'halo', 'cluster', 'row', 'scatter'),
            self::fed('holds')->default('one')->called('one or a group'),
            Field::choice('style', SettingRow::STYLES, 'how it holds the stone')->called('how it holds')->saying([
                'shared-claws' => 'claws shared', 'bead' => 'beads', 'shared' => 'beads shared',
                'tube' => 'tube collet',
            ]),
            self::fed('made'),
            self::fed('alloy'),
            Field::row('beside', 'settings', 'the setting beside or round which it sits')->called('beside or round'),
            ...self::places(),
            ...self::collets(),
            self::fed('girdle_below')->onlyWhere('settings.style', ...SettingRow::IN_BAND),
            self::fed('pushes')->called('pushes round it'),
            ...self::layouts(),
        ];
    }

    /** @return list<Field> */
    private static function places(): array
    {
        return ReadingFields::allFed('settings', 'angle', 'across', 'turn', 'height', 'tilt', 'hole');
    }

    /** @return list<Field> */
    private static function collets(): array
    {
        return [
            ...self::of('style', ['bezel'], 'school', 'wall', 'fit', 'ledge_width', 'corners'),
            ...self::of('style', ['bezel', 'tube'], 'seat_height', 'cover'),
            ...self::of('style', ['claws'], 'claws'),
            ...self::of('style', ['claws', 'shared-claws'], 'claw_wire', 'notch'),
            ...self::of('style', ['shared-claws'], 'plate_margin', 'plate_thickness', 'dome', 'standing',
                'basket_depth'),
            ...self::of('style', ['bezel', 'claws', 'shared-claws'], 'gallery', 'gallery_wire', 'gallery_inset',
                'gallery_taper'),
        ];
    }

    /** @return list<Field> */
    private static function layouts(): array
    {
        return [
            Field::count('count', 'how many stones, instead of as many as fit')->called('how many')->between(1, 240)
                ->onlyWhere('settings.holds', 'halo', 'cluster', 'row', 'scatter'),
            ...self::of('holds', ['halo', 'cluster'], 'stone_diameter', 'edge_gap'),
            ...self::of('holds', ['halo', 'cluster'], 'stone_gap'),
            ...self::of('holds', ['row'], 'largest', 'smallest', 'gap', 'middle'),
        ];
    }

    /**
     * @param  list<string>  $says
     * @return list<Field> figures that mean something only for such a setting
     */
    private static function of(string $by, array $says, string ...$names): array
    {
        return array_map(
            static fn (Field $field): Field => $field->onlyWhere("settings.{$by}", ...$says),
            ReadingFields::allFed('settings', ...$names),
        );
    }

    private static function fed(string $name): Field
    {
        return ReadingFields::fed('settings', $name);
    }
}
