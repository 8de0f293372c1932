<?php

declare(strict_types=1);

use App\Http\Middleware\IdempotentRequest;
use App\Http\Middleware\RequireAbility;
use App\Models\Client;
use App\Models\ClientReview;
use App\Models\Clock;
use App\Models\DoneRequest;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\Person;
use App\Models\Run;
use App\Models\StretchTest;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route as Routed;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/** How much there is of all that requests make or move: the same before and after what changes nothing. */
function everything(): array
{
    $counts = [];
    foreach ([
        Job::class, Client::class, Entry::class, Lot::class, Movement::class, ClientReview::class, Clock::class,
        Run::class, StretchTest::class, Person::class,
    ] as $model) {
        $counts[$model] = $model::query()->count();
    }

    return [
        ...$counts, 'mg' => (int) Lot::query()->sum('mass_mg'),
        'documents' => md5((string) Job::query()->orderBy('id')->pluck('document')->toJson()),
        'journal' => DB::table('journal')->count(),
    ];
}

/** A ring that a burnout can be planned for, with metal to cast it. */
function readyRing(): Job
{
    $job = Job::factory()->ring()->create();
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        test()->postJson("/api/jobs/{$job->number}/stations/{$station}", ['state' => 'not-needed'])->assertOk();
    }
    Lot::query()->create(['name' => 'grain', 'alloy' => 'sterling-925', 'fineness' => 0.925, 'mass_mg' => 100_000]);

    return $job;
}

/**
 * @return array<string, array{string, string, callable(Job): array<string, mixed>}> each kind of request that makes or
 * moves something
 */
function makers(): array
{
    return [
        'charge' => [
            'post', '/api/jobs/{job}/charge',
            fn (Job $job): array => [
                'lots' => [['lot' => Lot::query()->value('id'), 'mass' => '20']], 'casting' => '14', 'button' => '5',
            ],
        ],
        'receive' => ['post', '/api/metal', fn (): array => ['alloy' => 'sterling-925', 'mass' => '10']],
        'correct' => ['post', '/api/metal/lots/{lot}/weigh', fn (): array => ['mass' => '99']],
        'move' => [
            'post', '/api/metal/move',
            fn (): array => ['kind' => 'sweeps', 'postings' => [['lot' => Lot::query()->value('id'), 'mass' => '0.5']]],
        ],
        'new job' => ['post', '/api/jobs', fn (): array => ['client' => ['name' => 'Ilse Marrow']]],
        'like' => ['post', '/api/jobs/{job}/like', fn (): array => []],
        'look' => ['post', '/api/jobs/{job}/looks', fn (): array => ['to' => 'her', 'arrangements' => ['ring']]],
        'override' => [
            'post', '/api/jobs/{job}/overrides',
            fn (): array => [
                'use' => 'form.band', 'code' => 'crown-too-thin', 'about' => 'thickness_top', 'value' => 1,
                'reason' => 'once',
            ],
        ],
        'clock' => [
            'post', '/api/clocks',
            fn (): array => ['label' => 'stand', 'stages' => [['stage' => 'stand', 'until_min' => 60]]],
        ],
        'plan' => ['post', '/api/casting', fn (Job $job): array => ['flasks' => [[$job->number]]]],
        'undo' => ['post', '/api/jobs/{job}/undo', fn (): array => []],
        'stretch test' => [
            'post', '/api/stretch-tests',
            fn (): array => [
                'samples' => [
                    [
                        'form' => 'chip', 'grade' => 'silver-hard', 'start' => '49.3 round', 'broken' => '52 round',
                        'where' => 'metal',
                    ],
                    [
                        'form' => 'wire', 'grade' => 'silver-hard', 'start' => '49.3 round', 'broken' => 'US 6',
                        'where' => 'joint',
                    ],
                ],
            ],
        ],
        'person' => ['post', '/api/people', fn (): array => ['name' => 'Ragna', 'role' => 'apprentice']],
    ];
}

it('does a thing once that is sent twice, and answers the same', function (
    string $verb, string $path, callable $body,
): void {
    $job = readyRing();
    $this->postJson(
        "/api/jobs/{$job->number}/changes", ['changes' => [['path' => 'form.width_base', 'from' => null, 'to' => '4']]],
    )->assertOk();
    $this->postJson(
        "/api/jobs/{$job->number}/changes",
        ['changes' => [['path' => 'form.thickness_base', 'from' => null, 'to' => '1.9']]],
    )->assertOk();
    $path = str_replace(['{job}', '{lot}'], [(string) $job->number, (string) Lot::query()->value('id')], $path);
    $key = ['Idempotency-Key' => (string) Str::uuid()];
    $sent = $body($job);
    $before = everything();
    $first = $this->json($verb, $path, $sent, $key);
    expect($first->status())->toBeIn([200, 201], (string) $first->getContent());
    $made = everything();
    expect($made)->not->toBe($before);
    $again = $this->json($verb, $path, $sent, $key);
    expect($again->status())
        ->toBe($first->status())->and($again->getContent())->toBe($first->getContent())
        ->and($again->headers->get('Idempotent-Replayed'))->toBe('true')
        ->and(everything())->toBe($made);
    // After a lost answer: what became of it.
    $this->getJson('/api/requests/'.$key['Idempotency-Key'])
        ->assertStatus($first->status())->assertContent((string) $first->getContent());
})->with(makers());

