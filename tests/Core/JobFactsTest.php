<?php

declare(strict_types=1);

use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobCost;
use HotSprue\Job\JobFacts;
use HotSprue\Job\LearntFigure;
use HotSprue\Workshop\WorkshopSettings;

/**
 * @param  array<string, mixed>  $typed
 * @return array{Document, JobAnswers}
 */
function heldJob(array $typed): array
{
    $settings = WorkshopSettings::shipped();
    $changes = array_map(
        static fn (string $path, mixed $to): HotSprue\Job\Change => new HotSprue\Job\Change($path, null, $to),
        array_keys($typed), $typed,
    );
    $document = Document::blank()->with(Document::understood($changes, $settings));

    return [$document, JobAnswers::of($document, $settings)];
}

/** @return array<string, mixed> a flat band with a garnet in a bezel made apart and four small stones set flush */
function stoneSetBand(): array
{
    return [
        'brief.title' => 'band', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
        'stones.a.species' => 'garnet', 'stones.a.shape' => 'round', 'stones.a.width' => '5', 'stones.a.price' => '40',
        'stones.b.species' => 'diamond', 'stones.b.shape' => 'round', 'stones.b.width' => '1.5',
        'stones.b.count' => '4', 'stones.b.price' => '12.5 each',
        'settings.a.style' => 'bezel', 'settings.a.made' => 'apart', 'settings.a.stone' => 'a',
        'settings.b.style' => 'flush', 'settings.b.made' => 'cast', 'settings.b.stone' => 'b',
    ];
}

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
    expect(LearntFigure::ShrinkageMould->of($answers, $document))->toEqualWithDelta(0.28 / 17.38, 1e-9)
        ->and(LearntFigure::ShrinkageCarved->of($answers, $document))->toBeNull()
        ->and(LearntFigure::MeltingLoss->of($answers, $document))->toEqualWithDelta(0.1 / 20, 1e-9)
        ->and(LearntFigure::FinishingLoss->of($answers, $document))->toBeNull();
});

it('stands for a workshop figure where it has one, by its usual value', function (LearntFigure $figure): void {
    $path = $figure->setting();
    $path === null
        ? expect($figure->usual())->toBeGreaterThan(0.0)
        : expect($figure->usual())->toEqual(WorkshopSettings::shipped()->num($path));
    expect($figure->label())->not->toBe('')->and($figure->step())->toBeGreaterThan(0.0)->toBeLessThan(
        $figure->quantity() === HotSprue\Measures\Quantity::Minutes ? 1.1 : 0.001,
    );
})->with(LearntFigure::cases());
