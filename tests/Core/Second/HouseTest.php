<?php

declare(strict_types=1);

/** Half up, away from nought, of whole thousandths: as one does it with a pencil. */
function halfUp(int $thousandths): int
{
    $sign = $thousandths < 0 ? -1 : 1;

    return $sign * intdiv(abs($thousandths) + 5, 10);
}

it('prices as a pencil does: every line by itself, the margin of the whole', function (int $seed): void {
    mt_srand($seed);
    $lines = [];
    $cost = 0;
    foreach (range(1, mt_rand(2, 9)) as $at) {
        // Whole pieces at so many thousandths: no fraction that a pencil would not write.
        [$pieces, $rate] = [mt_rand(1, 9), mt_rand(1, 90_000)];
        $lines[] = ['group' => 'outside', 'label' => "line {$at}", 'quantity' => $pieces, 'rate' => $rate / 1000];
        $cost += halfUp($pieces * $rate);
    }
    $margin = mt_rand(0, 80);
    $quote = reckon('price.quote', ['lines' => $lines, 'margin' => $margin / 100, 'currency' => 'EUR']);
    // cost ÷ (100 − margin) × 100, in thousandths of a coin.
    $price = halfUp((int) floor($cost * 1000 / (100 - $margin)));
    expect((int) round($quote->num('cost') * 100))->toBe($cost)
        ->and(abs((int) round($quote->num('price') * 100) - $price))->toBeLessThanOrEqual(1)
        ->and((int) round($quote->num('total') * 100))->toBe((int) round($quote->num('price') * 100));
})->with(range(1, 25));

it('spreads as a pencil does: sorted, the middle, and the middle of the distances', function (int $seed): void {
    mt_srand($seed);
    $values = array_map(static fn (): int => mt_rand(0, 1000), range(1, 2 * mt_rand(2, 12) + 1));
    $answer = reckon('own.figure', [
        'samples' => array_map(static fn (int $one): array => ['value' => $one], $values), 'default' => 500,
        'instrument_step' => 1e6,
    ]);
    // With such a coarse instrument nothing stands apart.
    sort($values);
    $median = $values[intdiv(count($values), 2)];
    $distances = array_map(static fn (int $one): int => abs($one - $median), $values);
    sort($distances);
    expect($answer->num('median'))->toEqual($median)
        ->and($answer->num('mad'))->toEqual($distances[intdiv(count($distances), 2)])
        ->and($answer->num('figure'))
        ->toEqualWithDelta((count($values) * $median + 2500) / (count($values) + 5), 1e-9);
})->with(range(1, 25));
