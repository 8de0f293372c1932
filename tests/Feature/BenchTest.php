<?php

declare(strict_types=1);

use App\Models\Device;
use App\Models\Job;
use App\Models\Person;
use Symfony\Component\Process\Process;
use Tests\Support\Contract;

it('refuses a reading until the instrument has settled, and says it is simulated', function (string $device): void {
    $this->postJson("/api/devices/{$device}/put", ['value' => '2.31'])->assertOk();
    $shown = $this->getJson("/api/devices/{$device}")->assertOk();
    expect(Contract::breaks('Reading', (string) $shown->getContent()))
        ->toBe('')->and($shown->json('simulated'))->toBeTrue()->and($shown->json('stable'))->toBeFalse();
    $this->postJson("/api/devices/{$device}/take")->assertStatus(409);
    settle($device);
    expect($this->postJson("/api/devices/{$device}/take")->assertOk()->json('value'))->toEqualWithDelta(2.31, 0.011);
    $this->postJson("/api/devices/{$device}/put", ['value' => 'heavy'])->assertStatus(422);
    $this->postJson("/api/devices/{$device}/put", ['value' => -1])->assertStatus(422);
})->with(['balance', 'caliper']);

/** Lets a simulated instrument have settled a minute ago. */
function settle(string $device): void
{
    $row = Device::query()->findOrFail($device);
    $row->update(['state' => [...$row->state, 'since' => microtime(true) - 60]]);
}

it('tares, and keeps nothing for an empty pan', function (): void {
    $this->postJson('/api/devices/balance/put', ['value' => '10 g'])->assertOk();
    settle('balance');
    $this->postJson('/api/devices/balance/tare')->assertOk();
    expect($this->getJson('/api/devices/balance')->json('value'))->toEqualWithDelta(0.0, 0.011);
    $this->postJson('/api/devices/balance/take')->assertStatus(409);
    $this->getJson('/api/devices/anvil')->assertNotFound();
});

it('runs a bench clock from its start on the server, until it is stopped', function (): void {
    $job = Job::factory()->ring()->create();
    $started = $this->postJson(
        '/api/clocks',
        [
            'job' => $job->number, 'label' => 'working clock',
            'stages' => [['stage' => 'mix', 'until_min' => 3, 'how' => '']],
        ],
    )->assertCreated();
    $this->travel(5)->minutes();
    $clocks = $this->getJson('/api/clocks')->assertOk();
    expect(Contract::breaksAt('/api/clocks', 'get', (string) $clocks->getContent()))->toBe('')
        ->and($clocks->json('clocks.0.started_at'))->toBe($started->json('clocks.0.started_at'));
    $this->postJson("/api/clocks/{$clocks->json('clocks.0.id')}/stop")->assertOk()->assertJsonPath('clocks', []);
    $this->postJson("/api/clocks/{$clocks->json('clocks.0.id')}/stop", ['again' => true])
        ->assertOk()->assertJsonCount(1, 'clocks');
    $this->postJson('/api/clocks', ['label' => 'x', 'stages' => []])->assertStatus(422);
});

it('lets one pick who is at the bench on this machine', function (): void {
    $tobit = Person::query()->create(['name' => 'Tobit']);
    expect(Contract::breaks('Bench', (string) $this->getJson('/api/bench')->getContent()))->toBe('');
    $this->postJson('/api/bench', ['id' => $tobit->id])->assertOk()->assertJsonPath('person.name', 'Tobit');
});

