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

/** A width or a length divided: each line from both edges, and the divider setting to use. Source: workbook 5. */
final class LayoutDivide implements Calculation
{
    private const SOURCE = 'workbook 5, dividing';

    public function description(): Description
    {
        return new Description(
            'layout.divide',
            'Dividing',
            'A width or a length divided, with the divider setting of each line',
            self::SOURCE,
            [
                Field::length('total', 'a length to divide, drill or punch')->called('length to divide'),
                Field::count('parts', 'into so many equal parts')->called('into parts')->between(2, 100)->optional(),
                Field::number('ratios', 'or into parts in these proportions')->many()->optional(),
                Field::length('kerf', 'width of each cut')->allowingZero()->default(0.0),
            ],
            [
                Output::length('part', 'the first part'),
                Output::length('smallest', 'the smallest part'),
                Output::rows(
                    'lines', 'each line: at_mm from one edge, from_other_mm, setting_mm and the edge it is set from',
                ),
                Output::rows('parts_mm', 'each part and the running total, mm'),
            ],
            ['part-narrow' => 'a part under 0.5 mm'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        if ($input->has('parts') && $input->has('ratios')) {
            throw BadInput::bothGiven(['parts', 'ratios']);
        }
        if (! $input->has('parts') && ! $input->has('ratios')) {
            throw BadInput::neitherGiven('parts', ['a number of parts', 'a list of proportions']);
        }
        $ratios = $input->has('ratios') ? $input->nums('ratios') : array_fill(0, (int) $input->num('parts'), 1.0);
        if (min($ratios) <= 0) {
            throw BadInput::field('ratios', 'Every proportion is more than 0.');
        }
        $total = $input->num('total');
        $kerf = $input->num('kerf');
        $wide = $total - $kerf * (count($ratios) - 1);
        if ($wide <= 0) {
            throw BadInput::field('kerf', 'The cuts take all of it; a narrower kerf or fewer parts are accepted.');
        }
        $parts = array_map(static fn (float $ratio): float => $wide * $ratio / array_sum($ratios), $ratios);
        $uses = ['total', $input->has('parts') ? 'parts' : 'ratios', 'kerf'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'part', $parts[0],
                Formula::of(
                    '({total} − {cuts} × {kerf}) × {its share} ÷ {all shares}',
                    [
                        'total' => $total, 'cuts' => count($ratios) - 1, 'kerf' => $kerf, 'its share' => $ratios[0],
                        'all shares' => array_sum($ratios),
                    ],
                ),
                uses: $uses, because: 'the cuts come out of the whole',
            )
            ->work(
                'smallest', min($parts),
                Formula::of(
                    '({total} − {cuts} × {kerf}) × {smallest share} ÷ {all shares}',
                    [
                        'total' => $total, 'cuts' => count($ratios) - 1, 'kerf' => $kerf,
                        'smallest share' => min($ratios), 'all shares' => array_sum($ratios),
                    ],
                ),
                uses: $uses, because: 'the hardest to keep even',
            )
            ->give('lines', $this->lines($parts, $kerf, $total))
            ->give('parts_mm', $this->running($parts, $kerf));
        if (min($parts) < $settings->num('layouts.narrowest_part') - 1e-9) {
            $answer->find(
                Level::Caution, 'part-narrow', 'parts', sprintf('The narrowest part is %.2f mm.', min($parts)),
                'Divide it into fewer.',
            );
        }

        return $answer->answer();
    }

    /**
     * @param  list<float>  $parts
     * @return list<array{at_mm: float, from_other_mm: float, setting_mm: float, from: string}>
     */
    private function lines(array $parts, float $kerf, float $total): array
    {
        $lines = [];
        $at = 0.0;
        foreach (array_slice($parts, 0, -1) as $part) {
            $at += $part;
            $middle = $at + $kerf / 2;
            // A small setting of the dividers errs less than a large one.
            $lines[] = [
                'at_mm' => $middle, 'from_other_mm' => $total - $middle, 'setting_mm' => min($middle, $total - $middle),
                'from' => $middle <= $total - $middle ? 'this edge' : 'the other edge',
            ];
            $at += $kerf;
        }

        return $lines;
    }

    /**
     * @param  list<float>  $parts
     * @return list<array{part_mm: float, total_mm: float}>
     */
    private function running(array $parts, float $kerf): array
    {
        $sum = 0.0;
        $rows = [];
        foreach ($parts as $index => $part) {
            $sum += $part + ($index > 0 ? $kerf : 0.0);
            $rows[] = ['part_mm' => $part, 'total_mm' => $sum];
        }

        return $rows;
    }
}
