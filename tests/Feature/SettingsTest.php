<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use Tests\Support\Contract;

/** @param array<string, mixed> $more */
function twoStones(array $more = []): Job
{
    return Job::factory()->ring()->holding([
        'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '6', 'form.thickness_top' => '2',
        'stones.0.name' => 'hers', 'stones.0.shape' => 'round', 'stones.0.width' => '4', 'stones.0.species' => 'garnet',
        'settings.0.style' => 'bezel', 'stones.1.name' => 'his', 'stones.1.shape' => 'oval', 'stones.1.width' => '5',
        'stones.1.length' => '7', 'stones.1.species' => 'topaz', 'settings.1.style' => 'claws',
        'settings.1.angle' => '45', ...$more,
    ])->create();
}

it('answers for the setting in hand, and tells of all of them', function (): void {
    $job = twoStones();
    $answer = $this->getJson("/api/jobs/{$job->number}?station=stones&setting=1")->assertOk();
    expect(Contract::breaks('Job', (string) $answer->getContent()))->toBe('')
        ->and($answer->json('page.setting'))->toBe('1')
        ->and(array_column($answer->json('page.settings'), 'name'))->toBe(['hers', 'his'])
        ->and(array_column($answer->json('page.settings'), 'stone'))->toBe(['0', '1'])
        ->and($answer->json('answers'))->toHaveKey('seat.claw')->not->toHaveKey('seat.bezel')
        ->and($answer->json('inputs.stone\.outline') ?? $answer->json('inputs')['stone.outline']['width']['path'])
        ->toBe('stones.1.width');
    $first = $this->getJson("/api/jobs/{$job->number}?station=stones")->json();
    expect($first['page']['setting'])->toBe('0')->and($first['answers'])->toHaveKey('seat.bezel')
        ->and($this->getJson("/api/jobs/{$job->number}?station=stones&setting=nobody")->json('page.setting'))
        ->toBe('0');
    $this->getJson("/api/jobs/{$job->number}?station=stones&setting[]=1")->assertStatus(422);
});

it('draws each setting with the others about it, and offers what a tap takes in hand', function (): void {
    $job = twoStones();
    $views = $this->getJson("/api/jobs/{$job->number}?station=stones&setting=1")->json('page.views');
    $round = array_values(array_filter($views, static fn (array $view): bool => $view['name'] === 'round'))[0];
    expect(array_column($round['targets'], 'setting'))->toBe(['0'])
        ->and(array_column($round['dimensions'], 'name'))->toContain('angle', 'across', 'turn', 'least_gap');
    $angle = array_column($round['dimensions'], null, 'name')['angle'];
    // A mm along the outside of 21.32 is 360 ÷ (π × 21.32) degrees; it may go under nought.
    expect($angle['pull'][2])->toEqualWithDelta(360 / (M_PI * 21.3196), 1e-3)->and($angle['pull'][3])->toEqual(-180);
    $this->get("/api/jobs/{$job->number}/drawings/head.svg?setting=1")->assertOk();
    expect((string) $this->get("/api/jobs/{$job->number}/drawings/head.svg?setting=1")->getContent())
        ->not->toBe((string) $this->get("/api/jobs/{$job->number}/drawings/head.svg")->getContent());
});

