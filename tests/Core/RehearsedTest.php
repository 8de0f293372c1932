<?php

declare(strict_types=1);

use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use HotSprue\Heat\PourOutcome;
use HotSprue\Heat\PourRehearsed;
use HotSprue\Setting\Pushes;
use HotSprue\Setting\PushOutcome;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** @param array<string, float> $done */
function pour(array $done, string $alloy = 'sterling-925', float $mass = 25.0): PourRehearsed
{
    $metal = Alloy::named($alloy, WorkshopSettings::shipped());

    return new PourRehearsed($metal, $mass, 480.0, $done);
}

/** When the torch has brought 25 g of sterling to this heat, s: 200 W into 7 J/K, slower by two thirds as it melts. */
function torchTo(float $celsius): float
{
    $time = static fn (float $to): float => -49.0 * log(1 - ($to - 20) / 1400);

    return $time(min($celsius, 802)) + 3 * max(0.0, $time(min($celsius, 899)) - $time(802))
        + max(0.0, $time($celsius) - $time(899));
}

const IN_ORDER = ['arm' => 0.0, 'crucible' => 2.0, 'torch' => 4.0];

it('stays level in the order of the workbook, three rounds', function (int $count, array $order): void {
    $all = [...$order, ...$order, ...$order];
    $pushes = Pushes::of($count, $all);
    expect($pushes->isDone())->toBeTrue()->and($pushes->early)->toBe([])->and($pushes->hasTipped())->toBeFalse()
        ->and($pushes->tilt())->toEqualWithDelta(0.0, 1e-9)->and($pushes->said())->toContain('Level')
        ->and($pushes->next())->toBeNull()->and($pushes->round())->toBe(3);
})->with([
    'twelve' => [12, [12, 6, 3, 9, 1, 7, 4, 10, 2, 8, 5, 11]], 'eight' => [8, [8, 4, 2, 6, 1, 5, 3, 7]],
    'five' => [5, [5, 2, 4, 1, 3]],
]);

it('takes either of a pair first', function (): void {
    expect(Pushes::of(4, [2, 4, 1, 3])->early)->toBe([])->and(Pushes::of(4, [1, 3, 4, 2])->early)->toBe([1, 3, 4, 2]);
});

it('tips where two neighbours are pushed, and says which was to come', function (): void {
    // 12 and 1 of twelve, 30° apart: 2 cos 15° = 1.93 degrees off level.
    $pushes = Pushes::of(12, [12, 1]);
    expect($pushes->hasTipped())->toBeTrue()->and($pushes->tilt())->toEqualWithDelta(2 * cos(deg2rad(15)), 1e-9)
        ->and($pushes->towards())->toEqualWithDelta(15.0, 1e-6)
        ->and($pushes->said())->toContain('tipped towards 1')->and($pushes->said())->toContain('6 was to come next');
});

it('tips at its limit and not just inside', function (array $pushed, bool $tips): void {
    // Of eight: 8 and 2 stand 90° apart, 1.41 degrees; 8 and 1 45°, 1.85.
    expect(Pushes::of(8, $pushed)->hasTipped())->toBe($tips);
})->with([[[8, 2], false], [[8, 1], true], [[8, 8], true]]);

it('hears of nothing after it has tipped', function (): void {
    expect(Pushes::of(12, [12, 1, 6, 7])->pushed)->toBe([12, 1]);
});

it('holds a stone pushed in another order, and says what came early', function (): void {
    $another = [2, 4, 1, 3];
    $pushes = Pushes::of(4, [...[1, 3, 4, 2], ...$another, ...$another]);
    expect($pushes->isDone())->toBeTrue()->and($pushes->said())->toContain('1, 3, 4, 2 came before its turn');
});

it('ranks what became of the stone, the level one best', function (
    array $pushed, PushOutcome $outcome, int $rank,
): void {
    expect(Pushes::of(4, $pushed)->outcome())->toBe($outcome)->and($outcome->rank())->toBe($rank);
})->with([
    'level' => [[4, 2, 1, 3, 4, 2, 1, 3, 4, 2, 1, 3], PushOutcome::Level, 0],
    'held' => [[1, 3, 4, 2, 4, 2, 1, 3, 4, 2, 1, 3], PushOutcome::Held, 1],
    'left off' => [[4, 2], PushOutcome::LeftOff, 2], 'tipped' => [[4, 4], PushOutcome::Tipped, 3],
]);

it('refuses a claw that is not there', function (): void {
    expect(fn () => Pushes::of(4, [5]))->toThrow(BadInput::class, '1 to 4 is accepted');
});

it('brings the metal to heat as its mass and its metal ask', function (float $celsius): void {
    // 25 g of sterling take 0.28 × 25 = 7 J a degree: τ = 1400 × 7 ÷ 200 = 49 s.
    expect(pour(['torch' => 0.0])->metal(torchTo($celsius)))->toEqualWithDelta($celsius, 0.01);
})->with([300, 800, 850, 899, 960]);

