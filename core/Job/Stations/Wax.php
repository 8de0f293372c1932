<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Fields\Field;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;

/** The wax: what is carved, from which blank, with which lines on it, and what it will finish at. */
final class Wax extends StationPlan
{
    public function signOff(): string
    {
        return 'Pass this wax';
    }

    public function uses(): array
    {
        return [...$this->carved(), ...$this->lines(), $this->predicted(), $this->like(), $this->clay()];
    }

    /** @return list<CalculationUse> */
    private function carved(): array
    {
        return [
            CalculationUse::of('wax.dimensions', [
                'inner_diameter' => SharedInputs::finger(),
                'width' => From::decision('form.width_top'),
                'width_base' => From::decision('form.width_base'),
                'thickness' => From::decision('form.thickness_top'),
                'thickness_base' => From::decision('form.thickness_base'),
                ...SharedInputs::shrinkage(),
                ...SharedInputs::finishing(),
            ])->needing('inner_diameter')->without('unrolled'),
            // The pattern is the form of the wax; it was judged, and drawn, as a form at Form.
            CalculationUse::of('form.band', [
                'inner_diameter' => From::result('wax.dimensions', 'bore'),
                'width_top' => From::result('wax.dimensions', 'width'),
                'width_base' => From::result('wax.dimensions', 'width_base'),
                'thickness_top' => From::result('wax.dimensions', 'thickness'),
                'thickness_base' => From::result('wax.dimensions', 'thickness_base'),
                ...SharedInputs::profile(),
                'head_volume_mm3' => SharedInputs::castHeads(),
                ...SharedInputs::headRoom(),
            ])->named('wax.pattern')->needing('inner_diameter')->drawnAs('section-top')->judgedElsewhere(),
            CalculationUse::of('blank.choose', [
                ...SharedInputs::results(
                    'wax.dimensions', 'bore', 'width', 'width_base', 'thickness', 'thickness_base',
                ),
                ...SharedInputs::headRoom(),
                'pattern_volume_mm3' => SharedInputs::pattern('file_volume', 'ring_volume_mm3'),
                'blank' => From::decision('wax.blank'),
            ])->notOfClay(),
        ];
    }

    /** @return list<CalculationUse> what is laid out on the wax */
    private function lines(): array
    {
        return [
            CalculationUse::of('layout.grid', [
                ...SharedInputs::results(
                    'wax.dimensions', 'width', 'width_base', 'thickness', 'thickness_base', 'bore',
                ),
                'slice' => From::result('blank.choose', 'slice'),
                'wrapped_on' => [
                    From::result('blank.choose', 'blank_across')->onlyFor('wax.wrapped', 'blank'),
                    From::result('blank.choose', 'trued_across')->onlyFor('wax.wrapped', 'trued'),
                ],
                'stones' => From::ofJob(self::onBand(...)),
                'stones_on' => From::result('form.band', 'outer_diameter_top'),
            ])->notOfClay(),
            CalculationUse::of('layout.lettering', [
                'text' => From::decision('wax.text'),
                'margin' => From::decision('wax.text_margin'),
                'outer_diameter' => From::result('wax.dimensions', 'outside'),
            ])->when(From::decision('wax.text')),
            CalculationUse::of('layout.symmetry', ['pairs' => From::reading('attempts', 'pairs')])
                ->when(From::reading('attempts', 'pairs')),
        ];
    }

    /**
     * The centre of every stone that is cut into the band, or laid out along it.
     *
     * @return list<array{along: float, across: float, diameter: float}>|null
     */
    private static function onBand(JobAnswers $job): ?array
    {
        $stones = [];
        foreach ($job->eachRow('settings') as $row) {
            $along = $row->value('setting.place', 'along');
            $across = $row->document->list('settings')[(int) $row->inHand('settings')]['across']['value'] ?? 0.0;
            $laidOut = $row->value('layout.row', 'on_band')
                ?? ($row->answer('seat.round') === null ? null : $row->value('setting.place', 'on_band'));
            foreach (is_array($laidOut) ? $laidOut : [] as $stone) {
                $inRow = $row->answer('layout.row') !== null;
                $stones[] = [
                    'along' => $stone['along'] + ($inRow && is_numeric($along) ? $along : 0.0),
                    'across' => $inRow ? (float) $across : $stone['across'], 'diameter' => $stone['diameter'],
                ];
            }
        }

        return $stones ?: null;
    }

