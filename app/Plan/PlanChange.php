<?php

declare(strict_types=1);

namespace App\Plan;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\Finding;

/** What a plan comes to when one step of it is laid elsewhere, beside what it is now. */
final readonly class PlanChange
{
    /** @param array{job: string, step: string, start: string, by?: string} $step */
    private function __construct(private Answer $before, private Answer $after, private array $step) {}

    /** @param array{job: string, step: string, start: string, by?: string} $step */
    public static function of(WorkshopPlan $plan, array $step): self
    {
        $before = $plan->answer();
        $others = array_filter(
            $plan->question()['fixed'],
            static fn (array $row): bool => [$row['job'], $row['step']] !== [$step['job'], $step['step']],
        );

        return new self($before, $plan->answer([
            'fixed' => [...array_values($others), $step],
            'order' => array_column((array) $before->value('jobs'), 'job'),
        ]), $step);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'late_before_min' => $this->before->num('late_min'), 'late_after_min' => $this->after->num('late_min'),
            'moved' => $this->moved(), 'findings' => $this->findings(), 'placed' => $this->placed(),
        ];
    }

    /** @return list<array<string, mixed>> jobs that end at another hour */
    private function moved(): array
    {
        $before = array_column((array) $this->before->value('jobs'), 'ends', 'job');
        $moved = [];
        foreach ((array) $this->after->value('jobs') as $job) {
            if ($before[$job['job']] !== $job['ends']) {
                $moved[] = ['job' => $job['job'], 'before' => $before[$job['job']], 'after' => $job['ends'],
                    'late' => $job['late_min'] > 0];
            }
        }

        return $moved;
    }

    /** @return list<array<string, mixed>> that were not there before */
    private function findings(): array
    {
        $before = array_map(static fn (Finding $one): string => $one->message, $this->before->findings);

        return array_values(array_map(
            static fn (Finding $one): array => $one->toArray(), array_filter(
                $this->after->findings, static fn (Finding $one): bool => ! in_array($one->message, $before, true),
            ),
        ));
    }

    /** @return array<string, mixed>|null where the step would lie */
    private function placed(): ?array
    {
        foreach ((array) $this->after->value('placed') as $row) {
            if ([$row['job'], $row['step']] === [$this->step['job'], $this->step['step']]) {
                return $row;
            }
        }

        return null;
    }
}
