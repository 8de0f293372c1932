<?php

declare(strict_types=1);

namespace HotSprue\Job\Stations;

use HotSprue\Fields\Field;
use HotSprue\Job\CalculationUse;
use HotSprue\Job\Figure;
use HotSprue\Job\From;
use HotSprue\Job\SharedInputs;
use HotSprue\Job\StationPlan;
use HotSprue\Measures\Quantity;

/** The form of the ring, and what is cut and bent from stock where it is made by hand. */
final class Form extends StationPlan
{
    public function signOff(): string
    {
        return 'Settle this form';
    }

    public function uses(): array
    {
        return [
            $this->band(), ...$this->cut(), CutUses::settings(), ...CutUses::byHand(), ...$this->worked(),
            $this->rounded(),
        ];
    }

    private function band(): CalculationUse
    {
        return CalculationUse::of('form.band', [
            'inner_diameter' => SharedInputs::finger(),
            ...SharedInputs::decisions('form', 'width_top', 'width_base', 'thickness_top', 'thickness_base'),
            ...SharedInputs::profile(),
            'head_volume_mm3' => SharedInputs::metalOfHeads(),
            'alloy' => From::decision('brief.alloy'),
            ...SharedInputs::decisions('form', 'beside_neighbour', 'neighbour_profile'),
        ])->needing('inner_diameter')->without('unrolled', whileAnswered: 'strip.length');
    }

    /** @return list<CalculationUse> what is cut from stock */
    private function cut(): array
    {
        return [
            CalculationUse::of('strip.length', [
                'inner_diameter' => SharedInputs::finger(),
                'width' => From::decision('form.width_top'),
                'thickness' => From::decision('form.thickness_top'),
                ...SharedInputs::profile(),
                ...SharedInputs::decisions(
                    'form', 'overlap', 'gap', 'trim', 'sizes_under', 'shank', 'apart', 'stock_length',
                ),
                'alloy' => From::decision('brief.alloy'),
            ])->when(From::decision('brief.kind'), 'fabricated'),
            CalculationUse::of('stock.cut', [
                'stock_length' => From::decision('form.stock_length'),
                'pieces' => From::rows('cuts', 'length', 'name', 'count'),
                'shank' => From::result('strip.length', 'length'),
            ])->when(From::rows('cuts', 'length')),
            CalculationUse::of('plate.cut', [
                'shape' => From::decision('form.plate'),
                'width' => From::decision('form.plate_width'),
                'length' => From::decision('form.plate_length'),
                'dome_height' => From::decision('form.plate_dome'),
                'ratio' => From::decision('form.plate_ratio'),
                'bite' => From::decision('form.plate_bite'),
                'bite_offset' => From::decision('form.plate_bite_offset'),
                'outline' => From::decision('form.plate_outline'),
                'count' => From::decision('form.plate_count'),
                ...SharedInputs::decisions('form', 'sheet_width', 'sheet_length'),
                'thickness' => From::decision('form.sheet_thickness'),
                'alloy' => From::decision('brief.alloy'),
            ])->when(From::decision('form.plate')),
            CalculationUse::of('layout.divide', [
                'total' => From::decision('form.divide_total'),
                'parts' => From::decision('form.divide_parts'),
            ])->named('form.divide')->when(From::decision('form.divide_total')),
        ];
    }

    /** @return list<CalculationUse> how it is bent, annealed and laid in */
    private function worked(): array
    {
        $bent = [
            'alloy' => From::decision('brief.alloy'),
            'inner_diameter' => SharedInputs::finger(),
            'thickness' => From::decision('form.thickness_top'),
        ];

        return [
            CalculationUse::of('anneal.passes', $bent)
                ->named('anneal.bend')->when(From::decision('brief.kind'), 'fabricated'),
            CalculationUse::of('anneal.passes', [
                ...$bent,
                'work' => From::decision('form.work'),
                'strain' => From::decision('form.work_strain'),
                'rim' => From::decision('form.work_rim'),
                'height' => From::decision('form.work_height'),
                'area_before' => From::decision('form.work_before'),
                'area_after' => From::decision('form.work_after'),
            ])->when(From::decision('form.work')),
            CalculationUse::of('inlay.fit', [
                'outer_diameter' => From::result('form.band', 'outer_diameter_top'),
                'groove_depth' => From::decision('form.inlay_depth'),
                'inner_diameter' => SharedInputs::finger(),
                'band_width' => From::decision('form.width_top'),
                'width' => From::decision('form.inlay_width'),
                'thickness' => From::decision('form.inlay_thickness'),
                'alloy' => From::decision('brief.alloy'),
            ])->when(From::decision('form.inlay_width')),
        ];
    }

    private function rounded(): CalculationUse
    {
        return CalculationUse::of('size.change', [
            'from' => From::decision('form.rounded'),
            'to' => [From::result('size.fit', 'inner_circumference'), From::decision('brief.finger')],
            'width' => From::decision('form.width_top'),
            'thickness' => From::decision('form.thickness_top'),
            ...SharedInputs::profile(),
            'alloy' => From::decision('brief.alloy'),
        ])->named('size.rounded')->when(From::decision('form.rounded'))->without('sizing');
    }

    public function decisions(): array
    {
        return [
            self::fed('form.profile')->default('flat'),
            ...self::allFed('form', 'width_top', 'width_base', 'thickness_top', 'thickness_base'),
            self::fed('form.edge')->onlyWhere('form.profile', 'knife'),
            ...self::onlyWhere('form.profile', ['court'], self::allFed('form', 'rise_inside', 'rise_outside')),
            ...self::allFed('form', 'beside_neighbour', 'neighbour_profile'),
            ...self::onlyWhere('brief.kind', ['fabricated'], [
                ...self::allFed('form', 'shank', 'overlap', 'gap', 'trim', 'sizes_under', 'stock_length'),
                self::fed('form.apart')->onlyWhere('form.shank', 'double', 'triple'),
                Field::of(Quantity::RingSize, 'form.rounded', 'size on the mandrel once it is rounded')
                    ->called('on the mandrel, rounded'),
            ]),
            self::fed('form.old_mass'),
            ...CutUses::decisions(self::allFed(...), self::onlyWhere(...)),
            ...self::allFed('form', 'work', 'work_strain', 'work_rim', 'work_height', 'work_before', 'work_after',
                'inlay_width', 'inlay_thickness', 'inlay_depth'),
        ];
    }

    public function figures(): array
    {
        return [
            Figure::of('form.band', 'ring_volume_mm3', 'volume, with its head')->unless('strip.length'),
            Figure::of('form.band', 'mass', 'mass, with its head'),
            Figure::of('form.band', 'outer_height', 'outside, top to base')->unless('strip.length'),
            Figure::of('form.band', 'least_thickness', 'thinnest, heavily worked')->unless('strip.length'),
            Figure::of('form.band', 'section_modulus', 'section modulus')->unless('strip.length'),
            Figure::of('strip.length', 'length', 'strip to cut'),
            // What is left after the shank alone is not what is left.
            Figure::of('strip.length', 'left_over', 'left of the stock')->unless('stock.cut'),
            Figure::of('stock.cut', 'left_over', 'left of the stock'),
            Figure::of('settings.cut', 'needed_mass', 'metal wanted'),
            Figure::of('settings.cut', 'old_left', 'left of the old metal'),
            Figure::of('anneal.bend', 'anneals', 'annealings to bend'),
            Figure::of('size.rounded', 'method', 'once rounded'),
        ];
    }
}
