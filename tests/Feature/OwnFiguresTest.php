<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\WorkedStep;
use App\Models\Workshop;
use Tests\Support\Contract;

/** A delivered ring whose casting shrank by so much. */
function castRing(float $shrinkage, array $more = []): Job
{
    $bore = 17.38;
    $job = Job::factory()->ring()->holding([
        'attempts.0.bore' => (string) $bore, 'castings.0.bore' => (string) round($bore * (1 - $shrinkage), 6),
        'castings.0.charge_mass' => '20', 'castings.0.casting_mass' => '15.8', 'castings.0.button_mass' => '4',
        'castings.0.poured' => '2026-10-01', ...$more,
    ])->create();
    $job->update(['state' => 'delivered']);

    return $job;
}

/** @return array<string, mixed> */
function own(string $name): array
{
    return array_column(test()->getJson('/api/own-figures')->assertOk()->json('figures'), null, 'name')[$name];
}

it('gathers what each delivered job says, and nothing of those on the bench', function (): void {
    castRing(0.0172);
    Job::factory()->ring()->holding(['attempts.0.bore' => '17.4', 'castings.0.bore' => '16'])->create();
    $answer = $this->getJson('/api/own-figures')->assertOk();
    expect(Contract::breaks('OwnFigures', (string) $answer->getContent()))->toBe('');
    $carved = own('shrinkage.carved');
    expect($carved['samples'])->toHaveCount(1)->and($carved['samples'][0]['value'])->toEqualWithDelta(0.0172, 1e-5)
        ->and($carved['samples'][0]['at'])->toBe('2026-10-01')
        // (1 × 0.0172 + 5 × 0.015) ÷ 6.
        ->and($carved['answer']['results']['figure']['value'])->toEqualWithDelta(0.0153667, 1e-6)
        // 20 g less 15.8 and 4 is 0.2: one in a hundred.
        ->and(own('melting-loss')['samples'][0]['value'])->toEqualWithDelta(0.01, 1e-9)
        ->and(own('shrinkage.mould')['samples'])->toBe([]);
});

it('learns minutes from steps that were timed and done, and plans with them once they are taken', function (): void {
    foreach (range(1, 5) as $at) {
        $job = castRing(0.0172);
        foreach ([[10, false], [30, true]] as [$minutes, $done]) {
            WorkedStep::query()->create([
                'job_id' => $job->id, 'step' => 'brief', 'started_at' => '2026-10-01 09:00:00',
                'ended_at' => Illuminate\Support\Carbon::parse('2026-10-01 09:00:00')->addMinutes($minutes),
                'done' => $done,
            ]);
        }
        // What was never ended says nothing.
        WorkedStep::query()->create([
            'job_id' => $job->id, 'step' => 'form', 'started_at' => '2026-10-01 09:00:00',
            'ended_at' => '2026-10-01 10:00:00',
        ]);
    }
    // (5 × 40 + 5 × 30) ÷ 10.
    expect(own('time.brief')['answer']['results']['figure']['value'])->toEqualWithDelta(35, 1e-9)
        ->and(own('time.form')['samples'])->toBe([]);
    $this->postJson('/api/own-figures/time.brief/take')->assertOk();
    $job = Job::factory()->ring()->create();
    $steps = $this->getJson("/api/jobs/{$job->number}/price")->json('left.results.steps.value');
    expect(array_column($steps, 'attended_min', 'id')['brief'])->toEqual(35);
});

it('is taken by somebody, reaches the next wax, and is given back', function (): void {
    foreach (range(1, 12) as $at) {
        castRing(0.0172);
    }
    $bore = static fn (Job $job): float => test()->getJson("/api/jobs/{$job->number}?station=wax")
        ->json('answers')['wax.dimensions']['results']['bore']['value'];
    $before = Job::factory()->ring()->create();
    $usual = $bore($before);
    $this->postJson('/api/own-figures/shrinkage.carved/take')->assertOk();
    expect(own('shrinkage.carved')['used'])->toEqualWithDelta(0.016553, 1e-6)
        ->and(own('shrinkage.carved')['taken'])->toBe(['n' => 12, 'at' => '2026-11-25'])
        ->and($this->getJson('/api/catalogue')->json('learnt'))->toBe(['shrinkage.carved' => 12]);
    // A job on the bench keeps the figures that it began with; a new one is larger in wax by as much.
    $number = $this->postJson('/api/jobs', ['changes' => array_map(
        static fn (string $path, array $kept): array => ['path' => $path, 'from' => null, 'to' => $kept['typed']],
        array_keys((array) $before->held()->toArray()['decisions']),
        array_values((array) $before->held()->toArray()['decisions']),
    )])->assertCreated()->json('number');
    $after = $bore(Job::query()->where('number', $number)->firstOrFail());
    expect($bore($before->refresh()))->toEqualWithDelta($usual, 1e-12)
        ->and($after / $usual)->toEqualWithDelta((1 - 0.015) / (1 - 0.016553), 1e-6);
    $this->postJson('/api/own-figures/shrinkage.carved/back')->assertOk();
    expect(own('shrinkage.carved')['used'])->toEqualWithDelta(0.015, 1e-12)
        ->and(own('shrinkage.carved')['taken'])->toBeNull()
        ->and(Workshop::the()->typed)->not->toHaveKey('shrinkage.carved');
});