it('overrides a stop of one setting alone, and signs with copies of every row', function (): void {
    $job = twoStones(['settings.1.angle' => '5']);
    $stops = array_filter(
        $this->getJson("/api/jobs/{$job->number}?station=stones")->json('page.findings'),
        static fn (array $one): bool => $one['code'] === 'settings-overlap',
    );
    expect(array_column($stops, 'use'))->toEqualCanonicalizing(['setting.place@0', 'setting.place@1']);
    foreach ($stops as $stop) {
        $this->postJson("/api/jobs/{$job->number}/overrides", [
            'use' => $stop['use'], 'code' => $stop['code'], 'about' => $stop['about'], 'value' => $stop['value'],
            'reason' => 'one stands over the other',
        ])->assertOk();
    }
    $version = $job->refresh()->version;
    $this->postJson(
        "/api/jobs/{$job->number}/stations/stones", ['state' => 'signed', 'version' => $version],
    )->assertOk();
    $signed = $job->refresh()->held()->map('stations')['stones']['signed'];
    expect($signed)->toHaveKeys(
        ['seat.bezel@0', 'seat.claw@1', 'stone.outline@0', 'stone.outline@1', 'settings.total'],
    );
    $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
        ['path' => 'settings.1.claw_wire', 'from' => null, 'to' => '1.3'],
    ]])->assertOk();
    $stations = $this->getJson("/api/jobs/{$job->number}?station=stones")->json('stations');
    $drift = array_column($stations, null, 'name')['stones']['drift'];
    expect(array_column($drift, 'use'))->toContain('seat.claw@1')->not->toContain('seat.bezel@0');
});

it('refuses a row that a setting could not name', function (): void {
    $job = twoStones();
    $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
        ['path' => 'settings.1.stone', 'from' => null, 'to' => '../0'],
    ]])->assertStatus(422)->assertJsonPath('errors', fn (array $errors): bool => isset($errors['settings.1.stone']));
});

it('still undoes what was typed before every stone had its own setting', function (): void {
    $job = twoStones(['settings.0.wall' => '0.5']);
    $half = ['value' => 0.5, 'typed' => '0.5'];
    Entry::query()->create([
        'job_id' => $job->id, 'person_id' => App\Models\Person::query()->value('id'), 'made_at' => now(),
        'kind' => 'edit', 'note' => '',
        'edits' => [['path' => 'stones.wall', 'from' => null, 'to' => $half]],
    ]);
    $this->postJson("/api/jobs/{$job->number}/undo")->assertOk()->assertJsonPath('undone.0.path', 'settings.0.wall');
    expect($job->refresh()->held()->at('settings.0.wall'))->toBeNull();
});

it('gives a stone to another piece of the commission, whole, and says so in both', function (): void {
    $ring = twoStones(['stones.1.weighed_carats' => '1.2']);
    $pendant = Job::factory()->ring()->create(['commission' => $ring->commission]);
    $stranger = Job::factory()->ring()->create();
    $before = $ring->held()->rows('stones')->at('1');
    $this->postJson("/api/jobs/{$ring->number}/stones/1/move", ['to' => $stranger->number])->assertStatus(422);
    $this->postJson("/api/jobs/{$ring->number}/stones/9/move", ['to' => $pendant->number])->assertStatus(422);
    $this->postJson("/api/jobs/{$ring->number}/stones/1/move", ['to' => $ring->number])->assertStatus(422);
    $this->postJson("/api/jobs/{$ring->number}/stones/1/move", ['to' => $pendant->number, 'station' => 'stones'])
        ->assertOk()->assertJsonPath('siblings.0.number', $pendant->number);
    $there = $pendant->refresh()->held()->list('stones');
    expect($there)
        ->toHaveCount(1)->and(array_diff_key($there[0], ['key' => 1]))->toEqual(array_diff_key($before, ['key' => 1]))
        ->and($ring->refresh()->held()->rows('stones')->at('1'))->toBeNull();
    $kinds = Entry::query()->where('kind', 'moved')->pluck('note', 'job_id');
    expect($kinds[$ring->id])
        ->toBe("to job {$pendant->number}")->and($kinds[$pendant->id])->toBe("from job {$ring->number}");
    // It is moved back, not undone by halves.
    $this->postJson("/api/jobs/{$pendant->number}/undo")->assertStatus(422);
    $this->postJson("/api/jobs/{$pendant->number}/stones/{$there[0]['key']}/move", ['to' => $ring->number])->assertOk();
    expect($ring->refresh()->held()->list('stones'))->toHaveCount(2);
});

