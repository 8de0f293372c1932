<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;
use HotSprue\Setting\SetSequence;

/** The pushing order and the tools. */
final class Set extends StationPlan
{
    /** A stone up to this width is a small one, mm. */
    private const SMALL = 4.0;

    public function signOff(): string
    {
        return 'Stones are tight';
    }

    public function uses(): array
    {
        return [
            CalculationUse::of('set.sequence', [
                'count' => [
                    From::reading('settings', 'pushes'), From::decision('set.count'),
                    From::result('seat.claw', 'claws'), From::ofJob(self::pushes(...)),
                ],
                ...SharedInputs::results('seat.claw', 'wire', 'notch'),
            ])->when(From::reading('stones', 'species'))->each('settings'),
            CalculationUse::of('tools.list', [
                'seats' => From::each('settings', [
                    'setting' => SharedInputs::style(),
                    'width' => From::firstOf(
                        From::reading('settings', 'stone_diameter'), From::reading('settings', 'largest'),
                        From::reading('stones', 'width'),
                    ),
                    'name' => From::ofJob(static fn (JobAnswers $job): string => $job->setting()->name()),
                    'count' => From::ofJob(static fn (JobAnswers $job): int => $job->setting()->count()),
                    'smallest' => From::reading('settings', 'smallest'),
                    'wire' => From::firstOf(From::result('seat.claw', 'wire'), From::result('layout.cluster', 'wire')),
                    'corners' => From::reading('settings', 'corners'),
                ]),
            ])->when(From::each('settings', ['style' => SharedInputs::style()])),
        ];
    }

    /** Where a bezel is pushed over: at eight places of a small stone, twelve of a larger; a group, stone by stone. */
    private static function pushes(JobAnswers $job): ?int
    {
        $setting = $job->setting();
        $count = $setting->count();
        if ($count > 1) {
            return $count <= SetSequence::MOST ? $count : null;
        }
        $width = $job->input('stone.outline')?->num('width');

        return match ($setting->style()) {
            'bezel', 'tube', 'flush', 'channel' => $width !== null && $width > self::SMALL ? 12 : 8,
            'bead', 'shared' => 4,
            default => null,
        };
    }

    public function decisions(): array
    {
        return [self::fed('set.count')];
    }

    public function figures(): array
    {
        return [
            Figure::of('set.sequence', 'steps', 'pushes in a round'),
            Figure::of('set.sequence', 'pushes', 'pushes in all'),
            Figure::of('set.sequence', 'apart_deg', 'apart'),
            Figure::of('tools.list', 'needed', 'tools'),
            Figure::of('tools.list', 'missing', 'not owned'),
        ];
    }
}
