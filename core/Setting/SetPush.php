<?php

declare(strict_types=1);

namespace HotSprue\Setting;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** How a stone stands after some pushes, in whatever order. Source: workbook 20, rehearsed. */
final class SetPush implements Calculation
{
    private const SOURCE = 'workbook 20, the pushing order rehearsed';

    public function description(): Description
    {
        return new Description(
            'set.push',
            'Pushed in this order',
            'How level a stone stands after some pushes; a model, for learning',
            self::SOURCE,
            [
                Field::count('count', 'sectors of a bezel, or claws')->between(2, SetSequence::MOST),
                Field::count('pushed', 'those pushed so far, as numbered on a clock, in order')->many()->default([]),
            ],
            [
                Output::of(Quantity::Angle, 'tilt_deg', 'how far off level the stone stands')->called('off level'),
                Output::of(Quantity::Angle, 'towards_deg', 'to which side, from the top as a clock runs')
                    ->called('towards'),
                Output::of(Quantity::Count, 'made', 'pushes made')->called('pushed'),
                Output::of(Quantity::Count, 'round', 'which round it is'),
                Output::text('state', 'how the stone stands'),
                Output::text('said', 'what happened'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $pushes = Pushes::of((int) $input->num('count'), array_map(intval(...), $input->nums('pushed')));
        $uses = ['count', 'pushed'];

        return AnswerBuilder::of($this, $input)
            ->work(
                'tilt_deg', $pushes->tilt(),
                Formula::of('√({to the right} ^ 2 + {upwards} ^ 2)', [
                    'to the right' => round($pushes->x, 9), 'upwards' => round($pushes->y, 9),
                ]),
                $uses, 'each push sinks its side by a degree, its opposite raises it again',
            )
            ->work('towards_deg', $pushes->towards(), Formula::taken('where it is lowest', $pushes->towards()), $uses,
                'from the top, as a clock runs')
            ->work('made', count($pushes->pushed), Formula::taken('pushes made', count($pushes->pushed)), $uses,
                'up to the one at which it tips')
            ->work('round', $pushes->round(), Formula::taken('round', $pushes->round()), $uses,
                'soft, medium and firm')
            ->work('state', match (true) {
                $pushes->hasTipped() => 'tipped', $pushes->isDone() => 'done',
                $pushes->tilt() < 1e-6 => 'level', default => 'rocking'
            }, Formula::said('off level against where a stone tips', sprintf('%.1f against %.1f', $pushes->tilt(),
                Pushes::TIPS)), $uses, 'a stone far off level leaves its seat')
            ->work('said', $pushes->said(), Formula::said('from what was pushed', implode(', ', $pushes->pushed)),
                $uses, 'opposite, then across, then between')
            ->answer();
    }
}
