<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use Illuminate\Http\UploadedFile;
use Symfony\Component\Process\Process;

/** @param array<string, mixed> $more */
function lot(string $alloy, string $mass, array $more = []): Lot
{
    test()->postJson('/api/metal', ['alloy' => $alloy, 'mass' => $mass, ...$more])->assertCreated();

    return Lot::query()->orderByDesc('id')->firstOrFail();
}

it('receives, cuts, corrects and delivers, each to the milligram, gross and fine', function (): void {
    $lot = lot('sterling-925', '2 ozt');
    expect($lot->mass_mg)->toBe(62207);
    $button = lot('sterling-925', '1 g', ['kind' => 'button']);
    $this->postJson(
        '/api/metal/move',
        [
            'kind' => 'cut',
            'postings' => [['lot' => $lot->id, 'mass' => '-12.5 g'], ['lot' => $button->id, 'mass' => '12.45 g']],
            'loss' => '0.05',
        ],
    )->assertCreated();
    $this->postJson(
        '/api/metal/move',
        [
            'kind' => 'cut',
            'postings' => [['lot' => $lot->id, 'mass' => '-1 g'], ['lot' => $button->id, 'mass' => '0.5']],
        ],
    )->assertStatus(409);
    $this->postJson(
        '/api/metal/move', ['kind' => 'deliver', 'postings' => [['lot' => $button->id, 'mass' => '-100 g']]],
    )->assertStatus(409);
    $this->postJson("/api/metal/lots/{$lot->id}/weigh", ['mass' => '49.7'])->assertOk();
    $statement = collect($this->getJson('/api/metal?by=alloy')->json('statement'))->firstWhere('of', 'sterling-925');
    expect($lot->refresh()->mass_mg)->toBe(49700)->and($button->refresh()->mass_mg)->toBe(13450)
        ->and($statement['now_mg'])->toBe(63150)->and($statement['fine_mg'])->toEqualWithDelta(63150 * 0.925, 1e-6)
        ->and(Movement::query()->orderByDesc('id')->firstOrFail()->reason)->toContain('stocktake');
});

it('takes bad masses for nothing, with words', function (mixed $mass): void {
    $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => $mass])->assertStatus(422);
    expect(Lot::query()->count())->toBe(0)->and(Movement::query()->count())->toBe(0);
})->with(['heavy', '-5 g', '0', '3 oz', '1e308', null]);

it('writes a job’s charge and its readings together, and the button back to stock with its origin', function (): void {
    $job = Job::factory()->ring()->create(['client_id' => Client::query()->create(['name' => 'Oda'])->id]);
    $lot = lot('sterling-925', '40 g');
    $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '14 g']], 'casting' => '8.6', 'button' => '5.35'],
    )->assertCreated();
    $casting = $job->refresh()->held()->list('castings')[0];
    $button = Lot::query()->where('kind', 'button')->firstOrFail();
    expect($casting['charge_mass']['value'])
        ->toEqual(14)->and($casting['casting_mass']['value'])->toEqual(8.6)
        ->and($job->held()->decision('pour.new_mass'))->toEqual(14)
        ->and($lot->refresh()->mass_mg)
        ->toBe(26000)->and($button->mass_mg)->toBe(5350)->and($button->origin)->toContain("job {$job->number}")
        ->and(Movement::query()->orderByDesc('id')->firstOrFail()->loss_mg)->toBe(50)
        // The workshop's metal is the workshop's until the piece is handed over.
        ->and(Lot::query()->where('kind', 'piece')->firstOrFail()->client_id)->toBeNull();
    // A charge that cannot be leaves neither movement nor reading.
    $before = [Movement::query()->count(), Lot::query()->count(), $job->version];
    $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '14 g']], 'casting' => '20', 'button' => '5'],
    )->assertStatus(409);
    expect([Movement::query()->count(), Lot::query()->count(), $job->refresh()->version])->toBe($before);
});

