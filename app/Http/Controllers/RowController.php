<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobAnswer;
use App\Bench\JobKeeper;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * A row taken out of a job's list, by its key; taken out twice it is out once. Waxes and castings stay: they are
 * history.
 */
final class RowController
{
    public const LISTS = ['stones', 'settings', 'cuts', 'parts', 'joints'];

    public function __invoke(Request $request, Job $job, string $group, string $key, JobKeeper $keeper): JsonResponse
    {
        $request->validate(['station' => 'nullable|string|max:20', 'setting' => 'nullable|string|max:12']);
        $document = $job->held();
        $stands = in_array($group, self::LISTS, true) ? $document->rows($group)->indexOf($key) : null;
        if ($stands === null && ! isset($document->map('gone')["{$group}-{$key}"])) {
            throw BadInput::field('_', 'There is no such row to take out.');
        }
        if ($stands !== null) {
            $job = $keeper->store(
                $job, [new Change("{$group}.{$key}", $document->rows($group)->at($key), null, $stands)],
                Person::at($request),
            );
        }

        return new JsonResponse(JobAnswer::asked($request, $job)->toArray());
    }
}
