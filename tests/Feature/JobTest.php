<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\Workshop;
use Illuminate\Testing\TestResponse;
use Tests\Support\Contract;

/** @param array<string, array{mixed, mixed}> $changes path => [from, to] */
function change(Job $job, array $changes): TestResponse
{
    $list = [];
    foreach ($changes as $path => [$from, $to]) {
        $list[] = ['path' => $path, 'from' => $from, 'to' => $to];
    }

    return test()->postJson("/api/jobs/{$job->number}/changes", ['changes' => $list]);
}

it('opens a job and answers what can be reckoned so far', function (): void {
    $answer = $this->postJson(
        '/api/jobs',
        [
            'changes' => [
                ['path' => 'brief.finger', 'from' => null, 'to' => 'UK O½'],
                ['path' => 'brief.title', 'from' => null, 'to' => '  tide band '],
            ],
            'client' => ['name' => 'Ama Sorley'],
        ],
    )->assertCreated();
    expect(Contract::breaks('Job', (string) $answer->getContent()))->toBe('')
        ->and($answer->json('answers')['size.convert']['results']['inner_circumference']['value'])
        ->toEqualWithDelta(55.625, 1e-9)
        ->and($answer->json('document.decisions')['brief.finger'])->toEqual(['value' => 55.625, 'typed' => 'UK O½'])
        ->and($answer->json('client.name'))->toBe('Ama Sorley')
        ->and($answer->json('wants')['form.band'])->toContain('form.width_top');
});

it('answers every station of a ring as the contract says', function (): void {
    $job = Job::factory()->ring()->create();
    foreach (['brief', 'form', 'wax', 'tree', 'burnout', 'pour'] as $station) {
        $answer = $this->getJson("/api/jobs/{$job->number}?station={$station}")->assertOk();
        expect(Contract::breaks('Job', (string) $answer->getContent()))
            ->toBe('', $station)->and($answer->json('page.views'))->not->toBe([], $station);
    }
});

it('feeds one station from another: a thicker band wants a thicker wax, sprue and charge', function (): void {
    $job = Job::factory()->ring()->create();
    $before = $this->getJson("/api/jobs/{$job->number}")->json('answers');
    $unsaved = $this->postJson(
        "/api/jobs/{$job->number}/reckon",
        ['changes' => [['path' => 'form.thickness_top', 'from' => null, 'to' => '3 mm']]],
    )
        ->assertOk()->json('answers');
    expect($unsaved['wax.dimensions']['results']['thickness']['value'])->toEqualWithDelta(3.25 / 0.985, 1e-9)
        ->and($unsaved['sprue.size']['results']['diameter']['value'])
        ->toBeGreaterThan($before['sprue.size']['results']['diameter']['value'])
        ->and($unsaved['metal.charge']['results']['charge_mass']['value'])
        ->toBeGreaterThan($before['metal.charge']['results']['charge_mass']['value'])
        ->and($job->refresh()->version)->toBe(0);
});

it('lets a weighed wax win over the reckoned one, and says it was measured', function (): void {
    $job = Job::factory()->ring()->create();
    $answer = change($job, ['attempts.0.wax_mass' => [null, '2 g']])->assertOk();
    expect($answer->json('answers')['metal.charge']['results']['piece_mass']['value'])->toEqualWithDelta(20.72, 1e-9)
        ->and($answer->json('inputs')['metal.charge']['wax_mass']['origin'])->toBe('measured');
});

it('keeps an earlier attempt as it was when the wax is carved again', function (): void {
    $job = Job::factory()->ring()->create();
    change($job, ['attempts.0.wax_mass' => [null, '2 g'], 'attempts.0.verdict' => [null, 'left']])->assertOk();
    $answer = change(
        $job, ['attempts.1.wax_mass' => [null, '1.5 g'], 'attempts.1.verdict' => [null, 'passed']],
    )->assertOk();
    expect($answer->json('document.attempts.0.wax_mass.value'))->toEqual(2)
        ->and($answer->json('answers')['metal.charge']['results']['piece_mass']['value'])
        ->toEqualWithDelta(15.54, 1e-9);
});

it('refuses a save whose from no longer stands, with both values, and takes the rest later', function (): void {
    $job = Job::factory()->ring()->create();
    $was = $job->held()->entry('form.width_top');
    change($job, ['form.width_top' => [$was, '6']])->assertOk();
    $clash = change($job, ['form.width_top' => [$was, '7'], 'form.width_base' => [null, '3']])->assertStatus(409);
    expect($clash->json('clashes.0.path'))
        ->toBe('form.width_top')->and($clash->json('clashes.0.present.typed'))->toBe('6')
        ->and($clash->json('clashes.0.to.typed'))->toBe('7')
        ->and($job->refresh()->held()->entry('form.width_base'))->toBeNull();
    // Another path of the same job does not clash.
    change($job, ['form.width_base' => [null, '3']])->assertOk();
});

