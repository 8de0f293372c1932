<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A plan as it is told: moments in the workshop's zone, people and kilns by their ids. */
final readonly class PlanTold
{
    public function __construct(private Workload $workload, private Plan $plan) {}

    /** @return list<array<string, mixed>> */
    public function placed(): array
    {
        $rows = [];
        $inTime = $this->plan->placed;
        uasort($inTime, static fn (Placed $a, Placed $b): int => [$a->start, $a->end] <=> [$b->start, $b->end]);
        foreach ($inTime as $at => $placed) {
            $step = $this->workload->steps[$at];
            $rows[] = [
                'job' => $this->workload->jobs[$step->job]->id, 'step' => $step->id, 'what' => $step->name,
                'station' => $step->station, 'resource' => $step->resource, 'by' => $this->by($step, $placed),
                'start' => $this->workload->said($placed->start), 'end' => $this->workload->said($placed->end),
                'done' => $this->workload->said($placed->done), 'fixed' => $placed->fixed,
                'binds' => $this->binds($step, $placed), 'pieces' => array_map(fn (array $piece): array => [
                    'from' => $this->workload->said($piece[0]), 'to' => $this->workload->said($piece[1]),
                ], $placed->pieces),
            ];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> in the order in which they are worked at */
    public function jobs(): array
    {
        $rows = $starts = [];
        foreach ($this->workload->jobs as $at => $job) {
            $whole = $this->plan->isWhole($at);
            $ends = $this->plan->ends[$at];
            $starts[] = min([PHP_INT_MAX, ...array_map(
                fn (int $step): int => $this->plan->placed[$step]->start ?? PHP_INT_MAX, $job->steps,
            )]);
            $hands = $this->plan->hands[$at] ?? null;
            $rows[] = [
                'job' => $job->id, 'title' => $job->title, 'ends' => $whole ? $this->workload->said($ends) : null,
                'slack_min' => $job->due === null || ! $whole ? null : (float) max(0, $job->due - $ends),
                'late_min' => (float) $this->plan->lateness($at),
                'person' => $hands === null ? null : $this->workload->people[$hands],
            ];
        }
        array_multisort($starts, $rows);

        return $rows;
    }

    /** @return list<array<string, mixed>> */
    public function runs(): array
    {
        return array_map(fn (Run $run): array => [
            'kiln' => $this->workload->kilns[$run->kiln]->id ?? '', 'switch_on' => $this->workload->said($run->start),
            'ready_at' => $this->workload->said($run->end), 'programme' => $run->programme ?? '',
            'flasks' => $run->flasks,
            'jobs' => array_map(fn (int $job): string => $this->workload->jobs[$job]->id, $run->jobs),
        ], $this->inTime());
    }

    /** @return list<array<string, mixed>> the most pressing first */
    public function mustStart(): array
    {
        return array_map(function (array $must): array {
            $step = $this->workload->steps[$must['step']];

            return [
                'job' => $this->workload->jobs[$step->job]->id, 'step' => $step->id, 'what' => $step->name,
                'latest_start' => $this->workload->said($must['latest']),
            ];
        }, $this->pressing());
    }

    /** @return list<array<string, mixed>> each day on which somebody works or has work */
    public function load(): array
    {
        $days = [];
        foreach ($this->workload->hours as $person => $hours) {
            foreach ($hours->intervals() as [$from, $to]) {
                $day = $this->day($from);
                $days[$person][$day]['of'] = ($days[$person][$day]['of'] ?? 0) + $to - $from;
            }
        }
        foreach ($this->plan->placed as $placed) {
            foreach ($placed->by === null ? [] : $placed->pieces as [$from, $to]) {
                $day = $this->day($from);
                $days[$placed->by][$day]['minutes'] = ($days[$placed->by][$day]['minutes'] ?? 0) + $to - $from;
            }
        }
        $rows = [];
        foreach ($days as $person => $each) {
            ksort($each);
            foreach ($each as $day => $of) {
                $rows[] = [
                    'person' => $this->workload->people[(int) $person], 'day' => $day,
                    'minutes' => (float) ($of['minutes'] ?? 0), 'of' => (float) ($of['of'] ?? 0),
                ];
            }
        }

        return $rows;
    }

    /** The next thing that cannot wait: a kiln to be switched on, or the start that leaves the least room. */
    public function matters(): string
    {
        $run = array_values(array_filter(
            $this->inTime(), fn (Run $run): bool => $run->start >= $this->workload->now,
        ))[0] ?? null;
        $must = $this->pressing()[0] ?? null;
        if ($run !== null && ($must === null || $run->start <= $must['latest'])) {
            return sprintf(
                'Switch %s on by %s: the pour is on %s.', $this->workload->kilns[$run->kiln]->id ?? 'the kiln',
                $this->spoken($run->start), $this->spoken($run->end),
            );
        }
        $step = $must === null ? null : $this->workload->steps[$must['step']];

        return $step === null ? 'Nothing presses.' : sprintf(
            'Job %s: %s by %s.', $this->workload->jobs[$step->job]->id, $step->name, $this->spoken($must['latest']),
        );
    }

    /** @return list<Run> */
    private function inTime(): array
    {
        $runs = $this->plan->runs;
        usort($runs, static fn (Run $a, Run $b): int => $a->start <=> $b->start);

        return $runs;
    }

    /** @return list<array{step: int, latest: int}> */
    private function pressing(): array
    {
        $must = array_values(array_filter(array_map(
            (new LatestStarts($this->workload, $this->plan))->of(...), array_keys($this->workload->jobs),
        )));
        usort($must, static fn (array $a, array $b): int => $a['latest'] <=> $b['latest']);

        return $must;
    }

    /** Why it does not begin sooner. */
    private function binds(PlanStep $step, Placed $placed): string
    {
        $ready = $this->workload->now;
        foreach ($step->after as $before) {
            $ready = max($ready, $this->plan->placed[$before]->done ?? $ready);
        }

        return match (true) {
            $placed->fixed => 'it is fixed',
            $placed->start <= $ready => $step->after === [] ? 'nothing' : 'what comes before it',
            $step->isBurnout() => 'the kiln, and hands for its pour',
            $placed->by === null || $step->resource !== 'person' => 'the tumbler',
            default => $this->busy((int) $placed->by, $placed->start),
        };
    }

    private function busy(int $person, int $until): string
    {
        foreach ($this->plan->placed as $at => $other) {
            $step = $this->workload->steps[$at];
            if ($other->by === $person && $other->end === $until && $step->resource === 'person') {
                return "{$this->workload->names[$person]} is at {$this->workload->jobs[$step->job]->id}";
            }
        }

        return 'working hours';
    }

    private function by(PlanStep $step, Placed $placed): ?string
    {
        return match (true) {
            $placed->by === null => null,
            $step->isBurnout() => $this->workload->kilns[$placed->by]->id ?? null,
            $step->resource === 'tumbler' => 'tumbler '.($placed->by + 1),
            default => $this->workload->people[$placed->by],
        };
    }

    private function day(int $minute): string
    {
        return $this->workload->local($minute)->format('Y-m-d');
    }

    private function spoken(int $minute): string
    {
        return $this->workload->local($minute)->format('D j M H:i');
    }
}
