<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Person;
use App\Models\Rehearsal;
use App\People\Role;
use HotSprue\Heat\Lessons;
use Illuminate\Testing\TestResponse;
use Tests\Support\Contract;

/** A shank with three collets, each with its seam, all of sterling. */
function threeCollets(): Job
{
    $held = ['brief.alloy' => 'sterling-925', 'brief.finger' => 'US 7', 'form.width_top' => '4',
        'form.thickness_top' => '1.8', 'parts.0.id' => 'shank', 'parts.0.mass' => '4.5'];
    foreach (['bezel' => '0.8', 'left collet' => '0.3', 'right collet' => '0.3'] as $name => $mass) {
        $at = intdiv(count($held) - 4, 4) + 1;
        $held = [...$held, "parts.{$at}.id" => $name, "parts.{$at}.mass" => $mass,
            'joints.'.($at - 1).'.id' => "{$name} on shank", 'joints.'.($at - 1).'.parts' => "shank, {$name}"];
    }

    return Job::factory()->ring()->holding($held)->create();
}

/** @param array<string, mixed> $sent */
function rehearsed(array $sent): TestResponse
{
    return test()->postJson('/api/rehearsals', $sent);
}

/** @return list<array<string, mixed>> a flame held in one place for so long */
function flame(float $seconds, float $x = 0.0, float $y = 0.0): array
{
    return array_fill(0, (int) round(5 * $seconds), ['x' => $x, 'y' => $y]);
}

it('lays out every lesson, with a torch that reaches its solder', function (string $lesson): void {
    $answer = $this->getJson("/api/lessons/{$lesson}")->assertOk();
    expect(Contract::breaks('HeatLesson', (string) $answer->getContent()))->toBe('')
        ->and(count($answer->json('outlines')))->toBe(count($answer->json('nodes')))
        ->and($answer->json('torches.0'))->toBe([
            'name' => 'air-gas', 'label' => 'air and gas', 'sharpest_mm' => 6, 'bushiest_mm' => 14,
        ]);
})->with(array_keys(Lessons::all()));

it('keeps a rehearsal as the core plays it, and plays it again as it was', function (): void {
    // The ring of the first lesson flashes after some half a minute under the middle of a bushy flame.
    $kept = rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(36)])->assertCreated();
    expect(Contract::breaks('Rehearsed', (string) $kept->getContent()))->toBe('')
        ->and($kept->json('outcome'))->toBe('flowed')->and($kept->json('seconds'))->toEqual(36)
        ->and(array_column($kept->json('heat.marks'), 'sign'))->toBe(['boils', 'crusts', 'clears', 'flashes'])
        ->and($kept->json('heat.lines.0'))->toBe([
            'joint' => 'seam', 'clear_c' => 600, 'flow_c' => 738, 'solidus_c' => 802, 'one' => 'ring',
            'other' => 'ring',
        ])->and(count($kept->json('heat.curve')))->toBe(181);
    $again = $this->getJson('/api/rehearsals/'.$kept->json('id'))->assertOk()->json();
    expect($again)->toBe($kept->json());
});

it('plays it again as it was, whatever has become of the job and of the workshop’s figures since', function (): void {
    $job = threeCollets();
    $kept = rehearsed(['lesson' => "job-{$job->number}-1", 'torch' => 'air-acetylene', 'moves' => flame(14, 0, -4)]);
    $kept->assertCreated();
    $part = $job->refresh()->held()->list('parts')[0];
    $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
        ['path' => "parts.{$part['key']}.mass", 'from' => $part['mass'], 'to' => '9'],
    ]])->assertOk();
    expect($this->getJson('/api/rehearsals/'.$kept->json('id'))->assertOk()->json())->toBe($kept->json())
        ->and($kept->json('heat.nodes.0.mass_g'))->toEqualWithDelta(4.5 / 16, 1e-9);
    $now = $this->getJson("/api/lessons/job-{$job->number}-1")->json('nodes.0.mass_g');
    expect($now)->toEqualWithDelta(9 / 16, 1e-9);
});

it('believes the moves and no outcome that is sent', function (): void {
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(3), 'outcome' => 'flowed'])
        ->assertCreated()->assertJsonPath('outcome', 'cold');
});

