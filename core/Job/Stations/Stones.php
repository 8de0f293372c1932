<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Fields\Field;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;
use HotSprue\Stones\StoneCare;

/** The stones: measured, weighed, seated, laid out, and what they stand. */
final class Stones extends StationPlan
{
    private const SETTINGS = ['bezel', 'tube', 'claws', 'flush', 'bead', 'shared'];

    /** Settings that are cut into the band itself. */
    private const IN_BAND = ['flush', 'bead', 'shared'];

    public function signOff(): string
    {
        return 'Stones are settled';
    }

    public function uses(): array
    {
        return [...$this->measured(), ...$this->collets(), ...$this->inBand(), ...$this->layouts(), $this->care()];
    }

    /** @return list<CalculationUse> */
    private function measured(): array
    {
        return [
            CalculationUse::of('stone.outline', SharedInputs::stone())->without('head'),
            CalculationUse::of('stone.weight', [
                ...SharedInputs::wholeStone(),
                ...SharedInputs::readings('stones', 'species', 'weighed_carats'),
            ])->when(From::reading('stones', 'depth'))->when(From::reading('stones', 'species')),
        ];
    }

    /** @return list<CalculationUse> */
    private function collets(): array
    {
        return [
            $this->set(CalculationUse::of('seat.bezel', [
                ...SharedInputs::wholeStone(),
                ...SharedInputs::decisions(
                    'stones', 'wall', 'fit', 'seat_height', 'cover', 'ledge_width', 'corners', 'school',
                ),
                'alloy' => From::decision('brief.alloy'),
                ...SharedInputs::shrinkage(),
                ...SharedInputs::decisions('wax', 'finishing', 'finish_outside'),
            ]), 'bezel'),
            $this->set(CalculationUse::of('seat.bezel', [
                ...SharedInputs::wholeStone(),
                ...SharedInputs::decisions('stones', 'seat_height', 'cover'),
                'alloy' => From::decision('brief.alloy'),
                'made_from' => From::fixed('tube'),
            ])->named('seat.tube'), 'tube'),
            $this->set(CalculationUse::of('seat.claw', [
                ...SharedInputs::stone(),
                'depth' => From::reading('stones', 'depth'),
                'claws' => From::decision('stones.claws'),
                'wire' => From::decision('stones.claw_wire'),
                'notch' => From::decision('stones.notch'),
                ...SharedInputs::shrinkage(),
            ]), 'claws'),
        ];
    }

    /** @return list<CalculationUse> */
    private function inBand(): array
    {
        return [
            $this->set(CalculationUse::of('seat.round', [
                'diameter' => From::reading('stones', 'width'),
                'depth' => From::reading('stones', 'depth'),
                'style' => From::decision('stones.setting'),
            ]), ...self::IN_BAND),
            $this->set(CalculationUse::of('seat.depth', [
                'diameter' => From::reading('stones', 'width'),
                'depth' => From::reading('stones', 'depth'),
                'style' => From::decision('stones.setting'),
                'girdle_below' => From::decision('stones.girdle_below'),
                'thickness' => From::decision('form.thickness_top'),
                'inner_diameter' => SharedInputs::finger(),
            ]), ...self::IN_BAND),
        ];
    }

    /** A seat is asked for once there is a stone, and somebody said how it is set. */
    private function set(CalculationUse $use, string ...$settings): CalculationUse
    {
        return $use->when(From::reading('stones', 'width'))
            ->when(From::decision('stones.setting'), ...$settings)->without('head');
    }

    /** @return list<CalculationUse> */
    private function layouts(): array
    {
        return [
            CalculationUse::of('layout.halo', [
                ...SharedInputs::stone(),
                'stone_diameter' => From::decision('stones.halo_diameter'),
                'edge_gap' => From::decision('stones.halo_edge_gap'),
                'stone_gap' => From::decision('stones.halo_stone_gap'),
                'count' => From::decision('stones.halo_count'),
                'centre_claws' => From::result('seat.claw', 'claws'),
                ...SharedInputs::results('seat.claw', 'wire', 'notch'),
            ])->when(From::reading('stones', 'width'))->when(From::decision('stones.halo_diameter'))->without('head'),
            CalculationUse::of('layout.row', [
                'count' => From::decision('stones.row_count'),
                'largest' => From::decision('stones.row_largest'),
                'smallest' => [From::decision('stones.row_smallest'), From::decision('stones.row_largest')],
                'gap' => From::decision('stones.row_gap'),
                'middle' => From::decision('stones.row_middle'),
                'outer_diameter' => From::result('form.band', 'outer_diameter_top'),
                'girdle_depth' => From::decision('stones.girdle_below'),
                'thickness' => From::decision('form.thickness_top'),
            ])->when(From::decision('stones.row_count'))->when(From::decision('stones.row_largest')),
        ];
    }

    /** Stones are asked after on every job: what is set is in the fire. */
    private function care(): CalculationUse
    {
        $after = array_map(static fn (string $step): string => "stones.after_{$step}", StoneCare::STEPS);

        return CalculationUse::of('care.check', [
            'stones' => From::rows(
                'stones', 'species', 'treated', 'name', 'owner', 'source', 'keep_setting', 'removed', 'acknowledged',
            ),
            ...SharedInputs::decisions('stones', 'setting', 'daily'),
            'steps' => From::namesOfYes(array_combine(StoneCare::STEPS, $after)),
        ])->when(From::reading('stones', 'species'))->onEveryJob();
    }

    public function decisions(): array
    {
        return [
            Field::choice('stones.setting', self::SETTINGS, 'how the centre is held'),
            self::fed('stones.daily'),
            Field::yesNo(
                'stones.head_soldered', 'whether the head is made apart and soldered on, not cast with the shank',
            )
                ->onlyWhere('stones.setting', 'bezel', 'claws'),
            self::fed('stones.school')->onlyWhere('stones.setting', 'bezel'),
            ...self::onlyWhere('stones.setting', ['bezel', 'tube'], self::allFed('stones', 'wall', 'fit')),
            ...self::onlyWhere(
                'stones.setting', ['bezel'], self::allFed('stones', 'seat_height', 'cover', 'ledge_width', 'corners'),
            ),
            ...self::onlyWhere('stones.setting', ['claws'], self::allFed('stones', 'claws', 'claw_wire', 'notch')),
            self::fed('stones.girdle_below')->onlyWhere('stones.setting', ...self::IN_BAND),
            ...self::allFed('stones', 'halo_diameter', 'halo_edge_gap', 'halo_stone_gap', 'halo_count'),
            ...self::allFed('stones', 'row_count', 'row_largest', 'row_smallest', 'row_gap', 'row_middle'),
            Field::yesNo('stones.after_torch', 'torch heat after setting'),
            Field::yesNo('stones.after_boron', 'a boron coat or flux after setting'),
            Field::yesNo('stones.after_pickle', 'pickle after setting'),
            Field::yesNo('stones.after_ultrasonic', 'the ultrasonic bath after setting'),
            Field::yesNo('stones.after_steam', 'steam after setting'),
            Field::yesNo('stones.after_wheel', 'abrasive and polishing wheels after setting'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('stone.weight', 'carats', 'carats'),
            Figure::of('stone.outline', 'perimeter', 'round the girdle'),
            Figure::of('seat.bezel', 'strip_length', 'strip to cut'),
            Figure::of('seat.claw', 'wire', 'claw wire'),
            Figure::of('seat.round', 'bearing', 'bearing bur'),
            Figure::of('layout.halo', 'count', 'round the centre'),
            Figure::of('layout.row', 'total_arc_deg', 'arc of the row'),
        ];
    }
}
