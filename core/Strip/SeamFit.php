<?php

declare(strict_types=1);

namespace HotSprue\Strip;

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

/** A crescent filed in the foot of a collet, or a flat on a round shank, so that a joint closes. Source: geometry. */
final class SeamFit implements Calculation
{
    private const SOURCE = 'geometry of a circle';

    public function description(): Description
    {
        return new Description(
            'seam.fit',
            'Foot filed to its seat',
            'The crescent filed in a foot that stands on a band, and the flat filed where two rounds meet',
            self::SOURCE,
            [
                Field::length('outer_diameter', 'outside diameter of the band that it stands on')
                    ->called('outside diameter'),
                Field::length('foot', 'width of the foot along the band'),
                Field::length('height', 'height of what is filed')->optional(),
                Field::length('wire', 'a round shank or wire that gets a flat')->called('round shank')->optional(),
                Field::length('flat', 'width of the flat')->called('flat, wide')->optional(),
            ],
            [
                Output::length('crescent', 'depth of the crescent in the middle of the foot')->called('crescent, deep'),
                Output::length('left', 'what is left of the height over the crescent')->called('left over it'),
                Output::length('flat_depth', 'depth of the flat')->called('flat, deep'),
                Output::length('joint', 'length of the joint along the curve')->called('joint, long'),
            ],
            ['crescent-deep' => 'a crescent that takes over half of what it is filed in'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$radius, $foot] = [$input->num('outer_diameter') / 2, $input->num('foot')];
        if ($foot >= 2 * $radius) {
            throw BadInput::field('foot', 'The foot is narrower than the band; less is accepted.');
        }
        $crescent = $radius - sqrt($radius ** 2 - $foot ** 2 / 4);
        $uses = ['outer_diameter', 'foot'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'crescent', $crescent,
                Formula::of('{R} − √({R} ^ 2 − {foot} ^ 2 ÷ 4)', ['R' => $radius, 'foot' => $foot]), uses: $uses,
                because: 'filed with a round file of that curve, tried against the light',
            )
            ->work(
                'joint', 2 * $radius * asin($foot / 2 / $radius),
                Formula::of('2 × {R} × asin({foot} ÷ (2 × {R}))', ['R' => $radius, 'foot' => $foot]),
                uses: $uses, because: 'what chips are counted for',
            );
        if ($input->has('height')) {
            $this->height($answer, $input->num('height'), $crescent);
        }
        if ($input->has('wire') !== $input->has('flat')) {
            throw BadInput::neitherGiven(
                $input->has('wire') ? 'flat' : 'wire', ['a round shank and the width of its flat'],
            );
        }
        if ($input->has('wire')) {
            [$wire, $flat] = [$input->num('wire') / 2, $input->num('flat')];
            if ($flat > 2 * $wire) {
                throw BadInput::field('flat', 'A flat is no wider than its wire; less is accepted.');
            }
            $answer->work(
                'flat_depth', $wire - sqrt($wire ** 2 - $flat ** 2 / 4),
                Formula::of('{r} − √({r} ^ 2 − {flat} ^ 2 ÷ 4)', ['r' => $wire, 'flat' => $flat]),
                uses: ['wire', 'flat'], because: 'on each of the two that meet',
            );
        }

        return $answer->answer();
    }

    private function height(AnswerBuilder $answer, float $height, float $crescent): void
    {
        $answer->work(
            'left', $height - $crescent,
            Formula::of('{height} − {crescent}', ['height' => $height, 'crescent' => $crescent]),
            uses: ['height', 'outer_diameter', 'foot'], because: 'the seat must not be filed into',
        );
        if ($crescent > $height / 2 + 1e-9) {
            $answer->find(
                Level::Caution, 'crescent-deep', 'height',
                sprintf('A crescent of %.2f mm takes over half of %.2f mm.', $crescent, $height),
                sprintf('Cut it %.2f mm high, or file a flat on the band instead.', 2 * $crescent),
                ['height' => ceil(2000 * $crescent) / 1000],
            );
        }
    }
}
