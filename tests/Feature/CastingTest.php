<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use Illuminate\Support\Facades\DB;

/** A job past Wax, ready to be invested. */
function waxed(string $alloy = 'sterling-925', string $title = 'plain band'): Job
{
    $job = Job::factory()
        ->holding(
            [
                'brief.title' => $title, 'brief.finger' => 'US 7', 'brief.alloy' => $alloy, 'form.width_top' => '3',
                'form.thickness_top' => '1.8',
            ],
        )
        ->create();
    foreach (['brief', 'form', 'stones', 'wax'] as $station) {
        test()->postJson("/api/jobs/{$job->number}/stations/{$station}", ['state' => 'not-needed'])->assertOk();
    }

    return $job;
}

/** @param list<list<int>> $flasks */
function planned(array $flasks): Run
{
    return Run::query()->findOrFail(
        test()
            ->postJson('/api/casting', ['flasks' => $flasks, 'ready_at' => '2026-12-01T14:00'])->assertCreated()
            ->json('id'),
    );
}

it('proposes who shares a flask, plans a run that pours in falling order, and takes no job twice', function (): void {
    [$a, $b, $c] = [waxed(), waxed(), waxed('18k-white-nickel')];
    $proposal = $this->getJson('/api/casting')->assertOk()->json('proposal');
    expect($proposal['flasks'])
        ->toBe([[$a->number, $b->number], [$c->number]])->and($proposal['apart'][0]['why'])
        ->toContain('18k white nickel');
    $this->postJson('/api/casting', ['flasks' => [[$a->number, $c->number]]])
        ->assertStatus(422)
        ->assertJsonPath('errors', fn (array $errors): bool => str_contains(reset($errors)[0], 'cannot share'));
    $this->postJson('/api/casting', ['flasks' => [[999]]])->assertStatus(422);
    $run = planned($proposal['flasks']);
    $shown = $this->getJson("/api/casting/{$run->id}")->assertOk();
    // The white gold wants 560 °C, the silver 480: a stage more, falling 80 at 3 a minute and 20 of waiting.
    $stages = $shown->json('stages');
    expect(array_column($shown->json('flask_rows'), 'pour_c'))
        ->toEqual([560, 480])->and(end($stages)['to'])->toEqual(480)->and(end($stages)['minutes'])
        ->toEqualWithDelta(80 / 3 + 20, 1e-9)
        ->and($shown->json('view.shapes'))->not->toBe([])->and($shown->json('core.above_620_min'))->toBeGreaterThan(60);
    $length = array_sum(array_column($stages, 'minutes'));
    expect($shown->json('start_at'))->toBe(
        Illuminate\Support\Carbon::parse('2026-12-01T14:00')->subMinutes((int) ceil($length))->toIso8601String(),
    );
    expect($this->getJson('/api/casting')->json('proposal.flasks'))->toBe([]);
});

it('goes step by step, each timed, and takes back what was tapped by mistake', function (): void {
    $run = planned([[waxed()->number]]);
    $flask = $run->flasks()->firstOrFail();
    $step = fn (string $name, bool $done = true) => $this->postJson(
        "/api/flasks/{$flask->id}/step", ['step' => $name, 'done' => $done],
    );
    $step('load')->assertStatus(409);
    foreach (['invest', 'stand', 'load', 'burn'] as $name) {
        $step($name)->assertOk();
    }
    expect($flask->refresh()->steps['load']['by'])->toBe('Maren');
    $step('stand', false)->assertOk();
    expect(array_keys($flask->refresh()->steps))->toBe(['invest']);
    foreach (['stand', 'load', 'burn'] as $name) {
        $step($name)->assertOk();
    }
    // Not before the safety list is ticked.
    $step('pour')->assertStatus(409);
    foreach (range(0, 7) as $what) {
        $this->postJson("/api/flasks/{$flask->id}/tick", ['what' => $what, 'done' => true])->assertOk();
    }
    $step('pour')->assertOk();
    expect($this->getJson("/api/casting/{$run->id}")->json('flask_rows.0.done.pour.by'))->toBe('Maren');
});

