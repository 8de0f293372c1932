<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** A quote as a bar from cost to what is paid: each line as long as its amount, what is taken off above it. */
final class QuoteDrawing
{
    private const LONG = 130.0;

    private const HIGH = 7.0;

    private const STYLES = [
        'metal' => 'fill-metal', 'stones' => 'fill-stone', 'bench' => 'fill-sprue', 'setting' => 'fill-sprue',
        'fire' => 'fill-hot',
    ];

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $lines = array_slice((array) $answer->value('lines'), 0, 40);
        $whole = array_sum(array_map(static fn (array $line): float => max(0.0, (float) $line['amount']), $lines));
        if ($whole <= 0) {
            return [];
        }
        $high = (self::HIGH + 2) * count($lines);
        $view = new View('quote', 'From cost to what is paid', 'main', [-60, -4, self::LONG + 100, $high + 22]);
        $x = 0.0;
        foreach ($lines as $at => $line) {
            $long = self::LONG * (float) $line['amount'] / $whole;
            $y = (self::HIGH + 2) * $at;
            $left = min($x, $x + $long);
            $style = $long < 0 ? 'ghost' : (self::STYLES[(string) $line['group']] ?? 'fill-invest');
            $view->rect($left, $y, max(0.2, abs($long)), self::HIGH, $style)
                ->rect($left, $y, max(0.2, abs($long)), self::HIGH, 'thin')
                ->text(-3, $y + 5, (string) $line['label'], 'end', 'small');
            $x += $long;
        }

        return [$view->line($x, -2, $x, $high, 'measure')
            ->result('cost', 'costs', [-38, $high + 9])->result('price', 'price', [self::LONG / 2 - 24, $high + 9])
            ->result('total', 'to pay', [self::LONG / 2 + 26, $high + 9])
            ->result('deposit', 'before work', [self::LONG + 16, $high + 9])];
    }
}
