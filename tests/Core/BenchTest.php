<?php

declare(strict_types=1);

// Pushing orders were worked out by hand from the rule in section 13; the rest is the workbook's arithmetic.

it('pushes opposite, then across, then between', function (int $count, array $expected): void {
    expect(reckon('set.sequence', ['count' => $count])->value('sequence'))->toBe($expected);
})->with([
    'two' => [2, [[2, 1]]],
    'four' => [4, [[4, 2], [1, 3]]],
    'six' => [6, [[6, 3], [1, 4], [2, 5]]],
    'eight' => [8, [[8, 4], [2, 6], [1, 5], [3, 7]]],
    'twelve' => [12, [[12, 6], [3, 9], [1, 7], [4, 10], [2, 8], [5, 11]]],
    'three' => [3, [3, 1, 2]],
    'five' => [5, [5, 2, 4, 1, 3]],
]);

it('keeps its rule for every count', function (int $count): void {
    $sequence = (array) reckon('set.sequence', ['count' => $count])->value('sequence');
    $flat = $count % 2 === 0 ? array_merge(...$sequence) : $sequence;
    $numbers = $flat;
    sort($numbers);
    expect($numbers)->toBe(range(1, $count))->and($flat[0])->toBe($count);
    // An axis is farthest from those done where no axis left out is farther.
    $round = $count % 2 === 0 ? $count / 2 : $count;
    $places = array_map(static fn (mixed $one): int => (is_array($one) ? $one[0] : $one) % $count, $sequence);
    $apart = static fn (int $one, int $other): int => min(abs($one - $other), $round - abs($one - $other));
    $far = static fn (int $one, array $done): int => min(
        array_map(static fn (int $other): int => $apart($one, $other), $done),
    );
    foreach ($places as $at => $place) {
        $done = array_slice($places, 0, $at);
        if ($done !== []) {
            expect($far($place, $done))->toBe(
                max(array_map(static fn (int $other): int => $far($other, $done), array_slice($places, $at))),
            );
        }
    }
    foreach ($count % 2 === 0 ? $sequence : [] as [$one, $opposite]) {
        expect(abs($opposite - $one))->toBe($count / 2);
    }
})->with(range(2, 24));

it('goes round three times and looks at the level after each', function (): void {
    $answer = reckon('set.sequence', ['count' => 8]);
    expect(array_column((array) $answer->value('rounds'), 'round'))
        ->toBe(['soft', 'medium', 'firm'])->and($answer->num('pushes'))->toBe(24.0)->and($answer->num('apart_deg'))
        ->toBe(45.0);
});

it('looks before and after, and tells claws how deep and how long', function (): void {
    $claws = reckon('set.sequence', ['count' => 4, 'wire' => 1.2, 'notch' => 0.4]);
    $said = implode(' ', array_column((array) $claws->value('claws'), 'step'));
    // 40 % of 1.2.
    expect($said)
        ->toContain('0.40 mm deep')->toContain('0.48 mm, 40 %')->toContain('2 mm stand')
        ->toContain('1 mm over the crown')
        ->and(array_column((array) $claws->value('before'), 'key'))
        ->toBe(['look', 'seat', 'held'])->and(array_column((array) $claws->value('after'), 'key'))
        ->toBe(['tight', 'level', 'whole', 'snags'])
        ->and(reckon('set.sequence', ['count' => 12])->value('claws'))->toBe([]);
});

it('lists what every seat needs once, and what is owned', function (): void {
    $answer = reckon(
        'tools.list',
        [
            'seats' => [
                ['width' => 3, 'name' => 'left', 'setting' => 'flush'],
                ['width' => 3.05, 'name' => 'right', 'setting' => 'flush'],
                ['width' => 6, 'name' => 'centre', 'setting' => 'bezel'],
            ],
        ],
    );
    $tools = array_map(
        static fn (array $tool): array => [
            $tool['kind'], $tool['size'] === null ? null : round($tool['size'], 3), $tool['for'], $tool['owned'],
        ],
        (array) $answer->value('tools'),
    );
    // Half, 0.7, 0.9 and 0.95 of 3 mm; a 2.10 drill and a 2.70 bur are not on the shipped list.
    expect($tools)->toBe([
        ['drill', 1.5, 'left, right', true], ['drill', 2.1, 'left, right', false],
        ['ball-bur', 2.7, 'left, right', false], ['bearing-bur', 2.85, 'left, right', true],
        ['bezel-pusher', null, 'centre', true], ['burnisher', null, 'centre', true],
        ['flush-burnisher', null, 'left, right', false],
    ])->and($answer->num('needed'))->toBe(7.0)->and($answer->num('missing'))->toBe(3.0)
        ->and($answer->finding('tool-missing')?->message)->toContain('drill 2.10')->toContain('flush burnisher');
});

