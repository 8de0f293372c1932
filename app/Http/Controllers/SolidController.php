<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeList;
use App\Models\Job;
use App\Solid\SolidAnswer;
use App\Solid\SolidFile;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\PieceSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\SolidTold;
use HotSprue\Solid\Stage;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;

/** A job's piece as a solid: to be turned on the screen, and as a file. */
final class SolidController
{
    /** With what is being typed: a wider band is wider at once. Keeps nothing. */
    public function show(ChangeList $request, Job $job): JsonResponse
    {
        $asked = $request->validate([
            'stage' => ['sometimes', Rule::enum(Stage::class)], 'fine' => 'sometimes|boolean',
        ]);
        $stage = Stage::from($asked['stage'] ?? 'finished');
        $answers = JobAnswers::of(JobController::laidOver($request, $job), $job->settings());
        $fineness = ($asked['fine'] ?? false) ? Fineness::File : Fineness::Look;
        $parts = PieceSolid::parts($answers, $stage, $fineness);

        return new JsonResponse(SolidAnswer::of(
            $parts, $stage->value, SolidTold::words($parts, $stage, PieceSolid::wanted($answers, $stage)),
        ));
    }

    public function file(Job $job, string $stage, string $kind): Response
    {
        $stage = Stage::tryFrom($stage) ?? abort(404, 'There is no such stage.');
        $bytes = SolidFile::bytes(
            JobAnswers::of($job->held(), $job->settings()), $stage, $kind,
            "job {$job->number}, {$job->title}, {$stage->label()}",
        ) ?? abort(404, 'There is no piece to show yet: say its size and its section first.');
        $name = SolidFile::name($job->number, $stage, $kind);

        return new Response($bytes, 200, [
            'Content-Type' => SolidFile::TYPES[$kind],
            'Content-Disposition' => $kind === 'png' ? 'inline' : "attachment; filename=\"{$name}\"",
        ]);
    }
}
