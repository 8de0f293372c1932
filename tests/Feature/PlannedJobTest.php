<?php

declare(strict_types=1);

use App\Models\ClientReview;
use App\Models\Job;
use App\Models\Person;
use App\Models\RunFlask;
use App\Models\WorkedStep;
use App\Models\Workshop;
use App\People\Role;
use App\Plan\BenchSteps;
use App\Plan\DaysOff;
use App\Plan\PlannedJob;
use App\Plan\Team;
use App\Plan\WorkshopPlan;
use HotSprue\Fields\BadInput;
use Illuminate\Support\Facades\DB;

/** A ring that is due, as the plan is asked with it. */
function plannedRing(array $more = []): Job
{
    return Job::factory()->holding([
        'brief.title' => 'plain band', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925',
        'form.width_top' => '5', 'form.thickness_top' => '2', 'brief.due' => '2026-12-18', ...$more,
    ])->create(['due_on' => '2026-12-18']);
}

function plannedJob(Job $job): PlannedJob
{
    return PlannedJob::of(
        $job->refresh(), WorkedStep::query()->with('person')->where('job_id', $job->id)->get(),
        Workshop::the()->rulebook->settings(), now()->floorMinutes(5),
    );
}

/** @return array<string, array<string, mixed>> by step */
function leftOf(Job $job): array
{
    return array_column(plannedJob($job)->row()['steps'], null, 'id');
}

/** @param array<string, mixed> $more */
function workedAt(Job $job, string $step, string $from, ?string $to, array $more = []): WorkedStep
{
    return WorkedStep::query()->create([
        'job_id' => $job->id, 'step' => $step, 'person_id' => Person::query()->where('name', 'Maren')->value('id'),
        'started_at' => "2026-11-25 {$from}:00", 'ended_at' => $to === null ? null : "2026-11-25 {$to}:00", ...$more,
    ]);
}

it('asks for what the job’s own sums say of its burnout and its flask', function (): void {
    $job = plannedRing();
    $left = leftOf($job);
    $answers = $this->getJson("/api/jobs/{$job->number}")->json('answers');
    expect($left['burnout']['wait_min'])->toEqual($answers['burnout.programme']['results']['total_min']['value'])
        ->and($left['burnout']['programme'])->toBe($answers['burnout.programme']['results']['school']['value'])
        ->and($left['burnout']['pour_c'])->toEqual($answers['pour.temperatures'][
            'results']['flask_temperature']['value'])
        ->and($left['invest']['wait_min'])->toEqual($answers['investment.mix']['results']['stand_min']['value'])
        ->and($left['invest']['stand_most'])->toEqual(90)
        ->and(plannedJob($job)->row())->toMatchArray(['id' => (string) $job->number, 'due' => '2026-12-18']);
});

it('leaves out what is signed or not needed', function (): void {
    $job = plannedRing();
    $this->sign($job, 'brief')->assertOk();
    $this->postJson("/api/jobs/{$job->number}/stations/wax", ['state' => 'not-needed'])->assertOk();
    expect(leftOf($job))->not->toHaveKeys(['brief', 'wax', 'look'])->toHaveKeys(['form', 'sprue', 'handover']);
});

it('takes off what was spent, and five minutes at least are left', function (): void {
    $job = plannedRing();
    workedAt($job, 'wax', '08:00', '08:30');
    workedAt($job, 'wax', '08:40', '08:50');
    // Forty of two hours.
    expect(leftOf($job)['wax']['attended_min'])->toEqual(80);
    workedAt($job, 'wax', '05:00', '08:00');
    expect(leftOf($job)['wax']['attended_min'])->toEqual(5);
});

it('fixes what somebody is at where they are, from now', function (): void {
    $job = plannedRing();
    workedAt($job, 'brief', '08:50', null);
    $planned = plannedJob($job);
    expect($planned->fixed)->toBe([[
        'job' => (string) $job->number, 'step' => 'brief', 'start' => '2026-11-25T09:00:00+00:00', 'by' => 'Maren',
    ]])->and(leftOf($job)['brief']['attended_min'])->toEqual(20);
});