it('asks everybody on a network to sign in, and throttles who guesses', function (): void {
    config(['sprue.network' => true]);
    $person = Person::query()->create(['name' => 'Tobit', 'passphrase' => 'nine brass sprues']);
    $this->getJson('/api/jobs')->assertUnauthorized();
    $this->getJson('/api/bench')->assertOk()->assertJsonPath('people', []);
    $this->postJson('/api/bench', ['id' => $person->id])->assertForbidden();
    $this->postJson('/api/sign-in', ['name' => 'Maren', 'passphrase' => ''])->assertStatus(422);
    for ($i = 0; $i < 4; $i++) {
        $this->postJson('/api/sign-in', ['name' => 'Tobit', 'passphrase' => 'wrong'])->assertStatus(422);
    }
    $this->signIn('Tobit', 'nine brass sprues')->assertOk()->assertJsonPath('person.name', 'Tobit');
    $this->getJson('/api/jobs')->assertOk();
    $this->postJson('/api/sign-out')->assertOk();
    $this->forgetWho();
    $this->getJson('/api/jobs')->assertUnauthorized();
    $this->postJson('/api/sign-in', ['name' => 'Tobit', 'passphrase' => 'wrong'])->assertStatus(429);
});

it('answers only to the names it is known by', function (): void {
    $this->get('http://elsewhere.invalid/api/jobs')->assertStatus(421);
    $this->get('http://127.0.0.1/api/jobs')->assertHeader('X-Frame-Options', 'DENY');
});

it('comes back from its backup, pictures and all, when the database is lost', function (): void {
    $folder = sys_get_temp_dir().'/hot-sprue-backup-'.bin2hex(random_bytes(4));
    mkdir($folder);
    $run = static function (string ...$command) use ($folder): Process {
        $process = new Process(
            $command, base_path(),
            [
                'DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => "{$folder}/shop.sqlite",
                'HOT_SPRUE_PICTURES' => "{$folder}/pictures", 'HOT_SPRUE_BACKUPS' => "{$folder}/backups",
                'APP_ENV' => 'testing',
            ],
            timeout: 60,
        );
        $process->run();

        return $process;
    };
    touch("{$folder}/shop.sqlite");
    expect($run('php', 'artisan', 'migrate', '--force')->isSuccessful())
        ->toBeTrue()->and($run('php', 'artisan', 'sprue:open')->isSuccessful())->toBeTrue();
    $count = static fn (): int => (int) (new PDO("sqlite:{$folder}/shop.sqlite"))
        ->query('select count(*) from jobs')->fetchColumn();
    [$jobs, $pictures] = [$count(), glob("{$folder}/pictures/*") ?: []];
    expect($jobs)->toBeGreaterThan(30)->and($pictures)->not->toBe([]);
    expect($run('bin/backup', "{$folder}/kept.zip")->isSuccessful())->toBeTrue();
    array_map(unlink(...), [...(glob("{$folder}/shop.sqlite*") ?: []), ...$pictures]);
    expect($run('bin/restore', "{$folder}/kept.zip")->isSuccessful())
        ->toBeTrue()->and($count())->toBe($jobs)->and(glob("{$folder}/pictures/*"))->toBe($pictures);
    file_put_contents("{$folder}/not.zip", 'nothing');
    expect($run('bin/restore', "{$folder}/not.zip")->getExitCode())->toBe(1)->and($count())->toBe($jobs);
    exec('rm -rf '.escapeshellarg($folder));
});

it('says in one line why it cannot start', function (array $arguments, string $words): void {
    $process = new Process(['bin/start', ...$arguments], base_path(), timeout: 20);
    $process->run();
    expect($process->getExitCode())->not->toBe(0)->and($process->getErrorOutput())->toContain($words);
})->with([
    'a port that is none' => [['--port', '70000'], '--port takes a number from 1 to 65535'],
    'an unknown word' => [['--moon'], 'Usage: bin/start'],
    'a port in use' => function (): array {
        $GLOBALS['taken'] = stream_socket_server('tcp://127.0.0.1:0');

        return [['--port', explode(':', (string) stream_socket_get_name($GLOBALS['taken'], false))[1]], 'is in use'];
    },
]);

it('says at once where there is no job to measure', function (): void {
    $this->artisan('sprue:bench')
        ->expectsOutputToContain('There is no open job here to measure')
        ->assertFailed();
});