it('keeps a client’s metal for that client', function (): void {
    [$oda, $ned] = [Client::query()->create(['name' => 'Oda']), Client::query()->create(['name' => 'Ned'])];
    $job = Job::factory()->ring()->create(['client_id' => $ned->id]);
    $lot = lot('sterling-925', '20 g', ['client_id' => $oda->id]);
    $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '14 g']], 'casting' => '8.6', 'button' => '5.35'],
    )
        ->assertStatus(409)
        ->assertJsonPath('errors._.0', fn (string $said): bool => str_contains($said, 'that client'));
    $this->postJson(
        '/api/metal/move', ['kind' => 'return', 'postings' => [['lot' => $lot->id, 'mass' => '-20 g']]],
    )->assertCreated();
    expect($lot->refresh()->mass_mg)->toBe(0);
});

it('edits nothing: a movement is taken back by another, once, and only while its metal is there', function (): void {
    $lot = lot('sterling-925', '20 g');
    $other = lot('sterling-925', '1 g');
    $this->postJson(
        '/api/metal/move',
        ['kind' => 'cut', 'postings' => [['lot' => $lot->id, 'mass' => '-5'], ['lot' => $other->id, 'mass' => '5']]],
    )->assertCreated();
    $cut = Movement::query()->orderByDesc('id')->firstOrFail();
    $this->postJson(
        '/api/metal/move', ['kind' => 'deliver', 'postings' => [['lot' => $other->id, 'mass' => '-4']]],
    )->assertCreated();
    $this->postJson("/api/metal/movements/{$cut->id}/reverse", ['reason' => 'wrong lot'])->assertStatus(409);
    $deliver = Movement::query()->orderByDesc('id')->firstOrFail();
    $this->postJson("/api/metal/movements/{$deliver->id}/reverse", ['reason' => 'came back'])->assertCreated();
    $this->postJson("/api/metal/movements/{$cut->id}/reverse", [])->assertStatus(422);
    $this->postJson("/api/metal/movements/{$cut->id}/reverse", ['reason' => 'wrong lot'])->assertCreated();
    $this->postJson("/api/metal/movements/{$cut->id}/reverse", ['reason' => 'again'])->assertStatus(409);
    expect($lot->refresh()->mass_mg)
        ->toBe(20000)->and($other->refresh()->mass_mg)->toBe(1000)->and(Movement::query()->count())->toBe(6);
});

it('goes out as CSV and takes lots in, all or none, line by line', function (): void {
    $take = fn (string $csv) => $this->post(
        '/api/metal/import', ['file' => UploadedFile::fake()->createWithContent('lots.csv', $csv)],
        ['Accept' => 'application/json'],
    );
    $take("name,alloy,mass\n\"grain, fresh\",sterling-925,50 g\n,18k-yellow,1 ozt\n")->assertCreated();
    expect(
        Lot::query()->orderBy('id')->pluck('mass_mg', 'name')->all(),
    )->toBe(['grain, fresh' => 50000, '18k yellow' => 31103]);
    $take("name,alloy,mass\ngood,sterling-925,5\nbad,mithril,5\nworse,sterling-925,lots\n")
        ->assertStatus(422)->assertJsonStructure(['errors' => ['line 3', 'line 4']]);
    $take("what,mass\nx,5\n")->assertStatus(422)->assertJsonStructure(['errors' => ['line 1']]);
    expect(Lot::query()->count())->toBe(2);
    $csv = (string) $this->get('/api/metal/statement.csv?by=alloy')->assertOk()->getContent();
    expect(
        array_map(static fn (string $line): array => str_getcsv($line, escape: ''), explode("\n", trim($csv)))[1],
    )->toBe(['18k-yellow', '18k-yellow', '', '0.000', '31.103', '0.000', '31.103', '23.327']);
});

