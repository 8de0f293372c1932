<?php

declare(strict_types=1);

namespace HotSprue\Casting;

use HotSprue\Burnout\BurnoutProgramme;
use HotSprue\Calculation\Answer;
use HotSprue\Workshop\WorkshopSettings;

/**
 * One burnout for several flasks: the programme of the widest to the hottest pour, then down to each cooler one in
 * turn.
 * Temperatures in °C, times in minutes. Source: workbook 9.
 */
final class KilnStages
{
    /**
     * What a sheet of metal clay asks: each climb, and its hold.
     *
     * @param  list<array{ramp_to_c: float, ramp_min: float, hold_min: float}>  $sheet
     * @return list<array{name: string, to: float, minutes: float, climb?: float}>
     */
    public static function ofSheet(array $sheet): array
    {
        return array_merge(...array_map(static fn (array $one): array => [
            [
                'name' => 'climb', 'to' => $one['ramp_to_c'], 'minutes' => $one['ramp_min'],
                'climb' => ($one['ramp_to_c'] - 20) / max(1.0, $one['ramp_min']),
            ],
            ['name' => 'hold', 'to' => $one['ramp_to_c'], 'minutes' => $one['hold_min']],
        ], $sheet));
    }

    /**
     * @param  non-empty-list<PackedFlask>  $flasks
     * @return non-empty-list<PackedFlask> in the order in which they are poured: in falling order of flask temperature
     */
    public static function ordered(array $flasks): array
    {
        usort($flasks, static fn (PackedFlask $a, PackedFlask $b): int => $b->pour <=> $a->pour);

        return $flasks;
    }

    /**
     * @param  non-empty-list<PackedFlask>  $flasks  in the order in which they are poured
     * @return non-empty-list<array{name: string, to: float, minutes: float}>
     */
    public static function of(array $flasks, WorkshopSettings $settings): array
    {
        $stages = self::programme($flasks, $settings);
        $pours = array_values(array_unique(array_map(static fn (PackedFlask $flask): float => $flask->pour, $flasks)));
        $fall = $settings->num('burnout.fall_c_per_min');
        foreach (array_slice($pours, 1) as $lower) {
            $before = $stages[count($stages) - 1]['to'];
            $stages[] = [
                'name' => sprintf('to %.0f', $lower), 'to' => $lower,
                'minutes' => ($before - $lower) / $fall + $settings->num('burnout.wait'),
            ];
        }

        return $stages;
    }

    /**
     * @param  non-empty-list<PackedFlask>  $flasks
     * @return non-empty-list<array{name: string, to: float, minutes: float}>
     */
    private static function programme(array $flasks, WorkshopSettings $settings): array
    {
        $answer = Answer::of(new BurnoutProgramme, [
            'flask_diameters' => array_map(static fn (PackedFlask $flask): float => $flask->diameter, $flasks),
            'pour_temperature' => $flasks[0]->pour,
        ], $settings);
        $stages = [];
        foreach ((array) $answer->value('stages') as $stage) {
            $minutes = (float) $stage['ramp_min'] + (float) $stage['hold_min'];
            $stages[] = ['name' => (string) $stage['name'], 'to' => (float) $stage['ramp_to_c'], 'minutes' => $minutes];
        }

        return $stages === [] ? [['name' => 'pour', 'to' => $flasks[0]->pour, 'minutes' => 0.0]] : $stages;
    }
}
