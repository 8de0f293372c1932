<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use Illuminate\Testing\TestResponse;

/** @param array<string, mixed> $more */
function received(string $alloy, string $mass, array $more = []): Lot
{
    test()->postJson('/api/metal', ['alloy' => $alloy, 'mass' => $mass, ...$more])->assertCreated();

    return Lot::query()->orderByDesc('id')->firstOrFail();
}

function client(string $name = 'Oda'): Client
{
    return Client::query()->create(['name' => $name]);
}

/** @param array<string, mixed> $body */
function metal(Job $job, string $what, array $body): TestResponse
{
    return test()->postJson("/api/jobs/{$job->number}/metal/{$what}", $body);
}

/** @param array<string, mixed> $typed */
function said(Job $job, array $typed, string $station): TestResponse
{
    $held = $job->refresh()->held();
    $changes = array_map(
        static fn (string $path, mixed $to): array => ['path' => $path, 'from' => $held->at($path), 'to' => $to],
        array_keys($typed), $typed,
    );

    return test()
        ->postJson("/api/jobs/{$job->number}/changes", ['changes' => $changes, 'station' => $station])->assertOk();
}

/** All there is of the workshop's and its clients' metal, mg. */
function standing(): int
{
    return (int) Lot::query()->sum('mass_mg');
}

it('puts sprues and button back to one lot in one step, with the weights, and takes it back whole', function (): void {
    $job = Job::factory()->ring()->create();
    $lot = received('sterling-925', '40 g');
    $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '20 g']], 'casting' => '14.2', 'button' => '5.75'],
    )->assertCreated();
    metal($job, 'trim', ['casting' => '9.3 g', 'sprues' => '5.2 g'])
        ->assertStatus(422)
        ->assertJsonPath('errors.casting.0', fn (string $says): bool => str_contains($says, '14.500 g together'));
    metal($job, 'trim', ['casting' => '9.2 g', 'sprues' => '4.95 g'])
        ->assertCreated()->assertJsonPath('held.0.mass', 9.2);
    $button = Lot::query()->where('kind', 'button')->firstOrFail();
    $casting = $job->refresh()->held()->list('castings')[0];
    // 5.75 of button and 4.95 of sprues; 0.05 in the pour and 0.05 to the saw.
    expect($button->mass_mg)->toBe(10700)->and(standing())->toBe(40000 - 100)
        ->and([$casting['weighed']['value'], $casting['casting_mass']['value'], $casting['sprues_mass']['value']])
        ->toEqual(['trimmed', 9.2, 4.95]);
    $answers = $this->getJson("/api/jobs/{$job->number}?station=pour")->json('answers');
    // 20 in: 9.2, 4.95 and 5.75 out, 0.1 lost.
    expect($answers['cast.check']['results']['loss']['value'])->toEqualWithDelta(0.1, 1e-9);
    $movement = Movement::query()->orderByDesc('id')->firstOrFail();
    $this->postJson("/api/metal/movements/{$movement->id}/reverse", ['reason' => 'wrong casting'])->assertCreated();
    $casting = $job->refresh()->held()->list('castings')[0];
    expect($button->refresh()->mass_mg)
        ->toBe(5750)->and($casting['casting_mass']['value'])->toEqual(14.2)->and($casting)
        ->not->toHaveKey('sprues_mass');
});

it('keeps the sprues of a client’s gold the client’s, and the workshop’s the workshop’s', function (bool $hers): void {
    $client = client();
    $job = Job::factory()->ring()->create(['client_id' => $client->id]);
    $lot = received('sterling-925', '40 g', $hers ? ['client_id' => $client->id] : []);
    $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '20 g']], 'casting' => '14.2', 'button' => 0],
    )->assertCreated();
    metal($job, 'trim', ['casting' => '9.2 g', 'sprues' => '5 g'])->assertCreated();
    expect(Lot::query()->where('kind', 'button')->firstOrFail()->client_id)->toBe($hers ? $client->id : null);
})->with(['hers' => [true], 'the workshop’s' => [false]]);

