<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;

/** The burnout, what the core of the flask feels, and the heat at the pour. */
final class Burnout extends StationPlan
{
    public function signOff(): string
    {
        return 'Burnout is set';
    }

    public function uses(): array
    {
        $diameter = [From::flask('diameter'), From::result('flask.choose', 'flask_diameter')];
        $pour = [From::decision('burnout.pour_temperature'), From::result('pour.temperatures', 'flask_temperature')];

        return [
            CalculationUse::of('burnout.programme', [
                'flask_diameters' => array_map(static fn ($source) => $source->listed(), $diameter),
                'pour_temperature' => $pour,
                ...SharedInputs::decisions('burnout', 'school', 'ready_at'),
                'switch_on' => From::decision('burnout.switch_on')->unless('burnout.ready_at'),
                'now' => From::clock(),
                'invested_at' => From::flask('invested'),
                'stand_min' => From::result('investment.mix', 'stand_min'),
            ]),
            CalculationUse::of('burnout.core', [
                'diameter' => $diameter,
                'school' => From::decision('burnout.school'),
                'water_per_100' => From::decision('tree.water_per_100'),
                'pour_temperature' => $pour,
            ])->needing('pour_temperature'),
            CalculationUse::of('pour.temperatures', [
                'alloy' => From::decision('brief.alloy'),
                'thinnest' => From::result('wax.dimensions', 'thinnest_as_cast'),
            ]),
        ];
    }

    public function decisions(): array
    {
        return self::allFed('burnout', 'school', 'pour_temperature', 'ready_at', 'switch_on');
    }

    public function figures(): array
    {
        return [
            Figure::of('burnout.programme', 'start_at', 'switch on'),
            Figure::of('burnout.programme', 'ready_by', 'ready to pour'),
            Figure::of('burnout.programme', 'total_min', 'to the pour'),
            Figure::of('burnout.programme', 'flask_temperature', 'flask at the pour'),
            Figure::of('pour.temperatures', 'metal_low', 'metal, from'),
            Figure::of('burnout.programme', 'school', 'programme'),
        ];
    }
}
