<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Fields\Field;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;

/** Grits, tumbling, patina and plating, and what they take. */
final class Finish extends StationPlan
{
    /** What the piece goes through once its stones are in. */
    private const STEPS = [
        'torch' => 'finish.torch', 'pickle' => 'finish.pickle', 'ultrasonic' => 'finish.ultrasonic',
        'steam' => 'finish.steam',
    ];

    public function signOff(): string
    {
        return 'Finish is good';
    }

    public function uses(): array
    {
        return [
            CalculationUse::of('bench.order', [
                'fires' => From::result('join.plan', 'fires'),
                'stones' => From::result('settings.total', 'stones'),
                ...SharedInputs::decisions(
                    'finish', 'pre_polish', 'milgrain', 'patina', 'patina_when', 'bright', 'hidden', 'rhodium',
                ),
            ])->when(From::firstOf(
                From::result('settings.total', 'stones'), From::result('join.plan', 'fires'),
                From::decision('finish.milgrain'), From::decision('finish.pre_polish'),
            )),
            CalculationUse::of('finish.plan', [
                ...SharedInputs::decisions(
                    'finish', 'grits', 'finish', 'tumble', 'tumble_minutes', 'patina', 'rhodium', 'wheels', 'guarded',
                ),
                'stones_set' => From::column('stones', 'species'),
                ...SharedInputs::decisions('finish', 'fires_left', 'mass_before', 'mass_after'),
                'casting_mass' => From::reading('castings', 'casting_mass'),
            ]),
            CalculationUse::of('care.check', [
                'stones' => From::rows('stones', 'species', 'treated', 'name'),
                'setting' => From::fixed('bezel'),
                'steps' => From::namesOfYes(self::STEPS),
            ])->named('care.finish')->when(From::reading('stones', 'species')),
        ];
    }

    public function decisions(): array
    {
        return [
            self::fed('finish.grits'),
            self::fed('finish.finish')->default('polished'),
            self::fed('finish.tumble'),
            self::fed('finish.tumble_minutes')->onlyWhere('finish.tumble', 'true'),
            ...self::allFed(
                'finish', 'patina', 'rhodium', 'wheels', 'guarded', 'pre_polish', 'hidden', 'milgrain', 'bright',
            ),
            self::fed('finish.patina_when')->onlyWhere('finish.patina', 'true'),
            Field::yesNo('finish.ultrasonic', 'whether it goes into the ultrasonic bath')->called('ultrasonic bath?'),
            Field::yesNo('finish.steam', 'whether it is steamed')->called('steam?'),
            Field::yesNo('finish.pickle', 'whether it goes into the pickle once more')->called('pickle again?'),
            Field::yesNo('finish.torch', 'whether it goes into the fire once more')->called('fire again?'),
            ...self::allFed('finish', 'fires_left', 'mass_before', 'mass_after'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('finish.plan', 'grit_steps', 'grits')->always(),
            Figure::of('finish.plan', 'greatest_step', 'greatest step')->always(),
            Figure::of('finish.plan', 'tumbling', 'in the tumbler')->always(),
            Figure::of('finish.plan', 'loss', 'taken off')->always(),
            Figure::of('finish.plan', 'loss_share', 'of the casting')->always(),
        ];
    }
}
