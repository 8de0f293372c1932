<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Casting\CastingRoom;
use App\Casting\ClayFiring;
use App\Casting\KilnLog;
use App\Casting\RunAnswer;
use App\Casting\RunKeeper;
use App\Http\Requests\IsMoment;
use App\Models\Job;
use App\Models\Note;
use App\Models\Person;
use App\Models\Run;
use HotSprue\Kiln\KilnFault;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What goes into the kiln: flasks put together and poured, pieces of clay fired. */
final class CastingController
{
    /** Speeds that the simulated kiln may go at. */
    public const SPEEDS = [1, 10, 60, 300];

    public function index(): JsonResponse
    {
        $runs = Run::query()
            ->with(['flasks.jobs:id,number,title', 'piece:id,number,title'])->orderByDesc('id')->limit(30)->get();
        $proposal = RunKeeper::proposal();

        return new JsonResponse([
            'runs' => $runs->map(RunAnswer::row(...))->all(), 'proposal' => $proposal,
            'views' => CastingRoom::views($proposal, $runs),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $asked = $request->validate(
            [
                'flasks' => 'required|array|min:1|max:12', 'flasks.*' => 'array|min:1|max:24',
                'flasks.*.*' => 'integer|min:1|max:100000000', 'ready_at' => ['nullable', 'string', new IsMoment],
            ],
        );
        $flasks = array_values(
            array_map(
                static fn (array $numbers): array => array_values(array_map(intval(...), $numbers)), $asked['flasks'],
            ),
        );

        $run = RunKeeper::plan($flasks, $asked['ready_at'] ?? null);
        Note::write('burnout planned', Person::at($request), ['run' => $run->id, 'jobs' => array_merge(...$flasks)]);

        return RunAnswer::of($run, 201);
    }

    /** Plans the firing of a piece of metal clay. */
    public function fire(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(['ready_at' => ['nullable', 'string', new IsMoment]]);
        $run = ClayFiring::plan($job, $asked['ready_at'] ?? null);
        Note::write('firing planned', Person::at($request), ['run' => $run->id, 'jobs' => [$job->number]]);

        return RunAnswer::of($run, 201);
    }

    public function show(Run $run): JsonResponse
    {
        return RunAnswer::of($run);
    }

    /** Switches the kiln on or off; speeds the simulated one. */
    public function kiln(Request $request, Run $run): JsonResponse
    {
        $asked = $request->validate(
            [
                'do' => 'required|in:on,off,speed',
                'speed' => 'required_if:do,speed|integer|in:'.implode(',', self::SPEEDS),
            ],
        );
        if ($asked['do'] === 'on' && $run->started_at === null) {
            $other = Run::query()->whereNotNull('started_at')->whereNull('ended_at')->first();
            abort_if($other !== null, 409, ucfirst((string) $other?->called()).' is in the kiln.');
            $run->update(['started_at' => now(), 'counted_min' => 0.0, 'counted_at' => now()]);
        }
        if ($asked['do'] === 'off') {
            $run->isBurning() && KilnLog::write($run);
            $run->update(['ended_at' => $run->ended_at ?? now()]);
            DB::table('flask_jobs')->whereIn('run_flask_id', $run->flasks()->pluck('id'))->update(['open' => false]);
        }
        if ($asked['do'] === 'speed' && $run->isBurning()) {
            // The minutes that have passed stay as they are: only what comes goes faster.
            $run->count();
            $run->update(['speed' => (float) $asked['speed']]);
        }
        $run->isBurning() && KilnLog::write($run);
        Note::write(
            'kiln', Person::at($request),
            [
                'run' => $run->id, 'do' => $asked['do'],
                ...($asked['do'] === 'speed' ? ['speed' => (float) $asked['speed']] : []),
            ],
        );

        return RunAnswer::of($run);
    }

    /** Gives the simulated kiln a fault, or ends it. */
    public function fault(Request $request, Run $run): JsonResponse
    {
        $asked = $request->validate(
            ['kind' => 'required|in:'.implode(',', KilnFault::KINDS), 'on' => 'required|boolean'],
        );
        $minute = $run->minute();
        abort_if($minute === null, 409, 'The kiln is not on.');
        $events = array_map(
            static fn (array $event): array => $event['kind'] === $asked['kind'] && $event['to'] === null ? [
                ...$event, 'to' => $minute,
            ] : $event,
            $run->events,
        );
        $run->update(
            [
                'events' => $asked['on'] ? [
                    ...$events, ['kind' => $asked['kind'], 'from' => $minute, 'to' => null],
                ] : $events,
            ],
        );
        Note::write(
            'simulated kiln', Person::at($request),
            ['run' => $run->id, 'kind' => $asked['kind'], 'on' => (bool) $asked['on']],
        );

        return RunAnswer::of($run);
    }

    public function alarm(Request $request, Run $run, int $alarm): JsonResponse
    {
        $person = Person::at($request);
        DB::table('alarms')
            ->where('run_id', $run->id)->where('id', $alarm)->whereNull('answered_at')
            ->update(['answered_at' => now(), 'person_id' => $person?->id]);
        Note::write('alarm answered', $person, ['run' => $run->id, 'alarm' => $alarm]);

        return RunAnswer::of($run);
    }

    /**
     * The kiln, for the head of every page: it climbs or falls where it is three degrees off what it was three minutes
     * ago; a kiln that holds hunts by less.
     *
     * @return array{run: int, kiln_c: float|null, way: string, alarms: int}|null
     */
    public static function hot(): ?array
    {
        $run = Run::query()->whereNotNull('started_at')->whereNull('ended_at')->first();
        $minute = $run?->minute();
        if ($run === null || $minute === null) {
            return null;
        }
        $readings = $run->kiln()->readings([max(0.0, $minute - 3), $minute]);

        return [
            'run' => $run->id, 'kiln_c' => $readings[1],
            'way' => match (true) {
                ($readings[1] ?? 0.0) - ($readings[0] ?? 0.0) > 3.0 => 'rising',
                ($readings[1] ?? 0.0) - ($readings[0] ?? 0.0) < -3.0 => 'falling',
                default => 'holding',
            },
            'alarms' => DB::table('alarms')->where('run_id', $run->id)->whereNull('answered_at')->count(),
        ];
    }
}
