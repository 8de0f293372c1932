<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\JobMetal;
use App\Casting\FlaskPlacement;
use App\Models\Job;
use HotSprue\Job\Document;
use HotSprue\Job\InFlask;
use HotSprue\Job\Surroundings;
use Illuminate\Support\Carbon;

/** Looks up what is so of a job outside its document. */
final class JobSurroundings
{
    public static function of(Job $job, Document $document): Surroundings
    {
        $flask = FlaskPlacement::of($job);

        return new Surroundings(
            $flask, $job->client_id === null ? null : JobMetal::left($job)->sum('mass_mg') / 1000,
            self::now($job, $document, $flask),
        );
    }

    /** The clock counts only while the kiln may still be switched on later. */
    private static function now(Job $job, Document $document, ?InFlask $flask): ?string
    {
        $station = $document->map('stations')['burnout'] ?? [];
        $planned = in_array(is_array($station) ? $station['state'] ?? 'open' : 'open', ['open', 'reopened'], true);

        return $job->state === 'open' && $planned && ! ($flask->fired ?? false) ? Carbon::now(WorkshopTime::zone())
            ->startOfMinute()->toIso8601String() : null;
    }
}
