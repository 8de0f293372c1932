<?php

declare(strict_types=1);

namespace HotSprue\Wax;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Form\FingerInput;
use HotSprue\Measures\Quantity;

/** What `ClayRing` takes, gives and finds. */
final class ClayRingDescription
{
    public static function make(): Description
    {
        return new Description(
            'clay.ring',
            'A ring of metal clay',
            'The mandrel and cards for a ring of metal clay, its stones, drying and firing',
            ClayRing::SOURCE,
            [
                ...FingerInput::fields(),
                Field::length('width', 'width of the finished band'),
                Field::length('thickness', 'thickness of the finished band'),
                Field::named('clay', 'stock.clays', 'the sort of clay')->called('sort of clay')->default('silver-low'),
                Field::share('shrinkage', 'its shrinkage, where the sheet’s is not taken')
                    ->between(0, 0.4)->optional(),
                Field::rows('stones', [
                    Field::named('species', 'stock.species', 'what stone it is'),
                    Field::text('name', 'which stone it is')->optional(),
                    Field::yesNo('treated', 'whether it is treated, filled or included')->default(false),
                    Field::yesNo('in_fire', 'whether it is fired in place')->default(false),
                ], 'the stones of the piece')->default([]),
                Field::length('stone', 'width of a stone that is fired in place')->called('stone in place')->optional(),
                Field::minutes('dried', 'how long it has dried')->called('dried for')->fromSetting('clay.drying'),
                Field::length('fired_diameter', 'inside diameter once it is fired')->called('inside, once fired')
                    ->optional(),
            ],
            [
                Output::length('mandrel', 'mandrel to form on'),
                Output::text('mandrel_mark', 'nearest mark on the stick')->called('on the stick'),
                Output::number('sizes_up', 'North American sizes up')->called('US sizes up'),
                Output::length('width_wet', 'width to cut')->called('cut, wide'),
                Output::length('thickness_wet', 'thickness to roll')->called('roll, thick'),
                Output::of(Quantity::Count, 'cards', 'cards on either side while it is rolled')->called('cards'),
                Output::length('thickness_fired', 'thickness once it is fired')->called('thick, once fired'),
                Output::length('seat', 'seat for a stone fired in place')->called('seat in the clay'),
                Output::length('punch', 'hole right through under it')->called('punch under it'),
                Output::of(Quantity::Temperature, 'fire_at', 'where it is fired')->called('fired at'),
                Output::of(Quantity::Minutes, 'fire_min', 'from cold to the end of its hold')->called('in the kiln'),
                Output::rows('stages', 'each stage: ramp_to_c, ramp_min, hold_min'),
                Output::share('shrinkage_measured', 'how far it shrank')->called('it shrank'),
            ],
            [
                'stone-in-kiln' => 'a stone fired in place that does not stand the firing',
                'clay-damp' => 'less drying than the workshop gives it',
                'shrank-otherwise' => 'shrinkage over a hundredth from what was reckoned with',
            ],
        );
    }
}
