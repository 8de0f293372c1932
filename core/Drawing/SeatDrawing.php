<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Seats\Proportions;
use HotSprue\Workshop\WorkshopSettings;

/** A stone in its seat, cut through the middle: crown, girdle, pavilion, culet, metal and finger. */
final class SeatDrawing
{
    /** How high the cut is drawn on the screen, px: its boxes are of a fixed size there. */
    private const HIGH = 190.0;

    /** How far a bezel's outside stands from the girdle, mm: clearance and wall, or as far as its tube goes. */
    public static function reach(Input $input, Answer $answer): float
    {
        return $answer->value('tube_inside') === null
            ? $input->num('fit') + $input->num('wall')
            : ($answer->num('outside_width') - $input->num('width')) / 2;
    }

    /** @return list<View> in a bezel */
    public static function bezel(Input $input, Answer $answer, WorkshopSettings $settings): array
    {
        $width = $input->num('width');
        $stone = Proportions::of($input, $width, $settings);
        [$half, $fit] = [$width / 2, $input->num('fit')];
        $wall = self::reach($input, $answer) - $fit;
        [$seat, $high] = [$answer->num('seat_height'), $answer->num('strip_height')];
        $inside = $answer->value('tube_inside');
        // What is left of a tube under the bur is its ledge.
        $ledge = is_float($inside) ? $half + $fit - $inside / 2 : min($input->num('ledge_width'), $half);
        $reach = $half + $fit + $wall;
        $above = $input->text('cut') === 'cabochon' ? max(
            $input->numOr('depth', 0.4 * $width) - $high + $seat, 0.0,
        ) : $stone->crown;
        $box = ($high + $above + 1.2) / self::HIGH;
        $out = $reach + 84 * $box;
        $view = new View(
            'seat', 'Cut through the bezel', 'foot',
            [-$out - 110 * $box, -$high - $above - 0.6, 2 * ($out + 110 * $box), $high + $above + 1.2], 10,
        );
        foreach ([-1, 1] as $side) {
            $view->rect(
                $side > 0 ? $half + $fit : -$reach, -$high, $wall, $high, 'fill-metal',
            )->rect($side > 0 ? $half + $fit : -$reach, -$high, $wall, $high)
                ->rect($side > 0 ? $half + $fit - $ledge : -$half - $fit, -$seat, $ledge, $seat, 'fill-metal')
                ->rect($side > 0 ? $half + $fit - $ledge : -$half - $fit, -$seat, $ledge, $seat, 'thin');
        }
        self::stone(
            $view, $half, -$seat, $stone,
            $input->text('cut') === 'cabochon' ? $input->numOr('depth', 0.4 * $width) : null,
        );
        $view->line(-$reach - 0.6, 0, $reach + 0.6, 0, 'thin');

        foreach ([
            84 => ['wall_in_wax', 'wall in wax'], 140 => ['seat_width_in_wax', 'seat in wax'],
        ] as $up => [$name, $label]) {
            $answer->value($name) === null ?: $view->result($name, $label, [-$out, -$up * $box]);
        }

        return [$view
            ->input('seat_height', 'seat', [-$out, -28 * $box], [[-$reach - 0.2, 0], [-$reach - 0.2, -$seat]], $seat)
            ->input(
                'cover', 'pushed over', [$out, -$high],
                [[$reach + 0.2, -$high], [$reach + 0.2, -$high + $answer->num('cover')]], $answer->num('cover'),
            )
            ->result('strip_height', 'strip high', [$out, -$high + 56 * $box])];
    }

    /** @return list<View> in the band itself */
    public static function band(Input $input, Answer $answer, WorkshopSettings $settings): array
    {
        $d = $input->num('diameter');
        $stone = Proportions::of($input, $d, $settings);
        [$half, $t, $seat] = [$d / 2, $input->num('thickness'), $answer->num('seat_depth')];
        $wide = $d * 1.1 + 1.0;
        $hole = $answer->num('light_opening') / 2;
        // A stone deeper than the band reaches under the finger’s line; its crown may stand over the surface.
        $low = max($t + 1.0, $seat + $stone->pavilion + 0.4);
        $top = min(0.0, $seat - $stone->girdle) - $stone->crown - 0.4;
        $box = ($low - $top) / self::HIGH;
        $out = $wide + 96 * $box;
        $view = new View(
            'seat', 'Cut through the seat, over the finger', 'foot',
            [-$out - 110 * $box, $top, 2 * ($out + 110 * $box), $low - $top], 10,
        );
        // y = 0 is the surface; the hole opens from the through hole at the finger to the seat.
        $view->path(
            sprintf('M%.3F 0 H%.3F V%.3F L%.3F %.3F H%.3F Z', -$wide, -$half, $seat, -$hole, $t, -$wide), 'fill-metal',
        )
            ->path(
                sprintf('M%.3F 0 H%.3F V%.3F L%.3F %.3F H%.3F Z', $wide, $half, $seat, $hole, $t, $wide), 'fill-metal',
            )
            ->path(sprintf('M%.3F 0 H%.3F V%.3F L%.3F %.3F H%.3F Z', -$wide, -$half, $seat, -$hole, $t, -$wide))
            ->path(sprintf('M%.3F 0 H%.3F V%.3F L%.3F %.3F H%.3F Z', $wide, $half, $seat, $hole, $t, $wide));
        self::stone($view, $half, $seat, $stone, null);
        $view->line(-$wide, $t, $wide, $t, 'finished')->text(0, $t + 16 * $box, 'finger', 'middle', 'small');

        return [$view
            ->result(
                'culet_height', 'culet over the finger', [$out, $t - 8 * $box],
                [[0, $seat + $stone->pavilion], [0, $t]],
            )
            ->input(
                'girdle_below', 'girdle under the surface', [-$out, 0.0],
                [[-$half - 0.2, 0], [-$half - 0.2, $seat - $stone->girdle]], $seat - $stone->girdle,
            )
            ->input('thickness', 'band', [-$out, $t - 8 * $box], [[-$wide - 0.1, 0], [-$wide - 0.1, $t]])
            ->result('metal_below', 'metal below the seat', [$out, 0.0])];
    }

    /** @param ?float $dome height of a cabochon, else faceted */
    private static function stone(View $view, float $half, float $seat, Proportions $stone, ?float $dome): void
    {
        if ($dome !== null) {
            $path = sprintf('M%.3F %.3F A%.3F %.3F 0 0 1 %.3F %.3F Z', -$half, $seat, $half, $dome, $half, $seat);
            $view->path($path, 'fill-stone')->path($path);

            return;
        }
        $top = $seat - $stone->girdle;
        $points = [
            [-$half, $seat], [-$half, $top], [-$half * 0.55, $top - $stone->crown],
            [$half * 0.55, $top - $stone->crown], [$half, $top], [$half, $seat], [0.0, $seat + $stone->pavilion],
        ];
        $view->filled($points, 'fill-stone')
            ->line(-$half, $seat, $half, $seat, 'thin')->line(-$half, $top, $half, $top, 'thin');
    }
}