it('asks before it writes off more than a tenth as finishing, and says where it might be', function (): void {
    $job = Job::factory()->ring()->create();
    $lot = received('sterling-925', '40 g');
    $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '20 g']], 'casting' => '14.2', 'button' => '5.8'],
    )->assertCreated();
    said($job, ['handover.piece_mass' => '8.4 g'], 'handover');
    $this->postJson("/api/jobs/{$job->number}/deliver-metal")->assertStatus(422)
        ->assertJsonPath(
            'errors.sure.0', fn (string $says): bool => str_contains($says, '5.800 g') && str_contains($says, 'Sprues'),
        );
    metal($job, 'trim', ['casting' => '9.2 g', 'sprues' => '5 g'])->assertCreated();
    // 0.8 of 9.2 is under a tenth.
    $this->postJson("/api/jobs/{$job->number}/deliver-metal")
        ->assertCreated()->assertJson(['delivered' => 8.4, 'lost' => 0.8]);
    expect(Lot::query()->where('job_id', $job->id)->where('kind', 'piece')->sum('mass_mg'))->toEqual(0);
    $again = Job::factory()->ring()->create();
    $this->postJson(
        "/api/jobs/{$again->number}/charge",
        ['lots' => [['lot' => $lot->id, 'mass' => '10 g']], 'casting' => '10', 'button' => 0],
    )->assertCreated();
    said($again, ['handover.piece_mass' => '8.9 g'], 'handover');
    $this->postJson("/api/jobs/{$again->number}/deliver-metal")->assertStatus(422);
    $this->postJson("/api/jobs/{$again->number}/deliver-metal", ['sure' => true])
        ->assertCreated()->assertJson(['delivered' => 8.9, 'lost' => 1.1]);
});

it('follows a ring made by hand gram by gram: strip, tube, solder, cuttings, filings, out with '
    .'the piece', function (): void {
        $job = Job::factory()
            ->holding(
                [
                    'brief.title' => 'by hand', 'brief.kind' => 'fabricated', 'brief.finger' => 'US 7',
                    'brief.alloy' => 'sterling-925', 'form.width_top' => '4', 'form.thickness_top' => '2',
                ],
            )
            ->create();
        $stock = received('sterling-925', '50 g');
        $solder = received('silver-hard', '5 g');
        expect($solder->fineness)->toBe(0.75);
        metal($job, 'take', ['lot' => $stock->id, 'mass' => '6.4 g', 'what' => 'strip'])->assertCreated();
        metal($job, 'take', ['lot' => $stock->id, 'mass' => '0.9 g', 'what' => 'tube'])->assertCreated();
        metal($job, 'take', ['lot' => $solder->id, 'mass' => '0.08 g', 'what' => 'solder, heat 1'])->assertCreated();
        [$piece, $soldered] = $this->getJson("/api/jobs/{$job->number}/metal")->json('held');
        expect([$piece['mass'], $soldered['mass'], $soldered['alloy']])->toBe([7.3, 0.08, 'silver-hard']);
        metal($job, 'solder', ['piece' => $piece['id'], 'mass' => '0.05 g', 'heat' => 'heat 2'])->assertCreated();
        metal($job, 'back', ['piece' => $piece['id'], 'mass' => '1.1 g', 'to' => $stock->id])->assertCreated();
        metal($job, 'back', ['piece' => $piece['id'], 'mass' => '0.3 g', 'loss' => '0.02 g', 'what' => 'filings'])
            ->assertCreated()->assertJsonPath('held.0.mass', 5.93);
        $filings = Lot::query()->where('kind', 'scrap')->firstOrFail();
        expect($stock->refresh()->mass_mg)
            ->toBe(50000 - 6400 - 900 + 1100)
            ->and($filings->mass_mg)->toBe(300)->and($filings->name)->toContain('filings');
        metal($job, 'back', ['piece' => $piece['id'], 'mass' => '50 g'])->assertStatus(409);
        metal($job, 'back', ['piece' => $stock->id, 'mass' => '1 g'])
            ->assertStatus(422)
            ->assertJsonPath('errors.piece.0', fn (string $says): bool => str_contains($says, 'holds no such metal'));
        said($job, ['handover.piece_mass' => '5.9 g'], 'handover');
        $this->postJson("/api/jobs/{$job->number}/deliver-metal")
            ->assertCreated()->assertJson(['delivered' => 5.9, 'lost' => 0.11]);
        // 55 came in and 0.05 as an allowance; what stands and what went is all of it.
        $gone = (int) DB::table('postings')
            ->join('movements', 'movements.id', '=', 'movement_id')->where('kind', 'deliver')->sum('milligrams');
        expect(standing() - $gone + (int) Movement::query()->sum('loss_mg'))->toBe(55050)
            ->and($this->getJson("/api/jobs/{$job->number}/metal")->json('held'))->toBe([])
            ->and(count($this->getJson("/api/jobs/{$job->number}/metal")->json('movements')))->toBe(8);
    });

