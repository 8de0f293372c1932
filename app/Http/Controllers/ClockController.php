<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Clock;
use App\Models\Job;
use App\Models\Note;
use App\Models\Person;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Bench clocks: a start time on the server, so that they survive a reload and show on every tablet. */
final class ClockController
{
    /** @return list<array<string, mixed>> */
    public static function running(): array
    {
        return array_values(
            Clock::query()
                ->with('job:id,number,title')->whereNull('stopped_at')->orderBy('started_at')->get()
                ->map(self::shown(...))->all(),
        );
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['clocks' => self::running(), 'now' => now()->toIso8601String()]);
    }

    public function start(Request $request): JsonResponse
    {
        $asked = $request->validate([
            'job' => 'nullable|integer|exists:jobs,number', 'label' => 'required|string|max:80',
            'stages' => 'required|array|min:1|max:12', 'stages.*' => 'array:stage,until_min,how',
            'stages.*.stage' => 'required|string|max:60',
            'stages.*.until_min' => 'required|numeric|gt:0|max:20160', 'stages.*.how' => 'nullable|string|max:200',
        ]);
        $job = isset($asked['job']) ? Job::query()->where('number', $asked['job'])->first(['id']) : null;
        Clock::query()->create(
            [
                'job_id' => $job?->id, 'person_id' => Person::at($request)?->id, 'label' => $asked['label'],
                'stages' => $asked['stages'], 'started_at' => now(),
            ],
        );
        Note::write(
            'clock started', Person::at($request), ['label' => $asked['label'], 'job' => $asked['job'] ?? null],
        );

        return new JsonResponse(['clocks' => self::running(), 'now' => now()->toIso8601String()], 201);
    }

    /** Stops a clock, or sets one going again that was stopped by mistake. */
    public function stop(Request $request, Clock $clock): JsonResponse
    {
        $again = $request->boolean('again');
        $clock->update(['stopped_at' => $again ? null : ($clock->stopped_at ?? now())]);
        Note::write(
            $again ? 'clock set going again' : 'clock stopped', Person::at($request), ['label' => $clock->label],
        );

        return $this->index();
    }

    /** @return array<string, mixed> */
    private static function shown(Clock $clock): array
    {
        return [
            'id' => $clock->id, 'job' => $clock->job?->number, 'title' => $clock->job?->title, 'label' => $clock->label,
            'stages' => $clock->stages, 'started_at' => $clock->started_at->toIso8601String(),
        ];
    }
}
