<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Lot;
use App\Models\Person;
use Illuminate\Routing\Route as Routed;
use Illuminate\Support\Facades\Route;
use Tests\Support\Contract;
use Tools\Contract\OpenApi;

/** @return list<string> every route of the interface, as verb and path */
function served(): array
{
    $routes = [];
    foreach (Route::getRoutes() as $route) {
        /** @var Routed $route */
        if (str_starts_with($route->uri(), 'api/')) {
            $verb = strtolower(array_values(array_diff($route->methods(), ['HEAD']))[0]);
            $routes[] = "{$verb} /{$route->uri()}";
        }
    }
    sort($routes);

    return $routes;
}

/** @return list<string> every route of the contract; the sheets' are one */
function promised(): array
{
    $routes = [];
    foreach (OpenApi::document()['paths'] as $path => $verbs) {
        foreach (array_keys($verbs) as $verb) {
            $one = preg_replace('#^/api/(reckon|sums)/[a-z]+\.[a-z]+$#', '/api/$1/{sheet}', $path);
            $routes[] = "{$verb} {$one}";
        }
    }
    $routes = array_values(array_unique($routes));
    sort($routes);

    return $routes;
}

it('promises every route that is served, and serves every one that is promised', function (): void {
    expect(array_values(array_diff(served(), promised())))->toBe([], 'served, and not in the contract')
        ->and(array_values(array_diff(promised(), served())))->toBe([], 'in the contract, and not served');
});

it('names a refusal and a good answer of every route', function (): void {
    foreach (OpenApi::document()['paths'] as $path => $verbs) {
        foreach ($verbs as $verb => $operation) {
            $statuses = array_map(strval(...), array_keys($operation['responses']));
            expect(
                array_filter($statuses, static fn (string $status): bool => $status[0] === '2'),
            )->not->toBe([], "{$verb} {$path}")
                ->and(array_filter($statuses, static fn (string $status): bool => $status[0] === '4'))
                ->not->toBe([], "{$verb} {$path}")
                ->and($operation['summary'] ?? '')->not->toBe('', "{$verb} {$path}");
        }
    }
});

it('asks for a key wherever something is made or moved', function (): void {
    foreach (OpenApi::document()['paths'] as $path => $verbs) {
        foreach ($verbs as $verb => $operation) {
            $isKeyed = in_array('Idempotency-Key', array_column($operation['parameters'] ?? [], 'name'), true);
            $isMaking = $verb !== 'get' && preg_match(
                '#/(reckon|sums|sign-in|sign-out)|^/api/bench$|devices/{device}/take|(plan|price)/try'
                    .'|{job}/(solid|pattern)$#', $path,
            ) !== 1;
            expect($isKeyed)->toBe($isMaking, "{$verb} {$path}");
        }
    }
});

it('answers every page of the demo as the contract says', function (): void {
    Person::query()->delete();
    demoWorkshop();
    $numbers = Job::query()->orderBy('number')->pluck('number')->all();
    $run = DB::table('runs')->value('id');
    $asked = [
        'bench' => 'bench', 'catalogue' => 'catalogue', 'today' => 'today', 'clients' => 'clients', 'shop' => 'shop',
        'workshop' => 'workshop', 'plan' => 'plan', 'metal-prices' => 'metal-prices', 'calendars' => 'calendars',
        'journal' => 'journal', 'people' => 'people', 'jobs' => 'jobs', 'casting' => 'casting', 'metal' => 'metal',
        'clocks' => 'clocks',
        'stretch-tests' => 'stretch-tests', "casting/{$run}" => 'casting/{run}',
        'devices/balance' => 'devices/{device}',
    ];
    foreach (array_slice($numbers, 0, 12) as $number) {
        foreach (['', '/history', '/figures', '/looks', '/metal', '/price'] as $what) {
            $asked["jobs/{$number}{$what}"] = "jobs/{job}{$what}";
        }
    }
    foreach ($asked as $path => $of) {
        $answer = $this->getJson("/api/{$path}");
        $answer->assertOk();
        expect(Contract::breaksAt("/api/{$of}", 'get', (string) $answer->getContent()))->toBe('', $path);
    }
});

it('gives every answer of a job by a use that the contract names', function (): void {
    $job = Job::factory()->ring()->create();
    $uses = array_keys(OpenApi::document()['x-uses']);
    $answers = array_keys($this->getJson("/api/jobs/{$job->number}")->json('answers'));
    expect($answers)->not->toBe([])->and(array_values(array_diff($answers, $uses)))->toBe([]);
});

it('says of every lot at hand what the job may do with it', function (): void {
    $job = Job::factory()->ring()->create();
    $lot = static fn (string $alloy, float $fineness, string $kind = 'stock'): Lot => Lot::query()->create([
        'name' => $alloy, 'kind' => $kind, 'alloy' => $alloy, 'fineness' => $fineness, 'mass_mg' => 10_000,
    ]);
    [$same, $kin] = [$lot('sterling-925', 0.925), $lot('fine-silver', 0.999)];
    [$gold, $piece] = [$lot('18k-yellow', 0.75), $lot('sterling-925', 0.925, 'piece')];
    $answer = $this->getJson("/api/jobs/{$job->number}/metal")->assertOk();
    expect(Contract::breaksAt('/api/jobs/{job}/metal', 'get', (string) $answer->getContent()))->toBe('')
        ->and(array_column($answer->json('of_alloy'), 'id'))->toBe([$same->id])
        ->and(array_column($answer->json('of_metal'), 'id'))->toBe([$kin->id])
        ->and(array_column($answer->json('lots'), 'id'))
        ->toBe([$same->id, $kin->id, $gold->id])->not->toContain($piece->id);
});
