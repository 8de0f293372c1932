<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Casting\KilnLog;
use App\Casting\RunKeeper;
use App\Models\Job;
use App\Models\Person;
use App\Models\Run;
use App\Models\RunFlask;
use App\Models\Workshop;
use HotSprue\Casting\Step;
use HotSprue\Drawing\RunDrawing;
use HotSprue\Kiln\KilnEvent;
use HotSprue\Rules\Rules;
use HotSprue\Sheet\Input;
use HotSprue\Sheet\Sheets;
use HotSprue\Stock\Alloy;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** Casting runs: flasks put together, the kiln watched, flasks poured. */
final class CastingController
{
    /** Speeds that the simulated kiln may go at. */
    private const SPEEDS = [1, 10, 60, 300];

    public function index(): JsonResponse
    {
        return new JsonResponse([
            'runs' => Run::query()->with('flasks.jobs:id,number,title')->orderByDesc('id')->limit(30)->get()->map(self::row(...))->all(),
            'proposal' => RunKeeper::proposal(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $asked = $request->validate(['flasks' => 'required|array|min:1|max:12', 'flasks.*' => 'array|min:1|max:24', 'flasks.*.*' => 'integer', 'ready_at' => 'nullable|date']);
        $flasks = array_values(array_map(static fn (array $numbers): array => array_values(array_map(intval(...), $numbers)), $asked['flasks']));

        return $this->answer(RunKeeper::plan($flasks, $asked['ready_at'] ?? null), 201);
    }

    public function show(Run $run): JsonResponse
    {
        return $this->answer($run);
    }

    /** Switches the kiln on or off; speeds the simulated one. */
    public function kiln(Request $request, Run $run): JsonResponse
    {
        $asked = $request->validate(['do' => 'required|in:on,off,speed', 'speed' => 'required_if:do,speed|integer|in:'.implode(',', self::SPEEDS)]);
        if ($asked['do'] === 'on' && $run->started_at === null) {
            $other = Run::query()->whereNotNull('started_at')->whereNull('ended_at')->value('id');
            abort_if($other !== null, 409, "Burnout {$other} is in the kiln.");
            $run->update(['started_at' => now()]);
        }
        if ($asked['do'] === 'off') {
            $run->isBurning() && KilnLog::write($run);
            $run->update(['ended_at' => $run->ended_at ?? now()]);
        }
        if ($asked['do'] === 'speed' && $run->isBurning()) {
            // The minutes that have passed stay as they are: only what comes goes faster.
            $minute = $run->minute() ?? 0.0;
            $run->update(['speed' => (float) $asked['speed'], 'started_at' => now()->subMilliseconds((int) round($minute / $asked['speed'] * 60_000))]);
        }
        $run->isBurning() && KilnLog::write($run);

        return $this->answer($run);
    }

    /** Lets something befall the simulated kiln, or ends it. */
    public function befall(Request $request, Run $run): JsonResponse
    {
        $asked = $request->validate(['kind' => 'required|in:'.implode(',', KilnEvent::KINDS), 'on' => 'required|boolean']);
        $minute = $run->minute();
        abort_if($minute === null, 409, 'The kiln is not on.');
        $events = array_map(static fn (array $event): array => $event['kind'] === $asked['kind'] && $event['to'] === null ? [...$event, 'to' => $minute] : $event, $run->events);
        $run->update(['events' => $asked['on'] ? [...$events, ['kind' => $asked['kind'], 'from' => $minute, 'to' => null]] : $events]);

        return $this->answer($run);
    }

    public function alarm(Request $request, Run $run, int $alarm): JsonResponse
    {
        $person = Person::at($request);
        DB::table('alarms')->where('run_id', $run->id)->where('id', $alarm)->whereNull('answered_at')->update(['answered_at' => now(), 'person_id' => $person?->id]);

        return $this->answer($run);
    }

    /** Taps a step of a flask done, or takes it back. */
    public function step(Request $request, RunFlask $flask): JsonResponse
    {
        $asked = $request->validate(['step' => 'required|in:'.implode(',', array_column(Step::cases(), 'value')), 'done' => 'required|boolean']);
        $order = array_column(Step::cases(), 'value');
        $at = (int) array_search($asked['step'], $order, true);
        $steps = $flask->steps;
        if ($asked['done']) {
            $before = Step::cases()[max(0, $at - 1)] ?? Step::Invest;
            abort_if($at > 0 && ! isset($steps[$before->value]), 409, sprintf('“%s” comes before it.', $before->done()));
            abort_if($asked['step'] === 'pour' && count(array_filter($flask->ticks)) < count(Step::safety()), 409, 'Tick the safety list before the torch is lit.');
            $person = Person::at($request);
            $steps[$asked['step']] = ['at' => now()->toIso8601String(), 'by' => $person->name ?? ''];
        } else {
            foreach (array_slice($order, $at) as $later) {
                unset($steps[$later]);
            }
        }
        $flask->update(['steps' => $steps]);

        return $this->answer($flask->run);
    }

    public function tick(Request $request, RunFlask $flask): JsonResponse
    {
        $asked = $request->validate(['what' => 'required|integer|min:0|max:'.(count(Step::safety()) - 1), 'done' => 'required|boolean']);
        $flask->update(['ticks' => [...$flask->ticks, 'k'.$asked['what'] => (bool) $asked['done']]]);

        return $this->answer($flask->run);
    }

    /** @return array{run: int, kiln_c: float|null, rising: bool, alarms: int}|null the kiln, for the head of every page */
    public static function hot(): ?array
    {
        $run = Run::query()->whereNotNull('started_at')->whereNull('ended_at')->first();
        $minute = $run?->minute();
        if ($run === null || $minute === null) {
            return null;
        }
        $readings = $run->kiln()->readings([max(0.0, $minute - 3), $minute]);

        return ['run' => $run->id, 'kiln_c' => $readings[1], 'rising' => ($readings[1] ?? 0) > ($readings[0] ?? 0), 'alarms' => DB::table('alarms')->where('run_id', $run->id)->whereNull('answered_at')->count()];
    }

    /** @return array<string, mixed> */
    private static function row(Run $run): array
    {
        return [
            'id' => $run->id, 'state' => $run->ended_at !== null ? 'over' : ($run->started_at !== null ? 'burning' : 'planned'), 'ready_at' => $run->ready_at?->toIso8601String(), 'started_at' => $run->started_at?->toIso8601String(),
            'minutes' => $run->kiln()->length(), 'jobs' => $run->flasks->flatMap(static fn (RunFlask $flask) => $flask->jobs)->map(static fn (Job $job): array => ['number' => $job->number, 'title' => $job->title])->values()->all(), 'flasks' => $run->flasks->count(),
        ];
    }

    private function answer(Run $run, int $status = 200): JsonResponse
    {
        $run = $run->fresh(['flasks.jobs.rulebook']) ?? $run;
        $rules = Workshop::the()->rulebook->rules();
        $core = self::core($run);
        $minute = $run->minute();
        $kiln = $run->kiln();
        $log = array_values(array_map(static fn (object $row): array => [(float) $row->minute, $row->kiln_c === null ? null : (float) $row->kiln_c], DB::table('kiln_log')->where('run_id', $run->id)->orderBy('minute')->get()->all()));

        return new JsonResponse([
            ...self::row($run),
            'stages' => $run->stages, 'speed' => $run->speed, 'minute' => $minute, 'kiln_c' => $minute === null ? null : $kiln->reading($minute), 'planned_c' => $minute === null ? null : $kiln->planned($minute),
            'start_at' => $run->ready_at?->copy()->subMinutes((int) ceil($kiln->length()))->toIso8601String(),
            'core_c' => $minute === null || $core === null ? null : self::between($core['curve'], $minute),
            'gaps' => self::gaps($log), 'view' => ['use' => 'run', ...RunDrawing::view($kiln, $run->stages, $log, $core['curve'] ?? [], $minute)->toArray()],
            'chamber' => ['use' => 'run', ...RunDrawing::chamber(array_values($run->flasks->sortByDesc('pour_c')->map(static fn (RunFlask $flask): array => [
                'flask' => $flask->flask, 'diameter' => $flask->diameter, 'height' => $flask->height, 'patterns' => $flask->jobs->count(), 'poured' => isset($flask->steps['pour']),
            ])->all()))->toArray()],
            'events' => $run->events, 'speeds' => self::SPEEDS,
            'core' => $core === null ? null : array_diff_key($core, ['curve' => 1]),
            'alarms' => array_map(static fn (object $alarm): array => ['id' => $alarm->id, 'code' => $alarm->code, 'minute' => (float) $alarm->minute, 'message' => $alarm->message, 'answered_at' => $alarm->answered_at], DB::table('alarms')->where('run_id', $run->id)->orderBy('id')->get()->all()),
            'safety' => Step::safety(),
            'steps' => array_map(static fn (Step $step): array => ['name' => $step->value, 'done' => $step->done()], Step::cases()),
            'flask_rows' => array_values($run->flasks->sortByDesc('pour_c')->map(static fn (RunFlask $flask): array => [
                'id' => $flask->id, 'flask' => $flask->flask, 'diameter' => $flask->diameter, 'height' => $flask->height, 'alloy' => $flask->alloy, 'pour_c' => $flask->pour_c,
                'jobs' => $flask->jobs->map(static fn (Job $job): array => ['number' => $job->number, 'title' => $job->title])->values()->all(),
                'mix' => self::mix($flask, $rules), 'done' => (object) $flask->steps, 'ticks' => array_map(static fn (string $key): int => (int) substr($key, 1), array_keys(array_filter($flask->ticks))), 'quench' => Step::quench($flask->alloy, Alloy::named($flask->alloy, $rules)->nickel),
            ])->all()),
        ], $status);
    }

    /** @return array<string, mixed> powder, water and the working clock of a flask; its patterns are left out, so that there is enough */
    private static function mix(RunFlask $flask, Rules $rules): array
    {
        $answer = Sheets::named('investment.mix')->reckon(Input::read(Sheets::describe('investment.mix')->inputs, ['flask_diameter' => $flask->diameter, 'flask_height' => $flask->height], $rules), $rules);

        return ['powder' => $answer->num('powder_mass'), 'water' => $answer->num('water_mass'), 'clock' => $answer->value('clock'), 'stand_min' => $answer->num('stand_min')];
    }

    /**
     * @param  list<array{float, float}>  $curve
     */
    private static function between(array $curve, float $minute): ?float
    {
        $last = null;
        foreach ($curve as $point) {
            if ($point[0] >= $minute) {
                return $last === null ? $point[1] : $last[1] + ($point[1] - $last[1]) * ($minute - $last[0]) / max(1e-9, $point[0] - $last[0]);
            }
            $last = $point;
        }

        return $last === null ? null : $last[1];
    }

    /**
     * Minutes that nobody watched.
     *
     * @param  list<array{float, ?float}>  $log
     * @return list<array{from: float, to: float}>
     */
    private static function gaps(array $log): array
    {
        $gaps = [];
        for ($i = 1; $i < count($log); $i++) {
            if ($log[$i][0] - $log[$i - 1][0] > 1.5) {
                $gaps[] = ['from' => $log[$i - 1][0], 'to' => $log[$i][0]];
            }
        }

        return $gaps;
    }

    /** @return array{curve: list<array{float, float}>, dry_at_min: mixed, above_620_min: float, findings: list<array<string, mixed>>}|null what the core of the widest flask feels, by the model */
    private static function core(Run $run): ?array
    {
        $widest = $run->flasks->max('diameter');
        if (! is_numeric($widest)) {
            return null;
        }
        $rules = Workshop::the()->rulebook->rules();
        $raw = ['diameter' => (float) $widest, 'stages' => array_map(static fn (array $stage): array => ['temperature' => $stage['to'], 'minutes' => $stage['minutes']], $run->stages)];

        return Cache::remember('run.core.'.hash('xxh128', serialize($raw).$rules->fingerprint()), 7 * 24 * 3600, static function () use ($raw, $rules): array {
            $answer = Sheets::named('burnout.core')->reckon(Input::read(Sheets::describe('burnout.core')->inputs, $raw, $rules), $rules);

            return ['curve' => array_values(array_map(static fn (array $point): array => [(float) $point['min'], (float) $point['core_c']], (array) $answer->value('curves'))), 'dry_at_min' => $answer->value('dry_at_min'), 'above_620_min' => $answer->num('above_620_min'), 'findings' => $answer->toArray()['findings']];
        });
    }
}
