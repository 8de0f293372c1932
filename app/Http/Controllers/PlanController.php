<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Http\Requests\IsMoment;
use App\Models\FixedStep;
use App\Models\Job;
use App\Models\Note;
use App\Models\Person;
use App\Models\WorkedStep;
use App\Plan\BenchSteps;
use App\Plan\PlanChange;
use App\Plan\Team;
use App\Plan\WorkshopPlan;
use HotSprue\Drawing\PromiseDrawing;
use HotSprue\Fields\BadInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** The plan: who does what when, what it costs to lay a step elsewhere, and steps started and ended. */
final class PlanController
{
    public function show(): JsonResponse
    {
        return new JsonResponse(self::shown(new WorkshopPlan));
    }

    /** What laying a step on another hour, hand or kiln would come to; nothing is kept. */
    public function try(Request $request): JsonResponse
    {
        return new JsonResponse(PlanChange::of(new WorkshopPlan, self::fixing($request))->toArray());
    }

    public function fix(Request $request): JsonResponse
    {
        $asked = self::fixing($request);
        $plan = new WorkshopPlan;
        $job = Job::query()->where('number', (int) $asked['job'])->firstOrFail();
        if (! ($plan->jobs[$asked['job']] ?? null)?->has($asked['step'])) {
            throw BadInput::field('step', "There is no such step left of job {$asked['job']}.");
        }
        $start = Carbon::parse($asked['start'], WorkshopTime::zone())->utc();
        if ($start->lt($plan->now)) {
            throw BadInput::field('start', 'That hour is past.');
        }
        $by = $asked['by'] ?? null;
        $isKiln = in_array($by, array_column(Team::kilns(), 'id'), true) && $asked['step'] === 'burnout';
        FixedStep::query()->updateOrCreate(['job_id' => $job->id, 'step' => $asked['step']], [
            'starts_at' => $start, 'kiln' => $isKiln ? $by : null,
            'person_id' => $isKiln || $by === null ? null
                : Person::query()->where('name', $by)->value('id') ?? throw BadInput::field(
                    'by', "There is no {$by} here.",
                ),
        ]);
        Note::write('step fixed', Person::at($request), $asked);

        return new JsonResponse(self::shown(new WorkshopPlan));
    }

    public function free(Request $request, Job $job, string $step): JsonResponse
    {
        FixedStep::query()->where(['job_id' => $job->id, 'step' => $step])->delete();
        Note::write('step freed', Person::at($request), ['job' => $job->number, 'step' => $step]);

        return new JsonResponse(self::shown(new WorkshopPlan));
    }

    /** Starts a step, pauses it, ends it, or takes its end back. */
    public function step(Request $request, Job $job, string $step): JsonResponse
    {
        $asked = $request->validate(['do' => 'required|in:start,pause,end,again']);
        match ($asked['do']) {
            'start' => BenchSteps::start($job, $step, Person::at($request)),
            'pause' => BenchSteps::pause($job, $step),
            'end' => BenchSteps::end($job, $step, Person::at($request)),
            default => BenchSteps::again($job, $step),
        };

        return new JsonResponse(self::shown(new WorkshopPlan));
    }

    /** What could be promised for a job, behind all others. */
    public function promise(Request $request, Job $job): JsonResponse
    {
        if ($job->state !== 'open') {
            throw BadInput::field('_', 'This job is closed: nothing is to be promised.');
        }
        $asked = $request->validate(['wanted' => 'nullable|date_format:Y-m-d']);
        $answer = (new WorkshopPlan)->promise((string) $job->number, array_filter($asked));

        return new JsonResponse([
            'promise' => $answer->toArray(),
            'drawn' => PriceController::view('promise', PromiseDrawing::views($answer)),
        ]);
    }

    /** @return array<string, mixed> */
    private static function shown(WorkshopPlan $plan): array
    {
        $numbers = array_keys($plan->jobs);
        $jobs = Job::query()->with('client:id,name')->whereIn('number', $numbers)->get()->keyBy('number');
        $waiting = [];
        foreach ($plan->jobs as $number => $planned) {
            if ($planned->client !== null) {
                $waiting[] = ['job' => (string) $number, 'whom' => $jobs[$number]->client->name ?? 'the client',
                    ...$planned->client];
            }
        }

        return [
            'now' => $plan->now->toIso8601String(), 'answer' => $plan->answer()->toArray(),
            'people' => array_map(
                static fn (array $one): array => ['id' => $one['id'], 'hours' => $one['hours'], 'off' => $one['off']],
                Team::people(),
            ), 'kilns' => Team::kilns(),
            'jobs' => array_values($jobs->map(static fn (Job $job): array => $job->row())->all()),
            'waiting' => $waiting, 'unplanned' => $plan->unplanned,
            'past' => array_map(static fn (FixedStep $step): array => [
                'job' => (string) $step->job->number, 'step' => $step->step,
                'start' => $step->starts_at->toIso8601String(),
            ], $plan->past),
            'worked' => self::worked($plan),
        ];
    }

    /** @return list<array<string, mixed>> steps that were begun and are not done */
    private static function worked(WorkshopPlan $plan): array
    {
        $begun = WorkedStep::query()->with(['job:id,number', 'person:id,name'])->whereRelation('job', 'state', 'open')
            ->orderBy('id')->get()->groupBy(static fn (WorkedStep $one): string => "{$one->job->number} {$one->step}");
        $rows = [];
        foreach ($begun as $times) {
            $last = $times->last();
            if ($last === null || ! ($plan->jobs[(string) $last->job->number] ?? null)?->has($last->step)) {
                continue;
            }
            $rows[] = [
                'job' => (string) $last->job->number, 'step' => $last->step, 'by' => $last->person?->name,
                'running_since' => $last->ended_at === null ? $last->started_at->toIso8601String() : null,
                'minutes' => round($times->sum(static fn (WorkedStep $one): float => $one->minutes(now())), 2),
            ];
        }

        return $rows;
    }

    /** @return array{job: string, step: string, start: string, by?: string} */
    private static function fixing(Request $request): array
    {
        /** @var array{job: string, step: string, start: string, by?: string|null} $asked */
        $asked = $request->validate([
            'job' => 'required|string|max:12', 'step' => 'required|string|max:40',
            'start' => ['required', 'string', new IsMoment], 'by' => 'nullable|string|max:80',
        ]);

        $by = $asked['by'] ?? null;
        unset($asked['by']);

        return $by === null ? $asked : [...$asked, 'by' => $by];
    }
}
