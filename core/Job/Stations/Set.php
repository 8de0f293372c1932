<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;

/** The pushing order and the tools. */
final class Set extends StationPlan
{
    public function signOff(): string
    {
        return 'Stones are tight';
    }

    public function uses(): array
    {
        return [
            CalculationUse::of('set.sequence', [
                'count' => [From::decision('set.count'), From::result('seat.claw', 'claws')],
                ...SharedInputs::results('seat.claw', 'wire', 'notch'),
            ])->when(From::reading('stones', 'species')),
            CalculationUse::of('tools.list', [
                'seats' => From::rows('stones', 'width', 'name', 'count'),
                'setting' => From::decision('stones.setting'),
                'wire' => From::result('seat.claw', 'wire'),
                ...SharedInputs::decisions('stones', 'corners', 'halo_diameter', 'row_largest', 'row_smallest'),
            ])->when(From::rows('stones', 'width'))->when(From::decision('stones.setting')),
        ];
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