it('waits for a client who has the link, and for no other', function (): void {
    $job = plannedRing();
    expect(plannedJob($job)->client)->toBeNull()->and(leftOf($job)['look'])->toMatchArray(['attended_min' => 15]);
    $link = ClientReview::query()->create([
        'job_id' => $job->id, 'token_hash' => 'x', 'arrangements' => ['ring'], 'pictures' => [],
        'expires_at' => now()->addMonth(),
    ]);
    $this->travelTo('2026-11-26 21:00:00');
    // A day and a half of two are gone.
    expect(leftOf($job)['look'])->toMatchArray(['attended_min' => 0, 'wait_min' => 720])
        ->and(plannedJob($job)->client)->toBe(['since' => '2026-11-25T09:00:00+00:00', 'overdue' => false]);
    $this->travelTo('2026-11-27 09:00:00');
    expect(leftOf($job)['look']['wait_min'])->toEqual(1440)->and(
        plannedJob($job)->client['overdue'] ?? null)->toBeTrue();
    $job->update(['approved' => true]);
    expect(leftOf($job))->not->toHaveKey('look')->and(plannedJob($job)->client)->toBeNull();
    $job->update(['approved' => false]);
    $link->update(['revoked_at' => now()]);
    expect(plannedJob($job)->client)->toBeNull();
});

it('follows an hour that was said for its burnout, while it lies ahead', function (string $ready,
    ?string $start): void {
    $job = plannedRing(['burnout.ready_at' => $ready]);
    $fixed = plannedJob($job)->fixed;
    expect($start === null ? $fixed : array_column($fixed, 'start'))->toBe($start === null ? [] : [$start]);
})->with([
    // Six hours and a minute before two o'clock.
    ['2026-11-26T14:00', '2026-11-26T07:59:00+00:00'], ['2026-11-24T14:00', null], ['2027-06-01T14:00', null],
]);

it('is done with everything up to its pour once its kiln is on', function (): void {
    $job = plannedRing();
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        $this->postJson("/api/jobs/{$job->number}/stations/{$station}", ['state' => 'not-needed'])->assertOk();
    }
    $this->postJson('/api/casting', ['flasks' => [[$job->number]], 'ready_at' => '2026-11-26T14:00'])->assertCreated();
    $flask = RunFlask::query()->with('run')->latest('id')->firstOrFail();
    expect(array_keys(leftOf($job)))->toContain('sprue', 'invest', 'burnout')
        ->and(plannedJob($job)->fixed[0]['start'])->toBe('2026-11-26T07:59:00+00:00');
    $flask->update(['steps' => ['invest' => ['at' => now()->toIso8601String(), 'by' => 'Maren']]]);
    expect(leftOf($job))->not->toHaveKeys(['sprue', 'invest'])->toHaveKeys(['burnout', 'pour']);
    $flask->run->update(['started_at' => '2026-11-25 08:00:00', 'counted_at' => '2026-11-25 08:00:00']);
    // Its station is signed while it burns: the pour waits for the kiln all the same.
    $this->postJson("/api/jobs/{$job->number}/stations/burnout", ['state' => 'not-needed'])->assertOk();
    $left = leftOf($job);
    expect($left['burnout']['wait_min'])->toEqual(ceil($flask->run->kiln()->length()))
        ->and($left['pour']['after'])->toBe(['burnout']);
    $flask->run->update(['ended_at' => '2026-11-25 08:59:00']);
    expect(leftOf($job))->not->toHaveKey('burnout')->toHaveKey('pour');
});

