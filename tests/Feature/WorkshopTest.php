<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Clock;
use App\Models\Job;
use App\Models\Note;
use App\Models\Person;
use App\Models\StretchTest;
use App\Models\Workshop;
use App\People\Role;
use Illuminate\Support\Facades\Hash;
use Tests\Support\FeatureCase;

/** @return list<string> what the journal says of late, newest first */
function journal(FeatureCase $test): array
{
    return array_column($test->getJson('/api/journal')->assertOk()->json('notes'), 'what');
}

/**
 * @return array<string, mixed> two samples: the first broke in the metal 6 % longer, the second in its joint at once
 */
function samples(string $start = '50 mm round', string $broken = '53 mm round'): array
{
    return ['samples' => [
        ['form' => 'wire', 'grade' => 'silver-hard', 'start' => $start, 'broken' => $broken, 'where' => 'metal'],
        [
            'form' => 'wire', 'grade' => 'silver-easy', 'start' => '50 mm round', 'broken' => '51 mm round',
            'where' => 'joint',
        ],
    ]];
}

it('takes somebody in, names them and their role, and never shows a passphrase', function (): void {
    $answer = $this->postJson(
        '/api/people', ['name' => 'Ragna', 'role' => 'apprentice', 'passphrase' => 'seven copper tongs'],
    )->assertCreated();
    expect(array_column($answer->json('people'), 'role', 'name'))
        ->toBe(['Maren' => 'owner', 'Ragna' => 'apprentice'])
        ->and(array_column($answer->json('people'), 'signs_in', 'name'))->toBe(['Maren' => false, 'Ragna' => true])
        ->and($answer->getContent())->not->toContain('copper')
        ->and(Hash::check('seven copper tongs', (string) Person::query()->where('name', 'Ragna')->value('passphrase')))
        ->toBeTrue()
        ->and(Note::query()->where('what', 'person added')->value('detail'))
        ->toBe(['name' => 'Ragna', 'role' => 'apprentice']);
});

it('takes in nobody twice, without a name, or with a passphrase that is guessed', function (
    array $asked, string $field,
): void {
    $this->postJson('/api/people', $asked)->assertStatus(422)->assertJsonValidationErrorFor($field);
    expect(Person::query()->count())->toBe(1)->and(Note::query()->count())->toBe(0);
})->with([
    'a name that is here' => [['name' => 'Maren', 'role' => 'guest'], 'name'],
    'no name' => [['role' => 'guest'], 'name'],
    'a name too long' => [['name' => str_repeat('n', 81), 'role' => 'guest'], 'name'],
    'a role that is none' => [['name' => 'Tobit', 'role' => 'king'], 'role'],
    'nine letters' => [['name' => 'Tobit', 'role' => 'guest', 'passphrase' => 'ninechars'], 'passphrase'],
]);

it('changes what is sent and leaves the rest', function (): void {
    $ragna = Person::query()->create(
        ['name' => 'Ragna', 'role' => Role::Apprentice, 'passphrase' => 'seven copper tongs'],
    );
    $this->putJson("/api/people/{$ragna->id}", ['role' => 'goldsmith'])->assertOk();
    $ragna->refresh();
    expect($ragna->role)->toBe(Role::Goldsmith)->and($ragna->name)->toBe('Ragna')
        ->and(Hash::check('seven copper tongs', (string) $ragna->passphrase))->toBeTrue();
    // Her own name is no other's.
    $this->putJson("/api/people/{$ragna->id}", ['name' => 'Ragna'])->assertOk();
    $this->putJson("/api/people/{$ragna->id}", ['passphrase' => 'eleven cold chisels'])->assertOk();
    expect(Note::query()->where('what', 'person changed')->orderByDesc('id')->value('detail'))
        ->toBe(['name' => 'Ragna', 'passphrase' => 'new']);
});

it('keeps one owner, and lets the first go once there is another', function (): void {
    $maren = Person::query()->firstOrFail();
    $this->putJson("/api/people/{$maren->id}", ['role' => 'guest'])->assertStatus(422)
        ->assertJsonPath('errors.role.0', 'The workshop keeps at least one owner.');
    expect($maren->refresh()->role)->toBe(Role::Owner);
    Person::query()->create(['name' => 'Tobit', 'role' => Role::Owner]);
    $this->putJson("/api/people/{$maren->id}", ['role' => 'goldsmith'])->assertOk();
});

