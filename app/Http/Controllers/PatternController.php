<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Problem;
use App\Models\Job;
use App\Solid\PatternFile;
use App\Solid\PatternProgress;
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
            $path = $this->whole($request->file('file'))->getPathname();
            $facts = PatternFile::read($path, static fn (float $share) => PatternProgress::told($job, $share));
        } catch (BadPattern $bad) {
            return Problem::of(['file' => [$bad->getMessage()]]);
        } finally {
            PatternProgress::over($job);
        }
        $grown = $request->boolean('carries') ? 1.0 : $this->grown($job);

        return new JsonResponse([
            'triangles' => $facts->triangles, 'carries' => (bool) $asked['carries'], 'grown' => $grown,
            'bore_wanted' => $this->wanted($job), 'read' => $this->sizes($facts),
            'pattern' => $this->sizes($facts->scaled($grown)),
        ]);
    }

    /** How far the reading of it has come. */
    public function progress(Job $job): JsonResponse
    {
        $share = PatternProgress::of($job);

        return new JsonResponse(['share' => $share === null ? null : round($share, 3)]);
    }

    /** @return array<string, ?float> */
    private function sizes(PatternFacts $facts): array
    {
        $sections = $facts->sections;

        return array_map(static fn (?float $size): ?float => $size === null ? null : round($size, 4), [
            'volume' => $facts->volume, 'surface' => $facts->surface, 'modulus' => $facts->modulus(),
            'across' => $facts->across(), 'along' => $facts->along(), 'tall' => $facts->tall(),
            'bore' => $facts->bore, 'width' => $sections?->width, 'thickness' => $sections?->thickness,
            'width_base' => $sections?->widthBase, 'thickness_base' => $sections?->thicknessBase,
            'section' => $sections?->modulus, 'section_base' => $sections?->modulusBase,
        ]);
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
