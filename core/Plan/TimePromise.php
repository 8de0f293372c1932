<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** The day that can be promised for a new job behind those that are promised already. Source: workbook 15, promise. */
final class TimePromise implements Calculation
{
    /** Eight of ten lie within so many standard deviations of the middle. */
    private const EIGHTY = 1.2816;

    public function description(): Description
    {
        return new Description(
            'time.promise',
            'What can be promised',
            'The day on which a new job can be handed over, and what that rests on',
            'workbook 15, promise',
            [
                ...PlanFields::all(),
                Field::text('job', 'which of the jobs is new')->called('new job'),
                Field::share('confidence', 'how sure a promise is to be')->between(0.5, 0.95)->default(0.8),
                Field::minutes('spread_min', 'eight of ten jobs end within so much of their day, either way')
                    ->called('spread')->allowingZero()->fromSetting('time.late_spread'),
                Field::of(Quantity::Day, 'wanted', 'the day that the client asks for')->optional(),
            ],
            [
                Output::text('earliest', 'when it ends, if all goes as planned')->called('at the soonest'),
                Output::text('promise', 'the day that can be promised')->called('can be promised'),
                Output::rows('because', 'what it waits for, all of it')->called('what it rests on'),
                Output::of(Quantity::Minutes, 'length_min', 'from now until it ends')->called('from now'),
                Output::of(Quantity::Minutes, 'spare_min',
                    'laid on top, so that the promise holds')->called('to spare'),
            ],
            [
                'no-room' => 'it has no room in the days that are planned',
                'too-soon' => 'it cannot be done by the day that is asked for',
                'unsure' => 'the day that is asked for is sooner than can be promised',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $workload = Workload::read($input, $settings);
        $job = array_search(
            $input->text('job'), array_map(static fn (PlanJob $job): string => $job->id, $workload->jobs), true,
        );
        if ($job === false) {
            throw BadInput::field('job', "There is no job {$input->text('job')} among those to be planned.");
        }
        $prepared = Prepared::of($workload);
        $plan = Squeezed::in($workload, $prepared, $job, $input->texts('order'));
        $answer = AnswerBuilder::of($this, $input);
        if (! $plan->isWhole($job)) {
            return $answer->find(
                Level::Stop, 'no-room', 'jobs', 'It has no room in the days that are planned.',
                'Plan further ahead, or give hours or a kiln to what has none.',
            )->answer();
        }
        $this->tell($answer, $input, $workload, $plan, $job);

        return $answer->answer();
    }

    private function tell(AnswerBuilder $answer, Input $input, Workload $workload, Plan $plan, int $job): void
    {
        $because = Binding::of($workload, $plan, $job);
        $deviations = Quantile::of($input->num('confidence'));
        $spare = $deviations * $input->num('spread_min') / self::EIGHTY;
        $promised = $this->workday($workload, $plan->ends[$job] + (int) ceil($spare));
        $uses = array_column(PlanFields::all(), 'name');
        $answer->give('because', $because)->work(
            'earliest', $workload->said($plan->ends[$job]), Formula::said(
                'from + all that it waits for',
                sprintf('%s + %d min', $workload->said($workload->now), $plan->ends[$job] - $workload->now),
            ), uses: $uses, because: 'in the hours that are free',
        )->work(
            'promise', $promised, Formula::said(
                'at the soonest + to spare, on a day on which somebody works',
                sprintf('%s + %d min', $workload->said($plan->ends[$job]), (int) ceil($spare)),
            ), uses: [...$uses, 'spread_min', 'confidence'], because: 'a promise is kept more often than a hope',
        )
            ->work(
                'length_min', (float) ($plan->ends[$job] - $workload->now),
                Formula::sum('all that it waits for', array_column($because, 'minutes')), uses: $uses,
                because: 'behind what is promised already, none of which becomes late by it',
            )->work(
                'spare_min', $spare, Formula::of('{spread} ÷ {eight of ten} × {deviations}', [
                    'spread' => $input->num('spread_min'), 'eight of ten' => self::EIGHTY, 'deviations' => $deviations,
                ]), uses: ['spread_min', 'confidence'],
                because: 'this workshop’s jobs end so much before or after what was planned',
            );
        $wanted = $input->textOrNull('wanted');
        if ($wanted === null || $promised <= $wanted) {
            return;
        }
        $soonest = $workload->local($plan->ends[$job] - 1)->format('Y-m-d');
        $soonest > $wanted
            ? $answer->find(
                Level::Stop, 'too-soon', 'wanted', "It ends on {$soonest} at the soonest, and is wanted by {$wanted}.",
                'Agree on another day, take something out of it, or let another job wait.',
            )
            : $answer->find(
                Level::Caution, 'unsure', 'wanted',
                "It can be done by {$wanted} if all goes well; {$promised} can be promised.",
                'Promise the later day, or say that the sooner one is a hope.',
            );
    }

    /** The day of a minute, or the next on which somebody works: nothing is handed over by nobody. */
    private function workday(Workload $workload, int $minute): string
    {
        $next = null;
        foreach ($workload->hours as $hours) {
            foreach ($hours->intervals() as [$opens, $shuts]) {
                if ($shuts >= $minute) {
                    $next = min($next ?? PHP_INT_MAX, max($opens, $minute));
                    break;
                }
            }
        }

        return $workload->local(($next ?? $minute) - ($next === $minute ? 1 : 0))->format('Y-m-d');
    }
}
