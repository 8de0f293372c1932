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
use HotSprue\Form\SectionInput;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * An insert laid in a groove round a band, one lip pressed under and spread again. Source: workbook 11, inlay or
 * sleeve.
 */
final class InlayFit implements Calculation
{
    private const SOURCE = 'workbook 11, inlay or sleeve';

    public function description(): Description
    {
        return new Description(
            'inlay.fit',
            'Inlay',
            'An insert for a groove round a band: its length, the lips, and how far one is pressed under',
            self::SOURCE,
            [
                Field::length('floor_diameter', 'diameter of the groove’s floor')->optional(),
                Field::length('outer_diameter', 'outside diameter of the band')->called('outside diameter')->optional(),
                Field::length('groove_depth', 'depth of the groove')->called('groove, deep')->optional(),
                Field::length('inner_diameter', 'inside diameter of the band')->called('inside diameter')->optional(),
                Field::length('band_width', 'width of the band')->called('band, wide')->optional(),
                Field::length('clearance', 'play between insert and lips, both together')
                    ->allowingZero()->default(0.05),
                ...SectionInput::fields('insert'),
                Field::named('alloy', 'stock.alloys', 'alloy of the band')->default('sterling-925'),
            ],
            [
                Output::length('floor_diameter', 'diameter of the groove’s floor'),
                Output::length('length', 'length of the insert'),
                Output::length('groove_width', 'width of the groove'),
                Output::length('lip', 'width of each lip'),
                Output::length('left_under', 'metal left under the groove'),
                Output::share('press', 'how far a lip is pressed under'),
                Output::of(Quantity::Count, 'passes', 'passes under, and as many back'),
                Output::length('proud', 'insert above the lips'),
                Output::text('annealing', 'how it is annealed'),
            ],
            [
                'press-too-far' => 'a lip would be pressed under as far as the metal goes, or farther',
                'lip-thin' => 'lips under 0.6 mm',
                'floor-thin' => 'less metal under the groove than a band should have',
                'insert-low' => 'the insert lies under the lips',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $section = SectionInput::read($input);
        $answer = AnswerBuilder::of($this, $input);
        $floor = $this->floor($answer, $input);
        $work = ColdWorkLimits::of(Alloy::named($input->text('alloy'), $settings), $settings);
        $groove = $section->width + $input->num('clearance');
        $answer
            ->work(
                'length', M_PI * ($floor + 2 * $section->centroid),
                Formula::of(
                    'π × ({floor} + 2 × {centroid of the insert})',
                    ['floor' => $floor, 'centroid of the insert' => $section->centroid],
                ),
                uses: ['floor_diameter', 'profile', 'width', 'thickness'],
                because: 'it lies round the floor and keeps its length along its middle',
            )
            ->work(
                'groove_width', $groove,
                Formula::of(
                    '{insert} + {clearance}', ['insert' => $section->width, 'clearance' => $input->num('clearance')],
                ),
                uses: ['width', 'clearance'], because: 'a push fit',
            );
        if ($input->has('band_width')) {
            $lip = ($input->num('band_width') - $groove) / 2;
            if ($lip <= 0) {
                throw BadInput::field(
                    'band_width', sprintf('The groove is as wide as the band; over %.2f mm is accepted.', $groove),
                );
            }
            $answer->work(
                'lip', $lip,
                Formula::of('({band} − {groove}) ÷ 2', ['band' => $input->num('band_width'), 'groove' => $groove]),
                uses: ['band_width', 'width', 'clearance'], because: 'the width is divided, a lip on each side',
            );
            if ($lip < $settings->num('work.lip') - 1e-9) {
                $answer->find(
                    Level::Caution, 'lip-thin', 'width',
                    sprintf('A lip of %.2f mm tears when it is spread back.', $lip), 'Take a narrower insert.',
                    [
                        'width' => floor(
                            100 * ($input->num('band_width') - 2 * $settings->num('work.lip')
                                - $input->num('clearance')),
                        ) / 100,
                    ],
                );
            }
        }
        if ($input->has('groove_depth')) {
            $this->press($answer, $input, $work, $floor, $section->thickness);
        }
        if ($input->has('inner_diameter')) {
            $left = ($floor - $input->num('inner_diameter')) / 2;
            if ($left <= 0) {
                throw BadInput::field(
                    'inner_diameter',
                    'The groove goes through the band; a floor larger than the inside diameter is accepted.',
                );
            }
            $least = $settings->num('limits.crown_stop');
            $answer->work(
                'left_under', $left,
                Formula::of('({floor} − {inside}) ÷ 2', ['floor' => $floor, 'inside' => $input->num('inner_diameter')]),
                uses: ['floor_diameter', 'inner_diameter'], because: 'it carries the band while the lip is spread',
            );
            if ($left < $least - 1e-9) {
                $answer->find(
                    Level::Caution, 'floor-thin', 'inner_diameter',
                    sprintf('%.2f mm under the groove; under %.1f mm it buckles.', $left, $least),
                    'Cut a shallower groove, or begin with a thicker band.',
                );
            }
        }

        return $answer->answer();
    }

    /** @throws BadInput when the floor is said twice, or not at all */
    private function floor(AnswerBuilder $answer, Input $input): float
    {
        $other = $input->has('outer_diameter') && $input->has('groove_depth');
        if ($input->has('floor_diameter') && $input->has('outer_diameter')) {
            throw BadInput::bothGiven(['floor_diameter', 'outer_diameter']);
        }
        if (! $input->has('floor_diameter') && ! $other) {
            throw BadInput::neitherGiven(
                'floor_diameter', ['the floor’s diameter', 'the band’s outside and the depth of its groove'],
            );
        }
        $floor = $other
            ? $input->num('outer_diameter') - 2 * $input->num('groove_depth')
            : $input->num('floor_diameter');
        if ($floor <= 0) {
            throw BadInput::field('groove_depth', 'Deeper than the band; a smaller depth is accepted.');
        }
        $other
            ? $answer->work(
                'floor_diameter', $floor,
                Formula::of(
                    '{outside} − 2 × {depth}',
                    ['outside' => $input->num('outer_diameter'), 'depth' => $input->num('groove_depth')],
                ),
                uses: ['outer_diameter', 'groove_depth'], because: 'what the insert lies round',
            )
            : $answer->work(
                'floor_diameter', $floor, Formula::taken('as measured', $floor), uses: ['floor_diameter'],
                because: 'what the insert lies round',
            );

        return $floor;
    }

    private function press(
        AnswerBuilder $answer, Input $input, ColdWorkLimits $work, float $floor, float $thickness,
    ): void
    {
        $depth = $input->num('groove_depth');
        $press = 2 * $depth / ($floor + 2 * $depth);
        $answer
            ->work(
                'press', $press,
                Formula::of('2 × {depth} ÷ ({floor} + 2 × {depth})', ['depth' => $depth, 'floor' => $floor]),
                uses: ['groove_depth', 'floor_diameter'],
                because: 'a closed insert slips over a lip that is no larger than the floor',
            )
            ->work(
                'passes', $work->passes($press),
                Formula::of('ceil({press} ÷ ({limit} ÷ 2))', ['press' => $press, 'limit' => $work->limit]),
                uses: ['groove_depth', 'alloy'], because: 'small passes, annealed before each',
            )
            ->work(
                'proud', $thickness - $depth,
                Formula::of('{insert} − {depth}', ['insert' => $thickness, 'depth' => $depth]),
                uses: ['thickness', 'groove_depth'], because: 'filed flush at the end',
            )
            ->work(
                'annealing', $work->annealing(), Formula::said('by the alloy', $input->text('alloy')), uses: ['alloy'],
                because: 'soft metal moves, hard metal cracks', source: 'workbook 11, annealing',
            );
        if ($press >= $work->limit - 1e-12) {
            $answer->find(
                Level::Stop, 'press-too-far', 'groove_depth',
                sprintf('The lip would go under by %.1f %%; under %.0f %% is safe.', 100 * $press, 100 * $work->limit),
                'Cut a shallower groove, or lay the insert in open and solder it closed.',
                ['groove_depth' => floor(100 * $work->limit * $floor / 2 / (1 - $work->limit)) / 100],
            );
        }
        if ($thickness < $depth - 1e-9) {
            $answer->find(
                Level::Note, 'insert-low', 'thickness',
                sprintf('The insert lies %.2f mm under the lips.', $depth - $thickness),
                'Fine where it is meant; else take a thicker one and file it flush.', ['thickness' => $depth],
            );
        }
    }
}
