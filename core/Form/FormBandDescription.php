<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** What `FormBand` takes, gives and finds. */
final class FormBandDescription
{
    public static function make(): Description
    {
        return new Description(
            'form.band',
            'Band: volume and mass',
            'What a band holds and weighs, and where it is too thin',
            FormBand::SOURCE,
            [
                ...FingerInput::fields(), ...FormBand::shape(),
                Field::named('alloy', 'stock.alloys', 'the alloy it is to be made of')->optional(),
                Field::of(Quantity::CubicMillimetres, 'head_volume_mm3', 'volume of the head that belongs to it')
                    ->called('volume of the head')->allowingZero()->default(0.0),
                ...Head::fields(),
                Field::yesNo('beside_neighbour', 'whether it stands beside another ring')
                    ->called('beside another ring?')->default(false),
                Field::text('neighbour_profile', 'the neighbour’s profile at the touching face')
                    ->called('neighbour’s profile')->optional(),
            ],
            [
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of the band'),
                Output::of(
                    Quantity::CubicMillimetres, 'ring_volume_mm3', 'volume of band and head',
                )->called('volume of the ring'),
                Output::of(
                    Quantity::SquareMillimetres, 'area_top', 'area of the section at the top',
                )->called('area at the top'),
                Output::of(
                    Quantity::SquareMillimetres, 'area_base', 'area of the section at the base',
                )->called('area at the base'),
                Output::length(
                    'perimeter_top', 'perimeter of the section at the top',
                )->called('round the section at the top'),
                Output::length(
                    'centroid_top', 'centroid of the section above the finger side, at the top',
                )->called('centroid at the top'),
                Output::length('section_modulus', 'area over perimeter at the top'),
                Output::length(
                    'outer_diameter_top', 'outside diameter by the thickness at the top',
                )->called('outside at the top'),
                Output::length(
                    'outer_diameter_base', 'outside diameter by the thickness at the base',
                )->called('outside at the base'),
                Output::length('outer_height', 'outside from top to base')->called('outside, top to base'),
                Output::length('width_greatest', 'width where it is broadest')->called('greatest width'),
                Output::length('whole_across', 'band and head, across the finger')->called('across, in all'),
                Output::length('whole_along', 'band and head, along the finger')->called('along, in all'),
                Output::length('whole_tall', 'band and head, from the base to the top')->called('tall, in all'),
                Output::length('unrolled_inner', 'inside, unrolled'),
                Output::length('unrolled_outer', 'outside, unrolled'),
                Output::length('least_thickness', 'thinnest crown after heavy finishing'),
                Output::share('share_above', 'share of the mass above the finger’s centre line'),
                Output::mass('mass', 'mass in its own alloy'),
                Output::rows('masses', 'mass in every alloy, g'),
            ],
            [
                'crown-too-thin' => 'thinnest crown after heavy finishing under 0.8 mm',
                'crown-thin' => 'thinnest crown after heavy finishing under 1.2 mm',
                'edge-thin' => 'edge of a court or knife after heavy finishing under 0.8 mm',
                'base-much-thinner' => 'base under half as thick as the top',
                'top-heavy' => 'over 60 % of the mass above the centre line, shank under 2 mm wide',
                'neighbour-unknown' => 'stands beside a ring whose profile is not known',
            ],
        );
    }
}