it('stops Hand over while the client’s own metal is left, until it is given back, '
    .'credited or kept', function (string $how): void {
        $client = client();
        $job = Job::factory()->ring()->create(['client_id' => $client->id]);
        $hers = received('sterling-925', '20 g', ['client_id' => $client->id]);
        metal($job, 'take', ['lot' => $hers->id, 'mass' => '8 g'])->assertCreated();
        $codes = fn (): array => array_column(
            $this->getJson("/api/jobs/{$job->number}?station=handover")->json('page.findings'), 'code',
        );
        said($job, ['handover.piece_mass' => '8 g'], 'handover');
        expect($codes())->toContain('client-metal-left');
        match ($how) {
            'given back' => $this->postJson(
                '/api/metal/move', ['kind' => 'return', 'postings' => [['lot' => $hers->id, 'mass' => '-12 g']]],
            )->assertCreated(),
            'credited' => $this->postJson(
                "/api/metal/lots/{$hers->id}/credit", ['reason' => 'off her bill'],
            )->assertCreated(),
            default => said($job, ['handover.client_left' => 'kept'], 'handover'),
        };
        expect($codes())->not->toContain('client-metal-left');
        $workshops = (int) Lot::query()->whereNull('client_id')->sum('mass_mg');
        expect($workshops)
            ->toBe($how === 'credited' ? 12000 : 0)
            ->and((int) Lot::query()->where('client_id', $client->id)->sum('mass_mg'))
            ->toBe($how === 'kept' ? 20000 : 8000);
    })->with(['given back', 'credited', 'kept']);

it('credits only what is a client’s, and says what was agreed', function (): void {
    $own = received('sterling-925', '5 g');
    $this->postJson("/api/metal/lots/{$own->id}/credit", ['reason' => 'x'])->assertStatus(422);
    $hers = received('sterling-925', '5 g', ['client_id' => client()->id]);
    $this->postJson("/api/metal/lots/{$hers->id}/credit", [])
        ->assertStatus(422)->assertJsonPath('errors.reason.0', 'Say what was agreed with the client.');
});

