<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobAnswer;
use App\Bench\JobKeeper;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Job\Change;
use HotSprue\Job\Station;
use HotSprue\Sheet\BadInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A row taken out of a job's list; those after it move up. Waxes and castings stay: they are history. */
final class RowController
{
    public const LISTS = ['stones', 'cuts', 'parts', 'joints'];

    public function __invoke(Request $request, Job $job, string $group, int $index, JobKeeper $keeper): JsonResponse
    {
        $rows = $job->held()->list($group);
        if (! in_array($group, self::LISTS, true) || ! isset($rows[$index])) {
            throw BadInput::field($group, 'There is no such row to take out.');
        }
        $changes = [];
        for ($at = $index; $at < count($rows); $at++) {
            $changes[] = new Change("{$group}.{$at}", $rows[$at], $rows[$at + 1] ?? null);
        }
        $person = Person::at($request);
        $job = $keeper->store($job, $changes, $person)->loadMissing(['client', 'rulebook']);

        return new JsonResponse((new JobAnswer($job, $job->held(), Station::tryFrom($request->string('station')->toString()) ?? Station::from($job->station)))->toArray());
    }
}
