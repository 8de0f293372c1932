<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Lot;
use App\Models\Note;
use App\Models\Person;
use App\People\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route as Routed;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;

/** A route's address with things in it that are there. */
function address(string $uri): string
{
    return '/'.strtr($uri, [
        '{job}' => '101', '{sheet}' => 'size.convert', '{key}' => str_repeat('a', 12), '{station}' => 'form',
        '{group}' => 'stones', '{view}' => 'ring', '{kind}' => 'svg', '{file}' => str_repeat('a', 40).'.png',
        '{run}' => '1', '{alarm}' => '1', '{flask}' => '1', '{lot}' => '1', '{movement}' => '1', '{test}' => '1',
        '{clock}' => '1', '{device}' => 'balance', '{person}' => '1', '{look}' => '1', '{quote}' => '1',
        '{stage}.{kind}' => 'finished.stl',
        '{payment}' => '1', '{link}' => '1', '{step}' => 'brief', '{name}' => 'shrinkage.carved',
        '{lesson}' => 'ring-seam', '{rehearsal}' => '1',
    ]);
}

/** @return list<array{string, string, ?string}> verb, address, and who may: every route of the interface */
function doors(): array
{
    $doors = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if ($route instanceof Routed && str_starts_with($route->uri(), 'api/')) {
            $may = collect($route->gatherMiddleware())->first(
                static fn (mixed $one): bool => is_string($one) && str_starts_with($one, 'may:'),
            );
            $doors[] = [
                strtolower($route->methods()[0]),
                address(str_replace('requests/{key}', 'requests/'.str_repeat('a', 20), $route->uri())),
                is_string($may) ? substr($may, 4) : null,
            ];
        }
    }

    return $doors;
}

it('lets each role do what is theirs, at every route', function (Role $role, array $may): void {
    Job::factory()->ring()->create();
    $this->actingAs(Person::query()->create(['name' => 'Ragna', 'role' => $role]));
    $tried = 0;
    foreach (doors() as [$verb, $address, $ability]) {
        if ($ability !== null) {
            $status = $this->json($verb, $address)->baseResponse->getStatusCode();
            expect($status === 403)->toBe(
                ! in_array($ability, $may, true), "{$role->value}: {$verb} {$address} answered {$status}",
            );
            expect($status)->toBeLessThan(500, "{$verb} {$address}");
            $tried++;
        }
    }
    expect($tried)->toBeGreaterThan(60);
})->with([
    'the owner' => [Role::Owner, ['read', 'work', 'metal', 'client', 'shop', 'people']],
    'a goldsmith' => [Role::Goldsmith, ['read', 'work', 'metal', 'client', 'shop']],
    'an apprentice' => [Role::Apprentice, ['read', 'work']],
    'a guest' => [Role::Guest, ['read']],
]);

it('tells nothing apart before somebody has signed in', function (): void {
    config(['sprue.network' => true]);
    $job = Job::factory()->ring()->create();
    foreach (doors() as [$verb, $address, $ability]) {
        if ($ability !== null) {
            $there = $this->json($verb, $address);
            $gone = $this->json($verb, str_replace((string) $job->number, '999', $address));
            expect($there->status())
                ->toBe(401, "{$verb} {$address}")->and($gone->getContent())->toBe($there->getContent());
        }
    }
    $shown = $this->getJson('/api/bench')->assertOk();
    expect($shown->json('people'))
        ->toBe([])->and($shown->json('clocks'))->toBe([])->and($shown->json('kiln'))->toBeNull()
        ->and($shown->json('person'))->toBeNull();
});

it('takes as long for a name that nobody has, and for one without a passphrase', function (string $name): void {
    config(['sprue.network' => true]);
    $this->postJson('/api/sign-in', ['name' => $name, 'passphrase' => 'x'])->assertStatus(422);
    // The costly part of a sign-in is done for everybody.
    Hash::shouldReceive('check')->once()->andReturn(true);
    $this->postJson('/api/sign-in', ['name' => $name, 'passphrase' => 'x'])->assertStatus(422);
})->with(['Nobody', 'Maren']);

