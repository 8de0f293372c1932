<?php

declare(strict_types=1);

namespace HotSprue\Metal;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;
use HotSprue\Wax\Shrinkage;

/** What `MetalCharge` takes, gives and finds. */
final class MetalChargeDescription
{
    public static function make(): Description
    {
        return new Description(
            'metal.charge',
            'Metal for a wax',
            'How much metal a wax takes, with its sprues and its button',
            MetalCharge::SOURCE,
            [
                Field::mass('wax_mass', 'mass of the wax on the balance')->called('wax')->optional(),
                Field::mass('stones_mass', 'mass of stones stuck in the wax when it was weighed')
                    ->called('stones in it')->allowingZero()->default(0.0),
                Field::yesNo('stones_in_wax', 'whether stones were in the wax when it was weighed')
                    ->called('stones stuck in it?')->default(false),
                Field::named('wax', 'stock.waxes', 'the wax it is made of')->optional(),
                Field::of(Quantity::Density, 'wax_density', 'density of the wax, instead of its name')->optional(),
                Field::of(Quantity::Millilitres, 'displaced_ml', 'water displaced, instead of a mass')
                    ->called('water displaced')->optional(),
                Field::choice('weighed', ['pattern', 'tree'], 'whether the bare pattern or the sprued tree was weighed')
                    ->called('what was on the balance?')->default('pattern'),
                Field::of(Quantity::CubicMillimetres, 'sprue_volume_mm3', 'volume of the sprues')
                    ->called('volume of the sprues')->allowingZero()->default(0.0),
                Field::named('alloy', 'stock.alloys', 'the alloy to cast')->optional(),
                Field::of(Quantity::Density, 'metal_density', 'density of the metal, instead of an alloy')->optional(),
                Field::choice('method', Methods::ALL, 'how it is poured')
                    ->called('poured by')->fromSetting('charge.method'),
                Field::share('button_fraction', 'button as a share of the fill; by the method unless said')
                    ->called('button, share')->optional(),
                Field::mass('button_minimum', 'least button; by the method unless said')
                    ->called('least button')->allowingZero()->optional(),
                Field::of(
                    Quantity::CubicMillimetres, 'drawn_volume_mm3',
                    'volume of the bare pattern as drawn, to be held against the weighed wax',
                )
                    ->called('volume as drawn')->optional(),
                Shrinkage::process(),
                Field::mass('new_mass', 'clean new metal in the charge')
                    ->called('new metal')->allowingZero()->optional(),
                Field::mass('reused_mass', 'buttons and sprues in the charge')
                    ->called('buttons and sprues')->allowingZero()->optional(),
            ],
            [
                Output::mass('piece_mass', 'the liquid metal the piece takes, without sprues'),
                Output::mass('fill_mass', 'the liquid metal the piece and its sprues take'),
                Output::of(Quantity::CubicMillimetres, 'piece_volume_mm3', 'volume of the bare pattern'),
                Output::of(
                    Quantity::CubicMillimetres, 'pattern_volume_mm3',
                    'volume of the pattern with its sprues, that no investment takes',
                ),
                Output::mass(
                    'expected_mass', 'what the cold casting should weigh, sprues on, button off',
                )->called('casting should weigh'),
                Output::mass(
                    'expected_piece_mass', 'what it should weigh with its sprues cut off',
                )->called('piece should weigh'),
                Output::mass('button_mass', 'button'),
                Output::mass('charge_mass', 'metal to melt'),
                Output::number('factor', 'charge over the wax alone'),
                Output::share('new_share', 'share of the charge that is clean new metal')->called('new metal, share'),
            ],
            [
                'stones-in-wax' => 'the wax was weighed with stones in it and their mass is not known',
                'weighed-off-drawing' => 'the weighed wax and its drawing differ by over 10 %',
                'little-new-metal' => 'under half of the charge is new metal',
                'too-little-new-metal' => 'under three tenths of the charge is new metal',
                'charge-short' => 'the metal laid out is less than the charge',
                'nickel' => 'the alloy holds nickel',
                'not-for-gypsum' => 'platinum or palladium: not in gypsum investment, not with an ordinary torch',
            ],
        );
    }
}
