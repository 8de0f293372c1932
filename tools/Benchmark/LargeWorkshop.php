<?php

declare(strict_types=1);

namespace Tools\Benchmark;

use App\Bench\TodayPage;
use App\Http\Controllers\CastingController;
use App\Http\Controllers\MetalController;
use App\Models\Job;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Pages of a workshop that has gone on for many years, in a database of its own in memory. */
final class LargeWorkshop
{
    private const JOBS = 5_000;

    private const MOVEMENTS = 50_000;

    /** @return iterable<Measured> */
    public static function measure(): iterable
    {
        $job = JobTrials::largest();

        return self::apart(static function () use ($job): iterable {
            Artisan::call('sprue:open', ['--empty' => true]);
            self::jobs($job);
            self::movements();
            $asked = Request::create(
                '/api/metal', parameters: ['by' => 'owner', 'from' => '2024-03-01', 'to' => '2024-09-30'],
            );

            yield Measured::of('Today with 5,000 jobs', 20, static fn () => app(TodayPage::class)->toArray(), 60.0);
            yield Measured::of(
                'Casting with 5,000 jobs', 20, static fn () => app(CastingController::class)->index(), 60.0,
            );
            yield Measured::of(
                'statement over 50,000 movements', 20, static fn () => app(MetalController::class)->index($asked),
                100.0,
            );
        });
    }

    /**
     * @param  Closure(): iterable<Measured>  $work
     * @return iterable<Measured>
     */
    private static function apart(Closure $work): iterable
    {
        $usual = DB::getDefaultConnection();
        config(['database.connections.bench' => ['driver' => 'sqlite', 'database' => ':memory:', 'prefix' => '']]);
        DB::setDefaultConnection('bench');
        try {
            Artisan::call('migrate', ['--force' => true]);

            yield from $work();
        } finally {
            DB::setDefaultConnection($usual);
        }
    }

    private static function jobs(Job $like): void
    {
        $row = [
            ...array_diff_key($like->getAttributes(), ['id' => 1]), 'client_id' => null,
            'rulebook_id' => DB::table('rulebooks')->value('id'),
        ];
        foreach (array_chunk(range(1, self::JOBS), 250) as $numbers) {
            DB::table('jobs')->insert(array_map(
                static fn (int $number): array => [
                    ...$row, 'number' => $number, 'commission' => $number, 'search' => "{$number} band",
                    'due_on' => now()->addDays($number % 400)->toDateString(),
                ],
                $numbers,
            ));
        }
    }

    private static function movements(): void
    {
        $alloy = ['alloy' => 'sterling-925', 'fineness' => 0.925, 'mass_mg' => 0];
        DB::table('lots')->insert(
            array_map(static fn (int $id): array => ['id' => $id, 'name' => "lot {$id}", ...$alloy], range(1, 40)),
        );
        $at = static fn (int $id): string => date('Y-m-d H:i:s', 1_700_000_000 + $id * 600);
        $posting = static fn (int $id, int $lot, int $milligrams): array => [
            'movement_id' => $id, 'lot_id' => $lot, 'milligrams' => $milligrams, 'made_at' => $at($id),
        ];
        foreach (array_chunk(range(1, self::MOVEMENTS), 500) as $ids) {
            DB::table('movements')->insert(
                array_map(static fn (int $id): array => ['id' => $id, 'kind' => 'cut', 'made_at' => $at($id)], $ids),
            );
            DB::table('postings')->insert(array_merge(...array_map(
                static fn (int $id): array => [
                    $posting($id, $id % 40 + 1, -500), $posting($id, ($id + 1) % 40 + 1, 500),
                ],
                $ids,
            )));
        }
    }
}