it('ends other sessions with a new passphrase', function (): void {
    config(['sprue.network' => true]);
    $person = Person::query()->create(['name' => 'Tobit', 'role' => Role::Owner, 'passphrase' => 'nine brass sprues']);
    $this->signIn('Tobit', 'nine brass sprues')->assertOk();
    $this->getJson('/api/jobs')->assertOk();
    $this->forgetWho();
    $person->refresh()->update(['passphrase' => 'eleven cold chisels']);
    $this->getJson('/api/jobs')->assertUnauthorized();
    // The way in is open again at once.
    $this->forgetWho();
    $this->getJson('/api/bench')->assertOk()->assertJsonPath('person', null);
});

it('makes a session for somebody who signs in, and for nobody else', function (): void {
    config(
        [
            'sprue.network' => true, 'session.driver' => 'file',
            'session.files' => $folder = sys_get_temp_dir().'/hot-sprue-sessions-'.bin2hex(random_bytes(4)),
        ],
    );
    mkdir($folder);
    Person::query()->create(['name' => 'Tobit', 'passphrase' => 'nine brass sprues']);
    foreach (['/', '/jobs', '/look/'.str_repeat('a', 48), '/api/bench', '/api/jobs'] as $address) {
        $answer = $this->withUnencryptedCookie('hot_sprue', str_repeat('b', 40))->get($address);
        expect($answer->headers->getCookies())->toBe([], $address);
    }
    $this->postJson('/api/sign-in', ['name' => 'Tobit', 'passphrase' => 'wrong']);
    expect(glob("{$folder}/*"))->toBe([]);
    expect(
        $this->postJson('/api/sign-in', ['name' => 'Tobit', 'passphrase' => 'nine brass sprues'])
            ->assertOk()->headers->getCookies(),
    )
        ->not->toBe([])->and(glob("{$folder}/*"))->toHaveCount(1);
    array_map(unlink(...), glob("{$folder}/*") ?: []);
    rmdir($folder);
});

it('does nothing that a page of another site asks for', function (array $headers): void {
    $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => '10'], $headers)->assertForbidden();
    expect(Lot::query()->count())->toBe(0);
})->with([
    'another origin' => [['Origin' => 'https://elsewhere.invalid']],
    'a form in another page' => [['Sec-Fetch-Site' => 'cross-site']],
    'another port of this machine' => [['Origin' => 'http://127.0.0.1:9999']],
]);

it('carries the usual headers on every answer', function (string $address): void {
    $answer = $this->get($address);
    expect($answer->headers->get('Content-Security-Policy'))
        ->toContain("default-src 'self'", "object-src 'none'", "frame-ancestors 'none'")->not->toContain('unsafe-eval')
        ->and($answer->headers->get('X-Content-Type-Options'))
        ->toBe('nosniff')->and($answer->headers->get('Referrer-Policy'))->toBe('no-referrer')
        ->and($answer->headers->get('Cross-Origin-Opener-Policy'))
        ->toBe('same-origin')->and($answer->headers->get('Permissions-Policy'))->toContain('geolocation=()');
})->with(['/', '/api/bench', '/api/nowhere', '/look/aaaaaaaaaaaaaaaaaaaaaaaaa']);

