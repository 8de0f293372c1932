<?php

declare(strict_types=1);

namespace App\ClientReview;

use App\Bench\JobAnswer;
use App\Models\Job;
use HotSprue\Drawing\View;
use HotSprue\Job\Station;

/** The drawings of a job that may be offered to its client. */
final class OfferedDrawings
{
    private const STATIONS = [Station::Stones, Station::Form, Station::Wax];

    private const OFFERED = ['head', 'round', 'row', 'row-other-way', 'ring', 'letters'];

    /** @return array<string, View> by name */
    public static function of(Job $job): array
    {
        $views = [];
        foreach (self::STATIONS as $station) {
            foreach ((new JobAnswer($job, $job->held(), $station))->drawings() as [, $view]) {
                if (in_array($view->name, self::OFFERED, true)) {
                    $views[$view->name] ??= $view;
                }
            }
        }

        return $views;
    }
}
