<?php

declare(strict_types=1);

namespace App\Solid;

use App\Models\Job;
use Illuminate\Support\Facades\Cache;

/** How much of a pattern that was sent for a job has been read: asked meanwhile, forgotten after. */
final class PatternProgress
{
    private const SECONDS = 120;

    public static function told(Job $job, float $share): void
    {
        Cache::put(self::key($job), $share, self::SECONDS);
    }

    public static function over(Job $job): void
    {
        Cache::forget(self::key($job));
    }

    /** From nought to one; null where none is being read. */
    public static function of(Job $job): ?float
    {
        $share = Cache::get(self::key($job));

        return is_numeric($share) ? (float) $share : null;
    }

    private static function key(Job $job): string
    {
        return "pattern.{$job->id}";
    }
}