it('keeps every save as history, and undoes the last one with the reverse', function (): void {
    $job = Job::factory()->ring()->create();
    change($job, ['form.width_base' => [null, '3']])->assertOk();
    change($job, ['form.thickness_base' => [null, '1.8']])->assertOk();
    $this->postJson("/api/jobs/{$job->number}/undo")->assertOk();
    expect($job->refresh()->held()->entry('form.thickness_base'))
        ->toBeNull()->and($job->held()->decision('form.width_base'))->toEqual(3);
    $this->postJson("/api/jobs/{$job->number}/undo")->assertOk();
    expect($job->refresh()->held()->entry('form.width_base'))->toBeNull();
    $this->postJson("/api/jobs/{$job->number}/undo")->assertStatus(422);
    $history = $this->getJson("/api/jobs/{$job->number}/history")->assertOk();
    expect($history->json('entries'))->toHaveCount(4)->and($history->json('entries.3.by'))->toBe('Maren')
        ->and(Contract::breaksAt('/api/jobs/{job}/history', 'get', (string) $history->getContent()))->toBe('');
});

it('half-saves nothing: one bad figure among good ones keeps all of them out', function (mixed $bad): void {
    $job = Job::factory()->ring()->create();
    change($job, ['form.width_base' => [null, '3'], 'form.thickness_base' => [null, $bad]])
        ->assertStatus(422)->assertJsonStructure(['errors' => ['form.thickness_base']]);
    expect($job->refresh()->held()->entry('form.width_base'))->toBeNull()->and(Entry::query()->count())->toBe(0);
})->with(['thick', '-2', '1e308', '2 ells', [['value' => 'NaN', 'typed' => '']]]);

it('holds no figure that is not declared', function (string $path): void {
    change(Job::factory()->ring()->create(), [$path => [null, '1']])
        ->assertStatus(422)->assertJsonStructure(['errors' => [$path]]);
})->with(
    ['form.colour', 'answers.form', 'attempts.0.shoe', 'attempts.AB.bore', 'attempts.0', 'gone.stones-0', 'version'],
);

it('signs a station off with a dated copy, and says when something upstream moves', function (): void {
    $job = Job::factory()->ring()->create();
    $this->sign($job, 'wax')->assertOk();
    $moved = change($job, ['form.thickness_top' => [$job->held()->entry('form.thickness_top'), '2.4']])->assertOk();
    $wax = collect($moved->json('stations'))->firstWhere('name', 'wax');
    $drift = collect($wax['drift'])->firstWhere('result', 'thickness');
    expect($wax['state'])->toBe('signed')->and($wax['worst'])->toBe('caution')
        ->and($drift['signed'])
        ->toEqualWithDelta(2.25 / 0.985, 1e-9)->and($drift['now'])->toEqualWithDelta(2.65 / 0.985, 1e-9);
    $this->postJson("/api/jobs/{$job->number}/stations/wax", ['state' => 'reopened'])->assertOk();
    expect($job->refresh()->held()->map('stations')['wax']['state'])->toBe('reopened');
});

it('does not sign over a stop, until it is overridden with a reason, which lapses when the '
    .'figure changes', function (): void {
        $job = Job::factory()->ring()->create();
        $thin = change($job, ['form.thickness_top' => [$job->held()->entry('form.thickness_top'), '1']])->assertOk();
        $stop = collect(
            $this->getJson("/api/jobs/{$job->number}?station=form")->json('page.findings'),
        )->firstWhere('code', 'crown-too-thin');
        $this->sign($job, 'form')->assertStatus(422);
        $this->postJson(
            "/api/jobs/{$job->number}/overrides",
            ['use' => $stop['use'], 'code' => $stop['code'], 'about' => $stop['about'], 'value' => $stop['value']],
        )->assertStatus(422);
        $this->postJson(
            "/api/jobs/{$job->number}/overrides",
            [
                'use' => $stop['use'], 'code' => $stop['code'], 'about' => $stop['about'], 'value' => $stop['value'],
                'reason' => 'a toe ring, worn one day',
            ],
        )->assertOk();
        $this->sign($job, 'form')->assertOk();
        change(
            $job, ['form.thickness_top' => [$thin->json('document.decisions')['form.thickness_top'], '1.01']],
        )->assertOk();
        expect(
            collect(
                $this->getJson("/api/jobs/{$job->number}?station=form")->json('page.findings'),
            )->firstWhere('code', 'crown-too-thin')['override'],
        )->toBeNull();
    });

