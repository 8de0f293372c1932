<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;

/**
 * @param  array<string, mixed>  $given
 * @return array<string, array<string, mixed>> by their ids
 */
function stepsOf(array $given): array
{
    return array_column((array) steps($given)->value('steps'), null, 'id');
}

/** @param array<string, mixed> $given */
function steps(array $given): Answer
{
    return reckon('time.steps', $given);
}

it('takes the workbook’s minutes of a cast ring', function (): void {
    $steps = stepsOf([
        'letters' => 4, 'textured' => true, 'seats' => 2, 'sprues' => 3, 'flasks' => 2, 'stand' => 90, 'burnout' => 540,
        'stones' => [['setting' => 'claws', 'count' => 2], ['setting' => 'bead', 'count' => 10]], 'grits' => 5,
        'tumble' => true, 'patina' => true, 'plating' => true,
    ]);
    $minutes = array_map(static fn (array $step): array => [$step['attended_min'], $step['wait_min']], $steps);
    expect($minutes)->toEqual([
        'brief' => [30, 0], 'form' => [30, 0],
        'stones' => [15 + 5 * 12, 0],
        'wax' => [120 + 2.5 * 4 + 60 + 45 * 2, 0],
        'look' => [15, 2880], 'sprue' => [15 + 5 * 3, 0], 'invest' => [25 * 2, 90], 'burnout' => [0, 540],
        'pour' => [20 * 2, 20], 'clean' => [15, 10], 'prefinish' => [45, 0],
        'set' => [25 * 2 + 15 * 10, 0], 'finish' => [45 + 5 * 5, 0], 'tumble' => [0, 120], 'patina' => [15, 0],
        'plating' => [20, 0], 'handover' => [20, 0],
    ])->and($steps['burnout']['resource'])->toBe('kiln')->and($steps['tumble']['resource'])->toBe('tumbler');
});

it('has no kiln in a ring made by hand, and makes its parts before its heats', function (): void {
    $steps = stepsOf([
        'kind' => 'fabricated', 'bezels' => 1, 'claws' => 6, 'plates' => 1, 'holes' => 7, 'heats' => 3,
    ]);
    expect(array_keys($steps))->toBe([
        'brief', 'form', 'shank', 'made', 'heat-1', 'heat-2', 'heat-3', 'prefinish', 'finish', 'handover',
    ])->and($steps['shank']['attended_min'])->toEqual(45)
        ->and($steps['made']['attended_min'])->toEqual(40 + 12 * 6 + 60 + 6 * 7)
        ->and($steps['heat-2']['attended_min'])->toEqual(12)->and($steps['heat-2']['wait_min'])->toEqual(10);
});

it('makes a wax by mould or print in other minutes', function (string $process, float $minutes): void {
    expect(stepsOf(['process' => $process, 'letters' => 9])['wax']['attended_min'])->toEqual($minutes);
})->with([['mould', 15.0], ['resin', 10.0]]);

it('takes what a step’s own clock said, and leaves out what is done', function (): void {
    $steps = stepsOf(['clocks' => [
        ['step' => 'brief', 'done' => true], ['step' => 'form', 'done' => true], ['step' => 'wax', 'minutes' => 205],
        ['step' => 'invest', 'done' => true],
    ]]);
    expect($steps)->not->toHaveKeys(['brief', 'form', 'invest'])->and($steps['wax']['attended_min'])->toEqual(205)
        ->and($steps['wax']['after'])->toBe([])
        // What waited for it waits for what stands before it now.
        ->and($steps['burnout']['after'])->toBe(['sprue']);
});

it('leaves all heats out together once their joints are closed', function (): void {
    $steps = stepsOf(['kind' => 'fabricated', 'heats' => 3, 'clocks' => [['step' => 'heats', 'done' => true]]]);
    expect(array_keys($steps))->toBe(['brief', 'form', 'shank', 'prefinish', 'finish', 'handover'])
        ->and($steps['prefinish']['after'])->toBe(['shank']);
    // Each takes what a heat was timed at.
    $timed = stepsOf(['kind' => 'fabricated', 'heats' => 2, 'clocks' => [['step' => 'heats', 'minutes' => 20]]]);
    expect($timed['heat-1']['attended_min'])->toEqual(20)->and($timed['heat-2']['attended_min'])->toEqual(20);
});

it('adds up what is attended and what waits, for any job', function (): void {
    mt_srand(5);
    for ($case = 0; $case < 80; $case++) {
        $answer = steps([
            'kind' => ['cast', 'fabricated', 'sizing'][mt_rand(0, 2)], 'letters' => mt_rand(0, 9),
            'seats' => mt_rand(0, 4), 'look' => mt_rand(0, 1) === 1, 'heats' => mt_rand(0, 5),
            'stones' => array_map(static fn (): array => [
                'setting' => ['bezel', 'claws', 'flush', 'bead', 'shared'][mt_rand(0, 4)], 'count' => mt_rand(1, 20),
            ], range(0, mt_rand(0, 3))), 'tumble' => mt_rand(0, 1) === 1, 'plating' => mt_rand(0, 1) === 1,
        ]);
        $steps = (array) $answer->value('steps');
        $ids = array_column($steps, 'id');
        expect(array_unique($ids))->toHaveCount(count($ids))
            ->and($answer->num('attended'))->toEqualWithDelta(array_sum(array_column($steps, 'attended_min')), 1e-9)
            ->and($answer->num('length'))->toEqualWithDelta($answer->num('attended') + $answer->num('waiting'), 1e-9);
        foreach ($steps as $at => $step) {
            expect($step['after'])->toBe($at === 0 ? [] : [$ids[$at - 1]]);
        }
    }
});

it('follows the workshop’s own minutes', function (): void {
    expect(stepsOf(['rules' => ['time.carve' => 200, 'time.client' => 1440]]))
        ->toHaveKey('wax.attended_min', 200.0)->toHaveKey('look.wait_min', 1440.0);
});
