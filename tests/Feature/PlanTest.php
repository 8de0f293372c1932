<?php

declare(strict_types=1);

use App\Models\ClientReview;
use App\Models\Job;
use App\Models\Person;
use App\Models\WorkedStep;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use Tests\Support\Contract;

/** @return array<string, mixed> */
function thePlan(): array
{
    $answer = test()->getJson('/api/plan')->assertOk();
    expect(Contract::breaks('Plan', (string) $answer->getContent()))->toBe('');

    return $answer->json();
}

/** @return array<string, array<string, mixed>> by job and step: `101 wax` */
function laid(?array $plan = null): array
{
    $rows = [];
    foreach (($plan ?? thePlan())['answer']['results']['placed']['value'] as $row) {
        $rows["{$row['job']} {$row['step']}"] = $row;
    }

    return $rows;
}

/** @return array<string, mixed> the plan after it */
function atBench(Job $job, string $step, string $do): array
{
    return test()->postJson("/api/jobs/{$job->number}/steps/{$step}", ['do' => $do])->assertOk()->json();
}

function ringDue(?string $due, array $more = []): Job
{
    return Job::factory()->ring()->holding([...($due === null ? [] : ['brief.due' => $due]), ...$more])->create(
        ['due_on' => $due],
    );
}

beforeEach(function (): void {
    // Nine o'clock on a Wednesday; one kiln that may burn alone.
    Workshop::the()->update(['kilns' => [['id' => 'kiln', 'flasks' => 2, 'alone' => true]]]);
});

it('plans each open job from what it holds, and names what has no day', function (): void {
    $job = ringDue('2026-12-18');
    $undated = ringDue(null);
    $plan = thePlan();
    $placed = laid($plan);
    // 30 minutes of brief, 30 of form, 120 of wax and the client's two days.
    expect($placed["{$job->number} brief"]['start'])->toBe('2026-11-25T09:00:00+00:00')
        ->and($placed["{$job->number} wax"]['start'])->toBe('2026-11-25T10:00:00+00:00')
        ->and($placed["{$job->number} wax"]['end'])->toBe('2026-11-25T12:00:00+00:00')
        ->and($placed["{$job->number} look"]['done'])->toBe('2026-11-27T12:15:00+00:00')
        ->and(array_column($plan['unplanned'], 'job'))->toBe([(string) $undated->number])
        ->and($placed)->toHaveKey("{$undated->number} brief");
});

it('shows who waits where two commissions want one kiln and one pair of hands', function (): void {
    Workshop::the()->update(['kilns' => [['id' => 'kiln', 'flasks' => 1, 'alone' => true]]]);
    $first = ringDue('2026-12-04');
    $second = ringDue('2026-12-07');
    $placed = laid();
    $runs = thePlan()['answer']['results']['runs']['value'];
    expect($runs)->toHaveCount(2)
        // The one that is due first is first at the bench and in the kiln.
        ->and($placed["{$second->number} wax"]['start'] >= $placed["{$first->number} wax"]['end'])->toBeTrue()
        ->and($runs[0]['jobs'])->toBe([(string) $first->number])
        ->and($runs[1]['switch_on'] >= $runs[0]['ready_at'])->toBeTrue()
        // Three hours and a quarter of the first leave a quarter before noon: the second begins after it.
        ->and($placed["{$second->number} brief"])->toMatchArray([
            'start' => '2026-11-25T13:15:00+00:00', 'binds' => 'working hours',
        ]);
});

it('moves the pour to the next burnout where a client answers three days late', function (): void {
    $job = ringDue('2026-12-18');
    $this->sign($job, 'brief')->assertOk();
    $this->sign($job, 'form')->assertOk();
    $before = laid()["{$job->number} pour"]['start'];
    ClientReview::query()->create([
        'job_id' => $job->id, 'token_hash' => 'x', 'arrangements' => ['ring'], 'pictures' => [],
        'expires_at' => now()->addMonth(),
    ]);
    atBench($job, 'wax', 'end');
    $sent = laid();
    // Shown: nobody stands at it, and the client has two days from now.
    expect($sent["{$job->number} look"]['pieces'])->toBe([])
        ->and($sent["{$job->number} look"]['done'])->toBe('2026-11-27T09:00:00+00:00');
    $this->travelTo(Carbon::parse('2026-11-30 09:00:00'));
    $plan = thePlan();
    expect($plan['waiting'][0])->toMatchArray(['job' => (string) $job->number, 'overdue' => true])
        // A day more is waited for: whatever follows is later than it was.
        ->and(laid($plan)["{$job->number} look"]['done'])->toBe('2026-12-01T09:00:00+00:00')
        ->and(laid($plan)["{$job->number} pour"]['start'] > $before)->toBeTrue();
});

