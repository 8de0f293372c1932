<?php

declare(strict_types=1);

namespace HotSprue\Wax;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** What a wax like an earlier one should weigh: that one's weight, by what is drawn of both. Source: workbook 7. */
final class WaxLike implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'wax.like',
            'A wax like an earlier one',
            'What a wax should weigh that is like one that was weighed, in another size',
            'workbook 7, metal from wax',
            [
                Field::mass('like_mass', 'what the earlier wax weighed')->called('the earlier wax'),
                Field::of(Quantity::CubicMillimetres, 'like_volume_mm3', 'what was drawn of that one')
                    ->called('drawn of that one'),
                Field::of(Quantity::CubicMillimetres, 'volume_mm3', 'what is drawn of this one')
                    ->called('drawn of this one'),
            ],
            [
                Output::number('ratio', 'this one over that one')->called('this over that'),
                Output::mass('wax_mass', 'what this wax should weigh')->called('wax should weigh'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $ratio = $input->num('volume_mm3') / $input->num('like_volume_mm3');

        return AnswerBuilder::of($this, $input)
            ->work(
                'ratio', $ratio,
                Formula::of(
                    '{this} ÷ {that}', ['this' => $input->num('volume_mm3'), 'that' => $input->num('like_volume_mm3')],
                ), uses: ['volume_mm3', 'like_volume_mm3'], because: 'what a drawing leaves out grows with the piece',
            )
            ->work(
                'wax_mass', $input->num('like_mass') * $ratio,
                Formula::of('{earlier wax} × {ratio}', ['earlier wax' => $input->num('like_mass'), 'ratio' => $ratio]),
                uses: ['like_mass', 'volume_mm3', 'like_volume_mm3'],
                because: 'its carving, texture and letters are in the weight',
            )
            ->answer();
    }
}
