<?php

declare(strict_types=1);

namespace HotSprue\Seats;

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
use HotSprue\Stock\Alloy;
use HotSprue\Stones\StoneInput;
use HotSprue\Workshop\WorkshopSettings;

/** Rings of wire or strip under a head, stepping in by its slope, and the struts between them. Source: workbook 5. */
final class SeatGallery implements Calculation
{
    private const SOURCE = 'workbook 5, gallery and basket';

    public function description(): Description
    {
        return new Description(
            'seat.gallery',
            'Gallery and basket',
            'The rings of wire or strip under a head, and the struts between them',
            self::SOURCE,
            [
                ...StoneInput::fields(),
                Field::length('outside', 'how far the head reaches outside the girdle')
                    ->called('metal outside the girdle')->allowingZero()->default(0.0),
                Field::rows('levels', [
                    Field::length('depth', 'under the girdle')->allowingZero(),
                    Field::length('inset', 'in from the head’s outline')->allowingZero()->optional(),
                ], 'the rings from above')->optional(),
                Field::length('depths', 'how deep under the girdle each ring lies, instead of a list with insets')
                    ->called('gallery rings at')->allowingZero()->many()->optional(),
                Field::length('inset', 'in from the head’s outline at the girdle')
                    ->called('gallery set in')->allowingZero()->default(0.0),
                Field::of(Quantity::Angle, 'taper', 'slope of the basket from upright')
                    ->called('gallery slopes in')->between(0, 60)->default(0.0),
                Field::length('wire', 'diameter of a wire, thickness of a strip')->called('gallery wire')->default(0.8),
                Field::length('height', 'height of a strip; a round wire unless said')->optional(),
                Field::length('deep', 'from the girdle to the foot of the struts; the lowest ring unless said')
                    ->optional(),
                Field::count('struts', 'struts, at the claws')->between(0, 60)->default(0),
                Field::named('alloy', 'stock.alloys', 'the alloy')->default('sterling-925'),
            ],
            [
                Output::rows('rings', 'each ring: depth_mm, inset_mm, length_mm'),
                Output::length('ring_length', 'all rings together')->called('gallery rings in all'),
                Output::length('strut_length', 'one strut along the slope')->called('each strut'),
                Output::length('wire_total', 'rings and struts together')->called('gallery wire in all'),
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'metal of rings and struts')
                    ->called('metal of the gallery'),
                Output::mass('mass', 'mass of rings and struts'),
            ],
            ['gallery-too-deep' => 'a ring that steps in by more than half of the head'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $outline = StoneInput::read($input);
        $levels = $this->levels($input);
        $wire = $input->num('wire');
        $uses = [...StoneInput::uses($input), 'outside', 'wire', 'inset', 'taper'];
        $rings = $narrow = [];
        foreach ($levels as [$depth, $inset]) {
            $offset = $input->num('outside') - $inset - $wire / 2;
            if ($offset <= ($wire - $outline->wide) / 2) {
                throw BadInput::field('inset', sprintf('At %.2f mm deep nothing is left of the ring.', $depth));
            }
            $inset <= $outline->wide / 4 + $input->num('outside') ?: $narrow[] = $depth;
            $rings[] = ['depth_mm' => $depth, 'inset_mm' => $inset, 'length_mm' => $outline->lengthAt($offset)];
        }
        $deepest = max(array_column($levels, 0));
        $strut = $input->numOr('deep', $deepest) / cos(deg2rad($input->num('taper')));
        $lengths = array_column($rings, 'length_mm');
        $section = $input->has('height') ? $wire * $input->num('height') : M_PI / 4 * $wire ** 2;
        $total = array_sum($lengths) + $input->num('struts') * $strut;
        $answer = AnswerBuilder::of($this, $input)
            ->give('rings', $rings)
            ->work(
                'ring_length', array_sum($lengths), Formula::sum('every ring along the wire’s middle', $lengths),
                uses: $uses, because: 'the head’s outline, stepped in, less half the wire',
            )
            ->work(
                'strut_length', $strut,
                Formula::said('depth ÷ cos of the slope', sprintf(
                    '%s ÷ cos %s°', $input->numOr('deep', $deepest), $input->num('taper'),
                )),
                uses: ['taper', 'deep'], because: 'along the slope',
            )
            ->work(
                'wire_total', $total,
                Formula::of(
                    '{rings} + {struts} × {each}',
                    ['rings' => array_sum($lengths), 'struts' => $input->num('struts'), 'each' => $strut],
                ), uses: [...$uses, 'struts'], because: 'before joints are filed',
            )
            ->work(
                'volume_mm3', $section * $total,
                Formula::of('{section} × {wire in all}', ['section' => $section, 'wire in all' => $total]),
                uses: [...$uses, 'struts'], because: $input->has('height') ? 'a strip' : 'a round wire',
            );
        $density = Alloy::named($input->text('alloy'), $settings)->density;
        $answer->work(
            'mass', $section * $total * $density / 1000,
            Formula::of('{volume} × {density} ÷ 1000', ['volume' => $section * $total, 'density' => $density]),
            uses: [...$uses, 'alloy'], because: 'metal to take from stock', source: 'workbook 7, alloys',
        );
        if ($narrow !== []) {
            $answer->find(
                Level::Caution, 'gallery-too-deep', 'taper',
                sprintf('The ring at %.2f mm steps in by over half of the head.', $narrow[0]),
                'Slope it less, or leave that ring out: the stone’s pavilion needs the room.',
            );
        }

        return $answer->answer();
    }

    /** @return non-empty-list<array{float, float}> depth and inset of each ring */
    private function levels(Input $input): array
    {
        if ($input->has('levels') === $input->has('depths')) {
            throw $input->has('levels') ? BadInput::bothGiven(['levels', 'depths'])
                : BadInput::neitherGiven('levels', ['levels', 'depths']);
        }
        $rows = $input->has('levels') ? $input->rows('levels') : array_map(
            static fn (float $depth): array => ['depth' => $depth, 'inset' => null], $input->nums('depths'),
        );
        $slope = tan(deg2rad($input->num('taper')));
        $levels = array_map(static fn (array $row): array => [
            (float) $row['depth'], (float) ($row['inset'] ?? $input->num('inset') + $slope * $row['depth']),
        ], $rows);

        return $levels ?: throw BadInput::field('levels', 'At least one ring is accepted.');
    }
}
