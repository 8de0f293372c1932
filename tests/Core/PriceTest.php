<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;
use HotSprue\Price\Money;
use HotSprue\Workshop\WorkshopSettings;

/**
 * @param  list<array<string, mixed>>  $lines
 * @param  array<string, mixed>  $more
 */
function quote(array $lines, array $more = []): Answer
{
    return reckon('price.quote', ['lines' => $lines, ...$more]);
}

/** @return list<array<string, mixed>> the workbook's three lines: 412.50, 96.00 and 55.555 */
function threeLines(): array
{
    return [
        ['group' => 'metal', 'label' => '18k yellow', 'quantity' => 5.5, 'unit' => 'g', 'rate' => 75],
        ['group' => 'bench', 'label' => 'carving', 'quantity' => 120, 'unit' => 'min', 'rate' => 0.8],
        ['group' => 'outside', 'label' => 'marking', 'rate' => 55.555],
    ];
}

it('rounds each line half up and keeps its margin of the price', function (): void {
    $quote = quote(threeLines(), ['margin' => 0.35]);
    expect(array_column($quote->value('lines'), 'amount'))->toBe([412.5, 96.0, 55.56, 303.72])
        ->and($quote->num('cost'))->toEqual(564.06)->and($quote->num('price'))->toEqual(867.78)
        ->and($quote->num('total'))->toEqual(867.78);
});

it('adds up to the unit for any lines and any of 0, 2 and 3 decimals', function (string $currency, int $places): void {
    mt_srand(crc32($currency));
    $unit = 10 ** $places;
    for ($case = 0; $case < 120; $case++) {
        $lines = array_map(static fn (int $at): array => [
            'group' => ['metal', 'bench', 'consumables', 'fire'][mt_rand(0, 3)], 'label' => "line {$at}",
            'quantity' => mt_rand(1, 100_000) / 1000, 'rate' => mt_rand(-2000, 1_000_000) / 10_000,
            'markup' => mt_rand(0, 100) / 100,
        ], range(1, mt_rand(1, 12)));
        $quote = quote($lines, [
            'currency' => $currency, 'margin' => mt_rand(0, 90) / 100, 'overhead' => mt_rand(0, 60) / 100,
            'round_to' => [0, 1, 5, 0.5][mt_rand(0, 3)], 'discount' => mt_rand(0, 300) / 100, 'reason' => 'so agreed',
            'tax' => [0, 0.08, 0.25, 0.19][mt_rand(0, 3)], 'tax_in' => mt_rand(0, 1) === 1,
        ]);
        $sum = 0;
        foreach ($quote->value('lines') as $line) {
            // Each is a whole number of the smallest coin.
            $coins = $line['amount'] * $unit;
            expect(abs($coins - round($coins)))->toBeLessThan(1e-6);
            $sum += (int) round($coins);
        }
        $told = array_sum(array_map(
            static fn (array $line): int => (int) round($line['amount'] * $unit), $quote->value('client_lines'),
        ));
        expect($sum)->toBe((int) round($quote->num('total') * $unit))->and($told)->toBe($sum)
            ->and((int) round(($quote->num('deposit') + $quote->num('balance')) * $unit))->toBe($sum);
    }
})->with([['JPY', 0], ['EUR', 2], ['KWD', 3]]);

it('takes tax on top or tells the tax that is in it', function (): void {
    $lines = [['group' => 'bench', 'label' => 'work', 'rate' => 100]];
    $top = quote($lines, ['margin' => 0, 'tax' => 0.25]);
    $in = quote($lines, ['margin' => 0, 'tax' => 0.25, 'tax_in' => true]);
    // 100 ÷ 1.25 is 80, and 20 of it tax.
    expect($top->num('total'))->toEqual(125.0)->and($top->num('tax'))->toEqual(25.0)
        ->and($in->num('total'))->toEqual(100.0)->and($in->num('tax'))->toEqual(20.0)
        ->and(array_column($in->value('lines'), 'group'))->not->toContain('tax');
});

