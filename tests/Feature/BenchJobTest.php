<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\StretchTest;
use Illuminate\Cache\CacheManager;
use Illuminate\Support\Facades\Cache;
use Tests\Support\Contract;

/** @param array<string, mixed> $typed */
function typed(Job $job, array $typed, string $station = 'join'): Illuminate\Testing\TestResponse
{
    $held = $job->refresh()->held();
    $changes = [];
    foreach ($typed as $path => $to) {
        $changes[] = ['path' => $path, 'from' => $held->at($path), 'to' => $to];
    }

    return test()
        ->postJson("/api/jobs/{$job->number}/changes", ['changes' => $changes, 'station' => $station])->assertOk();
}

/** @param array<string, mixed> $with */
function bench(array $with = []): Job
{
    $job = Job::factory()->ring()->create(['client_id' => Client::query()->create(['name' => 'Oda Brannick'])->id]);
    typed($job, [
        'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '4', 'form.thickness_top' => '2',
        'stones.0.species' => 'sapphire', 'stones.0.shape' => 'round', 'stones.0.width' => '6', 'stones.0.depth' => '4',
        'settings.0.style' => 'bezel', ...$with,
    ], 'brief');

    return $job->refresh();
}

it('leads each kind of job along its own stations', function (?string $kind, array $stations): void {
    $job = bench($kind === null ? [] : ['brief.kind' => $kind]);
    expect(
        array_column($this->getJson("/api/jobs/{$job->number}?station=brief")->json('stations'), 'name'),
    )->toBe($stations);
})->with([
    'cast' => [
        null, ['brief', 'form', 'stones', 'wax', 'tree', 'burnout', 'pour', 'join', 'set', 'finish', 'handover'],
    ],
    'made by hand' => ['fabricated', ['brief', 'form', 'stones', 'join', 'set', 'finish', 'handover']],
    'sized' => ['sizing', ['brief', 'sizing', 'join', 'set', 'finish', 'handover']],
]);

it('takes parts and joints from what the job has decided, once', function (): void {
    $job = bench(
        [
            'settings.0.made' => 'apart', 'stones.1.species' => 'diamond', 'stones.1.group' => 'shoulders',
            'stones.1.width' => '2',
        ],
    );
    $answer = $this->postJson("/api/jobs/{$job->number}/assembly", ['station' => 'join'])->assertOk();
    expect(Contract::breaks('Job', (string) $answer->getContent()))->toBe('')
        ->and(array_column(array_column($answer->json('document.parts'), 'id'), 'value'))
        ->toBe(['shank', 'bezel', 'left collet', 'right collet'])
        ->and(array_column(array_column($answer->json('document.joints'), 'parts'), 'value'))
        ->toBe([['bezel', 'bezel'], ['shank', 'bezel'], ['shank', 'left collet'], ['shank', 'right collet']])
        ->and($answer->json('page.views.0.name'))->toBe('joints');
    // Seam and first collet do not know of each other; then the piece goes down the grades.
    expect(
        array_column($answer->json('answers')['join.plan']['results']['heats']['value'], 'flow_c'),
    )->toEqual([788, 788, 738, 718]);
    $this->postJson("/api/jobs/{$job->number}/assembly", ['station' => 'join'])
        ->assertStatus(422)
        ->assertJsonPath('errors.parts.0', fn (string $said): bool => str_contains($said, 'already'));
});

it('says so where a job tells of nothing to solder', function (): void {
    $job = bench(
        ['brief.kind' => 'sizing', 'sizing.from' => 'US 6 1/2', 'sizing.width' => '3', 'sizing.thickness' => '2'],
    );
    $this->postJson("/api/jobs/{$job->number}/assembly", [])
        ->assertStatus(422)
        ->assertJsonPath('errors.parts.0', fn (string $said): bool => str_contains($said, 'nothing to solder'));
    expect(Job::query()->findOrFail($job->id)->held()->list('parts'))->toBe([]);
});

