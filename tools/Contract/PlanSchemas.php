<?php

declare(strict_types=1);

namespace Tools\Contract;

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
            ...self::price(),
            'Calendars' => Shape::object([
                'links' => Shape::list(Shape::whole(['id' => $int, 'whose' => $text, 'since' => $text])),
                'address' => $text,
            ], ['links']),
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

    /** @return array<string, mixed> */
    private static function price(): array
    {
        [$text, $int, $number, $bool] = [Shape::TEXT, Shape::INT, Shape::NUMBER, Shape::BOOL];
        $nullText = Shape::orNull($text);
        $changes = Shape::list(Shape::whole([
            'label' => $text, 'before' => $number, 'after' => $number, 'difference' => $number,
        ]));

        return [
            'QuoteChanges' => $changes,
            'Quote' => Shape::whole([
                'id' => $int, 'number' => $int, 'currency' => $text, 'total' => $number, 'deposit' => $number,
                'balance' => $number,
                'lines' => Shape::list(Shape::whole(['label' => $text, 'amount' => $number])),
                'issued_at' => $text, 'until' => $text, 'sent_at' => $nullText, 'answer' => $nullText,
                'answered_by' => $nullText, 'words' => $nullText, 'answered_at' => $nullText, 'overtaken' => $bool,
                'findings' => Shape::list(Shape::ref('Finding')), 'changes' => Shape::ref('QuoteChanges'),
            ]),
            'Payment' => Shape::whole([
                'id' => $int, 'number' => $int, 'kind' => $text, 'amount' => $number, 'currency' => $text,
                'paid_on' => $text, 'how' => $text, 'reverses' => $bool, 'reversed' => $bool,
            ]),
            'Settled' => Shape::whole([
                'quote' => Shape::orNull($int), 'paid' => $number, 'owed' => Shape::orNull($number),
                'invoice' => Shape::orNull(Shape::whole(['number' => $int, 'issued_on' => $text])),
            ]),
            'MetalPrices' => Shape::whole([
                'currency' => $text, 'metals' => Shape::list($text),
                'prices' => Shape::list(Shape::whole([
                    'metal' => $text, 'price' => $number, 'on' => $text,
                    'source' => Shape::oneOf(['typed', 'csv', 'simulated']),
                ])),
            ]),
        ];
    }
}
