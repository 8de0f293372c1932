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
use HotSprue\Form\Head;
use HotSprue\Form\SideOutline;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** The smallest stocked tube or block that a ring can be carved from, and its waste. Source: workbook 6, blank. */
final class BlankChoose implements Calculation
{
    public function description(): Description
    {
        return new Description(
            'blank.choose',
            'Blank of wax',
            'The smallest tube or block in stock that the wax can be carved from',
            'workbook 6, blank',
            [
                Field::length('bore', 'bore of the wax'),
                Field::length('width', 'width of the wax at the top'),
                Field::length('width_base', 'width at the base; as the width unless said')
                    ->called('width at the base')->optional(),
                Field::length('thickness', 'thickness of the wax at the top'),
                Field::length('thickness_base', 'thickness at the base; as the top unless said')
                    ->called('thickness at the base')->optional(),
                ...Head::fields(),
                Field::of(
                    Quantity::CubicMillimetres, 'pattern_volume_mm3',
                    'volume of the finished wax; a flat band’s unless said',
                )
                    ->called('volume of the pattern')->optional(),
                Field::named('blank', 'stock.blanks', 'a blank chosen by hand')->optional(),
            ],
            [
                Output::text('blank', 'the blank to cut from'),
                Output::length('slice', 'length to cut off along the bore'),
                Output::length('spare', 'least wax to spare around the outline'),
                Output::length('blank_across', 'across the blank, seen down the bore'),
                Output::length('trued_across', 'outside of the wax with its half millimetre of truing a side'),
                Output::length('bore_to_drill', 'hole to drill, where the blank is a block'),
                Output::of(Quantity::CubicMillimetres, 'waste_mm3', 'wax carved away'),
                Output::share('waste_share', 'share of the slice carved away'),
            ],
            [
                'no-blank-fits' => 'nothing in stock holds the ring with 0.5 mm a side to spare',
                'blank-too-small' => 'the blank chosen by hand does not hold the ring with 0.5 mm a side to spare',
                'bore-to-drill' => 'no tube has a bore under the wax’s: a block with its bore to drill',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $width = max($input->num('width'), $input->numOr('width_base', 0.0), Head::read($input)->along);
        $slice = $width + 2 * $settings->num('wax.spare');
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'slice', $slice,
                Formula::of('{greatest width, band or head,} + 2 × 0.5', ['greatest width, band or head,' => $width]),
                uses: ['width', 'width_base', 'head_along'], because: 'half a millimetre a side for truing',
            );
        $fits = array_values(
            array_filter(
                Blank::all($settings), fn (Blank $blank): bool => $this->holds($blank, $input, $slice, $settings),
            ),
        );
        $tubes = array_values(array_filter($fits, static fn (Blank $blank): bool => ! $blank->isBlock()));
        $blank = ($tubes === [] ? $fits : $tubes)[0] ?? null;
        if ($input->has('blank')) {
            $blank = Blank::find($input->text('blank'), $settings);
            if ($blank !== null && ! $this->holds($blank, $input, $slice, $settings)) {
                $answer->find(Level::Stop, 'blank-too-small', 'blank', sprintf(
                    '%s leaves less than %.1f mm around the ring, or its bore or length does not suit.', $blank->name,
                    $settings->num('wax.spare'),
                ),
                    $fits === [] ? 'Choose a thinner ring, or buy a larger blank.' : 'Take the one that fits.',
                    $fits === [] ? [] : ['blank' => ($tubes === [] ? $fits : $tubes)[0]->name]);
            }
        }
        if ($blank === null) {
            return $answer->find(
                Level::Stop, 'no-blank-fits', 'thickness',
                'No tube or block in stock holds this ring with 0.5 mm a side to spare.',
                'Add a larger block on the Shop page, or carve it in two parts.',
            )->answer();
        }
        $this->measure($answer, $blank, $input, $slice, $settings);
        if ($blank->isBlock() && $tubes === []) {
            $answer->find(
                Level::Note, 'bore-to-drill', 'bore',
                sprintf('No tube in stock has a bore under %.2f mm that holds this ring.', $input->num('bore')),
                'Drill the block, and open the bore with a ring bur or a scraper.',
            );
        }

        return $answer->answer();
    }

    private function holds(Blank $blank, Input $input, float $slice, WorkshopSettings $settings): bool
    {
        return $blank->bore < $input->num('bore')
            && $this->spare($blank, $input) >= $settings->num('wax.spare') - 1e-9 && $blank->length >= $slice;
    }

    private function spare(Blank $blank, Input $input): float
    {
        $top = $input->num('thickness');
        $base = $input->numOr('thickness_base', $top);
        $bore = $input->num('bore') / 2;

        return $blank->spare(
            (new SideOutline(2 * $bore, $top, $base))->halfWidth(), $bore + $top, $bore + $base, Head::read($input),
        );
    }

    /** @throws BadInput when the pattern is larger than its blank */
    private function measure(
        AnswerBuilder $answer, Blank $blank, Input $input, float $slice, WorkshopSettings $settings,
    ): void
    {
        $top = $input->num('thickness');
        $bore = $input->num('bore');
        $outer = $bore + $top + $input->numOr('thickness_base', $top);
        $pattern = $input->numOr('pattern_volume_mm3', M_PI / 4 * ($outer ** 2 - $bore ** 2) * $input->num('width'));
        $waste = $blank->area() * $slice - $pattern;
        if ($pattern > $blank->area() * $slice && ! $input->has('blank')) {
            throw BadInput::field(
                'pattern_volume_mm3',
                sprintf('The pattern is larger than its blank; up to %.0f mm³ is accepted.', $blank->area() * $slice),
            );
        }
        $uses = ['width', $input->has('pattern_volume_mm3') ? 'pattern_volume_mm3' : 'thickness'];
        $spare = $this->spare($blank, $input);
        $answer->work(
            'blank', $blank->name,
            Formula::said(
                'the smallest in stock that holds the ring with 0.5 mm a side to spare',
                sprintf('%.1f across, %.1f tall, bore %.1f', $blank->across, $blank->tall, $blank->bore),
            ),
            uses: ['bore', 'thickness', 'blank'], because: 'less wax to carve away',
        )
            ->work(
                'blank_across', $blank->across, Formula::taken('the blank’s own', $blank->across), uses: ['blank'],
                because: 'what a paper grid is wrapped round first', source: 'the workshop’s list',
            )
            ->work(
                'trued_across', $outer + 2 * $settings->num('wax.spare'),
                Formula::of(
                    '{outside of the wax} + 2 × {to spare}',
                    ['outside of the wax' => $outer, 'to spare' => $settings->num('wax.spare')],
                ),
                uses: ['bore', 'thickness'], because: 'when its faces are true',
            )
            ->work(
                'spare', $spare,
                Formula::of(
                    '{the blank’s reach} − {the ring’s, where they are nearest}',
                    [
                        'the blank’s reach' => $spare + $bore / 2 + $top,
                        'the ring’s, where they are nearest' => $bore / 2 + $top,
                    ],
                ),
                uses: ['bore', 'thickness', 'head_across', 'head_height'], because: 'half a millimetre at the least',
            )
            ->work(
                'waste_mm3', $waste,
                Formula::of(
                    '{area of the blank} × {slice} − {pattern}',
                    ['area of the blank' => $blank->area(), 'slice' => $slice, 'pattern' => $pattern],
                ),
                uses: $uses, because: 'what becomes shavings',
            )
            ->work(
                'waste_share', $waste / ($blank->area() * $slice),
                Formula::of(
                    '{waste} ÷ ({area of the blank} × {slice})',
                    ['waste' => $waste, 'area of the blank' => $blank->area(), 'slice' => $slice],
                ),
                uses: $uses, because: 'share of the slice',
            );
        if ($blank->isBlock()) {
            $answer->work(
                'bore_to_drill', $bore, Formula::taken('the wax’s bore', $bore), uses: ['bore'],
                because: 'a block has none of its own',
            );
        }
    }
}
