<?php

declare(strict_types=1);

namespace Tools\Contract\Operations;

use App\Http\Controllers\CastingController;
use HotSprue\Casting\CastingStep;
use HotSprue\Kiln\KilnFault;
use Tools\Contract\Shape;

/** Runs, the kiln and its flasks. */
final class CastingOperations
{
    /**
     * @return list<array{string, string, string, array<int|string, array<string, mixed>|string>, array<string,
     * mixed>|null}>
     */
    public static function all(): array
    {
        $run = Shape::ref('RunPage');
        $done = ['done' => Shape::BOOL];

        return [
            ['get', '/api/casting', 'Burnouts, and what may share one', [200 => Shape::ref('Casting')], null],
            [
                'post', '/api/casting', 'Plans a burnout', [201 => $run],
                Shape::object(
                    ['flasks' => Shape::list(Shape::list(Shape::INT)), 'ready_at' => Shape::orNull(Shape::TEXT)],
                    ['flasks'],
                ),
            ],
            [
                'post', '/api/jobs/{job}/firing', 'Plans the firing of a piece of metal clay', [201 => $run],
                Shape::object(['ready_at' => Shape::orNull(Shape::TEXT)]),
            ],
            ['get', '/api/casting/{run}', 'A burnout or a firing as it goes', [200 => $run], null],
            [
                'post', '/api/casting/{run}/kiln', 'Switches the kiln on or off, or speeds the simulated one',
                [200 => $run],
                Shape::object(
                    ['do' => Shape::oneOf(['on', 'off', 'speed']), 'speed' => ['enum' => CastingController::SPEEDS]],
                    ['do'],
                ),
            ],
            [
                'post', '/api/casting/{run}/fault', 'Gives the simulated kiln a fault', [200 => $run],
                Shape::whole(['kind' => Shape::oneOf(KilnFault::KINDS), 'on' => Shape::BOOL]),
            ],
            ['post', '/api/casting/{run}/alarms/{alarm}', 'An alarm is seen to', [200 => $run], null],
            [
                'post', '/api/flasks/{flask}/step', 'A step of a flask is done, or taken back', [200 => $run],
                Shape::whole(['step' => Shape::oneOf(array_column(CastingStep::cases(), 'value')), ...$done]),
            ],
            [
                'post', '/api/flasks/{flask}/tick', 'A line of the safety list', [200 => $run],
                Shape::whole(['what' => Shape::INT, ...$done]),
            ],
        ];
    }
}
