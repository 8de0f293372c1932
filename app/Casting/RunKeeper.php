<?php

declare(strict_types=1);

namespace App\Casting;

use App\Bench\WorkshopTime;
use App\Database\WriteTransaction;
use App\Models\Job;
use App\Models\Run;
use App\Models\RunFlask;
use App\Models\Workshop;
use HotSprue\Calculation\Answer;
use HotSprue\Casting\KilnStages;
use HotSprue\Casting\PackedFlask;
use HotSprue\Casting\Sharing;
use HotSprue\Fields\BadInput;
use HotSprue\Job\JobAnswers;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Puts flasks together and plans their burnout.
 *
 * @phpstan-import-type Pattern from PackedFlask
 */
final class RunKeeper
{
    /** @return list<Pattern> jobs with a wax to invest, and not in a run */
    public static function waiting(): array
    {
        $waiting = [];
        $taken = DB::table('flask_jobs')
            ->join('run_flasks', 'run_flasks.id', '=', 'flask_jobs.run_flask_id')
            ->join('runs', 'runs.id', '=', 'run_flasks.run_id')->where('flask_jobs.open', true)
            ->pluck('flask_jobs.job_id');
        $jobs = Job::query()->with('rulebook')->where('state', 'open')
            ->whereIn('station', ['tree', 'burnout', 'pour'])->whereNotIn('id', $taken)
            ->orderByRaw('due_on is null')->orderBy('due_on')->orderBy('number')->limit(40)->get();
        foreach ($jobs as $job) {
            $pattern = self::pattern($job);
            if ($pattern !== null) {
                $waiting[] = $pattern;
            }
        }

        return $waiting;
    }

    /** @return Pattern|null */
    private static function pattern(Job $job): ?array
    {
        $reckoned = JobAnswers::of(
            $job->held(), $job->settings(), static fn (string $key, \Closure $make): Answer => $make(),
        );
        $alloy = $job->held()->text('brief.alloy');
        $pour = $job->held()->decision('burnout.pour_temperature') ?? $reckoned->value(
            'pour.temperatures', 'flask_temperature',
        );
        $across = $reckoned->value('wax.pattern', 'whole_across');
        $tall = $reckoned->value('wax.pattern', 'whole_tall');

        return $alloy === null || ! is_numeric($pour) || ! is_numeric($across) || ! is_numeric($tall) ? null : [
            'number' => $job->number, 'title' => $job->title, 'alloy' => $alloy, 'pour_c' => (float) $pour,
            // A ring with a head reaches farther from base to top than across.
            'across' => max((float) $across, (float) $tall),
            'deep' => (float) $reckoned->value('wax.pattern', 'whole_along'),
            'volume' => (float) $reckoned->value('wax.pattern', 'ring_volume_mm3'),
            'gates' => (float) ($reckoned->value('sprue.size', 'gate_area') ?? 0.0),
        ];
    }

    /**
     * @return array{jobs: list<array<string, mixed>>, flasks: list<list<int>>, apart: list<array{jobs: array{int, int},
     * why: string}>}
     */
    public static function proposal(): array
    {
        $jobs = self::waiting();

        return ['jobs' => $jobs, ...Sharing::propose($jobs)];
    }

    /**
     * @param  list<list<int>>  $flasks  numbers of the jobs in each
     *
     * @throws BadInput when jobs cannot share, do not fit or are not ready
     */
    public static function plan(array $flasks, ?string $readyAt): Run
    {
        return WriteTransaction::take(static fn (): Run => self::planned($flasks, $readyAt));
    }

    /** @param list<list<int>> $flasks */
    private static function planned(array $flasks, ?string $readyAt): Run
    {
        $numbers = array_merge(...$flasks);
        if (count(array_unique($numbers)) !== count($numbers)) {
            throw BadInput::field('flasks', 'A job stands in one flask only.');
        }
        $settings = Workshop::the()->rulebook->settings();
        $known = array_column(self::waiting(), null, 'number');
        $made = [];
        foreach ($flasks as $index => $numbers) {
            $patterns = array_map(
                static fn (int $number): array => $known[$number] ?? throw BadInput::field(
                    "flasks.{$index}", "Job {$number} has no wax to invest, or is in a run already.",
                ),
                $numbers,
            );
            $patterns === [] ?: $made[] = PackedFlask::of($patterns, $settings, "flasks.{$index}");
        }
        if ($made === []) {
            throw BadInput::field('flasks', 'At least one flask with a job is accepted.');
        }
        $made = KilnStages::ordered($made);
        $stages = KilnStages::of($made, $settings);
        $ready = $readyAt === null ? null : Carbon::parse($readyAt, WorkshopTime::zone())->utc();
        if ($ready !== null) {
            KilnSchedule::mustBeFree(
                $ready, (int) ceil(array_sum(array_column($stages, 'minutes'))),
                self::stand(array_merge(...array_map(static fn (PackedFlask $flask): array => $flask->jobs, $made))),
            );
        }
        $run = Run::query()->create(['stages' => $stages, 'events' => [], 'ready_at' => $ready, 'speed' => 1]);
        foreach ($made as $flask) {
            $row = RunFlask::query()->create([
                'run_id' => $run->id, 'steps' => [], 'ticks' => [], 'flask' => $flask->flask,
                'diameter' => $flask->diameter,
                'height' => $flask->height, 'alloy' => $flask->alloy, 'pour_c' => $flask->pour,
            ]);
            $row->jobs()->attach(Job::query()->whereIn('number', $flask->jobs)->pluck('id'));
        }

        return $run;
    }

    /**
     * How long the flasks of these jobs stand, minutes: the longest of them.
     *
     * @param  list<int>  $numbers
     */
    private static function stand(array $numbers): float
    {
        $jobs = Job::query()->with('rulebook')->whereIn('number', $numbers)->get();

        return (float) $jobs->max(static function (Job $job): float {
            $stands = JobAnswers::of($job->held(), $job->settings())->value('investment.mix', 'stand_min');

            return is_numeric($stands) ? (float) $stands : 0.0;
        });
    }
}