it('logs the kiln, raises an alarm that stays until it is answered, and shows it in the head of '
    .'every page', function (): void {
        $run = planned([[waxed()->number]]);
        $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'on'])->assertOk();
        $other = planned([[waxed()->number]]);
        $this->postJson("/api/casting/{$other->id}/kiln", ['do' => 'on'])->assertStatus(409);
        for ($i = 0; $i < 90; $i++) {
            $this->travel(1)->minutes();
            if ($i === 69) {
                $this->postJson("/api/casting/{$run->id}/fault", ['kind' => 'power', 'on' => true])->assertOk();
            }
            $this->artisan('sprue:watch', ['--once' => true]);
        }
        expect(DB::table('kiln_log')->where('run_id', $run->id)->count())->toBe(91);
        $shown = $this->getJson("/api/casting/{$run->id}");
        $alarm = collect($shown->json('alarms'))->firstWhere('code', 'behind');
        expect($alarm['answered_at'])->toBeNull()
            ->and($shown->json('kiln_c'))->toBeLessThan($shown->json('planned_c') - 40)
            ->and($this->getJson('/api/bench')->json('kiln'))->toMatchArray(['run' => $run->id, 'alarms' => 1]);
        $this->travel(5)->minutes();
        $this->artisan('sprue:watch', ['--once' => true]);
        expect($this->getJson('/api/bench')->json('kiln.alarms'))->toBe(1);
        $this->postJson("/api/casting/{$run->id}/alarms/{$alarm['id']}")->assertOk();
        expect($this->getJson('/api/bench')->json('kiln.alarms'))->toBe(0);
    });

it('goes on after a restart with the gap shown and nothing lost', function (): void {
    $run = planned([[waxed()->number]]);
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'on'])->assertOk();
    for ($i = 0; $i < 10; $i++) {
        $this->travel(1)->minutes();
        $this->artisan('sprue:watch', ['--once' => true]);
    }
    // Nobody watches for 40 minutes; the kiln burns on.
    $this->travel(40)->minutes();
    $this->artisan('sprue:watch', ['--once' => true]);
    $shown = $this->getJson("/api/casting/{$run->id}");
    expect($shown->json('gaps'))
        ->toEqual([['from' => 10, 'to' => 50]])->and($shown->json('log.0'))->toBeNull()
        ->and(DB::table('kiln_log')->count())->toBe(12)
        ->and($shown->json('minute'))->toEqualWithDelta(50, 0.1)->and($shown->json('kiln_c'))->toEqualWithDelta(149, 5);
});

it('goes faster without making up what has passed, and is switched off once', function (): void {
    $run = planned([[waxed()->number]]);
    $this->postJson("/api/casting/{$run->id}/fault", ['kind' => 'door', 'on' => true])->assertStatus(409);
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'on'])->assertOk();
    $this->travel(30)->minutes();
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'speed', 'speed' => 60])
        ->assertOk()->assertJsonPath('speed', 60);
    expect($this->getJson("/api/casting/{$run->id}")->json('minute'))->toEqualWithDelta(30, 0.2);
    $this->travel(1)->minutes();
    expect($this->getJson("/api/casting/{$run->id}")->json('minute'))->toEqualWithDelta(90, 0.5);
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'speed', 'speed' => 7])->assertStatus(422);
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'off'])->assertOk()->assertJsonPath('state', 'over');
    $this->travel(10)->minutes();
    expect($this->getJson("/api/casting/{$run->id}")->json('minute'))
        ->toEqualWithDelta(90, 0.5)->and($this->getJson('/api/bench')->json('kiln'))->toBeNull();
});

it('fills against freezing at the job’s own Pour, with the core’s heat', function (): void {
    $job = waxed();
    $answers = $this->getJson("/api/jobs/{$job->number}?station=pour")->json('answers');
    $inputs = $this->getJson("/api/jobs/{$job->number}?station=pour")->json('inputs');
    expect($inputs['pour.fill']['flask_temperature']['value'])
        ->toBe($answers['burnout.core']['results']['core_at_pour']['value'])
        ->and($answers['pour.fill']['results']['fill_share']['value'])->toBeLessThan(0.25);
});