it('takes the casting of another piece as a part, by its weight and alloy', function (): void {
    $ring = twoStones();
    $head = Job::factory()->ring()->holding([
        'brief.title' => 'its head', 'brief.alloy' => '14k-yellow', 'castings.0.casting_mass' => '1.9',
        'castings.1.casting_mass' => '1.85',
    ])->create(['commission' => $ring->commission]);
    $this->postJson("/api/jobs/{$ring->number}/parts/take", ['to' => $head->number, 'station' => 'join'])->assertOk();
    $part = $ring->refresh()->held()->list('parts')[0];
    expect($part['id']['value'])->toBe('its head')->and($part['alloy']['value'])->toBe('14k-yellow')
        ->and($part['mass']['value'])->toEqual(1.85);
});

it('carries joints along when a part is renamed or taken out, and one undo brings all back', function (): void {
    $job = twoStones([
        'parts.0.id' => 'shank', 'parts.1.id' => 'collet', 'joints.0.id' => 'foot', 'joints.0.parts' => 'shank, collet',
    ]);
    $was = $job->held()->toArray();
    $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
        ['path' => 'parts.1.id', 'from' => $job->held()->at('parts.1.id'), 'to' => 'tube'],
    ]])->assertOk();
    expect($job->refresh()->held()->at('joints.0.parts')['value'])->toBe(['shank', 'tube']);
    $this->postJson("/api/jobs/{$job->number}/rows/parts/1/out")->assertOk();
    expect($job->refresh()->held()->list('joints'))->toBe([]);
    $this->postJson("/api/jobs/{$job->number}/undo")->assertOk();
    $this->postJson("/api/jobs/{$job->number}/undo")->assertOk();
    expect($job->refresh()->held()->toArray()['joints'])->toEqual($was['joints'])
        ->and($job->held()->toArray()['parts'])->toEqual($was['parts']);
});

it('refuses an order that breaks a wait with the reason, and the plan stays', function (): void {
    $job = twoStones([
        'parts.0.id' => 'shank', 'joints.0.id' => 'seam', 'joints.0.parts' => 'shank, shank', 'joints.1.id' => 'foot',
        'joints.1.parts' => 'shank, shank', 'joints.1.after' => 'seam', 'join.order' => 'seam, foot',
    ]);
    $order = $job->held()->entry('join.order');
    $change = ['changes' => [['path' => 'join.order', 'from' => $order, 'to' => 'foot, seam']]];
    foreach (['changes', 'reckon'] as $how) {
        $this->postJson("/api/jobs/{$job->number}/{$how}", $change)->assertStatus(422)
            ->assertJsonPath('errors', fn (array $errors): bool => str_contains($errors['join.order'][0], 'waits for'));
    }
    expect($job->refresh()->held()->entry('join.order'))->toBe($order);
});

it('holds a ring like one that was weighed against that weight', function (): void {
    $job = Job::factory()->ring()->holding([
        'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '6', 'form.thickness_top' => '2',
        'attempts.0.wax_mass' => '0.62', 'attempts.0.weighed' => 'pattern',
    ])->create();
    $like = $this->postJson("/api/jobs/{$job->number}/like")->assertCreated()->json();
    expect($like['document']['decisions']['wax.like_mass']['value'])->toEqual(0.62);
    $number = $like['number'];
    $wax = $this->getJson("/api/jobs/{$number}?station=wax")->json('answers');
    // The same ring, the same weight.
    expect($wax['wax.like']['results']['wax_mass']['value'])->toEqualWithDelta(0.62, 1e-3);
    $this->postJson("/api/jobs/{$number}/changes", ['changes' => [
        ['path' => 'form.width_top', 'from' => $like['document']['decisions']['form.width_top'], 'to' => '12'],
    ]])->assertOk();
    $wider = $this->getJson("/api/jobs/{$number}?station=wax")->json('answers');
    expect($wider['wax.like']['results']['wax_mass']['value'])->toBeGreaterThan(0.62);
});
