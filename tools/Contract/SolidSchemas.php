<?php

declare(strict_types=1);

namespace Tools\Contract;

use HotSprue\Solid\Part;
use HotSprue\Solid\Sheen;
use HotSprue\Solid\Stage;

/** The shapes of the piece in the hand: its parts as meshes, a pattern that was read, a picture measured. */
final class SolidSchemas
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        [$text, $number, $bool] = [Shape::TEXT, Shape::NUMBER, Shape::BOOL];

        return [
            'Solid' => Shape::whole([
                'stage' => Shape::oneOf(array_column(Stage::cases(), 'value')), 'told' => $text,
                'parts' => Shape::list(Shape::whole([
                    'kind' => Shape::oneOf(Part::KINDS), 'name' => $text,
                    'material' => Shape::oneOf(['metal', 'stone', 'wax', 'clear']), 'colour' => $text,
                    'sheen' => Shape::oneOf(array_column(Sheen::cases(), 'value')), 'is_darkened' => $bool,
                    'setting' => Shape::orNull($text), 'is_body' => $bool,
                    'points' => $text, 'faces' => $text,
                ])),
            ]),
            'PatternSizes' => Shape::whole([
                'volume' => $number, 'surface' => $number, 'modulus' => $number, 'across' => $number,
                'along' => $number, 'tall' => $number, ...array_fill_keys([
                    'bore', 'width', 'thickness', 'width_base', 'thickness_base', 'section', 'section_base',
                ], Shape::orNull($number)),
            ]),
            'PictureScale' => Shape::whole([
                'version' => Shape::INT, 'scale' => Shape::orNull(Shape::whole([
                    'from' => Shape::list($number), 'to' => Shape::list($number), 'mm' => $number,
                ])),
                'lines' => Shape::list(Shape::whole([
                    'from' => Shape::list($number), 'to' => Shape::list($number), 'mm' => Shape::orNull($number),
                    'doubt' => Shape::orNull($number),
                ])),
            ]),
            'PatternProgress' => Shape::whole(['share' => Shape::orNull($number)]),
            'PatternRead' => Shape::whole([
                'triangles' => Shape::INT, 'carries' => $bool, 'grown' => $number,
                'bore_wanted' => Shape::orNull($number),
                'read' => Shape::ref('PatternSizes'), 'pattern' => Shape::ref('PatternSizes'),
            ]),
        ];
    }
}