it('walks three flasks of four jobs through a power cut to weighed castings and a balanced account', function (): void {
    $alloys = ['sterling-925', 'sterling-925', '18k-white-nickel', '14k-rose'];
    $jobs = array_map(static fn (string $alloy): Job => waxed($alloy), $alloys);
    $lots = [];
    foreach (array_unique($alloys) as $alloy) {
        $this->postJson('/api/metal', ['alloy' => $alloy, 'mass' => '60 g'])->assertCreated();
        $lots[$alloy] = App\Models\Lot::query()->where('alloy', $alloy)->firstOrFail()->id;
    }
    $proposed = $this->getJson('/api/casting')->json('proposal.flasks');
    expect($proposed)->toHaveCount(3);
    $run = planned($proposed);
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'on'])->assertOk();
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'speed', 'speed' => 60])->assertOk();
    $length = array_sum(array_column($this->getJson("/api/casting/{$run->id}")->json('stages'), 'minutes'));
    // A second is a minute; the power is off for 40 of them from the 70th.
    for ($second = 1; $second <= $length; $second++) {
        $this->travel(1)->seconds();
        if (in_array($second, [70, 110], true)) {
            $this->postJson("/api/casting/{$run->id}/fault", ['kind' => 'power', 'on' => $second === 70])->assertOk();
        }
        $this->artisan('sprue:watch', ['--once' => true]);
    }
    $shown = $this->getJson("/api/casting/{$run->id}");
    $rows = $shown->json('flask_rows');
    $alarm = collect($shown->json('alarms'))->firstWhere('code', 'behind');
    expect($alarm['minute'])
        ->toBeGreaterThan(70)->toBeLessThan(110)->and(array_column($rows, 'pour_c'))
        ->toBe(collect($rows)->pluck('pour_c')->sortDesc()->values()->all())
        ->and($shown->json('kiln_c'))->toEqualWithDelta(end($rows)['pour_c'], 15);
    $this->postJson("/api/casting/{$run->id}/alarms/{$alarm['id']}")->assertOk();

    foreach ($rows as $flask) {
        foreach (['invest', 'stand', 'load', 'burn'] as $step) {
            $this->postJson("/api/flasks/{$flask['id']}/step", ['step' => $step, 'done' => true])->assertOk();
        }
        foreach (array_keys($shown->json('safety')) as $what) {
            $this->postJson("/api/flasks/{$flask['id']}/tick", ['what' => $what, 'done' => true])->assertOk();
        }
        foreach (['pour', 'cool', 'quench', 'clean'] as $step) {
            $this->postJson("/api/flasks/{$flask['id']}/step", ['step' => $step, 'done' => true])->assertOk();
        }
    }
    foreach ($jobs as $index => $job) {
        $this->postJson(
            "/api/jobs/{$job->number}/charge",
            ['lots' => [['lot' => $lots[$alloys[$index]], 'mass' => '14 g']], 'casting' => '8.6', 'button' => '5.35'],
        )->assertCreated();
        expect($job->refresh()->held()->list('castings')[0]['casting_mass']['value'])->toEqual(8.6);
    }
    $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'off'])->assertOk()->assertJsonPath('state', 'over');
    // 180 g came in; four charges each lost 0.05 g between the crucible and the balance.
    $statement = collect($this->getJson('/api/metal?by=alloy')->json('statement'));
    expect($statement->sum('now_mg'))
        ->toBe(180000 - 4 * 50)->and((int) DB::table('movements')->sum('loss_mg'))->toBe(200)
        ->and((int) DB::table('postings')->sum('milligrams'))->toBe((int) DB::table('lots')->sum('mass_mg'))
        ->and($statement->firstWhere('of', 'sterling-925')['fine_mg'])->toEqualWithDelta(59900 * 0.925, 1e-6);
});

it('mixes one figure of powder for a flask: on the run, on each of its jobs and on paper', function (): void {
    [$one, $other] = [waxed(), waxed('sterling-925', 'second')];
    $edit = fn (Job $job, array $changes) => test()->postJson("/api/jobs/{$job->number}/changes", [
        'changes' => array_map(
            static fn (string $path, string $to): array => ['path' => $path, 'from' => null, 'to' => $to],
            array_keys($changes), $changes,
        ),
    ])->assertOk();
    $edit($one, ['attempts.0.wax_mass' => '0.62 g', 'attempts.0.weighed' => 'pattern', 'tree.water_per_100' => '42']);
    $mix = static fn (Job $job): array => test()
        ->getJson("/api/jobs/{$job->number}?station=tree")->assertOk()->json('answers')['investment.mix'];
    $powder = static fn (Job $job): float => $mix($job)['results']['powder_mass']['value'];
    $volume = static fn (Job $job): float => test()
        ->getJson("/api/jobs/{$job->number}?station=tree")
        ->json('answers')['metal.charge']['results']['pattern_volume_mm3']['value'];
    $run = planned([[$one->number, $other->number]]);
    $flask = $run->flasks()->firstOrFail();
    // Both patterns out of the run's flask, by the first job's water: 42 ml to 100 g, 5 % over.
    $slurry = (M_PI / 4 * $flask->diameter ** 2 * $flask->height - $volume($one) - $volume($other)) * 1.05 / 1000;
    $expected = $slurry / (1 / 2.55 + 0.42);
    $shown = $this->getJson("/api/casting/{$run->id}")->json('flask_rows.0.mix');
    expect($powder($one))->toEqualWithDelta($expected, 1e-6)->and($powder($other))->toEqualWithDelta($expected, 1e-6)
        ->and($shown['powder'])
        ->toEqualWithDelta($expected, 1e-6)->and($shown['water'])->toEqualWithDelta($expected * 0.42, 1e-6);
    // The weighed wax, 0.62 g at 1.00, and its sprues are what the mould holds of the first.
    $sprues = test()
        ->getJson("/api/jobs/{$one->number}?station=tree")
        ->json('answers')['sprue.size']['results']['sprue_volume_mm3']['value'];
    expect($volume($one))->toEqualWithDelta(620 + $sprues, 1e-6);
});

