<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** What a plan is asked with. Source: workbook 15, the plan. */
final class PlanFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            Field::of(Quantity::Moment, 'now', 'the moment from which it is planned')->called('from'),
            Field::text('zone', 'time zone of the workshop')->called('time zone')->default('UTC'),
            Field::count('horizon_days', 'how far it is planned, days')->called('days ahead')->between(1, 400)
                ->default(60),
            Field::rows('people', self::person(), 'who works, and when'),
            Field::rows('kilns', [
                Field::text('id', 'what it is called')->called('kiln'),
                Field::count('flasks', 'how many it takes')->default(4),
                Field::yesNo('alone', 'whether rules and insurer let it burn with nobody in the house')->default(false)
                    ->called('burns alone'),
            ], 'kilns')->called('kilns')->optional(),
            Field::count('tumblers', 'tumblers')->allowingZero()->default(1),
            Field::rows('jobs', self::job(), 'jobs and what is left of each')->called('jobs'),
            Field::rows('fixed', [
                Field::text('job', 'of which job'), Field::text('step', 'which step'),
                Field::of(Quantity::Moment, 'start', 'when it starts'),
                Field::text('by', 'who does it, or in which kiln')->optional(),
            ], 'steps that stay where they are')->called('fixed')->optional(),
            Field::yesNo('any_hand', 'whether one may go on with what another began')->called('any hand')
                ->default(false),
            Field::text('order', 'jobs in the order of an earlier plan, to go on from')->called('as before')->many()
                ->default([]),
        ];
    }

    /** @return list<Field> */
    private static function person(): array
    {
        return [
            Field::text('id', 'who')->called('person'), Field::text('name', 'name')->optional(),
            Field::rows('hours', [
                Field::choice('day', Hours::WEEKDAYS, 'weekday'), Field::text('from', 'from, such as 8:30'),
                Field::text('to', 'until, such as 17:00'),
            ], 'working hours')->called('hours')->optional(),
            Field::of(Quantity::Day, 'off', 'days off')->many()->default([]),
        ];
    }

    /** @return list<Field> */
    private static function job(): array
    {
        return [
            Field::text('id', 'number')->called('job'), Field::text('title', 'what it is')->optional(),
            Field::of(Quantity::Day, 'due', 'the day on which it is handed over')->optional(),
            Field::number('weight', 'how much a day late weighs against others')->between(0.01, 100)->default(1.0),
            Field::text('person', 'whose it is')->optional(),
            Field::rows('steps', self::step(), 'what is left of it')->called('steps')->optional(),
        ];
    }

    /** @return list<Field> */
    private static function step(): array
    {
        return [
            Field::text('id', 'name of the step')->called('step'),
            Field::text('name', 'what is done')->optional(), Field::text('station', 'station')->optional(),
            Field::minutes('attended_min', 'somebody stands at it for')->called('at the bench')->allowingZero()
                ->default(0.0),
            Field::minutes('wait_min', 'then it waits for')->called('waits')->allowingZero()->default(0.0),
            Field::choice('resource', ['person', 'kiln', 'tumbler', 'nobody'], 'what it needs')->called('needs')
                ->default('person'),
            Field::text('after', 'steps that are done before')->many()->default([]),
            Field::yesNo('splittable', 'whether it may be laid down over a break or a night')
                ->called('may be laid down')->default(false),
            Field::text('person', 'who does it')->optional(),
            Field::text('programme', 'class of a burnout: others of the same may share it')->optional(),
            Field::temperature('pour_c', 'its flask at the pour')->optional(),
            Field::count('flasks', 'flasks in the kiln')->default(1),
            Field::minutes('stand_most', 'a flask stands so long at most')->optional(),
        ];
    }
}
