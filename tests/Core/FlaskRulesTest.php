<?php

declare(strict_types=1);

use HotSprue\Account\LotKind;
use HotSprue\Casting\CastingStep;
use HotSprue\Casting\FlaskProgress;
use HotSprue\Casting\KilnStages;
use HotSprue\Casting\PackedFlask;
use HotSprue\Casting\StepRefused;
use HotSprue\Fields\BadInput;
use HotSprue\Workshop\WorkshopSettings;

/** @return array<string, mixed> a pattern that waits for a flask */
function waiting(int $number, float $across = 22.0, float $pour = 480.0, string $alloy = 'sterling-925'): array
{
    return [
        'number' => $number, 'title' => "piece {$number}", 'alloy' => $alloy, 'pour_c' => $pour, 'across' => $across,
        'deep' => 5.0, 'volume' => 600.0, 'gates' => 7.0,
    ];
}

/** @param list<array<string, mixed>> $patterns */
function packed(array $patterns): PackedFlask
{
    return PackedFlask::of($patterns, WorkshopSettings::shipped(), 'flasks.0');
}

/** Every line of the safety list, ticked. @return array<string, bool> */
function ticked(?int $count = null): array
{
    return array_fill_keys(
        array_map(static fn (int $at): string => "k{$at}", range(0, ($count ?? count(CastingStep::safety())) - 1)),
        true,
    );
}

it('takes a flask through its steps in their order, and through no other', function (): void {
    $progress = FlaskProgress::of([], ticked());
    foreach (CastingStep::cases() as $at => $step) {
        foreach (array_slice(CastingStep::cases(), $at + 1) as $later) {
            expect(fn () => $progress->with($later, []))->toThrow(StepRefused::class, '“');
        }
        $progress = $progress->with($step, ['at' => (string) $at]);
        expect(array_keys($progress->steps))->toBe(
            array_column(array_slice(CastingStep::cases(), 0, $at + 1), 'value'),
        );
    }
});

it('says which step is missing', function (CastingStep $step, CastingStep $before): void {
    expect($step->before())->toBe($before)->and(fn () => FlaskProgress::of([], ticked())->with($step, []))
        ->toThrow(StepRefused::class, "“{$before->done()}” comes before it.");
})->with([
    [CastingStep::Stand, CastingStep::Invest], [CastingStep::Load, CastingStep::Stand],
    [CastingStep::Burn, CastingStep::Load],
    [CastingStep::Pour, CastingStep::Burn], [CastingStep::Cool, CastingStep::Pour],
    [CastingStep::Quench, CastingStep::Cool],
    [CastingStep::Clean, CastingStep::Quench],
]);

it('lets nothing be poured with a line of the safety list open', function (int $ticks, bool $pours): void {
    $burnt = ['invest' => [], 'stand' => [], 'load' => [], 'burn' => []];
    $pour = static fn () => FlaskProgress::of($burnt, ticked($ticks))->with(CastingStep::Pour, ['at' => 'now']);
    $pours ? expect($pour()->steps)->toHaveKey('pour') : expect($pour)->toThrow(StepRefused::class, 'safety list');
})->with([[8, true], [7, false], [1, false]]);

it('counts no line that was ticked and taken back', function (): void {
    $burnt = ['invest' => [], 'stand' => [], 'load' => [], 'burn' => []];
    expect(
        fn () => FlaskProgress::of($burnt, [...ticked(), 'k3' => false])->with(CastingStep::Pour, []),
    )->toThrow(StepRefused::class);
});

it('keeps the first time that a step was tapped', function (): void {
    $once = FlaskProgress::of([], [])->with(CastingStep::Invest, ['at' => 'first']);
    expect($once->with(CastingStep::Invest, ['at' => 'again'])->steps)->toBe(['invest' => ['at' => 'first']]);
});

it('takes a step back with all that came after it', function (): void {
    $steps = ['invest' => 1, 'stand' => 2, 'load' => 3, 'burn' => 4];
    expect(FlaskProgress::of($steps, [])->without(CastingStep::Stand)->steps)->toBe(['invest' => 1])
        ->and(FlaskProgress::of($steps, [])->without(CastingStep::Invest)->steps)->toBe([])
        ->and(FlaskProgress::of($steps, [])->without(CastingStep::Clean)->steps)->toBe($steps);
});

