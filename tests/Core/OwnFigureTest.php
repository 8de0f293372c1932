<?php

declare(strict_types=1);

use Tests\Support\Drawn;

/**
 * @param  list<float>  $values
 * @param  array<string, mixed>  $more
 */
function ownFigure(array $values, float $default, array $more = []): HotSprue\Calculation\Answer
{
    return reckon('own.figure', [
        'samples' => array_map(static fn (float $value): array => ['value' => $value], $values),
        'default' => $default, ...$more,
    ]);
}

it('draws its own median toward the usual figure while samples are few', function (
    int $count, float $value, float $usual, float $own,
): void {
    expect(ownFigure(array_fill(0, $count, $value), $usual)->num('figure'))->toEqualWithDelta($own, 5e-7);
})->with([
    'twelve, as the workbook has it' => [12, 0.0172, 0.015, 0.016553],
    'fourteen' => [14, 0.0166, 0.015, 0.016179],
    'one' => [1, 0.02, 0.015, 0.015833],
    'none' => [0, 0.0, 0.015, 0.015],
]);

it('sets aside what is three deviations away, from five samples on, and names it', function (): void {
    $four = ownFigure([1, 1.1, 0.9, 9], 1);
    expect($four->num('n'))->toEqual(4)->and($four->findings)->toBe([]);
    $five = ownFigure([1, 1.1, 0.9, 1, 9], 1);
    expect($five->num('n'))->toEqual(4)->and($five->value('outliers'))->toHaveCount(1)
        ->and($five->value('outliers')[0]['value'])->toEqual(9)
        ->and($five->num('median'))->toEqualWithDelta(1.0, 1e-12)
        ->and($five->finding('sample-apart')?->message)->toContain('9 lies far from the rest');
});

it('never takes the spread narrower than the instrument tells apart', function (): void {
    $same = ownFigure(array_fill(0, 6, 0.015), 0.015, ['instrument_step' => 0.001]);
    // 1.2816 × 1.4826 × 0.001.
    expect($same->num('mad'))->toEqualWithDelta(0, 1e-15)
        ->and($same->num('spread_80'))->toEqualWithDelta(0.0019001, 1e-7);
    $near = ownFigure([...array_fill(0, 6, 0.015), 0.0194], 0.015, ['instrument_step' => 0.001]);
    $far = ownFigure([...array_fill(0, 6, 0.015), 0.0195], 0.015, ['instrument_step' => 0.001]);
    // 3 × 1.4826 × 0.001 = 0.0044478.
    expect($near->num('n'))->toEqual(7)->and($far->num('n'))->toEqual(6);
});

it('says whether the level has risen, fallen or held, from ten samples on', function (): void {
    $low = [1, 1.1, 0.9, 1, 1];
    $high = [2, 2.1, 1.9, 2, 2];
    expect(ownFigure([...$low, ...$high], 1)->value('trend'))->toBe('risen')
        ->and(ownFigure([...$high, ...$low], 1)->value('trend'))->toBe('fallen')
        ->and(ownFigure([...$low, ...$low], 1)->value('trend'))->toBe('steady')
        ->and(ownFigure([...$low, 2, 2], 1)->value('trend'))->toBe('too few to say');
});

it('answers alike whatever the order of samples but for the trend, and lies between its own and the usual',
    function (): void {
        mt_srand(11);
        for ($case = 0; $case < 60; $case++) {
            $values = array_map(static fn (): float => mt_rand(100, 300) / 100, range(1, mt_rand(1, 30)));
            $usual = mt_rand(50, 400) / 100;
            $one = ownFigure($values, $usual);
            shuffle($values);
            $other = ownFigure($values, $usual);
            expect($other->num('figure'))->toEqualWithDelta($one->num('figure'), 1e-12)
                ->and($other->num('spread_80'))->toEqualWithDelta($one->num('spread_80'), 1e-12);
            // Independently: sorted, the middle, and the mean with five of the usual.
            sort($values);
            $kept = $values;
            $n = (int) $one->num('n');
            if ($n === count($values)) {
                $middle = ($kept[intdiv($n - 1, 2)] + $kept[intdiv($n, 2)]) / 2;
                expect($one->num('figure'))->toEqualWithDelta(($n * $middle + 5 * $usual) / ($n + 5), 1e-12);
            }
            expect($one->num('figure'))->toBeGreaterThanOrEqual(min($usual, min($values)) - 1e-12)
                ->toBeLessThanOrEqual(max($usual, max($values)) + 1e-12);
        }
    });

it('draws a sample for each job, hollow where it is set aside', function (): void {
    $drawn = Drawn::of('own.figure', ['samples' => array_map(
        static fn (float $value): array => ['value' => $value], [1, 1.1, 0.9, 1, 9],
    ), 'default' => 1])['samples'];
    expect($drawn->circles('fill-sprue'))->toHaveCount(4)->and($drawn->circles('ghost'))->toHaveCount(1);
});

it('takes the spread in place of the middle where the figure is one', function (): void {
    // Days late of five jobs: −1, 0, 0, 1, 3. The middle distance is 1, and 1.2816 × 1.4826 of it 1.9001.
    $late = ownFigure([-1, 0, 0, 1, 3], 2.0, ['by' => 'spread']);
    expect($late->num('spread_80'))->toEqualWithDelta(1.9001, 1e-4)
        ->and($late->num('figure'))->toEqualWithDelta((5 * 1.90010 + 5 * 2.0) / 10, 1e-4)
        ->and(ownFigure([-1, 0, 0, 1, 3], 2.0)->num('figure'))->toEqualWithDelta((5 * 0 + 5 * 2.0) / 10, 1e-12)
        // No instrument tells less apart than its own step.
        ->and(ownFigure([1, 1, 1, 1, 1], 2.0, ['by' => 'spread', 'instrument_step' => 1])->num('figure'))
        ->toEqualWithDelta((5 * 1.2816 * 1.4826 + 10) / 10, 1e-6);
});