it('keeps the figures it began with until somebody takes the present ones, having seen the change', function (): void {
    $job = Job::factory()->ring()->create();
    $before = $this->getJson("/api/jobs/{$job->number}")->json('answers')['wax.dimensions']['results']['bore']['value'];
    $this->putJson('/api/shop', ['shrinkage.carved' => '2 %'])->assertOk();
    expect(
        $this->getJson("/api/jobs/{$job->number}")->json('answers')['wax.dimensions']['results']['bore']['value'],
    )->toBe($before);
    $differences = $this->getJson("/api/jobs/{$job->number}/figures")->assertOk()->json('differences');
    expect(
        collect($differences)->firstWhere('result', 'bore')['then'],
    )->toEqualWithDelta(($before * 0.985) / 0.98, 1e-9);
    $taken = $this->postJson("/api/jobs/{$job->number}/figures")->assertOk();
    expect($taken->json('answers')['wax.dimensions']['results']['bore']['value'])
        ->toEqualWithDelta(($before * 0.985) / 0.98, 1e-9)->and($taken->json('figures_present'))->toBeTrue();
    // One tap puts the shop's figure back.
    $this->putJson('/api/shop', ['shrinkage.carved' => null])->assertOk();
    expect(Workshop::the()->typed)->toBe([]);
});

it('refuses a shop figure that cannot be, and keeps what stood', function (): void {
    $this->putJson('/api/shop', ['shrinkage.carved' => '80 %'])
        ->assertStatus(422)->assertJsonStructure(['errors' => ['rules.shrinkage.carved']]);
    $this->putJson('/api/shop', ['stock.flasks' => []])->assertStatus(422);
    expect($this->getJson('/api/shop')->json('figures')['shrinkage.carved']['value'])->toEqual(0.015);
});

it('closes delivered, or abandoned with a reason, and opens again with one', function (): void {
    $job = Job::factory()->ring()->create();
    $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'abandoned'])->assertStatus(422);
    $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'abandoned', 'reason' => 'moved away'])->assertOk();
    expect($job->refresh()->state)->toBe('abandoned');
    $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'open', 'reason' => 'came back'])->assertOk();
    $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'delivered'])->assertOk();
    expect($job->refresh()->state)->toBe('delivered')->and($this->getJson('/api/jobs')->json('jobs'))->toBe([]);
});

it('makes a new job like this one, without its readings and dates', function (): void {
    $job = Job::factory()->ring()->create();
    change($job, ['attempts.0.wax_mass' => [null, '2 g'], 'brief.due' => [null, '2027-01-10']])->assertOk();
    $like = $this->postJson("/api/jobs/{$job->number}/like", ['same_commission' => true])->assertCreated();
    expect($like->json('number'))->toBe($job->number + 1)->and($like->json('commission'))->toBe($job->commission)
        ->and($like->json('document.attempts'))
        ->toBe([])->and($like->json('document.decisions'))->toHaveKey('form.width_top')
        ->not->toHaveKeys(['brief.due', 'burnout.ready_at']);
});

it('finds jobs by word, station and due date', function (): void {
    Job::factory()
        ->holding(['brief.title' => 'tourmaline halo', 'brief.due' => today()->addDays(3)->toDateString()])->create();
    Job::factory()
        ->holding(['brief.title' => 'signet 100 % silver', 'brief.due' => today()->subDay()->toDateString()])->create();
    $titles = fn (string $query): array => array_column(
        $this->getJson("/api/jobs?{$query}")->assertOk()->json('jobs'), 'title',
    );
    expect($titles('search=halo tourm'))
        ->toBe(['tourmaline halo'])->and($titles('search=%25'))->toBe(['signet 100 % silver'])->and($titles('search=_'))
        ->toBe([])
        ->and($titles('due=late'))
        ->toBe(['signet 100 % silver'])->and($titles('due=week'))->toHaveCount(2)->and($titles('station=wax'))
        ->toBe([]);
    $this->getJson('/api/jobs?station=moon')->assertStatus(422);
});

it('says today what each job needs next, what is late and what is hot', function (): void {
    Job::factory()->ring()->create();
    Job::factory()->holding(['brief.title' => 'late', 'brief.due' => today()->subDay()->toDateString()])->create();
    $today = $this->getJson('/api/today')->assertOk();
    expect(Contract::breaks('Today', (string) $today->getContent()))
        ->toBe('')->and($today->json('open'))->toBe(2)->and($today->json('late'))->toBe(1)
        ->and($today->json('jobs.0.wants'))->toContain('brief.finger');
});

it('finds a job by its client’s name, in whatever case, and by what else is said of it', function (): void {
    $changes = [
        ['path' => 'brief.title', 'from' => null, 'to' => 'plain band'],
        ['path' => 'brief.alloy', 'from' => null, 'to' => 'sterling-925'],
    ];
    $opened = fn (string $client): int => $this->postJson(
        '/api/jobs', ['client' => ['name' => $client], 'changes' => $changes],
    )->assertCreated()->json('number');
    [$number] = [$opened('Oda Quill'), $opened('Hester Lowe')];
    foreach (['quill', 'ODA', 'oda band', (string) $number, 'sterling oda'] as $words) {
        expect(array_column($this->getJson('/api/jobs?search='.rawurlencode($words))->json('jobs'), 'number'))
            ->toBe([$number], $words);
    }
    expect($this->getJson('/api/jobs?search=quilt')->json('jobs'))->toBe([]);
});
