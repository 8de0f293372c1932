<?php

declare(strict_types=1);

use App\Casting\KilnLog;
use App\Models\Job;
use App\Models\Run;
use Illuminate\Support\Facades\DB;

/** @param array<string, mixed> $more */
function clayLeaf(array $more = []): Job
{
    return Job::factory()->holding([
        'brief.title' => 'clay leaf', 'brief.finger' => 'US 7', 'brief.alloy' => 'fine-silver',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '1.6', 'wax.process' => 'clay',
        'wax.clay' => 'bronze-clay', 'wax.clay_dried' => '24 h', ...$more,
    ])->create();
}

beforeEach(fn () => $this->travelTo('2026-11-26 08:00:00'));

it('fires a piece of clay in the kiln, by the sheet of its sort and in its turn', function (): void {
    $job = clayLeaf();
    $ready = '2026-11-26T18:00';
    $run = $this->postJson("/api/jobs/{$job->number}/firing", ['ready_at' => $ready])->assertCreated();
    // Bronze in carbon: 800 °C at 5 a minute, and two hours at 820.
    expect($run->json('kind'))->toBe('firing')->and($run->json('minutes'))->toEqual(280)
        ->and(array_column($run->json('stages'), 'to'))->toEqual([820, 820])
        ->and(array_column($run->json('stages'), 'minutes'))->toEqual([160, 120])
        ->and($run->json('jobs'))->toBe([['number' => $job->number, 'title' => 'clay leaf']])
        ->and($run->json('flask_rows'))->toBe([])->and($run->json('core'))->toBeNull()
        ->and(json_encode($run->json('view')))->not->toContain('gypsum');
    $start = Illuminate\Support\Carbon::parse($run->json('start_at'));
    expect($start->diffInMinutes(Illuminate\Support\Carbon::parse($run->json('ready_at'))))->toEqual(280.0);
    $list = $this->getJson('/api/casting')->json('runs.0');
    expect($list['kind'])->toBe('firing')->and($list['jobs'][0]['number'])->toBe($job->number);
    // It stands in one firing at a time, and the kiln is one.
    $this->postJson("/api/jobs/{$job->number}/firing")->assertStatus(422)
        ->assertJsonPath('errors.firing.0', "It stands in firing {$run->json('id')} already.");
    $taken = $this->postJson('/api/jobs/'.clayLeaf()->number.'/firing', ['ready_at' => $ready])->assertStatus(422);
    expect($taken->json('errors.ready_at.0'))->toContain("taken by firing {$run->json('id')}");
});

it('is fired through no sooner than the kiln can', function (): void {
    $job = clayLeaf();
    $early = $this->postJson("/api/jobs/{$job->number}/firing", ['ready_at' => '2026-11-26T10:00'])->assertStatus(422);
    expect($early->json('errors.ready_at.0'))->toContain('it fires 4:40 h')->not->toContain('Invested');
    expect(Run::query()->count())->toBe(0);
});

it('refuses what cannot be fired, and says why', function (array $more, string $says): void {
    $refused = $this->postJson('/api/jobs/'.clayLeaf($more)->number.'/firing')->assertStatus(422);
    expect($refused->json('errors.firing.0'))->toContain($says);
    expect(Run::query()->count())->toBe(0);
})->with([
    'a wax' => [['wax.process' => 'carved'], 'A piece of metal clay is fired'],
    'a stone that does not stand it' => [
        ['stones.0.species' => 'peridot', 'stones.0.shape' => 'round', 'stones.0.width' => '3',
            'stones.0.in_fire' => true], 'does not stand',
    ],
]);

it('logs and watches a firing, over the limit of gypsum in silence and over its own aloud', function (): void {
    $job = clayLeaf();
    $id = $this->postJson("/api/jobs/{$job->number}/firing")->json('id');
    $this->postJson("/api/casting/{$id}/kiln", ['do' => 'on'])->assertOk();
    $alarms = static fn (): array => DB::table('alarms')->where('run_id', $id)->pluck('message')->all();
    $run = Run::query()->findOrFail($id);
    foreach ([150, 155, 160, 165] as $minute) {
        $this->travelTo(Illuminate\Support\Carbon::parse('2026-11-26 08:00:00')->addMinutes($minute));
        KilnLog::write($run);
    }
    $page = $this->getJson("/api/casting/{$id}");
    expect($page->json('kiln_c'))->toEqualWithDelta(815, 15)->and($page->json('planned_c'))->toEqual(820)
        ->and($alarms())->toBe([]);
    // The sheet of a lower sort, and the same kiln.
    $run->update(['stages' => [['name' => 'hold', 'to' => 650.0, 'minutes' => 280.0]], 'events' => []]);
    DB::table('kiln_log')->where('run_id', $id)->update(['kiln_c' => 662.1]);
    $this->travelTo(Illuminate\Support\Carbon::parse('2026-11-26 08:00:00')->addMinutes(166));
    KilnLog::write($run->refresh());
    expect(implode(' ', $alarms()))->toContain('its sheet fires it at 650');
    // While it is in the kiln, nothing else is.
    $other = $this->postJson('/api/jobs/'.clayLeaf()->number.'/firing')->json('id');
    $this->postJson("/api/casting/{$other}/kiln", ['do' => 'on'])->assertStatus(409)
        ->assertSee("Firing {$id} is in the kiln.");
    $this->postJson("/api/casting/{$id}/kiln", ['do' => 'off'])->assertOk()->assertJsonPath('state', 'over');
    $this->postJson("/api/casting/{$other}/kiln", ['do' => 'on'])->assertOk();
});

