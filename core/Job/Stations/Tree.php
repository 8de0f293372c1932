<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\Source\Source;
use HotSprue\Job\StationPlan;

/** Sprues, flask and investment. */
final class Tree extends StationPlan
{
    public function signOff(): string
    {
        return 'Flask is invested';
    }

    public function uses(): array
    {
        return [$this->sprue(), $this->flask(), $this->investment()];
    }

    private function sprue(): CalculationUse
    {
        return CalculationUse::of('sprue.size', [
            'profile' => [From::decision('form.profile'), From::fixed('flat')],
            ...SharedInputs::section(),
            'width' => SharedInputs::asCast('width'),
            'width_base' => SharedInputs::asCast('width_base'),
            'thickness' => SharedInputs::asCast('thickness'),
            'thickness_base' => SharedInputs::asCast('thickness_base'),
            'inner_diameter' => SharedInputs::asCast('bore'),
            'pattern_modulus' => From::decision('wax.file_section'),
            'pattern_modulus_base' => From::decision('wax.file_section_base'),
            'head_modulus' => From::largest(
                'settings', From::result('seat.bezel', 'root_modulus')->madeAs('cast'),
            ),
            ...SharedInputs::decisions('tree', 'count', 'feed_at'),
            'y_angle_deg' => From::decision('tree.y_angle'),
            'length' => From::decision('tree.sprue_length'),
            'sprue_diameter' => From::decision('tree.sprue_diameter'),
        ])->needing('width', 'thickness', 'inner_diameter');
    }

    private function flask(): CalculationUse
    {
        return CalculationUse::of('flask.choose', [
            'across' => SharedInputs::pattern('file_across', 'whole_across'),
            'deep' => SharedInputs::pattern('file_along', 'whole_along'),
            'tall' => SharedInputs::pattern('file_tall', 'whole_tall'),
            'sprue_length' => From::result('sprue.size', 'height'),
            'flask' => From::decision('tree.flask'),
        ]);
    }

    /** A weighed wax is the better volume; what stands beside it in the flask takes its part too. */
    private function investment(): CalculationUse
    {
        $weighed = From::result('metal.charge', 'pattern_volume_mm3');

        return CalculationUse::of('investment.mix', [
            'flask_diameter' => [From::flask('diameter'), From::result('flask.choose', 'flask_diameter')],
            'flask_height' => [From::flask('height'), From::result('flask.choose', 'flask_height')],
            'pattern_volume_mm3' => [
                $weighed->plus(From::besideInFlask()),
                ...array_map(
                    static fn (Source $drawn): Source => $drawn->plus(From::result('sprue.size', 'sprue_volume_mm3')),
                    SharedInputs::pattern('file_volume', 'ring_volume_mm3'),
                ),
            ],
            'water_per_100' => [From::flask('water'), From::decision('tree.water_per_100')],
            'overage_percent' => [From::flask('overage'), From::decision('tree.overage_percent')],
            ...SharedInputs::decisions('tree', 'water_temperature', 'standing', 'stand'),
        ]);
    }

    public function decisions(): array
    {
        return [
            self::fed('tree.count'),
            self::fed('tree.feed_at')->default('base'),
            ...self::allFed('tree', 'y_angle', 'sprue_length', 'sprue_diameter', 'flask', 'water_per_100',
                'overage_percent',
                'water_temperature', 'standing', 'stand'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('sprue.size', 'stock_diameter', 'sprue wire')->always(),
            Figure::of('sprue.size', 'count', 'sprues')->always(),
            Figure::of('flask.choose', 'flask', 'flask')->always(),
            Figure::of('investment.mix', 'powder_mass', 'powder')->always(),
            Figure::of('investment.mix', 'water_mass', 'water')->always(),
        ];
    }
}
