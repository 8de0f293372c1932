<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\Person;

function edits(Job $job, array $changes, ?Person $by = null): Illuminate\Testing\TestResponse
{
    $by === null ?: test()->actingAs($by);

    return test()->postJson("/api/jobs/{$job->number}/changes", ['changes' => $changes]);
}

function undo(Job $job, ?Person $by = null): Illuminate\Testing\TestResponse
{
    $by === null ?: test()->actingAs($by);

    return test()->postJson("/api/jobs/{$job->number}/undo");
}

/** A job's document, without the memory of rows that came and went. */
function held(Job $job): array
{
    return array_diff_key($job->refresh()->held()->toArray(), ['gone' => 1]);
}

it('undoes two rows emptied in turn, and one path said twice in a list', function (): void {
    $job = Job::factory()->ring()->holding(['cuts.0.length' => '10', 'cuts.1.length' => '12'])->create();
    $start = held($job);
    foreach (['1', '0'] as $row) {
        $was = $job->refresh()->held()->at("cuts.{$row}.length");
        edits($job, [['path' => "cuts.{$row}.length", 'from' => $was, 'to' => null]])->assertOk();
    }
    edits(
        $job,
        [
            ['path' => 'form.width_base', 'from' => null, 'to' => '3'],
            ['path' => 'form.width_base', 'from' => null, 'to' => '4'],
        ],
    )->assertOk();
    expect($job->refresh()->held()->decision('form.width_base'))->toEqual(4)->and(Entry::query()->count())->toBe(3);
    foreach ([1, 2, 3] as $_) {
        undo($job)->assertOk();
    }
    undo($job)->assertStatus(422);
    expect(held($job))->toEqual($start);
});

it('puts a row back where it stood', function (): void {
    $job = Job::factory()
        ->ring()->holding(['cuts.0.name' => 'a', 'cuts.1.name' => 'b', 'cuts.2.name' => 'c'])->create();
    $start = held($job);
    $this->postJson("/api/jobs/{$job->number}/rows/cuts/1/out")->assertOk();
    expect(array_column($job->refresh()->held()->list('cuts'), 'key'))->toBe(['0', '2']);
    undo($job)->assertOk();
    expect(held($job))->toEqual($start)->and(array_column($job->held()->list('cuts'), 'key'))->toBe(['0', '1', '2']);
});

it('never lands words on a neighbour: a row is named by its key, and out twice takes one', function (): void {
    $job = Job::factory()
        ->ring()->holding(['stones.0.name' => 'hers', 'stones.1.name' => 'his', 'stones.2.name' => 'theirs'])->create();
    $this->postJson("/api/jobs/{$job->number}/rows/stones/0/out")->assertOk();
    $this->postJson("/api/jobs/{$job->number}/rows/stones/0/out")->assertOk();
    expect(
        array_column(array_column($job->refresh()->held()->list('stones'), 'name'), 'value'),
    )->toBe(['his', 'theirs']);
    // What another tablet typed into the first goes nowhere, and says so.
    edits($job, [['path' => 'stones.0.width', 'from' => null, 'to' => '5']])
        ->assertStatus(422)->assertJsonPath('errors.stones\.0\.width', fn ($said) => true);
    edits($job, [['path' => 'stones.1.width', 'from' => null, 'to' => '6']])->assertOk();
    expect($job->refresh()->held()->list('stones'))
        ->toHaveCount(2)->and($job->held()->list('stones')[0]['width']['value'])->toEqual(6);
    // A key once used is not used again.
    expect(
        $this->getJson("/api/jobs/{$job->number}?station=stones")->json('page.next_keys.stones'),
    )->not->toBeIn(['0', '1', '2']);
});

it('ends where it began, after any sequence of edits, rows and undo on two tablets', function (int $seed): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $people = [Person::query()->firstOrFail(), Person::query()->create(['name' => 'Tobit'])];
    $job = Job::factory()
        ->ring()->holding(['cuts.0.name' => 'a', 'cuts.0.length' => '9', 'stones.0.name' => 'one'])->create();
    $start = held($job);
    $paths = [
        'form.width_base', 'form.thickness_base', 'brief.note', 'cuts.0.length', 'cuts.1.name', 'stones.0.width',
        'stones.n1.name', 'stones.n2.width',
    ];
    for ($step = 0; $step < 40; $step++) {
        $by = $people[$dice->getInt(0, 1)];
        $now = $job->refresh()->held();
        $path = $paths[$dice->getInt(0, count($paths) - 1)];
        match ($dice->getInt(0, 5)) {
            0 => undo($job, $by),
            1 => $this->actingAs($by)->postJson(
                "/api/jobs/{$job->number}/rows/".[
                    'cuts/0', 'cuts/1', 'stones/n1', 'stones/n2',
                ][$dice->getInt(0, 3)].'/out',
            ),
            2 => edits($job, [['path' => $path, 'from' => $now->at($path), 'to' => null]], $by),
            default => edits(
                $job,
                [
                    ['path' => $path, 'from' => $now->at($path), 'to' => (string) $dice->getInt(1, 9)],
                    ['path' => 'wax.text', 'from' => $now->at('wax.text'), 'to' => "step {$step}"],
                ],
                $by,
            ),
        };
    }
    // Each takes back what is theirs until neither can: what one changed over the other goes first.
    for ($round = 0; $round < 200; $round++) {
        $statuses = array_map(static fn (Person $person): int => undo($job, $person)->status(), $people);
        if (! in_array(200, $statuses, true)) {
            break;
        }
    }
    expect($round)->toBeLessThan(200)->and(held($job))->toEqual($start);
})->with(range(1, 12));

