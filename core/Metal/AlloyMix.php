<?php

declare(strict_types=1);

namespace HotSprue\Metal;

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

/** What to add to bring lots to a fineness. Fine metal in is fine metal out. Source: workbook 7. */
final class AlloyMix implements Calculation
{
    private const SOURCE = 'workbook 7, bringing to fineness';

    public function description(): Description
    {
        return new Description(
            'alloy.mix',
            'Bringing to fineness',
            'What to add to bring metal to a fineness',
            self::SOURCE,
            [
                Field::rows(
                    'lots',
                    [Field::mass('mass', 'how much'), Field::share('fineness', 'parts of fine metal in 1')->optional()],
                    'what is melted together',
                ),
                Field::share('target_fineness', 'fineness that is wanted')
                    ->called('fineness wanted')->between(0.001, 0.9999),
                Field::mass('target_mass', 'how much is wanted, at the least')->called('mass wanted')->optional(),
            ],
            [
                Output::number('fineness', 'fineness of the lots together'),
                Output::mass('added_mass', 'what to add'),
                Output::text('added', 'fine metal, master alloy, or nothing'),
                Output::mass('final_mass', 'what comes of it'),
                Output::mass('fine_mass', 'fine metal in it')->called('fine metal'),
            ],
            [
                'fineness-unknown' => 'a lot of unknown fineness',
                'short-of-target' => 'less comes of it than is wanted',
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $known = array_values(
            array_filter($input->rows('lots'), static fn (array $lot): bool => $lot['fineness'] !== null),
        );
        if ($known === []) {
            throw BadInput::field(
                'lots',
                'No lot has a known fineness: assume nothing, assay it. At least one lot of known fineness is '
                    .'accepted.',
            );
        }
        $mass = array_sum(array_column($known, 'mass'));
        $fine = array_sum(array_map(static fn (array $lot): float => $lot['mass'] * $lot['fineness'], $known));
        [$from, $to] = [$fine / $mass, $input->num('target_fineness')];
        $lower = $from > $to;
        $same = abs($from - $to) < 1e-9;
        $added = $same ? 0.0 : ($lower ? $mass * ($from - $to) / $to : $mass * ($to - $from) / (1 - $to));
        $final = $mass + $added;
        $uses = ['lots', 'target_fineness'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'fineness', $from, Formula::of('{fine metal} ÷ {mass}', ['fine metal' => $fine, 'mass' => $mass]),
                uses: ['lots'], because: 'of what is melted together',
            )
            ->work('added_mass', $added, Formula::of($lower
                ? '{mass} × ({fineness} − {target}) ÷ {target}'
                : '{mass} × ({target} − {fineness}) ÷ (1 − {target})', [
                    'mass' => $mass, 'fineness' => $from, 'target' => $to,
                ]), uses: $uses, because: 'fine metal in is fine metal out')
            ->work(
                'added', $same ? 'nothing' : ($lower ? 'master alloy' : 'fine metal'),
                Formula::said(
                    $lower ? 'lowered with master alloy' : 'raised with fine metal',
                    sprintf('%.4f to %.4f', $from, $to),
                ),
                uses: $uses, because: 'master alloy has none of the fine metal',
            )
            ->work(
                'final_mass', $final, Formula::of('{mass} + {added}', ['mass' => $mass, 'added' => $added]),
                uses: $uses, because: 'before any loss',
            )
            ->work(
                'fine_mass', $final * $to,
                Formula::of('{final mass} × {target}', ['final mass' => $final, 'target' => $to]), uses: $uses,
                because: 'checked against what went in',
            );
        if (count($known) < count($input->rows('lots'))) {
            $answer->find(
                Level::Caution, 'fineness-unknown', 'lots', 'A lot of unknown fineness is left out of the sum.',
                'Assume nothing: assay it, or keep it apart.',
            );
        }
        if ($input->has('target_mass') && $final < $input->num('target_mass') - 1e-9) {
            $answer->find(
                Level::Stop, 'short-of-target', 'target_mass',
                sprintf('%.2f g comes of it and %.2f g is wanted.', $final, $input->num('target_mass')),
                sprintf('Add %.2f g more of these lots.', ($input->num('target_mass') - $final) * $mass / $final),
            );
        }

        return $answer->answer();
    }
}