it('starts a clock of a job from now, shows it everywhere, and takes a stop back', function (): void {
    $job = Job::factory()->ring()->create();
    $stages = [
        ['stage' => 'working time', 'until_min' => 9, 'how' => 'pour before then'],
        ['stage' => 'set', 'until_min' => 120],
    ];
    $clocks = $this->postJson('/api/clocks', ['job' => $job->number, 'label' => 'investment', 'stages' => $stages])
        ->assertCreated()->json('clocks');
    expect($clocks)->toHaveCount(1)->and($clocks[0]['job'])->toBe($job->number)
        ->and($clocks[0]['stages'])->toBe($stages)
        ->and($clocks[0]['started_at'])->toBe(now()->toIso8601String())
        ->and($this->getJson('/api/bench')->json('clocks'))->toBe($clocks);
    $id = $clocks[0]['id'];
    $this->travel(10)->minutes();
    expect($this->postJson("/api/clocks/{$id}/stop")->assertOk()->json('clocks'))->toBe([]);
    // Stopped twice is stopped once, when it was.
    $stopped = Clock::query()->value('stopped_at');
    $this->travel(1)->minutes();
    $this->postJson("/api/clocks/{$id}/stop")->assertOk();
    expect((string) Clock::query()->value('stopped_at'))->toBe((string) $stopped);
    // Set going again it counts from its start, not from now.
    $again = $this->postJson("/api/clocks/{$id}/stop", ['again' => true])->assertOk()->json('clocks');
    expect($again[0]['started_at'])->toBe($clocks[0]['started_at'])
        ->and(array_slice(journal($this), 0, 2))->toBe(['clock set going again', 'clock stopped']);
});

it('starts no clock that could not ring', function (array $asked, string $field): void {
    $this->postJson('/api/clocks', [
        'label' => 'pickle', 'stages' => [['stage' => 'out', 'until_min' => 10]], ...$asked,
    ])->assertStatus(422)->assertJsonValidationErrorFor($field);
    expect(Clock::query()->count())->toBe(0);
})->with([
    'no name' => [['label' => ''], 'label'], 'no stage' => [['stages' => []], 'stages'],
    'a stage at once' => [['stages' => [['stage' => 'out', 'until_min' => 0]]], 'stages.0.until_min'],
    'over a fortnight' => [['stages' => [['stage' => 'out', 'until_min' => 20161]]], 'stages.0.until_min'],
    'something else in it' => [['stages' => [['stage' => 'out', 'until_min' => 1, 'loud' => 1]]], 'stages.0'],
    'a job that is not there' => [['job' => 999], 'job'],
    'too many stages' => [['stages' => array_fill(0, 13, ['stage' => 'out', 'until_min' => 1])], 'stages'],
]);

it('keeps a stretch test with its stretch, and takes it out again', function (): void {
    $tests = $this->postJson(
        '/api/stretch-tests', [...samples(), 'note' => 'new torch', 'tested_on' => '2026-11-20'],
    )->assertCreated()->json('tests');
    // 50 to 53 mm round is 3 ÷ 50; in the joint at 51 it is 1 ÷ 50.
    $strain = static fn (string $which): float => $tests[0]['answer']['results']["strain_{$which}"]['value'];
    expect($tests)->toHaveCount(1)->and($tests[0]['tested_on'])->toBe('2026-11-20')
        ->and($tests[0]['note'])->toBe('new torch')
        ->and($strain('first'))->toEqualWithDelta(0.06, 1e-9)->and($strain('second'))->toEqualWithDelta(0.02, 1e-9)
        ->and($tests[0]['answer']['results']['stronger']['value'])->toBe('first');
    // Today's, where no day is said.
    $this->travel(1)->hours();
    $tests = $this->postJson('/api/stretch-tests', samples('EU 40', 'EU 44'))->assertCreated()->json('tests');
    expect(array_column($tests, 'tested_on'))->toBe(['2026-11-25', '2026-11-20']);
    $left = $this->deleteJson("/api/stretch-tests/{$tests[0]['id']}")->assertOk()->json('tests');
    expect(array_column($left, 'tested_on'))->toBe(['2026-11-20'])
        ->and(array_slice(journal($this), 0, 3))
        ->toBe(['stretch test taken out', 'stretch test kept', 'stretch test kept']);
});

