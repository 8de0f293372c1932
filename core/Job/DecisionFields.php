<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Burnout\School;
use HotSprue\Form\Profile;
use HotSprue\Measures\Quantity;
use HotSprue\Metal\Methods;
use HotSprue\Sheet\Field;
use HotSprue\Wax\Shrinkage;

/** Every decision that a job holds, declared once. A decision's name is its path. */
final class DecisionFields
{
    /** @var array<string, Field>|null */
    private static ?array $all = null;

    /** @return array<string, Field> by path */
    public static function all(): array
    {
        return self::$all ??= array_column(self::fields(), null, 'name');
    }

    /** @return list<Field> */
    private static function fields(): array
    {
        return [
            Field::text('brief.title', 'what the piece is called'),
            Field::text('brief.note', 'what the client wants, in words'),
            Field::of(Quantity::Day, 'brief.due', 'when it is due'),
            Field::text('brief.budget', 'what the client means to spend'),
            Field::of(Quantity::RingSize, 'brief.finger', 'the finger, at the knuckle or as the ring must pass'),
            Field::of(Quantity::RingSize, 'brief.finger_base', 'the finger at its base, measured the second time'),
            Field::length('brief.sizer_width', 'width of the sizer it was measured with'),
            Field::of(Quantity::Day, 'brief.finger_measured', 'when the finger was measured'),
            Field::yesNo('brief.fit_apply', 'whether the advice for broad bands is applied'),
            Field::named('brief.alloy', 'stock.alloys', 'the alloy'),
            Field::text('brief.client_metal', 'metal that the client brings'),
            Field::text('brief.client_stones', 'stones that the client brings'),

            Field::choice('form.profile', Profile::names(), 'cross-section of the shank')->default('flat'),
            Field::length('form.width_top', 'width at the top of the finger'),
            Field::length('form.width_base', 'width at the base'),
            Field::length('form.thickness_top', 'thickness at the top'),
            Field::length('form.thickness_base', 'thickness at the base'),
            Field::length('form.edge', 'height of a knife’s edge'),
            Field::length('form.rise_inside', 'a court’s inner dome'),
            Field::length('form.rise_outside', 'a court’s outer dome'),
            Field::yesNo('form.beside_neighbour', 'whether it stands beside another ring'),
            Field::text('form.neighbour_profile', 'the neighbour’s profile at the touching face'),

            Field::choice('wax.process', Shrinkage::PROCESSES, 'how the pattern is made')->default('carved'),
            Field::share('wax.shrinkage', 'linear shrinkage from pattern to casting')->between(0, 0.3),
            Field::choice('wax.finishing', ['light', 'usual', 'heavy'], 'how much finishing takes')->default('usual'),
            Field::length('wax.finish_inside', 'finishing takes off the inside')->allowingZero(),
            Field::length('wax.finish_outside', 'finishing takes off the outside')->allowingZero(),
            Field::length('wax.finish_side', 'finishing takes off each side')->allowingZero(),
            Field::named('wax.wax', 'stock.waxes', 'the wax'),
            Field::named('wax.blank', 'stock.blanks', 'a blank chosen by hand'),

            Field::count('tree.count', 'sprues to the pattern')->between(1, 8),
            Field::choice('tree.feed_at', ['base', 'head', 'shoulders'], 'where the sprues join')->default('base'),
            Field::of(Quantity::Angle, 'tree.y_angle', 'angle between a Y’s arms'),
            Field::length('tree.sprue_length', 'length of a sprue'),
            Field::length('tree.sprue_diameter', 'a sprue wire chosen by hand'),
            Field::named('tree.flask', 'stock.flasks', 'a flask chosen by hand'),
            Field::number('tree.water_per_100', 'ml of water to 100 g of powder')->between(20, 60),
            Field::number('tree.overage_percent', 'slurry mixed over what the flask takes')->between(0, 50),
            Field::temperature('tree.water_temperature', 'temperature of the water'),
            Field::choice('tree.standing', ['short', 'long'], 'how long the flask stands'),
            Field::minutes('tree.stand', 'minutes it is to stand'),

            Field::choice('burnout.school', School::names(), 'the programme'),
            Field::temperature('burnout.pour_temperature', 'flask temperature at the pour'),
            Field::of(Quantity::Moment, 'burnout.ready_at', 'when the flask is to be ready to pour'),

            Field::choice('pour.method', Methods::ALL, 'how it is poured'),
            Field::share('pour.button_fraction', 'button as a share of the fill'),
            Field::mass('pour.new_mass', 'clean new metal in the charge')->allowingZero(),
            Field::mass('pour.reused_mass', 'buttons and sprues in the charge')->allowingZero(),
        ];
    }
}
