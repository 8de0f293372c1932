<?php

declare(strict_types=1);

use App\Models\Job;
use Tests\Support\Contract;

/** @return array<string, mixed> */
function priceOf(Job $job): array
{
    $answer = test()->getJson("/api/jobs/{$job->number}/price")->assertOk();
    expect(Contract::breaks('JobPrice', (string) $answer->getContent()))->toBe('');

    return $answer->json();
}

it('charges metal by its fineness with what is lost, every minute by the hour, and its share of the fire',
    function (): void {
        pricedAt();
        $job = Job::factory()->holding([
            'brief.title' => 'band', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925',
            'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
        ])->create();
        $lines = array_column(priceOf($job)['quote']['results']['lines']['value'], 'amount', 'label');
        // A flat ring: 2π × 9.7 × 5 × 2 mm³ of 10.36 g/cm³, a tenth more bought; 1.2 × 0.925 a gram and 15 % on it.
        $mass = round(2 * M_PI * 9.7 * 10 * 10.36 / 1000 * 1.1, 3);
        expect($lines['sterling 925'])->toEqualWithDelta(round($mass * 1.2 * 0.925 * 1.15, 2), 0.011)
            // 30 minutes each at 60 an hour; the wax 120 and 15 of showing it.
            ->and($lines['Brief'])->toEqual(30)->and($lines['Form'])->toEqual(30)->and($lines['Wax'])->toEqual(135)
            ->and($lines['burnout'])->toEqual(12)->and($lines)->toHaveKey('margin');
    });

it('costs more for a wider band, at once, by the metal and its margin alone', function (): void {
    pricedAt(['price.margin' => 0.2]);
    $ring = static fn (string $width): Job => Job::factory()->holding([
        'brief.title' => 'band', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => '18k-yellow',
        'form.profile' => 'flat', 'form.width_top' => $width, 'form.thickness_top' => '2', 'tree.count' => '1',
        'tree.flask' => '3×3',
    ])->create();
    $lines = static fn (Job $job): array => array_column(
        priceOf($job)['quote']['results']['lines']['value'], 'amount', 'label',
    );
    [$narrow, $wide] = [$lines($ring('4')), $lines($ring('5'))];
    $changed = array_keys(array_filter($wide, static fn (float $amount, string $label): bool => abs(
        $amount - $narrow[$label],
    ) > 0.02, ARRAY_FILTER_USE_BOTH));
    expect($wide['18k yellow'] / $narrow['18k yellow'])->toEqualWithDelta(1.25, 1e-3)
        ->and(array_diff($changed, ['18k yellow', 'investment', 'margin']))->toBe([]);
});

it('takes nothing for a client’s own stone, and its price and markup for another', function (): void {
    pricedAt(['price.stone_markup' => 0.5]);
    $job = Job::factory()->ring()->holding([
        'stones.0.species' => 'garnet', 'stones.0.shape' => 'round', 'stones.0.width' => '3',
        'stones.0.price' => '40', 'stones.0.owner' => 'client',
        'stones.1.species' => 'peridot', 'stones.1.shape' => 'round', 'stones.1.width' => '2',
        'stones.1.price' => '7,50 each', 'stones.1.count' => '4', 'stones.1.owner' => 'workshop',
    ])->create();
    $lines = array_column(priceOf($job)['quote']['results']['lines']['value'], 'amount', 'label');
    // 4 × 7.50 × 1.5.
    expect($lines)->not->toHaveKey('round garnet')->and($lines['round peridot'])->toEqual(45.0);
});

it('says which prices nobody has said, and that the quote is too low by them', function (): void {
    $job = Job::factory()->ring()->create();
    expect(array_column(priceOf($job)['unsaid'], 'path'))->toContain('price.hour', 'price.burnout');
    pricedAt(['price.platinum' => 40, 'price.palladium' => 40]);
    expect(priceOf($job)['unsaid'])->toBe([]);
});

it('prices the same piece in other metals, each by its own density and fineness', function (): void {
    pricedAt(['price.platinum' => 45]);
    $in = static fn (string $alloy): Job => Job::factory()->holding([
        'brief.title' => 'band', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => $alloy,
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
    ])->create();
    $job = $in('sterling-925');
    $price = priceOf($job);
    $instead = array_column($price['instead'], 'total', 'alloy');
    expect($instead)->not->toHaveKey($job->held()->text('brief.alloy'))
        ->and($instead['18k-yellow'])->toBeGreaterThan($instead['14k-yellow'])
        ->and($instead['14k-yellow'])->toBeGreaterThan($instead['9k-yellow']);
    // Asked of the job itself in that alloy, it is the same to the coin.
    expect(priceOf($in('18k-yellow'))['quote']['results']['total']['value'])->toEqual($instead['18k-yellow']);
});

it('leaves out of what is still to be done what is signed off', function (): void {
    $job = Job::factory()->ring()->create();
    $ids = static fn (): array => array_column(
        priceOf($job)['left']['results']['steps']['value'], 'id',
    );
    $before = $ids();
    $this->sign($job, 'brief')->assertOk();
    expect($before)->toContain('brief', 'form', 'wax')->and($ids())->not->toContain('brief')->toContain('form');
});

it('says what a wider band would cost while it is typed, and what others cost beside it', function (): void {
    pricedAt(['price.gold' => 100]);
    $job = Job::factory()->holding([
        'brief.title' => 'band', 'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow', 'form.profile' => 'flat',
        'form.width_top' => '4', 'form.thickness_top' => '2',
    ])->create();
    $price = priceOf($job);
    $entry = $job->held()->entry('form.width_top');
    $tried = $this->postJson("/api/jobs/{$job->number}/price/try", [
        'changes' => [['path' => 'form.width_top', 'from' => $entry, 'to' => '5']],
    ])->assertOk();
    expect($tried->json('now'))->toEqual($price['quote']['results']['total']['value'])
        ->and($tried->json('then'))->toBeGreaterThan($tried->json('now'))
        // What is typed is what stands beside it as a millimetre wider.
        ->and(array_column($price['widths'], 'total', 'width')[5])->toEqual($tried->json('then'))
        ->and(array_column($price['widths'], 'total', 'width')[3])->toBeLessThan($tried->json('now'))
        // Nothing is kept of it.
        ->and(priceOf($job)['quote'])->toEqual($price['quote']);
    $this->postJson("/api/jobs/{$job->number}/price/try", [
        'changes' => [['path' => 'form.width_top', 'from' => $entry, 'to' => 'wide']],
    ])->assertStatus(422);
});
