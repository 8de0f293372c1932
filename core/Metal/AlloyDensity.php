<?php

declare(strict_types=1);

namespace HotSprue\Metal;

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

/** The density of a composed alloy where no sheet gives it, by volume. Source: workbook 7. */
final class AlloyDensity implements Calculation
{
    /** g/cm³ */
    public const DENSITIES = [
        'Au' => 19.32, 'Ag' => 10.49, 'Cu' => 8.96, 'Zn' => 7.14, 'Ni' => 8.90, 'Pd' => 12.02, 'Pt' => 21.45,
    ];

    public function description(): Description
    {
        return new Description(
            'alloy.density',
            'Density of an alloy',
            'The density of a composed alloy, by volume',
            'workbook 7, alloys',
            [Field::shares('composition', array_keys(self::DENSITIES), 'share of each metal, in parts of 1')],
            [
                Output::of(Quantity::Density, 'density', 'density of the alloy'),
                Output::number('fineness_gold', 'gold, in parts of 1'),
                Output::number('fineness_silver', 'silver, in parts of 1'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $shares = $input->shares('composition');
        $sum = array_sum($shares);
        if (abs($sum - 1) > 0.001) {
            throw BadInput::field(
                'composition', sprintf('The shares make %.4f; shares that make 1 are accepted.', $sum),
            );
        }
        $volume = 0.0;
        $parts = $numbers = [];
        foreach ($shares as $metal => $share) {
            $volume += $share / self::DENSITIES[$metal];
            $parts[] = "{{$metal}} ÷ {density of {$metal}}";
            $numbers += [$metal => $share, "density of {$metal}" => self::DENSITIES[$metal]];
        }

        return AnswerBuilder::of($this, $input)
            ->work(
                'density', 1 / $volume,
                Formula::of('1 ÷ ('.implode(' + ', $parts).')', $numbers)->told('1 ÷ the sum of share ÷ density'),
                uses: ['composition'], because: 'volumes add, near enough',
            )
            ->work(
                'fineness_gold', $shares['Au'] ?? 0.0, Formula::taken('share of gold', $shares['Au'] ?? 0.0),
                uses: ['composition'], because: 'by mass',
            )
            ->work(
                'fineness_silver', $shares['Ag'] ?? 0.0, Formula::taken('share of silver', $shares['Ag'] ?? 0.0),
                uses: ['composition'], because: 'by mass',
            )
            ->answer();
    }
}
