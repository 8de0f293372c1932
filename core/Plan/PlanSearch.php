<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/**
 * Looks for the best plan by counted moves, so that one question has one answer: jobs by when they must start, then
 * late ones first, other hands, burnouts put together, neighbours changed about. A few steps are tried in every order.
 * Source: workbook 15, best plan.
 */
final class PlanSearch
{
    /** Steps laid down in a search from nothing, and in one that goes on from an earlier plan. */
    private const MOVES = ['anew' => 14_000, 'again' => 3_200];

    /** Up to so many steps, every order is tried. */
    private const FEW = 9;

    /** Days from one burnout to the next. */
    private const RHYTHMS = [1, 2, 4, 7];

    private const KICKS = 10;

    private readonly Orders $orders;

    private int $left;

    /** @var array<string, Plan> what each choice came to: ways down from different starts meet */
    private array $known = [];

    private Choice $choice;

    private Plan $plan;

    private function __construct(private readonly Workload $workload, private readonly Prepared $prepared, string $how)
    {
        $this->left = self::MOVES[$how];
        $this->orders = new Orders($workload);
    }

    /** @param list<string> $before jobs in the order of an earlier plan */
    public static function best(
        Workload $workload, Prepared $prepared, array $before = [], bool $isQuick = false,
    ): self
    {
        $search = new self($workload, $prepared, $before === [] && ! $isQuick ? 'anew' : 'again');
        $starts = $search->starts($before);
        [$search->choice, $search->plan] = $starts[0];
        array_sum(array_map(static fn (PlanJob $job): int => count($job->steps), $workload->jobs)) > self::FEW
            || $search->everyOrder();
        // From each start its own way down: the best of them all is kept.
        foreach ($starts as $at => [$choice, $plan]) {
            $at === 0 ? $search->improve() : $search->from($choice, $plan);
        }
        foreach ($search->kicks() as $choice) {
            if ($search->left < count($choice->order)) {
                break;
            }
            $search->from($choice, $search->place($choice));
        }

        return $search;
    }

    private function from(Choice $choice, Plan $plan): void
    {
        [$best, $chosen] = [$this->plan, $this->choice];
        [$this->choice, $this->plan] = [$choice, $plan];
        $this->improve();
        $this->plan->isBetterThan($best) || [$this->plan, $this->choice] = [$best, $chosen];
    }

    /**
     * @param  list<string>  $before
     * @return non-empty-list<array{Choice, Plan}> the best first
     */
    private function starts(array $before): array
    {
        $orders = $before === []
            ? [$this->orders->byLatestStart(), $this->orders->stepByStep(), $this->orders->byDay()]
            : [$this->orders->of($before)];
        $starts = [];
        foreach ($orders as $order) {
            foreach ($this->workload->kilns === [] ? [1] : self::RHYTHMS as $rhythm) {
                $choice = new Choice($order, rhythm: $rhythm);
                $starts[] = [$choice, $this->place($choice)];
            }
        }
        usort($starts, static fn (array $a, array $b): int => $a[1]->score <=> $b[1]->score);

        return $starts;
    }

    public function plan(): Plan
    {
        return $this->plan;
    }

    public function choice(): Choice
    {
        return $this->choice;
    }

    private function place(Choice $choice): Plan
    {
        $key = $choice->key();
        if (! isset($this->known[$key])) {
            $this->left -= count($choice->order);
            $this->known[$key] = Scheduler::place($this->workload, $choice, $this->prepared);
        }

        return $this->known[$key];
    }

    private function try(Choice $choice): bool
    {
        $plan = $this->place($choice);
        if (! $plan->isBetterThan($this->plan)) {
            return false;
        }
        [$this->plan, $this->choice] = [$plan, $choice];

        return true;
    }

    private function everyOrder(): void
    {
        $hands = count($this->workload->jobs) <= 3 ? $this->everyHand() : [[]];
        foreach ($this->orders->every() as $order) {
            foreach ($hands as $who) {
                foreach (self::RHYTHMS as $rhythm) {
                    if ($this->left < 0) {
                        return;
                    }
                    $this->try(new Choice($order, $who, $rhythm));
                    if ($this->workload->kilns === []) {
                        break;
                    }
                }
            }
        }
    }

