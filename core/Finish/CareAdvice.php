<?php

declare(strict_types=1);

namespace HotSprue\Finish;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Stones\Species;
use HotSprue\Stones\StoneCare;
use HotSprue\Workshop\WorkshopSettings;

/**
 * What the client is told of wearing and cleaning a piece, from its stones and metals. Source: workbook 3, species; 13.
 */
final class CareAdvice implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'care.advice',
            'What the client is told',
            'What the client is told of wearing and cleaning the piece',
            'workbook 3, species',
            [
                Field::named('alloy', 'stock.alloys', 'the alloy'),
                Field::rows(
                    'stones',
                    [
                        Field::named('species', 'stock.species', 'what stone it is'),
                        Field::yesNo('treated', 'whether it is treated, filled or included')
                            ->called('treated?')->default(false),
                    ],
                    'the stones of the piece',
                )->default([]),
                Field::choice(
                    'setting', StoneCare::HELD, 'how the stones are held',
                )->default('none'),
                Field::yesNo('rhodium', 'whether it is plated')->default(false),
                Field::yesNo('patina', 'whether the lows are darkened')->default(false),
            ],
            [Output::rows('advice', 'what is said'), Output::of(Quantity::Count, 'points', 'points to tell')],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $advice = [
            ...self::ofStones($input, $settings),
            ...self::ofMetal($input, Alloy::named($input->text('alloy'), $settings)),
        ];

        return AnswerBuilder::of($this, $input)
            ->give('advice', array_map(static fn (string $words): array => ['words' => $words], $advice))
            ->work(
                'points', count($advice), Formula::taken('points for these stones and this metal', count($advice)),
                uses: ['stones', 'alloy'], because: 'printed on the hand-over sheet',
            )
            ->answer();
    }

    /** @return list<string> */
    private static function ofStones(Input $input, WorkshopSettings $settings): array
    {
        $not = ['ultrasonic' => [], 'steam' => []];
        $soft = [];
        foreach ($input->rows('stones') as $row) {
            $stone = Species::named((string) $row['species'], $settings);
            foreach (array_keys($not) as $way) {
                if ($row['treated'] === true || $stone->stands($way) === 'n') {
                    $not[$way][] = $stone->label;
                }
            }
            $stone->mohs < 7 ? $soft[] = $stone->label : null;
        }
        $named = static fn (array $labels): string => implode(', ', array_unique($labels));
        $advice = $input->rows('stones') === [] ? [] : [
            'Clean in lukewarm water with a drop of soap and a soft brush; rinse, and dry with a soft cloth.',
        ];
        $not['ultrasonic'] === [] ?: $advice[] = "No ultrasonic bath: {$named($not['ultrasonic'])}.";
        $not['steam'] === [] ?: $advice[] = "No steam and no sudden heat: {$named($not['steam'])}.";
        $soft === []
            ?: $advice[] = "Softer than dust and scratched by it: {$named($soft)}. Off for work, sport and the "
                .'garden; kept apart from other jewels.';
        in_array(
            $input->text('setting'), ['claws', 'shared-claws', 'bead', 'shared'], true,
        ) && $input->rows('stones') !== [] ? $advice[] = 'Have the setting looked at once a year; a claw that catches '
            .'on wool is a claw that lifts.' : null;

        return $advice;
    }

    /** @return list<string> */
    private static function ofMetal(Input $input, Alloy $alloy): array
    {
        $advice = match ($alloy->metal) {
            'silver' => [
                'Silver tarnishes: kept in a closed bag it stays bright. Polishing cloth, no dip beside stones.',
            ],
            'base' => ['Bronze darkens on the skin; rub it with a soft cloth.'],
            'gold' => ['Chlorine and bleach make gold brittle: off in the pool and the tub.'],
            default => [],
        };
        $alloy->nickel ? $advice[] = 'This white gold holds nickel; not for skin that does not bear it.' : null;
        $input->flag('rhodium')
            ? $advice[] = 'The white is a plating of rhodium; it wears with the years and is renewed.'
            : null;
        $input->flag('patina') ? $advice[] = 'The dark in the lows is a patina; no polishing paste there.' : null;

        return $advice;
    }
}
