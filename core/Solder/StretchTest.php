<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** Two soldered samples stretched on the mandrel until they break. Source: workbook 12, stretch test log. */
final class StretchTest implements Calculation
{
    private const SOURCE = 'workbook 12, stretch test log';

    public const WHERE = ['joint', 'beside', 'metal', 'unbroken'];

    public function description(): Description
    {
        $sample = [
            Field::text('name', 'which sample'),
            Field::of(Quantity::RingSize, 'start', 'size that it began with, round the inside'),
            Field::of(Quantity::RingSize, 'broken', 'size that it broke at, round the inside'),
            Field::choice('where', self::WHERE, 'where it broke')->default('joint'),
        ];

        return new Description(
            'stretch.test',
            'Stretch test',
            'How far two soldered samples stretched before they broke',
            self::SOURCE,
            [Field::rows('samples', $sample, 'the two samples')],
            [
                Output::share('strain_first', 'the first one’s stretch at break'),
                Output::share('strain_second', 'the second one’s stretch at break'),
                Output::share('difference', 'first − second'),
                Output::text('stronger', 'which one held longer'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $samples = $input->rows('samples');
        if (count($samples) !== 2) {
            throw BadInput::field('samples', sprintf('%d given; two samples are compared.', count($samples)));
        }
        $answer = AnswerBuilder::of($this, $input);
        $strains = [];
        foreach (['strain_first', 'strain_second'] as $index => $result) {
            ['name' => $name, 'start' => $start, 'broken' => $broken] = $samples[$index];
            if ($broken < $start) {
                throw BadInput::field('samples', "{$name}: it broke smaller than it began; a larger size is accepted.");
            }
            $strains[] = $strain = ($broken - $start) / $start;
            $answer->work(
                $result, $strain,
                Formula::of('({broken} − {start}) ÷ {start}', ['broken' => $broken, 'start' => $start]),
                uses: ['samples'], because: 'stretch at break',
            );
        }
        $difference = $strains[0] - $strains[1];
        $said = abs($difference) < $settings->num('solder.alike')
            ? 'alike'
            : (string) $samples[$difference > 0 ? 0 : 1]['name'];
        $joints = array_filter($samples, static fn (array $sample): bool => $sample['where'] === 'joint');
        $answer->work(
            'difference', $difference, Formula::of('{first} − {second}', array_combine(['first', 'second'], $strains)),
            uses: ['samples'], because: 'compared as they are',
        )
            ->work(
                'stronger', $said,
                Formula::said('the one that stretched farther', sprintf('%.4f and %.4f', ...$strains)),
                uses: ['samples'],
                because: $joints === []
                    ? 'neither gave at the joint: both are stronger than the metal'
                    : 'a joint that gives before the metal is the weaker',
            );

        return $answer->answer();
    }
}
