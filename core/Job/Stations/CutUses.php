<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Calculation\Answer;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\From;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\SettingRow;

/** What is cut from stock for the settings that are made apart. */
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