it('is kept once when the same request comes twice', function (): void {
    $send = fn (): TestResponse => $this->withHeader('Idempotency-Key', str_repeat('k', 20))->postJson(
        '/api/rehearsals', ['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(2)],
    );
    expect($send()->json('id'))->toBe($send()->json('id'))->and(Rehearsal::query()->count())->toBe(1);
});

it('rehearses each heat of a job’s own three-collet ring, and a good hand brings them to flow', function (): void {
    $job = threeCollets();
    $plan = $this->getJson("/api/jobs/{$job->number}?station=join")->json('answers')['join.plan']['results'];
    $heats = $plan['heats']['value'];
    expect(count($heats))->toBe(3);
    foreach ($heats as $at => $heat) {
        $key = "job-{$job->number}-".($at + 1);
        $laid = $this->getJson("/api/lessons/{$key}")->assertOk();
        $contacts = $laid->json('contacts');
        expect($laid->json('title'))->toBe(sprintf('Job %d, heat %d: %s', $job->number, $at + 1, $heat['joints'][0]))
            ->and(array_values(array_unique(array_column($laid->json('nodes'), 'part'))))->toBe($heat['piece'])
            // What was soldered before lies there with its own solder, and is closed.
            ->and(count(array_filter($contacts, static fn (array $one): bool => $one['made'] === true)))->toBe($at);
        $now = array_values(array_filter($contacts, static fn (array $one): bool => $one['now'] === true));
        expect($now[0]['joint'])->toBe($heat['joints'][0])->and($now[0]['flow_c'])->toEqual($heat['flow_c']);
        $shown = $this->getJson("/api/lessons/{$key}/shown")->assertOk();
        expect(Contract::breaks('Rehearsed', (string) $shown->getContent()))->toBe('')
            ->and($shown->json('outcome'))->toBe('flowed')->and($shown->json('id'))->toBeNull();
    }
    // The shank lies as Form has it: 17.32 and 1.8 round, 4 wide.
    $ring = array_filter($laid->json('nodes'), static fn (array $node): bool => $node['part'] === 'shank');
    expect(array_sum(array_column($ring, 'surface_mm2')))->toEqualWithDelta(2 * 5.8 * M_PI * (17.3196 + 1.8), 0.5)
        ->and(array_sum(array_column($ring, 'mass_g')))->toEqualWithDelta(4.5, 1e-6);
});

it('says what is missing where a job has no such heat', function (): void {
    $bare = Job::factory()->ring()->create();
    $this->getJson("/api/lessons/job-{$bare->number}-1")->assertUnprocessable()
        ->assertJsonPath('errors.heat.0', 'The solder of this piece is not planned yet; Join says what is missing.');
    $job = threeCollets();
    $this->getJson("/api/lessons/job-{$job->number}-9")->assertUnprocessable()
        ->assertJsonPath('errors.heat.0', 'This piece is joined in 3 heats; one of them is accepted.');
    $this->getJson('/api/lessons/job-99999-1')->assertNotFound();
    $this->getJson('/api/lessons/nothing-of-the-kind')->assertNotFound();
});

it('refuses what is no rehearsal, and keeps nothing of it', function (array $sent, int $status, string $field): void {
    $answer = rehearsed($sent);
    expect($answer->status())->toBe($status);
    $status === 422 and $answer->assertJsonStructure(['errors' => [$field]]);
    expect(Rehearsal::query()->count())->toBe(0);
})->with([
    'no lesson' => [['moves' => flame(1)], 422, 'lesson'],
    'an unknown lesson' => [['lesson' => 'forging', 'torch' => 'air-gas', 'moves' => flame(1)], 404, ''],
    'no torch' => [['lesson' => 'ring-seam', 'moves' => flame(1)], 422, 'torch'],
    'no moves' => [['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => []], 422, 'moves'],
    'moves that are none' => [['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => ['up', 'down']], 422, 'moves'],
    'too long' => [['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(301)], 422, 'moves'],
    'a flame out of sight' => [
        ['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => [['x' => 9000, 'y' => 0]]], 422, 'x',
    ],
    'an unknown act' => [
        ['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => [['x' => 0, 'y' => 0, 'acts' => ['spit']]]], 422,
        'acts',
    ],
    'a claw too many' => [['lesson' => 'push-4', 'moves' => [['push' => 5, 'at' => 0]]], 422, 'pushed'],
    'one claw' => [['lesson' => 'push-1', 'moves' => [['push' => 1, 'at' => 0]]], 404, ''],
    'never released' => [['lesson' => 'pour-sterling-925', 'moves' => [['step' => 'arm', 'at' => 0]]], 422, 'moves'],
    'an unknown metal' => [['lesson' => 'pour-tin', 'moves' => [['step' => 'release', 'at' => 0]]], 404, ''],
    'a lesson that is a list' => [['lesson' => ['ring-seam'], 'moves' => flame(1)], 422, 'lesson'],
]);

it('keeps a pushing order and a pour', function (): void {
    $times = static fn (array $order): array => array_map(
        static fn (int $push, int $at): array => ['push' => $push, 'at' => $at], $order, array_keys($order),
    );
    rehearsed(['lesson' => 'push-4', 'moves' => $times([4, 2, 1, 3, 4, 2, 1, 3, 4, 2, 1, 3])])->assertCreated()
        ->assertJsonPath('outcome', 'level')->assertJsonPath('rank', 0)->assertJsonPath('seconds', 11)
        ->assertJsonPath('heat', null);
    rehearsed(['lesson' => 'push-4', 'moves' => $times([4, 1])])->assertCreated()
        ->assertJsonPath('outcome', 'left off');
    rehearsed(['lesson' => 'push-12', 'moves' => $times([12, 1])])->assertCreated()
        ->assertJsonPath('outcome', 'tipped');
    rehearsed(['lesson' => 'pour-sterling-925', 'moves' => [
        ['step' => 'arm', 'at' => 0], ['step' => 'release', 'at' => 2],
    ]])->assertCreated()->assertJsonPath('outcome', 'spilled')->assertJsonPath('title',
        'The pour’s minute in sterling 925');
});

it('shows each their own record, best and last, and everybody’s to who teaches', function (): void {
    $at = fn (Person $person) => $this->actingAs($person);
    $apprentice = Person::query()->create(['name' => 'Ib', 'role' => Role::Apprentice]);
    $owner = Person::query()->where('name', 'Maren')->firstOrFail();
    $at($apprentice);
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(36)])->assertCreated();
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(34)])->assertCreated();
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(60)])->assertCreated();
    $own = $this->getJson('/api/rehearsals')->assertOk();
    expect(Contract::breaks('Rehearsals', (string) $own->getContent()))->toBe('')
        ->and($own->json('record.0.times'))->toBe(3)->and($own->json('record.0.last.outcome'))->toBe('melted')
        // Of two that flowed the quicker is the better.
        ->and($own->json('record.0.best.outcome'))->toBe('flowed')
        ->and($own->json('record.0.best.seconds'))->toEqual(34)
        ->and($own->json('people'))->toBeNull();
    $at($owner);
    $all = $this->getJson('/api/rehearsals')->assertOk();
    expect($all->json('record'))->toBe([])->and(array_column($all->json('people'), 'name'))->toBe(['Ib', 'Maren'])
        ->and($all->json('people.0.record.0.best.outcome'))->toBe('flowed');
});

it('lies on what it is laid on, and loses the more for it', function (string $support, float $held): void {
    $laid = $this->getJson("/api/lessons/ring-seam?support={$support}")->assertOk();
    // 4.5 g, 4 × 1.8: 699.8 mm² in all. Charcoal takes 3 W/m²K of it, firebrick 12, an arm 0.02 W/K of one place.
    expect($laid->json('support'))->toBe($support)
        ->and(array_sum(array_column($laid->json('nodes'), 'held_w_per_k')))->toEqualWithDelta($held, 1e-6);
    $kept = rehearsed([
        'lesson' => 'ring-seam', 'torch' => 'air-gas', 'support' => $support, 'moves' => flame(34),
    ])->assertCreated();
    $again = $this->getJson('/api/rehearsals/'.$kept->json('id'))->assertOk();
    expect($again->json('heat.support'))->toBe($support)->and($again->json())->toBe($kept->json())
        // On charcoal it has flashed by then; what takes more heat from it is behind.
        ->and($kept->json('outcome') === 'flowed')->toBe($support === 'charcoal');
})->with([
    ['charcoal', 3 * 0.69978e-3], ['firebrick', 12 * 0.69978e-3], ['third-arm', 0.02],
]);

it('offers a hotter torch where an arm takes too much for the usual one', function (): void {
    $torch = fn (string $support): mixed => $this->getJson("/api/lessons/ring-seam?support={$support}")->json('torch');
    expect($torch('charcoal'))->toBe('air-gas')->and($torch('third-arm'))->not->toBe('air-gas');
});

it('shows a good hand on every support, with the torch that is offered for it', function (string $support): void {
    foreach (array_keys(Lessons::all()) as $lesson) {
        $shown = $this->getJson("/api/lessons/{$lesson}/shown?support={$support}")->assertOk();
        expect($shown->json('outcome'))->toBe('flowed', "{$lesson} on {$support}")
            ->and($shown->json('heat.support'))->toBe($support);
    }
})->with(['charcoal', 'firebrick']);

it('refuses to lie on nothing', function (): void {
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'support' => 'water', 'moves' => flame(1)])
        ->assertUnprocessable()
        ->assertJsonPath('errors.support.0', 'One of charcoal, firebrick, third-arm is accepted.');
    expect(Rehearsal::query()->count())->toBe(0);
});

it('keeps the record of each apart, lesson by lesson', function (): void {
    $push = static fn (int ...$order): array => ['lesson' => 'push-4', 'moves' => array_map(
        static fn (int $number, int $at): array => ['push' => $number, 'at' => $at], $order, array_keys($order),
    )];
    $one = Person::query()->create(['name' => 'Ib', 'role' => Role::Apprentice]);
    $other = Person::query()->create(['name' => 'Runa', 'role' => Role::Goldsmith]);
    $this->actingAs($one);
    rehearsed($push(4, 4))->assertCreated()->assertJsonPath('outcome', 'tipped');
    $this->actingAs($other);
    rehearsed($push(4, 2, 1, 3, 4, 2, 1, 3, 4, 2, 1, 3))->assertCreated()->assertJsonPath('outcome', 'level');
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(2)])->assertCreated();
    $record = $this->getJson('/api/rehearsals')->assertOk();
    expect(array_column($record->json('record'), 'lesson'))->toEqualCanonicalizing(['push-4', 'ring-seam'])
        // A goldsmith teaches too, and sees an apprentice’s.
        ->and(array_column($record->json('people'), 'name'))->toBe(['Ib', 'Maren', 'Runa'])
        ->and($record->json('people.0.record.0.best.outcome'))->toBe('tipped')
        ->and($record->json('people.1.record'))->toBe([]);
    $this->actingAs($one);
    expect($this->getJson('/api/rehearsals')->json('record.0.best.outcome'))->toBe('tipped');
});

