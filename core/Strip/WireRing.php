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
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Rings and jump rings wound of wire and sawn apart. Source: workbook 11; the wire keeps its length along its middle.
 */
final class WireRing implements Calculation
{
    private const SOURCE = 'workbook 11, blank for a band bent from stock';

    /** A wire thicker than this share of the ring’s inside cannot be wound without kinking. */
    private const STIFF = 0.5;

    public function description(): Description
    {
        return new Description(
            'wire.ring',
            'Rings of wire',
            'Rings and jump rings wound of wire and sawn apart: wire to take, coil and mass',
            self::SOURCE,
            [
                Field::length('inner_diameter', 'inside diameter of each')->called('inside diameter'),
                Field::length('wire', 'diameter of the wire, or its gauge')->called('wire, thick'),
                Field::count('count', 'how many')->called('how many')->default(1),
                Field::length('kerf', 'what the saw takes of each')->called('saw cut')
                    ->allowingZero()->fromSetting('work.kerf'),
                Field::named('alloy', 'stock.alloys', 'the alloy')->default('sterling-925'),
            ],
            [
                Output::length('mandrel', 'mandrel to wind on'),
                Output::length('each', 'wire in each, sawn')->called('wire in each'),
                Output::length('wire_total', 'wire to wind')->called('wire to wind'),
                Output::length('coil', 'length of the coil')->called('coil, long'),
                Output::length('outside', 'outside diameter of each')->called('outside diameter'),
                Output::mass('mass', 'mass of all of them'),
            ],
            ['wire-stiff' => 'a wire over half as thick as the ring is wide inside'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$inside, $wire, $count, $kerf] = [
            $input->num('inner_diameter'), $input->num('wire'), $input->num('count'), $input->num('kerf'),
        ];
        $turn = M_PI * ($inside + $wire);
        $density = Alloy::named($input->text('alloy'), $settings)->density;
        $uses = ['inner_diameter', 'wire'];
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'mandrel', $inside, Formula::taken('the inside of the ring', $inside), uses: ['inner_diameter'],
                because: 'springy wire opens a little: try one turn',
            )
            ->work(
                'each', $turn - $kerf,
                Formula::of(
                    'π × ({inside} + {wire}) − {saw cut}', ['inside' => $inside, 'wire' => $wire, 'saw cut' => $kerf],
                ),
                uses: [...$uses, 'kerf'],
                because: 'along the middle of the wire; the saw takes its part, and it closes',
            )
            ->work(
                'wire_total', ($count + 1) * $turn,
                Formula::of('({rings} + 1) × {turn}', ['rings' => $count, 'turn' => $turn]), uses: [...$uses, 'count'],
                because: 'half a turn is lost at either end of the coil',
            )
            ->work(
                'coil', ($count + 1) * $wire,
                Formula::of('({rings} + 1) × {wire}', ['rings' => $count, 'wire' => $wire]), uses: ['count', 'wire'],
                because: 'turn beside turn',
            )
            ->work(
                'outside', $inside + 2 * $wire,
                Formula::of('{inside} + 2 × {wire}', ['inside' => $inside, 'wire' => $wire]), uses: $uses,
                because: 'what it must pass through',
            )
            ->work(
                'mass', $count * ($turn - $kerf) * M_PI / 4 * $wire ** 2 * $density / 1000,
                Formula::of(
                    '{rings} × {each} × π ÷ 4 × {wire} ^ 2 × {density} ÷ 1000',
                    ['rings' => $count, 'each' => $turn - $kerf, 'wire' => $wire, 'density' => $density],
                ),
                uses: [...$uses, 'count', 'kerf', 'alloy'], because: 'metal in the rings', source: 'workbook 7, alloys',
            );
        if ($wire > self::STIFF * $inside + 1e-9) {
            $answer->find(
                Level::Caution, 'wire-stiff', 'wire',
                sprintf('A wire of %.2f mm kinks when it is wound to %.2f mm inside.', $wire, $inside),
                sprintf('Take %.2f mm at the most, or cut it from tube.', self::STIFF * $inside),
                ['wire' => floor(1000 * self::STIFF * $inside) / 1000],
            );
        }

        return $answer->answer();
    }
}