it('mixes for a job of its own by its weighed wax before it stands in a run', function (): void {
    $job = waxed();
    $answers = fn (): array => $this->getJson("/api/jobs/{$job->number}?station=tree")->json('answers');
    $before = $answers();
    $this->postJson(
        "/api/jobs/{$job->number}/changes",
        ['changes' => [['path' => 'attempts.0.wax_mass', 'from' => null, 'to' => '3 g']]],
    )->assertOk();
    $after = $answers();
    $flask = $after['flask.choose']['results'];
    $taken = 3000 + $after['sprue.size']['results']['sprue_volume_mm3']['value'];
    $inside = M_PI / 4 * $flask['flask_diameter']['value'] ** 2 * $flask['flask_height']['value'];
    $slurry = ($inside - $taken) * 1.05 / 1000;
    expect($after['investment.mix']['results']['slurry_ml']['value'])->toEqualWithDelta($slurry, 1e-6)
        ->and($after['investment.mix']['results']['powder_mass']['value'])
        ->toBeLessThan($before['investment.mix']['results']['powder_mass']['value'])
        // Drawn it is 0.36 g: somebody weighed the tree, or another ring.
        ->and(array_column($after['metal.charge']['findings'], 'code'))->toContain('weighed-off-drawing');
});

it('refuses a pour before the flask can have stood, and a kiln that is taken, with the '
    .'earliest hour', function (): void {
        $this->travelTo('2026-03-02 08:00');
        [$one, $other] = [waxed(), waxed('18k-yellow')];
        $plan = fn (Job $job, string $ready) => $this->postJson(
            '/api/casting', ['flasks' => [[$job->number]], 'ready_at' => $ready],
        );
        // Invested now, an hour of standing and the programme: its minutes are what the stages add up to.
        $refused = $plan($one, '2026-03-02T09:00')->assertStatus(422)->json('errors.ready_at.0');
        expect($refused)->toContain('Mon 2 Mar 09:00')->toContain('at the earliest');
        preg_match('/burn (\d+):(\d\d) h: ready at \w+ 2 Mar (\d\d):(\d\d)/', $refused, $found);
        $minutes = 60 * (int) $found[1] + (int) $found[2];
        expect(60 * (int) $found[3] + (int) $found[4])->toBe(9 * 60 + $minutes);
        $earliest = sprintf('2026-03-02T%02d:%02d', $found[3], $found[4]);
        $plan($one, $earliest)->assertCreated();
        // The other wants the same kiln in the same hours.
        $taken = $plan($other, $earliest)->assertStatus(422)->json('errors.ready_at.0');
        expect($taken)->toContain('The kiln is taken by burnout')->toContain('at the earliest');
        $plan($other, '2026-03-04T12:00')->assertCreated();
    });

it('holds a job’s own burnout against the clock until the kiln is on', function (): void {
    $this->travelTo('2026-03-02 08:00');
    $job = waxed();
    $edit = fn (string $path, string $to) => $this->postJson(
        "/api/jobs/{$job->number}/changes",
        [
            'changes' => [['path' => $path, 'from' => $job->refresh()->held()->at($path), 'to' => $to]],
            'station' => 'burnout',
        ],
    )->assertOk();
    $codes = fn (): array => array_column(
        $this->getJson("/api/jobs/{$job->number}?station=burnout")->json('page.findings'), 'code',
    );
    $edit('burnout.ready_at', '2026-03-02T10:00');
    expect($codes())->toContain('switch-on-past');
    $stop = collect(
        $this->getJson("/api/jobs/{$job->number}?station=burnout")->json('page.findings'),
    )->firstWhere('code', 'switch-on-past');
    $edit('burnout.ready_at', $stop['fixes'][0]['value'] ?? $stop['set']['ready_at']);
    expect($codes())->not->toContain('switch-on-past')->not->toContain('not-yet-stood');
    $this->travelTo('2026-03-03 08:00');
    expect($codes())->toContain('switch-on-past');
    $this->postJson("/api/jobs/{$job->number}/stations/burnout", ['state' => 'not-needed'])->assertOk();
    expect($codes())->not->toContain('switch-on-past');
});