it('takes back what one typed oneself, and says what it was; what another changed since stays', function (): void {
    $job = Job::factory()->ring()->create();
    [$maren, $tobit] = [Person::query()->firstOrFail(), Person::query()->create(['name' => 'Tobit'])];
    edits($job, [['path' => 'form.width_base', 'from' => null, 'to' => '3']], $maren)->assertOk();
    edits($job, [['path' => 'form.thickness_base', 'from' => null, 'to' => '1.8']], $tobit)->assertOk();
    undo($job, $maren)
        ->assertOk()->assertJsonPath('undone.0.path', 'form.width_base')->assertJsonPath('undone.0.to.typed', '3');
    expect($job->refresh()->held()->decision('form.thickness_base'))->toEqual(1.8);
    undo($job, $maren)->assertStatus(422);
    // Maren edits what Tobit typed; his undo would erase hers.
    edits(
        $job, [['path' => 'form.thickness_base', 'from' => $job->held()->at('form.thickness_base'), 'to' => '1.6']],
        $maren,
    )->assertOk();
    undo($job, $tobit)->assertStatus(422);
    expect($job->refresh()->held()->decision('form.thickness_base'))->toEqual(1.6);
});

it('leaves alone what was decided or said: signing, closing, whose it is, the client’s word', function (): void {
    $job = Job::factory()->ring()->create();
    $this->sign($job, 'form')->assertOk();
    $this->postJson("/api/jobs/{$job->number}/client", ['client' => ['name' => 'Ama Sorley']])->assertOk();
    $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'abandoned', 'reason' => 'she moved away'])->assertOk();
    $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'open', 'reason' => 'she came back'])->assertOk();
    undo($job)->assertStatus(422);
    $job->refresh();
    expect($job->held()->map('stations')['form']['state'])
        ->toBe('signed')->and($job->client?->name)->toBe('Ama Sorley')->and($job->state)->toBe('open');
    $kinds = array_column($this->getJson("/api/jobs/{$job->number}/history")->json('entries'), 'kind');
    expect($kinds)->toBe(['closing', 'closing', 'owner', 'station'])
        ->and(json_encode($this->getJson("/api/jobs/{$job->number}/history")->json('entries')))
        ->toContain('she came back', 'she moved away', 'Ama Sorley');
});

it('undoes a charge only with its reversal, and a reversed charge takes its casting back', function (): void {
    $job = Job::factory()->ring()->create();
    $lot = Lot::query()->create(
        ['name' => 'grain', 'alloy' => 'sterling-925', 'fineness' => 0.925, 'mass_mg' => 50_000],
    );
    $start = held($job);
    $charge = fn () => $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '20']], 'casting' => '14', 'button' => '5.9'],
    )->assertCreated();
    $charge();
    $movement = Movement::query()->where('kind', 'charge')->firstOrFail();
    undo($job)
        ->assertStatus(422)
        ->assertJsonPath(
            'errors._.0', fn (string $said): bool => str_contains($said, "reverse movement {$movement->id}"),
        );
    expect($job->refresh()->held()->list('castings'))->toHaveCount(1)->and($lot->refresh()->mass_mg)->toBe(30_000);
    $this->postJson("/api/metal/movements/{$movement->id}/reverse", ['reason' => 'weighed wrong'])->assertCreated();
    expect(held($job))->toEqual($start)->and($lot->refresh()->mass_mg)->toBe(50_000);
    // Where the casting has been weighed anew since, nothing is split: neither goes back.
    $charge();
    $path = 'castings.'.$job->refresh()->held()->list('castings')[0]['key'].'.casting_mass';
    edits($job, [['path' => $path, 'from' => $job->held()->at($path), 'to' => '13.9 g']])->assertOk();
    $second = Movement::query()->where('kind', 'charge')->whereNull('reverses_id')->orderByDesc('id')->firstOrFail();
    $this->postJson("/api/metal/movements/{$second->id}/reverse", ['reason' => 'again'])
        ->assertStatus(422)
        ->assertJsonPath('errors._.0', fn (string $said): bool => str_contains($said, 'casting_mass'));
    expect($lot->refresh()->mass_mg)
        ->toBe(30_000)->and(Movement::query()->where('reverses_id', $second->id)->exists())->toBeFalse();
});

