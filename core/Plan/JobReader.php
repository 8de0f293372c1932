<?php

declare(strict_types=1);

namespace HotSprue\Plan;

use DateTimeImmutable;
use DateTimeZone;
use HotSprue\Fields\BadInput;

/** Reads the jobs of a plan, and puts each one's steps in an order in which they can be done. */
final class JobReader
{
    /**
     * @param  list<array<string, mixed>>  $rows
     * @return array{list<PlanJob>, list<PlanStep>}
     *
     * @throws BadInput where a step waits for one that is not there, or for itself
     */
    public static function read(array $rows, DateTimeZone $zone): array
    {
        $jobs = $steps = [];
        if (count(array_unique(array_column($rows, 'id'))) < count($rows)) {
            throw BadInput::field('jobs', 'Two of them have one id.');
        }
        foreach ($rows as $at => $row) {
            $own = [];
            foreach (self::inOrder((string) $row['id'], $row['steps'] ?? []) as $step) {
                $own[(string) $step['id']] = count($steps);
                $steps[] = self::step($at, $step, array_map(
                    static fn (string $id): int => $own[$id], array_values($step['after']),
                ));
            }
            $jobs[] = new PlanJob(
                (string) $row['id'], (string) ($row['title'] ?? $row['id']), self::past($row['due'] ?? null, $zone),
                (float) $row['weight'], $row['person'] ?? null, array_values($own),
            );
        }

        return [$jobs, $steps];
    }

    /**
     * @param  array<string, mixed>  $row
     * @param  list<int>  $after
     */
    private static function step(int $job, array $row, array $after): PlanStep
    {
        $most = $row['stand_most'] ?? null;

        return new PlanStep(
            $job, (string) $row['id'], (string) ($row['name'] ?? $row['id']), (string) ($row['station'] ?? ''),
            (int) ceil($row['attended_min'] - 1e-9), (int) ceil($row['wait_min'] - 1e-9), (string) $row['resource'],
            $after, $row['splittable'], $row['person'] ?? null, $row['programme'] ?? null,
            isset($row['pour_c']) ? (float) $row['pour_c'] : null, (int) $row['flasks'],
            $most === null ? null : (int) $most,
        );
    }

    /**
     * @param  list<array<string, mixed>>  $steps
     * @return list<array<string, mixed>> each after those that it waits for
     */
    private static function inOrder(string $job, array $steps): array
    {
        $left = array_column($steps, null, 'id');
        if (count($left) < count($steps)) {
            throw BadInput::field('jobs', "Two steps of job {$job} have one id.");
        }
        $ordered = [];
        while ($left !== []) {
            $before = count($ordered);
            foreach ($left as $id => $step) {
                $step['after'] = $step['after'] ?? [];
                if (array_diff_key(array_flip($step['after']), $ordered) === []) {
                    $ordered[$id] = $step;
                    unset($left[$id]);
                }
            }
            if (count($ordered) === $before) {
                throw BadInput::field(
                    'jobs', sprintf('Step %s of job %s waits for one that never is done.', key($left), $job),
                );
            }
        }

        return array_values($ordered);
    }

    /** The minute at which a day is over. */
    private static function past(?string $day, DateTimeZone $zone): ?int
    {
        return $day === null ? null
            : intdiv((new DateTimeImmutable($day, $zone))->modify('+1 day')->setTime(0, 0)->getTimestamp(), 60);
    }
}
