<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Pieces laid out on the sheet or the bar that they are cut from, to scale. */
final class StockDrawing
{
    /** Pieces drawn at the most; a sheet that gives more shows so many. */
    private const MOST = 400;

    /** @return list<View> the sheet, with as many plates as it gives, set out the better way round */
    public static function sheet(Input $input, Answer $answer): array
    {
        [$wide, $long, $gap] = [$input->num('sheet_width'), $input->num('sheet_length'), $input->num('gap')];
        $isDisc = $input->text('shape') === 'disc';
        [$across, $along] = self::piece($input, $answer, $isDisc);
        $way = self::fit($wide, $across, $gap) * self::fit($long, $along, $gap)
            >= self::fit($wide, $along, $gap) * self::fit($long, $across, $gap) ? [$across, $along] : [$along, $across];
        $view = (new View('sheet', 'Set out on the sheet', 'main', [-24, -14, $long + 48, $wide + 28]))
            ->rect(0, 0, $long, $wide, 'fill-metal')->rect(0, 0, $long, $wide);
        $rows = self::fit($wide, $way[0], $gap);
        $wanted = (int) $input->num('count');
        $most = min((int) $answer->num('makes'), self::MOST);
        for ($at = 0; $at < $most; $at++) {
            $x = intdiv($at, $rows) * ($way[1] + $gap);
            $y = $at % $rows * ($way[0] + $gap);
            $style = $at < $wanted ? 'finished' : 'thin';
            $isDisc
                ? $view->circle($x + $way[1] / 2, $y + $way[0] / 2, $way[0] / 2, $style)
                : $view->rect($x, $y, $way[1], $way[0], $style);
        }

        return [$view->input('sheet_length', 'sheet long', [$long / 2, -8], [[0, -3], [$long, -3]])
            ->input('sheet_width', 'sheet wide', [$long + 12, $wide / 2], [[$long + 3, 0], [$long + 3, $wide]])
            ->result('makes', 'it gives', [$long / 2, $wide + 8])
            ->input('width', 'piece', [-12, $wide / 2])];
    }

    /** @return list<View> the bar, with its pieces from one end */
    public static function bar(Input $input, Answer $answer): array
    {
        $stock = $input->num('stock_length');
        $scale = 120 / max($stock, $answer->num('used'));
        $view = (new View('bar', 'Cut from the bar', 'main', [-6, -14, 132, 38]))
            ->rect(0, 0, $stock * $scale, 8);
        $x = 0.0;
        $kerf = $input->num('kerf');
        foreach ($input->rows('pieces') as $piece) {
            $name = is_string($piece['name'] ?? null) ? $piece['name'] : '';
            for ($one = 0; $one < max(1, (int) ($piece['count'] ?? 1)); $one++) {
                $long = (float) $piece['length'];
                $view->rect($x * $scale, 0, $long * $scale, 8, 'fill-metal')->rect($x * $scale, 0, $long * $scale, 8);
                if ($long * $scale > 12) {
                    $view->text(($x + $long / 2) * $scale, 5, $name, 'middle', 'small');
                }
                $x += $long + $kerf;
            }
        }

        return [$view->input('stock_length', 'bar', [60, -7], [[0, -2], [$stock * $scale, -2]])
            ->result('left_over', 'left over', [90, 16])->result('used', 'used, with the cuts', [30, 16])];
    }

    /** @return array{float, float} across and along, mm */
    private static function piece(Input $input, Answer $answer, bool $isDisc): array
    {
        if ($isDisc) {
            return [$answer->num('blank'), $answer->num('blank')];
        }
        $points = (array) $answer->value('points');
        if ($points === []) {
            return [$input->num('width'), $input->numOr('length', $input->num('width'))];
        }
        [$xs, $ys] = [array_column($points, 'x_mm'), array_column($points, 'y_mm')];

        return [max($xs) - min($xs), max($ys) - min($ys)];
    }

    private static function fit(float $sheet, float $piece, float $gap): int
    {
        return max(0, (int) floor(($sheet + $gap) / ($piece + $gap) + 1e-9));
    }
}
