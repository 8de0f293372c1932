<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EntryKind;
use App\Bench\JobKeeper;
use App\Http\Requests\PictureLines;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\PictureScale;
use HotSprue\Measures\Quantity;
use Illuminate\Http\JsonResponse;

/** What is measured on a photograph of a job, by something in it whose length is known. */
final class PictureScaleController
{
    /** What a coin, a card or a caliper beside a ring may measure, mm. */
    private const KNOWN = [1.0, 500.0];

    public function show(Job $job, string $key): JsonResponse
    {
        return $this->answer($job, $key);
    }

    public function store(PictureLines $request, Job $job, string $key, JobKeeper $keeper): JsonResponse
    {
        $picture = $this->picture($job, $key);
        $mm = $this->known($request->string('known')->toString());
        $scale = $this->plain((array) $request->validated('scale'));
        PictureScale::of($scale, $mm) ?? throw BadInput::field('scale', sprintf(
            'A line of %d pixels at the least is needed; the longer, the surer.', PictureScale::LEAST,
        ));
        $lines = array_map(fn (mixed $line): array => $this->plain((array) $line), array_values(
            (array) $request->validated('lines'),
        ));
        $marked = [...$picture, 'scale' => [...$scale, 'mm' => $mm], 'lines' => $lines];
        // Kept, a whole number has lost its point.
        $marked == $picture ?: $job = $keeper->store(
            $job, [new Change("pictures.{$key}", $picture, $marked)], Person::at($request), EntryKind::Picture,
        );

        return $this->answer($job, $key);
    }

    private function answer(Job $job, string $key): JsonResponse
    {
        $picture = $this->picture($job, $key);
        $scale = isset($picture['scale']) ? PictureScale::of($picture['scale'], $picture['scale']['mm']) : null;

        return new JsonResponse([
            'version' => $job->version, 'scale' => $picture['scale'] ?? null,
            'lines' => array_map(static fn (array $line): array => [
                ...$line, 'mm' => $scale === null ? null : round($scale->length($line), 3),
                'doubt' => $scale === null ? null : round($scale->doubt($line), 3),
            ], array_map($this->plain(...), $picture['lines'] ?? [])),
        ]);
    }

    /** @return array<string, mixed> */
    private function picture(Job $job, string $key): array
    {
        return $job->held()->rows('pictures')->at($key) ?? abort(404, 'There is no such picture.');
    }

    /** @throws BadInput */
    private function known(string $typed): float
    {
        try {
            $mm = BenchTalk::read(Quantity::Length, $typed);
        } catch (NotUnderstood $not) {
            throw BadInput::field('known', $not->getMessage());
        }
        [$least, $most] = self::KNOWN;

        return $mm >= $least && $mm <= $most ? $mm : throw BadInput::field(
            'known', sprintf('Between %g and %g mm is accepted.', $least, $most),
        );
    }

    /**
     * @param  array<array-key, mixed>  $line
     * @return array{from: array{float, float}, to: array{float, float}}
     */
    private function plain(array $line): array
    {
        $point = static fn (mixed $at): array => [round((float) $at[0], 2), round((float) $at[1], 2)];

        return ['from' => $point($line['from']), 'to' => $point($line['to'])];
    }
}
