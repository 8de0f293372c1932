<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Fields\Field;
use HotSprue\Finish\HandOver as LastLook;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;

/** The last look, what the piece weighs and holds, and how it is cared for. */
final class HandOver extends StationPlan
{
    public function signOff(): string
    {
        return 'Ready to hand over';
    }

    public function uses(): array
    {
        $looks = array_keys(LastLook::LOOKS);

        return [
            CalculationUse::of('hand.over', [
                'piece_mass' => From::decision('handover.piece_mass'),
                'stones_carats' => [
                    From::decision('handover.stones_carats'), From::result('settings.total', 'carats'),
                    From::sum('stones', From::result('stone.weight', 'carats')),
                ],
                'expected_mass' => From::decision('handover.expected_mass'),
                'wanted_diameter' => SharedInputs::finger(),
                ...SharedInputs::decisions('handover', 'size_measured', 'mark'),
                'alloy' => From::decision('brief.alloy'),
                'looked' => From::namesOfYes(array_combine($looks, array_map(self::look(...), $looks))),
                ...SharedInputs::decisions('handover', 'client_metal', 'client_returned'),
                'client_left_mass' => From::clientMetalLeft(),
                'client_left' => From::decision('handover.client_left'),
            ]),
            CalculationUse::of('care.advice', [
                'alloy' => From::decision('brief.alloy'),
                'stones' => From::rows('stones', 'species', 'treated'),
                'setting' => SharedInputs::style(),
                ...SharedInputs::decisions('finish', 'rhodium', 'patina'),
            ]),
        ];
    }

    private static function look(string $look): string
    {
        return "handover.{$look}";
    }

    public function decisions(): array
    {
        $looks = array_keys(LastLook::LOOKS);

        return [
            ...self::allFed('handover', 'piece_mass', 'stones_carats', 'expected_mass', 'size_measured', 'mark'),
            ...array_map(
                static fn (string $look): Field => Field::yesNo(self::look($look), LastLook::LOOKS[$look]), $looks,
            ),
            ...self::allFed('handover', 'client_metal', 'client_returned', 'client_left'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('hand.over', 'metal_mass', 'metal in it'),
            Figure::of('hand.over', 'fine_mass', 'fine metal'),
            Figure::of('hand.over', 'size_off', 'over its size'),
            Figure::of('hand.over', 'off_expected', 'over its weight'),
            Figure::of('hand.over', 'client_balance', 'client’s metal left'),
        ];
    }
}