it('lets a guest read and rehearse nothing', function (): void {
    $this->actingAs(Person::query()->create(['name' => 'Gast', 'role' => Role::Guest]));
    $this->getJson('/api/lessons/ring-seam')->assertOk();
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'moves' => flame(1)])->assertForbidden();
});

it('steps statelessly over HTTP: what came back goes back, and comes to what the core comes to', function (): void {
    $lesson = $this->getJson('/api/lessons/collet-on-shank')->json();
    $state = ['nodes' => $lesson['nodes'], 'contacts' => $lesson['contacts'], 'at' => 0];
    for ($at = 0; $at < 10; $at++) {
        $answer = $this->postJson('/api/reckon/heat.step', [
            ...$state, 'links' => $lesson['links'], 'torch' => 'air-gas', 'x' => 2.2, 'y' => -8,
        ])->assertOk()->json('results');
        $state = array_map(static fn (array $one): mixed => $one['value'], array_intersect_key($answer, $state));
    }
    $kept = rehearsed([
        'lesson' => 'collet-on-shank', 'torch' => 'air-gas', 'moves' => flame(2, 2.2, -8.0),
    ])->json('heat.curve');
    $contact = $state['contacts'][0];
    expect($state['at'])->toEqualWithDelta(2.0, 1e-9)
        ->and($state['nodes'][$contact['from']]['heat_c'])->toEqualWithDelta(end($kept)['one_c'], 0.051);
});

