<?php

declare(strict_types=1);

namespace App\Casting;

use App\Models\Job;
use App\Models\RunFlask;
use HotSprue\Job\InFlask;
use HotSprue\Job\JobAnswers;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\Cache;

/**
 * Where jobs stand in the flasks of casting runs, so that powder, water and heat are one figure for run, job and paper.
 */
final class FlaskPlacement
{
    private const REMEMBERED = 7 * 24 * 3600;

    /** The flask of the last run that a job stands in; null where it is in none. */
    public static function of(Job $job): ?InFlask
    {
        $flask = RunFlask::query()
            ->whereHas('jobs', static fn (Builder $jobs): Builder => $jobs->whereKey($job->getKey()))
            ->with('run')->latest('id')->first();
        if ($flask === null) {
            return null;
        }
        $others = 0.0;
        $jobs = $flask->jobs()->with('rulebook')->orderBy('number')->get();
        foreach ($jobs as $other) {
            $others += $other->is($job) ? 0.0 : self::volume($other);
        }
        [$invested, $fired] = [$flask->steps['invest']['at'] ?? null, $flask->run->started_at !== null];
        // One flask is mixed once: with the water of its first job.
        $first = $jobs->first();

        return $first === null || $first->is($job)
            ? new InFlask($flask->diameter, $flask->height, $others, $invested, $fired)
            : new InFlask(
                $flask->diameter, $flask->height, $others, $invested, $fired,
                self::said($first, 'tree.water_per_100', 'investment.water_per_100'),
                self::said($first, 'tree.overage_percent', 'investment.overage_percent'),
            );
    }

    /** Volume of a job's pattern with its sprues, mm³: by the weighed wax where there is one. */
    private static function volume(Job $job): float
    {
        $key = "pattern.{$job->id}.{$job->version}.{$job->rulebook_id}";

        return (float) Cache::remember($key, self::REMEMBERED, static function () use ($job): float {
            $reckoned = JobAnswers::of($job->held(), $job->settings());
            $weighed = $reckoned->value('metal.charge', 'pattern_volume_mm3');

            return is_numeric($weighed) ? (float) $weighed
                : (float) $reckoned->value(
                    'wax.pattern', 'ring_volume_mm3',
                ) + (float) $reckoned->value('sprue.size', 'sprue_volume_mm3');
        });
    }

    private static function said(Job $job, string $decision, string $rule): float
    {
        $said = $job->held()->decision($decision);

        return is_numeric($said) ? (float) $said : $job->settings()->num($rule);
    }
}
