<?php

declare(strict_types=1);

namespace HotSprue\Stones;

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

/** What a stone weighs by its measures: an estimate; a weighed stone wins. Source: workbook 3. */
final class StoneWeight implements Calculation
{
    private const SOURCE = 'workbook 3, weight from measure';

    /** Carats to a mm³ of box and a unit of specific gravity, of a cabochon. */
    private const CABOCHON = 0.0026;

    private const OVAL_DIAMOND = 0.0018;

    private const GRAMS_A_CARAT = 0.2;

    public function description(): Description
    {
        return new Description(
            'stone.weight',
            'Stone weight',
            'What a stone weighs by its measures, within 15 %',
            self::SOURCE,
            [
                Field::choice('shape', [...Shape::names(), 'cabochon'], 'outline of the girdle, or cabochon'),
                Field::choice('cut', ['faceted', 'cabochon'], 'faceted or cabochon')->default('faceted'),
                Field::length('length', 'length; the mean diameter of a round')->optional(),
                Field::length('width', 'width'),
                Field::length('depth', 'depth from table to culet, or height of a cabochon'),
                Field::named('species', 'stock.species', 'what stone it is')->optional(),
                Field::number('specific_gravity', 'specific gravity, instead of a species')
                    ->between(0.5, 22)->optional(),
                Field::number('weighed_carats', 'what it weighs on a balance, carats')
                    ->called('weighed, carats')->optional(),
                Field::count('count', 'how many alike; a weight is of all of them')->called('how many')->default(1),
            ],
            [
                Output::number('carats', 'carats of all of them')->called('carats'),
                Output::number('carats_each', 'carats of one')->called('carats each'),
                Output::number('carats_low', 'carats, at the least')->called('carats, at least'),
                Output::number('carats_high', 'carats, at the most')->called('carats, at most'),
                Output::mass('mass', 'mass'),
                Output::text('how', 'weighed or estimated')->called('how it is known'),
            ],
            ['weight-odd' => 'the weighed figure is over 15 % off the estimate'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        if ($input->has('species') && $input->has('specific_gravity')) {
            throw BadInput::bothGiven(['species', 'specific_gravity']);
        }
        if (! $input->has('species') && ! $input->has('specific_gravity')) {
            throw BadInput::neitherGiven('species', ['a species', 'a specific gravity']);
        }
        $shape = $input->text('cut') === 'cabochon' ? 'cabochon' : $input->text('shape');
        [$wide, $depth] = [$input->num('width'), $input->num('depth')];
        $long = Shape::tryFrom($shape)?->parts()->hasLength() === false ? $wide : $input->numOr('length', $wide);
        if ($shape === 'round' && $input->has('length')) {
            // A round is seldom quite round: its mean diameter stands for both.
            $wide = $long = ($input->num('length') + $wide) / 2;
        }
        if ($long < $wide) {
            throw BadInput::field(
                'length', 'The length is the longer measure; a length of the width or more is accepted.',
            );
        }
        $species = $input->has('species') ? Species::named($input->text('species'), $settings) : null;
        $gravity = $species === null ? $input->num('specific_gravity') : $species->gravity;
        $factor = $this->factor($shape, $long / $wide, $species);
        $count = $input->num('count');
        $estimate = $factor * $long * $wide * $depth * $gravity * $count;
        $weighed = $input->has('weighed_carats') ? $input->num('weighed_carats') : null;
        $carats = $weighed ?? $estimate;
        $uses = [
            'shape', 'cut', 'width', 'depth', 'count',
            ...array_filter(['length', 'species', 'specific_gravity'], $input->has(...)),
        ];
        $because = 'the box of its measures by what its cut fills of it; good to 15 %';
        $answer = AnswerBuilder::of($this, $input);
        $weighed === null
            ? $answer->work(
                'carats', $carats,
                Formula::of(
                    '{factor} × {length} × {width} × {depth} × {specific gravity}'.($count > 1 ? ' × {stones}' : ''),
                    [
                        'factor' => $factor, 'length' => $long, 'width' => $wide, 'depth' => $depth,
                        'specific gravity' => $gravity, 'stones' => $count,
                    ],
                ),
                uses: $uses, because: $because,
            )
            : $answer->work(
                'carats', $carats, Formula::taken('as weighed', $weighed), uses: ['weighed_carats'],
                because: 'a weighed stone wins',
            );
        $answer
            ->work(
                'carats_each', $carats / $count,
                Formula::of('{carats} ÷ {stones}', ['carats' => $carats, 'stones' => $count]),
                uses: [...$uses, 'count'], because: 'those alike are taken to weigh alike',
            )
            ->work(
                'carats_low', $weighed ?? 0.85 * $estimate,
                $weighed === null ? Formula::of(
                    '0.85 × {the estimate}', ['the estimate' => $carats],
                ) : Formula::taken('as weighed', $carats),
                uses: $uses, because: $because,
            )
            ->work(
                'carats_high', $weighed ?? 1.15 * $estimate,
                $weighed === null ? Formula::of(
                    '1.15 × {the estimate}', ['the estimate' => $carats],
                ) : Formula::taken('as weighed', $carats),
                uses: $uses, because: $because,
            )
            ->work(
                'mass', $carats * self::GRAMS_A_CARAT, Formula::of('{carats} × 0.2', ['carats' => $carats]),
                uses: $uses, because: 'a carat is a fifth of a gram', source: 'workbook 1',
            )
            ->work(
                'how', $weighed === null ? 'estimated' : 'weighed',
                Formula::said(
                    'weighed where there is a weight, else estimated',
                    $weighed === null ? 'estimated, within 15 %' : 'weighed',
                ),
                uses: $uses, because: 'always said',
            );
        if ($weighed !== null && abs($weighed / $estimate - 1) > 0.15 + 1e-9) {
            $answer->find(
                Level::Caution, 'weight-odd', 'weighed_carats',
                sprintf('It weighs %.2f ct and its measures say %.2f: over 15 %% apart.', $weighed, $estimate),
                'Measure again, and ask whether it is the species it is sold as.',
            );
        }

        return $answer->answer();
    }

    private function factor(string $shape, float $ratio, ?Species $species): float
    {
        if ($shape === 'oval' && $species?->name === 'diamond') {
            return self::OVAL_DIAMOND;
        }

        return Shape::tryFrom($shape)?->parts()->fills($ratio) ?? self::CABOCHON;
    }
}
