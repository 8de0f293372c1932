<?php

declare(strict_types=1);

use HotSprue\Job\JobFacts;
use HotSprue\Job\JobSpent;
use HotSprue\Price\Money;
use HotSprue\Price\QuoteChange;
use HotSprue\Price\Settled;

/** @return array<string, mixed> */
function quoteLine(string $label, float $amount, string $group = 'bench'): array
{
    return ['group' => $group, 'label' => $label, 'quantity' => 1.0, 'unit' => '', 'rate' => $amount,
        'amount' => $amount];
}

it('tells only what changed between two quotes', function (): void {
    $before = [quoteLine('Wax', 120), quoteLine('burnout', 14), quoteLine('gone', 5)];
    $after = [quoteLine('Wax', 120), quoteLine('burnout', 20.01), quoteLine('come', 7.5)];
    expect(QuoteChange::between($before, $after, 2))->toEqual([
        ['label' => 'burnout', 'before' => 14, 'after' => 20.01, 'difference' => 6.01],
        ['label' => 'gone', 'before' => 5, 'after' => 0, 'difference' => -5],
        ['label' => 'come', 'before' => 0, 'after' => 7.5, 'difference' => 7.5],
    ])->and(QuoteChange::between($before, $before, 2))->toBe([]);
});

it('takes lines of one name together, and no part of a coin for a change', function (): void {
    $one = [quoteLine('stone', 10), quoteLine('stone', 5)];
    expect(QuoteChange::between($one, [quoteLine('stone', 15)], 2))->toBe([])
        ->and(QuoteChange::between([quoteLine('a', 0.1 + 0.2)], [quoteLine('a', 0.3)], 2))->toBe([])
        // Yen have no smaller coin, dinars a thousandth.
        ->and(QuoteChange::between([quoteLine('a', 100.4)], [quoteLine('a', 100.2)], 0))->toBe([])
        ->and(QuoteChange::between([quoteLine('a', 1.001)], [quoteLine('a', 1.002)], 3)[0]['difference'])
        ->toEqualWithDelta(0.001, 1e-12);
});

it('has changes that add up to the change of the total, whatever is asked', function (int $places): void {
    mt_srand(40 + $places);
    for ($case = 0; $case < 30; $case++) {
        $asked = static fn (): array => ['lines' => array_map(static fn (int $at): array => [
            'group' => ['bench', 'metal', 'fire'][$at % 3], 'label' => "line {$at}", 'quantity' => mt_rand(1, 900) / 10,
            'rate' => mt_rand(1, 90_000) / 1000,
        ], range(0, mt_rand(0, 7))), 'margin' => mt_rand(0, 60) / 100, 'tax' => mt_rand(0, 30) / 100,
            'round_to' => mt_rand(0, 2) * 5, 'currency' => [0 => 'JPY', 2 => 'EUR', 3 => 'KWD'][$places]];
        [$one, $other] = [reckon('price.quote', $asked()), reckon('price.quote', $asked())];
        $changes = QuoteChange::between((array) $one->value('lines'), (array) $other->value('lines'), $places);
        $sum = array_reduce($changes, static fn (Money $sum, array $change): Money => $sum->plus(
            Money::of($change['difference'], $places),
        ), Money::of(0.0, $places));
        expect($sum->minor)->toBe(
            Money::of($other->num('total'), $places)->minor - Money::of($one->num('total'), $places)->minor,
        );
    }
})->with([0, 2, 3]);

it('owes what was agreed on less what was paid', function (?int $total, array $payments, int $paid, int $owed): void {
    $settled = Settled::of($total, $payments);
    expect($settled->paid)->toBe($paid)->and($settled->owed)->toBe($owed);
})->with([
    'nothing agreed on' => [null, [5000], 5000, -5000], 'nothing paid' => [10_000, [], 0, 10_000],
    'two parts' => [10_000, [5000, 5000], 10_000, 0], 'reversed' => [10_000, [5000, -5000], 0, 10_000],
    'given back' => [10_000, [10_000, -2500], 7500, 2500], 'too much' => [10_000, [12_000], 12_000, -2000],
]);

/** @return list<array<string, mixed>> as a job is quoted */
function quotedLines(): array
{
    return [
        ['group' => 'metal', 'label' => '18k yellow', 'quantity' => 6.6, 'unit' => 'g', 'rate' => 80],
        ['group' => 'bench', 'label' => 'Wax', 'quantity' => 135, 'unit' => 'min', 'rate' => 1],
        ['group' => 'setting', 'label' => 'Set', 'quantity' => 30, 'unit' => 'min', 'rate' => 1],
        ['group' => 'fire', 'label' => 'burnout', 'quantity' => 1, 'unit' => 'flask', 'rate' => 14],
    ];
}

it('puts measured metal and minutes in the place of what was quoted', function (): void {
    [$document] = heldJob([
        ...stoneSetBand(), 'castings.a.charge_mass' => '14', 'castings.a.casting_mass' => '6.4',
        'castings.a.button_mass' => '5.5', 'castings.a.sprues_mass' => '1.9',
    ]);
    $spent = array_column(JobSpent::lines(quotedLines(), $document, ['wax' => 150.04, 'set' => 22.5]), 'quantity',
        'label');
    // 14 g less 5.5 and 1.9 that came back; minutes to a tenth; a flask is a flask.
    expect($spent)->toEqual(['18k yellow' => 6.6, 'Wax' => 150.0, 'Set' => 22.5, 'burnout' => 1]);
    [$heavier] = heldJob([
        ...stoneSetBand(), 'castings.a.charge_mass' => '16', 'castings.a.button_mass' => '5.5',
    ]);
    expect(JobSpent::lines(quotedLines(), $heavier, [])[0]['quantity'])->toEqual(10.5);
});

it('leaves a line as it was quoted where nothing was measured', function (): void {
    [$document] = heldJob(stoneSetBand());
    expect(JobSpent::lines(quotedLines(), $document, []))->toBe(quotedLines());
});

it('knows the station at which each step is done', function (string $step, ?string $station): void {
    expect(JobFacts::stationOf($step))->toBe($station);
})->with([
    ['brief', 'brief'], ['look', 'wax'], ['invest', 'tree'], ['clean', 'pour'], ['heat-3', 'join'], ['made', 'join'],
    ['shank', 'form'], ['prefinish', 'finish'], ['handover', 'handover'], ['nonsense', null],
]);

it('tells the plan which burnout a job asks for, and how long its flask may stand', function (): void {
    [, $answers] = heldJob(stoneSetBand());
    $heat = JobFacts::heat($answers);
    expect($heat['burnout']['programme'])->toBe($answers->value('burnout.programme', 'school'))
        ->and($heat['burnout']['pour_c'])->toEqual($answers->value('pour.temperatures', 'flask_temperature'))
        // Short standing: an hour to an hour and a half.
        ->and($heat['invest']['stand_most'])->toEqual(90);
});