it('is no longer called learnt once somebody types another figure for it', function (): void {
    castRing(0.0172);
    $this->postJson('/api/own-figures/shrinkage.carved/take')->assertOk();
    $this->putJson('/api/shop', ['shrinkage.carved' => '1.6 %'])->assertOk();
    expect(own('shrinkage.carved')['taken'])->toBeNull()
        ->and(own('shrinkage.carved')['used'])->toEqualWithDelta(0.016, 1e-9);
});

it('takes nothing of which no job says anything, and nothing that is only told', function (): void {
    $this->postJson('/api/own-figures/shrinkage.mould/take')->assertStatus(422);
    $this->postJson('/api/own-figures/melting-loss/take')->assertNotFound();
    $this->postJson('/api/own-figures/no.such/take')->assertNotFound();
    expect(Workshop::the()->typed)->toBe([]);
});

it('gives every sample as CSV', function (): void {
    $job = castRing(0.02);
    $lines = explode("\r\n", trim((string) $this->get('/api/own-figures.csv')->assertOk()->getContent()));
    expect($lines[0])->toBe('figure,value,day,job')
        ->and($lines)->toContain("shrinkage.carved,0.020000,2026-10-01,{$job->number}");
});

it('reckons a job anew once it has changed', function (): void {
    $job = castRing(0.0172);
    own('shrinkage.carved');
    $job->update(['state' => 'open']);
    expect(own('shrinkage.carved')['samples'])->toBe([]);
});

it('learns how far jobs end from the day promised, and a promise is made with that spread', function (): void {
    foreach ([0, 2, 1, 4, 3] as $late) {
        $job = castRing(0.0172, ['brief.due' => '2026-10-20']);
        $this->travelTo(Illuminate\Support\Carbon::parse('2026-10-20 12:00:00')->addDays($late));
        $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'delivered'])->assertOk();
    }
    $own = own('time.late_spread');
    // In days 0, 1, 2, 3, 4: the middle 2, the middle distance 1.
    $spread = 1.2816 * 1.4826 * 1440;
    $usual = $own['usual'];
    expect(array_column($own['samples'], 'value'))->toEqual([0, 2 * 1440, 1440, 4 * 1440, 3 * 1440])
        ->and($own['answer']['results']['median']['value'])->toEqualWithDelta(2880, 1e-9)
        ->and($own['answer']['results']['figure']['value'])->toEqualWithDelta((5 * $spread + 5 * $usual) / 10, 0.1);
    $this->postJson('/api/own-figures/time.late_spread/take')->assertOk();
    expect(Workshop::the()->typed['time.late_spread'])->toEqualWithDelta((5 * $spread + 5 * $usual) / 10, 0.1);
});

it('holds a job’s metal and minutes against the quote that was accepted', function (): void {
    $job = Job::factory()->ring()->create();
    $this->putJson('/api/shop', ['price.silver' => '1.20', 'price.hour' => '60'])->assertOk();
    $quote = $this->postJson("/api/jobs/{$job->number}/quotes")->assertCreated()->json('quotes.0');
    App\Models\Quote::query()->whereKey($quote['id'])->update(['answer' => 'accepted', 'answered_by' => 'Ada']);
    WorkedStep::query()->create([
        'job_id' => $job->id, 'step' => 'form', 'started_at' => '2026-10-01 09:00:00',
        'ended_at' => '2026-10-01 09:45:00', 'done' => true,
    ]);
    $job->update(['state' => 'delivered']);
    // 45 minutes of a form quoted at 30.
    expect(own('over.bench')['samples'][0]['value'])->toEqualWithDelta(1.5, 1e-9)
        ->and(own('over.bench')['may_be_taken'])->toBeFalse()->and(own('over.setting')['samples'])->toBe([]);
});