    /** @return list<array<int, int>> every way to give jobs to people */
    private function everyHand(): array
    {
        $ways = [[]];
        foreach (array_keys($this->workload->jobs) as $job) {
            $next = [];
            foreach ($ways as $way) {
                foreach ($this->prepared->hands as $person) {
                    $next[] = $way + [$job => $person];
                }
            }
            $ways = $next === [] ? $ways : $next;
        }

        return $ways;
    }

    /** Each move starts from the best that was found by then. */
    private function improve(): void
    {
        do {
            $before = $this->plan;
            foreach ($this->moves() as $choice) {
                if ($this->left < count($choice->order)) {
                    return;
                }
                $this->try($choice);
            }
        } while ($this->plan !== $before);
    }

    /** @return iterable<Choice> */
    private function moves(): iterable
    {
        yield from $this->together();
        foreach ($this->late() as $job) {
            yield $this->choice->hurrying($job);
            yield $this->choice->ordered($this->orders->first($this->choice->order, $job));
            yield from $this->otherHands($job);
        }
        $order = $this->orders->jobsIn($this->choice->order);
        for ($at = 1; $at < count($order); $at++) {
            yield $this->choice->ordered($this->orders->before($this->choice->order, $order[$at], $order[$at - 1]));
        }
        foreach ($order as $job) {
            yield from $this->otherHands($job);
        }
        foreach ($order as $job) {
            foreach ($order as $other) {
                if ($other !== $job) {
                    yield $this->choice->ordered($this->orders->before($this->choice->order, $job, $other));
                }
            }
        }
    }

    /** @return list<int> jobs that are late, the worst first */
    private function late(): array
    {
        $late = [];
        foreach ($this->workload->jobs as $at => $job) {
            $late[$at] = $job->weight * $this->plan->lateness($at);
        }
        $late = array_filter($late);
        arsort($late);

        return array_keys($late);
    }

    /** @return iterable<Choice> */
    private function otherHands(int $job): iterable
    {
        if ($this->workload->anyHand || $this->workload->jobs[$job]->person !== null) {
            return;
        }
        foreach ($this->prepared->hands as $person) {
            if ($person !== ($this->plan->hands[$job] ?? null)) {
                yield $this->choice->handing($job, $person);
            }
        }
    }

    /** @return iterable<Choice> burnouts that wait for one another, so that they are one */
    private function together(): iterable
    {
        foreach ($this->workload->steps as $at => $step) {
            $own = $step->isBurnout() ? $this->plan->placed[$at] ?? null : null;
            if ($own === null || $own->fixed) {
                continue;
            }
            foreach ($this->plan->runs as $run) {
                $room = $this->workload->kilns[$run->kiln]->flasks ?? 0;
                if ($run->start === $own->start || ! $run->suits($step, $room, $this->workload->fall)) {
                    continue;
                }
                if ($run->start > $own->start) {
                    yield $this->choice->waiting($at, $run->start);
                } elseif (isset($this->prepared->flasks[$at])) {
                    yield from $this->waitingFor($this->prepared->flasks[$at], $run);
                }
            }
        }
    }

    /** @return iterable<Choice> a burnout that waits until another flask has stood, invested as soon as it can be */
    private function waitingFor(Flask $flask, Run $run): iterable
    {
        $invest = $this->workload->steps[$flask->invest];
        $ready = $this->workload->now;
        foreach ($invest->after as $before) {
            $ready = max($ready, $this->plan->placed[$before]->done ?? 0);
        }
        foreach ($this->prepared->flasks as $at => $other) {
            $first = $this->workload->steps[$other->invest];
            if ($at === $other->burnout && $first->job === $run->jobs[0]) {
                // Both are invested in one morning, one after the other.
                yield $this->choice->waiting($other->burnout, max(
                    $run->start + $invest->minutes, $ready + $invest->minutes + $invest->waits + $first->minutes,
                ));
            }
        }
    }

    /** @return iterable<Choice> a way out of a plan that no one move makes better: one job to the front,
        one behind it */
    private function kicks(): iterable
    {
        $jobs = array_keys($this->workload->jobs);
        $count = count($jobs);
        for ($kick = 0; $kick < min(self::KICKS, $count * ($count - 1)); $kick++) {
            $one = $jobs[$kick % $count];
            $other = $jobs[($kick * 5 + intdiv($kick, $count) + 1) % $count];
            yield $this->choice->ordered(
                $this->orders->first($this->orders->first($this->choice->order, $other), $one),
            );
        }
    }
}