it('plans those that are due first, names the rest, and one that cannot be read', function (): void {
    $readable = plannedRing();
    $broken = plannedRing();
    DB::table('jobs')->where('id', $broken->id)->update([
        'document' => '"nonsense"',
    ]);
    foreach (range(1, 62) as $at) {
        Job::factory()->create(['due_on' => null]);
    }
    $plan = new WorkshopPlan;
    $why = array_column($plan->unplanned, 'why', 'job');
    expect($plan->jobs)->toHaveKey($readable->number)->not->toHaveKey($broken->number)
        ->and($why[(string) $broken->number])->toContain('cannot be read')
        ->and($plan->unplanned)->toContain(['job' => '', 'title' => '4 more', 'why' => 'The first sixty are planned.']);
});

it('gives the same answer while nothing changes, and another once something does', function (): void {
    $job = plannedRing();
    $first = (new WorkshopPlan)->answer()->toArray();
    $this->travelTo('2026-11-25 09:04:00');
    expect((new WorkshopPlan)->answer()->toArray())->toEqual($first);
    $this->travelTo('2026-11-25 09:05:00');
    expect((new WorkshopPlan)->answer()->value('placed')[0]['start'])->toBe('2026-11-25T09:05:00+00:00');
    $this->putJson('/api/shop', ['time.brief' => 45])->assertOk();
    $brief = array_column((array) (new WorkshopPlan)->answer()->value('placed'), null, 'step')['brief'];
    expect($brief['end'])->toBe('2026-11-25T09:50:00+00:00');
});

it('has the usual hours for who said none, and no guests', function (): void {
    Person::query()->create(['name' => 'Gast', 'role' => Role::Guest]);
    Person::query()->create(['name' => 'Tobit', 'hours' => [['day' => 'sat', 'from' => '9:00', 'to' => '12:00']]]);
    $people = array_column(Team::people(), 'hours', 'id');
    expect(array_keys($people))->toBe(['Maren', 'Tobit'])->and($people['Maren'])->toBe(Team::usualHours())
        ->and($people['Tobit'])->toHaveCount(1)->and(Team::kilns())->toBe([['id' => 'kiln', 'flasks' => 4,
            'alone' => false]]);
});

it('reads days off one by one and in spans', function (string $said, array $days): void {
    expect(DaysOff::read($said))->toBe($days);
})->with([
    ['', []], ['2026-12-24', ['2026-12-24']], ['2026-12-31 to 2027-01-02', ['2026-12-31', '2027-01-01', '2027-01-02']],
    ['2027-03-05, 2026-12-24, 2027-03-05', ['2026-12-24', '2027-03-05']], ['2027-01-02 to 2027-01-01', []],
]);

it('refuses what are no days off', function (string $said): void {
    DaysOff::read($said);
})->with(['soon', '24.12.2026', '2026-02-30', '2026-12-24 until 2026-12-26', '2026-01-01 to 2028-01-01'])
    ->throws(BadInput::class);

it('ends a step that nobody timed, and leaves nothing of it when that is taken back', function (): void {
    $job = plannedRing();
    BenchSteps::end($job, 'brief', null);
    expect(leftOf($job))->not->toHaveKey('brief');
    BenchSteps::again($job, 'brief');
    expect(leftOf($job))->toHaveKey('brief')->and(WorkedStep::query()->count())->toBe(0);
    workedAt($job, 'brief', '08:00', '08:20');
    BenchSteps::end($job, 'brief', null);
    BenchSteps::again($job, 'brief');
    // What was timed is kept.
    expect(WorkedStep::query()->sole()->done)->toBeFalse()->and(leftOf($job)['brief']['attended_min'])->toEqual(10);
});

it('closes with nothing of a closed job in the plan', function (): void {
    $job = plannedRing();
    workedAt($job, 'brief', '08:50', null);
    $job->update(['state' => 'abandoned']);
    $plan = $this->getJson('/api/plan')->assertOk();
    expect($plan->json('worked'))->toBe([])->and($plan->json('jobs'))->toBe([]);
    $this->getJson("/api/jobs/{$job->number}/promise")->assertStatus(422);
    $this->postJson("/api/jobs/{$job->number}/steps/brief", ['do' => 'start'])->assertStatus(422);
});
