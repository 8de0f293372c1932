<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;

/** What a plan warns of. Source: workbook 15, findings. */
final readonly class PlanFindings
{
    public const CODES = [
        'late' => 'a job ends after its day',
        'slack-short' => 'a job ends on its day with less than a day to spare',
        'day-full' => 'more is fixed for somebody’s day than it has hours',
        'kiln-alone' => 'a kiln burns with nobody in the house, and may not',
        'no-look-time' => 'there is no time for the client’s look',
        'stand-long' => 'a flask stands longer than its school allows',
        'nobody-has' => 'a job is somebody’s who does not work here',
        'no-room' => 'a step has no room in the days that are planned',
        'fixed-clash' => 'a fixed step begins before it can, or while its hands are at another',
    ];

    private const DAY = 1440;

    public function __construct(
        private Workload $workload, private Plan $plan, private Bounds $bounds, private Prepared $prepared,
    ) {}

    public function find(AnswerBuilder $answer): void
    {
        foreach ($this->workload->jobs as $at => $job) {
            $this->job($answer, $at, $job);
        }
        foreach ($this->workload->steps as $at => $step) {
            $this->step($answer, $at, $step, $this->plan->placed[$at] ?? null);
        }
        $this->days($answer);
        $this->kilns($answer);
    }

    private function job(AnswerBuilder $answer, int $at, PlanJob $job): void
    {
        $named = $this->workload->person($job->person);
        if ($job->person !== null && ! in_array($named, $this->prepared->hands, true)) {
            $answer->find(
                Level::Stop, 'nobody-has', 'jobs', "Job {$job->id} is {$job->person}’s, who has no hours here.",
                'Give it to somebody who works, or say their hours.',
            );
        }
        if (! $this->plan->isWhole($at)) {
            $answer->find(
                Level::Stop, 'no-room', 'jobs', "Job {$job->id} has no room in the days that are planned.",
                'Plan further ahead, or give hours, a kiln or a tumbler to what has none.',
            );

            return;
        }
        $late = $this->plan->lateness($at);
        if ($late > 0) {
            $never = $this->bounds->late($at) > 0;
            $answer->find(
                Level::Stop, 'late', 'jobs',
                sprintf('Job %s ends %s, %s after its day.', $job->id, $this->day($this->plan->ends[$at]),
                    self::long($late)),
                $never ? 'No plan can keep its day: tell the client, or take something out of it.'
                    : 'Others are in its way: let one of them wait, or share it between two.',
            );
            $this->look($answer, $job, $late);
        } elseif ($job->due !== null && $job->due - $this->plan->ends[$at] < self::DAY) {
            $answer->find(
                Level::Caution, 'slack-short', 'jobs',
                sprintf('Job %s ends %s, with less than a day to spare.', $job->id,
                    $this->day($this->plan->ends[$at])),
                'One casting that fails makes it late: begin it sooner.',
            );
        }
    }

    private function look(AnswerBuilder $answer, PlanJob $job, int $late): void
    {
        foreach ($job->steps as $at) {
            $step = $this->workload->steps[$at];
            if ($step->id === 'look' && $step->minutes + $step->waits >= $late) {
                $answer->find(
                    Level::Caution, 'no-look-time', 'jobs',
                    "Job {$job->id} would be in time if its client did not look at the wax.",
                    'Ask for an answer sooner, or agree to do without.',
                );
            }
        }
    }

    private function step(AnswerBuilder $answer, int $at, PlanStep $step, ?Placed $placed): void
    {
        $job = $this->workload->jobs[$step->job] ?? null;
        if ($placed === null || $job === null) {
            return;
        }
        foreach ($step->after as $before) {
            $earlier = $this->plan->placed[$before] ?? null;
            if ($placed->fixed && ($earlier === null || $earlier->done > $placed->start)) {
                $answer->find(
                    Level::Stop, 'fixed-clash', 'fixed',
                    sprintf('%s of job %s is fixed for %s, before %s is done.', ucfirst($step->name), $job->id,
                        $this->moment($placed->start), $this->workload->steps[$before]->name),
                    'Let it go free, or fix it later.',
                );
            }
            if ($earlier !== null && $this->plan->isDry($at)) {
                $answer->find(
                    Level::Caution, 'stand-long', 'jobs',
                    sprintf('The flask of job %s stands %s: its school allows %s.', $job->id,
                        self::long($placed->start - $earlier->end),
                        self::long((int) $this->workload->steps[$before]->standMost)),
                    'Invest it later, or wrap it wet and burn it out slowly.',
                );
            }
        }
    }

    private function days(AnswerBuilder $answer): void
    {
        foreach ((new PlanTold($this->workload, $this->plan))->load() as $day) {
            if ($day['minutes'] > $day['of']) {
                $answer->find(
                    Level::Caution, 'day-full', 'fixed',
                    sprintf('%s has %s to do on %s, and %s of hours.', $day['person'],
                        self::long((int) $day['minutes']),
                        $day['day'], self::long((int) $day['of'])),
                    'Let something that is fixed there go free.',
                );
            }
        }
        $hands = [];
        foreach ($this->plan->placed as $at => $placed) {
            foreach ($this->workload->steps[$at]->resource === 'person' ? $placed->pieces : [] as $piece) {
                $hands[(int) $placed->by][] = [...$piece, $at];
            }
        }
        foreach ($hands as $pieces) {
            sort($pieces);
            for ($at = 1; $at < count($pieces); $at++) {
                if ($pieces[$at][0] < $pieces[$at - 1][1]) {
                    $step = $this->workload->steps[$pieces[$at][2]];
                    $answer->find(
                        Level::Stop, 'fixed-clash', 'fixed',
                        sprintf('%s of job %s is fixed for %s, while its hands are at something else.',
                            ucfirst($step->name), $this->workload->jobs[$step->job]->id,
                            $this->moment($pieces[$at][0])),
                        'Let one of them go free, or give it to another.',
                    );
                }
            }
        }
    }

    private function kilns(AnswerBuilder $answer): void
    {
        foreach ($this->plan->runs as $run) {
            $kiln = $this->workload->kilns[$run->kiln] ?? null;
            $from = max($run->start, $this->workload->now);
            if ($kiln !== null && ! $kiln->alone && $from < $run->end
                && ! $this->prepared->house->isFree($from, $run->end)) {
                $answer->find(
                    Level::Stop, 'kiln-alone', 'kilns',
                    sprintf('%s burns from %s to %s, and nobody is in the house all that time.', $kiln->id,
                        $this->moment($run->start), $this->moment($run->end)),
                    'Stay with it or take a shorter programme; where rules and insurer let it burn alone, say so.',
                );
            }
        }
    }

    private function day(int $minute): string
    {
        return $this->workload->local($minute)->format('D j M');
    }

    private function moment(int $minute): string
    {
        return $this->workload->local($minute)->format('D j M H:i');
    }

    private static function long(int $minutes): string
    {
        return match (true) {
            $minutes >= 2 * self::DAY => sprintf('%d days', intdiv($minutes, self::DAY)),
            $minutes >= 60 => sprintf('%d:%02d h', intdiv($minutes, 60), $minutes % 60),
            default => "{$minutes} min",
        };
    }
}
