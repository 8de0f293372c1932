<?php

declare(strict_types=1);

use HotSprue\Job\CastMetal;
use HotSprue\Job\FinishedWork;
use HotSprue\Job\JobCost;
use HotSprue\Job\JobFacts;
use HotSprue\Job\JobSpent;
use HotSprue\Job\LearntFigure;
use HotSprue\Workshop\WorkshopSettings;

it('counts what takes time in a job: stones by how they are set, seats in the wax, bezels made apart',
    function (): void {
        $facts = JobFacts::of(...heldJob(stoneSetBand()));
        expect($facts['kind'])->toBe('cast')->and($facts['process'])->toBe('carved')
            ->and($facts['stones'])->toEqual([
                ['setting' => 'bezel', 'count' => 1], ['setting' => 'flush', 'count' => 4],
            ])->and($facts['bezels'])->toBe(1)->and($facts['seats'])->toBe(1)->and($facts['clocks'])->toBe([]);
        $steps = array_column(JobCost::steps(...heldJob(stoneSetBand())), 'attended_min', 'id');
        // A bezel 30 and four flush of 20 each; a bezel made by hand 40; a seat in the wax 45 beside 120.
        expect($steps['set'])->toEqual(30 + 4 * 20)->and($steps['made'])->toEqual(40)->and($steps['wax'])->toEqual(165);
    });

it('takes the letters of a wax without their spaces, and a mould or a print for what they are', function (): void {
    $facts = JobFacts::of(...heldJob([...stoneSetBand(), 'wax.text' => 'ever & a day', 'wax.process' => 'mould']));
    expect($facts['letters'])->toBe(9)->and($facts['process'])->toBe('mould');
});

it('goes by the kind of job: by hand without a kiln, a sizing without a form', function (string $kind, string $has,
    string $not): void {
    [$document, $answers] = heldJob([...stoneSetBand(), 'brief.kind' => $kind]);
    $steps = array_column(JobCost::steps($document, $answers), 'id');
    $lines = array_column(JobCost::lines($document, $answers, [], WorkshopSettings::shipped()), 'label');
    expect($steps)->toContain($has)->not->toContain($not)->not->toContain('burnout')
        ->and($lines)->not->toContain('burnout')->not->toContain('investment');
})->with([['fabricated', 'shank', 'wax'], ['sizing', 'sizing', 'form']]);

it('charges what it reckoned: every minute once, every stone that is not the client’s', function (): void {
    [$document, $answers] = heldJob([...stoneSetBand(), 'stones.a.owner' => 'client']);
    $settings = WorkshopSettings::with(['price.hour' => 60, 'price.silver' => 1.2]);
    $steps = JobCost::steps($document, $answers);
    $lines = JobCost::lines($document, $answers, $steps, $settings);
    $minutes = array_sum(array_column(array_filter(
        $lines, static fn (array $line): bool => $line['unit'] === 'min',
    ), 'quantity'));
    expect($minutes)->toEqualWithDelta(array_sum(array_column($steps, 'attended_min')), 0.1)
        ->and(array_column(array_filter($lines, static fn (array $line): bool => $line['group'] === 'setting'),
            'quantity'))
        ->toEqual([110]);
    $stones = array_values(array_filter($lines, static fn (array $line): bool => $line['group'] === 'stones'));
    expect($stones)->toHaveCount(1)->and($stones[0])
        ->toMatchArray(['label' => 'round diamond', 'quantity' => 4.0, 'rate' => 12.5]);
    $metal = array_values(array_filter($lines, static fn (array $line): bool => $line['group'] === 'metal'))[0];
    expect($metal['rate'])->toEqualWithDelta(1.2 * 0.925, 1e-9);
});

it('charges nothing for metal that is not known, and says a client nothing of what costs nothing', function (): void {
    $typed = stoneSetBand();
    unset($typed['brief.alloy']);
    [$document, $answers] = heldJob($typed);
    $lines = JobCost::lines($document, $answers, [], WorkshopSettings::shipped());
    expect(array_column($lines, 'group'))->not->toContain('metal');
});

it('learns shrinkage of the process that a wax was made by, and of no other', function (): void {
    $cast = ['attempts.a.bore' => '17.38', 'castings.a.bore' => '17.1', 'castings.a.charge_mass' => '20',
        'castings.a.casting_mass' => '15.9', 'castings.a.button_mass' => '4'];
    [$document, $answers] = heldJob([...stoneSetBand(), ...$cast, 'wax.process' => 'mould']);
    // (17.38 − 17.10) ÷ 17.38.
    expect(LearntFigure::ShrinkageMould->of($answers, $document, new FinishedWork))
        ->toEqualWithDelta(0.28 / 17.38, 1e-9)
        ->and(LearntFigure::ShrinkageCarved->of($answers, $document, new FinishedWork))->toBeNull()
        ->and(LearntFigure::MeltingLoss->of($answers, $document, new FinishedWork))->toEqualWithDelta(0.1 / 20, 1e-9)
        ->and(LearntFigure::FinishingLoss->of($answers, $document, new FinishedWork))->toBeNull();
});

