<?php

declare(strict_types=1);

namespace Tools\Benchmark;

use DateTimeImmutable;
use HotSprue\Calculations;
use HotSprue\Plan\Hours;

/** A full workshop to be planned: forty jobs of sixteen steps, three people, two kilns, sixty days. */
final class Planning
{
    private const JOBS = 40;

    /** Step, minutes, wait and what it needs. */
    private const STEPS = [
        ['brief', 30, 0, 'person'], ['form', 30, 0, 'person'], ['stones', 35, 0, 'person'], ['wax', 210, 0, 'person'],
        ['look', 15, 2880, 'person'], ['sprue', 30, 0, 'person'], ['invest', 25, 60, 'person'],
        ['burnout', 0, 540, 'kiln'], ['pour', 20, 20, 'person'], ['clean', 15, 10, 'person'],
        ['heat-1', 12, 10, 'person'], ['heat-2', 12, 10, 'person'], ['prefinish', 45, 0, 'person'],
        ['set', 120, 0, 'person'], ['finish', 65, 0, 'person'], ['handover', 20, 0, 'person'],
    ];

    /** @return iterable<Measured> */
    public static function measure(): iterable
    {
        $asked = self::workshop();
        $order = array_column((array) Calculations::answer('time.plan', $asked)->value('jobs'), 'job');
        $moved = $asked;
        $moved['jobs'][7]['due'] = '2027-01-04';
        $samples = array_map(
            static fn (int $at): array => ['value' => 0.014 + ($at * 37 % 60) / 10_000, 'at' => '2026-03-02'],
            range(1, 2000),
        );

        yield Measured::of('core time.plan, 40 jobs of 16 steps', 10, self::asking('time.plan', $asked), 400.0);
        yield Measured::of(
            'core time.plan, after one change', 10, self::asking('time.plan', [...$moved, 'order' => $order]),
            150.0,
        );
        yield Measured::of('core time.promise, behind 39 jobs', 10, self::asking('time.promise', [
            ...$asked, 'order' => $order, 'job' => '39',
        ]), 300.0);
        yield Measured::of('core own.figure, 2,000 samples', 20, self::asking('own.figure', [
            'samples' => $samples, 'default' => 0.015,
        ]), 20.0);
    }

    /**
     * @param  array<string, mixed>  $input
     * @return callable(): mixed
     */
    private static function asking(string $sheet, array $input): callable
    {
        return static fn () => Calculations::answer($sheet, $input);
    }

    /** @return array<string, mixed> */
    private static function workshop(): array
    {
        $hours = [];
        foreach (array_slice(Hours::WEEKDAYS, 0, 5) as $day) {
            $hours[] = ['day' => $day, 'from' => '8:30', 'to' => '12:30'];
            $hours[] = ['day' => $day, 'from' => '13:15', 'to' => '17:15'];
        }

        return [
            'now' => '2026-12-01T08:00', 'zone' => 'Europe/Oslo', 'people' => [
                ['id' => 'Maren', 'hours' => $hours], ['id' => 'Tobit', 'hours' => $hours],
                ['id' => 'Ysolde', 'hours' => array_slice($hours, 0, 6)],
            ], 'kilns' => [
                ['id' => 'front', 'flasks' => 4, 'alone' => true], ['id' => 'back', 'flasks' => 2, 'alone' => true],
            ], 'jobs' => array_map(self::job(...), range(0, self::JOBS - 1)),
        ];
    }

    /** @return array<string, mixed> no two of them are alike */
    private static function job(int $at): array
    {
        $steps = [];
        foreach (self::STEPS as $which => [$name, $minutes, $waits, $needs]) {
            $steps[] = [
                'id' => $name, 'resource' => $needs, 'splittable' => in_array($name, ['wax', 'set', 'finish'], true),
                'attended_min' => $minutes + ($minutes > 60 ? $at * 53 % 120 : 0),
                'wait_min' => $needs === 'kiln' ? [360, 540, 720][$at % 3] : $waits,
                'after' => $which === 0 ? [] : [self::STEPS[$which - 1][0]],
                ...($needs === 'kiln' ? ['programme' => (string) ($at % 3),
                    'pour_c' => [480, 540, 600][$at * 7 % 3]] : []),
            ];
        }
        $due = (new DateTimeImmutable('2026-12-06'))->modify(sprintf('+%d days', $at * 29 % 52));

        return ['id' => (string) $at, 'due' => $due->format('Y-m-d'), 'steps' => $steps];
    }
}
