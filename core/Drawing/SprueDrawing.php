<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Form\SideOutline;
use HotSprue\Tree\Legs;

/** The ring on its sprues, gates at their places, down to the stem and the button. */
final class SprueDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        if (! $input->has('inner_diameter') || ! $input->has('thickness')) {
            return [];
        }
        $bore = $input->num('inner_diameter');
        $top = $input->num('thickness');
        $base = $input->numOr('thickness_base', $top);
        $count = (int) $answer->num('count');
        $wire = $input->numOr('sprue_diameter', $answer->num('stock_diameter'));
        $length = $input->num('length');
        $stem = $answer->num('stem_diameter');
        $outer = $bore / 2 + max($top, $base);
        // The ring hangs with its fed side toward the button, at the foot of the drawing.
        // Fed at its base it stands on its foot; at the head or the shoulders it hangs head down.
        $turned = $input->text('feed_at') !== 'base';
        [$up, $down] = $turned ? [$base, $top] : [$top, $base];
        $side = new SideOutline($bore, $down, $up);
        $foot = $side->radius(0.0) + $length;
        $end = $foot + ($count > 1 ? $input->num('stem_length') : 0.0);
        $view = (new View('tree', 'Sprues', 'main', [-$outer - 9, -$outer - 3, 2 * $outer + 24, $outer + $end + 14]))
            ->path(RingSide::wall($bore, $up, $down), 'fill-wax')
            ->through(RingSide::outer($bore, $up, $down))
            ->circle(0, 0, $bore / 2);
        foreach (Legs::angles($count, $input->has('y_angle_deg') ? $input->num('y_angle_deg') : null) as $angle) {
            [$x, $y] = [$side->radius($angle) * sin($angle), $side->radius($angle) * cos($angle)];
            $view->path(self::rod($x, $y, 0.0, $count > 1 ? $foot : $end, $wire), 'fill-sprue');
        }
        if ($count > 1) {
            $view->path(self::rod(0.0, $foot - $stem / 3, 0.0, $end, $stem), 'fill-sprue');
        }
        $view->path(
            sprintf(
                'M%.3F %.3F L%.3F %.3F H%.3F L%.3F %.3F Z', -$stem / 2, $end, -$stem / 2 - 3, $end + 5, $stem / 2 + 3,
                $stem / 2, $end,
            ),
            'fill-sprue',
        )
            ->input('sprue_diameter', 'sprue wire', [$outer + 6, $outer + 1], [], $answer->num('stock_diameter'))
            ->input('count', 'sprues', [0, 0], [], $count)
            ->input('length', 'sprue length', [-$outer - 1, $outer + $length / 2 + 2], [])
            ->result('stem_diameter', 'stem', [$outer + 7, $end + 1], []);
        $reaches = $answer->value('reaches');
        $table = new View('reaches', 'Reach of each count, in moduli of the thinnest section', 'side', [0, 0, 40, 24]);
        foreach (array_slice(is_array($reaches) ? $reaches : [], 0, 4) as $row => $reach) {
            $y = 3 + $row * 5.6;
            $long = min(34.0, $reach['reach'] / 2.5);
            $table->rect(5, $y - 1.4, $long, 2.8, match ($reach['level']) {
                'fine' => 'fill-metal', 'caution' => 'fill-caution', default => 'fill-hot'
            })->text(1.6, $y + 0.8, (string) $reach['count'])->text(
                6, $y + 3.4, sprintf('%.1f · %.1f mm · %s', $reach['reach'], $reach['reach_mm'], $reach['level']),
                'start', 'small',
            );
        }

        return [$view, $table];
    }

    private static function rod(float $x1, float $y1, float $x2, float $y2, float $width): string
    {
        $long = max(1e-6, hypot($x2 - $x1, $y2 - $y1));
        [$nx, $ny] = [($y2 - $y1) / $long * $width / 2, -($x2 - $x1) / $long * $width / 2];

        return View::points(
            [[$x1 + $nx, $y1 + $ny], [$x2 + $nx, $y2 + $ny], [$x2 - $nx, $y2 - $ny], [$x1 - $nx, $y1 - $ny]],
        );
    }
}
