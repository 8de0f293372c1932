<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Form\FingerInput;
use HotSprue\Form\FormBand;

/** The band along the finger, its section at top and base, and its width unrolled. */
final class FormDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $d = FingerInput::read($input)->diameter();
        $band = FormBand::band($input, $d);
        [$top, $base] = [$band->thicknessTop, $band->thicknessBase];
        [$up, $down] = [$d / 2 + $top, $d / 2 + $base];
        $side = max($up, $down);
        $main = (new View(
            'ring', 'Along the finger', 'main', [-$side - 5, -$up - 6.5, 2 * $side + 10, $up + $down + 13],
        ))
            ->path(RingSide::wall($d, $top, $base), 'fill-metal')
            ->through(RingSide::outer($d, $top, $base))
            ->circle(0, 0, $d / 2)
            ->line(-$side - 1.5, 0, $side + 1.5, 0, 'centre')
            ->line(0, -$up - 1.5, 0, $down + 1.5, 'centre')
            ->input('thickness_top', 'thickness at top', [0, -$up - 4.2], [[0, -$d / 2], [0, -$up]], null, [0, -1, 1])
            ->input(
                'thickness_base', 'thickness at base', [0, $down + 4.2], [[0, $d / 2], [0, $down]], $base, [0, 1, 1],
            )
            ->input('inner_diameter', 'inside diameter', [0, 0], [[-$d / 2, 0], [$d / 2, 0]], $d);
        $views = [$main];
        foreach (['top' => 0.0, 'base' => M_PI] as $place => $theta) {
            $section = $band->section($theta);
            $half = max($band->widthTop, $band->widthBase) / 2;
            $high = max($top, $base);
            $view = (new View(
                "section-{$place}", "Section at {$place}", 'side',
                [-$half - 1, -$high - 0.6, 2 * $half + 2, $high + 3.4], 3,
            ))
                ->path(SectionOutline::path($section), 'fill-metal')
                ->path(SectionOutline::path($section))
                ->input(
                    "width_{$place}", "width at {$place}", [0, 2.2],
                    [[-$section->width / 2, 0.5], [$section->width / 2, 0.5]], $section->width, [1, 0, 2],
                );
            $views[] = $view;
        }
        $views[] = self::unrolled('Unrolled inside', $answer->num('unrolled_inner'), $band->widthTop, $band->widthBase);

        return $views;
    }

    /**
     * A band laid flat: base at both ends, top in the middle, centre and quarter lines.
     *
     * @param  float  $slice  width of what it is cut from, where that is drawn round it
     */
    public static function unrolled(
        string $title, float $length, float $widthTop, float $widthBase, string $name = 'unrolled', float $slice = 0.0,
    ): View
    {
        $half = max($widthTop, $widthBase, $slice) / 2;
        $toTop = static fn (float $x): float => (1 - cos(2 * M_PI * $x / $length)) / 2;
        $edge = static fn (float $x): float => ($widthBase + ($widthTop - $widthBase) * $toTop($x)) / 2;
        $upper = $lower = [];
        for ($i = 0; $i <= 48; $i++) {
            $x = $length * $i / 48;
            $upper[] = [$x, -$edge($x)];
            $lower[] = [$x, $edge($x)];
        }
        $view = (new View(
            $name, sprintf('%s: %.2f mm', $title, $length), 'foot', [-4, -$half - 1.5, $length + 8, 2 * $half + 5.5],
        ))
            ->through([...$upper, ...array_reverse($lower)], 'fill-paper')
            ->through([...$upper, ...array_reverse($lower)])
            ->line(-1.5, 0, $length + 1.5, 0, 'centre');
        foreach (['base', '¼', 'top', '¾', 'base'] as $quarter => $name) {
            $x = $length * $quarter / 4;
            $view->line($x, -$half - 1, $x, $half + 1, 'measure')->text($x, $half + 3, $name, 'middle', 'small');
        }

        return $view;
    }
}
