<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Calculations;
use HotSprue\Fields\ReadRow;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\From;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\SettingRow;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\Source\Source;
use HotSprue\Measures\NotUnderstood;

/** The calculations that are made for each setting of a piece: its seat, its layout and its place. */
final class SettingUses
{
    /** @return list<CalculationUse> */
    public static function collets(): array
    {
        return [
            self::set(CalculationUse::of('seat.bezel', [
                ...SharedInputs::wholeStone(),
                ...SharedInputs::readings(
                    'settings', 'wall', 'fit', 'seat_height', 'cover', 'ledge_width', 'corners', 'school',
                ),
                'alloy' => self::alloy(),
                ...SharedInputs::shrinkage(),
                ...SharedInputs::decisions('wax', 'finishing', 'finish_outside'),
            ]), 'bezel'),
            self::set(CalculationUse::of('seat.bezel', [
                ...SharedInputs::wholeStone(),
                ...SharedInputs::readings('settings', 'seat_height', 'cover'),
                'alloy' => self::alloy(),
                'made_from' => From::fixed('tube'),
            ])->named('seat.tube'), 'tube'),
            self::set(CalculationUse::of('seat.claw', [
                ...SharedInputs::stone(),
                'depth' => From::reading('stones', 'depth'),
                'claws' => From::reading('settings', 'claws'),
                'wire' => From::reading('settings', 'claw_wire'),
                'notch' => From::reading('settings', 'notch'),
                ...SharedInputs::shrinkage(),
            ]), 'claws'),
            self::set(CalculationUse::of('seat.gallery', [
                ...SharedInputs::stone(),
                'outside' => From::ofJob(self::outside(...)),
                'deep' => From::ofJob(self::deep(...)),
                'depths' => From::reading('settings', 'gallery'),
                'wire' => [From::reading('settings', 'gallery_wire'), self::wire()],
                'inset' => From::reading('settings', 'gallery_inset'),
                'taper' => From::reading('settings', 'gallery_taper'),
                'struts' => [From::result('seat.claw', 'claws'), From::result('layout.cluster', 'outer_claws')],
                'alloy' => self::alloy(),
            ])->when(From::reading('settings', 'gallery')), 'bezel', 'claws', 'shared-claws'),
        ];
    }

    /** @return list<CalculationUse> */
    public static function inBand(): array
    {
        $style = From::reading('settings', 'style');

        return [
            self::set(CalculationUse::of('seat.round', [
                'diameter' => self::diameter(),
                'depth' => From::reading('stones', 'depth'),
                'style' => $style,
            ]), ...SettingRow::IN_BAND),
            self::set(CalculationUse::of('seat.depth', [
                'diameter' => self::diameter(),
                'depth' => From::reading('stones', 'depth'),
                'style' => $style,
                'girdle_below' => From::reading('settings', 'girdle_below'),
                'thickness' => From::decision('form.thickness_top'),
                'inner_diameter' => SharedInputs::finger(),
                'through_hole' => From::reading('settings', 'hole'),
            ]), ...SettingRow::IN_BAND),
        ];
    }

    /** @return list<CalculationUse> */
    public static function layouts(): array
    {
        $round = array_map(From::beside(...), SharedInputs::stone());

        return [
            CalculationUse::of('layout.halo', [
                ...$round,
                'stone_diameter' => self::diameter(),
                ...SharedInputs::readings('settings', 'edge_gap', 'stone_gap', 'count'),
                'centre_claws' => From::beside(From::result('seat.claw', 'claws')),
                'wire' => From::beside(From::result('seat.claw', 'wire')),
                'notch' => From::beside(From::result('seat.claw', 'notch')),
            ])->when(From::reading('settings', 'holds'), 'halo')->when(From::beside(From::reading('stones', 'width')))
                ->without('head')->each('settings'),
            CalculationUse::of('layout.cluster', [
                ...$round,
                'stone_diameter' => self::diameter(),
                ...SharedInputs::readings(
                    'settings', 'edge_gap', 'stone_gap', 'count', 'notch', 'plate_margin', 'plate_thickness', 'dome',
                    'standing', 'basket_depth',
                ),
                'centre_claws' => From::beside(From::result('seat.claw', 'claws')),
                'centre_wire' => From::beside(From::result('seat.claw', 'wire')),
                'wire' => From::reading('settings', 'claw_wire'),
                'alloy' => self::alloy(),
            ])->when(From::reading('settings', 'style'), 'shared-claws')->when(self::diameter())->without('head')
                ->each('settings'),
            CalculationUse::of('layout.row', [
                'count' => From::reading('settings', 'count'),
                'largest' => [From::reading('settings', 'largest'), From::reading('stones', 'width')],
                'smallest' => [
                    From::reading('settings', 'smallest'), From::reading('settings', 'largest'),
                    From::reading('stones', 'width'),
                ],
                ...SharedInputs::readings('settings', 'gap', 'middle'),
                'outer_diameter' => From::result('form.band', 'outer_diameter_top'),
                'girdle_depth' => From::reading('settings', 'girdle_below'),
                'thickness' => From::decision('form.thickness_top'),
            ])->when(From::reading('settings', 'holds'), 'row')->when(From::reading('settings', 'count'))
                ->each('settings'),
        ];
    }