it('lays it bare where coat, flux and solder are one’s own to see to', function (): void {
    $laid = $this->getJson('/api/lessons/bezel-on-plate?bare=1')->assertOk();
    expect($laid->json('bare'))->toBeTrue()
        ->and(array_unique(array_column($laid->json('contacts'), 'flux')))->toBe(['none'])
        ->and(array_unique(array_column($laid->json('contacts'), 'solder')))->toBe(['none'])
        ->and(array_unique(array_column($laid->json('nodes'), 'coated')))->toBe([false]);
    $ready = $this->getJson('/api/lessons/bezel-on-plate?bare=0')->assertOk();
    expect($ready->json('bare'))->toBeFalse()
        ->and(array_unique(array_column($ready->json('contacts'), 'flux')))->toBe(['wet']);
    expect(Contract::breaks('HeatLesson', (string) $laid->getContent()))->toBe('');
});

it('judges what was forgotten on a bare piece, and keeps it as it lay', function (array $acts, string $words): void {
    $moves = flame(16);
    $moves[0]['acts'] = $acts;
    $kept = rehearsed([
        'lesson' => 'bezel-on-plate', 'torch' => 'air-gas', 'bare' => true, 'moves' => $moves,
    ])->assertCreated();
    expect($kept->json('sentence'))->toStartWith($words)
        ->and($this->getJson('/api/rehearsals/'.$kept->json('id'))->json())->toBe($kept->json());
})->with([
    'all seen to' => [['coat', 'flux', 'lay'], 'Both sides were within'],
    'no flux' => [['coat', 'lay'], 'There was no flux at the joint'],
    'no solder' => [['coat', 'flux'], 'There was no solder at the joint'],
]);

it('shows a good hand see to all of it first', function (string $lesson): void {
    $shown = $this->getJson("/api/lessons/{$lesson}/shown?bare=1")->assertOk();
    expect($shown->json('outcome'))->toBe('flowed')
        ->and(array_slice($shown->json('moves.0.acts'), 0, 3))->toBe(['coat', 'flux', 'lay']);
})->with(array_keys(Lessons::all()));

it('takes yes or no for bare, and nothing else', function (): void {
    rehearsed(['lesson' => 'ring-seam', 'torch' => 'air-gas', 'bare' => 'maybe', 'moves' => flame(1)])
        ->assertUnprocessable()->assertJsonPath('errors.bare.0', 'true or false is accepted.');
});
