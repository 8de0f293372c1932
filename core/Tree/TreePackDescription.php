<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** What `TreePack` takes, gives and finds. */
final class TreePackDescription
{
    public static function make(): Description
    {
        return new Description(
            'tree.pack',
            'Several on one tree',
            'Patterns on one stem: levels, places, clearances and the flask that holds them',
            TreePack::SOURCE,
            [
                Field::rows('patterns', [
                    Field::text('name', 'which one it is')->optional(),
                    Field::length('across', 'across, and from the sprue’s end to its top'),
                    Field::length('deep', 'from front to back'),
                    Field::of(Quantity::CubicMillimetres, 'volume', 'its volume')->optional(),
                    Field::of(Quantity::SquareMillimetres, 'gate_area', 'area of its gates')->optional(),
                ], 'the patterns'),
                Field::length('sprue_length', 'length of a sprue')->fromSetting('sprue.length'),
                Field::length('foot', 'from the flask’s foot to the lowest sprue')->default(12.0),
                Field::length('between', 'least between two patterns')->default(4.0),
                Field::named('flask', 'stock.flasks', 'a flask chosen by hand')->optional(),
            ],
            [
                Output::text('flask', 'the flask'),
                Output::length('flask_diameter', 'inside diameter of the flask'),
                Output::length('flask_height', 'inside height of the flask'),
                Output::of(Quantity::Count, 'levels', 'how many levels'),
                Output::of(Quantity::Angle, 'tilt_deg', 'sprues to the stem’s axis'),
                Output::length('radius', 'how far the tree reaches from its axis'),
                Output::length('height', 'how high it stands'),
                Output::length('wall_margin', 'investment to the wall'),
                Output::length('end_margin', 'investment to the end'),
                Output::length('clearance', 'least between two patterns'),
                Output::of(Quantity::CubicMillimetres, 'pattern_volume_mm3', 'volume of the patterns together'),
                Output::length('stem_diameter', 'stem as wide as the gates of its widest level')->called('stem'),
                Output::rows('places', 'each pattern, heaviest nearest the button: name, level, around_deg, height_mm'),
            ],
            [
                'no-flask-fits' => 'no flask holds the tree with its margins',
                'flask-too-small' => 'the flask chosen does not hold the tree with its margins',
                'too-many-for-one' => 'more patterns than one stem carries',
            ],
        );
    }
}
