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

/**
 * The lines to scribe on a blank, in the order of work, each with its divider setting. Wax sizes. Source: workbook 5.
 */
final class LayoutGrid implements Calculation
{
    private const SOURCE = 'workbook 5, grid on the wax';

    public function description(): Description
    {
        return new Description(
            'layout.grid',
            'Grid on the wax',
            'The lines to scribe on a blank, in the order of work, with their divider settings',
            self::SOURCE,
            [
                Field::length('width', 'width of the wax, face to face, at the top'),
                Field::length('width_base', 'width of the wax at the base')->called('width at the base')->optional(),
                Field::length('thickness', 'thickness of the wax at the top'),
                Field::length('thickness_base', 'thickness of the wax at the base')
                    ->called('thickness at the base')->optional(),
                Field::length('bore', 'bore of the wax'),
                Field::length('slice', 'width of the slice as cut')->optional(),
                Field::length(
                    'wrapped_on', 'outside diameter of what the grid is wrapped round now; the wax’s unless said',
                )->optional(),
                Field::length(
                    'stones_on', 'diameter on which the stones’ places are measured; the wax’s outside unless said',
                )
                    ->called('stones lie on')->optional(),
                Field::rows('stones', [
                    Field::of(
                        \HotSprue\Measures\Quantity::Number, 'along', 'centre along the outside from the top, mm',
                    )->between(-500, 500),
                    Field::of(
                        \HotSprue\Measures\Quantity::Number, 'across', 'centre across the band from its middle, mm',
                    )
                        ->between(-100, 100)->default(0.0),
                    Field::length('diameter', 'its seat in the wax'),
                ], 'stones by their centres')->default([]),
            ],
            [
                Output::length('circumference', 'circumference that the grid is wrapped round'),
                Output::length('quarter', 'divider setting from the top to a quarter line'),
                Output::length('centre', 'centre line from either face'),
                Output::rows(
                    'lines', 'each line in the order of work: what, setting_mm, from which line, on which face',
                ),
                Output::rows('stones', 'each stone: along_mm, across_mm, diameter_mm on what it is wrapped round'),
            ],
            [
                'line-too-near' => 'a divider setting under 0.3 mm',
                'stone-off-band' => 'a stone reaches over the edge of the band',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $wide = $input->num('width');
        $thick = [$input->num('thickness'), $input->numOr('thickness_base', $input->num('thickness'))];
        $outer = $input->num('bore') + $thick[0] + $thick[1];
        $on = $input->numOr('wrapped_on', $outer);
        if ($on < $input->num('bore')) {
            throw BadInput::field(
                'wrapped_on', 'It is wrapped round something smaller than the bore; the bore or more is accepted.',
            );
        }
        $around = M_PI * $on;
        $uses = ['bore', 'thickness', 'wrapped_on'];
        // Angles keep on a larger blank; distances along it grow with it.
        $stones = array_map(
            static fn (array $stone): array => [
                'along_mm' => $stone['along'] * $on / $input->numOr('stones_on', $outer),
                'across_mm' => $stone['across'], 'diameter_mm' => $stone['diameter'],
            ],
            $input->rows('stones'),
        );
        $lines = $this->lines($input, $on, $thick, $stones);
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'circumference', $around,
                Formula::of(
                    'π × {diameter of what it is wrapped round}', ['diameter of what it is wrapped round' => $on],
                ),
                uses: $uses, because: 'blank, trued blank or finished wax: the paper must close on it',
            )
            ->work(
                'quarter', $on * M_SQRT1_2, Formula::of('{diameter} × 0.70710678', ['diameter' => $on]), uses: $uses,
                because: 'dividers span the chord, not the arc',
            )
            ->work(
                'centre', $wide / 2, Formula::of('{width of the trued wax} ÷ 2', ['width of the trued wax' => $wide]),
                uses: ['width'], because: 'from both faces, so that an error shows',
            )
            ->give('lines', $lines)
            ->give('stones', $stones);
        $this->judge($answer, $lines, $stones, $wide, $settings);

        return $answer->answer();
    }

    /**
     * @param  array{float, float}  $thick
     * @param  list<array{along_mm: float, across_mm: float, diameter_mm: float}>  $stones
     * @return list<array{key: string, what: string, setting_mm: float|null, from: string, face: string}>
     */
    private function lines(Input $input, float $on, array $thick, array $stones): array
    {
        $wide = $input->num('width');
        $base = $input->numOr('width_base', $wide);
        $line = static fn (string $key, string $what,
            ?float $setting, string $from, string $face = 'outside'): array => [
                'key' => $key, 'what' => $what, 'setting_mm' => $setting, 'from' => $from, 'face' => $face,
            ];
        $off = max(0.0, $input->numOr('slice', $wide) - $wide) / 2;
        $lines = [
            $line('square', 'cut the blank square', null, 'by eye and square', 'both faces'),
            $line(
                'faces', $off > 1e-9 ? sprintf('true both faces flat, %.2f off each', $off) : 'true both faces flat',
                $wide, 'face to face', 'both faces',
            ),
            $line('centre', 'centre line round the tube', $wide / 2, 'from each face'),
            $line('top', 'top, across', null, 'where the grain or the flat is'),
            $line('base', 'base, opposite the top', $on, 'from the top, straight through'),
            $line('quarters', 'quarter lines, opposite one another', $on * M_SQRT1_2, 'from top and base, both ways'),
        ];
        foreach ($this->oppositesFirst($stones) as $index => $stone) {
            $lines[] = $line(
                "stone-{$index}", sprintf('stone circle of %.2f', $stone['diameter_mm']), $stone['diameter_mm'] / 2,
                sprintf(
                    '%s%s',
                    abs($stone['along_mm']) < 1e-9 ? 'at the top' : sprintf(
                        'dividers at %.2f %s the top', $on * sin(min(M_PI_2, abs($stone['along_mm']) / $on)),
                        $stone['along_mm'] < 0 ? 'before' : 'after',
                    ),
                    abs($stone['across_mm']) < 1e-9 ? '' : sprintf(
                        ', %.2f off the centre line', abs($stone['across_mm']),
                    ),
                ),
            );
        }
        $lines[] = $line('outline', 'outline at the top', $wide / 2, 'from the centre line');
        $lines[] = $line(
            'thickness', 'thickness line on both faces, at the top', $thick[0], 'from the bore', 'both faces',
        );
        if (abs($thick[1] - $thick[0]) > 1e-9) {
            $lines[] = $line(
                'thickness-base', 'thickness line on both faces, at the base', $thick[1], 'from the bore', 'both faces',
            );
        }
        $lines[] = $line('level-top', 'top level, flat kept until last', $thick[0], 'from the bore', 'both faces');
        $lines[] = $line('level-side', 'side levels, square kept until last', $wide / 2, 'from the centre line');
        if (abs($base - $wide) > 1e-9) {
            $lines[] = $line('taper', 'taper, last of all', $base / 2, 'from the centre line at the base');
        }

        return $lines;
    }

    /**
     * @param  list<array{along_mm: float, across_mm: float, diameter_mm: float}>  $stones
     * @return list<array{along_mm: float, across_mm: float, diameter_mm: float}>
     *   the middle first, then pairs on opposite sides
     */
    private function oppositesFirst(array $stones): array
    {
        usort(
            $stones,
            static fn (array $a, array $b): int => [
                round(abs($a['along_mm']), 6), $a['along_mm'],
            ] <=> [round(abs($b['along_mm']), 6), $b['along_mm']],
        );

        return $stones;
    }

    /**
     * @param  list<array{key: string, what: string, setting_mm: float|null, from: string, face: string}>  $lines
     * @param  list<array{along_mm: float, across_mm: float, diameter_mm: float}>  $stones
     */
    private function judge(
        AnswerBuilder $answer, array $lines, array $stones, float $wide, WorkshopSettings $settings,
    ): void
    {
        foreach ($lines as $line) {
            if ($line['setting_mm'] !== null && $line['setting_mm'] < $settings->num('layouts.finest_step') - 1e-9) {
                $answer->find(
                    Level::Caution, 'line-too-near', 'stones',
                    sprintf(
                        '%s: a setting of %.2f mm is finer than dividers hold.', ucfirst($line['what']),
                        $line['setting_mm'],
                    ),
                    'Mark it with a drill point through the printed template.',
                );
                break;
            }
        }
        foreach ($stones as $stone) {
            if (abs($stone['across_mm']) + $stone['diameter_mm'] / 2 > $wide / 2 + 1e-9) {
                $answer->find(
                    Level::Stop, 'stone-off-band', 'stones',
                    sprintf(
                        'A stone of %.2f mm reaches over the edge of a band %.2f mm wide.', $stone['diameter_mm'],
                        $wide,
                    ),
                    'Make the band wider, or build a head for it.',
                );
                break;
            }
        }
    }
}
