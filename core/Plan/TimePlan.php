<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** Who does what when, which kiln burns what, and what must start by when. Source: workbook 15. */
final class TimePlan implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'time.plan',
            'The plan',
            'Every step of every job laid down in people’s hours and kilns, so that as little as can be is late',
            'workbook 15, the plan',
            PlanFields::all(),
            [
                Output::rows('placed', 'every step: by whom or where, and when'),
                Output::rows('jobs', 'when each job ends, and how much room it has'),
                Output::rows('runs', 'burnouts')->called('burnouts'),
                Output::rows('must_start',
                    'the latest that each job goes on so that its day is kept, others making way')
                    ->called('must start'),
                Output::rows('load', 'how full each day is')->called('how full'),
                Output::text('matters', 'the one line that matters')->called('first of all'),
                Output::of(Quantity::Minutes, 'late_min', 'lateness of all jobs, by their weights')->called('late'),
                Output::of(Quantity::Minutes, 'least_late_min', 'no plan can be less late')->called('late at least'),
                Output::number('burnouts_count', 'how often a kiln is switched on')->called('burnouts'),
                Output::of(Quantity::Minutes, 'sooner_min', 'no plan can end its jobs sooner, together, by more')
                    ->called('sooner at most'),
            ],
            PlanFindings::CODES,
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $workload = Workload::read($input, $settings);
        $prepared = Prepared::of($workload);
        $plan = PlanSearch::best($workload, $prepared, $input->texts('order'))->plan();
        $bounds = Bounds::of($workload, $prepared);
        $told = new PlanTold($workload, $plan);
        $answer = AnswerBuilder::of($this, $input)->give('placed', $told->placed())->give('jobs', $told->jobs())
            ->give('runs', $told->runs())->give('must_start', $told->mustStart())->give('load', $told->load());
        $answer->work(
            'matters', $told->matters(), Formula::said(
                'the first of what must start and what must be switched on',
                sprintf('%d jobs with a day, %d burnouts', count($told->mustStart()), count($plan->runs)),
            ), uses: array_column(PlanFields::all(), 'name'), because: 'everything else has more room',
        );
        $this->numbers($answer, $workload, $plan, $bounds);
        (new PlanFindings($workload, $plan, $bounds, $prepared))->find($answer);

        return $answer->answer();
    }

    private function numbers(AnswerBuilder $answer, Workload $workload, Plan $plan, Bounds $bounds): void
    {
        $uses = array_column(PlanFields::all(), 'name');
        $late = $least = [];
        $sooner = 0;
        foreach ($workload->jobs as $at => $job) {
            $late[] = $job->weight * $plan->lateness($at);
            $least[] = $bounds->late($at);
            $sooner += max(0, $plan->ends[$at] - $bounds->ends[$at]);
        }
        $answer->work(
            'late_min', (float) array_sum($late), Formula::sum('each job’s minutes past its day × its weight', $late),
            uses: $uses, because: 'what is late comes first, then few burnouts, then early ends',
        )->work(
            'least_late_min', (float) array_sum($least),
            Formula::sum('each job’s minutes past its day × its weight, were it the only one', $least), uses: $uses,
            because: 'no order of work makes a job end sooner than an empty workshop would',
        )->work(
            'burnouts_count', (float) count($plan->runs), Formula::taken('counted in the plan', count($plan->runs)),
            uses: $uses, because: 'each costs a day of the kiln, and power',
        )->work(
            'sooner_min', (float) $sooner, Formula::of('{ends in the plan} − {ends, each job alone}', [
                'ends in the plan' => array_sum($plan->ends) - $workload->now * count($workload->jobs),
                'ends, each job alone' => array_sum($plan->ends) - $sooner - $workload->now * count($workload->jobs),
            ]), uses: $uses, because: 'jobs share hands and kilns; this is the most that sharing can cost here',
        );
    }
}
