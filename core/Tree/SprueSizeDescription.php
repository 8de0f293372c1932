<?php

declare(strict_types=1);

namespace HotSprue\Tree;

use HotSprue\Calculation\Description;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Form\Profile;
use HotSprue\Measures\Quantity;

/** What `SprueSize` takes, gives and finds. */
final class SprueSizeDescription
{
    public static function make(): Description
    {
        return new Description(
            'sprue.size',
            'Sprues',
            'How thick the sprues are and how many, so that they freeze last',
            SprueSize::SOURCE,
            [
                Field::length('section_modulus', 'area over perimeter of the heaviest section, as cast')->optional(),
                Field::choice('profile', Profile::names(), 'cross-section of the shank')->optional(),
                Field::length('width', 'width as cast, at the top')->optional(),
                Field::length('width_base', 'width as cast, at the base; as the top unless said')
                    ->called('width at the base')->optional(),
                Field::length('thickness', 'thickness as cast, at the top')->optional(),
                Field::length('thickness_base', 'thickness as cast, at the base; as the top unless said')
                    ->called('thickness at the base')->optional(),
                Field::length('edge', 'height of a knife’s edge')->called('edge, high')->optional(),
                Field::length('rise_inside', 'a court’s inner dome at the top; 0.12 of the thickness unless said')
                    ->called('inner dome')->optional(),
                Field::length('rise_outside', 'a court’s outer dome at the top; 0.35 of the thickness unless said')
                    ->called('outer dome')->optional(),
                Field::length('inner_diameter', 'inside diameter as cast')->called('inside diameter')->optional(),
                Field::length('head_modulus', 'area over perimeter of the root of a head cast in one piece, as cast')
                    ->called('head’s modulus')->optional(),
                Field::length(
                    'pattern_modulus', 'area over perimeter of the heaviest section measured on a pattern, which goes '
                        .'before the drawn section’s',
                )->called('pattern’s modulus')->optional(),
                Field::length(
                    'pattern_modulus_base',
                    'area over perimeter of a measured pattern’s base; as its heaviest unless said',
                )->called('pattern’s modulus at the base')->optional(),
                Field::count('count', 'sprues to one pattern; by reach and mass unless said')
                    ->called('sprues')->between(1, 8)->optional(),
                Field::choice('feed_at', ['base', 'head', 'shoulders'], 'where the sprues join')
                    ->called('fed at')->default('base'),
                Field::of(
                    Quantity::Angle, 'y_angle_deg',
                    'angle between a Y’s arms round the ring; evenly spaced unless said',
                )
                    ->called('angle of the Y')->optional(),
                Field::length('length', 'length of a sprue')->called('sprue length')->fromSetting('sprue.length'),
                Field::length('stem_length', 'length of the stem that two or more sprues join')
                    ->allowingZero()->fromSetting('sprue.stem_length'),
                Field::length('sprue_diameter', 'a sprue wire chosen by hand')->called('sprue wire')->optional(),
            ],
            [
                Output::length('section_modulus', 'modulus of the heaviest section'),
                Output::length('thinnest_modulus', 'modulus of the lightest section')->called('thinnest modulus'),
                Output::length('diameter', 'thinnest sprue that freezes last'),
                Output::length('stock_diameter', 'nearest wire in stock not under it')->called('sprue wire'),
                Output::of(Quantity::Count, 'count', 'sprues to one pattern'),
                Output::of(Quantity::SquareMillimetres, 'gate_area', 'area of one pattern’s gates'),
                Output::of(Quantity::CubicMillimetres, 'sprue_volume_mm3', 'volume of the sprues and their stem'),
                Output::rows('legs_mm', 'length of each sprue, from the stem to where it joins, mm'),
                Output::length('height', 'from the button to the pattern'),
                Output::length('stem_diameter', 'stem that they join')->called('stem'),
                Output::rows('reaches', 'reach of each count, in moduli of the thinnest section and in mm'),
            ],
            [
                'reach-long' => 'metal runs over 45 moduli of the thinnest section from a gate',
                'reach-too-long' => 'metal runs over 73 moduli of the thinnest section from a gate',
                'few-for-mass' => 'fewer sprues than the heaviest section asks for',
                'fed-through-light' => 'fed at a base lighter than 0.9 of the heaviest section',
                'sprue-slim' => 'the chosen wire is under 1.1 times the section’s modulus',
                'sprue-freezes-first' => 'the chosen wire’s modulus is under the section’s',
                'no-wire' => 'no wire in stock is thick enough',
            ],
        );
    }
}
