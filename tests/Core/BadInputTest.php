<?php

declare(strict_types=1);

use HotSprue\Calculation\UnknownCalculation;
use HotSprue\Calculations;
use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;

it('reads measures as they are said', function (Quantity $quantity, string $typed, float $expected): void {
    expect(BenchTalk::read($quantity, $typed))->toEqualWithDelta($expected, 5e-4 * max(1.0, abs($expected) / 10));
})->with([
    [Quantity::Length, '16 ga', 1.291], [Quantity::Length, '10 ga', 2.588], [Quantity::Length, '20 ga', 0.812],
    [Quantity::Length, '1/8 in', 3.175], [Quantity::Length, '3 1/2"', 88.9], [Quantity::Length, '3½”', 88.9],
    [Quantity::Length, '2 cm', 20.0], [Quantity::Length, '12,5', 12.5],
    [Quantity::Mass, '5 ct', 1.0], [Quantity::Mass, '1 dwt', 1.5552], [Quantity::Mass, '1 ozt', 31.1035],
    [Quantity::Mass, '1 grain', 0.0648], [Quantity::Mass, '250 mg', 0.25],
    [Quantity::Temperature, '212 °F', 100.0], [Quantity::Temperature, '900 C', 900.0],
    [Quantity::Millilitres, '1 us fl oz', 29.5735], [Quantity::Millilitres, '1 imperial fl oz', 28.4131],
    [Quantity::Share, '1.5 %', 0.015], [Quantity::Minutes, '1 1/2 h', 90.0], [Quantity::Number, '7 ¼', 7.25],
]);

it('refuses what different people mean differently', function (Quantity $quantity, string $typed): void {
    expect(fn () => BenchTalk::read($quantity, $typed))->toThrow(NotUnderstood::class, 'accepted');
})->with(
    [
        [Quantity::Mass, '1 oz'], [Quantity::Mass, '5 gr'], [Quantity::Mass, '3 k'], [Quantity::Length, '3 furlongs'],
        [Quantity::Length, 'wide'], [Quantity::Length, '1/0 in'], [Quantity::Millilitres, '2 fl oz'],
    ],
);

it('refuses a bad figure by its field, and says what is accepted', function (mixed $bad): void {
    $errors = refused('form.band', ['inner_diameter' => 17.4, 'width_top' => 5, 'thickness_top' => $bad]);
    expect(array_keys($errors))->toBe(['thickness_top'])->and($errors['thickness_top'][0])->toContain('accepted');
})->with(
    [
        'text' => 'thick', 'negative' => -2, 'zero' => 0, 'not a number' => NAN, 'infinite' => INF, 'absurd' => 1e308,
        'absurd text' => '1e308', 'list' => [[2]], 'true' => true, 'unknown unit' => '2 ells', 'empty' => '',
    ],
);

it('refuses unknown keys and names, missing figures and what is said twice', function (
    string $sheet, array $input, string $field,
): void {
    expect(array_keys(refused($sheet, $input)))->toContain($field);
})->with([
    'unknown key' => [
        'form.band', ['inner_diameter' => 17, 'width_top' => 5, 'thickness_top' => 2, 'colour' => 'red'], 'colour',
    ],
    'unknown alloy' => ['metal.charge', ['wax_mass' => 1, 'alloy' => 'mithril'], 'alloy'],
    'missing' => ['form.band', ['inner_diameter' => 17, 'width_top' => 5], 'thickness_top'],
    'two sizes' => [
        'form.band', ['inner_diameter' => 17, 'scale' => 'us', 'size' => '7', 'width_top' => 5, 'thickness_top' => 2],
        'size',
    ],
    'half a size' => ['form.band', ['scale' => 'us', 'width_top' => 5, 'thickness_top' => 2], 'size'],
    'process and shrinkage' => [
        'wax.dimensions',
        ['inner_diameter' => 17, 'width' => 5, 'thickness' => 2, 'process' => 'resin', 'shrinkage' => 0.01],
        'shrinkage',
    ],
    'court too high' => [
        'form.band',
        [
            'inner_diameter' => 17, 'profile' => 'court', 'width_top' => 2, 'thickness_top' => 2, 'rise_outside' => 1.1,
            'rise_inside' => 0.1,
        ],
        'rise_outside',
    ],
    'court domes over thickness' => [
        'form.band',
        [
            'inner_diameter' => 17, 'profile' => 'court', 'width_top' => 6, 'thickness_top' => 2, 'rise_outside' => 1.2,
            'rise_inside' => 0.9,
        ],
        'rise_outside',
    ],
    'knife without edge' => [
        'form.band', ['inner_diameter' => 17, 'profile' => 'knife', 'width_top' => 5, 'thickness_top' => 2], 'edge',
    ],
    'knife edge as thick' => [
        'form.band',
        ['inner_diameter' => 17, 'profile' => 'knife', 'edge' => 2, 'width_top' => 5, 'thickness_top' => 2], 'edge',
    ],
    'patterns over the flask' => [
        'investment.mix', ['flask_diameter' => 50, 'flask_height' => 50, 'pattern_volume_mm3' => 1e6],
        'pattern_volume_mm3',
    ],
    'own rule unknown' => [
        'wax.dimensions', ['inner_diameter' => 17, 'width' => 5, 'thickness' => 2, 'rules' => ['moon' => 1]],
        'rules.moon',
    ],
    'no finger so small' => ['size.convert', ['scale' => 'us', 'size' => '-8'], 'size'],
    'letters past the stick' => ['size.convert', ['scale' => 'uk', 'size' => 'AA'], 'size'],
]);

it('takes zero where nothing is a size', function (): void {
    $wax = reckon(
        'wax.dimensions',
        [
            'inner_diameter' => 17, 'width' => 5, 'thickness' => 2, 'finish_inside' => 0, 'finish_outside' => 0,
            'finish_side' => 0, 'shrinkage' => 0,
        ],
    );
    expect($wax->num('bore'))->toEqualWithDelta(17.0, 1e-12)->and($wax->num('thickness'))->toEqualWithDelta(2.0, 1e-12);
});

it('knows no sheet by another name', function (): void {
    expect(fn () => Calculations::answer('wax.magic', []))->toThrow(UnknownCalculation::class);
});

it('says whether a figure was typed, the workshop’s or the default', function (): void {
    $used = [];
    foreach (reckon(
        'wax.dimensions',
        ['inner_diameter' => 17, 'width' => 5, 'thickness' => 2, 'rules' => ['allowances.finish_inside' => '0.12']],
    )->working as $working) {
        $used += array_map(static fn ($origin): string => $origin->value, $working->used());
    }
    expect($used)->toMatchArray(
        ['inner_diameter' => 'typed', 'process' => 'default', 'finish_inside' => 'shop', 'finish_side' => 'default'],
    );
});