it('frees a plan by the edits of its remedy', function (): void {
    $job = bench();
    $rows = ['parts.0.id' => 'shank'];
    foreach (range(1, 5) as $at) {
        $rows["parts.{$at}.id"] = "collet {$at}";
        $rows['joints.'.($at - 1).'.id'] = "joint {$at}";
        $rows['joints.'.($at - 1).'.parts'] = "shank, collet {$at}";
    }
    $plan = typed($job, $rows)->json('answers')['join.plan'];
    expect($plan['results']['possible']['value'])
        ->toBe('no')->and(array_column($plan['findings'], 'code'))->toContain('no-plan');
    $this->sign($job, 'join')->assertStatus(422);
    $remedy = $plan['results']['remedies']['value'][0];
    $edits = [];
    foreach ($remedy['changes'] as ['joint' => $id, 'field' => $field, 'value' => $value]) {
        $edits['joints.'.((int) substr($id, -1) - 1).".{$field}"] = $value;
    }
    $freed = typed($job, $edits);
    expect($freed->json('answers')['join.plan']['results']['possible']['value'])
        ->toBe('yes')->and($freed->json('answers')['join.plan']['results']['fires']['value'])->toEqual(4);
    $this->sign($job, 'join')->assertOk();
});

it('refuses the fire beside a stone that is set, and the ultrasonic bath to an opal', function (): void {
    $job = bench(['stones.0.species' => 'opal']);
    $page = typed($job, ['finish.ultrasonic' => true], 'finish')->json('page');
    $stop = collect($page['findings'])->firstWhere('code', 'step-harms-stone');
    expect($stop['level'])->toBe('stop')->and($stop['message'])->toContain('opal')->toContain('ultrasonic');
    $this->sign($job, 'finish')->assertStatus(422);
    $page = typed(
        $job,
        [
            'parts.0.id' => 'shank', 'parts.1.id' => 'bezel', 'joints.0.id' => 'on', 'joints.0.parts' => 'shank, bezel',
            'stones.0.in_fire' => true,
        ],
    )->json('page');
    expect(array_column($page['findings'], 'code'))->toContain('heat-harms-stone');
});

it('sizes an old ring: metal from a lot into it, or off it as the client’s scrap', function (
    string $from, string $to, float $grams,
): void {
    $job = bench(
        [
            'brief.kind' => 'sizing', 'brief.alloy' => '18k-yellow', 'sizing.from' => $from, 'brief.finger' => $to,
            'sizing.width' => '3', 'sizing.thickness' => '2', 'sizing.old_solder' => 'clean',
        ],
    );
    $this->postJson('/api/metal', ['alloy' => '18k-yellow', 'mass' => '20 g'])->assertCreated();
    $lot = Lot::query()->firstOrFail();
    if ($grams > 0) {
        $this->postJson("/api/jobs/{$job->number}/sizing-metal", [])->assertStatus(422);
    }
    $this->postJson("/api/jobs/{$job->number}/sizing-metal", ['lot' => $lot->id])->assertCreated();
    $made = Lot::query()->where('job_id', $job->id)->firstOrFail();
    expect($made->mass_mg)
        ->toEqualWithDelta(abs(1000 * $grams), 0.6)->and($made->kind)->toBe($grams > 0 ? 'piece' : 'scrap')
        ->and($lot->refresh()->mass_mg)->toBe($grams > 0 ? 20000 - $made->mass_mg : 20000);
})->with([
    // 0.3 is the saw’s; 6 mm² of 18k at 15.5.
    'let in' => ['50 mm round', '54 mm round', 4.3 * 6 * 15.5 / 1000],
    'taken out' => ['54 mm round', '50 mm round', -4 * 6 * 15.5 / 1000],
]);

