<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Fields\Field;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\From;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\SettingRow;

/** What is cut and made by hand from stock, for the settings that are made apart and beside the shank. */
final class CutUses
{
    public static function settings(): CalculationUse
    {
        $pieces = From::ofJob(self::pieces(...));

        return CalculationUse::of('settings.cut', [
            'settings' => $pieces,
            'alloy' => From::decision('brief.alloy'),
            'trim' => From::decision('form.trim'),
            'shank_mass' => [From::result('strip.length', 'mass'), From::ofJob(self::shank(...))],
            'old_mass' => From::decision('form.old_mass'),
        ])->when(From::firstOf($pieces, From::decision('form.old_mass')));
    }

    /** @return list<CalculationUse> rings of wire, forged ends, feet and ingots */
    public static function byHand(): array
    {
        $alloy = ['alloy' => From::decision('brief.alloy')];
        $strip = [
            'width' => From::decision('form.width_top'), 'thickness' => From::decision('form.thickness_top'),
        ];

        return [
            CalculationUse::of('wire.ring', [
                'inner_diameter' => From::decision('form.wire_inside'), 'wire' => From::decision('form.wire_thick'),
                'count' => From::decision('form.wire_count'), ...$alloy,
            ])->when(From::decision('form.wire_inside')),
            CalculationUse::of('forge.length', [
                ...$strip, 'length' => From::decision('form.forge_length'),
                'thickness_after' => From::decision('form.forge_to'),
                'width_after' => From::decision('form.forge_spread'), 'taper' => From::decision('form.forge_taper'),
            ])->when(From::decision('form.forge_length')),
            CalculationUse::of('seam.fit', [
                'outer_diameter' => From::result('form.band', 'outer_diameter_top'),
                'foot' => From::decision('form.seam_foot'), 'height' => From::decision('form.seam_height'),
                'wire' => From::decision('form.seam_wire'), 'flat' => From::decision('form.seam_flat'),
            ])->when(From::decision('form.seam_foot')),
            CalculationUse::of('ingot.length', [
                ...$strip, 'mass' => From::decision('form.ingot_mass'), ...$alloy,
                'ingot_area' => From::decision('form.ingot_area'), 'waste' => From::decision('form.ingot_waste'),
                'wanted' => From::ofJob(self::wanted(...)),
            ])->when(From::decision('form.ingot_mass')),
        ];
    }

    /** All blanks of the shank together. */
    private static function wanted(JobAnswers $job): ?float
    {
        $strip = $job->answer('strip.length');

        return $strip === null ? null : $strip->num('length') * $strip->num('blanks');
    }

    /**
     * @param  Closure(string, string...): list<Field>  $fed
     * @param  Closure(string, list<string>, list<Field>): list<Field>  $only
     * @return list<Field> what is decided of plates, rings of wire, forged ends, feet and ingots
     */
    public static function decisions(Closure $fed, Closure $only): array
    {
        return [
            ...$fed('form', 'plate', 'plate_width', 'plate_length'),
            ...$only('form.plate', ['cushion', 'hexagon', 'kite'], $fed('form', 'plate_ratio')),
            ...$only('form.plate', ['crescent'], $fed('form', 'plate_bite', 'plate_bite_offset')),
            ...$only('form.plate', ['free'], $fed('form', 'plate_outline')),
            ...$fed('form', 'plate_dome', 'plate_count', 'sheet_width', 'sheet_length', 'sheet_thickness',
                'divide_total', 'divide_parts', 'wire_inside', 'wire_thick', 'wire_count', 'forge_length', 'forge_to',
                'forge_spread', 'forge_taper', 'seam_foot', 'seam_height', 'seam_wire', 'seam_flat', 'ingot_mass',
                'ingot_area', 'ingot_waste'),
        ];
    }

    /** The ring without its heads. */
    private static function shank(JobAnswers $job): ?float
    {
        $band = $job->answer('form.band');
        $mass = $band?->value('mass');

        return $band === null || ! is_numeric($mass) ? null
            : (float) $mass * $band->num('volume_mm3') / $band->num('ring_volume_mm3');
    }

    /** @return list<array<string, mixed>>|null */
    private static function pieces(JobAnswers $job): ?array
    {
        $pieces = [];
        foreach ($job->eachRow('settings') as $row) {
            $setting = $row->setting();
            foreach ($setting->made() === 'apart' ? self::cuts($row, $setting) : [] as $cut) {
                $pieces[] = array_filter(
                    ['name' => $setting->name(), 'alloy' => $setting->text('alloy'), ...$cut],
                    static fn (mixed $value): bool => $value !== null,
                );
            }
        }

        return $pieces ?: null;
    }

    /** @return list<array<string, mixed>> */
    private static function cuts(JobAnswers $row, SettingRow $setting): array
    {
        $count = $setting->count();
        [$bezel, $tube, $claw] = [$row->answer('seat.bezel'), $row->answer('seat.tube'), $row->answer('seat.claw')];
        [$cluster, $gallery] = [$row->answer('layout.cluster'), $row->answer('seat.gallery')];

        return array_values(array_filter([
            $bezel === null ? null : [
                'kind' => 'strip', 'length' => $bezel->num('strip_length'), 'count' => $count,
                'section' => sprintf(
                    '%.2f × %.2f', $row->input('seat.bezel')?->num('wall') ?? 0.0, $bezel->num('strip_height'),
                ),
                'volume_mm3' => $bezel->num('volume_mm3'),
            ],
            $tube === null ? null : [
                'kind' => 'tube', 'section' => $tube->value('tube'), 'length' => $tube->num('strip_height'),
                'count' => $count, 'volume_mm3' => $tube->num('volume_mm3'),
            ],
            $claw === null ? null : self::wire($claw, (int) $claw->num('claws') * $count),
            $cluster === null ? null : self::wire(
                $cluster, (int) round($cluster->num('wire_total') / $cluster->num('cut_length')),
            ),
            $gallery === null ? null : [
                'kind' => 'wire', 'section' => 'gallery', 'length' => $gallery->num('wire_total'), 'count' => $count,
                'volume_mm3' => $gallery->num('volume_mm3'),
            ],
        ]));
    }

    /** @return array<string, mixed> claws, each cut long */
    private static function wire(Answer $claws, int $count): array
    {
        [$wire, $length] = [$claws->num('wire'), $claws->num('cut_length')];

        return [
            'kind' => 'wire', 'section' => sprintf('%.2f', $wire), 'length' => $length, 'count' => $count,
            'volume_mm3' => M_PI / 4 * $wire ** 2 * $length,
        ];
    }
}
