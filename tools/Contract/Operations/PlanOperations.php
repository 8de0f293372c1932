<?php

declare(strict_types=1);

namespace Tools\Contract\Operations;

use Tools\Contract\Shape;

/** The plan, and the calendars that show it. */
final class PlanOperations
{
    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
    {
        $plan = [200 => Shape::ref('Plan')];
        $step = Shape::object(
            ['job' => Shape::TEXT, 'step' => Shape::TEXT, 'start' => Shape::TEXT, 'by' => Shape::orNull(Shape::TEXT)],
            ['job', 'step', 'start'],
        );

        return [
            ['get', '/api/plan', 'Who does what when, what is under way, and who is waited for', $plan, null],
            [
                'post', '/api/plan/try', 'What laying a step elsewhere would come to',
                [200 => Shape::ref('PlanChange')], $step,
            ],
            ['get', '/api/plan.csv', 'The plan as a table', [200 => 'text/csv'], null],
            ['get', '/api/plan.ics', 'The plan of a person or a kiln as a calendar', [200 => 'text/calendar'], null],
            [
                'get', '/api/calendars', 'Links to calendars that are open', [200 => Shape::ref('Calendars')], null,
            ],
            [
                'post', '/api/calendars', 'A secret link to the calendar of a person or a kiln',
                [201 => Shape::ref('Calendars')], Shape::object(['person' => Shape::TEXT, 'kiln' => Shape::TEXT]),
            ],
            ['post', '/api/calendars/{link}/revoke', 'Ends a link', [200 => Shape::ref('Calendars')], null],
            ['post', '/api/plan/fixed', 'Lays a step on an hour, where it stays', $plan, $step],
            ['delete', '/api/jobs/{job}/steps/{step}/fixed', 'Lets a step go free again', $plan, null],
            [
                'post', '/api/jobs/{job}/steps/{step}', 'Starts a step, pauses it, ends it, or takes its end back',
                $plan,
                Shape::whole(['do' => Shape::oneOf(['start', 'pause', 'end', 'again'])]),
            ],
            [
                'get', '/api/jobs/{job}/promise', 'The day that could be promised for a job, behind all others',
                [200 => Shape::whole(['promise' => Shape::ref('Answer'),
                    'drawn' => Shape::orNull(Shape::ref('View'))])],
                null,
            ],
        ];
    }
}
