<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Steps one under another in the order in which they are done, tools as wide as they are, and a flame’s shares. */
final class StepsDrawing
{
    /** @return list<View> each step with the station that it is done at */
    public static function order(Answer $answer): array
    {
        $steps = array_slice(array_values((array) $answer->value('steps')), 0, 30);
        if ($steps === []) {
            return [];
        }
        $high = 9.0;
        $view = new View('steps', 'In this order', 'main', [-8, -6, 150, $high * count($steps) + 6]);
        foreach ($steps as $at => $step) {
            $y = $high * $at;
            if ($at > 0) {
                $view->line(0, $y - $high + 3, 0, $y - 3, 'thin');
            }
            $view->circle(0, $y, 3, 'fill-paper')->circle(0, $y, 3, 'thin')
                ->text(0, $y + 1.2, (string) ($at + 1), 'middle', 'small')
                ->text(7, $y + 1.2, (string) $step['step'], 'start', 'small')
                ->text(140, $y + 1.2, (string) $step['station'], 'end', 'small');
        }

        return [$view];
    }

    /** @return list<View> every bur and drill as wide as it is, five times life size; what is missing dashed */
    public static function tools(Answer $answer): array
    {
        $tools = array_values(array_filter(
            (array) $answer->value('tools'), static fn (array $tool): bool => is_numeric($tool['size'] ?? null),
        ));
        $tools = array_slice($tools, 0, 24);
        if ($tools === []) {
            return [];
        }
        $x = 0.0;
        $widest = max(array_map(static fn (array $tool): float => (float) $tool['size'], $tools));
        $long = array_sum(array_map(static fn (array $tool): float => max(5.0, (float) $tool['size']) + 1, $tools));
        $view = new View('tools', 'Burs and drills', 'main', [-1, -$widest - 1, $long + 2, 2 * $widest + 4], 5);
        foreach ($tools as $tool) {
            $room = max(5.0, (float) $tool['size']);
            $view->circle($x + $room / 2, 0, $tool['size'] / 2, $tool['owned'] ? 'fill-metal' : 'ghost')
                ->circle($x + $room / 2, 0, $tool['size'] / 2, $tool['owned'] ? 'outline' : 'ghost')
                ->text($x + $room / 2, $widest / 2 + 1.4, sprintf('%.2f mm', $tool['size']), 'middle', 'small')
                ->text(
                    $x + $room / 2, $widest / 2 + 2.6, str_replace('-', ' ', (string) $tool['kind']), 'middle', 'small',
                );
            $x += $room + 1;
        }

        return [$view];
    }

    /** @return list<View> how the flame is shared by two parts of unequal mass */
    public static function flame(Input $input, Answer $answer): array
    {
        $share = $answer->num('flame_share');
        $view = (new View('flame', 'Where the flame goes', 'main', [-10, -14, 140, 44]))
            ->rect(0, 0, 120 * $share, 14, 'fill-hot')->rect(0, 0, 120, 14)
            ->text(60 * $share, 9, sprintf('%.0f %%', 100 * $share))
            ->text(60 + 60 * $share, 9, sprintf('%.0f %%', 100 * (1 - $share)));

        return [$view->result('ratio', 'times as heavy', [30, 23])->result('flame_share', 'on the heavier', [90, 23])
            ->input('gap', 'joint gapes', [60, -8])];
    }

    /** @return list<View> a block of wax by its three measures, seen from a corner */
    public static function block(Input $input): array
    {
        if (! $input->has('length') || ! $input->has('width') || ! $input->has('height')) {
            return [];
        }
        [$long, $wide, $high] = [$input->num('length'), $input->num('width'), $input->num('height')];
        [$x, $y] = [0.7 * $wide, -0.4 * $wide];
        $view = (new View('block', 'The block weighed', 'main', [-$long * 0.5, $y - 6, $long * 2 + $x,
            $high - $y + 14]))
            ->filled([[0, 0], [$long, 0], [$long, $high], [0, $high]], 'fill-wax')
            ->filled([[0, 0], [$x, $y], [$long + $x, $y], [$long, 0]], 'fill-wax')
            ->filled([[$long, 0], [$long + $x, $y], [$long + $x, $high + $y], [$long, $high]], 'fill-wax');

        return [$view->input('length', 'long', [$long / 2, $high + 4])
            ->input('width', 'wide', [$long + $x + 6, $y / 2])->input('height', 'high', [-$long * 0.25, $high / 2])
            ->input('mass', 'weighs', [$long / 2, $high / 2])];
    }
}