it('refuses at the door what is not text, whatever the kind of body', function (callable $send): void {
    $answer = $send($this);
    expect($answer->status())->toBe(422, (string) $answer->getContent())->and($answer->json('errors'))->toHaveKey('_')
        ->and(Lot::query()->count())->toBe(0)->and(Job::query()->count())->toBe(0);
    // What was refused left nothing that stops the page.
    $this->getJson('/api/metal')->assertOk();
})->with([
    'Latin-1 in JSON' => [
        fn ($test) => $test->call(
            'POST', '/api/metal', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: "{\"alloy\":\"sterling-925\",\"mass\":\"10\",\"name\":\"M\xFCller\"}",
        ),
    ],
    'a null byte in JSON' => [
        fn ($test) => $test->postJson(
            '/api/jobs', ['changes' => [['path' => 'brief.due', 'from' => null, 'to' => "\u{0}"]]],
        ),
    ],
    'Latin-1 in a form' => [
        fn ($test) => $test->post(
            '/api/metal', ['alloy' => 'sterling-925', 'mass' => '10', 'name' => "M\xFCller"],
            ['Accept' => 'application/json'],
        ),
    ],
    'Latin-1 in an address' => [fn ($test) => $test->getJson('/api/jobs?search=%FF%FE')],
    'a bell in a key' => [fn ($test) => $test->postJson('/api/sums/size.convert', ["si\u{7}ze" => '7'])],
    'JSON deeper than anybody needs' => [
        fn ($test) => $test->call(
            'POST', '/api/sums/size.convert',
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: str_repeat('{"a":', 40).'1'.str_repeat('}', 40),
        ),
    ],
    'half a JSON' => [
        fn ($test) => $test->call(
            'POST', '/api/metal', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: '{"alloy":',
        ),
    ],
]);

it('takes a list in the letters of western Europe as what it says', function (): void {
    $csv = (string) tempnam(sys_get_temp_dir(), 'csv');
    file_put_contents($csv, "alloy,mass,name\nsterling-925,10,M\xFCller\x92s grain\n");
    $this->post(
        '/api/metal/import', ['file' => new UploadedFile($csv, 'lots.csv', null, null, true)],
        ['Accept' => 'application/json'],
    )
        ->assertCreated()->assertJsonPath('lots.0.name', 'Müller’s grain');
    file_put_contents($csv, "alloy,mass,name\nsterling-925,10,a\x00b\n");
    $this->post(
        '/api/metal/import', ['file' => new UploadedFile($csv, 'lots.csv', null, null, true)],
        ['Accept' => 'application/json'],
    )->assertStatus(422);
});

it('limits what it reads before it reads it', function (): void {
    $this->call(
        'POST', '/api/sums/size.convert',
        server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: json_encode(['size' => str_repeat('7', 1_000_001)]),
    )->assertStatus(413);
    $this->putJson('/api/shop', ['burnout.climb_c_per_min' => '0.0001'])->assertStatus(422);
    $this->postJson(
        '/api/reckon/burnout.core',
        ['diameter' => 76, 'climb_c_per_min' => 1e-20, 'school' => 'medium', 'pour_temperature' => 480],
    )->assertStatus(422);
    $this->postJson(
        '/api/reckon/burnout.core',
        ['diameter' => 76, 'stages' => array_fill(0, 500, ['temperature' => 100, 'minutes' => 20160])],
    )
        ->assertStatus(422)
        ->assertJsonPath('errors.stages.0', fn (string $said): bool => str_contains($said, 'three days'));
});

it('answers in words what answered 500', function (string $verb, string $address, mixed $body, int $status): void {
    Job::factory()->ring()->create();
    $this->postJson('/api/stretch-tests', []);
    $answer = $this->json($verb, $address, $body);
    expect($answer->status())->toBe($status, (string) $answer->getContent());
    expect(json_decode((string) $answer->getContent())->errors ?? new stdClass)->toBeInstanceOf(stdClass::class);
})->with([
    ['post', '/api/casting/25/alarms/abc', [], 404],
    ['put', '/api/shop', ['stock.species' => [[1]]], 422],
    ['put', '/api/shop', ['stock.alloys' => [[1]]], 422],
    ['put', '/api/shop', ['limits.broad_bands' => [[[]]]], 422],
    ['post', '/api/sign-in', ['name' => ['a'], 'passphrase' => 'x'], 422],
    ['post', '/api/jobs/101/figures', ['station' => ['x']], 422],
    ['post', '/api/jobs/101/rows/stones/0/out', ['station' => ['x']], 422],
    ['post', '/api/jobs/101/pictures', ['about' => ['x']], 422],
    ['post', '/api/reckon/sprue.size', ['width' => 5, 'thickness' => 2, 'thickness_base' => 1e-9], 422],
    ['post', '/api/reckon/care.advice', ['alloy' => 'sterling-925', 'stones' => [[null]]], 422],
    ['post', '/api/reckon/stone.outline', ['shape' => 'marquise', 'length' => 1.46, 'width' => 1.46], 200],
    ['post', '/api/reckon/size.convert', ['scale' => 'us', 'size' => '7', '0' => 1], 422],
    ['post', '/api/reckon/layout.divide', ['total' => 1e-308, 'parts' => 3], 422],
    [
        'post', '/api/jobs/101/overrides',
        ['use' => 'form.band', 'code' => 'x', 'about' => 'y', 'reason' => 'z', 'value' => ['deep' => [[1]]]], 422,
    ],
    ['post', '/api/clocks', ['label' => 'x', 'stages' => ['a']], 422],
    ['post', '/api/stretch-tests', ['samples' => ['a', 'b']], 422],
    ['post', '/api/metal/move', ['kind' => 'melt', 'postings' => ['a']], 422],
    ['post', '/api/metal-prices', ['metal' => 'gold', 'price' => 1.84, 'on' => PHP_INT_MAX], 422],
    ['post', '/api/jobs/101/payments', ['kind' => 'deposit', 'amount' => 5, 'paid_on' => PHP_INT_MAX], 422],
]);