it('keeps metal that nobody has assayed apart: back to the client, or assayed first', function (): void {
    $client = client();
    $job = Job::factory()->ring()->create(['client_id' => $client->id]);
    $unknown = received('sterling-925', '9 g', ['client_id' => $client->id, 'kind' => 'unassayed']);
    expect($unknown->fineness)
        ->toBe(0.0)->and(collect($this->getJson('/api/metal')->json('lots'))->firstWhere('id', $unknown->id)['fine'])
        ->toEqual(0);
    metal($job, 'take', ['lot' => $unknown->id, 'mass' => '2 g'])->assertStatus(409);
    $this->postJson(
        "/api/jobs/{$job->number}/charge",
        ['lots' => [['lot' => $unknown->id, 'mass' => '2 g']], 'casting' => '2', 'button' => 0],
    )->assertStatus(409);
    expect(
        array_column($this->getJson("/api/jobs/{$job->number}/metal")->json('lots'), 'id'),
    )->not->toContain($unknown->id);
    $this->postJson(
        '/api/metal/move', ['kind' => 'return', 'postings' => [['lot' => $unknown->id, 'mass' => '-1 g']]],
    )->assertCreated();
    $this->postJson("/api/metal/lots/{$unknown->id}/assay", ['alloy' => 'sterling-925'])->assertOk();
    expect($unknown->refresh()->fineness)->toBe(0.925)->and($unknown->kind)->toBe('stock');
    metal($job, 'take', ['lot' => $unknown->id, 'mass' => '2 g'])->assertCreated();
    $this->postJson("/api/metal/lots/{$unknown->id}/assay", ['alloy' => 'fine-silver'])->assertStatus(422);
});

it('books a sizing’s metal once, and again only when that was taken back', function (): void {
    $job = Job::factory()
        ->holding(
            [
                'brief.title' => 'sized', 'brief.kind' => 'sizing', 'brief.alloy' => '18k-yellow',
                'sizing.from' => '50 mm round', 'brief.finger' => '54 mm round', 'sizing.width' => '3',
                'sizing.thickness' => '2', 'sizing.old_solder' => 'clean',
            ],
        )
        ->create();
    $lot = received('18k-yellow', '20 g');
    $book = fn () => $this->postJson("/api/jobs/{$job->number}/sizing-metal", ['lot' => $lot->id]);
    $book()->assertCreated();
    $after = $lot->refresh()->mass_mg;
    $book()
        ->assertStatus(422)
        ->assertJsonPath('errors.mass.0', fn (string $says): bool => str_contains($says, 'booked already'));
    expect($lot->refresh()->mass_mg)
        ->toBe($after)->and($this->getJson("/api/jobs/{$job->number}/metal")->json('movements.0.reason'))
        ->toBe("sizing of job {$job->number}");
    $this->postJson(
        '/api/metal/movements/'.Movement::query()->max('id').'/reverse', ['reason' => 'wrong lot'],
    )->assertCreated();
    $book()->assertCreated();
    expect($lot->refresh()->mass_mg)->toBe($after);
});

it('keeps what is sawn out of a client’s ring the client’s', function (): void {
    $client = client();
    $job = Job::factory()
        ->holding(
            [
                'brief.title' => 'smaller', 'brief.kind' => 'sizing', 'brief.alloy' => '18k-yellow',
                'sizing.from' => '54 mm round', 'brief.finger' => '50 mm round', 'sizing.width' => '3',
                'sizing.thickness' => '2', 'sizing.old_solder' => 'clean',
            ],
        )
        ->create(['client_id' => $client->id]);
    $this->postJson("/api/jobs/{$job->number}/sizing-metal", [])->assertCreated();
    $scrap = Lot::query()->firstOrFail();
    expect($scrap->client_id)->toBe($client->id)->and($scrap->kind)->toBe('scrap');
    $ours = received('18k-yellow', '5 g');
    $this->postJson(
        '/api/metal/move',
        [
            'kind' => 'cut',
            'postings' => [['lot' => $scrap->id, 'mass' => '-0.1 g'], ['lot' => $ours->id, 'mass' => '0.1 g']],
        ],
    )->assertStatus(409);
});