it('hands over: the last look stops what is not asked, and the metal leaves the account '
    .'with its loss', function (): void {
        $job = bench();
        $this->postJson('/api/metal', ['alloy' => 'sterling-925', 'mass' => '40 g'])->assertCreated();
        $this->postJson(
            "/api/jobs/{$job->number}/charge",
            [
                'lots' => [['lot' => Lot::query()->firstOrFail()->id, 'mass' => '14 g']], 'casting' => '8.6',
                'button' => '5.4',
            ],
        )->assertCreated();
        $this->postJson("/api/jobs/{$job->number}/deliver-metal")->assertStatus(422);
        $page = typed(
            $job, [
                'handover.piece_mass' => '8.3 g', 'handover.stones_carats' => '1', 'handover.size_measured' => 'US 7',
            ],
            'handover',
        )->json('page');
        expect(array_column($page['findings'], 'code'))
            ->toContain('mark-unasked')->toContain('not-looked')->not->toContain('size-off');
        $looked = array_fill_keys(
            array_map(
                static fn (string $look): string => "handover.{$look}",
                ['size', 'tight', 'level', 'snags', 'joints', 'photograph'],
            ),
            true,
        );
        $page = typed($job, [...$looked, 'handover.mark' => 'struck'], 'handover')->json('page');
        expect(array_column($page['findings'], 'code'))->not->toContain('mark-unasked')->not->toContain('not-looked');
        $this->postJson("/api/jobs/{$job->number}/deliver-metal")
            ->assertCreated()->assertJson(['delivered' => 8.1, 'lost' => 0.5]);
        expect(Lot::query()->where('kind', 'piece')->firstOrFail()->mass_mg)
            ->toBe(0)->and(Movement::query()->orderByDesc('id')->firstOrFail()->kind->value)->toBe('deliver');
        $this->sign($job, 'handover')->assertOk();
        $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'delivered'])->assertOk();
        expect($job->refresh()->state)->toBe('delivered');
        $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'open'])->assertStatus(422);
        $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'open', 'reason' => 'a claw catches'])->assertOk();
        expect($job->refresh()->state)->toBe('open');
    });

it('makes a shank from stock: strip, pieces, plate, dividing, annealing, inlay and the size '
    .'once rounded', function (): void {
        $job = bench([
            'brief.kind' => 'fabricated', 'form.overlap' => '2', 'form.stock_length' => '100',
            'cuts.0.length' => '61', 'cuts.0.name' => 'shank', 'cuts.0.count' => '1',
            'cuts.1.length' => '12', 'cuts.1.name' => 'shoulder', 'cuts.1.count' => '2',
            'form.plate' => 'disc', 'form.plate_width' => '10', 'form.sheet_width' => '30', 'form.sheet_length' => '30',
            'form.sheet_thickness' => '1', 'form.divide_total' => '7.5', 'form.divide_parts' => '3',
            'form.work' => 'press', 'form.work_strain' => '0.2', 'form.inlay_width' => '1.5',
            'form.inlay_thickness' => '0.6', 'form.inlay_depth' => '0.5', 'form.rounded' => 'US 6 1/2']);
        $answers = $this->getJson("/api/jobs/{$job->number}?station=form")->assertOk()->json('answers');
        $value = static fn (string $use, string $result): mixed => $answers[$use]['results'][$result]['value'];
        expect($value('strip.length', 'length'))
            ->toEqualWithDelta(62.694, 5e-4)->and($value('stock.cut', 'used'))->toEqualWithDelta(85.9, 1e-9)
            ->and($value('plate.cut', 'makes'))->toEqual(4)
            ->and(count($answers['form.divide']['results']['lines']['value']))
            ->toBe(2)->and($value('anneal.passes', 'anneals'))->toEqual(2)->and($value('anneal.bend', 'anneals'))
            ->toEqual(1)
            ->and($value('inlay.fit', 'length'))
            ->toEqualWithDelta(M_PI * (17.3196 + 4 - 1 + 0.6), 1e-3)->and($value('size.rounded', 'method'))
            ->toBe('stretch');
    });