it('rounds, takes off and lays overhead on as lines of their own', function (): void {
    $quote = quote([
        ['group' => 'bench', 'label' => 'sizing', 'quantity' => 45, 'unit' => 'min', 'rate' => 1],
        ['group' => 'consumables', 'label' => 'solder', 'rate' => 4, 'markup' => 0.25],
    ], ['margin' => 0.2, 'overhead' => 0.15, 'round_to' => 5, 'discount' => 3, 'reason' => 'an old client']);
    // (45 + 5) × 1.15 = 57.50; ÷ 0.8 = 71.875, half up 71.88; to 70, less 3.
    expect(array_column($quote->value('lines'), 'amount', 'label'))->toBe([
        'sizing' => 45.0, 'solder' => 5.0, 'rent, light and tools' => 7.5, 'margin' => 14.38, 'rounding' => -1.88,
        'discount: an old client' => -3.0,
    ])->and($quote->num('total'))->toEqual(67.0);
});

it('tells a client what it is for, and nothing of the margin', function (): void {
    $told = array_column(quote(threeLines(), ['margin' => 0.35])->value('client_lines'), 'amount', 'label');
    // 412.50, 96.00 and 55.56, each ÷ 0.65: 634.615, 147.692 and 85.477.
    expect(array_keys($told))->toBe(['metal', 'work at the bench', 'work outside'])
        ->and($told['metal'])->toEqualWithDelta(634.62, 0.011)
        ->and($told['work at the bench'])->toEqualWithDelta(147.69, 0.011)
        ->and(array_sum($told))->toEqualWithDelta(867.78, 1e-9);
});

it('differs only in what changed', function (): void {
    $dearer = threeLines();
    $dearer[0]['rate'] = 80;
    [$before, $after] = [quote(threeLines())->value('lines'), quote($dearer)->value('lines')];
    $changed = array_values(array_filter(
        array_keys($before), static fn (int $at): bool => $before[$at] !== $after[$at],
    ));
    expect(array_map(static fn (int $at): string => $before[$at]['label'], $changed))->toBe(['18k yellow', 'margin']);
});

it('is exact where binary figures are not', function (float $quantity, float $rate, string $amount): void {
    expect(Money::at($quantity, $rate, 2)->spoken())->toBe($amount);
})->with([[1, 1.005, '1.01'], [3, 0.335, '1.01'], [1, 2.675, '2.68'], [1, -1.005, '-1.01'], [0.1, 0.2, '0.02']]);

it('refuses a currency that is none, and knows how many places one has', function (): void {
    expect(refused('price.quote', ['lines' => threeLines(), 'currency' => 'euro']))->toHaveKey('currency')
        ->and(Money::placesOf('ISK'))->toBe(0)->and(Money::placesOf(
            'gbp'))->toBe(2)->and(Money::placesOf('TND'))->toBe(3)
        ->and(Money::of(7.5, 0)->toNearest(Money::of(5, 0))->minor)->toBe(10)
        ->and(WorkshopSettings::shipped()->text('price.currency'))->toBe('EUR');
});

it('is drawn from cost to what is paid, each line as long as it is dear', function (): void {
    $view = Tests\Support\Drawn::of('price.quote', ['lines' => threeLines()])['quote']->toArray();
    preg_match_all('/M(\S+) \S+ h(\S+)/', implode(' ', array_column(array_filter(
        $view['shapes'], static fn (array $shape): bool => $shape['style'] === 'thin',
    ), 'd')), $found, PREG_SET_ORDER);
    // 412.50, 96, 55.56 and 303.72 of 867.78 on 130.
    $long = array_map(static fn (float $amount): float => 130 * $amount / 867.78, [412.5, 96, 55.56, 303.72]);
    expect(array_map(static fn (array $one): float => (float) $one[2], $found))->toEqualWithDelta($long, 1e-3)
        ->and((float) $found[3][1])->toEqualWithDelta($long[0] + $long[1] + $long[2], 1e-3);
});
