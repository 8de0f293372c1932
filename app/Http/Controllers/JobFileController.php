<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\JobFile;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Fields\BadInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A job out as a file, and in again. */
final readonly class JobFileController
{
    public function __construct(private JobFile $file) {}

    public function json(Job $job): Response
    {
        $job->load(['client', 'rulebook']);

        return new Response(
            $this->file->json($job), 200,
            [
                'Content-Type' => 'application/json',
                'Content-Disposition' => "attachment; filename=\"job-{$job->number}.json\"",
            ],
        );
    }

    public function zip(Job $job): BinaryFileResponse
    {
        $job->load(['client', 'rulebook']);

        return (new BinaryFileResponse(
            $this->file->zip($job), 200,
            [
                'Content-Type' => 'application/zip',
                'Content-Disposition' => "attachment; filename=\"job-{$job->number}.zip\"",
            ],
        ))->deleteFileAfterSend();
    }

    /** @throws BadInput */
    public function import(Request $request): JsonResponse
    {
        $upload = $request->file('file');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            throw BadInput::field('file', 'A job file (.json or .zip) up to 25 MB is accepted.');
        }
        $same = $request->boolean('same_client');

        return new JsonResponse(
            ['number' => $this->file->import($upload->getPathname(), $same, Person::at($request))->number], 201,
        );
    }
}
