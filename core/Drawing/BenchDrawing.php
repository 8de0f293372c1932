<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Strips, sizing, setting, finishing and the last look, as they lie on the bench. */
final class BenchDrawing
{
    /** @return list<View> the strip before it is bent, on the stock it comes from */
    public static function strip(Input $input, Answer $answer): array
    {
        $length = $answer->num('length');
        $wide = $input->num('width');
        $stock = $input->numOr('stock_length', $length);
        $long = max($length, $stock);
        $view = (new View('strip', 'Strip to cut', 'foot', [-34, -16, $long + 68, $wide + 42]))
            ->rect(0, 0, $length, $wide, 'fill-metal')->rect(0, 0, $length, $wide);
        if ($stock > $length) {
            $view->rect($length, 0, $stock - $length, $wide, 'thin');
        }
        foreach ([0.25, 0.5, 0.75] as $at) {
            $view->line($length * $at, 0, $length * $at, $wide, 'centre');
        }

        return [$view->result('length', 'to cut', [$length / 2, -9], [[0, -3], [$length, -3]])
            ->input('overlap', 'overlap', [-12, $wide + 14])->input('gap', 'gap', [($long + 24) / 3 - 12, $wide + 14])
            ->input(
                'trim', 'trim', [2 * ($long + 24) / 3 - 12, $wide + 14],
            )->input('stock_length', 'stock', [$long + 12, $wide + 14])];
    }

    /** @return list<View> the ring as it is and as it is to be */
    public static function sizing(Input $input, Answer $answer): array
    {
        [$from, $to] = [$input->num('from') / M_PI, $input->num('to') / M_PI];
        $thick = $input->num('thickness');
        $outer = max($from, $to) / 2 + $thick;
        $view = (new View(
            'sizing', 'The ring as it is, and as it is to be', 'main',
            [-3.1 * $outer, -$outer - 3, 6.2 * $outer, 2 * $outer + 8],
        ))
            ->path(RingSide::wall($from, $thick, $thick), 'fill-metal')
            ->circle(0, 0, $from / 2)->circle(0, 0, $from / 2 + $thick)
            ->circle(0, 0, $to / 2, 'finished');
        $let = $answer->value('insert') ?? $answer->value('edges_apart');
        if (is_numeric($let)) {
            // Seen at the foot: the piece let in, or what lies between the cuts.
            $half = (float) $let / max($from, $to);
            foreach ([-1, 1] as $side) {
                $at = M_PI / 2 + $side * $half;
                $view->line(
                    $from / 2 * cos($at), $from / 2 * sin($at), ($from / 2 + $thick) * cos($at),
                    ($from / 2 + $thick) * sin($at), 'hot',
                );
            }
            $answer->value('insert') === null ? $view->result(
                'edges_apart', 'edges apart', [0, $outer * 0.62],
            ) : $view->result('insert', 'let in', [0, $outer * 0.62]);
        }
        if ($answer->value('passes') !== null) {
            $view->result('passes', 'passes', [0, $outer * 0.62]);
        }

        return [$view->input(
            'from', 'size now', [-2.1 * $outer, -$outer * 0.5],
        )->input('to', 'size wanted', [2.1 * $outer, -$outer * 0.5])
            ->input('thickness', 'thick', [-2.1 * $outer, $outer * 0.35])
            ->input('width', 'wide', [2.1 * $outer, $outer * 0.35])
            ->result('change_diameter', 'larger across', [0, -$outer * 0.25])];
    }

    /** @return list<View> the head from above with the order in which it is pushed */
    public static function push(Input $input, Answer $answer): array
    {
        $count = (int) $input->num('count');
        $order = [];
        foreach ((array) $answer->value('sequence') as $at => $one) {
            foreach (is_array($one) ? $one : [$one] as $place) {
                $order[(int) $place] = count($order) + 1;
            }
        }
        $view = (new View('push', 'Pushing order, from above', 'main', [-58, -33, 116, 66]))
            ->circle(0, 0, 15, 'fill-stone')->circle(0, 0, 15)->circle(0, 0, 18.5);
        for ($place = 1; $place <= $count; $place++) {
            $angle = 2 * M_PI * $place / $count;
            [$x, $y] = [sin($angle), -cos($angle)];
            $view->line(15 * $x, 15 * $y, 18.5 * $x, 18.5 * $y, 'thin')->text(
                12 * $x, 12 * $y + 0.9, (string) $place, 'middle', 'small',
            )
                ->circle(23.5 * $x, 23.5 * $y, 3.1, $order[$place] <= 2 ? 'fill-caution' : 'fill-paper')
                ->circle(23.5 * $x, 23.5 * $y, 3.1, 'thin')
                ->text(23.5 * $x, 23.5 * $y + 1, (string) $order[$place]);
        }

        return [
            $view->input('count', 'places', [0, 0], [], $count)
                ->result('apart_deg', 'apart', [42, -20])->result('pushes', 'pushes in all', [-42, -20]),
        ];
    }

    /** @return list<View> grits from coarse to fine, and the mass before and after */
    public static function finish(Input $input, Answer $answer): array
    {
        $grits = $input->nums('grits');
        $wide = 150.0;
        $step = $wide / max(1, count($grits));
        $view = new View('finish', 'Coarse to fine', 'main', [-6, -8, $wide + 12, 66]);
        foreach ($grits as $at => $grit) {
            $high = 30 * (1 - $at / max(1, count($grits))) + 4;
            $skipped = $at > 0 && $grit / $grits[$at - 1] > 2 + 1e-9;
            $view->rect(
                $at * $step + 1, 36 - $high, $step - 2, $high, $skipped ? 'fill-caution' : 'fill-metal',
            )->rect($at * $step + 1, 36 - $high, $step - 2, $high, 'thin')
                ->text(($at + 0.5) * $step, 40.5, sprintf('%.0f', $grit));
        }

        return [
            $view->line(0, 36, $wide, 36, 'outline')
                ->input('mass_before', 'before', [24, 51])->input('mass_after', 'after', [75, 51])
                ->result('loss', 'taken off', [126, 51])->result('greatest_step', 'greatest step', [122, 2]),
        ];
    }

    /** @return list<View> the finished ring with what is weighed and measured */
    public static function handOver(Input $input, Answer $answer): array
    {
        $wanted = $input->numOr('wanted_diameter', 17.0);
        $outer = $wanted / 2 + 2;
        $view = (new View(
            'handover', 'The finished piece', 'main', [-2.6 * $outer, -$outer - 3, 5.2 * $outer, 2 * $outer + 6],
        ))
            ->path(RingSide::wall($wanted, 2, 2), 'fill-metal')->circle(0, 0, $outer)->circle(0, 0, $wanted / 2);
        if ($input->has('size_measured')) {
            $view->circle(0, 0, $input->num('size_measured') / M_PI / 2, 'finished');
        }

        return [$view->input('size_measured', 'on the mandrel', [0, 0])
            ->input('piece_mass', 'weighs', [-1.8 * $outer, -$outer * 0.4])
            ->input('stones_carats', 'stones, ct', [-1.8 * $outer, $outer * 0.4])
            ->result(
                'metal_mass', 'metal in it', [1.8 * $outer, -$outer * 0.4],
            )->result('size_off', 'over its size', [1.8 * $outer, $outer * 0.4])];
    }
}