it('answers a wrong choice in words', function (string $path, array $body, string $field): void {
    received('sterling-925', '5 g');
    $says = $this->postJson($path, $body)
        ->assertStatus(422)->json("errors.{$field}.0") ?? $this->postJson($path, $body)->json('errors')[$field][0];
    expect($says)->toContain('choose one of the list')->not->toContain('postings')->not->toContain('selected');
})->with([
    [
        '/api/metal/move',
        ['kind' => 'cut', 'postings' => [['lot' => 999, 'mass' => '-1'], ['lot' => 1, 'mass' => '1']]],
        'postings.0.lot',
    ],
    ['/api/metal', ['alloy' => 'mithril', 'mass' => '5'], 'alloy'],
    ['/api/metal/move', ['kind' => 'vanish', 'postings' => [['lot' => 1, 'mass' => '-1']]], 'kind'],
]);

it('says whose a piece was from before, by what went into it', function (): void {
    $client = client();
    $job = Job::factory()->ring()->create(['client_id' => $client->id]);
    [$ours, $hers] = [received('sterling-925', '20 g'), received('sterling-925', '20 g', ['client_id' => $client->id])];
    foreach ([$ours, $hers] as $lot) {
        $this->postJson(
            "/api/jobs/{$job->number}/charge",
            ['lots' => [['lot' => $lot->id, 'mass' => '9 g']], 'casting' => '9', 'button' => 0],
        )->assertCreated();
    }
    $pieces = Lot::query()->where('kind', 'piece')->orderBy('id');
    $pieces->update(['client_id' => $client->id]);
    (require base_path('database/migrations/2026_11_26_000012_own_the_metal.php'))->up();
    expect($pieces->pluck('client_id')->all())->toBe([null, $client->id]);
});

it('balances whatever is done to a job’s metal, and lets no lot go under nought', function (int $seed): void {
    $dice = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $client = client("Oda {$seed}");
    $job = Job::factory()->ring()->create(['client_id' => $client->id]);
    $lots = [
        received('sterling-925', '30 g'), received('sterling-925', '12 g', ['client_id' => $client->id]),
        received('silver-easy', '2 g'),
    ];
    $came = 44_000;
    for ($step = 0; $step < 25; $step++) {
        $mass = $dice->getInt(1, 6000) / 1000;
        $held = Lot::query()
            ->where('job_id', $job->id)->where('kind', 'piece')->where('mass_mg', '>', 0)->pluck('id')->all();
        $piece = $held === [] ? 0 : $held[$dice->getInt(0, count($held) - 1)];
        $lot = $lots[$dice->getInt(0, 2)]->id;
        $before = standing();
        $answer = match ($dice->getInt(0, 5)) {
            0, 1 => metal($job, 'take', ['lot' => $lot, 'mass' => "{$mass} g"]),
            2 => metal(
                $job, 'back',
                [
                    'piece' => $piece, 'mass' => "{$mass} g", 'loss' => '0.01 g',
                    'to' => $dice->getInt(0, 1) === 0 ? null : $lot,
                ],
            ),
            3 => metal($job, 'solder', ['piece' => $piece, 'mass' => '0.02 g']),
            4 => metal($job, 'trim', ['casting' => "{$mass} g", 'sprues' => '0.5 g']),
            default => $this->postJson(
                '/api/metal/movements/'.$dice->getInt(1, max(1, (int) Movement::query()->max('id'))).'/reverse',
                ['reason' => 'tried'],
            ),
        };
        expect($answer->status())->toBeIn([201, 404, 409, 422]);
        // What is refused changes nothing.
        if ($answer->status() !== 201) {
            expect(standing())->toBe($before);
        }
        expect((int) Lot::query()->min('mass_mg'))->toBeGreaterThanOrEqual(0);
        foreach (Lot::query()->get() as $one) {
            expect((int) DB::table('postings')->where('lot_id', $one->id)->sum('milligrams'))->toBe($one->mass_mg);
        }
    }
    // What came in, and the allowances, less what was lost, is what stands; reversals among them.
    $moved = (int) DB::table('postings')->sum('milligrams');
    expect($moved)->toBe(standing())
        ->and((int) Lot::query()->where('client_id', $client->id)->sum('mass_mg'))->toBeLessThanOrEqual($came);
    // The client's metal went nowhere but into the client's piece, its scrap and its button.
    foreach (Lot::query()->whereNull('client_id')->pluck('id') as $ours) {
        $from = DB::table('postings as into')
            ->join('postings as from', 'from.movement_id', '=', 'into.movement_id')
            ->join('lots', 'lots.id', '=', 'from.lot_id')
            ->where('into.lot_id', $ours)
            ->where('into.milligrams', '>', 0)->where('from.milligrams', '<', 0)->whereNotNull('lots.client_id')
            ->count();
        expect($from)->toBe(0);
    }
})->with(range(1, 8));

