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
use HotSprue\Form\FingerInput;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\RingSize;
use HotSprue\Measures\Scale;
use HotSprue\Workshop\WorkshopSettings;

/** The sizes to carve: finished size and finishing, over one less shrinkage. Source: workbook 6. */
final class WaxDimensions implements Calculation
{
    private const SOURCE = 'workbook 6, allowances';

    public function description(): Description
    {
        return new Description(
            'wax.dimensions',
            'Wax sizes',
            'The sizes to carve a wax to, so that it finishes at the sizes wanted',
            self::SOURCE,
            [
                ...FingerInput::fields(),
                Field::length('width', 'finished width at the top'),
                Field::length('width_base', 'finished width at the base; as the top unless said')
                    ->called('width at the base')->optional(),
                Field::length('thickness', 'finished thickness at the top'),
                Field::length('thickness_base', 'finished thickness at the base; as the top unless said')
                    ->called('thickness at the base')->optional(),
                ...Shrinkage::fields(),
                ...Finishing::fields(),
            ],
            [
                Output::length('bore', 'bore to carve'),
                Output::text(
                    'bore_mark', 'nearest mark to the bore on the workshop’s stick',
                )->called('mark on the stick'),
                Output::length('width', 'width to carve at the top'),
                Output::length('width_base', 'width to carve at the base'),
                Output::length('thickness', 'thickness to carve at the top'),
                Output::length('thickness_base', 'thickness to carve at the base'),
                Output::length('outside', 'outside of the wax, from top to base'),
                Output::length('bore_as_cast', 'bore of the casting before finishing'),
                Output::length('width_as_cast', 'width of the casting at the top'),
                Output::length('width_base_as_cast', 'width of the casting at the base'),
                Output::length('thickness_as_cast', 'thickness of the casting at the top'),
                Output::length('thickness_base_as_cast', 'thickness of the casting at the base'),
                Output::length('thinnest_as_cast', 'thinnest wall of the casting'),
                Output::length('finishing_opens', 'how much finishing opens the bore')->called('finishing opens it by'),
                Output::length(
                    'shrinkage_closes', 'how much casting closes the bore',
                )->called('shrinkage closes it by'),
                Output::length('mandrel', 'metal clay: the mandrel to form on'),
                Output::number('sizes_up_us', 'metal clay: North American sizes up that the mandrel is'),
            ],
            [
                'bore-nets-two-pulls' => 'finishing opens the bore while casting closes it',
                'clay-mandrel' => 'metal clay is formed on a mandrel several sizes up',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $finger = FingerInput::read($input);
        $finish = Finishing::read($input, $settings);
        $s = Shrinkage::read($input, $settings);
        $d = $finger->diameter();
        $uses = [...FingerInput::uses($input), ...Shrinkage::uses($input)];
        $bore = ($d - 2 * $finish->inside) / (1 - $s);
        $boreCast = $d - 2 * $finish->inside;
        // Metal clay is formed on a mandrel and finished after it is fired: the mandrel is the ring's own size, larger.
        $clay = $input->text('process') === 'clay' && ! $input->has('shrinkage');
        $mandrel = $d / (1 - $s);
        try {
            $mark = RingSize::ofDiameter($clay ? $mandrel : $bore)
                ->mark(Scale::from($settings->text('units.size')))->spoken();
        } catch (NotUnderstood) {
            throw BadInput::field(
                'finish_inside', 'So much finishing leaves no bore; less than the finger’s radius is accepted.',
            );
        }
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'bore', $bore,
                Formula::of(
                    '({inside diameter} − 2 × {inside finishing}) ÷ (1 − {shrinkage})',
                    ['inside diameter' => $d, 'inside finishing' => $finish->inside, 'shrinkage' => $s],
                ),
                uses: [...$uses, 'finish_inside'],
                because: 'finishing opens the finger hole, casting closes it; this nets both',
            )
            ->work(
                'bore_mark', $mark,
                Formula::said(
                    'nearest mark on the workshop’s stick',
                    sprintf('π × %.3f mm = %.3f mm round', $clay ? $mandrel : $bore, M_PI * ($clay ? $mandrel : $bore)),
                ),
                uses: $clay ? $uses : [...$uses, 'finish_inside'],
                because: $clay ? 'the mandrel that the clay is formed on' : 'a hair is up to half a step',
                source: 'ISO 8653',
            );
        foreach (['width' => $finish->side * 2, 'thickness' => $finish->wall()] as $name => $allowance) {
            $faceNames = $name === 'width' ? ['finish_side'] : ['finish_inside', 'finish_outside'];
            foreach ([$name, "{$name}_base"] as $place) {
                $finished = $input->numOr($place, $input->num($name));
                $asCast = $name === 'width'
                    ? Formula::of(
                        '{width} + 2 × {side finishing}', ['width' => $finished, 'side finishing' => $finish->side],
                    )
                    : Formula::of('{thickness} + {inside finishing} + {outside finishing}',
                        [
                            'thickness' => $finished, 'inside finishing' => $finish->inside,
                            'outside finishing' => $finish->outside,
                        ]);
                $answer
                    ->work(
                        $place, ($finished + $allowance) / (1 - $s),
                        $asCast->within('(', ') ÷ (1 − {shrinkage})', ['shrinkage' => $s]),
                        uses: [$input->has($place) ? $place : $name, ...Shrinkage::uses($input), ...$faceNames],
                        because: 'the wax carries what finishing takes and what casting shrinks',
                    )
                    ->work(
                        "{$place}_as_cast", $finished + $allowance, $asCast,
                        uses: [$input->has($place) ? $place : $name, ...$faceNames],
                        because: 'finished size with what finishing will take',
                    );
            }
        }
        [$top, $base] = [$answer->given('thickness'), $answer->given('thickness_base')];
        $answer
            ->work(
                'outside', $bore + $top + $base,
                Formula::of(
                    '{bore} + {thickness at the top} + {thickness at the base}',
                    ['bore' => $bore, 'thickness at the top' => $top, 'thickness at the base' => $base],
                ),
                uses: [...$uses, 'thickness'], because: 'what letters are laid out on',
            )
            ->work(
                'bore_as_cast', $boreCast,
                Formula::of(
                    '{inside diameter} − 2 × {inside finishing}',
                    ['inside diameter' => $d, 'inside finishing' => $finish->inside],
                ),
                uses: [...FingerInput::uses($input), 'finish_inside'], because: 'what comes out of the flask',
            )
            ->work(
                'thinnest_as_cast',
                min(
                    $input->num('thickness'), $input->numOr('thickness_base', $input->num('thickness')),
                ) + $finish->wall(),
                Formula::of(
                    'min({thickness at the top}, {thickness at the base}) + {inside finishing} + {outside finishing}',
                    [
                        'thickness at the top' => $input->num('thickness'),
                        'thickness at the base' => $input->numOr('thickness_base', $input->num('thickness')),
                        'inside finishing' => $finish->inside, 'outside finishing' => $finish->outside,
                    ],
                ),
                uses: ['thickness', 'thickness_base', 'finish_inside', 'finish_outside'],
                because: 'where the metal freezes first',
            )
            ->work(
                'finishing_opens', 2 * $finish->inside,
                Formula::of('2 × {inside finishing}', ['inside finishing' => $finish->inside]), uses: ['finish_inside'],
                because: 'both sides of the bore are finished',
            )
            ->work(
                'shrinkage_closes', $bore - $boreCast,
                Formula::of('{bore} × {shrinkage}', ['bore' => $bore, 'shrinkage' => $s]), uses: $uses,
                because: 'the casting is smaller than the wax',
            );
        if ($clay) {
            $up = Scale::NorthAmerican->number(M_PI * $mandrel) - Scale::NorthAmerican->number($finger->circumference);
            $answer
                ->work(
                    'mandrel', $mandrel, Formula::of('{D} ÷ (1 − {shrinkage})', ['D' => $d, 'shrinkage' => $s]),
                    uses: $uses, because: 'it shrinks onto its size as it is fired', source: 'workbook 6, metal clay',
                )
                ->work(
                    'sizes_up_us', $up,
                    Formula::of('({D} ÷ (1 − {shrinkage}) − {D}) ÷ 0.8128', ['D' => $d, 'shrinkage' => $s]),
                    uses: $uses, because: 'the mandrel to form on', source: 'workbook 6, metal clay',
                )
                ->find(
                    Level::Note, 'clay-mandrel', 'process',
                    sprintf('Form the clay on a mandrel of %.2f mm, %s: %.2f US sizes up.', $mandrel, $mark, $up),
                    'Wide bands shrink more on the mandrel: go toward +3.',
                );
        }
        if ($finish->inside > 0 && $s > 0) {
            $answer->find(
                Level::Note, 'bore-nets-two-pulls', 'bore',
                sprintf(
                    'Finishing opens the finger %.2f mm, casting closes it %.2f mm.', 2 * $finish->inside,
                    $bore - $boreCast,
                ),
                'Carve to the bore shown; it nets both.',
            );
        }

        return $answer->answer();
    }
}
