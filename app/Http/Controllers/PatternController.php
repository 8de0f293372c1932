<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Job;
use App\Solid\PatternFile;
use HotSprue\Job\JobAnswers;
use HotSprue\Solid\BadPattern;
use HotSprue\Solid\PatternFacts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;

/** A pattern made elsewhere: read and measured. What it says is kept by whoever takes it over. */
final class PatternController
{
    public function read(Request $request, Job $job): JsonResponse
    {
        // Whether the file is drawn as large as the wax is to be, or at the finished casting's size.
        $asked = $request->validate(['carries' => 'required|boolean']);
        try {
            $facts = PatternFile::read($this->whole($request->file('file'))->getPathname());
        } catch (BadPattern $bad) {
            return Problem::of(['file' => [$bad->getMessage()]]);
        }
        $grown = $request->boolean('carries') ? 1.0 : $this->grown($job);

        return new JsonResponse([
            'triangles' => $facts->triangles, 'carries' => (bool) $asked['carries'], 'grown' => $grown,
            'bore_wanted' => $this->wanted($job), 'read' => $this->sizes($facts),
            'pattern' => $this->sizes($facts->scaled($grown)),
        ]);
    }

    /** @return array<string, ?float> */
    private function sizes(PatternFacts $facts): array
    {
        return [
            'volume' => round($facts->volume, 3), 'surface' => round($facts->surface, 3),
            'modulus' => round($facts->modulus(), 4), 'across' => round($facts->across(), 3),
            'along' => round($facts->along(), 3), 'tall' => round($facts->tall(), 3),
            'bore' => $facts->bore === null ? null : round($facts->bore, 3),
        ];
    }

    /** Bore of the wax that Form asks for, mm. */
    private function wanted(Job $job): ?float
    {
        $bore = JobAnswers::of($job->held(), $job->settings())->value('wax.dimensions', 'bore');

        return is_numeric($bore) ? round((float) $bore, 3) : null;
    }

    /** How many times the casting its wax is. */
    private function grown(Job $job): float
    {
        $answers = JobAnswers::of($job->held(), $job->settings());
        $process = $job->held()->text('wax.process') ?? 'carved';
        $said = $job->held()->decision('wax.shrinkage');
        $shrinkage = is_numeric($said) ? (float) $said : $answers->settings->num(
            'shrinkage.'.($process === 'clay' ? 'carved' : $process),
        );

        return 1 / (1 - $shrinkage);
    }

    /** @throws BadPattern */
    private function whole(mixed $upload): UploadedFile
    {
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            $isTooLarge = $upload instanceof UploadedFile && $upload->getError() === UPLOAD_ERR_INI_SIZE;
            throw BadPattern::notRead($isTooLarge ? 'it is over 60 MB' : 'no file came with it');
        }
        if ($upload->getSize() > PatternFile::MOST_BYTES) {
            throw BadPattern::notRead('it is over 60 MB');
        }

        return $upload;
    }
}