it('learns minutes from a step that is started, paused and ended', function (): void {
    $job = ringDue('2026-12-18');
    atBench($job, 'brief', 'start');
    $this->travelTo(Carbon::parse('2026-11-25 09:10:00'));
    $plan = thePlan();
    // Ten of thirty minutes are spent, and it goes on where it is.
    expect($plan['worked'][0])->toMatchArray([
        'job' => (string) $job->number, 'step' => 'brief', 'by' => 'Maren',
        'running_since' => '2026-11-25T09:00:00+00:00', 'minutes' => 10,
    ])->and(laid($plan)["{$job->number} brief"])->toMatchArray([
        'start' => '2026-11-25T09:10:00+00:00', 'end' => '2026-11-25T09:30:00+00:00', 'fixed' => true,
    ]);
    atBench($job, 'brief', 'pause');
    $this->travelTo(Carbon::parse('2026-11-25 10:00:00'));
    expect(laid()["{$job->number} brief"]['end'])->toBe('2026-11-25T10:20:00+00:00');
    atBench($job, 'brief', 'start');
    $this->travelTo(Carbon::parse('2026-11-25 10:05:00'));
    $done = atBench($job, 'brief', 'end');
    expect(laid($done))->not->toHaveKey("{$job->number} brief")
        ->and(laid($done)["{$job->number} form"]['start'])->toBe('2026-11-25T10:05:00+00:00')
        ->and(WorkedStep::query()->get()->sum(static fn (WorkedStep $one): float => $one->minutes(now())))->toEqual(15);
    expect(laid(atBench($job, 'brief', 'again')))->toHaveKey("{$job->number} brief");
});

it('lets go of one step when another is started, and refuses what is not there', function (): void {
    $job = ringDue('2026-12-18');
    atBench($job, 'brief', 'start');
    $plan = atBench($job, 'form', 'start');
    expect(array_column($plan['worked'], 'running_since', 'step'))->toBe([
        'brief' => null, 'form' => '2026-11-25T09:00:00+00:00',
    ]);
    $refused = fn (string $step, string $do) => $this->postJson(
        "/api/jobs/{$job->number}/steps/{$step}", ['do' => $do],
    )->assertStatus(422);
    $refused('form', 'start');
    $refused('brief', 'pause');
    $refused('plating', 'start');
    $refused('form', 'again');
    $refused('form', 'dance');
});

it('says what a change would cost, keeps it where asked, and lets it go', function (): void {
    Person::query()->create(['name' => 'Tobit']);
    $job = ringDue('2026-11-30');
    $step = ['job' => (string) $job->number, 'step' => 'brief', 'start' => '2026-12-02T10:00', 'by' => 'Tobit'];
    $tried = $this->postJson('/api/plan/try', $step)->assertOk();
    expect(Contract::breaks('PlanChange', (string) $tried->getContent()))->toBe('')
        ->and($tried->json('late_after_min'))->toBeGreaterThan($tried->json('late_before_min'))
        ->and($tried->json('moved.0.job'))->toBe((string) $job->number)
        ->and($tried->json('placed.by'))->toBe('Tobit')
        // Nothing is kept of it.
        ->and(laid()["{$job->number} brief"]['fixed'])->toBeFalse();
    $fixed = $this->postJson('/api/plan/fixed', $step)->assertOk()->json();
    expect(laid($fixed)["{$job->number} brief"])->toMatchArray([
        'start' => '2026-12-02T10:00:00+00:00', 'by' => 'Tobit', 'fixed' => true,
    ]);
    $free = $this->deleteJson("/api/jobs/{$job->number}/steps/brief/fixed")->assertOk()->json();
    expect(laid($free)["{$job->number} brief"]['start'])->toBe('2026-11-25T09:00:00+00:00');
    $this->postJson('/api/plan/fixed', [...$step, 'start' => '2026-11-24T10:00'])->assertStatus(422)
        ->assertJsonPath('errors.start.0', 'That hour is past.');
    $this->postJson('/api/plan/fixed', [...$step, 'step' => 'plating'])->assertStatus(422);
    $this->postJson('/api/plan/fixed', [...$step, 'by' => 'nobody'])->assertStatus(422);
});