it('keeps no stretch test that compares nothing', function (callable $bend, string $field): void {
    $this->postJson('/api/stretch-tests', $bend(samples()))->assertStatus(422)->assertJsonValidationErrorFor($field);
    expect(StretchTest::query()->count())->toBe(0);
})->with([
    'one sample' => [static fn (array $two): array => ['samples' => [$two['samples'][0]]], 'samples'],
    'none' => [static fn (): array => [], 'samples'],
    'a solder that is not kept' => [
        static fn (array $two): array => array_replace_recursive($two, ['samples' => [['grade' => 'lead']]]),
        'samples.0.grade',
    ],
    'a form that is none' => [
        static fn (array $two): array => array_replace_recursive($two, ['samples' => [['form' => 'liquid']]]),
        'samples.0.form',
    ],
    'a day that is none' => [static fn (array $two): array => [...$two, 'tested_on' => '2026-02-30'], 'tested_on'],
    'a start in words' => [
        static fn (array $two): array => array_replace_recursive($two, ['samples' => [['start' => 'short']]]),
        'samples',
    ],
]);

it('turns the journal’s pages, sixty notes each, newest first', function (): void {
    foreach (range(1, 61) as $at) {
        Note::write("note {$at}", null, ['at' => $at]);
    }
    $first = $this->getJson('/api/journal')->assertOk();
    $second = $this->getJson('/api/journal?page=2')->assertOk();
    expect($first->json('notes'))->toHaveCount(60)->and($first->json('notes.0.what'))->toBe('note 61')
        ->and($first->json('more'))->toBeTrue()
        ->and(array_column($second->json('notes'), 'what'))->toBe(['note 1'])->and($second->json('more'))->toBeFalse();
    $this->getJson('/api/journal?page=0')->assertStatus(422);
    $this->getJson('/api/journal?page=first')->assertStatus(422);
});

it('finds a client by any part of the name, whatever its case, signs and accents', function (
    string $search, array $names,
): void {
    foreach (['Sölvi Ström', 'Ada Brunn', '100% Brass & Co', 'a_b'] as $name) {
        Client::query()->create(['name' => $name, 'name_key' => Client::key($name)]);
    }
    $found = $this->getJson('/api/clients?search='.urlencode($search))->assertOk()->json('clients');
    expect(array_column($found, 'name'))->toEqualCanonicalizing($names);
})->with([
    'a part' => ['brun', ['Ada Brunn']], 'capitals' => ['ADA', ['Ada Brunn']],
    'with its accents' => ['ström', ['Sölvi Ström']],
    'all capitals and accents' => ['STRÖM', ['Sölvi Ström']], 'a sign' => ['100%', ['100% Brass & Co']],
    'a sign alone' => ['%', ['100% Brass & Co']], 'an underscore' => ['a_b', ['a_b']], 'nobody' => ['zz', []],
    'nothing said' => ['', ['Sölvi Ström', 'Ada Brunn', '100% Brass & Co', 'a_b']],
]);

it('keeps its zone, and writes down who moved it', function (): void {
    $this->putJson('/api/workshop', ['timezone' => 'Pacific/Auckland'])->assertOk()
        ->assertJsonPath('timezone', 'Pacific/Auckland')->assertJsonPath('timezone_agreed', true);
    expect($this->getJson('/api/bench')->json('zone'))->toBe('Pacific/Auckland')
        ->and(journal($this))->toBe(['workshop changed']);
    $this->putJson('/api/workshop', ['timezone' => 'Middle/Earth'])->assertStatus(422)
        ->assertJsonPath('errors.timezone.0', 'One of the time zones listed is accepted, such as Europe/Oslo.');
    expect(Workshop::the()->refresh()->timezone)->toBe('Pacific/Auckland');
});

it('puts a figure back to what ships, and keeps the others', function (): void {
    $shown = function (string $path): array {
        $figure = $this->getJson('/api/shop')->assertOk()->json('figures')[$path];

        return [$figure['value'], $figure['own']];
    };
    $this->putJson('/api/shop', ['allowances.finish_inside' => '0.15 mm', 'shrinkage.carved' => '2 %'])->assertOk();
    expect($shown('allowances.finish_inside'))->toBe([0.15, true])->and($shown('shrinkage.carved'))->toBe([0.02, true]);
    $this->putJson('/api/shop', ['allowances.finish_inside' => null])->assertOk();
    // Workbook: 0.10 mm inside.
    expect($shown('allowances.finish_inside'))->toEqual([0.1, false])
        ->and($shown('shrinkage.carved'))->toBe([0.02, true]);
    $this->putJson('/api/shop', ['no.such.figure' => '1'])->assertStatus(422);
    expect($shown('shrinkage.carved'))->toBe([0.02, true]);
});