it('stands for a workshop figure where it has one, by its usual value', function (LearntFigure $figure): void {
    $path = $figure->setting();
    $path === null
        ? expect($figure->usual())->toBeGreaterThan(0.0)
        : expect($figure->usual())->toEqual(WorkshopSettings::shipped()->num($path));
    expect($figure->label())->not->toBe('')->and($figure->step())->toBeGreaterThan(0.0)->toBeLessThan(
        // A day of days, a minute of minutes, and of a share less than one in a hundred.
        match (true) {
            $figure === LearntFigure::Late => 1440.1,
            $figure->quantity() === HotSprue\Measures\Quantity::Minutes => 1.1,
            default => 0.011,
        },
    );
})->with(LearntFigure::cases());

it('learns a button’s share, and nothing of a casting that was not weighed', function (): void {
    [$document, $answers] = heldJob([
        ...stoneSetBand(), 'castings.a.charge_mass' => '20', 'castings.a.casting_mass' => '15.9',
        'castings.a.button_mass' => '4',
    ]);
    $work = new FinishedWork;
    // 4 of the 16 that were not button.
    expect(LearntFigure::ButtonShare->of($answers, $document, $work))->toEqualWithDelta(0.25, 1e-12)
        ->and(LearntFigure::ButtonShare->setting())->toBeNull()
        ->and(CastMetal::of($document)->used())->toEqualWithDelta(16, 1e-12);
    [$bare, $of] = heldJob(stoneSetBand());
    expect(LearntFigure::ButtonShare->of($of, $bare, $work))->toBeNull()
        ->and(LearntFigure::WaxFactor->of($of, $bare, $work))->toBeNull()
        ->and(CastMetal::of($bare)->used())->toBeNull();
});

it('learns what a casting weighs over what its wax promised', function (): void {
    [$document, $answers] = heldJob([
        ...stoneSetBand(), 'attempts.a.wax_mass' => '1.2', 'attempts.a.weighed' => 'tree',
        'castings.a.casting_mass' => '11', 'castings.a.weighed' => 'whole',
    ]);
    // 1.2 g of a tree, in sterling of 10.36 over wax of its density, each side shrunk by 1.5 %.
    $wax = 1.0;
    $promised = 1.2 / $wax * 10.36 * (1 - 0.015) ** 3;
    expect(LearntFigure::WaxFactor->of($answers, $document, new FinishedWork))
        ->toEqualWithDelta(11 / $promised, 2e-3);
});

it('learns lateness with its sign, minutes of heats one by one, and each group against its quote', function (): void {
    [$document, $answers] = heldJob(stoneSetBand());
    $work = new FinishedWork(['heat-1' => 10.0, 'heat-2' => 20.0, 'clean' => 15.0, 'brief' => 0.5], -2880.0,
        ['bench' => 1.25]);
    expect(LearntFigure::Late->of($answers, $document, $work))->toEqual(-2880.0)
        ->and(LearntFigure::HeatMinutes->of($answers, $document, $work))->toEqual(15.0)
        ->and(LearntFigure::CleaningMinutes->of($answers, $document, $work))->toEqual(15.0)
        // Under a minute is a press too many.
        ->and(LearntFigure::BriefMinutes->of($answers, $document, $work))->toBeNull()
        ->and(LearntFigure::BenchOver->of($answers, $document, $work))->toEqual(1.25)
        ->and(LearntFigure::MetalOver->of($answers, $document, $work))->toBeNull();
});

it('holds each group against its quote by the lines that were measured', function (): void {
    [$document] = heldJob([...stoneSetBand(), 'castings.a.charge_mass' => '12', 'castings.a.button_mass' => '3']);
    $line = static fn (string $group, string $label, float $quantity, string $unit): array => [
        'group' => $group, 'label' => $label, 'quantity' => $quantity, 'unit' => $unit, 'rate' => 1.0,
    ];
    $lines = [
        $line('metal', 'sterling silver', 10, 'g'), $line('bench', 'Form', 40, 'min'),
        $line('bench', 'Wax', 100, 'min'), $line('setting', 'Set', 60, 'min'), $line('stones', 'garnet', 1, 'stone'),
    ];
    // 9 g of 10; 50 minutes of 40, the wax not timed; nothing of the setting.
    expect(JobSpent::over($lines, $document, ['form' => 50.0]))->toEqual(['metal' => 0.9, 'bench' => 1.25])
        ->and(array_column(JobSpent::lines($lines, $document, ['form' => 50.0]), 'quantity'))
        ->toEqual([9.0, 50.0, 100, 60, 1])
        ->and(JobFacts::byStation(['heat-1' => 10.0, 'heat-2' => 5.0, 'wax' => 90.0, 'look' => 10.0]))
        ->toEqual(['join' => 15.0, 'wax' => 100.0]);
});
