<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;

/** What is soldered, in which order and with what. */
final class Join extends StationPlan
{
    public function signOff(): string
    {
        return 'Joints are closed';
    }

    public function uses(): array
    {
        return [
            CalculationUse::of('join.plan', [
                'parts' => From::rows('parts', 'id', 'alloy', 'mass'),
                'joints' => From::rows('joints', 'id', 'parts', 'after', 'form', 'grade', 'same_heat', 'hollow', 'vent',
                    'guard',
                    'how', 'cold', 'textured', 'thin_wire', 'length', 'section', 'gap'),
                'alloy' => From::decision('brief.alloy'),
                'solders' => From::decision('join.solders'),
                'set_stones' => SharedInputs::stonesInFire(),
                'stones_count' => From::decision('sizing.stones')->onlyFor('brief.kind', 'sizing'),
                ...SharedInputs::decisions('join', 'order', 'step_c', 'margin_c', 'law', 'school'),
                'old_work' => [From::fixed(true)->onlyFor('brief.kind', 'sizing'), From::decision('join.old_work')],
                'old_solder' => [From::decision('join.old_solder'), From::decision('sizing.old_solder')],
            ])->when(From::rows('parts', 'id'))->when(From::rows('joints', 'id')),
        ];
    }

    public function decisions(): array
    {
        return [
            ...self::allFed('join', 'order', 'solders', 'step_c', 'margin_c', 'law', 'school', 'old_work'),
            self::fed('join.old_solder')->onlyWhere('join.old_work', 'true'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('join.plan', 'fires', 'heats'),
            Figure::of('join.plan', 'least_margin', 'nearest to melting'),
            Figure::of('join.plan', 'last_flow', 'last solder flows'),
            Figure::of('join.plan', 'safe_flow', 'safe for the piece'),
            Figure::of('join.plan', 'cost', 'this order costs'),
        ];
    }
}