it('cools at once when the torch is off', function (): void {
    $at = torchTo(960);
    expect(pour(['torch' => 0.0, 'torch-off' => $at])->metal($at + 2))->toEqualWithDelta(910, 0.01)
        ->and(pour(['torch' => 0.0, 'torch-off' => $at])->metal($at + 100))->toBe(20.0);
});

it('looks as it is', function (float $celsius, bool $fluxed, string $look): void {
    $done = ['torch' => 0.0, ...($fluxed ? ['flux' => 1.0] : [])];
    expect(pour($done)->look(torchTo($celsius)))->toContain($look);
})->with([
    [500, true, 'cold'], [700, true, 'glows'], [850, true, 'slumps together'], [920, true, 'rolls slowly'],
    [950, true, 'mirror'], [950, false, 'dull skin'], [1005, true, 'smokes'],
]);

it('fills, or says why not', function (array $done, float $celsius, PourOutcome $outcome, string $words): void {
    $at = 4 + torchTo($celsius);
    $steps = array_map(static fn (float $time): float => $time < 0 ? $at + $time : $time, $done);
    $pour = pour([...$steps, 'release' => $at]);
    expect($pour->outcome())->toBe($outcome)->and($pour->said())->toContain($words);
})->with([
    'in order' => [[...IN_ORDER, 'flux' => 40.0, 'flask' => -5.0], 950, PourOutcome::Filled, 'torch on it to the last'],
    'flask before the torch' => [
        ['arm' => 0.0, 'crucible' => 2.0, 'flask' => -5.0, 'torch' => 4.0, 'flux' => 40.0], 950, PourOutcome::Filled,
        'not in order',
    ],
    'no flask' => [[...IN_ORDER, 'flux' => 40.0], 950, PourOutcome::Spilled, 'no flask in the cradle'],
    'arm not wound' => [
        ['crucible' => 2.0, 'torch' => 4.0, 'flux' => 40.0, 'flask' => -5.0], 950, PourOutcome::Spilled, 'lurched',
    ],
    'too early' => [[...IN_ORDER, 'flux' => 40.0, 'flask' => -5.0], 930, PourOutcome::Unfilled, 'wait for the mirror'],
    'too late' => [[...IN_ORDER, 'flux' => 40.0, 'flask' => -5.0], 1001, PourOutcome::Gassed, 'smoked and boiled'],
    'a flask grown cold' => [
        [...IN_ORDER, 'flux' => 40.0, 'flask' => -63.0], 950, PourOutcome::Unfilled, 'grew too cold',
    ],
    'a flask just warm' => [[...IN_ORDER, 'flux' => 40.0, 'flask' => -62.0], 950, PourOutcome::Filled, 'warm flask'],
    'no flux' => [[...IN_ORDER, 'flask' => -5.0], 950, PourOutcome::Dirty, 'no flux'],
    'not glazed' => [
        ['arm' => 0.0, 'torch' => 4.0, 'flux' => 40.0, 'flask' => -5.0], 950, PourOutcome::Dirty, 'not glazed',
    ],
    'torch off before' => [
        [...IN_ORDER, 'flux' => 40.0, 'flask' => -5.0, 'torch-off' => -2.0], 960, PourOutcome::Unfilled,
        'stays on until the arm is let go',
    ],
    'never lit' => [['arm' => 0.0, 'crucible' => 2.0, 'flask' => -5.0], 950, PourOutcome::Unfilled, 'torch on it'],
]);

it('is not poured before the release', function (): void {
    expect(pour(IN_ORDER)->outcome())->toBeNull()->and(pour(IN_ORDER)->said())->toContain('Not poured yet');
});

it('refuses a metal that this torch does not melt', function (): void {
    expect(fn () => Calculations::answer('pour.minute', ['alloy' => 'platinum-950']))
        ->toThrow(BadInput::class, 'gold, silver or bronze');
});

it('needs two nodes of its own for each link', function (): void {
    $node = ['part' => 'a', 'x_mm' => 0, 'y_mm' => 0, 'mass_g' => 1, 'surface_mm2' => 50, 'capacity' => 250,
        'solidus_c' => 802];
    $step = static fn (array $links): mixed => Calculations::answer('heat.step', [
        'nodes' => [$node, $node], 'links' => $links,
    ]);
    expect(fn () => $step([['from' => 0, 'to' => 2, 'w_per_k' => 1]]))->toThrow(BadInput::class, 'two nodes of 0 to 1')
        ->and(fn () => $step([['from' => 1, 'to' => 1, 'w_per_k' => 1]]))->toThrow(BadInput::class, 'two nodes')
        ->and($step([['from' => 0, 'to' => 1, 'w_per_k' => 1]])->value('at'))->toEqualWithDelta(0.2, 1e-9);
});