it('says of each of a job’s metal routes what is wrong, and changes nothing', function (
    string $what, array $body, string $field,
): void {
    $job = Job::factory()->ring()->create();
    $lot = received('sterling-925', '5 g');
    metal($job, $what, array_map(static fn (mixed $said): mixed => $said === 'the lot' ? $lot->id : $said, $body))
        ->assertStatus(422)->assertJsonStructure(['errors' => [$field]]);
    expect(standing())->toBe(5000)->and(Movement::query()->count())->toBe(1);
})->with([
    'no lot' => ['take', ['mass' => '1 g'], 'lot'],
    'a lot that is not' => ['take', ['lot' => 99, 'mass' => '1 g'], 'lot'],
    'no mass' => ['take', ['lot' => 'the lot'], 'mass'],
    'an ounce' => ['take', ['lot' => 'the lot', 'mass' => '1 oz'], 'mass'],
    'less than nothing' => ['take', ['lot' => 'the lot', 'mass' => '-1 g'], 'mass'],
    'back out of nothing' => ['back', ['piece' => 1, 'mass' => '1 g'], 'piece'],
    'solder on nothing' => ['solder', ['piece' => 1, 'mass' => '0.1 g'], 'piece'],
    'sprues of nothing' => ['trim', ['casting' => '1 g', 'sprues' => '1 g'], 'casting'],
    'no weight of the casting' => ['trim', ['sprues' => '1 g'], 'casting'],
]);

it('lets only those who keep the account move a job’s metal', function (): void {
    $job = Job::factory()->ring()->create();
    $lot = received('sterling-925', '5 g');
    App\Models\Person::query()->where('name', 'Maren')->update(['role' => 'apprentice']);
    $this->forgetWho();
    foreach ([
        'take' => ['lot' => $lot->id, 'mass' => '1 g'], 'back' => ['piece' => 1, 'mass' => '1 g'],
        'solder' => ['piece' => 1, 'mass' => '1 g'], 'trim' => ['casting' => '1 g', 'sprues' => '1 g'],
    ] as $what => $body) {
        metal($job, $what, $body)->assertForbidden();
    }
    $this->getJson("/api/jobs/{$job->number}/metal")->assertOk();
});

it('keeps button and sprues of a client’s own gold hers, and the workshop’s its own', function (): void {
    $oda = client();
    foreach ([$oda->id, null] as $owner) {
        $job = Job::factory()->ring()->create(['client_id' => $oda->id]);
        $lot = received('sterling-925', '40 g', $owner === null ? [] : ['client_id' => $owner]);
        $this->postJson("/api/jobs/{$job->number}/charge", [
            'lots' => [['lot' => $lot->id, 'mass' => '20 g']], 'casting' => '14.2', 'button' => '5.75',
        ])->assertCreated();
        metal($job, 'trim', ['casting' => '9.2 g', 'sprues' => '4.95 g'])->assertCreated();
        $left = Lot::query()->where('job_id', $job->id)->where('kind', 'button')->get();
        expect($left->sum('mass_mg'))->toBe(5750 + 4950)
            ->and($left->pluck('client_id')->unique()->all())->toBe([$owner]);
    }
});