it('asks of another pour than spinning only what it needs', function (): void {
    $spun = ['arm balanced', 'flask seated with its spacer', 'torch off after release'];
    expect(array_values(array_diff(CastingStep::safety('spin'), CastingStep::safety('hand'))))->toBe($spun)
        ->and(CastingStep::safety('vacuum'))
        ->toBe(CastingStep::safety('hand'))->and(CastingStep::safety())->toBe(CastingStep::safety('spin'))
        ->and(CastingStep::safety()[0])->toBe('arm balanced')->and(CastingStep::safety()[7])->toStartWith('wait');
});

it('packs jobs that share into the smallest flask that holds their tree', function (): void {
    $one = packed([waiting(1)]);
    $three = packed([waiting(1), waiting(2), waiting(3)]);
    // A single ring of 22 × 5 stands on the axis: half its diagonal and 6 mm of wall on each side.
    expect($one->jobs)->toBe([1])->and($one->diameter)->toBeGreaterThanOrEqual(hypot(22, 5) + 12 - 1e-9)
        ->and($three->jobs)
        ->toBe([1, 2, 3])->and($three->diameter ** 2 * $three->height)
        ->toBeGreaterThan($one->diameter ** 2 * $one->height)
        ->and([$three->alloy, $three->pour])->toBe(['sterling-925', 480.0]);
});

it('refuses jobs that cannot share a flask, naming why, where they were put', function (
    array $other, string $why,
): void {
    try {
        packed([waiting(1), waiting(2, ...$other)]);
        $errors = [];
    } catch (BadInput $bad) {
        $errors = $bad->errors;
    }
    expect($errors['flasks.0'][0] ?? '')->toStartWith('These cannot share a flask: ')->toContain($why);
})->with([
    'another heat' => [['pour' => 486.0], '486'],
    'another metal' => [['pour' => 480.0, 'alloy' => '18k-yellow'], '18k yellow'],
]);

it('refuses what no flask holds', function (): void {
    expect(fn () => packed([waiting(1, across: 160.0)]))->toThrow(BadInput::class);
});

it('burns several flasks by the widest, to the hottest pour, and down to each cooler one in turn', function (): void {
    $flasks = KilnStages::ordered(
        [packed([waiting(1, pour: 480.0)]), packed([waiting(2, pour: 560.0)]), packed([waiting(3, pour: 520.0)])],
    );
    $stages = KilnStages::of($flasks, WorkshopSettings::shipped());
    $tail = array_slice($stages, -3);
    expect(array_map(static fn (PackedFlask $flask): float => $flask->pour, $flasks))->toBe([560.0, 520.0, 480.0])
        ->and(array_column($tail, 'to'))->toBe([560.0, 520.0, 480.0])
        // The kiln falls at 3 °C a minute, and each later flask has 20 minutes at its heat.
        ->and(array_column(array_slice($tail, 1), 'minutes'))->toEqualWithDelta([40 / 3 + 20, 40 / 3 + 20], 1e-9);
});

it('adds no stage for a second flask at the same heat', function (): void {
    $settings = WorkshopSettings::shipped();
    $both = KilnStages::of([packed([waiting(1)]), packed([waiting(2)])], $settings);
    expect($both)->toBe(KilnStages::of([packed([waiting(1)])], $settings));
});

it('waits at each heat, and falls, as the workshop says', function (): void {
    $own = WorkshopSettings::with(['burnout.wait' => 30, 'burnout.fall_c_per_min' => 4]);
    $stages = KilnStages::of([packed([waiting(1, pour: 560.0)]), packed([waiting(2, pour: 480.0)])], $own);
    expect(end($stages))->toEqual(['name' => 'to 480', 'to' => 480.0, 'minutes' => 80 / 4 + 30]);
});

it('knows new metal from what was melted before, and what metal may be taken of', function (
    string $kind, bool $isNew, bool $atHand,
): void {
    expect([LotKind::from($kind)->isNew(), LotKind::from($kind)->isAtHand()])->toBe([$isNew, $atHand])
        ->and(in_array($kind, LotKind::atHand(), true))->toBe($atHand);
})->with([
    ['stock', true, true], ['button', false, true], ['scrap', false, true], ['sweeps', false, true],
    ['piece', false, false],
    ['unassayed', false, false],
]);

it('counts the new metal of a charge by its lots', function (): void {
    expect(
        LotKind::newIn([1 => 20_000, 2 => 5_500, 3 => 700], [1 => 'stock', 2 => 'button', 3 => 'stock']),
    )->toBe(20_700)
        ->and(LotKind::newIn([1 => 20_000], []))->toBe(0)->and(LotKind::newIn([], [1 => 'stock']))->toBe(0);
});