it('shows checklist and quench at Pour by the way it is poured, and ends a job’s clocks when '
    .'it leaves', function (): void {
        $job = waxed('14k-rose');
        $page = fn (): array => $this->getJson("/api/jobs/{$job->number}?station=pour")->json('page');
        expect($page()['checklist'])
            ->toHaveCount(8)->toContain('arm balanced')->and($page()['quench'])->toContain('black-hot');
        $this->postJson(
            "/api/jobs/{$job->number}/changes",
            ['changes' => [['path' => 'pour.method', 'from' => null, 'to' => 'hand']], 'station' => 'pour'],
        )->assertOk();
        expect($page()['checklist'])->not->toContain('arm balanced')->toContain('metal rolling and bright');
        expect(
            $this->getJson("/api/jobs/{$job->number}?station=form")->json('page'),
        )->toMatchArray(['checklist' => [], 'quench' => null]);
        $this->postJson(
            '/api/clocks',
            [
                'job' => $job->number, 'label' => 'stand',
                'stages' => [['stage' => 'stand', 'until_min' => 60, 'how' => '']],
            ],
        )->assertCreated();
        $this->postJson(
            '/api/clocks', ['label' => 'tea', 'stages' => [['stage' => 'tea', 'until_min' => 4, 'how' => '']]],
        )->assertCreated();
        $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'delivered'])->assertOk();
        expect(array_column($this->getJson('/api/clocks')->json('clocks'), 'label'))->toBe(['tea']);
    });

it('lets one burnout follow another at once, and none begin a minute before', function (): void {
    $this->travelTo('2026-03-02 08:00');
    [$one, $other] = [waxed(), waxed('18k-yellow')];
    $first = $this->postJson('/api/casting', ['flasks' => [[$one->number]], 'ready_at' => '2026-03-03T12:00'])
        ->assertCreated()->json();
    $plan = fn (Illuminate\Support\Carbon $ready) => $this->postJson(
        '/api/casting', ['flasks' => [[$other->number]], 'ready_at' => $ready->format('Y-m-d\TH:i')],
    );
    // Its own programme: as long as the first's, whose flask is of the same width.
    $minutes = (int) ceil(array_sum(array_column($first['stages'], 'minutes')));
    $after = Illuminate\Support\Carbon::parse('2026-03-03 12:00')->addMinutes($minutes);
    $refused = $plan($after->copy()->subMinute())->assertStatus(422)->json('errors.ready_at.0');
    expect($refused)->toContain("burnout {$first['id']}")->toContain($after->format('D j M H:i'));
    $plan($after)->assertCreated();
});

it('asks nothing of the clock once the kiln is on, and counts the standing from when it '
    .'was invested', function (): void {
        $this->travelTo('2026-03-02 08:00');
        $job = waxed();
        $codes = fn (): array => array_column(
            $this->getJson("/api/jobs/{$job->number}?station=burnout")->json('page.findings'), 'code',
        );
        $ready = fn (string $at) => $this->postJson(
            "/api/jobs/{$job->number}/changes",
            [
                'changes' => [
                    [
                        'path' => 'burnout.ready_at', 'to' => $at,
                        'from' => $job->refresh()->held()->at('burnout.ready_at'),
                    ],
                ],
                'station' => 'burnout',
            ],
        )->assertOk();
        $run = Run::query()->findOrFail(
            $this->postJson('/api/casting', ['flasks' => [[$job->number]], 'ready_at' => '2026-03-02T16:00'])
                ->assertCreated()->json('id'),
        );
        $flask = $run->flasks()->firstOrFail();
        $this->postJson("/api/flasks/{$flask->id}/step", ['step' => 'invest', 'done' => true])->assertOk();
        // Half an hour later half an hour of standing is left: 361 minutes before 15:05 is 9:04.
        $this->travelTo('2026-03-02 08:30');
        $ready('2026-03-02T15:05');
        expect($codes())->not->toContain('not-yet-stood');
        $ready('2026-03-02T14:55');
        expect($codes())->toContain('not-yet-stood');
        $this->postJson("/api/casting/{$run->id}/kiln", ['do' => 'on'])->assertOk();
        expect($codes())->not->toContain('not-yet-stood')->not->toContain('switch-on-past');
    });
