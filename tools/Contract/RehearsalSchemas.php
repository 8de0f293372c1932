<?php

declare(strict_types=1);

namespace Tools\Contract;

/** The shapes of rehearsals. */
final class RehearsalSchemas
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        [$text, $int, $number, $bool] = [Shape::TEXT, Shape::INT, Shape::NUMBER, Shape::BOOL];
        $done = [
            'id' => Shape::orNull($int), 'outcome' => $text, 'rank' => $int, 'sentence' => $text, 'seconds' => $number,
            'at' => Shape::orNull($text),
        ];
        $piece = [
            'nodes' => Shape::list(Shape::ref('HeatNode')), 'links' => Shape::list(Shape::ref('HeatLink')),
            'contacts' => Shape::list(Shape::ref('HeatContact')),
            'outlines' => Shape::list(Shape::whole([
                'part' => $text, 'colour' => $text, 'points' => Shape::list(Shape::list($number)),
            ])),
        ];

        return [
            'Rehearsals' => Shape::whole([
                'lessons' => Shape::list(Shape::whole(['key' => $text, 'title' => $text, 'teaches' => $text])),
                'record' => Shape::list(Shape::ref('RehearsedLesson')),
                'people' => Shape::orNull(Shape::list(Shape::whole([
                    'name' => $text, 'record' => Shape::list(Shape::ref('RehearsedLesson')),
                ]))),
            ]),
            'RehearsedLesson' => Shape::whole([
                'lesson' => $text, 'title' => $text, 'times' => $int, 'best' => Shape::ref('RehearsalDone'),
                'last' => Shape::ref('RehearsalDone'),
            ]),
            'RehearsalDone' => Shape::whole($done),
            'HeatLesson' => Shape::whole([
                'key' => $text, 'title' => $text, 'teaches' => $text, 'torch' => $text, 'job' => Shape::orNull($int),
                'support' => $text, 'bare' => $bool, 'torches' => Shape::list(Shape::whole([
                    'name' => $text, 'label' => $text, 'sharpest_mm' => $number, 'bushiest_mm' => $number,
                ])), ...$piece,
            ]),
            'Rehearsed' => Shape::whole([
                ...$done, 'lesson' => $text, 'title' => $text, 'moves' => Shape::list(['type' => 'object']),
                'heat' => Shape::orNull(Shape::whole([
                    'torch' => $text, 'support' => $text, 'said' => $text,
                    'curve' => Shape::list(Shape::whole([
                        'at_s' => $number, 'joint' => $text, 'one_c' => $number, 'other_c' => $number,
                    ])),
                    'marks' => Shape::list(Shape::whole([
                        'at_s' => $number, 'sign' => $text, 'at' => $text, 'seen' => $text,
                    ])),
                    'lines' => Shape::list(Shape::whole([
                        'joint' => $text, 'clear_c' => $number, 'flow_c' => $number, 'solidus_c' => $number,
                        'one' => $text, 'other' => $text,
                    ])),
                    ...$piece,
                ])),
            ]),
            'HeatNode' => Shape::whole([
                'part' => $text, 'x_mm' => $number, 'y_mm' => $number, 'mass_g' => $number, 'surface_mm2' => $number,
                'capacity' => $number, 'solidus_c' => $number, 'held_w_per_k' => $number, 'heat_c' => $number,
                'silver' => $bool, 'coated' => $bool, 'black' => $bool, 'slumped' => $bool, 'sink_s' => $number,
            ]),
            'HeatLink' => Shape::whole(['from' => $int, 'to' => $int, 'w_per_k' => $number]),
            'HeatContact' => Shape::whole([
                'joint' => $text, 'from' => $int, 'to' => $int, 'length_mm' => $number, 'metal_w_per_k' => $number,
                'flow_c' => $number, 'solidus_c' => $number, 'now' => $bool, 'made' => $bool, 'guarded' => $bool,
                'needs_flux' => $bool, 'flux' => $text, 'clear_s' => $number, 'solder' => $text, 'over_s' => $number,
                'pitted' => $bool, 'moved' => $bool, 'flashed_s' => Shape::orNull($number),
                'ahead_c' => Shape::orNull($number),
            ]),
        ];
    }
}
