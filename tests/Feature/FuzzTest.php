<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;

it('answers bent requests to every route within the contract', function (): void {
    $fuzz = new Process(
        ['php', '-d', 'memory_limit=512M', 'artisan', 'sprue:fuzz', '--requests=600', '--seed=7', '--slow=60'],
        base_path(),
        ['APP_ENV' => 'testing'], timeout: 180,
    );
    $fuzz->run();
    expect($fuzz->getOutput())
        ->toContain('600 requests, 0 kinds of fault')->and($fuzz->getExitCode())->toBe(0, $fuzz->getErrorOutput());
});

it('tells a fault that there is: an answer that is not in the contract', function (): void {
    $kept = fn (string $json, string $status = '200'): string => Tools\Contract\ContractValidator::at(
        '/api/devices/{device}', 'get', $json, $status,
    );
    expect($kept('{"value":1.5,"unit":"g","stable":true,"simulated":true}'))->toBe('')
        ->and($kept('{"value":"heavy","unit":"g","stable":true,"simulated":true}'))->toContain('number')
        ->and($kept('{"errors":{"_":["gone"]}}', '404'))
        ->toBe('')->and($kept('{"message":"gone"}', '404'))->not->toBe('')->and($kept('{}', '418'))
        ->toContain('names no status 418');
});

it('sends the same for the same seed', function (): void {
    App\Models\Job::factory()->ring()->create();
    $said = fn (int $seed): array => array_map(
        static fn (): string => (new Tools\Fuzzing\Requests(new Random\Randomizer(new Random\Engine\Mt19937($seed))))
            ->next()->route,
        range(1, 5),
    );
    expect($said(3))->toBe($said(3));
});