it('tells of a fixed hour that went by, and plans on without it', function (): void {
    $job = ringDue('2026-12-18');
    $this->postJson('/api/plan/fixed', [
        'job' => (string) $job->number, 'step' => 'brief', 'start' => '2026-11-25T10:00',
    ])->assertOk();
    $this->travelTo(Carbon::parse('2026-11-26 09:00:00'));
    $plan = thePlan();
    expect($plan['past'][0])->toMatchArray(['job' => (string) $job->number, 'step' => 'brief'])
        ->and(laid($plan)["{$job->number} brief"]['start'])->toBe('2026-11-26T09:00:00+00:00');
});

it('pours when the kiln is ready that is on, and not before', function (): void {
    $job = Job::factory()->holding([
        'brief.title' => 'plain band', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925',
        'form.width_top' => '3', 'form.thickness_top' => '1.8',
    ])->create();
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        $this->postJson("/api/jobs/{$job->number}/stations/{$station}", ['state' => 'not-needed'])->assertOk();
    }
    $run = $this->postJson('/api/casting', ['flasks' => [[$job->number]], 'ready_at' => '2026-11-26T14:00']);
    $run->assertSuccessful();
    $id = App\Models\Run::query()->latest('id')->value('id');
    App\Models\Run::query()->whereKey($id)->update(['started_at' => '2026-11-25 08:00:00',
        'counted_at' => '2026-11-25 08:00:00']);
    $placed = laid();
    expect($placed["{$job->number} burnout"])->toMatchArray(['start' => '2026-11-25T08:00:00+00:00', 'fixed' => true])
        ->and($placed)->not->toHaveKey("{$job->number} invest")
        ->and($placed["{$job->number} pour"]['start'] >= $placed["{$job->number} burnout"]['end'])->toBeTrue();
});

it('promises a day for a job behind the others, and says so where the day asked for is sooner', function (): void {
    ringDue('2026-12-02');
    $job = ringDue(null);
    $promise = $this->getJson("/api/jobs/{$job->number}/promise")->assertOk();
    $because = $promise->json('promise.results.because.value');
    expect(array_sum(array_column($because, 'minutes')))->toEqual($promise->json('promise.results.length_min.value'))
        ->and($promise->json('drawn.title'))->toBe('From now to the promise');
    $this->getJson("/api/jobs/{$job->number}/promise?wanted=2026-11-26")
        ->assertJsonPath('promise.findings.0.code', 'too-soon');
    $this->getJson("/api/jobs/{$job->number}/promise?wanted=tomorrow")->assertStatus(422);
});

it('plans in the hours that somebody says, and on no day off', function (): void {
    $job = ringDue('2026-12-18');
    $maren = Person::query()->where('name', 'Maren')->firstOrFail();
    $this->putJson("/api/people/{$maren->id}/hours", ['hours' => 'thu 14-18; fri 9-12',
        'off' => '2026-11-26 to 2026-11-26'])
        ->assertOk()->assertJsonPath('people.0.hours', 'thu 14:00-18:00; fri 9:00-12:00')
        ->assertJsonPath('people.0.off', '2026-11-26');
    expect(laid()["{$job->number} brief"]['start'])->toBe('2026-11-27T09:00:00+00:00');
    foreach ([['hours' => 'noday 9-12'], ['hours' => 'mon 12-9'], ['hours' => 'mon 9-12 11-13'],
        ['off' => '2026-02-30']] as $bad) {
        $this->putJson("/api/people/{$maren->id}/hours", $bad)->assertStatus(422);
    }
    expect(laid()["{$job->number} brief"]['start'])->toBe('2026-11-27T09:00:00+00:00');
});

it('knows the kilns that the workshop names', function (): void {
    $this->putJson('/api/workshop', ['kilns' => [['id' => 'front', 'flasks' => 3, 'alone' => false]], 'tumblers' => 2])
        ->assertOk()->assertJsonPath('kilns.0.id', 'front')->assertJsonPath('tumblers', 2);
    expect(thePlan()['kilns'])->toBe([['id' => 'front', 'flasks' => 3, 'alone' => false]]);
    $this->putJson('/api/workshop', ['kilns' => [['id' => 'a', 'flasks' => 0, 'alone' => true]]])->assertStatus(422);
    $this->putJson('/api/workshop', ['kilns' => [
        ['id' => 'a', 'flasks' => 1, 'alone' => true], ['id' => 'a', 'flasks' => 1, 'alone' => true],
    ]])->assertStatus(422);
});
