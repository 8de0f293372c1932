<?php

declare(strict_types=1);

use HotSprue\Calculations;
use HotSprue\Samples\Samples;
use Symfony\Component\Process\Process;
use Tests\Support\Contract;
use Tools\Contract\OpenApi;

it('answers every sheet as the contract says', function (): void {
    foreach (Samples::all() as $sheet => $inputs) {
        foreach ($inputs as $input) {
            $answer = $this->postJson("/api/reckon/{$sheet}", $input)->assertOk();
            expect(
                Contract::breaksAt("/api/reckon/{$sheet}", 'post', (string) $answer->getContent()),
            )->toBe('', $sheet);
            expect(Contract::breaks(OpenApi::studly($sheet).'Input', (string) json_encode($input)))->toBe('', $sheet);
            expect(
                Contract::breaks(
                    'Sum', (string) $this->postJson("/api/sums/{$sheet}", $input)->assertOk()->getContent(),
                ),
            )->toBe('', $sheet);
        }
    }
});

it('needs no Calculate: the workshop’s own figures hold in Sums, the shipped ones in reckon', function (): void {
    $this->putJson('/api/shop', ['allowances.finish_inside' => '0.2 mm'])->assertOk();
    $input = ['inner_diameter' => 17.32, 'width' => 5, 'thickness' => 2];
    expect(
        $this->postJson('/api/sums/wax.dimensions', $input)->json('answer.results.bore.value'),
    )->toEqualWithDelta(16.92 / 0.985, 1e-9)
        ->and($this->postJson('/api/reckon/wax.dimensions', $input)->json('results.bore.value'))
        ->toEqualWithDelta(17.12 / 0.985, 1e-9);
});

it('refuses bad input over HTTP with the field and what is accepted', function (): void {
    $this->postJson('/api/reckon/form.band', ['inner_diameter' => 17, 'width_top' => 'wide', 'thickness_top' => -2])
        ->assertStatus(422)->assertJsonStructure(['errors' => ['width_top', 'thickness_top']]);
    $this->call('POST', '/api/reckon/form.band', content: '{"width_top": ')
        ->assertStatus(422)->assertJsonStructure(['errors' => ['_']]);
    $this->call('POST', '/api/reckon/form.band', content: '[1]')
        ->assertStatus(422)->assertJsonStructure(['errors' => ['_']]);
    $this->call(
        'POST', '/api/reckon/form.band', content: '{"inner_diameter": 1e400, "width_top": 5, "thickness_top": 2}',
    )
        ->assertStatus(422)->assertJsonStructure(['errors' => ['inner_diameter']]);
    $this->postJson('/api/reckon/wax.magic', [])->assertNotFound()->assertJsonStructure(['errors' => ['_']]);
});

it('answers on the command line, status 2 where it refuses', function (): void {
    $run = static function (string $sheet, string $input): Process {
        $process = new Process([PHP_BINARY, 'artisan', 'sprue:reckon', $sheet], base_path(), input: $input);
        $process->run();

        return $process;
    };
    $good = $run('size.convert', '{"scale": "us", "size": "7"}');
    expect($good->getExitCode())
        ->toBe(0)->and(json_decode($good->getOutput(), true)['results']['inner_diameter']['value'])
        ->toEqualWithDelta(17.3196, 1e-4);
    $bad = $run('size.convert', '{"scale": "moon", "size": "7"}');
    expect($bad->getExitCode())->toBe(2)->and(json_decode($bad->getOutput(), true)['errors'])->toHaveKey('scale');
    $broken = $run('size.convert', '{');
    expect($broken->getExitCode())->toBe(2)->and(json_decode($broken->getOutput(), true)['errors'])->toHaveKey('_');
    expect($run('wax.magic', '{}')->getExitCode())->toBe(2);
});

it('lists every sheet with its inputs, defaults and findings', function (): void {
    $this->artisan('sprue:sheets', ['--json' => true])->assertSuccessful();
    $this->artisan('sprue:sheets', ['sheet' => 'wax.dimensions'])
        ->expectsOutputToContain('shrinkage')->assertSuccessful();
    $names = array_column($this->getJson('/api/catalogue')->json('sheets'), 'name');
    expect($names)->toBe(array_keys(Calculations::all()));
});

it('has committed what the code generates', function (): void {
    $this->artisan('sprue:contract', ['--check' => true])->assertSuccessful();
});