it('takes a picture and a file once, however often they are sent', function (): void {
    config(['sprue.pictures' => $folder = sys_get_temp_dir().'/hot-sprue-once-'.bin2hex(random_bytes(4))]);
    $job = Job::factory()->ring()->create();
    $image = imagecreatetruecolor(30, 20);
    $file = (string) tempnam(sys_get_temp_dir(), 'pic');
    imagepng($image, $file);
    $key = ['Idempotency-Key' => (string) Str::uuid(), 'Accept' => 'application/json'];
    foreach ([1, 2] as $_) {
        $this->post(
            "/api/jobs/{$job->number}/pictures", ['picture' => new UploadedFile($file, 'a.png', null, null, true)],
            $key,
        )->assertCreated();
    }
    expect($job->refresh()->held()->list('pictures'))->toHaveCount(1);
    $json = (string) tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($json, (string) $this->get("/api/jobs/{$job->number}/file")->getContent());
    $key['Idempotency-Key'] = (string) Str::uuid();
    $numbers = array_map(
        fn (): mixed => $this->post(
            '/api/jobs/import', ['file' => new UploadedFile($json, 'job.json', null, null, true)], $key,
        )
            ->assertCreated()->json('number'),
        [1, 2],
    );
    expect($numbers[0])->toBe($numbers[1])->and(Job::query()->count())->toBe(2);
    array_map(unlink(...), glob("{$folder}/*") ?: []);
    rmdir($folder);
});

it('does nothing without a key, with a bent one, or with one that was for something else', function (): void {
    $before = everything();
    foreach (['', 'short', 'a key with spaces in it', str_repeat('k', 65)] as $key) {
        $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => '10'], ['Idempotency-Key' => $key])
            ->assertStatus(400)->assertJsonStructure(['errors' => ['_']]);
    }
    expect(everything())->toBe($before);
    $key = ['Idempotency-Key' => (string) Str::uuid()];
    $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => '10'], $key)->assertCreated();
    $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => '11'], $key)->assertStatus(422);
    $this->postJson('/api/people', ['name' => 'Ragna', 'role' => 'guest'], $key)->assertStatus(422);
    expect(Lot::query()->sum('mass_mg'))->toEqual(10_000);
    // A key that was refused is free to be tried again, put right.
    $key = ['Idempotency-Key' => (string) Str::uuid()];
    $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => 'ten'], $key)->assertStatus(422);
    $this->getJson('/api/requests/'.$key['Idempotency-Key'])->assertNotFound();
    $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => '10'], $key)->assertCreated();
});

it('tells what became of a request to who sent it, and to nobody else', function (): void {
    $key = (string) Str::uuid();
    $this->postJson(
        '/api/metal', ['alloy' => 'sterling-925', 'mass' => '10'], ['Idempotency-Key' => $key],
    )->assertCreated();
    $this->actingAs(Person::query()->create(['name' => 'Tobit', 'role' => 'owner']))
        ->getJson("/api/requests/{$key}")->assertNotFound();
    expect(DoneRequest::query()->findOrFail($key)->getAttributes()['body'])->not->toContain('sterling');
    $this->travel(8)->days();
    DoneRequest::forgetOld();
    expect(DoneRequest::query()->count())->toBe(0);
});

it('has every route that changes something done once, and every route beside the way in '
    .'say who may', function (): void {
        $unkept = [
            'api/bench', 'api/sign-in', 'api/sign-out', 'api/reckon/{sheet}', 'api/sums/{sheet}',
            'api/jobs/{job}/reckon',
            'api/devices/{device}/take', 'api/plan/try', 'api/jobs/{job}/price/try',
            'api/jobs/{job}/solid', 'api/jobs/{job}/pattern',
        ];
        $routes = collect(Route::getRoutes()->getRoutes())->filter(
            fn (Routed $route): bool => str_starts_with($route->uri(), 'api/')
                || str_starts_with($route->uri(), 'look/'),
        );
        expect($routes->count())->toBeGreaterThan(60);
        foreach ($routes as $route) {
            $chain = $route->gatherMiddleware();
            $changes = array_intersect($route->methods(), ['POST', 'PUT', 'PATCH', 'DELETE']) !== [];
            expect(in_array(IdempotentRequest::class, $chain, true))->toBe(
                $changes && ! in_array($route->uri(), $unkept, true), $route->uri(),
            );
            $says = array_filter(
                $chain,
                static fn (mixed $one): bool => is_string($one)
                    && (str_starts_with($one, 'may:') || $one === RequireAbility::class),
            );
            expect($says !== [])->toBe(
                str_starts_with($route->uri(), 'api/') && ! in_array(
                    $route->uri(), ['api/bench', 'api/sign-in', 'api/sign-out'], true,
                ),
                $route->uri(),
            );
        }
        // The framework's own way to write files is not among them.
        expect(
            collect(Route::getRoutes()->getRoutes())
                ->map(fn (Routed $route): string => $route->uri())
                ->filter(fn (string $uri): bool => str_contains($uri, 'storage'))->all(),
        )->toBe([]);
    });

