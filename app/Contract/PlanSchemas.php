<?php

declare(strict_types=1);

namespace App\Contract;

use HotSprue\Plan\Hours;

/** The shapes of the plan. */
final class PlanSchemas
{
    /** @return array<string, mixed> */
    public static function all(): array
    {
        [$text, $int, $number, $bool] = [Shape::TEXT, Shape::INT, Shape::NUMBER, Shape::BOOL];
        $nullText = Shape::orNull($text);
        $hours = Shape::list(Shape::whole(['day' => Shape::oneOf(Hours::WEEKDAYS), 'from' => $text, 'to' => $text]));

        return [
            'Hours' => $hours,
            'Kilns' => Shape::list(Shape::whole(['id' => $text, 'flasks' => $int, 'alone' => $bool])),
            'PlacedStep' => Shape::whole([
                'job' => $text, 'step' => $text, 'what' => $text, 'station' => $text, 'resource' => $text,
                'by' => $nullText, 'start' => $text, 'end' => $text, 'done' => $text, 'fixed' => $bool,
                'binds' => $text,
                'pieces' => Shape::list(Shape::whole(['from' => $text, 'to' => $text])),
            ]),
            'Plan' => Shape::whole([
                'now' => $text, 'answer' => Shape::ref('Answer'),
                'people' => Shape::list(Shape::whole([
                    'id' => $text, 'hours' => Shape::ref('Hours'), 'off' => Shape::list($text),
                ])),
                'kilns' => Shape::ref('Kilns'),
                'jobs' => Shape::list(Shape::whole([
                    'number' => $int, 'commission' => $int, 'title' => $text, 'client' => $nullText,
                    'station' => Shape::ref('StationName'), 'due' => $nullText, 'state' => $text,
                ])),
                'waiting' => Shape::list(Shape::whole([
                    'job' => $text, 'whom' => $text, 'since' => $text, 'overdue' => $bool,
                ])),
                'unplanned' => Shape::list(Shape::whole(['job' => $text, 'title' => $text, 'why' => $text])),
                'past' => Shape::list(Shape::whole(['job' => $text, 'step' => $text, 'start' => $text])),
                'worked' => Shape::list(Shape::whole([
                    'job' => $text, 'step' => $text, 'by' => $nullText, 'running_since' => $nullText,
                    'minutes' => $number,
                ])),
            ]),
            'PlanChange' => Shape::whole([
                'late_before_min' => $number, 'late_after_min' => $number,
                'moved' => Shape::list(Shape::whole([
                    'job' => $text, 'before' => $nullText, 'after' => $nullText, 'late' => $bool,
                ])),
                'findings' => Shape::list(Shape::ref('Finding')),
                'placed' => Shape::orNull(Shape::ref('PlacedStep')),
            ]),
        ];
    }
}
