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
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Form\FingerInput;
use HotSprue\Form\SectionInput;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/** How long a blank is cut for a band bent from stock. Source: workbook 11, strip.length. */
final class StripLength implements Calculation
{
    private const SOURCE = 'workbook 11, blank for a band bent from stock';

    /** From here on the bench rule puts a ring a quarter of a size out, mm. */
    private const QUARTER = 0.638;

    private const US_SIZE = 0.8128;

    public function description(): Description
    {
        return new Description(
            'strip.length',
            'Strip for a band',
            'The length of a strip to be bent into a band, and what the stock leaves',
            self::SOURCE,
            [
                ...FingerInput::fields(),
                ...SectionInput::fields('strip'),
                Field::length('overlap', 'how far an open shank’s ends lie over one another')
                    ->allowingZero()->default(0.0),
                Field::length('gap', 'how far an open shank’s ends stand apart')->allowingZero()->default(0.0),
                Field::length('trim', 'to spare for truing the ends')->allowingZero()->default(0.0),
                Field::number('sizes_under', 'US sizes that it is formed under, and stretched up to the finger')
                    ->called('formed under, US sizes')->between(0, 3)->allowingZero()->default(0.0),
                Field::choice('shank', ['single', 'double', 'triple'], 'how many shanks stand side by side')
                    ->called('shanks')->default('single'),
                Field::length('apart', 'room between two shanks')->called('shanks apart')->allowingZero()->default(0.0),
                Field::length('stock_length', 'length of the stock at hand')->called('stock at hand')->optional(),
                Field::named('alloy', 'stock.alloys', 'the alloy')->optional(),
            ],
            [
                Output::length('length', 'length to cut'),
                Output::length('bench_rule', 'what π × (diameter + thickness) would give')->called('by the bench rule'),
                Output::length('rule_off', 'bench rule over the length to cut')->called('bench rule, off by'),
                Output::of(Quantity::Count, 'blanks', 'blanks to cut, one for each shank')->called('blanks'),
                Output::length('over_all', 'width over all shanks')->called('wide over all'),
                Output::length('centroid', 'height of the section’s middle above the finger side'),
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of the blank'),
                Output::mass('mass', 'mass of the blank'),
                Output::length('left_over', 'what is left of the stock'),
            ],
            [
                'stock-short' => 'the stock at hand is shorter than the blank',
                'rule-off' => 'the bench rule is a quarter of a US size or more away',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $finger = FingerInput::read($input);
        $section = SectionInput::read($input);
        $diameter = $finger->diameter();
        [$overlap, $gap, $trim] = [$input->num('overlap'), $input->num('gap'), $input->num('trim')];
        // A US size is 0.8128 mm across.
        $diameter -= self::US_SIZE * $input->num('sizes_under');
        $blanks = ['single' => 1, 'double' => 2, 'triple' => 3][$input->text('shank')];
        $length = M_PI * ($diameter + 2 * $section->centroid) + $overlap - $gap + $trim;
        $rule = M_PI * ($diameter + $section->thickness) + $overlap - $gap + $trim;
        $uses = [
            ...FingerInput::uses($input), 'profile', 'width', 'thickness', 'overlap', 'gap', 'trim', 'sizes_under',
        ];
        $wide = $blanks * $section->width + ($blanks - 1) * $input->num('apart');
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'centroid', $section->centroid, Formula::taken('of the exact section', $section->centroid),
                uses: ['profile', 'width', 'thickness'],
                because: 'metal inside it is pressed, outside it stretched; here it keeps its length',
                source: 'workbook 2, sections',
            )
            ->work(
                'length', $length,
                Formula::of(
                    'π × ({diameter} + 2 × {centroid}) + {overlap} − {gap} + {trim}',
                    [
                        'diameter' => $diameter, 'centroid' => $section->centroid, 'overlap' => $overlap, 'gap' => $gap,
                        'trim' => $trim,
                    ],
                ),
                uses: $uses, because: 'the strip keeps its length along the middle of its section',
            )
            ->work(
                'bench_rule', $rule,
                Formula::of(
                    'π × ({diameter} + {thickness}) + {overlap} − {gap} + {trim}',
                    [
                        'diameter' => $diameter, 'thickness' => $section->thickness, 'overlap' => $overlap,
                        'gap' => $gap, 'trim' => $trim,
                    ],
                ),
                uses: $uses, because: 'exact for a flat strip, long for a domed one',
            )
            ->work(
                'rule_off', $rule - $length,
                Formula::of('{bench rule} − {length}', ['bench rule' => $rule, 'length' => $length]), uses: $uses,
                because: 'how much longer a habit would cut it',
            )
            ->work(
                'blanks', $blanks, Formula::taken('one for each shank', $blanks), uses: ['shank'],
                because: 'cut to one length, so that they stand alike', source: 'geometry',
            )
            ->work(
                'over_all', $wide,
                Formula::of(
                    '{blanks} × {width} + ({blanks} − 1) × {apart}',
                    ['blanks' => $blanks, 'width' => $section->width, 'apart' => $input->num('apart')],
                ), uses: ['shank', 'width', 'apart'], because: 'what the finger wears', source: 'geometry',
            )
            ->work(
                'volume_mm3', $blanks * $section->area * $length,
                Formula::of(
                    '{blanks} × {area} × {length}',
                    ['blanks' => $blanks, 'area' => $section->area, 'length' => $length],
                ),
                uses: [...$uses, 'shank'], because: 'the blanks before they are bent', source: 'workbook 2, sections',
            );
        if ($input->has('alloy')) {
            $density = Alloy::named($input->text('alloy'), $settings)->density;
            $answer->work(
                'mass', $blanks * $section->area * $length * $density / 1000,
                Formula::of(
                    '{blanks} × {area} × {length} × {density} ÷ 1000',
                    ['blanks' => $blanks, 'area' => $section->area, 'length' => $length, 'density' => $density],
                ),
                uses: [...$uses, 'alloy'], because: 'metal to take from stock', source: 'workbook 6, densities',
            );
        }
        if (abs($rule - $length) >= self::QUARTER) {
            $answer->find(
                Level::Note, 'rule-off', 'profile',
                sprintf('The bench rule would cut it %.2f mm longer: a quarter of a size and more.', $rule - $length),
                'Cut by the section’s own middle, and try it on the mandrel before it is closed.',
            );
        }
        if ($input->has('stock_length')) {
            $left = $input->num('stock_length') - $blanks * $length;
            $answer->work(
                'left_over', max(0.0, $left),
                Formula::of(
                    '{stock} − {length}',
                    ['stock' => $input->num('stock_length'), 'length' => $input->num('stock_length') - max(0.0, $left)],
                ),
                uses: [...$uses, 'stock_length'], because: 'what it will still make: shoulders, a collet, a jump ring',
            );
            if ($left < -1e-9) {
                $answer->find(
                    Level::Stop, 'stock-short', 'stock_length', sprintf('The stock is %.2f mm too short.', -$left),
                    'Take a longer piece, or draw this one down.', ['stock_length' => ceil($length * 10) / 10],
                );
            }
        }

        return $answer->answer();
    }
}
