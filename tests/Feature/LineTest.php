<?php

declare(strict_types=1);

use App\Contract\Catalogue;
use App\Models\Job;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

// What goes over the workshop's own network, and what need not.

/** @param array<string, string> $headers */
function overTheLine(
    string $path, array $headers = ['Accept-Encoding' => 'gzip'], string $from = '192.168.4.7',
): TestResponse {
    return test()->withServerVariables(['REMOTE_ADDR' => $from])->getJson($path, $headers);
}

it('packs what is long and goes over the line, and gives the same', function (): void {
    $job = Job::factory()->ring()->create();
    $path = "/api/jobs/{$job->number}?station=form";
    $plain = $this->getJson($path)->assertOk();
    $packed = overTheLine($path)->assertOk()->assertHeader('Content-Encoding', 'gzip')
        ->assertHeader('Vary', 'Accept-Encoding');
    expect(gzdecode((string) $packed->getContent()))->toBe($plain->getContent())
        ->and(strlen((string) $packed->getContent()))->toBeLessThan(strlen((string) $plain->getContent()) / 3);
});

it('sends the rest as it is', function (string $path, array $headers, string $from): void {
    overTheLine($path, $headers, $from)->assertOk()->assertHeaderMissing('Content-Encoding');
})->with([
    'what is short' => ['/api/bench', ['Accept-Encoding' => 'gzip'], '192.168.4.7'],
    'to who does not take it' => ['/api/catalogue', ['Accept-Encoding' => 'identity'], '192.168.4.7'],
    'to the same machine' => ['/api/catalogue', ['Accept-Encoding' => 'gzip'], '127.0.0.1'],
    'to the same machine, the newer way' => ['/api/catalogue', ['Accept-Encoding' => 'gzip'], '::1'],
]);

it('keeps what was done once unpacked, and packs it again for who asks again', function (): void {
    $job = Job::factory()->ring()->create();
    $headers = ['Idempotency-Key' => (string) Str::uuid(), 'Accept-Encoding' => 'gzip'];
    $sent = fn (string $from): TestResponse => $this->withServerVariables(['REMOTE_ADDR' => $from])->postJson(
        "/api/jobs/{$job->number}/changes",
        ['station' => 'form', 'changes' => [['path' => 'form.width_base', 'from' => null, 'to' => '4']]], $headers,
    );
    $first = $sent('192.168.4.7')->assertOk()->assertHeader('Content-Encoding', 'gzip');
    $again = $sent('127.0.0.1')->assertOk()->assertHeaderMissing('Content-Encoding');
    expect(gzdecode((string) $first->getContent()))->toBe($again->getContent())
        ->and(count($this->getJson("/api/jobs/{$job->number}/history")->json('entries')))->toBe(1);
});

it('sends the catalogue once, until something in it is another', function (): void {
    $first = $this->getJson('/api/catalogue')->assertOk();
    $tag = ['If-None-Match' => (string) $first->headers->get('ETag')];
    expect($this->getJson('/api/catalogue', $tag)->assertStatus(304)->getContent())->toBe('');
    $this->putJson('/api/shop', ['allowances.finish_inside' => '0.15 mm'])->assertOk();
    $this->getJson('/api/catalogue', $tag)->assertOk();
});

it('puts the catalogue together once for the same figures, and anew for others or for other code', function (): void {
    $default = fn (): mixed => collect((array) $this->getJson('/api/catalogue')->assertOk()->json('sheets'))
        ->where('name', 'wax.dimensions')->pluck('inputs')->flatten(1)
        ->where('name', 'finish_inside')->value('default');
    expect($default())->toBe(0.1);
    $given = static fn (string $json): bool => Cache::forever(Catalogue::class, [
        ...Cache::get(Catalogue::class), 'json' => $json,
    ]);
    $given('{"sheets": []}');
    expect($default())->toBeNull();
    $this->putJson('/api/shop', ['allowances.finish_inside' => '0.15 mm'])->assertOk();
    expect($default())->toBe(0.15);
    $given('{"sheets": []}');
    Catalogue::forget();
    expect($default())->toBe(0.15);
});
