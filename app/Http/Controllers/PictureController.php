<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EntryKind;
use App\Bench\JobKeeper;
use App\Http\Problem;
use App\Models\Job;
use App\Models\Person;
use App\Pictures\PictureIntake;
use App\Pictures\PictureStore;
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
        $asked = $request->validate(
            ['about' => ['nullable', 'string', 'regex:'.self::about()], 'caption' => 'nullable|string|max:200'],
        );
        $upload = $request->file('picture');
        try {
            $taken = $intake->take($this->whole($upload)->getPathname());
        } catch (Refused $refused) {
            return Problem::of(['picture' => [$refused->getMessage()]]);
        }
        $person = Person::at($request);
        $about = array_filter(['about' => $asked['about'] ?? null]);
        $picture = [
            ...$taken, ...$about, 'caption' => trim($asked['caption'] ?? ''), 'by' => $person->name ?? '',
            'at' => now()->toIso8601String(),
        ];
        $job = $keeper->store(
            $job, [new Change('pictures.'.$job->held()->nextKey('pictures'), null, $picture)], $person,
            EntryKind::Picture,
        );

        return new JsonResponse(['version' => $job->version, 'pictures' => $job->held()->list('pictures')], 201);
    }

    public function show(string $file, PictureStore $pictures): BinaryFileResponse
    {
        return $pictures->served($file);
    }

    /** @throws Refused */
    private function whole(mixed $upload): UploadedFile
    {
        if ($upload instanceof UploadedFile && $upload->isValid()) {
            return $upload;
        }
        $tooLarge = $upload instanceof UploadedFile && in_array(
            $upload->getError(), [UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE], true,
        );
        throw $tooLarge ? Refused::tooLarge() : Refused::notAPicture();
    }

    /** What a picture may be of: a station, or a row of a list. */
    private static function about(): string
    {
        return sprintf(
            '/^((%s)\.[a-z0-9]{1,12}|%s)$/D', implode('|', ReadingFields::GROUPS),
            implode('|', array_column(Station::cases(), 'value')),
        );
    }
}
