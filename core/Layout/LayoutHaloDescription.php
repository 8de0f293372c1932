<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;
use HotSprue\Stones\StoneInput;

/** What `LayoutHalo` takes, gives and finds. */
final class LayoutHaloDescription
{
    public static function make(): Description
    {
        return new Description(
            'layout.halo',
            'Stones round a centre',
            'Stones round a centre: how many fit, where they stand, and in which order to drill',
            LayoutHalo::SOURCE,
            [
                ...StoneInput::fields(),
                Field::length('stone_diameter', 'diameter of the stones round the centre')->called('stones round it'),
                Field::length('edge_gap', 'from the centre’s edge to theirs')
                    ->called('centre to stones')->allowingZero()->fromSetting('layouts.edge_gap'),
                Field::length('stone_gap', 'between two of them')
                    ->called('between stones')->allowingZero()->fromSetting('layouts.stone_gap'),
                Field::count('count', 'how many round the centre, instead of as many as fit')
                    ->called('stones round it: how many')->between(3, LayoutHalo::MOST)->optional(),
                Field::count('centre_claws', 'claws that hold the centre')
                    ->called('claws of the centre')->between(3, 8)->optional(),
                Field::length('wire', 'their wire; by the centre’s size unless said')->optional(),
                Field::length('notch', 'depth of their notch; 0.3 of the wire unless said')->optional(),
            ],
            [
                Output::of(Quantity::Count, 'count_max', 'most that fit')->called('at most'),
                Output::of(Quantity::Count, 'count', 'how many stand'),
                Output::length('ring_length', 'length of the line on which their centres lie'),
                Output::length('pitch', 'from centre to centre along it'),
                Output::length('gap_left', 'gap left between two of them, at the closest')->called('gap left over'),
                Output::length(
                    'edge_gap_for_count', 'least edge gap at which this count fits',
                )->called('edge gap for this many'),
                Output::length(
                    'edge_gap_for_one_more', 'least edge gap at which one more than fits would fit',
                )->called('edge gap for one more'),
                Output::text('start', 'where the first stands: at the top, or half a pitch off it'),
                Output::rows('positions', 'each centre: x_mm, y_mm, angle_deg'),
                Output::rows(
                    'claws_clear_deg',
                    'where a claw of the centre clears the stones round it: from_deg, to_deg, middle_deg',
                ),
                Output::rows('drill_order', 'numbers of the stones in the order of drilling'),
            ],
            [
                'too-many' => 'more stones than fit',
                'gap-wide' => 'room for half a stone or more is left over',
                'capped' => 'more would fit than are laid out',
                'claw-meets-stone' => 'a claw of the centre stands where a stone round it lies',
                'larger-than-centre' => 'stones round the centre as wide as the centre or wider',
            ],
        );
    }
}
