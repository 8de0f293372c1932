<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;
use HotSprue\Stones\StoneInput;

/** What `LayoutCluster` takes, gives and finds. */
final class LayoutClusterDescription
{
    public static function make(): Description
    {
        [$shape, $length, $width, $ratio] = StoneInput::fields();

        return new Description(
            'layout.cluster',
            'Stones that share claws',
            'A ring of stones whose neighbours share claws: where stones, claws, holes and cuts lie',
            LayoutCluster::SOURCE,
            [
                $shape->optional(), $length, $width->optional(), $ratio,
                Field::length('stone_diameter', 'diameter of the stones that share claws')->called('each stone'),
                Field::count('count', 'how many, instead of as many as fit; needed where they stand round nothing')
                    ->called('how many')->between(3, LayoutCluster::MOST)->optional(),
                Field::length('edge_gap', 'from the centre’s edge to theirs')
                    ->called('centre to stones')->allowingZero()->fromSetting('layouts.edge_gap'),
                Field::length('stone_gap', 'between two of them')
                    ->called('between stones')->allowingZero()->fromSetting('layouts.stone_gap'),
                Field::length('wire', 'a claw wire chosen by hand; by the stone unless said')
                    ->called('claw wire')->optional(),
                Field::length('notch', 'depth of the notch for each stone; 0.2 of the wire unless said')->optional(),
                Field::count('centre_claws', 'claws of its own that hold the centre')
                    ->called('claws of the centre')->between(3, 8)->optional(),
                Field::length('centre_wire', 'wire of those; as the others unless said')
                    ->called('its claw wire')->optional(),
                Field::length('plate_margin', 'plate left outside the outer claws')
                    ->called('margin outside claws')->allowingZero()->default(0.5),
                Field::length('plate_thickness', 'thickness of the plate')->called('plate, thick')->default(0.8),
                Field::length('dome', 'how high the plate is domed')->called('plate domed')->allowingZero()
                    ->default(0.0),
                Field::length('standing', 'how much of a claw stands over the plate before setting')
                    ->called('claws stand')->default(2.0),
                Field::length('basket_depth', 'from the plate down to the foot of the basket')
                    ->called('basket, deep')->allowingZero()->default(0.0),
                Field::named('alloy', 'stock.alloys', 'the alloy')->default('sterling-925'),
            ],
            [
                Output::of(Quantity::Count, 'count', 'how many stand'),
                Output::length('least_gap', 'gap between two of them, at the closest')->called('least gap'),
                Output::length('greatest_gap', 'gap between two of them, at the widest')->called('widest gap'),
                Output::length('wire', 'claw wire'),
                Output::length('notch_depth', 'depth of each notch')->called('notch, deep'),
                Output::of(Quantity::Count, 'outer_claws', 'claws outside the ring')->called('claws outside'),
                Output::of(Quantity::Count, 'inner_claws', 'claws inside the ring')->called('claws inside'),
                Output::length('drill', 'hole for the wire, a push fit')->called('hole for the wire'),
                Output::length('cut_length', 'length to cut each wire')->called('claw to cut'),
                Output::length('wire_total', 'claw wire in all, one to spare in twelve')->called('claw wire in all'),
                Output::of(Quantity::CubicMillimetres, 'wire_volume_mm3', 'metal of the claws as they stand')
                    ->called('metal of the claws'),
                Output::length('plate_length', 'length of the plate’s blank')->called('plate, long'),
                Output::length('plate_width', 'width of the plate’s blank')->called('plate, wide'),
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'metal of plate and claws')
                    ->called('metal of plate and claws'),
                Output::mass('mass', 'mass of plate and claws'),
                Output::rows('positions', 'each stone’s middle: x_mm, y_mm, angle_deg'),
                Output::rows('claws', 'each claw: kind, x_mm, y_mm, drill_mm, wire_mm, holds'),
                Output::rows('plate', 'outline of the plate: x_mm, y_mm'),
                Output::rows('cuts', 'each cut: from_x_mm, from_y_mm, to_x_mm, to_y_mm, length_mm'),
                Output::rows('drill_order', 'claws in the order of drilling, pilots first'),
            ],
            [
                'stones-overlap' => 'more stones than have room',
                'gap-over-claw' => 'a gap between stones wider than a claw spans',
                'pocket-small' => 'inner claws that do not clear the centre',
                'claw-meets-stone' => 'a claw of the centre stands where a stone round it lies',
                'plate-thin' => 'less plate between holes, or to the edge, than half the wire',
                'plate-tears' => 'less plate than 0.3 of the wire',
            ],
        );
    }
}
