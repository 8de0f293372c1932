<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Setting\SettingsTotal;
use HotSprue\Tree\InvestmentMix;

/** What a job holds that takes time, as `time.steps` is asked for it. Source: workbook 15. */
final class JobFacts
{
    /** Steps that belong to a station: signed off, they are done. */
    private const OF_STATION = [
        'brief' => ['brief'], 'form' => ['form'], 'stones' => ['stones'], 'wax' => ['wax', 'look'],
        'tree' => ['sprue', 'invest'], 'burnout' => ['burnout'], 'pour' => ['pour', 'clean'], 'sizing' => ['sizing'],
        'join' => ['made', 'heats'], 'set' => ['set'], 'handover' => ['handover'],
        'finish' => ['prefinish', 'finish', 'tumble', 'patina', 'plating'],
    ];

    /** @return array<string, mixed> input of `time.steps` */
    public static function of(Document $document, JobAnswers $answers): array
    {
        $kind = Kind::of($document);
        $each = (array) $answers->value('settings.total', 'each');
        $apart = array_filter($each, static fn (array $one): bool => $one['made'] === 'apart');
        $is = static fn (string $path): bool => $document->decision($path) === true;
        $number = static fn (string $use, string $result, float $otherwise): float => is_numeric(
            $found = $answers->value($use, $result),
        ) ? (float) $found : $otherwise;

        return [
            'kind' => $kind === Kind::Clay ? 'cast' : $kind->value,
            'process' => in_array($document->text('wax.process'), ['mould', 'resin'], true)
                ? $document->text('wax.process')
                : 'carved',
            'letters' => mb_strlen((string) preg_replace('/\s+/', '', $document->text('wax.text') ?? '')),
            'seats' => count(array_filter($each, static fn (array $one): bool => $one['made'] === 'cast')),
            'sprues' => $number('sprue.size', 'count', 3), 'stand' => $number('investment.mix', 'stand_min', 60),
            'burnout' => $number('burnout.programme', 'total_min', 360),
            'bezels' => count(array_filter(
                $apart, static fn (array $one): bool => in_array($one['style'], ['bezel', 'tube'], true),
            )),
            'heats' => count((array) $answers->value('join.plan', 'heats')),
            'stones' => array_values(array_map(static fn (array $one): array => [
                'setting' => SettingsTotal::MINUTES[$one['style']] ?? 'bead', 'count' => $one['stones'],
            ], array_filter($each, static fn (array $one): bool => $one['stones'] > 0 && $one['style'] !== null))),
            'tumble' => $is('finish.tumble'), 'patina' => $is('finish.patina'), 'plating' => $is('finish.rhodium'),
            'clocks' => self::done($document),
        ];
    }

    /** The station at which a step is done. */
    public static function stationOf(string $step): ?string
    {
        $step = str_starts_with($step, 'heat-') ? 'heats' : $step;
        foreach (self::OF_STATION as $station => $steps) {
            if (in_array($step, $steps, true)) {
                return $station;
            }
        }

        return $step === 'shank' ? 'form' : null;
    }

    /**
     * @param  array<string, float>  $minutes  by step
     * @return array<string, float> by station
     */
    public static function byStation(array $minutes): array
    {
        $sums = [];
        foreach ($minutes as $step => $long) {
            $station = self::stationOf($step);
            $station === null ?: $sums[$station] = ($sums[$station] ?? 0.0) + $long;
        }

        return $sums;
    }

    /**
     * What the plan asks of a burnout and of the flask before it, where the job says so.
     *
     * @return array{burnout: array<string, mixed>, invest: array<string, mixed>, on: mixed} on: when it is to be
     *   switched on, where somebody has said an hour
     */
    public static function heat(JobAnswers $answers): array
    {
        $pour = $answers->value('pour.temperatures', 'flask_temperature');
        $stand = $answers->value('investment.mix', 'stand_min');
        // The school of a standing is told by how long it is.
        $longest = is_numeric($stand) && $stand > InvestmentMix::STANDING['short'][1]
            ? InvestmentMix::STANDING['long'][1] : InvestmentMix::STANDING['short'][1];

        return [
            'burnout' => array_filter([
                'programme' => $answers->value('burnout.programme', 'school'),
                'pour_c' => is_numeric($pour) ? (float) $pour : null,
            ], static fn (mixed $of): bool => $of !== null),
            'invest' => ['stand_most' => $longest], 'on' => $answers->value('burnout.programme', 'start_at'),
        ];
    }

    /** @return list<array{step: string, done: bool}> */
    private static function done(Document $document): array
    {
        $done = [];
        foreach ($document->map('stations') as $station => $state) {
            if (in_array($state['state'] ?? 'open', ['signed', 'not-needed'], true)) {
                foreach (self::OF_STATION[$station] ?? [] as $step) {
                    $done[] = ['step' => $step, 'done' => true];
                }
            }
        }

        return $done;
    }
}
