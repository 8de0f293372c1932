<?php

declare(strict_types=1);

namespace HotSprue\Setting;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Strip, tube and wire to cut for settings that are made apart, and whether the metal is there. Source: workbook 4, 11.
 */
final class SettingsCut implements Calculation
{
    private const SOURCE = 'workbook 4 and 11';

    public function description(): Description
    {
        return new Description(
            'settings.cut',
            'Stock for the settings',
            'Strip, tube and wire to cut for settings made apart, and whether the metal is there',
            self::SOURCE,
            [
                Field::rows('settings', [
                    Field::text('name', 'which setting'),
                    Field::choice('kind', ['strip', 'tube', 'wire'], 'what it is cut from'),
                    Field::text('section', 'section of the stock')->optional(),
                    Field::length('length', 'length of one'),
                    Field::count('count', 'how many alike')->default(1),
                    Field::named('alloy', 'stock.alloys', 'its alloy, where another than the ring’s')->optional(),
                    Field::of(Quantity::CubicMillimetres, 'volume_mm3', 'metal of one')->called('metal of one'),
                ], 'what is cut for each setting')->default([]),
                Field::named('alloy', 'stock.alloys', 'the ring’s alloy')->default('sterling-925'),
                Field::length('trim', 'to spare on every cut, for squaring')
                    ->called('to spare on each')->allowingZero()->default(0.5),
                Field::mass('shank_mass', 'what the shank takes')->allowingZero()->default(0.0),
                Field::mass('old_mass', 'old metal that is to give it all')->called('the old metal')->optional(),
                Field::share('loss', 'filings, dust and melting, of what is worked')
                    ->called('lost in the work')->between(0, 0.5)->default(0.05),
            ],
            [
                Output::rows('pieces', 'each: name, kind, section, length_mm, count, alloy, mass_g'),
                Output::length('strip_length', 'strip to cut in all')->called('strip in all'),
                Output::length('wire_length', 'wire to cut in all')->called('wire in all'),
                Output::length('tube_length', 'tube to cut in all')->called('tube in all'),
                Output::mass('pieces_mass', 'metal in what is cut')->called('metal in the pieces'),
                Output::mass('needed_mass', 'metal that shank and settings take, with what is lost')
                    ->called('metal wanted'),
                Output::mass('old_left', 'what the old metal leaves')->called('left of the old metal'),
            ],
            ['metal-short' => 'the old metal gives less than shank and settings take'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $pieces = array_map(static function (array $row) use ($input, $settings): array {
            $alloy = is_string($row['alloy']) ? $row['alloy'] : $input->text('alloy');
            $length = (float) $row['length'] + $input->num('trim');

            return [
                'name' => $row['name'], 'kind' => $row['kind'], 'section' => $row['section'],
                'length_mm' => $length, 'count' => $row['count'], 'alloy' => $alloy,
                'mass_g' => $row['count'] * (float) $row['volume_mm3'] * $length / (float) $row['length']
                    * Alloy::named($alloy, $settings)->density / 1000,
            ];
        }, $input->rows('settings'));
        $answer = AnswerBuilder::of($this, $input)->give('pieces', $pieces);
        foreach (['strip', 'wire', 'tube'] as $kind) {
            $lengths = array_map(
                static fn (array $piece): float => (float) $piece['count'] * $piece['length_mm'],
                array_values(array_filter($pieces, static fn (array $piece): bool => $piece['kind'] === $kind)),
            );
            if ($lengths !== []) {
                $answer->work(
                    "{$kind}_length", array_sum($lengths), Formula::sum("every {$kind}, with its trim", $lengths),
                    uses: ['settings', 'trim'], because: 'cut in one go, marked as it is cut',
                );
            }
        }
        [$mass, $shank, $loss] = [
            array_sum(array_column($pieces, 'mass_g')), $input->num('shank_mass'), $input->num('loss'),
        ];
        $needed = ($shank + $mass) / (1 - $loss);
        $answer
            ->work(
                'pieces_mass', $mass, Formula::sum('metal of every piece', array_column($pieces, 'mass_g')),
                uses: ['settings', 'trim', 'alloy'], because: 'volume by the density of its alloy',
            )
            ->work(
                'needed_mass', $needed,
                Formula::of(
                    '({shank} + {pieces}) ÷ (1 − {lost})', ['shank' => $shank, 'pieces' => $mass, 'lost' => $loss],
                ),
                uses: ['shank_mass', 'settings', 'loss'], because: 'filings and the melt take their part',
            );
        if ($input->has('old_mass')) {
            $this->old($answer, $input->num('old_mass'), $needed);
        }

        return $answer->answer();
    }

    private function old(AnswerBuilder $answer, float $old, float $needed): void
    {
        $answer->work(
            'old_left', $old - $needed,
            Formula::of('{old metal} − {wanted}', ['old metal' => $old, 'wanted' => $needed]),
            uses: ['old_mass', 'shank_mass', 'settings', 'loss'], because: 'it goes back to whom it belongs',
        );
        if ($old < $needed - 1e-9) {
            $answer->find(
                Level::Caution, 'metal-short', 'old_mass',
                sprintf('%.2f g of old metal, and %.2f g is wanted: %.2f g short.', $old, $needed, $needed - $old),
                'Ask the client whether metal of the same fineness may be added, or make it lighter.',
            );
        }
    }
}
