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

/** Pairs measured on both sides: which side to take down, and by how much. Source: workbook 5. */
final class LayoutSymmetry implements Calculation
{
    private const SOURCE = 'workbook 5, symmetry';

    public function description(): Description
    {
        return new Description(
            'layout.symmetry',
            'Symmetry',
            'Pairs measured on both sides: which to take down, and by how much',
            self::SOURCE,
            [
                Field::rows('pairs', self::columns(), 'each pair, measured'),
                Field::length('tolerance', 'a pair may differ by so much')
                    ->allowingZero()->fromSetting('layouts.symmetry'),
            ],
            [
                Output::length('worst', 'largest difference'),
                Output::rows('differences', 'each pair, worst first: difference_mm, the side to take down'),
            ],
            ['sides-differ' => 'a pair differs by more than the tolerance'],
        );
    }

    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'what is measured'),
            Field::length('left', 'on the left')->allowingZero(),
            Field::length('right', 'on the right')->allowingZero(),
        ];
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $rows = [];
        foreach ($input->rows('pairs') as $pair) {
            $difference = (float) $pair['left'] - (float) $pair['right'];
            $rows[] = ['name' => $pair['name'], 'difference_mm' => abs($difference), 'take_down' => match (true) {
                abs($difference) <= $input->num('tolerance') + 1e-9 => 'neither', $difference > 0 => 'left',
                default => 'right'
            }];
        }
        if ($rows === []) {
            throw BadInput::field('pairs', 'At least one pair is accepted.');
        }
        usort($rows, static fn (array $a, array $b): int => $b['difference_mm'] <=> $a['difference_mm']);
        $worst = $rows[0];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'worst', $worst['difference_mm'],
                Formula::taken('the largest of left − right, either way', $worst['difference_mm']), uses: ['pairs'],
                because: $worst['name'],
            )
            ->give('differences', $rows);
        if ($worst['take_down'] !== 'neither') {
            $answer->find(
                Level::Caution, 'sides-differ', 'pairs',
                sprintf(
                    '%s: the %s is %.2f mm more.', ucfirst((string) $worst['name']), $worst['take_down'],
                    $worst['difference_mm'],
                ),
                sprintf(
                    'Take the %s down by %.2f mm; never build up the low side.', $worst['take_down'],
                    $worst['difference_mm'],
                ),
            );
        }

        return $answer->answer();
    }
}
