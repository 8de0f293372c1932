<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    Workshop::the()->update(['timezone' => 'Europe/Oslo', 'timezone_agreed' => true]);
});

/** A ring whose flask is to be ready at an hour of the workshop's clock. */
function readyAt(string $hour): Job
{
    $job = Job::factory()->ring()->create();
    $job->update(
        [
            'document' => [
                ...$job->document,
                'decisions' => array_diff_key($job->document['decisions'], ['burnout.ready_at' => 1]),
            ],
        ],
    );
    test()
        ->postJson(
            "/api/jobs/{$job->number}/changes",
            ['changes' => [['path' => 'burnout.ready_at', 'from' => null, 'to' => $hour]]],
        )
        ->assertOk();

    return $job->refresh();
}

it('switches on by the clock that runs on, through both changes of daylight saving', function (
    string $ready, string $utc,
): void {
    $job = readyAt($ready);
    $answers = $this->getJson(
        "/api/jobs/{$job->number}?station=burnout",
    )->json('answers')['burnout.programme']['results'];
    $minutes = (int) ceil($answers['total_min']['value']);
    // What Oslo's clock said, in UTC by the published dates of its changes, less the minutes of the programme.
    expect(
        Carbon::parse($answers['start_at']['value'])->utc()->format('Y-m-d H:i'),
    )->toBe(Carbon::parse($utc, 'UTC')->subMinutes($minutes)->format('Y-m-d H:i'))
        ->and($job->held()->entry('burnout.ready_at')['typed'])->toBe($ready);
})->with([
    'in winter, an hour ahead' => ['2027-01-20T08:00', '2027-01-20 07:00'],
    'in summer, two' => ['2027-07-20T08:00', '2027-07-20 06:00'],
    'on the morning the clocks go forward' => ['2027-03-28T08:00', '2027-03-28 06:00'],
    'on the morning they go back' => ['2027-10-31T08:00', '2027-10-31 07:00'],
    'over the turn of the year' => ['2027-01-01T03:00', '2027-01-01 02:00'],
]);

it('plans a burnout at the workshop’s hour, and a sum too', function (): void {
    $job = readyAt('2027-03-28T08:00');
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        $this->postJson("/api/jobs/{$job->number}/stations/{$station}", ['state' => 'not-needed'])->assertOk();
    }
    $run = $this->postJson(
        '/api/casting', ['flasks' => [[$job->number]], 'ready_at' => '2027-03-28T08:00'],
    )->assertCreated();
    expect($run->json('ready_at'))->toBe('2027-03-28T06:00:00+00:00');
    $sum = $this->postJson(
        '/api/sums/burnout.programme',
        ['flask_diameters' => [63.5], 'pour_temperature' => 480, 'ready_at' => '2027-03-28T08:00'],
    )->assertOk();
    expect($sum->json('inputs.ready_at.value'))->toBe('2027-03-28T08:00:00+02:00');
    $this->postJson('/api/casting', ['flasks' => [[$job->number]], 'ready_at' => 'tomorrow'])->assertStatus(422);
});

it('is late from the workshop’s midnight, not from Greenwich’s', function (): void {
    Job::factory()->holding(['brief.title' => 'late', 'brief.due' => '2027-07-20'])->create();
    $this->travelTo(Carbon::parse('2027-07-20 21:30', 'UTC'));
    expect($this->getJson('/api/today')->json('late'))->toBe(0);
    $this->travelTo(Carbon::parse('2027-07-20 22:30', 'UTC'));
    expect($this->getJson('/api/today')->json('late'))
        ->toBe(1)->and($this->getJson('/api/jobs?due=late')->json('jobs'))->toHaveCount(1);
    Workshop::the()->update(['timezone' => 'America/Halifax']);
    expect($this->getJson('/api/today')->json('late'))->toBe(0);
});

it('tells the screen its zone, asks whether it is right, and takes another from who owns the house', function (): void {
    Workshop::the()->update(['timezone_agreed' => false]);
    expect($this->getJson('/api/bench')->json('zone'))
        ->toBe('Europe/Oslo')->and($this->getJson('/api/bench')->json('zone_agreed'))->toBeFalse();
    $this->putJson('/api/workshop', ['timezone' => 'Moon/Crater'])->assertStatus(422);
    $this->putJson('/api/workshop', ['timezone' => 'Atlantic/Faroe'])->assertOk();
    expect($this->getJson('/api/bench')->json('zone'))
        ->toBe('Atlantic/Faroe')->and($this->getJson('/api/bench')->json('zone_agreed'))->toBeTrue();
});

it('goes on from the kiln’s own counter when the computer’s clock is put back, and says so', function (): void {
    $this->travelTo(Carbon::parse('2027-02-01 10:00', 'UTC'));
    $run = Run::query()->create(
        [
            'stages' => [
                ['name' => 'dry', 'to' => 149.0, 'minutes' => 120.0],
                ['name' => 'top', 'to' => 732.0, 'minutes' => 300.0],
            ],
            'events' => [],
        ],
    );
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'on'])->assertOk();
    foreach ([30, 60] as $minute) {
        $this->travelTo(Carbon::parse('2027-02-01 10:00', 'UTC')->addMinutes($minute));
        $this->artisan('sprue:watch', ['--once' => true]);
    }
    expect($run->refresh()->minute())->toEqualWithDelta(60, 0.01);
    // Somebody sets the clock back by two hours.
    $this->travelTo(Carbon::parse('2027-02-01 09:00', 'UTC'));
    expect($run->refresh()->minute())->toEqualWithDelta(60, 0.01);
    $this->artisan('sprue:watch', ['--once' => true]);
    $this->travelTo(Carbon::parse('2027-02-01 09:15', 'UTC'));
    $this->artisan('sprue:watch', ['--once' => true]);
    expect($run->refresh()->minute())->toEqualWithDelta(75, 0.01);
    $alarm = DB::table('alarms')->where('run_id', $run->id)->where('code', 'clock-back')->first();
    expect($alarm->message)->toContain('went back by 120 min');
    // No minute of the log was written twice, nor lost.
    $minutes = DB::table('kiln_log')
        ->where('run_id', $run->id)->orderBy('minute')->pluck('minute')
        ->map(static fn (mixed $minute): int => (int) $minute)->all();
    expect($minutes)->toBe(array_values(array_unique($minutes)))->and(max($minutes))->toBe(75);
});

it('says in words what a disk or a lock does, and changes nothing', function (
    string $trouble, int $status, string $words,
): void {
    Workshop::saving(
        static fn () => throw new Illuminate\Database\QueryException(
            'sqlite', 'update workshops', [], new PDOException($trouble),
        ),
    );
    $this->putJson('/api/workshop', ['timezone' => 'Atlantic/Faroe'])
        ->assertStatus($status)->assertJsonPath('errors._.0', fn (string $said): bool => str_contains($said, $words));
    Workshop::flushEventListeners();
    expect(Workshop::the()->timezone)->toBe('Europe/Oslo')->and(DB::table('journal')->count())->toBe(0);
})->with([
    'a full disk' => ['SQLSTATE[HY000]: General error: 13 database or disk is full', 507, 'The disk is full'],
    'a folder for reading only' => [
        'SQLSTATE[HY000]: General error: 8 attempt to write a readonly database', 507, 'cannot be written to',
    ],
    'a failing disk' => ['SQLSTATE[HY000]: General error: 10 disk I/O error', 507, 'restore the last backup'],
]);
