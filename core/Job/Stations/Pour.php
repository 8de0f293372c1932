<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\Source\Source;
use HotSprue\Job\StationPlan;

/** The charge, whether it fills, the arm, and what came out. */
final class Pour extends StationPlan
{
    private const ARM = ['crucible_mass', 'flask_mass', 'flask_radius', 'crucible_radius', 'counterweight_mass'];

    public function signOff(): string
    {
        return 'Casting is good';
    }

    public function uses(): array
    {
        return [$this->charge(), $this->fill(), $this->arm(), $this->check()];
    }

    private function charge(): CalculationUse
    {
        return CalculationUse::of('metal.charge', [
            ...SharedInputs::readings('attempts', 'wax_mass', 'stones_in_wax'),
            'stones_mass' => [From::reading('attempts', 'stones_mass'), From::ofJob(self::stonesInWax(...))],
            'displaced_ml' => array_map(
                static fn (Source $of): Source => $of->times(0.001)->unless('attempts.wax_mass'),
                SharedInputs::pattern('file_volume', 'ring_volume_mm3'),
            ),
            'weighed' => From::reading('attempts', 'weighed'),
            'wax' => From::decision('wax.wax'),
            'sprue_volume_mm3' => From::result('sprue.size', 'sprue_volume_mm3'),
            'alloy' => From::decision('brief.alloy'),
            ...SharedInputs::decisions('pour', 'method', 'button_fraction'),
            'process' => From::decision('wax.process'),
            'drawn_volume_mm3' => SharedInputs::pattern('file_volume', 'ring_volume_mm3'),
            ...SharedInputs::decisions('pour', 'new_mass', 'reused_mass'),
        ])->needing('alloy');
    }

    /** What all stones weigh, where they were in the wax on the balance and nobody weighed them apart. */
    private static function stonesInWax(JobAnswers $job): ?float
    {
        $at = $job->inHand('attempts');
        $in = $at === null ? null : ($job->document->list('attempts')[$at]['stones_in_wax']['value'] ?? null);
        $mass = $in === true ? $job->value('settings.total', 'stones_mass') : null;

        return is_numeric($mass) && $mass > 0 ? (float) $mass : null;
    }

    private function fill(): CalculationUse
    {
        return CalculationUse::of('pour.fill', [
            'thinnest_modulus' => From::result('sprue.size', 'thinnest_modulus'),
            'volume_mm3' => [
                From::result('metal.charge', 'piece_volume_mm3'),
                ...SharedInputs::pattern('file_volume', 'ring_volume_mm3'),
            ],
            'gate_area' => From::result('sprue.size', 'gate_area'),
            'method' => From::decision('pour.method'),
            'alloy' => From::decision('brief.alloy'),
            'flask_temperature' => From::result('burnout.core', 'core_at_pour'),
            'metal_temperature' => [
                From::decision('pour.metal_temperature'), From::result('pour.temperatures', 'metal_low'),
            ],
            'head' => From::decision('pour.head'),
        ]);
    }

    private function arm(): CalculationUse
    {
        $use = CalculationUse::of('spin.balance', [
            ...SharedInputs::decisions('pour', 'crucible_mass', 'flask_mass'),
            'charge_mass' => From::result('metal.charge', 'charge_mass'),
            ...SharedInputs::decisions('pour', 'crucible_radius', 'flask_radius', 'counterweight_mass', 'turns'),
        ]);
        foreach (self::ARM as $said) {
            $use = $use->when(From::decision("pour.{$said}"));
        }

        return $use;
    }

    private function check(): CalculationUse
    {
        return CalculationUse::of('cast.check', [
            ...SharedInputs::readings('castings', 'casting_mass', 'weighed', 'sprues_mass'),
            ...SharedInputs::results('metal.charge', 'expected_mass', 'expected_piece_mass'),
            ...SharedInputs::readings('castings', 'charge_mass', 'button_mass', 'scrap_mass'),
            'wax_bore' => From::reading('attempts', 'bore'),
            'expected_bore' => From::result('wax.dimensions', 'bore_as_cast'),
            'measured_bore' => From::reading('castings', 'bore'),
        ]);
    }

    public function decisions(): array
    {
        return self::allFed('pour', 'method', 'metal_temperature', 'crucible_mass', 'flask_mass', 'crucible_radius',
            'flask_radius', 'counterweight_mass', 'turns', 'head', 'button_fraction', 'new_mass', 'reused_mass');
    }

    public function figures(): array
    {
        return [
            Figure::of('metal.charge', 'charge_mass', 'charge, button in')->always(),
            Figure::of('metal.charge', 'button_mass', 'button')->always(),
            Figure::of('metal.charge', 'expected_mass', 'casting should weigh')->always(),
            Figure::of('cast.check', 'off_expected', 'over what was expected')->always(),
            Figure::of('cast.check', 'shrinkage', 'measured shrinkage')->always(),
        ];
    }
}