it('logs stretch tests, compares the two and says what all of them teach', function (): void {
    $sample = ['form' => 'chip', 'grade' => 'silver-hard', 'start' => 'US 5', 'broken' => 'US 9', 'where' => 'metal'];
    $wrong = $this->postJson('/api/stretch-tests', ['samples' => [$sample]])->assertStatus(422);
    expect($wrong->json('errors'))->toHaveKey('samples');
    $this->postJson('/api/stretch-tests', ['samples' => [$sample, [...$sample, 'broken' => '40']]])->assertStatus(422);
    $this->postJson(
        '/api/stretch-tests',
        [
            'samples' => [
                ['start' => 50, 'broken' => 54] + $sample,
                ['form' => 'paste', 'start' => 50, 'broken' => 51.5, 'where' => 'joint'] + $sample,
            ],
            'note' => 'same strip',
        ],
    )->assertCreated();
    $log = $this->postJson(
        '/api/stretch-tests',
        [
            'samples' => [
                ['start' => 50, 'broken' => 53] + $sample,
                ['form' => 'paste', 'start' => 50, 'broken' => 52.5, 'where' => 'joint'] + $sample,
            ],
        ],
    )->assertCreated();
    expect($log->json('learned'))->toEqual([
        ['form' => 'chip', 'grade' => 'silver-hard', 'samples' => 2, 'strain' => 0.07, 'at_joint' => 0],
        ['form' => 'paste', 'grade' => 'silver-hard', 'samples' => 2, 'strain' => 0.04, 'at_joint' => 2],
    ])->and($log->json('tests.1.answer.results.stronger.value'))->toBe('first');
    $this->deleteJson('/api/stretch-tests/'.StretchTest::query()->firstOrFail()->id)->assertOk();
    expect(StretchTest::query()->count())->toBe(1);
});

it('takes a joint out of the middle, moves the rest up, and puts it back on undo', function (): void {
    $job = bench(
        [
            'parts.0.id' => 'a', 'parts.1.id' => 'b', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, b',
            'joints.1.id' => 'y', 'joints.1.parts' => 'a, a', 'joints.1.gap' => '0.05', 'joints.2.id' => 'z',
            'joints.2.parts' => 'b, b',
        ],
    );
    $ids = static fn (): array => array_column(array_column($job->refresh()->held()->list('joints'), 'id'), 'value');
    $this->postJson("/api/jobs/{$job->number}/rows/joints/1/out", ['station' => 'join'])
        ->assertOk()->assertJsonPath('page.station', 'join');
    expect($ids())->toBe(['x', 'z'])->and($job->held()->list('joints')[1])->not->toHaveKey('gap');
    $this->postJson("/api/jobs/{$job->number}/undo", ['station' => 'join'])->assertOk();
    expect($ids())->toBe(['x', 'y', 'z'])->and($job->held()->list('joints')[1]['gap']['value'])->toEqual(0.05);
    $this->postJson("/api/jobs/{$job->number}/rows/joints/3/out")->assertStatus(422);
    $this->postJson("/api/jobs/{$job->number}/rows/castings/0/out")->assertStatus(422);
});

it('makes a job like one that is done, without what was measured or promised', function (): void {
    $job = bench(
        [
            'form.rounded' => 'US 7', 'finish.finish' => 'satin', 'finish.mass_before' => '5',
            'handover.mark' => 'struck', 'handover.tight' => true, 'join.old_solder' => 'clean',
            'parts.0.id' => 'shank', 'parts.0.mass' => '4', 'parts.1.id' => 'bezel', 'joints.0.id' => 'on',
            'joints.0.parts' => 'shank, bezel', 'joints.0.gap' => '0.05', 'joints.0.outcome' => 'flowed',
        ],
    );
    $number = $this->postJson("/api/jobs/{$job->number}/like", [])->assertCreated()->json('number');
    $held = Job::query()->where('number', $number)->firstOrFail()->held();
    expect($held->decision('finish.finish'))
        ->toBe('satin')->and($held->list('joints'))->toHaveCount(1)->and(array_keys($held->list('joints')[0]))
        ->toBe(['id', 'key', 'parts'])->and($held->list('parts')[0])->not->toHaveKey('mass');
    foreach (['form.rounded', 'finish.mass_before', 'handover.mark', 'handover.tight', 'join.old_solder'] as $path) {
        expect($held->decision($path))->toBeNull($path);
    }
});