it('is asked once, and a press twice plans one firing', function (): void {
    $job = clayLeaf();
    $key = ['Idempotency-Key' => 'firing-once-0123456789'];
    $first = $this->postJson("/api/jobs/{$job->number}/firing", [], $key);
    $second = $this->postJson("/api/jobs/{$job->number}/firing", [], $key);
    expect(Run::query()->count())->toBe(1)->and($second->json('id'))->toBe($first->json('id'));
});

it('says in the head whether the kiln climbs, holds or falls', function (): void {
    $job = clayLeaf();
    $id = $this->postJson("/api/jobs/{$job->number}/firing")->json('id');
    $way = fn (): mixed => $this->getJson('/api/bench')->assertOk()->json('kiln.way');
    expect($way())->toBeNull();
    $this->postJson("/api/casting/{$id}/kiln", ['do' => 'on'])->assertOk();
    $at = fn (int $minute) => $this->travelTo(
        Illuminate\Support\Carbon::parse('2026-11-26 08:00:00')->addMinutes($minute),
    );
    // 5 °C a minute for 160 minutes, then it holds; hunting by 1.5 is no way.
    $at(60);
    expect($way())->toBe('rising');
    foreach ([175, 190, 205, 220] as $minute) {
        $at($minute);
        expect($way())->toBe('holding', (string) $minute);
    }
    $this->postJson("/api/casting/{$id}/fault", ['kind' => 'door', 'on' => true])->assertOk();
    $at(224);
    expect($way())->toBe('falling')
        ->and($this->getJson('/api/bench')->json('kiln.kiln_c'))->toBeLessThan(800);
    $this->postJson("/api/casting/{$id}/kiln", ['do' => 'off'])->assertOk();
    expect($way())->toBeNull();
});

it('takes a piece out of the kiln’s turn when it is over, and fires it anew', function (): void {
    $job = clayLeaf();
    $first = $this->postJson("/api/jobs/{$job->number}/firing")->json('id');
    $this->postJson("/api/casting/{$first}/kiln", ['do' => 'on'])->assertOk();
    $this->travelTo('2026-11-26 12:40:00');
    $this->postJson("/api/casting/{$first}/kiln", ['do' => 'off'])->assertOk();
    $again = $this->postJson("/api/jobs/{$job->number}/firing")->assertCreated()->json('id');
    expect($again)->not->toBe($first);
    $states = array_column($this->getJson('/api/casting')->json('runs'), 'state', 'id');
    expect($states)->toBe([$again => 'planned', $first => 'over']);
    // No flask is proposed for what is never cast.
    expect($this->getJson('/api/casting')->json('proposal.jobs'))->toBe([]);
});

it('keeps its burnout and its firing apart in the kiln’s hours', function (): void {
    $clay = clayLeaf();
    $firing = $this->postJson("/api/jobs/{$clay->number}/firing", ['ready_at' => '2026-11-27T06:00'])->assertCreated();
    $wax = Job::factory()->holding([
        'brief.title' => 'plain band', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925',
        'form.width_top' => '3', 'form.thickness_top' => '1.8',
    ])->create();
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        $this->postJson("/api/jobs/{$wax->number}/stations/{$station}", ['state' => 'not-needed'])->assertOk();
    }
    $refused = $this->postJson('/api/casting', ['flasks' => [[$wax->number]], 'ready_at' => '2026-11-27T07:00'])
        ->assertStatus(422);
    expect($refused->json('errors.ready_at.0'))->toContain("taken by firing {$firing->json('id')}");
    $this->postJson('/api/casting', ['flasks' => [[$wax->number]], 'ready_at' => '2026-11-27T16:00'])->assertCreated();
});
