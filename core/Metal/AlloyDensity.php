<?php

declare(strict_types=1);

namespace HotSprue\Metal;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
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
    public const DENSITIES = ['Au' => 19.32, 'Ag' => 10.49, 'Cu' => 8.96, 'Zn' => 7.14, 'Ni' => 8.90, 'Pd' => 12.02, 'Pt' => 21.45];

    public function description(): Description
    {
        return new Description(
            'alloy.density',
            'The density of a composed alloy, by volume',
            [Field::shares('composition', array_keys(self::DENSITIES), 'share of each metal, in parts of 1')],
            [Output::of(Quantity::Density, 'density', 'density of the alloy'), Output::number('fineness_gold', 'gold, in parts of 1'), Output::number('fineness_silver', 'silver, in parts of 1')],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $shares = $input->shares('composition');
        $sum = array_sum($shares);
        if (abs($sum - 1) > 0.001) {
            throw BadInput::field('composition', sprintf('The shares make %.4f; shares that make 1 are accepted.', $sum));
        }
        $volume = 0.0;
        $numbers = [];
        foreach ($shares as $metal => $share) {
            $volume += $share / self::DENSITIES[$metal];
            array_push($numbers, $share, self::DENSITIES[$metal]);
        }

        return AnswerBuilder::of($this, $input)
            ->work('density', 1 / $volume, '1 ÷ the sum of share ÷ density', '1 ÷ ('.implode(' + ', array_fill(0, count($shares), '{} ÷ {}')).')', $numbers, ['composition'], 'volumes add, near enough', 'workbook 7, alloys')
            ->work('fineness_gold', $shares['Au'] ?? 0.0, 'share of gold', '{}', [$shares['Au'] ?? 0.0], ['composition'], 'by mass', 'workbook 7, alloys')
            ->work('fineness_silver', $shares['Ag'] ?? 0.0, 'share of silver', '{}', [$shares['Ag'] ?? 0.0], ['composition'], 'by mass', 'workbook 7, alloys')
            ->answer();
    }
}
