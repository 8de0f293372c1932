<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobKeeper;
use App\Models\Job;
use App\Models\Person;
use App\Pictures\PictureIntake;
use App\Pictures\Refused;
use HotSprue\Job\Change;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Station;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Sketches and photographs of a job. */
final class PictureController
{
    public function store(Request $request, Job $job, PictureIntake $intake, JobKeeper $keeper): JsonResponse
    {
        $upload = $request->file('picture');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            $tooLarge = $upload instanceof UploadedFile && in_array($upload->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true);

            return $this->refused($tooLarge ? Refused::tooLarge() : Refused::notAPicture());
        }
        try {
            $taken = $intake->take($upload->getPathname());
        } catch (Refused $refused) {
            return $this->refused($refused);
        }
        $person = Person::at($request);
        $about = $request->string('about')->toString();
        $picture = [...$taken, ...(preg_match('/^(('.implode('|', ReadingFields::GROUPS).')\.\d{1,3}|'.implode('|', array_column(Station::cases(), 'value')).')$/', $about) === 1 ? ['about' => $about] : []), 'caption' => mb_substr($request->string('caption')->trim()->toString(), 0, 200), 'by' => $person->name ?? '', 'at' => now()->toIso8601String()];
        $job = $keeper->store($job, [new Change('pictures.'.count($job->held()->list('pictures')), null, $picture)], $person);

        return new JsonResponse(['version' => $job->version, 'pictures' => $job->held()->list('pictures')], 201);
    }

    /** Served as what it was written as, never as anything else. */
    public function show(string $file): BinaryFileResponse
    {
        abort_unless(preg_match('/^[0-9a-f]{40}\.(png|jpg|webp)$/', $file) === 1, 404);
        $path = config('sprue.pictures').'/'.$file;
        abort_unless(is_file($path), 404);
        $kind = ['png' => 'image/png', 'jpg' => 'image/jpeg', 'webp' => 'image/webp'][pathinfo($file, PATHINFO_EXTENSION)];

        return new BinaryFileResponse($path, 200, ['Content-Type' => $kind, 'Content-Disposition' => 'inline', 'Cache-Control' => 'private, max-age=31536000, immutable', 'Content-Security-Policy' => "default-src 'none'"], false);
    }

    private function refused(Refused $refused): JsonResponse
    {
        return new JsonResponse(['errors' => ['picture' => [$refused->getMessage()]]], 422);
    }
}