it('goes out as a file with its parts and joints, and comes back the same', function (): void {
    $job = bench(
        [
            'parts.0.id' => 'shank', 'parts.1.id' => 'bezel', 'joints.0.id' => 'on', 'joints.0.parts' => 'shank, bezel',
            'joints.0.guard' => true, 'cuts.0.length' => '12', 'join.solders' => 'silver-hard, silver-easy',
            'finish.grits' => '220, 400', 'stones.0.in_fire' => true,
        ],
    );
    $file = (string) $this->get("/api/jobs/{$job->number}/file")->assertOk()->getContent();
    $this->import($file, sameClient: false)->assertStatus(409)->assertJsonPath('known.name', 'Oda Brannick');
    expect(Job::query()->count())->toBe(1);
    $this->import($file)->assertCreated();
    $held = Job::query()->orderByDesc('id')->firstOrFail()->held();
    foreach (['parts', 'joints', 'cuts', 'stones'] as $list) {
        expect($held->list($list))->toEqual($job->held()->list($list), $list);
    }
    expect($held->map('decisions'))
        ->toEqual($job->held()->map('decisions'))->and($held->decision('join.solders'))
        ->toBe(['silver-hard', 'silver-easy'])->and($held->decision('finish.grits'))->toEqual([220, 400]);
    $broken = str_replace('"shank, bezel"', '"shank, bezel", "colour": 1', $file);
    $this->import($broken)->assertStatus(422);
});

it('proposes what each way of making needs', function (array $with, array $parts, array $joints): void {
    $answer = $this->postJson('/api/jobs/'.bench($with)->number.'/assembly')->assertOk();
    expect(array_column(array_column($answer->json('document.parts'), 'id'), 'value'))
        ->toBe($parts)->and(array_column(array_column($answer->json('document.joints'), 'id'), 'value'))->toBe($joints)
        ->and($answer->json('errors'))->not->toHaveKey('join.plan');
})->with([
    'claws in a head that is soldered on' => [
        ['settings.0.style' => 'claws', 'settings.0.made' => 'apart'], ['shank', 'head'],
        ['claws in head', 'head on shank'],
    ],
    'a tube' => [
        ['settings.0.style' => 'tube', 'settings.0.made' => 'apart'], ['shank', 'collet'], ['collet on shank'],
    ],
    'made by hand with a bezel' => [
        ['brief.kind' => 'fabricated'], ['shank', 'bezel'], ['shank seam', 'bezel seam', 'bezel on shank'],
    ],
    'made by hand with a plate' => [
        [
            'brief.kind' => 'fabricated', 'settings.0.style' => 'flush', 'form.plate' => 'plate',
            'form.plate_width' => '8', 'form.sheet_width' => '30', 'form.sheet_length' => '30',
            'form.sheet_thickness' => '1',
        ],
        ['shank', 'plate'], ['shank seam', 'plate on shank'],
    ],
    'an inlay' => [
        [
            'brief.kind' => 'fabricated', 'settings.0.style' => 'flush', 'form.inlay_width' => '1.5',
            'form.inlay_thickness' => '0.6', 'form.inlay_depth' => '0.5',
        ],
        ['shank', 'inlay'], ['shank seam', 'inlay seam', 'inlay in band'],
    ],
    'a piece let in' => [
        ['brief.kind' => 'sizing', 'sizing.from' => 'US 4', 'sizing.width' => '3', 'sizing.thickness' => '2'],
        ['ring', 'insert'], ['left of insert', 'right of insert'],
    ],
    'a piece taken out' => [
        ['brief.kind' => 'sizing', 'sizing.from' => 'US 11', 'sizing.width' => '3', 'sizing.thickness' => '2'],
        ['ring'], ['closing'],
    ],
]);

