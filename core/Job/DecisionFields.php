<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Burnout\BurnoutSchedule;
use HotSprue\Fields\Field;
use HotSprue\Finish\HandOver;
use HotSprue\Form\Profile;
use HotSprue\Measures\Quantity;
use HotSprue\Metal\Methods;
use HotSprue\Solder\OldWork;
use HotSprue\Strip\AnnealPasses;
use HotSprue\Strip\SizeChange;
use HotSprue\Wax\Shrinkage;
use HotSprue\Workshop\SeatCutting;

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
            Field::choice('brief.kind', Kind::names(), 'cast, made by hand from stock, or an old ring to be sized')->default('cast'),
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

            Field::length('form.overlap', 'how far an open shank’s ends lie over one another')->allowingZero(),
            Field::length('form.gap', 'how far an open shank’s ends stand apart')->allowingZero(),
            Field::length('form.trim', 'to spare for truing the ends')->allowingZero(),
            Field::length('form.stock_length', 'length of the stock at hand'),
            Field::of(Quantity::RingSize, 'form.rounded', 'size on the mandrel once it is rounded'),
            Field::choice('form.plate', ['plate', 'disc'], 'a plate or a disc from sheet'),
            Field::length('form.plate_width', 'width of the plate; diameter of the disc'),
            Field::length('form.plate_length', 'length of the plate'),
            Field::length('form.plate_dome', 'how high the disc is domed')->allowingZero(),
            Field::count('form.plate_count', 'how many of them'),
            Field::length('form.sheet_width', 'width of the sheet'),
            Field::length('form.sheet_length', 'length of the sheet'),
            Field::length('form.sheet_thickness', 'thickness of the sheet'),
            Field::length('form.divide_total', 'a length to divide, drill or punch'),
            Field::count('form.divide_parts', 'into so many parts'),
            Field::choice('form.work', AnnealPasses::WORKS, 'what else is done to the metal'),
            Field::share('form.work_strain', 'how far it is pressed, stretched or laid in'),
            Field::length('form.work_rim', 'domed: diameter of the rim'),
            Field::length('form.work_height', 'domed: height of the dome'),
            Field::of(Quantity::SquareMillimetres, 'form.work_before', 'drawn or rolled: area before'),
            Field::of(Quantity::SquareMillimetres, 'form.work_after', 'drawn or rolled: area after'),
            Field::length('form.inlay_width', 'width of an insert laid round the band'),
            Field::length('form.inlay_thickness', 'thickness of the insert'),
            Field::length('form.inlay_depth', 'depth of its groove'),

            Field::of(Quantity::RingSize, 'sizing.from', 'the size that it has'),
            Field::choice('sizing.profile', Profile::names(), 'cross-section of the shank where it is cut')->default('flat'),
            Field::length('sizing.width', 'width of the shank where it is cut'),
            Field::length('sizing.thickness', 'thickness of the shank where it is cut'),
            Field::choice('sizing.method', SizeChange::METHODS, 'how it is done, chosen by hand'),
            Field::length('sizing.kerf', 'width of the saw cut')->allowingZero(),
            Field::choice('sizing.stones_in', SizeChange::STONES, 'where stones are set in it')->default('none'),
            Field::count('sizing.stones', 'how many stones are set in it')->allowingZero(),
            Field::yesNo('sizing.joint', 'whether the shank has a soldered joint already'),
            Field::choice('sizing.old_solder', OldWork::SEEN, 'what was seen on it under the glass')->default('unasked'),
            Field::number('sizing.metal_price', 'price of a gram of the metal'),

            Field::choice('stones.setting', ['bezel', 'tube', 'claws', 'flush', 'bead', 'shared'], 'how the centre is held'),
            Field::yesNo('stones.daily', 'whether it is worn every day'),
            Field::yesNo('stones.head_soldered', 'whether the head is made apart and soldered on, not cast with the shank'),
            Field::choice('stones.school', SeatCutting::names(), 'where the seat is cut'),
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

            Field::choice('burnout.school', BurnoutSchedule::names(), 'the programme'),
            Field::temperature('burnout.pour_temperature', 'flask temperature at the pour'),
            Field::of(Quantity::Moment, 'burnout.ready_at', 'when the flask is to be ready to pour'),

            Field::of(Quantity::Moment, 'burnout.switch_on', 'when the kiln is switched on, where no hour of pouring is set'),
            Field::choice('pour.method', Methods::ALL, 'how it is poured'),
            Field::temperature('pour.metal_temperature', 'temperature of the metal at the pour'),
            Field::mass('pour.crucible_mass', 'crucible with its carriage'),
            Field::mass('pour.flask_mass', 'the invested flask, weighed'),
            Field::length('pour.crucible_radius', 'from the pivot to the middle of the crucible'),
            Field::length('pour.flask_radius', 'from the pivot to the middle of the flask'),
            Field::mass('pour.counterweight_mass', 'the counterweight'),
            Field::count('pour.turns', 'turns that the spring is given'),
            Field::length('pour.head', 'head of metal, poured by hand'),
            Field::share('pour.button_fraction', 'button as a share of the fill'),
            Field::mass('pour.new_mass', 'clean new metal in the charge')->allowingZero(),
            Field::mass('pour.reused_mass', 'buttons and sprues in the charge')->allowingZero(),

            Field::text('join.order', 'joints in the order that they are made in')->many(),
            Field::named('join.solders', 'stock.solders', 'solders to choose from')->many(),
            Field::degreesApart('join.step_c', 'a solder flows so far under those in the piece')->allowingZero(),
            Field::degreesApart('join.margin_c', 'a solder flows so far under the solidus of every part')->allowingZero(),
            Field::choice('join.law', ['off', 'on'], 'whether solder must be as fine as the assay office asks'),
            Field::choice('join.school', ['hardest', 'easy'], 'which solder a single joint takes'),
            Field::yesNo('join.old_work', 'whether old work is in it'),
            Field::choice('join.old_solder', OldWork::SEEN, 'what was seen on it under the glass'),

            Field::count('set.count', 'sectors of a bezel, or claws')->between(2, 24),

            Field::number('finish.grits', 'grits, coarse to fine')->many(),
            Field::choice('finish.finish', ['polished', 'satin', 'matt'], 'how it is to look')->default('polished'),
            Field::yesNo('finish.tumble', 'whether it is tumbled'),
            Field::minutes('finish.tumble_minutes', 'how long it is tumbled'),
            Field::yesNo('finish.patina', 'whether the lows are darkened'),
            Field::yesNo('finish.rhodium', 'whether it is plated with rhodium'),
            Field::yesNo('finish.wheels', 'whether wheels are used once stones are set'),
            Field::yesNo('finish.guarded', 'whether the stones are guarded from wheels'),
            Field::yesNo('finish.ultrasonic', 'whether it goes into the ultrasonic bath'),
            Field::yesNo('finish.steam', 'whether it is steamed'),
            Field::yesNo('finish.pickle', 'whether it goes into the pickle once more'),
            Field::yesNo('finish.torch', 'whether it goes into the fire once more'),
            Field::count('finish.fires_left', 'heats still to come')->allowingZero(),
            Field::mass('finish.mass_before', 'mass before finishing'),
            Field::mass('finish.mass_after', 'mass after finishing'),

            Field::mass('handover.piece_mass', 'the finished piece on the balance, stones in'),
            Field::number('handover.stones_carats', 'all stones in it, carats')->allowingZero(),
            Field::mass('handover.expected_mass', 'what its metal should weigh'),
            Field::of(Quantity::RingSize, 'handover.size_measured', 'size on the mandrel'),
            Field::choice('handover.mark', HandOver::MARKS, 'mark where law asks'),
            ...array_map(static fn (string $look): Field => Field::yesNo("handover.{$look}", HandOver::LOOKS[$look]), array_keys(HandOver::LOOKS)),
            Field::mass('handover.client_metal', 'metal that the client gave')->allowingZero(),
            Field::mass('handover.client_returned', 'metal that went back to the client')->allowingZero(),
            Field::choice('handover.client_left', HandOver::LEFT, 'what was agreed about metal of the client’s that is left'),
        ];
    }
}
