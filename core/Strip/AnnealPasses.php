<?php

declare(strict_types=1);

namespace HotSprue\Strip;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Output;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * How often metal is annealed while it is bent, domed, pressed, drawn, stretched or laid in. Source: workbook 11,
 * sizing and annealing.
 */
final class AnnealPasses implements Calculation
{
    private const SOURCE = 'workbook 11, annealing';

    public const WORKS = ['bend', 'dome', 'press', 'stretch', 'inlay', 'draw'];

    public function description(): Description
    {
        return new Description(
            'anneal.passes',
            'Annealings',
            'How often metal is annealed while it is worked, and how hot',
            self::SOURCE,
            [
                Field::named('alloy', 'stock.alloys', 'the alloy'),
                Field::choice('work', self::WORKS, 'what is done to the metal')
                    ->called('what is done')->default('bend'),
                Field::length('inner_diameter', 'bent: the inside diameter')->called('inside diameter')->optional(),
                Field::length('thickness', 'bent: the thickness')->optional(),
                Field::length('rim', 'domed: diameter of the rim')->called('dome, across')->optional(),
                Field::length('height', 'domed: height of the dome')->called('dome, high')->optional(),
                Field::of(Quantity::SquareMillimetres, 'area_before', 'drawn or rolled: area before')->optional(),
                Field::of(Quantity::SquareMillimetres, 'area_after', 'drawn or rolled: area after')->optional(),
                Field::share('strain', 'how far it is pressed, stretched or laid in')->called('how far')->optional(),
            ],
            [
                Output::share('strain', 'how far it is worked; drawn or rolled, the area taken off'),
                Output::share('each', 'how far it goes between two annealings')->called('in one pass'),
                Output::of(Quantity::Count, 'anneals', 'annealings, one before each pass'),
                Output::text('annealing', 'how it is annealed'),
            ],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $metal = ColdWorkLimits::of(Alloy::named($input->text('alloy'), $settings), $settings);
        $work = $input->text('work');
        $answer = AnswerBuilder::of($this, $input);
        $strain = match ($work) {
            'bend' => $this->bent($answer, $input),
            'dome' => $this->domed($answer, $input),
            'draw' => $this->drawn($answer, $input),
            default => $this->said($answer, $input),
        };
        $each = match ($work) {
            'bend', 'dome', 'press' => $settings->num('work.bend'), 'draw' => $settings->num('work.reduction'),
            default => $metal->limit / 2,
        };
        $answer->work(
            'each', $each,
            Formula::taken(
                $work === 'stretch' || $work === 'inlay' ? 'half of the metal’s limit' : 'the workshop’s own', $each,
            ),
            uses: ['alloy', 'work'], because: 'farther, and it cracks',
        );
        $work === 'draw'
            ? $answer->work(
                'anneals', (int) ceil(log(1 - $strain) / log(1 - $each) - 1e-9),
                Formula::of(
                    'ceil(ln(1 − {in all}) ÷ ln(1 − {each pass}))', ['in all' => $strain, 'each pass' => $each],
                ),
                uses: ['area_before', 'area_after'], because: 'each pass takes its share of what is there',
            )
            : $answer->work(
                'anneals', (int) ceil($strain / $each - 1e-9),
                Formula::of('ceil({in all} ÷ {each pass})', ['in all' => $strain, 'each pass' => $each]),
                uses: ['work', 'alloy'], because: 'one before each pass',
            );

        return $answer->work(
            'annealing', $metal->annealing(), Formula::said('by the alloy', $input->text('alloy')), uses: ['alloy'],
            because: 'soft metal moves, hard metal cracks',
        )->answer();
    }

    private function bent(AnswerBuilder $answer, Input $input): float
    {
        [$d, $t] = $this->two($input, 'inner_diameter', 'thickness');
        $answer->work(
            'strain', $t / ($d + $t),
            Formula::of('{thickness} ÷ ({diameter} + {thickness})', ['thickness' => $t, 'diameter' => $d]),
            uses: ['inner_diameter', 'thickness'], because: 'the outer skin of a bend over its middle',
            source: 'geometry',
        );

        return $answer->given('strain');
    }

    private function domed(AnswerBuilder $answer, Input $input): float
    {
        [$rim, $height] = $this->two($input, 'rim', 'height');
        if ($height > $rim / 2) {
            throw BadInput::field('height', sprintf('Higher than half a ball; up to %.2f mm is accepted.', $rim / 2));
        }
        // A disc of the dome's own area, over its rim.
        $answer->work(
            'strain', hypot($rim, 2 * $height) / $rim - 1,
            Formula::of('√({rim} ^ 2 + (2 × {height}) ^ 2) ÷ {rim} − 1', ['rim' => $rim, 'height' => $height]),
            uses: ['rim', 'height'], because: 'how much its skin grows', source: 'geometry',
        );

        return $answer->given('strain');
    }

    private function drawn(AnswerBuilder $answer, Input $input): float
    {
        [$before, $after] = $this->two($input, 'area_before', 'area_after');
        if ($after >= $before) {
            throw BadInput::field(
                'area_after', sprintf('It grows smaller as it is drawn; under %.3g mm² is accepted.', $before),
            );
        }
        $answer->work(
            'strain', 1 - $after / $before,
            Formula::of('1 − {after} ÷ {before}', ['after' => $after, 'before' => $before]),
            uses: ['area_before', 'area_after'], because: 'reduction of area',
        );

        return $answer->given('strain');
    }

    private function said(AnswerBuilder $answer, Input $input): float
    {
        if (! $input->has('strain') || $input->num('strain') <= 0) {
            throw BadInput::neitherGiven('strain', ['how far it is worked, a share over 0']);
        }
        $answer->work(
            'strain', $input->num('strain'), Formula::taken('as said', $input->num('strain')), uses: ['strain'],
            because: 'how far it is worked',
        );

        return $input->num('strain');
    }

    /** @return array{float, float} */
    private function two(Input $input, string $one, string $other): array
    {
        foreach ([$one, $other] as $name) {
            if (! $input->has($name)) {
                throw BadInput::neitherGiven(
                    $name, [str_replace('_', ' ', $one).' and '.str_replace('_', ' ', $other).' together'],
                );
            }
        }

        return [$input->num($one), $input->num($other)];
    }
}
