<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;

/**
 * @param  list<array{string, float, float, string}>  $steps  name, minutes, wait and what it needs
 * @param  array<string, mixed>  $more
 * @return array<string, mixed> a job whose steps follow one another
 */
function jobToPlan(string $id, ?string $due, array $steps, array $more = []): array
{
    $before = [];
    $rows = [];
    foreach ($steps as [$name, $minutes, $waits, $needs]) {
        $rows[] = [
            'id' => $name, 'attended_min' => $minutes, 'wait_min' => $waits, 'resource' => $needs, 'after' => $before,
            'splittable' => in_array($name, ['wax', 'finish'], true),
            ...($needs === 'kiln' ? ['programme' => 'medium', 'pour_c' => 540] : []),
        ];
        $before = [$name];
    }

    return ['id' => $id, 'due' => $due, 'steps' => $rows, ...$more];
}

/** @return list<array{day: string, from: string, to: string}> */
function weekOf(string ...$spans): array
{
    $hours = [];
    foreach (['mon', 'tue', 'wed', 'thu', 'fri'] as $day) {
        foreach ($spans as $span) {
            [$from, $to] = explode('-', $span);
            $hours[] = ['day' => $day, 'from' => $from, 'to' => $to];
        }
    }

    return $hours;
}

/** @param array<string, mixed> $given */
function planOf(array $given): Answer
{
    return reckon('time.plan', [
        'now' => '2026-03-02T08:00', 'people' => [['id' => 'Maren', 'hours' => weekOf('8:00-12:00', '13:00-17:00')]],
        ...$given,
    ]);
}

/** @return array<string, array<string, mixed>> by job and step: `a wax` */
function placedIn(Answer $plan): array
{
    $rows = [];
    foreach ((array) $plan->value('placed') as $row) {
        $rows["{$row['job']} {$row['step']}"] = $row;
    }

    return $rows;
}
