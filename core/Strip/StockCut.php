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
use HotSprue\Workshop\WorkshopSettings;

/**
 * Pieces cut from a length of wire or strip: what is left, and what that will still make. Source: workbook 11, metal
 * for a shank.
 */
final class StockCut implements Calculation
{
    private const SOURCE = 'workbook 11, say what is left';

    private const SHANK = 'shank';

    public function description(): Description
    {
        return new Description(
            'stock.cut',
            'Pieces from stock',
            'Pieces cut from a length of stock, what is left and what it will still make',
            self::SOURCE,
            [
                Field::length('stock_length', 'length of the stock')->called('stock at hand'),
                Field::length('kerf', 'width of a saw cut')->allowingZero()->fromSetting('work.kerf'),
                Field::rows('pieces', [
                    Field::text('name', 'what is cut'),
                    Field::length('length', 'its length'),
                    Field::count('count', 'how many are cut now')->allowingZero()->default(1),
                ], 'the pieces, those cut now and those it might still make')->optional(),
                Field::length('shank', 'the shank cut from it too, unless it stands among the pieces')->optional(),
            ],
            [
                Output::length('used', 'taken off the stock, with the cuts'),
                Output::length('left_over', 'what is left'),
                Output::rows('still_makes', 'how many of each piece the rest would make alone'),
            ],
            ['stock-short' => 'the stock is too short for the pieces'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        [$stock, $kerf] = [$input->num('stock_length'), $input->num('kerf')];
        $pieces = $input->has('pieces') ? $input->rows('pieces') : [];
        if ($input->has('shank') && ! in_array(self::SHANK, array_column($pieces, 'name'), true)) {
            array_unshift($pieces, ['name' => self::SHANK, 'length' => $input->num('shank'), 'count' => 1]);
        }
        $length = array_sum(array_map(static fn (array $piece): float => $piece['length'] * $piece['count'], $pieces));
        $cuts = array_sum(array_column($pieces, 'count'));
        // The last cut takes no more than what is there: a piece may end with the stock.
        $sawn = $cuts === 0 ? 0.0 : ($cuts - 1) * $kerf + max(0.0, min($kerf, $stock - $length - ($cuts - 1) * $kerf));
        $used = $length + $sawn;
        $left = $stock - $used;
        $answer = AnswerBuilder::of($this, $input)
            ->work(
                'used', $used,
                Formula::of('{lengths} + {what the saw takes}', ['lengths' => $length, 'what the saw takes' => $sawn]),
                uses: ['pieces', 'shank', 'kerf'], because: 'each cut turns its own width to dust',
            )
            ->work(
                'left_over', max(0.0, $left),
                Formula::of('{stock} − {used}', ['stock' => max($stock, $used), 'used' => $used]),
                uses: ['stock_length', 'pieces', 'shank', 'kerf'], because: 'kept with its alloy marked on it',
            )
            ->give(
                'still_makes',
                array_map(
                    static fn (array $piece): array => [
                        'name' => $piece['name'],
                        'count' => max(0, (int) floor(($left + $kerf) / ($piece['length'] + $kerf) + 1e-9)),
                    ],
                    $pieces,
                ),
            );
        if ($left < -1e-9) {
            $answer->find(
                Level::Stop, 'stock-short', 'stock_length', sprintf('It is %.2f mm short of these pieces.', -$left),
                'Take a longer piece, or cut fewer.', ['stock_length' => ceil($used * 10) / 10],
            );
        }

        return $answer->answer();
    }
}