it('drills for claws a tenth under the wire, and cups their tips', function (): void {
    $tools = array_column(
        (array) reckon(
            'tools.list', ['seats' => [['width' => 6.5]], 'setting' => 'claws', 'wire' => 1.0, 'row_largest' => 2],
        )->value('tools'),
        'size', 'kind',
    );
    expect($tools['cup-bur'])
        ->toBe(1.0)->and($tools)->toHaveKey('claw-pusher')->and($tools['beading-tool'])->toEqualWithDelta(0.7, 1e-9);
    $drills = array_column(
        array_filter(
            (array) reckon(
                'tools.list', ['seats' => [['width' => 6.5]], 'setting' => 'claws', 'wire' => 1.0],
            )->value('tools'),
            static fn (array $tool): bool => $tool['kind'] === 'drill',
        ),
        'size',
    );
    expect($drills)->toEqualWithDelta([0.9], 1e-9);
});

it('adds up the list of what the workshop owns', function (): void {
    $input = [
        'seats' => [['width' => 3]], 'setting' => 'flush',
        'rules' => [
            'stock.tools' => [
                ['name' => 'd', 'kind' => 'drill', 'size' => 1.55], ['name' => 'e', 'kind' => 'drill', 'size' => 2.16],
            ],
        ],
    ];
    expect(
        array_column((array) reckon('tools.list', $input)->value('tools'), 'owned'),
    )->toBe([true, false, false, false, false]);
});

it('finishes in order and weighs what came off', function (): void {
    $answer = reckon(
        'finish.plan',
        [
            'mass_before' => 9, 'mass_after' => 8.55, 'casting_mass' => 10, 'patina' => true, 'rhodium' => true,
            'tumble' => true,
        ],
    );
    $steps = array_column((array) $answer->value('steps'), 'step');
    $at = static fn (string $word): int => (int) array_key_first(
        array_filter($steps, static fn (string $step): bool => str_contains($step, $word)),
    );
    expect($answer->num('loss'))
        ->toEqualWithDelta(0.45, 1e-9)->and($answer->num('loss_share'))->toEqualWithDelta(0.045, 1e-9)
        ->and($answer->num('greatest_step'))->toBe(1.5)
        ->and(
            [$at('220'), $at('1200'), $at('tripoli'), $at('rouge'), $at('tumble'), $at('patina into'), $at('rhodium')],
        )
        ->toBe([0, 5, 6, 7, 8, 9, 10])
        ->and(array_keys(refused('finish.plan', ['grits' => [400, 400]])))->toBe(['grits']);
});

it('stops at the grit that the finish asks for', function (string $finish, int $grits): void {
    expect(
        count(
            array_filter(
                array_column((array) reckon('finish.plan', ['finish' => $finish])->value('steps'), 'step'),
                static fn (string $step): bool => str_contains($step, 'grit'),
            ),
        ),
    )->toBe($grits);
})->with([['polished', 6], ['satin', 4], ['matt', 3]]);

it('tells the client what these stones and this metal want', function (): void {
    $said = static fn (array $input): string => implode(
        ' ', array_column((array) reckon('care.advice', $input)->value('advice'), 'words'),
    );
    expect(
        $said(
            [
                'alloy' => '18k-white-nickel', 'stones' => [['species' => 'opal'], ['species' => 'diamond']],
                'setting' => 'claws', 'rhodium' => true,
            ],
        ),
    )
        ->toContain('No ultrasonic bath: opal')
        ->toContain('No steam and no sudden heat: opal')->toContain('Softer than dust and scratched by it: opal')
        ->toContain('once a year')->toContain('nickel')->toContain('rhodium')->not->toContain('diamond')
        ->and($said(['alloy' => 'sterling-925']))->toContain('tarnishes')->not->toContain('soap')
        ->and(
            $said(
                [
                    'alloy' => '18k-yellow', 'stones' => [['species' => 'sapphire', 'treated' => true]],
                    'setting' => 'bezel',
                ],
            ),
        )
        ->toContain('No ultrasonic bath: sapphire');
});

it('takes the stones off the weight and settles the client’s metal', function (): void {
    $answer = reckon(
        'hand.over',
        [
            'piece_mass' => 8.25, 'stones_carats' => 1.25, 'expected_mass' => 7.9, 'wanted_diameter' => 17,
            'size_measured' => 17.1 * M_PI, 'alloy' => '18k-yellow', 'client_metal' => 10, 'client_returned' => 1.5,
        ],
    );
    expect($answer->num('metal_mass'))
        ->toEqualWithDelta(8.0, 1e-9)->and($answer->num('fine_mass'))->toEqualWithDelta(6.0, 1e-9)
        ->and($answer->num('off_expected'))->toEqualWithDelta(0.1, 1e-9)
        ->and($answer->num('size_off'))
        ->toEqualWithDelta(0.1, 1e-9)->and($answer->num('client_balance'))->toEqualWithDelta(0.5, 1e-9)
        ->and(count((array) $answer->value('left')))->toBe(6);
});