it('draws each station of the bench, and gives it out at life size', function (
    string $station, string $view, array $with,
): void {
    $job = bench($with);
    $page = $this->getJson("/api/jobs/{$job->number}?station={$station}")->assertOk()->json('page');
    expect(array_column($page['views'], 'name'))->toContain($view);
    $drawn = collect($page['views'])->firstWhere('name', $view);
    [$x, $y, $wide, $high] = $drawn['box'];
    foreach ($drawn['dimensions'] as $dimension) {
        expect($dimension['at'][0])
            ->toBeGreaterThanOrEqual($x)->toBeLessThanOrEqual($x + $wide)->and($dimension['at'][1])
            ->toBeGreaterThanOrEqual($y)->toBeLessThanOrEqual($y + $high, $dimension['name']);
    }
    expect(array_column($drawn['dimensions'], 'kind'))->toContain('input')->toContain('result');
    $this->get("/api/jobs/{$job->number}/drawings/{$view}.svg")->assertOk()->assertSee('<svg', false);
    $this->get("/api/jobs/{$job->number}/drawings/{$view}.dxf")->assertOk()->assertSee('ENTITIES');
})->with([
    'form' => ['form', 'strip', ['brief.kind' => 'fabricated', 'form.stock_length' => '100']],
    'sizing' => [
        'sizing', 'sizing',
        ['brief.kind' => 'sizing', 'sizing.from' => 'US 4', 'sizing.width' => '3', 'sizing.thickness' => '2'],
    ],
    'sizing, bent' => [
        'sizing', 'sizing',
        ['brief.kind' => 'sizing', 'sizing.from' => 'US 6 1/2', 'sizing.width' => '3', 'sizing.thickness' => '2'],
    ],
    'join' => [
        'join', 'joints',
        [
            'parts.0.id' => 'a', 'parts.1.id' => 'b', 'parts.2.id' => 'c', 'joints.0.id' => 'x',
            'joints.0.parts' => 'a, b', 'joints.1.id' => 'y', 'joints.1.parts' => 'a, b', 'joints.2.id' => 'z',
            'joints.2.parts' => 'c, c',
        ],
    ],
    'set' => ['set', 'push', ['set.count' => '12']],
    'finish' => ['finish', 'finish', ['finish.mass_before' => '5', 'finish.mass_after' => '4.8']],
    'hand over' => ['handover', 'handover', ['handover.piece_mass' => '5', 'handover.size_measured' => 'US 7']],
]);

it('keeps a signed bench station to what it was signed with, and says what drifted', function (): void {
    $job = bench(
        [
            'parts.0.id' => 'a', 'parts.1.id' => 'b', 'joints.0.id' => 'x', 'joints.0.parts' => 'a, b',
            'joints.1.id' => 'y', 'joints.1.parts' => 'a, b',
        ],
    );
    $this->sign($job, 'join')->assertOk();
    $stations = typed($job, ['joints.2.id' => 'z', 'joints.2.parts' => 'b, b'])->json('stations');
    $drift = collect(collect($stations)->firstWhere('name', 'join')['drift'])->firstWhere('result', 'fires');
    expect($drift['signed'])->toEqual(2)->and($drift['now'])->toEqual(3);
});

it('reads a list of words however it is given, and says what it does not know', function (
    mixed $typed, mixed $kept,
): void {
    $job = bench();
    $answer = $this->postJson(
        "/api/jobs/{$job->number}/changes",
        ['changes' => [['path' => 'join.solders', 'from' => null, 'to' => $typed]], 'station' => 'join'],
    );
    if ($kept === null) {
        expect($answer->assertStatus(422)->json('errors'))->toHaveKey('join.solders');
    } else {
        $answer->assertOk();
        expect($job->refresh()->held()->decision('join.solders'))->toBe($kept);
    }
})->with(
    [
        ['silver-hard', ['silver-hard']], ['silver-hard,silver-easy', ['silver-hard', 'silver-easy']],
        [' silver-hard , , silver-easy ', ['silver-hard', 'silver-easy']], [['silver-hard'], ['silver-hard']],
        ['tin', null], [17, null], [['silver-hard', 'tin'], null],
    ],
);

it('reckons anew what an earlier version remembered in words that this one does not read', function (): void {
    $job = Job::factory()->ring()->create();
    $plain = $this->getJson("/api/jobs/{$job->number}?station=burnout")->assertOk()->json('answers');
    expect($plain)->toHaveKey('burnout.core');
    Cache::swap(new class(Cache::getFacadeRoot())
    {
        public function __construct(private readonly CacheManager $kept) {}

        /** @param list<mixed> $asked */
        public function __call(string $how, array $asked): mixed
        {
            return $how === 'get' && str_starts_with((string) $asked[0], 'sheet.')
                ? throw new Error('Cannot create dynamic property') : $this->kept->{$how}(...$asked);
        }
    });
    expect($this->getJson("/api/jobs/{$job->number}?station=burnout")->assertOk()->json('answers'))->toEqual($plain);
});
