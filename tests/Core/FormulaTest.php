<?php

declare(strict_types=1);

use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Show;

it('tells a sum in words and with its numbers, both from the one text', function (): void {
    $formula = Formula::of('2 × π × {radius} + {gap} ^ 2', ['radius' => 8.5, 'gap' => 0.25]);
    expect($formula->words())->toBe('2π × radius + gap²')->and($formula->line())->toBe('2 × π × 8.5 + 0.25 ^ 2');
});

it('puts one number wherever its name stands', function (): void {
    $formula = Formula::of('({to} − {from}) ÷ {from}', ['to' => 56, 'from' => 54]);
    expect($formula->line())->toBe('(56 − 54) ÷ 54')->and($formula->words())->toBe('(to − from) ÷ from');
});

it('says the larger, the smaller and the rounding as people do', function (string $text, string $words): void {
    expect(Formula::of($text, ['a' => 1, 'b' => 2])->words())->toBe($words);
})->with([
    ['max({a}, {b})', 'larger of (a, b)'], ['min({a}, {b})', 'smaller of (a, b)'],
    ['ceil({a} ÷ {b})', 'rounded up (a ÷ b)'], ['(1 − {a}) ^ 3', '(1 − a)³'],
]);

it('shows what was chosen as it stands', function (): void {
    $taken = Formula::taken('as chosen', 3);
    expect($taken->words())->toBe('as chosen')->and($taken->line())->toBe('3');
});

it('says what is no sum: how, and by what', function (): void {
    $said = Formula::said('by the alloy', 'sterling-925');
    expect($said->words())->toBe('by the alloy')->and($said->line())->toBe('sterling-925');
});

it('adds up as many numbers as there are', function (): void {
    $sum = Formula::sum('the stages, one after another', [60, 60, 120.5]);
    expect($sum->words())->toBe('the stages, one after another')->and($sum->line())->toBe('60 + 60 + 120.5');
});

it('tells a sum in other words than its own where those are clearer', function (): void {
    $told = Formula::of('{share} × {width}', ['share' => 0.7, 'width' => 3])->told('0.70 × diameter');
    expect($told->words())->toBe('0.70 × diameter')->and($told->line())->toBe('0.7 × 3');
});

it('goes into a longer sum whole', function (): void {
    $inner = Formula::of('{width} + 2 × {side}', ['width' => 5, 'side' => 0.1]);
    $outer = $inner->within('(', ') ÷ (1 − {shrinkage})', ['shrinkage' => 0.015]);
    expect($outer->line())->toBe('(5 + 2 × 0.1) ÷ (1 − 0.015)')
        ->and($outer->words())->toBe('(width + 2 × side) ÷ (1 − shrinkage)')
        ->and($inner->line())->toBe('5 + 2 × 0.1');
});

it('shows exact figures as they are, and the rest to four places or more', function (
    float $value, string $shown,
): void {
    expect(Show::number($value))->toBe($shown);
})->with([
    [3.0, '3'], [-2.5, '−2.5'], [0.015, '0.015'], [17.3196, '17.3196'], [1 / 3, '0.3333'], [1 / 30, '0.0333333'],
    [1e-12, '0'],
]);