function redo(Job $job, ?Person $by = null): Illuminate\Testing\TestResponse
{
    $by === null ?: test()->actingAs($by);

    return test()->postJson("/api/jobs/{$job->number}/redo");
}

/** Types figures one after another, each a save of its own. */
function typedInTurn(Job $job, array $figures): void
{
    foreach ($figures as [$path, $to]) {
        $was = $job->refresh()->held()->at($path);
        edits($job, [['path' => $path, 'from' => $was, 'to' => $to]])->assertOk();
    }
}

it('puts back what was taken back, one by one, as far as it was undone and no farther', function (): void {
    $job = Job::factory()->ring()->create();
    $first = held($job);
    typedInTurn($job, [['form.width_top', '6'], ['form.width_top', '7'], ['form.thickness_top', '2.2']]);
    $last = held($job);
    redo($job)->assertStatus(422)->assertJsonPath('errors._.0', 'There is nothing of yours to put back.');
    foreach ([1, 2, 3] as $_) {
        undo($job)->assertOk();
    }
    expect(held($job))->toEqual($first);
    redo($job)->assertOk()->assertJsonPath('undone.0.path', 'form.width_top');
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(6);
    redo($job)->assertOk();
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(7);
    redo($job)->assertOk();
    expect(held($job))->toEqual($last);
    redo($job)->assertStatus(422);
    // And back again, and forth.
    undo($job)->assertOk();
    undo($job)->assertOk();
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(6);
    redo($job)->assertOk();
    redo($job)->assertOk();
    expect(held($job))->toEqual($last);
    // Every turn is a line of the history, and none is lost from it.
    expect(Entry::query()->where('job_id', $job->id)->count())->toBe(3 + 3 + 3 + 2 + 2);
});

it('puts nothing back once something else was typed', function (): void {
    $job = Job::factory()->ring()->create();
    typedInTurn($job, [['form.width_top', '6']]);
    undo($job)->assertOk();
    typedInTurn($job, [['form.thickness_top', '2.4']]);
    redo($job)->assertStatus(422);
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(5);
    // What was typed since is still the next to undo.
    undo($job)->assertOk();
    expect($job->refresh()->held()->decision('form.thickness_top'))->toEqual(2);
});

it('puts back only what the same person took back, and not over what another typed since', function (): void {
    $job = Job::factory()->ring()->create();
    [$maren, $other] = [Person::query()->firstOrFail(), Person::query()->create(['name' => 'Tobit'])];
    edits($job, [['path' => 'form.width_top', 'from' => $job->held()->at('form.width_top'), 'to' => '6']], $maren)
        ->assertOk();
    undo($job, $maren)->assertOk();
    redo($job, $other)->assertStatus(422);
    $was = $job->refresh()->held()->at('form.width_top');
    edits($job, [['path' => 'form.width_top', 'from' => $was, 'to' => '8']], $other)->assertOk();
    redo($job, $maren)->assertStatus(422)->assertJsonPath('errors._.0', fn (string $says): bool => str_contains(
        $says, 'changed since by somebody else',
    ));
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(8);
});

it('puts back a row that was taken out, undone and taken out again, where it stood', function (): void {
    $job = Job::factory()
        ->ring()->holding(['cuts.0.name' => 'a', 'cuts.1.name' => 'b', 'cuts.2.name' => 'c'])->create();
    $whole = held($job);
    $this->postJson("/api/jobs/{$job->number}/rows/cuts/1/out")->assertOk();
    $without = held($job);
    undo($job)->assertOk();
    expect(held($job))->toEqual($whole);
    redo($job)->assertOk();
    expect(held($job))->toEqual($without);
    undo($job)->assertOk();
    expect(array_column($job->refresh()->held()->list('cuts'), 'key'))->toBe(['0', '1', '2']);
});

it('takes back nothing of mine that would go over another’s row or figure, and nothing of theirs', function (): void {
    $maren = Person::query()->firstOrFail();
    $tobit = Person::query()->create(['name' => 'Tobit', 'role' => 'goldsmith']);
    $job = Job::factory()->ring()->holding(['cuts.0.length' => '10'])->create();
    $length = $job->refresh()->held()->at('cuts.0.length');
    edits($job, [['path' => 'cuts.0.length', 'from' => $length, 'to' => '12']], $maren)->assertOk();
    // The other takes the row out: what was typed into it is not typed back into nothing.
    $this->actingAs($tobit)->postJson("/api/jobs/{$job->number}/rows/cuts/0/out")->assertOk();
    undo($job, $maren)->assertStatus(422)
        ->assertJsonPath('errors._.0', fn (string $why): bool => str_contains($why, 'changed since by somebody else'));
    expect($job->refresh()->held()->list('cuts'))->toBe([]);
    undo($job, $tobit)->assertOk();
    expect($job->refresh()->held()->at('cuts.0.length')['typed'])->toBe('12');
    // Taken back, the row is nobody's again, and what I typed is mine to undo.
    undo($job, $maren)->assertOk();
    expect($job->refresh()->held()->at('cuts.0.length')['typed'])->toBe('10');
});
