<?php

declare(strict_types=1);

namespace App\Bench;

use App\Account\JobMetal;
use App\Casting\Placing;
use App\Models\Job;
use HotSprue\Job\Surroundings;

/** Looks up what is so of a job outside its document. */
final class Around
{
    public static function of(Job $job): Surroundings
    {
        return new Surroundings(Placing::of($job), $job->client_id === null ? null : JobMetal::left($job)->sum('mass_mg') / 1000);
    }
}