    private function like(): CalculationUse
    {
        return CalculationUse::of('wax.like', [
            'like_mass' => From::decision('wax.like_mass'),
            'like_volume_mm3' => From::decision('wax.like_volume'),
            'volume_mm3' => SharedInputs::pattern('file_volume', 'ring_volume_mm3'),
        ])->when(From::decision('wax.like_mass'))->when(From::decision('wax.like_volume'));
    }

    /** Of metal clay: mandrel, cards, stones in the fire, drying and firing. */
    private function clay(): CalculationUse
    {
        return CalculationUse::of('clay.ring', [
            'inner_diameter' => SharedInputs::finger(),
            'width' => From::decision('form.width_top'),
            'thickness' => From::decision('form.thickness_top'),
            'clay' => From::decision('wax.clay'),
            'shrinkage' => From::decision('wax.shrinkage'),
            'stones' => From::each('stones', SharedInputs::readings('stones', 'species', 'name', 'treated', 'in_fire')),
            'stone' => From::ofJob(
                static fn (JobAnswers $job): mixed => $job->isMade('stones.in_fire')
                    ? ($job->input('stone.outline')?->num('width')) : null,
            ),
            'dried' => From::decision('wax.clay_dried'),
            'fired_diameter' => From::decision('wax.clay_fired'),
        ])->needing('inner_diameter')->when(From::decision('wax.process'), 'clay');
    }

    private function predicted(): CalculationUse
    {
        return CalculationUse::of('wax.predict', [
            ...SharedInputs::readings('attempts', 'bore', 'width', 'thickness'),
            'wanted_diameter' => From::result('size.fit', 'inner_diameter'),
            ...SharedInputs::shrinkage(),
            ...SharedInputs::finishing(),
        ]);
    }

    public function decisions(): array
    {
        return [
            Field::choice(
                'wax.wrapped', ['blank', 'trued', 'wax'], 'what the grid is wrapped round now',
            )->default('wax'),
            self::fed('wax.text'),
            self::fed('wax.text_margin'),
            self::fed('wax.process')->default('carved'),
            ...self::onlyWhere('wax.process', ['clay'], self::allFed('wax', 'clay', 'clay_dried', 'clay_fired')),
            self::fed('wax.shrinkage'),
            self::fed('wax.finishing')->default('usual'),
            ...self::allFed(
                'wax', 'like_mass', 'like_volume', 'finish_inside', 'finish_outside', 'finish_side', 'wax', 'blank',
            ),
            self::fed('wax.file_volume')->called('pattern read, volume'),
            self::fed('wax.file_across')->called('pattern read, across'),
            self::fed('wax.file_along')->called('pattern read, along the finger'),
            self::fed('wax.file_tall')->called('pattern read, tall'),
            self::fed('wax.file_bore')->called('pattern read, bore'),
            self::fed('wax.file_width')->called('pattern read, width'),
            self::fed('wax.file_width_base')->called('pattern read, width at the base'),
            self::fed('wax.file_thickness')->called('pattern read, thickness'),
            self::fed('wax.file_thickness_base')->called('pattern read, thickness at the base'),
            self::fed('wax.file_section')->called('pattern read, modulus of its heaviest section'),
            self::fed('wax.file_section_base')->called('pattern read, modulus of its base'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('wax.dimensions', 'bore', 'bore to carve')->unless('clay.ring')->always(),
            Figure::of('wax.dimensions', 'bore_mark', 'on the stick')->unless('clay.ring')->always(),
            Figure::of('blank.choose', 'slice', 'slice to cut')->unless('clay.ring')->always(),
            Figure::of('metal.charge', 'piece_mass', 'this wax in metal')->unless('clay.ring')->always(),
            Figure::of('wax.predict', 'inner_diameter', 'finishes at, inside')->unless('clay.ring')->always(),
            Figure::of('wax.like', 'wax_mass', 'like the first, it weighs'),
            Figure::of('clay.ring', 'mandrel', 'mandrel'),
            Figure::of('clay.ring', 'mandrel_mark', 'form on'),
            Figure::of('clay.ring', 'cards', 'cards'),
            Figure::of('clay.ring', 'fire_at', 'fired at'),
            Figure::of('clay.ring', 'fire_min', 'in the kiln'),
            Figure::of('clay.ring', 'shrinkage_measured', 'it shrank'),
        ];
    }
}