it('loses no acknowledged movement and leaves no half when it is killed, and lets two charge one lot only as far '
    .'as it goes', function (): void {
        $folder = sys_get_temp_dir().'/hot-sprue-kill-'.bin2hex(random_bytes(4));
        mkdir($folder);
        $env = ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => "{$folder}/shop.sqlite", 'APP_ENV' => 'testing'];
        touch("{$folder}/shop.sqlite");
        (new Process(['php', 'artisan', 'migrate', '--force'], base_path(), $env))->mustRun();
        $db = new PDO("sqlite:{$folder}/shop.sqlite");
        $db->exec(
            "insert into lots (name, alloy, fineness, mass_mg) values ('stock', 'sterling-925', 0.925, 0), ('cuts', "
                ."'sterling-925', 0.925, 0), ('last', 'sterling-925', 0.925, 0)",
        );
        $db->exec(
            "insert into movements (kind, made_at) values ('receive', '2026-01-01'); "
            .'insert into postings (movement_id, '
                .'lot_id, milligrams) values (1, 1, 400000000); update lots set mass_mg = 400000000 where id = 1',
        );
        $db->exec(
            "insert into movements (kind, made_at) values ('receive', '2026-01-02'); "
            .'insert into postings (movement_id, '
                .'lot_id, milligrams) values (2, 3, 150000); update lots set mass_mg = 150000 where id = 3',
        );
        $acknowledged = 0;
        foreach ([120_000, 200_000, 310_000, 450_000] as $microseconds) {
            $process = new Process(['php', 'tests/runner/charges.php', '1', '2', '400000'], base_path(), $env);
            $process->start();
            $process->waitUntil(static fn (string $type, string $out): bool => $out !== '');
            usleep($microseconds);
            $process->signal(SIGKILL);
            $process->wait();
            $lines = array_filter(
                explode("\n", substr($process->getOutput(), 0, (int) strrpos($process->getOutput(), "\n"))),
                is_numeric(...),
            );
            $acknowledged += count($lines);
            foreach ($lines as $id) {
                $asked = "select count(*) from postings where movement_id = {$id}";
                expect((int) $db->query($asked)->fetchColumn())->toBe(2);
            }
            expect(
                (int) $db->query(
                    'select count(*) from movements m '
                        .'where (select count(*) from postings p where p.movement_id = m.id) '
                        .'<> case m.kind when \'receive\' then 1 else 2 end',
                )->fetchColumn(),
            )->toBe(0)
                ->and(
                    $db->query(
                        'select count(*) from lots l where l.mass_mg <> (select coalesce(sum(milligrams), 0) from '
                            .'postings p where p.lot_id = l.id)',
                    )->fetchColumn(),
                )
                ->toEqual(0)
                ->and($db->query('pragma integrity_check')->fetchColumn())->toBe('ok');
        }
        expect($acknowledged)
            ->toBeGreaterThan(10)
            ->and((int) $db->query("select count(*) from movements where kind = 'cut'")->fetchColumn())
            ->toBeGreaterThanOrEqual($acknowledged);
        // Two at once on what is left: together they cut exactly as often as it goes, and the rest is refused.
        $left = 150;
        $both = array_map(
            static fn (): Process => new Process(
                ['php', 'tests/runner/charges.php', '3', '2', (string) $left], base_path(), $env, timeout: 120,
            ),
            [1, 2],
        );
        array_map(static fn (Process $process) => $process->start(), $both);
        $said = implode('', array_map(static function (Process $process): string {
            $process->wait();

            return $process->getOutput();
        }, $both));
        expect(preg_match_all('/^\d+$/m', $said))
            ->toBe($left)->and(substr_count($said, 'refused'))->toBe($left)
            ->and((int) $db->query('select mass_mg from lots where id = 3')->fetchColumn())->toBe(0);
        exec('rm -rf '.escapeshellarg($folder));
    });

it('states a period: what stood before it, came, went and stood at its end', function (): void {
    $this->travelTo('2026-03-10 10:00');
    $lot = lot('sterling-925', '50 g');
    $this->travelTo('2026-04-30 23:30');
    $this->postJson(
        '/api/metal/move', ['kind' => 'deliver', 'postings' => [['lot' => $lot->id, 'mass' => '-12.5 g']]],
    )->assertCreated();
    $this->travelTo('2026-05-01 00:10');
    $this->postJson(
        '/api/metal/move', ['kind' => 'deliver', 'postings' => [['lot' => $lot->id, 'mass' => '-7.5 g']]],
    )->assertCreated();
    $stated = fn (string $period): array => array_intersect_key(
        $this->getJson("/api/metal?by=lot{$period}")->json('statement.0'),
        array_flip(['before_mg', 'in_mg', 'out_mg', 'now_mg']),
    );
    expect($stated(''))->toBe(['before_mg' => 0, 'in_mg' => 50000, 'out_mg' => 20000, 'now_mg' => 30000])
        ->and($stated('&from=2026-04-01&to=2026-04-30'))
        ->toBe(['before_mg' => 50000, 'in_mg' => 0, 'out_mg' => 12500, 'now_mg' => 37500])
        ->and($stated('&from=2026-05-01'))
        ->toBe(['before_mg' => 37500, 'in_mg' => 0, 'out_mg' => 7500, 'now_mg' => 30000])
        ->and($this->getJson('/api/metal?to=2026-03-09')->json('statement'))->toBe([]);
});