it('says what is wrong with a piece', function (array $given, string $field, string $words): void {
    try {
        Calculations::answer('heat.piece', $given);
        $this->fail('It was taken.');
    } catch (BadInput $bad) {
        expect($bad->errors[$field][0] ?? '')->toContain($words);
    }
})->with([
    'no joint now' => [
        [
            'parts' => [['id' => 'a', 'alloy' => 'sterling-925']],
            'joints' => [['id' => 'j', 'parts' => 'a, a', 'when' => 'before', 'solder' => 'silver-hard']],
        ], 'joints', 'one that is made now is accepted',
    ],
    'an unknown part' => [
        [
            'parts' => [['id' => 'a', 'alloy' => 'sterling-925']],
            'joints' => [['id' => 'j', 'parts' => 'a, b', 'solder' => 'silver-hard']],
        ], 'joints', 'part b is not here; a is accepted',
    ],
    'no solder' => [
        ['parts' => [['id' => 'a', 'alloy' => 'sterling-925']], 'joints' => [['id' => 'j', 'parts' => 'a, a']]],
        'joints', 'has no solder',
    ],
    'twice the same name' => [
        [
            'parts' => [['id' => 'a', 'alloy' => 'sterling-925'], ['id' => 'a', 'alloy' => 'sterling-925']],
            'joints' => [['id' => 'j', 'parts' => 'a, a', 'solder' => 'silver-hard']],
        ], 'parts', 'a name of its own',
    ],
    'too large' => [
        [
            'parts' => [['id' => 'a', 'alloy' => 'sterling-925', 'form' => 'plate', 'length' => 60, 'width' => 60]],
            'joints' => [['id' => 'j', 'parts' => 'a, a', 'solder' => 'silver-hard']],
        ], 'parts', 'too large',
    ],
]);

it('cuts a piece as the workbook does', function (): void {
    $piece = Calculations::answer('heat.piece', [
        'parts' => [
            ['id' => 'shank', 'alloy' => 'sterling-925', 'mass' => 4.5, 'form' => 'ring', 'width' => 4,
                'thickness' => 1.8],
            ['id' => 'wire', 'alloy' => 'sterling-925', 'form' => 'bar', 'length' => 12, 'width' => 1],
        ],
        'joints' => [
            ['id' => 'seam', 'parts' => 'shank, shank', 'solder' => 'silver-hard', 'when' => 'before'],
            ['id' => 'on', 'parts' => 'shank, wire', 'solder' => 'silver-easy'],
        ],
    ]);
    $of = static fn (string $part): array => array_values(array_filter(
        (array) $piece->value('nodes'), static fn (array $node): bool => $node['part'] === $part,
    ));
    $links = (array) $piece->value('links');
    // A shank of sixteen whose seam cuts its round; a wire of 12 mm in three.
    expect($of('shank'))->toHaveCount(16)->and($of('wire'))->toHaveCount(3)->and($links)->toHaveCount(15 + 2)
        ->and($of('shank')[0]['mass_g'])->toEqualWithDelta(4.5 / 16, 1e-9)
        // 434.36 mm³ in 7.2 mm² are 60.33 mm: 3.770 mm a piece, 360 × 7.2 ÷ 3.770 ÷ 1000 W/K.
        ->and($links[0]['w_per_k'])->toEqualWithDelta(360 * 7.2 / (4500 / 10.36 / 7.2 / 16) / 1000, 1e-9)
        // 1 mm² × 4 mm of 10.36; its round of 4 mm and a third of its two ends.
        ->and($of('wire')[0]['mass_g'])->toEqualWithDelta(4 * 10.36 / 1000, 1e-9)
        ->and($of('wire')[0]['surface_mm2'])->toEqualWithDelta(16 + 2 / 3, 1e-9)
        // Charcoal takes 3 W/m²K of each surface.
        ->and($of('wire')[0]['held_w_per_k'])->toEqualWithDelta(3e-6 * (16 + 2 / 3), 1e-12);
});

it('grips one node with a third arm, and no other', function (): void {
    $piece = Calculations::answer('heat.piece', [
        'parts' => [['id' => 'shank', 'alloy' => 'sterling-925', 'mass' => 4.5, 'form' => 'ring']],
        'joints' => [['id' => 'seam', 'parts' => 'shank, shank', 'solder' => 'silver-hard']],
        'support' => 'third-arm',
    ]);
    $held = array_filter(array_column((array) $piece->value('nodes'), 'held_w_per_k'));
    expect(array_values($held))->toBe([0.02]);
});

it('calls no stone level that was pushed early, though it stands level', function (): void {
    $another = [2, 4, 1, 3];
    $pushes = Pushes::of(4, [...[1, 3, 4, 2], ...$another, ...$another]);
    expect($pushes->tilt())->toEqualWithDelta(0.0, 1e-9)->and($pushes->outcome())->toBe(PushOutcome::Held)
        ->and($pushes->said())->not->toContain('Level,');
});
