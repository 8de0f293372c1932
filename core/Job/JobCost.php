<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Calculations;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** What a job costs, line by line, as `price.quote` is asked for it. Source: workbook 16. */
final class JobCost
{
    private const PRICED = ['gold', 'silver', 'platinum', 'palladium'];

    /**
     * @param  list<array<string, mixed>>  $steps  all of the job, done or not
     * @return list<array<string, mixed>> lines of `price.quote`
     */
    public static function lines(Document $document, JobAnswers $answers, array $steps,
        WorkshopSettings $settings): array
    {
        return [
            ...self::metal($document, $answers, $settings), ...self::stones($document, $settings),
            ...self::bench($steps, $settings), ...self::fire($document, $answers, $settings),
        ];
    }

    /** @return list<array<string, mixed>> every step of a job, whether it is done or not: all of them are charged */
    public static function steps(Document $document, JobAnswers $answers): array
    {
        $facts = JobFacts::of($document, $answers);

        return array_values((array) Calculations::answer('time.steps', [...$facts, 'clocks' => []])->value('steps'));
    }

    /**
     * The same lines with the piece in another alloy, by what it weighs in that one.
     *
     * @param  list<array<string, mixed>>  $lines
     * @return list<array<string, mixed>>
     */
    public static function inAlloy(array $lines, JobAnswers $answers, string $alloy, WorkshopSettings $settings): array
    {
        $masses = array_column((array) $answers->value('form.band', 'masses'), 'mass', 'alloy');
        $others = array_filter($lines, static fn (array $line): bool => $line['group'] !== 'metal');

        return isset($masses[$alloy]) ? [...self::bought($alloy, (float) $masses[$alloy], $settings), ...$others] : [];
    }

    /** @return list<array<string, mixed>> */
    private static function metal(Document $document, JobAnswers $answers, WorkshopSettings $settings): array
    {
        $name = $document->text('brief.alloy');
        $mass = $answers->value('form.band', 'mass');

        return $name === null || ! is_numeric($mass) || ! in_array($name, $settings->names('stock.alloys'), true)
            ? []
            : self::bought($name, (float) $mass, $settings);
    }

    /** @return list<array<string, mixed>> finishing and melting take their part of what is bought */
    private static function bought(string $name, float $mass, WorkshopSettings $settings): array
    {
        $alloy = Alloy::named($name, $settings);
        $bought = $mass * (1 + $settings->num('price.metal_lost'));

        return [[
            'group' => 'metal', 'label' => $alloy->label, 'quantity' => round($bought, 3), 'unit' => 'g',
            'rate' => self::fine($alloy->metal, $settings) * $alloy->fineness,
            'markup' => $settings->num('price.metal_markup'),
        ]];
    }

    /** A fine gram of a metal; nought where nobody has said it. */
    private static function fine(string $metal, WorkshopSettings $settings): float
    {
        return in_array($metal, self::PRICED, true) ? $settings->num("price.{$metal}") : 0.0;
    }

    /** @return list<array<string, mixed>> a client’s own stone costs nothing */
    private static function stones(Document $document, WorkshopSettings $settings): array
    {
        $lines = [];
        foreach ($document->list('stones') as $stone) {
            // What was paid is said in words, such as `18 each`: its first figure counts.
            if (($stone['owner']['value'] ?? null) === 'client'
                || preg_match('/\d+(?:[.,]\d+)?/', (string) ($stone['price']['value'] ?? ''), $said) !== 1) {
                continue;
            }
            $price = str_replace(',', '.', $said[0]);
            $what = array_filter([$stone['shape']['value'] ?? null, $stone['species']['value'] ?? null],
                is_string(...));
            $lines[] = [
                'group' => 'stones', 'label' => str_replace('-', ' ', implode(' ', $what)) ?: 'stone',
                'quantity' => (float) ($stone['count']['value'] ?? 1), 'unit' => 'stone', 'rate' => (float) $price,
                'markup' => $settings->num('price.stone_markup'),
            ];
        }

        return $lines;
    }

    /**
     * @param  list<array<string, mixed>>  $steps
     * @return list<array<string, mixed>> by station, setting by itself
     */
    private static function bench(array $steps, WorkshopSettings $settings): array
    {
        $minutes = [];
        foreach ($steps as $step) {
            $minutes[$step['station']] = ($minutes[$step['station']] ?? 0.0) + (float) $step['attended_min'];
        }
        $lines = [];
        foreach (array_filter($minutes) as $station => $spent) {
            $lines[] = [
                'group' => $station === 'set' ? 'setting' : 'bench', 'label' => Station::from($station)->label(),
                'quantity' => round($spent, 1), 'unit' => 'min', 'rate' => $settings->num('price.hour') / 60,
            ];
        }

        return $lines;
    }

    /** @return list<array<string, mixed>> */
    private static function fire(Document $document, JobAnswers $answers, WorkshopSettings $settings): array
    {
        $lines = [];
        if (in_array(Station::Burnout, Kind::of($document)->stations(), true)) {
            $lines[] = [
                'group' => 'fire', 'label' => 'burnout', 'quantity' => 1, 'unit' => 'flask',
                'rate' => $settings->num('price.burnout'),
            ];
            $powder = $answers->value('investment.mix', 'powder_mass');
            ! is_numeric($powder) ?: $lines[] = [
                'group' => 'fire', 'label' => 'investment', 'quantity' => round((float) $powder / 1000, 3),
                'unit' => 'kg',
                'rate' => $settings->num('price.investment'),
            ];
        }
        $heats = count((array) $answers->value('join.plan', 'heats'));
        $heats === 0 ?: $lines[] = [
            'group' => 'consumables', 'label' => 'solder and flux', 'quantity' => $heats, 'unit' => 'heat',
            'rate' => $settings->num('price.heat'),
        ];

        return $lines;
    }
}
