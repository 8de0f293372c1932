<?php

declare(strict_types=1);

namespace Tests\Support;

/** Findings of the plan: code, base, at its limit, just inside. Monday, 2 March 2026. */
final class PlanFindings
{
    /** @return array<string, list<array{string, array<string, mixed>, array<string, mixed>, array<string, mixed>}>> */
    public static function bySheet(): array
    {
        $late = self::from('8:00', '24:00');
        $short = self::from('8:00', '16:00');
        $job = static fn (float $minutes, ?string $due = null, array $more = []): array => ['jobs' => [[
            'id' => '7', ...($due === null ? [] : ['due' => $due]), 'steps' => [
                ['id' => 'finish', 'attended_min' => $minutes, 'splittable' => true, ...$more],
            ],
        ]]];
        $fixed = static fn (string $step, string $at): array => [
            'job' => '7', 'step' => $step, 'start' => "2026-03-02T{$at}",
        ];
        $pair = static fn (array $first, array $second): array => ['jobs' => [['id' => '7', 'steps' => [
            ['id' => 'first', ...$first], ['id' => 'second', 'after' => ['first'], ...$second],
        ]]]];
        $look = static fn (float $minutes): array => ['jobs' => [['id' => '7', 'due' => '2026-03-01', 'steps' => [
            ['id' => 'look', 'attended_min' => 15, 'wait_min' => 2880],
            ['id' => 'finish', 'attended_min' => $minutes, 'after' => ['look']],
        ]]]];
        $stands = $pair(['attended_min' => 10, 'wait_min' => 60, 'stand_most' => 90],
            ['resource' => 'kiln', 'wait_min' => 240]);
        $stood = static fn (string $at): array => [...$stands, 'fixed' => [
            $fixed('first', '08:00'), [...$fixed('second', $at), 'by' => 'k'],
        ]];

        return [
            'time.plan' => [
                ['late', $late, $job(961, '2026-03-02'), $job(960, '2026-03-02')],
                ['slack-short', $late, $job(961, '2026-03-03'), $job(960, '2026-03-03')],
                ['day-full', $short, [...$job(481, null, ['splittable' => false]), 'fixed' => [$fixed('finish',
                    '08:00')]],
                    [...$job(480, null, ['splittable' => false]), 'fixed' => [$fixed('finish', '08:00')]]],
                ['kiln-alone', $short, $job(0, null, ['resource' => 'kiln', 'wait_min' => 481]),
                    $job(0, null, ['resource' => 'kiln', 'wait_min' => 480])],
                ['no-look-time', self::from('0:00', '24:00', '00:00'), $look(0), $look(1)],
                ['stand-long', $short, $stood('09:41'), $stood('09:40')],
                ['nobody-has', $short, ['jobs' => [['id' => '7', 'person' => 'Ysolde']]],
                    ['jobs' => [['id' => '7', 'person' => 'Maren']]]],
                ['no-room', $short, ['horizon_days' => 1, ...$job(961)], ['horizon_days' => 1, ...$job(960)]],
                ['fixed-clash', $short, [...$pair(['attended_min' => 60], ['attended_min' => 10]),
                    'fixed' => [$fixed('second', '08:59')]],
                    [...$pair(['attended_min' => 60], ['attended_min' => 10]), 'fixed' => [$fixed('second', '09:00')]]],
                // Two of them for one pair of hands.
                ['fixed-clash', $short, [...$pair(['attended_min' => 60], ['attended_min' => 10, 'after' => []]),
                    'fixed' => [$fixed('first', '08:00'), $fixed('second', '08:59')]],
                    [...$pair(['attended_min' => 60], ['attended_min' => 10, 'after' => []]),
                        'fixed' => [$fixed('first', '08:00'), $fixed('second', '09:00')]]],
            ],
            // Nothing to spare: eight hours a day.
            'time.promise' => [
                ['no-room', $short, ['job' => '7', 'horizon_days' => 1, ...$job(961)],
                    ['job' => '7', 'horizon_days' => 1, ...$job(960)]],
                ['too-soon', $short, ['job' => '7', 'spread_min' => 0, 'wanted' => '2026-03-02', ...$job(481)],
                    ['job' => '7', 'spread_min' => 0, 'wanted' => '2026-03-02', ...$job(480)]],
                // At an even chance nothing is laid on top; eight of ten is 0.8416 ÷ 1.2816 of the spread.
                ['unsure', $late, ['job' => '7', 'spread_min' => 1440, 'wanted' => '2026-03-02', ...$job(60)],
                    ['job' => '7', 'spread_min' => 1440, 'confidence' => 0.5, 'wanted' => '2026-03-02', ...$job(60)]],
                ['unsure', $late, ['job' => '7', 'spread_min' => 1370.6, 'wanted' => '2026-03-02', ...$job(60)],
                    ['job' => '7', 'spread_min' => 1368, 'wanted' => '2026-03-02', ...$job(60)]],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function from(string $from, string $to, string $now = '08:00'): array
    {
        return [
            'now' => "2026-03-02T{$now}", 'kilns' => [['id' => 'k']], 'people' => [['id' => 'Maren',
                'hours' => array_map(
                    static fn (string $day): array => ['day' => $day, 'from' => $from, 'to' => $to],
                    ['mon', 'tue', 'wed', 'thu', 'fri'],
                )]],
        ];
    }
}
