<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Burnout\School;
use HotSprue\Form\Profile;
use HotSprue\Measures\Quantity;
use HotSprue\Metal\Methods;
use HotSprue\Seats\InWax;
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

            Field::choice('stones.setting', ['bezel', 'tube', 'claws', 'flush', 'bead', 'shared'], 'how the centre is held'),
            Field::yesNo('stones.daily', 'whether it is worn every day'),
            Field::yesNo('stones.head_soldered', 'whether the head is made apart and soldered on, not cast with the shank'),
            Field::choice('stones.school', InWax::SCHOOLS, 'where the seat is cut'),
            Field::length('stones.wall', 'wall of the bezel'),
            Field::length('stones.fit', 'clearance between stone and wall')->allowingZero(),
            Field::length('stones.seat_height', 'from the foot to the seat'),
            Field::length('stones.cover', 'metal pushed over the girdle'),
            Field::length('stones.ledge_width', 'width of the ledge')->allowingZero(),
            Field::choice('stones.corners', ['bent', 'scored'], 'how the strip goes round points'),
            Field::count('stones.claws', 'how many claws')->between(3, 8),
            Field::length('stones.claw_wire', 'a claw wire chosen by hand'),
            Field::length('stones.notch', 'depth of the notch'),
            Field::length('stones.girdle_below', 'top of the girdle under the surface')->allowingZero(),
            Field::length('stones.halo_diameter', 'diameter of the stones round the centre'),
            Field::length('stones.halo_edge_gap', 'from the centre’s edge to theirs')->allowingZero(),
            Field::length('stones.halo_stone_gap', 'between two of them')->allowingZero(),
            Field::count('stones.halo_count', 'how many round the centre')->between(3, 240),
            Field::count('stones.row_count', 'stones in a row over the band')->between(2, 80),
            Field::length('stones.row_largest', 'the largest of the row'),
            Field::length('stones.row_smallest', 'the smallest of the row'),
            Field::length('stones.row_gap', 'gap between two of the row')->allowingZero(),
            Field::choice('stones.row_middle', ['large', 'small'], 'which end of the grading stands in the middle'),
            Field::yesNo('stones.after_torch', 'torch heat after setting'),
            Field::yesNo('stones.after_boron', 'a boron coat or flux after setting'),
            Field::yesNo('stones.after_pickle', 'pickle after setting'),
            Field::yesNo('stones.after_ultrasonic', 'the ultrasonic bath after setting'),
            Field::yesNo('stones.after_steam', 'steam after setting'),
            Field::yesNo('stones.after_wheel', 'abrasive and polishing wheels after setting'),

            Field::choice('wax.wrapped', ['blank', 'trued', 'wax'], 'what the grid is wrapped round now')->default('wax'),
            Field::text('wax.text', 'letters or signs round the band'),
            Field::length('wax.text_margin', 'left plain between their end and beginning')->allowingZero(),
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

            Field::of(Quantity::Moment, 'burnout.switch_on', 'when the kiln is switched on, where no hour of pouring is set'),
            Field::choice('pour.method', Methods::ALL, 'how it is poured'),
            Field::temperature('pour.metal_temperature', 'temperature of the metal at the pour'),
            Field::mass('pour.crucible_mass', 'crucible with its carriage'),
            Field::mass('pour.flask_mass', 'the invested flask, weighed'),
            Field::length('pour.flask_radius', 'from the pivot to the middle of crucible and flask'),
            Field::mass('pour.counterweight_mass', 'the counterweight'),
            Field::count('pour.turns', 'turns that the spring is given'),
            Field::length('pour.head', 'head of metal, poured by hand'),
            Field::share('pour.button_fraction', 'button as a share of the fill'),
            Field::mass('pour.new_mass', 'clean new metal in the charge')->allowingZero(),
            Field::mass('pour.reused_mass', 'buttons and sprues in the charge')->allowingZero(),
        ];
    }
}
