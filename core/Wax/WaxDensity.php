<?php

declare(strict_types=1);

namespace HotSprue\Wax;

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
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** A wax's density from a measured block, weighed. Source: workbook 6. */
final class WaxDensity implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'wax.density',
            'Wax density',
            'A wax’s density from a measured block, weighed',
            'geometry',
            [
                Field::mass('mass', 'mass of the block'),
                Field::length('length', 'length of the block')->optional(),
                Field::length('width', 'width of the block')->optional(),
                Field::length('height', 'height of the block')->optional(),
                Field::of(
                    Quantity::CubicMillimetres, 'volume_mm3', 'volume of the block, instead of its three sides',
                )->optional(),
            ],
            [
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of the block'),
                Output::of(Quantity::Density, 'density', 'density of the wax'),
            ],
            ['density-unlikely' => 'density outside 0.93–1.03 g/cm³, where waxes lie'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $sides = array_values(array_filter(['length', 'width', 'height'], $input->has(...)));
        if ($sides !== [] && $input->has('volume_mm3')) {
            throw BadInput::bothGiven([$sides[0], 'volume_mm3']);
        }
        $answer = AnswerBuilder::of($this, $input);
        if ($input->has('volume_mm3')) {
            $volume = $input->num('volume_mm3');
            $answer->work(
                'volume_mm3', $volume, Formula::taken('as given', $volume), uses: ['volume_mm3'],
                because: 'measured another way',
            );
        } elseif (count($sides) < 3) {
            throw BadInput::neitherGiven(
                array_values(array_diff(['length', 'width', 'height'], $sides))[0], ['all three sides', 'a volume'],
            );
        } else {
            $numbers = array_map($input->num(...), $sides);
            $volume = (float) array_product($numbers);
            $answer->work(
                'volume_mm3', $volume, Formula::of('{length} × {width} × {height}', array_combine($sides, $numbers)),
                uses: $sides, because: 'a square block',
            );
        }
        $density = 1000 * $input->num('mass') / $volume;
        $answer->work(
            'density', $density,
            Formula::of('1000 × {mass} ÷ {volume}', ['mass' => $input->num('mass'), 'volume' => $volume]),
            uses: ['mass', ...($sides === [] ? ['volume_mm3'] : $sides)], because: 'mm³ to cm³ is a thousand',
            source: 'workbook 6, waxes',
        );
        if ($density < $settings->num('wax.density_least') - 1e-9
            || $density > $settings->num('wax.density_most') + 1e-9) {
            $answer->find(
                Level::Caution, 'density-unlikely', 'mass',
                sprintf(
                    '%.3f g/cm³ lies outside %.2f–%.2f, where carving waxes lie.', $density,
                    $settings->num('wax.density_least'), $settings->num('wax.density_most'),
                ),
                'Measure and weigh again; a hollow or a core of another wax shows like this.',
            );
        }

        return $answer->answer();
    }
}
