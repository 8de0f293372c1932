<?php

declare(strict_types=1);

use App\Bench\JobAnswer;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Person;
use App\Models\Rehearsal;
use App\Rehearsals\HeatLesson;
use HotSprue\Calculation\Finding;
use HotSprue\Calculation\Level;
use HotSprue\Job\Station;

it('tells of castings, weights and metal that make sense', function (): void {
    Person::query()->delete();
    demoWorkshop();
    $cast = 0;
    foreach (Job::query()->with('rulebook')->orderBy('number')->get() as $job) {
        $reckoned = (new JobAnswer($job, $job->held(), Station::Pour))->answers();
        $codes = static fn (string $use): array => array_map(
            static fn (Finding $finding): string => $finding->code, $reckoned->answer($use)->findings ?? [],
        );
        $what = "{$job->number} {$job->title}";
        expect(array_filter(array_map($reckoned->errors(...), $reckoned->uses())))->toBe([], $what);
        if ($reckoned->answer('cast.check') !== null) {
            $cast++;
            expect(abs((float) $reckoned->value('cast.check', 'light_share')))->toBeLessThan(0.03, $what)
                ->and($codes('cast.check'))
                ->toBe([], $what)->and($codes('metal.charge'))->not->toContain('charge-short')
                ->not->toContain('weighed-off-drawing');
        }
        // What was handed over weighs what it was cast and finished at.
        if (is_numeric($reckoned->value('hand.over', 'metal_mass'))
            && $job->held()->decision('finish.mass_after') !== null) {
            expect((float) $reckoned->value('hand.over', 'metal_mass'))->toEqualWithDelta(
                (float) $job->held()->decision('finish.mass_after'), 0.02, $what,
            );
        }
        // Nothing of a piece that has gone stands in the account.
        if ($job->state === 'delivered') {
            expect(
                (int) Lot::query()->where('job_id', $job->id)->where('kind', 'piece')->sum('mass_mg'),
            )->toBe(0, $what);
        }
        foreach (['size.fit', 'form.band', 'wax.dimensions', 'hand.over'] as $use) {
            expect(
                array_filter(
                    $reckoned->answer($use)->findings ?? [],
                    static fn (Finding $finding): bool => $finding->level === Level::Stop
                        && $finding->code !== 'mark-unasked',
                ),
            )->toBe([], "{$what} {$use}");
        }
    }
    expect($cast)->toBeGreaterThan(25)
        ->and((int) DB::table('postings')->sum('milligrams'))->toBe((int) Lot::query()->sum('mass_mg'));
});

it('brings every heat of the demo to flow in a good hand, as Join has planned it', function (): void {
    Person::query()->delete();
    demoWorkshop();
    $heats = 0;
    foreach (Job::query()->with('rulebook', 'client')->orderBy('number')->get() as $job) {
        $planned = (new JobAnswer($job, $job->held(), Station::Join))->answers()->value('join.plan', 'heats');
        foreach (is_array($planned) ? $planned : [] as $heat) {
            $lesson = HeatLesson::named("job-{$job->number}-{$heat['number']}");
            $played = $lesson->played($lesson->torch(), $lesson->shown($lesson->torch()));
            expect($played->judgement()->outcome->value)->toBe('flowed', $lesson->title);
            $heats++;
        }
    }
    expect($heats)->toBeGreaterThan(3);
    // What was rehearsed there came of its own moves: a first one melted, and better since.
    $kept = Rehearsal::query()->orderBy('id')->get();
    expect($kept->pluck('outcome')->all())->toBe(['melted', 'flowed', 'balled', 'tipped', 'level', 'flowed'])
        ->and($kept->pluck('lesson')->unique()->values()->all())->toBe([
            'ring-seam', 'collet-on-shank', 'push-6', 'near-a-first',
        ]);
});
