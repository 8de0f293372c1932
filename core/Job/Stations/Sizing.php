<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;

/** An old ring made larger or smaller. */
final class Sizing extends StationPlan
{
    public function signOff(): string
    {
        return 'Ring is sized';
    }

    public function uses(): array
    {
        return [
            CalculationUse::of('size.change', [
                'from' => From::decision('sizing.from'),
                'to' => From::decision('brief.finger'),
                ...SharedInputs::decisions('sizing', 'profile', 'width', 'thickness'),
                'alloy' => From::decision('brief.alloy'),
                ...SharedInputs::decisions('sizing', 'kerf', 'method', 'stones_in', 'stones', 'joint', 'metal_price'),
                'old_work' => From::fixed(true),
                'old_solder' => From::decision('sizing.old_solder'),
                'set_stones' => SharedInputs::stonesInFire(),
            ])->when(From::decision('brief.kind'), 'sizing'),
        ];
    }

    public function decisions(): array
    {
        return [
            self::fed('sizing.from'),
            self::fed('sizing.profile')->default('flat'),
            ...self::allFed('sizing', 'width', 'thickness', 'method', 'kerf'),
            self::fed('sizing.stones_in')->default('none'),
            ...self::allFed('sizing', 'stones', 'joint'),
            self::fed('sizing.old_solder')->default('unasked'),
            self::fed('sizing.metal_price'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('size.change', 'method', 'how'),
            Figure::of('size.change', 'insert', 'piece to let in'),
            Figure::of('size.change', 'edges_apart', 'edges apart'),
            Figure::of('size.change', 'scribe_apart', 'scribe, apart'),
            Figure::of('size.change', 'passes', 'passes'),
            Figure::of('size.change', 'strain', 'stretch'),
            Figure::of('size.change', 'thickness_after', 'thick afterwards'),
            Figure::of('size.change', 'metal_change', 'metal'),
            Figure::of('size.change', 'price_hint', 'price, a hint'),
        ];
    }
}