    public static function place(): CalculationUse
    {
        $place = [
            ...SharedInputs::stone(),
            ...SharedInputs::readings('settings', 'angle', 'across', 'turn'),
            'outside' => From::ofJob(self::outside(...)),
        ];

        return self::set(CalculationUse::of('setting.place', [
            ...$place,
            ...SharedInputs::readings('settings', 'height', 'tilt', 'hole'),
            'girdle' => From::ofJob(self::girdle(...)),
            'depth' => From::reading('stones', 'depth'),
            'outer_diameter' => From::result('form.band', 'outer_diameter_top'),
            'inner_diameter' => SharedInputs::finger(),
            'band_width' => From::decision('form.width_top'),
            'in_band' => From::ofJob(
                static fn (JobAnswers $job): bool => in_array($job->setting()->style(), SettingRow::IN_BAND, true),
            ),
            'others' => From::ofJob(static fn (JobAnswers $job): ?array => self::others($job, $place)),
        ]))->when(From::ofJob(
            // What sits round another stands where that does.
            static fn (JobAnswers $job): ?bool => $job->setting()->beside() === null ? true : null,
        ));
    }

    /**
     * The settings that stand elsewhere on the band.
     *
     * @param  array<string, Source>  $place
     * @return list<ReadRow|array<string, mixed>>|null
     */
    private static function others(JobAnswers $job, array $place): ?array
    {
        $placed = $job->once('placed', static fn (JobAnswers $whole): array => self::placed($whole, $place));
        unset($placed[$job->setting()->key()]);

        return array_values($placed) ?: null;
    }

    /**
     * Every setting that stands by itself: not those round another, nor a row that is laid out along the band.
     *
     * @param  array<string, Source>  $place
     * @return array<string, ReadRow|array<string, mixed>> by key; as said where one of them is refused
     */
    private static function placed(JobAnswers $whole, array $place): array
    {
        $placed = [];
        foreach ($whole->eachRow('settings') as $row) {
            $setting = $row->setting();
            $said = $setting->beside() === null && $setting->holds() !== 'row' ? array_filter(
                array_map(static fn (Source $source): mixed => $source->value($row), $place),
                static fn (mixed $value): bool => $value !== null,
            ) : [];
            if (isset($said['shape'], $said['width'])) {
                $placed[$setting->key()] = ['name' => $setting->name(), 'key' => $setting->key(), ...$said];
            }
        }

        $field = Calculations::describe('setting.place')->input('others');
        try {
            return $field === null ? $placed : array_combine(
                array_keys($placed), ReadRow::all($field, array_values($placed), $whole->settings),
            );
        } catch (NotUnderstood) {
            // Each that it stands beside says so of its own.
            return $placed;
        }
    }

    /** A seat is asked for once there is a stone, and somebody said how it is set. */
    private static function set(CalculationUse $use, string ...$styles): CalculationUse
    {
        return $use->when(self::diameter())->when(From::reading('settings', 'style'), ...$styles)
            ->without('head')->each('settings');
    }

    /** Of the stone in hand, or of those that are to stand in a group. */
    private static function diameter(): Source
    {
        return From::firstOf(From::reading('settings', 'stone_diameter'), From::reading('stones', 'width'));
    }

    private static function alloy(): Source
    {
        return From::firstOf(From::reading('settings', 'alloy'), From::decision('brief.alloy'));
    }

    private static function wire(): Source
    {
        return From::firstOf(From::result('seat.claw', 'wire'), From::result('layout.cluster', 'wire'));
    }

    /** How far the setting’s metal reaches outside the girdle. */
    private static function outside(JobAnswers $job): ?float
    {
        $width = $job->input('stone.outline')?->num('width');
        $out = $job->value('seat.bezel', 'outside_width') ?? $job->value('seat.tube', 'outside_width');
        if (is_numeric($out) && $width !== null) {
            return ($out - $width) / 2;
        }
        $claws = $job->answer('seat.claw');

        return $claws === null ? null : $claws->num('wire') - $claws->num('notch');
    }

    /**
     * The underside of the girdle over the foot of its collet; under the band’s outside where the seat is cut into it.
     */
    private static function girdle(JobAnswers $job): ?float
    {
        $over = $job->value('seat.bezel', 'seat_height') ?? $job->value('seat.tube', 'seat_height')
            ?? $job->value('seat.claw', 'below');
        $sunk = $job->value('seat.depth', 'seat_depth');

        return match (true) {
            is_numeric($over) => (float) $over,
            is_numeric($sunk) => -(float) $sunk,
            default => null,
        };
    }

    /** From the girdle down to the foot of what carries it. */
    private static function deep(JobAnswers $job): ?float
    {
        $deep = $job->value('seat.bezel', 'seat_height') ?? $job->value('seat.claw', 'below')
            ?? $job->input('layout.cluster')?->values()['basket_depth'];

        return is_numeric($deep) && $deep > 0 ? (float) $deep : null;
    }
}
