<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** Letters or a pattern round a band, each in its cell, so that they close on themselves. Source: workbook 5. */
final class LayoutLettering implements Calculation
{
    private const SOURCE = 'workbook 5, letters';

    private const MOST = 160;

    public function description(): Description
    {
        return new Description(
            'layout.lettering',
            'Letters round a band',
            'Letters or a pattern round a band, so that they close on themselves',
            self::SOURCE,
            [
                Field::text('text', 'the letters or signs, in order'),
                Field::length('outer_diameter', 'outside diameter of the wax')->called('outside diameter'),
                Field::of(
                    \HotSprue\Measures\Quantity::Angle, 'start', 'where the first begins, from the top',
                )->default(0.0),
                Field::length('margin', 'left plain between the end and the beginning')
                    ->called('left plain')->allowingZero()->default(0.0),
                Field::number('weights', 'widths of the cells beside one another, instead of by the letter')
                    ->many()->optional(),
            ],
            [
                Output::length('circumference', 'outside circumference'),
                Output::length('unit', 'width of a cell of weight 1'),
                Output::length('narrowest', 'narrowest cell'),
                Output::rows(
                    'cells', 'each cell: sign, from_mm, to_mm, from_deg, to_deg, step_mm from the boundary before',
                ),
            ],
            ['cells-narrow' => 'a cell under 0.8 mm wide'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        preg_match_all('/\X/u', $input->text('text'), $found);
        $signs = $found[0];
        if ($signs === []) {
            throw BadInput::field('text', 'There is nothing to lay out; a text is accepted.');
        }
        if (count($signs) > self::MOST) {
            throw BadInput::field(
                'text', sprintf('%d signs go round no band; up to %d are accepted.', count($signs), self::MOST),
            );
        }
        $weights = $input->has('weights') ? $input->nums('weights') : array_map($this->weight(...), $signs);
        if (count($weights) !== count($signs)) {
            throw BadInput::field(
                'weights',
                sprintf('%d weights for %d signs; one for each is accepted.', count($weights), count($signs)),
            );
        }
        $around = M_PI * $input->num('outer_diameter');
        $margin = $input->num('margin');
        if ($margin >= $around) {
            throw BadInput::field('margin', sprintf('The margin leaves no room; under %.2f mm is accepted.', $around));
        }
        $unit = ($around - $margin) / array_sum($weights);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'circumference', $around,
                Formula::of('π × {outside diameter}', ['outside diameter' => $input->num('outer_diameter')]),
                uses: ['outer_diameter'], because: 'the outside laid flat', source: 'geometry',
            )
            ->work(
                'unit', $unit,
                Formula::of(
                    '({circumference} − {margin}) ÷ {sum of the weights}',
                    ['circumference' => $around, 'margin' => $margin, 'sum of the weights' => array_sum($weights)],
                ),
                uses: ['outer_diameter', 'margin', 'text', 'weights'],
                because: 'narrow letters get 0.6, wide ones 1.3, so that the text looks even and closes',
            )
            ->work(
                'narrowest', $unit * min($weights),
                Formula::of('{unit} × {least weight}', ['unit' => $unit, 'least weight' => min($weights)]),
                uses: ['text', 'weights', 'outer_diameter'], because: 'the hardest to cut',
            )
            ->give('cells', $this->cells($signs, $weights, $unit, $input, $around));
        if ($unit * min($weights) < $settings->num('layouts.narrowest_letter') - 1e-9) {
            $answer->find(
                Level::Caution, 'cells-narrow', 'text',
                sprintf(
                    'The narrowest cell is %.2f mm: no graver or pin cuts a letter so narrow.', $unit * min($weights),
                ),
                'Say it shorter, or on a larger band.',
            );
        }

        return $answer->answer();
    }

    private function weight(string $sign): float
    {
        return match (true) {
            $sign === ' ' => 0.6,
            preg_match('/^[ij1\p{P}]$/iu', $sign) === 1 => 0.6,
            preg_match('/^[mw]$/iu', $sign) === 1 => 1.3,
            default => 1.0,
        };
    }

    /**
     * @param  list<string>  $signs
     * @param  list<float>  $weights
     * @return list<array{sign: string, from_mm: float, to_mm: float, from_deg: float, to_deg: float, step_mm: float}>
     */
    private function cells(array $signs, array $weights, float $unit, Input $input, float $around): array
    {
        $cells = [];
        // Once round it begins again: a place is under the whole way, and an end at the most the whole way.
        $begin = static fn (float $at): float => $at - $around * floor(($at + 1e-9) / $around);
        $end = static fn (float $at): float => $at - $around * (ceil(($at - 1e-9) / $around) - 1);
        $at = $begin($input->num('start') / 360 * $around);
        foreach ($signs as $index => $sign) {
            $wide = $unit * $weights[$index];
            $cells[] = [
                'sign' => $sign, 'from_mm' => $at, 'to_mm' => $end($at + $wide), 'from_deg' => $at / $around * 360,
                'to_deg' => $end($at + $wide) / $around * 360,
                'step_mm' => $input->num('outer_diameter') * sin($wide / $input->num('outer_diameter')),
            ];
            $at = $begin($at + $wide);
        }

        return $cells;
    }
}
