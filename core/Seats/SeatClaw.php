<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stones\StoneInput;
use HotSprue\Wax\Shrinkage;
use HotSprue\Workshop\WorkshopSettings;

/** Claws round a stone: wire, places, notch and length. Sizes of the finished metal. Source: workbook 4. */
final class SeatClaw implements Calculation
{
    private const SOURCE = 'workbook 4, claws';

    public function description(): Description
    {
        return new Description(
            'seat.claw',
            'Claws',
            'Claws for a stone: their wire, places, notch and length',
            self::SOURCE,
            [
                ...StoneInput::fields(),
                Field::count('claws', 'how many claws; by the shape unless said')->between(3, 8)->optional(),
                ...Proportions::fields(),
                Field::length('wire', 'a claw wire chosen by hand')->called('claw wire')->optional(),
                Field::length('notch', 'depth of the notch; 0.3 of the wire unless said')->optional(),
                Field::length('below', 'claw below the notch; pavilion + 0.4 unless said')->optional(),
                Field::length('standing', 'how much stands above the girdle before setting')
                    ->called('stands')->optional(),
                ...Shrinkage::fields(),
            ],
            [
                Output::of(Quantity::Count, 'claws', 'how many'),
                Output::length('wire', 'diameter of the claw wire'),
                Output::length('notch', 'depth of the notch'),
                Output::length('below', 'claw below the notch')->called('below the notch'),
                Output::length('cut_length', 'length to cut each wire')->called('claw to cut'),
                Output::length('pilot', 'hole for the wire, a push fit'),
                Output::of(
                    Quantity::CubicMillimetres, 'volume_mm3', 'volume of the claws as they stand, without what is held',
                ),
                Output::of(Quantity::CubicMillimetres, 'wax_volume_mm3', 'volume of the same in wax'),
                Output::length('outside_width_in_wax', 'width over the claws, in wax'),
                Output::length('outside_length_in_wax', 'length over the claws, in wax'),
                Output::length('height_in_wax', 'from the foot to the ends of the claws, in wax'),
                Output::rows('places', 'each claw’s axis: x_mm, y_mm, angle_deg, and whether it is a V at a point'),
            ],
            [
                'notch-too-deep' => 'notch over 40 % of the wire',
                'standing-short' => 'less stands before setting than crown height + 1 mm, or than 1.5 mm',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $outline = StoneInput::read($input);
        $stone = Proportions::of($input, $outline->wide, $settings);
        $claws = Claws::of($outline, $input->has('claws') ? (int) $input->num('claws') : null);
        $count = $claws->count();
        $wire = $input->has('wire') ? $input->num('wire') : $claws->wire();
        $notch = $input->numOr('notch', $settings->num('seats.notch') * $wire);
        $below = $input->numOr('below', $stone->pavilion + $settings->num('seats.under_culet'));
        $cut = $below + $stone->crown + 1 + 2;
        $uses = StoneInput::uses($input);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'claws', $count, Formula::taken($input->has('claws') ? 'as chosen' : 'by the shape', $count),
                uses: [...$uses, 'claws'], because: 'opposite one another, a V at each point',
            )
            ->work(
                'wire', $wire,
                Formula::taken(
                    $input->has('wire')
                        ? 'as chosen'
                        : 'by the mean diameter; 0.1 more where there are fewer than four',
                    $wire,
                ),
                uses: [...$uses, 'claws', 'wire'],
                because: sprintf('mean diameter %.2f mm', ($outline->long + $outline->wide) / 2),
            )
            ->work(
                'notch', $notch,
                $input->has('notch') ? Formula::taken('as given', $notch) : Formula::of(
                    '{share} × {wire}', ['share' => $settings->num('seats.notch'), 'wire' => $wire],
                ),
                uses: ['notch', 'wire'],
                because: sprintf(
                    'at the girdle, never over %.0f %% of the wire', 100 * $settings->num('seats.deepest_notch'),
                ),
            )
            ->work(
                'below', $below,
                $input->has('below') ? Formula::taken('as given', $below) : Formula::of(
                    '{pavilion} + {under the culet}',
                    ['pavilion' => $stone->pavilion, 'under the culet' => $settings->num('seats.under_culet')],
                ), uses: ['below', 'width', 'depth'], because: 'the culet stays clear of what the head stands on',
            )
            ->work(
                'cut_length', $cut,
                Formula::of(
                    '{below the notch} + {crown} + 1 + 2', ['below the notch' => $below, 'crown' => $stone->crown],
                ),
                uses: ['width', 'depth', 'below'], because: 'cut long; claws only get shorter',
            )
            ->work(
                'pilot', $wire - 0.02, Formula::of('{wire} − 0.02', ['wire' => $wire]), uses: ['wire'],
                because: 'drilled small first and opened to this, so that the wire is a push fit',
            )
            ->work(
                'volume_mm3', $count * M_PI / 4 * $wire ** 2 * ($cut - 2),
                Formula::of(
                    '{claws} × π ÷ 4 × {wire} ^ 2 × ({cut length} − 2)',
                    ['claws' => $count, 'wire' => $wire, 'cut length' => $cut],
                ),
                uses: ['claws', 'wire', 'width'], because: 'what is held comes off',
            );
        $places = $claws->places($wire / 2 - $notch);
        $answer->give('places', $places);
        $this->inWax($answer, $input, $settings, $places, $wire, $cut - 2);
        if ($notch > $settings->num('seats.deepest_notch') * $wire + 1e-9) {
            $answer->find(
                Level::Caution, 'notch-too-deep', 'notch',
                sprintf(
                    'A notch of %.2f mm takes %.0f %% of the wire: the claw breaks there.', $notch,
                    100 * $notch / $wire,
                ),
                sprintf('Cut %.2f mm at the most.', $settings->num('seats.deepest_notch') * $wire),
                ['notch' => floor(1000 * $settings->num('seats.deepest_notch') * $wire) / 1000],
            );
        }
        $wanted = max($settings->num('seats.least_standing'), $stone->crown + 1);
        if ($input->has('standing') && $input->num('standing') < $wanted - 1e-9) {
            $answer->find(
                Level::Caution, 'standing-short', 'standing',
                sprintf(
                    '%.2f mm standing gives too little to hold and bend over a crown of %.2f mm.',
                    $input->num('standing'),
                    $stone->crown,
                ),
                sprintf('Leave %.2f mm standing before setting; 2 mm is the bench’s plain rule.', $wanted),
                ['standing' => ceil(1000 * $wanted) / 1000],
            );
        }

        return $answer->answer();
    }

    /** @param list<array{x_mm: float, y_mm: float, angle_deg: float, v: bool}> $places */
    private function inWax(
        AnswerBuilder $answer, Input $input, WorkshopSettings $settings, array $places, float $wire, float $height,
    ): void
    {
        $s = Shrinkage::read($input, $settings);
        $uses = [...StoneInput::uses($input), 'claws', 'wire', 'notch', ...Shrinkage::uses($input)];
        foreach (['outside_width_in_wax' => 'x_mm', 'outside_length_in_wax' => 'y_mm'] as $name => $way) {
            $apart = max([0.0, ...array_column($places, $way)]) - min([0.0, ...array_column($places, $way)]);
            $answer->work(
                $name, ($apart + $wire) / (1 - $s),
                Formula::of(
                    '({axes apart} + {wire}) ÷ (1 − {shrinkage})',
                    ['axes apart' => $apart, 'wire' => $wire, 'shrinkage' => $s],
                ),
                uses: $uses, because: 'what must come out of the blank',
            );
        }
        $volume = $answer->given('volume_mm3');
        $answer
            ->work(
                'height_in_wax', $height / (1 - $s),
                Formula::of(
                    '{(cut length − 2)} ÷ (1 − {shrinkage})', ['(cut length − 2)' => $height, 'shrinkage' => $s],
                ),
                uses: $uses, because: 'from the foot to the ends of the claws',
            )
            ->work(
                'wax_volume_mm3', $volume / (1 - $s) ** 3,
                Formula::of('{volume} ÷ (1 − {shrinkage}) ^ 3', ['volume' => $volume, 'shrinkage' => $s]), uses: $uses,
                because: 'the wax is larger every way',
            );
    }
}
