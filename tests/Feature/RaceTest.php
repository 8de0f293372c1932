<?php

declare(strict_types=1);

use Illuminate\Support\Str;
use Tests\Support\Served;

// Real workers over a real file: what a test in one process cannot show.
beforeEach(function (): void {
    $this->served = new Served;
});
afterEach(function (): void {
    $this->served->stop();
});

function grain(Served $served, string $alloy = 'sterling-925', string $mass = '100'): int
{
    return max(array_column($served->post('/api/metal', ['alloy' => $alloy, 'mass' => $mass])['lots'], 'id'));
}

/** @param array<string, mixed> $typed */
function commissioned(Served $served, array $typed = []): int
{
    $changes = [];
    foreach ([
        'brief.title' => 'band', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '5',
        'form.thickness_top' => '2', ...$typed,
    ] as $path => $value) {
        $changes[] = ['path' => $path, 'from' => null, 'to' => $value];
    }

    return $served->post('/api/jobs', ['changes' => $changes])['number'];
}

it('charges different lots at once, each whole, and never answers 500', function (): void {
    $lots = [grain($this->served), grain($this->served), grain($this->served), grain($this->served)];
    $jobs = array_map(fn (): int => commissioned($this->served), $lots);
    $asked = array_map(
        static fn (int $lot, int $job): array => [
            "/api/jobs/{$job}/charge",
            ['lots' => [['lot' => $lot, 'mass' => '20']], 'casting' => '14', 'button' => '5.9'],
        ],
        $lots, $jobs,
    );
    expect($this->served->together($asked))->toBe([201, 201, 201, 201]);
    foreach ($jobs as $job) {
        expect($this->served->get("/api/jobs/{$job}")['document']['castings'][0]['casting_mass']['value'])->toEqual(14);
    }
    $lots = array_column($this->served->get('/api/metal')['lots'], 'mass', 'id');
    // Four of 100 g, 20 g out of each, 0.1 g lost by each.
    expect(array_sum($lots))->toEqualWithDelta(400 - 4 * 0.1, 1e-9);
});

it('takes twenty grams of a lot once, however many want the last of it', function (): void {
    $lot = grain($this->served, mass: '25');
    $job = commissioned($this->served);
    $statuses = $this->served->together(
        array_fill(
            0, 4,
            [
                "/api/jobs/{$job}/charge",
                ['lots' => [['lot' => $lot, 'mass' => '20']], 'casting' => '15', 'button' => '5'],
            ],
        ),
    );
    sort($statuses);
    expect($statuses)
        ->toBe([201, 409, 409, 409])->and($this->served->get("/api/jobs/{$job}")['document']['castings'])
        ->toHaveCount(1);
});

it('weighs a lot from two balances, and the account says what the last one said', function (): void {
    $lot = grain($this->served);
    expect(
        $this->served->together(
            [["/api/metal/lots/{$lot}/weigh", ['mass' => '90']], ["/api/metal/lots/{$lot}/weigh", ['mass' => '80']]],
        ),
    )->toBe([200, 200]);
    $metal = $this->served->get("/api/metal?lot={$lot}");
    $last = max(array_column($metal['movements'], 'id'));
    $said = collect($metal['movements'])->firstWhere('id', $last)['reason'];
    expect(array_column($metal['lots'], 'mass', 'id')[$lot])->toEqual(
        (float) preg_replace('/^.*weighed ([\d.]+) g$/', '$1', $said),
    );
});

it('keeps every tick of a safety list that several hands tick', function (): void {
    $job = commissioned($this->served);
    $this->served->post("/api/jobs/{$job}/stations/brief", ['state' => 'not-needed']);
    foreach (['form', 'stones', 'wax'] as $station) {
        $this->served->post("/api/jobs/{$job}/stations/{$station}", ['state' => 'not-needed']);
    }
    $flask = $this->served->post('/api/casting', ['flasks' => [[$job]]])['flask_rows'][0]['id'];
    expect(
        $this->served->together(
            array_map(
                static fn (int $what): array => ["/api/flasks/{$flask}/tick", ['what' => $what, 'done' => true]],
                range(0, 7),
            ),
        ),
    )->toBe(array_fill(0, 8, 200));
    $ticks = $this->served->get('/api/casting/1')['flask_rows'][0]['ticks'];
    sort($ticks);
    expect($ticks)->toBe(range(0, 7));
});

it('lets one of two plans have a job', function (): void {
    $job = commissioned($this->served);
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        $this->served->post("/api/jobs/{$job}/stations/{$station}", ['state' => 'not-needed']);
    }
    $statuses = $this->served->together(array_fill(0, 3, ['/api/casting', ['flasks' => [[$job]]]]));
    sort($statuses);
    expect($statuses)
        ->toBe([201, 422, 422])
        ->and((int) $this->served->pdo()->query('select count(*) from flask_jobs')->fetchColumn())->toBe(1);
});

it('makes one client of a name that two write at once, and gives every job a number of its own', function (): void {
    $statuses = $this->served->together(array_fill(0, 4, ['/api/jobs', ['client' => ['name' => 'Ilse Marrow']]]));
    sort($statuses);
    expect($statuses)
        ->toBe([201, 409, 409, 409])
        ->and((int) $this->served->pdo()->query('select count(*) from clients')->fetchColumn())->toBe(1);
    expect($this->served->together(array_fill(0, 4, ['/api/jobs', []])))->toBe([201, 201, 201, 201])
        ->and($this->served->pdo()->query('select count(distinct number) from jobs')->fetchColumn())
        ->toBe($this->served->pdo()->query('select count(*) from jobs')->fetchColumn());
});

it('does once what is pressed four times at the same moment, and says the same each time', function (): void {
    $key = (string) Str::uuid();
    expect(
        $this->served->together(array_fill(0, 4, ['/api/metal', ['alloy' => '14k-rose', 'mass' => '10'], $key])),
    )->toBe([201, 201, 201, 201])
        ->and($this->served->get('/api/metal')['lots'])->toHaveCount(1);
});

it('takes edits of one job from many screens, and loses none', function (): void {
    $job = commissioned($this->served);
    $asked = array_map(
        static fn (string $path): array => [
            "/api/jobs/{$job}/changes", ['changes' => [['path' => $path, 'from' => null, 'to' => '3']]],
        ],
        [
            'form.width_base', 'form.thickness_base', 'wax.finish_side', 'tree.count', 'settings.row.count',
            'settings.row.gap',
        ],
    );
    expect($this->served->together($asked))->toBe(array_fill(0, 6, 200));
    $document = $this->served->get("/api/jobs/{$job}")['document'];
    expect(array_keys($document['decisions']))
        ->toContain('form.width_base', 'form.thickness_base', 'wax.finish_side', 'tree.count')
        ->and($document['settings'])->toHaveCount(1)
        ->and($document['settings'][0])->toHaveKeys(['count', 'gap']);
});