it('says in words that a file of prices is no text', function (): void {
    $answer = $this->post('/api/metal-prices/import', [
        'file' => Illuminate\Http\UploadedFile::fake()->createWithContent('x.csv', "gold,\xFF\xFE,2026-11-25\n"),
    ], ['Accept' => 'application/json'])->assertStatus(422);
    expect($answer->json('errors'))->toBeArray()->not->toBe([]);
});

it('says in the contract’s words that an address is no text', function (string $address): void {
    $answer = $this->postJson($address, [])->assertStatus(400);
    expect($answer->json('errors'))->toBeArray()->not->toBe([]);
})->with(['/api/jobs/%ff/assembly', '/api/%c3%28']);

it('writes down who did what to the workshop', function (): void {
    $tobit = Person::query()->create(['name' => 'Tobit', 'role' => Role::Owner]);
    $this->actingAs($tobit);
    $this->putJson('/api/shop', ['work.kerf' => '0.25'])->assertOk();
    $this->putJson('/api/workshop', ['timezone' => 'Europe/Oslo'])->assertOk();
    $this->postJson(
        '/api/people', ['name' => 'Ragna', 'role' => 'guest', 'passphrase' => 'ten quiet anvils'],
    )->assertCreated();
    $this->postJson(
        '/api/clocks', ['label' => 'stand', 'stages' => [['stage' => 'stand', 'until_min' => 60]]],
    )->assertCreated();
    $this->postJson('/api/clocks', ['label' => 'x', 'stages' => []])->assertStatus(422);
    $notes = $this->getJson('/api/journal')->assertOk()->json('notes');
    expect(array_column($notes, 'what'))
        ->toBe(['clock started', 'person added', 'workshop changed', 'figures changed'])
        ->and(array_unique(array_column($notes, 'by')))->toBe(['Tobit'])
        ->and((string) json_encode($notes))
        ->toContain('work.kerf')->not->toContain('quiet anvils')->and(Note::query()->count())->toBe(4);
});

it('keeps one owner, and names that differ', function (): void {
    $owner = Person::query()->where('role', 'owner')->firstOrFail();
    $this->putJson("/api/people/{$owner->id}", ['role' => 'guest'])
        ->assertStatus(422)->assertJsonPath('errors.role.0', 'The workshop keeps at least one owner.');
    $this->postJson('/api/people', ['name' => $owner->name, 'role' => 'guest'])->assertStatus(422);
    $this->postJson('/api/people', ['name' => 'Ragna', 'role' => 'king'])->assertStatus(422);
    $this->postJson('/api/people', ['name' => 'Ragna', 'role' => 'owner', 'passphrase' => 'short'])->assertStatus(422);
    $this->postJson('/api/people', ['name' => 'Ragna', 'role' => 'owner'])->assertCreated();
    $this->putJson("/api/people/{$owner->id}", ['role' => 'guest'])->assertOk();
});