it('counts buttons, scrap and sweeps as metal used before, and only stock as new', function (): void {
    $job = Job::factory()->ring()->create();
    $from = [
        lot('sterling-925', '20 g')->id => '9', lot('sterling-925', '8 g', ['kind' => 'button'])->id => '4',
        lot('sterling-925', '8 g', ['kind' => 'scrap'])->id => '2',
        lot('sterling-925', '8 g', ['kind' => 'sweeps'])->id => '1',
    ];
    $this->postJson("/api/jobs/{$job->number}/charge", [
        'lots' => array_map(
            static fn (int $lot, string $mass): array => ['lot' => $lot, 'mass' => "{$mass} g"], array_keys($from),
            $from,
        ),
        'casting' => '10 g', 'button' => '5.9 g',
    ])->assertCreated();
    $held = $job->refresh()->held();
    expect([$held->decision('pour.new_mass'), $held->decision('pour.reused_mass')])->toEqual([9, 7]);
});

it('gives no formula out in its statement', function (string $name): void {
    lot('sterling-925', '5 g', ['name' => $name]);
    $csv = (string) $this->get('/api/metal/statement.csv?by=lot')->assertOk()->getContent();
    $cell = str_getcsv(explode("\n", trim($csv))[1], escape: '')[0];
    // A lot is said with its number before its name; what leads a cell is never a sign.
    expect($cell[0])->not->toBeIn(['=', '+', '-', '@'])->and($cell)->toContain($name);
})->with(['=1+1', '+SUM(A1)', '-2', '@x']);

it('guards an owner’s name too', function (): void {
    $client = Client::query()->create(['name' => '=HYPERLINK("x")']);
    lot('sterling-925', '5 g', ['client_id' => $client->id]);
    $csv = (string) $this->get('/api/metal/statement.csv?by=owner')->assertOk()->getContent();
    expect(str_getcsv(explode("\n", trim($csv))[1], escape: '')[0])->toBe('\'=HYPERLINK("x")');
});

it('draws what came and went in thirty days, and no more', function (): void {
    lot('sterling-925', '40');
    $this->travel(31)->days();
    $second = lot('sterling-925', '12.5');
    $this->postJson('/api/metal/move', [
        'kind' => 'deliver', 'postings' => [['lot' => $second->id, 'mass' => '-2.5']], 'reason' => 'sold',
    ])->assertCreated();
    $words = array_column(array_filter(
        $this->getJson('/api/metal')->assertOk()->json('flow.shapes'),
        static fn (array $shape): bool => $shape['kind'] === 'text',
    ), 'text');
    expect(array_values($words))->toBe(['safe', 'received 12.500 g', 'delivered 2.500 g']);
});

it('lists the charges that wait for metal, with what each wants, until it is cast', function (): void {
    $job = App\Models\Job::factory()->ring()->create();
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        $this->postJson("/api/jobs/{$job->number}/stations/{$station}", ['state' => 'not-needed']);
    }
    $job->refresh();
    $charges = $this->getJson('/api/metal')->json('charges');
    $wanted = $this->getJson("/api/jobs/{$job->number}?station=pour")
        ->json('answers')['metal.charge']['results']['charge_mass']['value'] ?? null;
    expect(array_column($charges, 'number'))->toBe([$job->number])
        ->and($charges[0]['alloy'])->toBe($job->held()->text('brief.alloy'))
        ->and($charges[0]['wanted'])->toEqual($wanted);
});
