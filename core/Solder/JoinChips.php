<?php

declare(strict_types=1);

namespace HotSprue\Solder;

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

/** How many chips a joint takes. Source: workbook 12, advice. */
final class JoinChips implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'join.chips',
            'Chips',
            'How many chips of solder a joint takes',
            'geometry',
            [
                Field::length('length', 'length of the joint'),
                Field::length('section', 'thickness of the metal that meets'),
                Field::length('gap', 'how far it gapes; a hair unless seen')->fromSetting('solder.gap'),
            ],
            [
                Output::of(Quantity::CubicMillimetres, 'joint_volume', 'what the joint holds'),
                Output::of(Quantity::CubicMillimetres, 'chip_volume', 'what a chip holds'),
                Output::of(Quantity::Count, 'chips', 'chips to cut'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$length, $section, $gap] = [$input->num('length'), $input->num('section'), $input->num('gap')];
        $chips = Chips::of($length, $section, $gap, $settings);
        $side = $settings->num('solder.chip');
        $uses = ['length', 'section', 'gap'];

        return AnswerBuilder::of($this, $input)
            ->work(
                'joint_volume', $chips->joint,
                Formula::of(
                    '{length} × {section} × {gap}', ['length' => $length, 'section' => $section, 'gap' => $gap],
                ),
                uses: $uses, because: 'the seam is filled, no more',
            )
            ->work(
                'chip_volume', $chips->chip,
                Formula::of(
                    '{side} × {side} × {thickness}',
                    ['side' => $side, 'thickness' => $settings->num('solder.chip_thickness')],
                ),
                uses: [], because: 'as the workshop cuts them', source: 'the workshop’s own',
            )
            ->work(
                'chips', $chips->count,
                Formula::of('ceil({joint} ÷ {chip}) + 1', ['joint' => $chips->joint, 'chip' => $chips->chip]),
                uses: $uses, because: 'one more, for what runs away', source: 'workbook 12, advice',
            )
            ->answer();
    }
}