it('changes nothing by what it refuses', function (string $path, array $body, int $status): void {
    $job = readyRing();
    $known = Client::query()->create(
        ['name' => 'Oda Brannick', 'contact' => 'oda@brannick.invalid', 'note' => 'rings after six'],
    );
    $path = str_replace(['{job}', '{client}'], [(string) $job->number, (string) $known->id], $path);
    array_walk_recursive($body, static function (mixed &$value) use ($known): void {
        $value = match ($value) {
            '{client}' => $known->id, '{lot}' => Lot::query()->value('id'), default => $value
        };
    });
    $before = [everything(), $known->refresh()->toArray()];
    $this->postJson($path, $body)->assertStatus($status);
    expect([everything(), $known->refresh()->toArray()])->toBe($before);
})->with([
    'a new client with a bad figure' => [
        '/api/jobs',
        ['client' => ['name' => 'New One'], 'changes' => [['path' => 'brief.finger', 'from' => null, 'to' => 'moon']]],
        422,
    ],
    'a client renamed with a bad figure' => [
        '/api/jobs',
        [
            'client' => ['id' => '{client}', 'name' => 'Other'],
            'changes' => [['path' => 'brief.finger', 'from' => null, 'to' => 'moon']],
        ],
        422,
    ],
    'a client whose name is known' => ['/api/jobs', ['client' => ['name' => '  oda   BRANNICK ']], 409],
    'a job given to somebody known, by a new name' => [
        '/api/jobs/{job}/client', ['client' => ['name' => 'Oda Brannick']], 409,
    ],
    'one good change and one bad' => [
        '/api/jobs/{job}/changes',
        [
            'changes' => [
                ['path' => 'form.width_base', 'from' => null, 'to' => '4'],
                ['path' => 'form.thickness_base', 'from' => null, 'to' => '-3'],
            ],
        ],
        422,
    ],
    'a plan with a job that has no wax' => ['/api/casting', ['flasks' => [[999]]], 422],
    'metal of an alloy that is none' => ['/api/metal', ['alloy' => 'moonstuff', 'mass' => '3'], 422],
    'a lot named twice' => [
        '/api/jobs/{job}/charge',
        ['lots' => [['lot' => '{lot}', 'mass' => '2'], ['lot' => '{lot}', 'mass' => '2']], 'casting' => '3'], 422,
    ],
    'more metal than there is' => [
        '/api/jobs/{job}/charge',
        ['lots' => [['lot' => '{lot}', 'mass' => '200']], 'casting' => '150', 'button' => '50'], 409,
    ],
    'a signature over what is not seen' => [
        '/api/jobs/{job}/stations/form', ['state' => 'signed', 'version' => 7], 409,
    ],
]);

it('takes a file of lots whole or not at all', function (): void {
    $before = everything();
    $csv = (string) tempnam(sys_get_temp_dir(), 'csv');
    file_put_contents($csv, "alloy,mass,name\nsterling-925,10,one\nsterling-925,ten,two\n");
    $this->post(
        '/api/metal/import', ['file' => new UploadedFile($csv, 'lots.csv', null, null, true)],
        ['Accept' => 'application/json'],
    )
        ->assertStatus(422)->assertJsonStructure(['errors' => ['line 3']]);
    expect(everything())->toBe($before);
});

it('empties a client’s contact and note when they are sent empty, and leaves them when they '
    .'are not sent', function (): void {
        $client = Client::query()->create(['name' => 'Oda', 'contact' => 'a', 'note' => 'b']);
        $job = Job::factory()->create();
        $this->postJson("/api/jobs/{$job->number}/client", ['client' => ['id' => $client->id, 'note' => '']])
            ->assertOk()->assertJsonPath('client.note', '')->assertJsonPath('client.contact', 'a');
        $this->postJson("/api/jobs/{$job->number}/client", ['client' => ['id' => $client->id]])
            ->assertOk()->assertJsonPath('client.contact', 'a');
    });
