<?php

declare(strict_types=1);

namespace App\Casting;

use App\Bench\JobAnswer;
use App\Http\Controllers\CastingController;
use App\Models\Job;
use App\Models\Run;
use App\Models\RunFlask;
use App\Models\Workshop;
use HotSprue\Burnout\BurnoutCore;
use HotSprue\Calculation\Answer;
use HotSprue\Casting\CastingStep;
use HotSprue\Drawing\RunDrawing;
use HotSprue\Job\Station;
use HotSprue\Stock\Alloy;
use HotSprue\Tree\InvestmentMix;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** A burnout as the screen shows it: its kiln, log, alarms and flasks. */
final class RunAnswer
{
    /** @return array<string, mixed> */
    public static function row(Run $run): array
    {
        return [
            'id' => $run->id, 'kind' => $run->job_id === null ? 'burnout' : 'firing',
            'state' => $run->ended_at !== null ? 'over' : ($run->started_at !== null ? 'burning' : 'planned'),
            'ready_at' => $run->ready_at?->toIso8601String(), 'started_at' => $run->started_at?->toIso8601String(),
            'minutes' => $run->kiln()->length(),
            'jobs' => collect([$run->piece])->filter()
                ->concat($run->flasks->flatMap(static fn (RunFlask $flask) => $flask->jobs))
                ->map(static fn (Job $job): array => ['number' => $job->number, 'title' => $job->title])->values()
                ->all(),
            'flasks' => $run->flasks->count(),
        ];
    }

    public static function of(Run $run, int $status = 200): JsonResponse
    {
        $run = $run->fresh(['flasks.jobs.rulebook', 'piece']) ?? $run;
        $settings = Workshop::the()->rulebook->settings();
        $core = self::core($run);
        $minute = $run->minute();
        $kiln = $run->kiln();
        $log = array_values(
            array_map(
                static fn (object $row): array => [
                    (float) $row->minute, $row->kiln_c === null ? null : (float) $row->kiln_c,
                ],
                DB::table('kiln_log')->where('run_id', $run->id)->orderBy('minute')->get()->all(),
            ),
        );

        return new JsonResponse([
            ...self::row($run),
            'stages' => $run->stages, 'speed' => $run->speed, 'minute' => $minute,
            'kiln_c' => $minute === null ? null : $kiln->reading($minute),
            'planned_c' => $minute === null ? null : $kiln->planned($minute),
            'start_at' => $run->ready_at?->copy()->subMinutes((int) ceil($kiln->length()))->toIso8601String(),
            'core_c' => $minute === null || $core === null ? null : self::between($core['curve'], $minute),
            'gaps' => self::gaps($log),
            'view' => [
                'use' => 'run',
                ...RunDrawing::view(
                    $kiln, $run->stages, $log, $core['curve'] ?? [], $minute,
                    $run->job_id === null ? $settings->num('burnout.gypsum_limit') : null,
                )->toArray(),
            ],
            'chamber' => self::chamber($run),
            'events' => $run->events, 'speeds' => CastingController::SPEEDS,
            'core' => $core === null ? null : array_diff_key($core, ['curve' => 1]),
            'alarms' => array_map(
                static fn (object $alarm): array => [
                    'id' => $alarm->id, 'code' => $alarm->code, 'minute' => (float) $alarm->minute,
                    'message' => $alarm->message, 'answered_at' => $alarm->answered_at,
                ],
                DB::table('alarms')->where('run_id', $run->id)->orderBy('id')->get()->all(),
            ),
            'safety' => CastingStep::safety(),
            'steps' => array_map(
                static fn (CastingStep $step): array => ['name' => $step->value, 'done' => $step->done()],
                CastingStep::cases(),
            ),
            'flask_rows' => array_values($run->flasks->sortByDesc('pour_c')->map(static fn (RunFlask $flask): array => [
                'id' => $flask->id, 'flask' => $flask->flask, 'diameter' => $flask->diameter,
                'height' => $flask->height, 'alloy' => $flask->alloy, 'pour_c' => $flask->pour_c,
                'jobs' => $flask->jobs->map(
                    static fn (Job $job): array => ['number' => $job->number, 'title' => $job->title],
                )
                    ->values()->all(),
                'mix' => self::mix($flask, $settings), 'done' => (object) $flask->steps,
                'ticks' => array_map(
                    static fn (string $key): int => (int) substr($key, 1), array_keys(array_filter($flask->ticks)),
                ),
                'quench' => CastingStep::quench(Alloy::named($flask->alloy, $settings)),
            ])->all()),
        ], $status);
    }

    /** @return array<string, mixed> the flasks as they stand in the kiln, the hottest first */
    private static function chamber(Run $run): array
    {
        $flasks = $run->flasks->sortByDesc('pour_c')->map(static fn (RunFlask $flask): array => [
            'flask' => $flask->flask, 'diameter' => $flask->diameter, 'height' => $flask->height,
            'patterns' => $flask->jobs->count(), 'poured' => isset($flask->steps['pour']),
        ]);

        return ['use' => 'run', ...RunDrawing::chamber(array_values($flasks->all()))->toArray()];
    }

    /** @return array<string, mixed> powder, water and the working clock of a flask, as its first job has them */
    private static function mix(RunFlask $flask, WorkshopSettings $settings): array
    {
        $job = $flask->jobs->sortBy('number')->first();
        $answer = ($job === null ? null
            : (new JobAnswer($job, $job->held(), Station::Tree))->answers()->answer('investment.mix'))
            ?? Answer::of(
                new InvestmentMix, ['flask_diameter' => $flask->diameter, 'flask_height' => $flask->height], $settings,
            );

        return [
            'powder' => $answer->num('powder_mass'), 'water' => $answer->num('water_mass'),
            'clock' => $answer->value('clock'), 'stand_min' => $answer->num('stand_min'),
        ];
    }

    /**
     * @param  list<array{float, float}>  $curve
     */
    private static function between(array $curve, float $minute): ?float
    {
        $last = null;
        foreach ($curve as $point) {
            if ($point[0] >= $minute) {
                return $last === null ? $point[1] : $last[1] + ($point[1] - $last[1]) * ($minute - $last[0]) / max(
                    1e-9, $point[0] - $last[0],
                );
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

    /**
     * What the core of the widest flask feels, by the model.
     *
     * @return array{
     *     curve: list<array{float, float}>, dry_at_min: mixed, above_620_min: float,
     *     findings: list<array<string, mixed>>,
     * }|null
     */
    private static function core(Run $run): ?array
    {
        $widest = $run->flasks->max('diameter');
        if (! is_numeric($widest)) {
            return null;
        }
        $settings = Workshop::the()->rulebook->settings();
        $raw = [
            'diameter' => (float) $widest,
            'stages' => array_map(
                static fn (array $stage): array => ['temperature' => $stage['to'], 'minutes' => $stage['minutes']],
                $run->stages,
            ),
        ];

        return Cache::remember('run.core.'.hash(
            'xxh128', serialize($raw).$settings->fingerprint(),
        ), 7 * 24 * 3600, static function () use ($raw, $settings): array {
            $answer = Answer::of(new BurnoutCore, $raw, $settings);

            return [
                'curve' => array_values(
                    array_map(
                        static fn (array $point): array => [(float) $point['min'], (float) $point['core_c']],
                        (array) $answer->value('curves'),
                    ),
                ),
                'dry_at_min' => $answer->value('dry_at_min'), 'above_620_min' => $answer->num('above_620_min'),
                'findings' => $answer->toArray()['findings'],
            ];
        });
    }
}
