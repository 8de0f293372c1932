<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** What is measured along a line: equal parts with their settings, and left against right. */
final class LineDrawing
{
    /** @return list<View> */
    public static function parts(Input $input, Answer $answer): array
    {
        $scale = 120 / $input->num('total');
        $view = (new View('parts', 'Set off with dividers', 'main', [-16, -18, 152, 46]))
            ->rect(0, 0, 120, 10, 'fill-metal')->rect(0, 0, 120, 10);
        foreach (array_slice((array) $answer->value('lines'), 0, 200) as $line) {
            $x = $line['at_mm'] * $scale;
            $view->line($x, -2, $x, 12, ($line['from'] ?? '') === 'this edge' ? 'measure' : 'finished');
        }

        return [$view->input('total', 'from edge to edge', [60, -11], [[0, -4], [120, -4]])
            ->input('parts', 'parts', [20, 21])->result('part', 'each', [60, 21])
            ->result('smallest', 'narrowest', [100, 21])];
    }

    /** @return list<View> each pair as two bars from a middle line, the longer to be taken down */
    public static function pairs(Input $input, Answer $answer): array
    {
        $pairs = array_slice($input->rows('pairs'), 0, 20);
        $most = max([0.001, ...array_map(
            static fn (array $pair): float => max((float) $pair['left'], (float) $pair['right']), $pairs,
        )]);
        $high = 12.0;
        $view = (new View('pairs', 'Left and right', 'main', [-70, -6, 140, $high * count($pairs) + 22]))
            ->line(0, -2, 0, $high * count($pairs) + 2, 'centre');
        foreach ($pairs as $at => $pair) {
            $y = $high * $at;
            foreach (['left' => -1, 'right' => 1] as $side => $way) {
                $long = 44 * (float) $pair[$side] / $most;
                $isLonger = (float) $pair[$side] > (float) $pair[$way < 0 ? 'right' : 'left'];
                $view->rect($way < 0 ? -$long : 0, $y + 1, $long, 7, $isLonger ? 'fill-caution' : 'fill-wax')
                    ->rect($way < 0 ? -$long : 0, $y + 1, $long, 7, 'thin')
                    ->text($way * 48, $y + 6, sprintf('%.2f mm', $pair[$side]), $way < 0 ? 'end' : 'start', 'small');
            }
            $view->text(0, $y + 11, (string) ($pair['name'] ?? ''), 'middle', 'small');
        }

        return [$view->result('worst', 'most apart', [0, $high * count($pairs) + 10])];
    }
}
