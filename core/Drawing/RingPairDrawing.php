<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Rings from the side, one over the other: as it is and as it becomes, to scale. */
final class RingPairDrawing
{
    /** @return list<View> a bore before and after, with the thickness that it keeps */
    public static function wax(Input $input, Answer $answer): array
    {
        [$bore, $thick] = [$input->num('bore'), $input->num('thickness')];

        return [self::pair('predict', 'Wax, and the ring that comes of it', [$bore, $thick, 'fill-wax'], [
            $answer->num('inner_diameter'), $answer->num('thickness'),
        ], static fn (View $view, float $out): View => $view
            ->input('bore', 'bore of the wax', [-1.9 * $out, -$out * 0.4])
            ->input('thickness', 'wax thick', [-1.9 * $out, $out * 0.4])
            ->input('width', 'wax wide', [1.9 * $out, $out * 0.4])
            ->result('inner_diameter', 'finishes at', [1.9 * $out, -$out * 0.4]))];
    }

    /** @return list<View> clay on its mandrel, and fired */
    public static function clay(Input $input, Answer $answer): array
    {
        $wet = [$answer->num('mandrel'), $answer->num('thickness_wet'), 'fill-invest'];
        // It shrinks alike every way: by as much as its width does.
        $fired = $wet[0] * $input->num('width') / $answer->num('width_wet');

        return [self::pair(
            'clay', 'On its mandrel, and fired', $wet, [$fired, $answer->num('thickness_fired')],
            static fn (View $view, float $out): View => $view
                ->result('mandrel', 'mandrel', [-1.9 * $out, -$out * 0.4])
                ->result('thickness_wet', 'laid so thick', [-1.9 * $out, $out * 0.4])
                ->result('width_wet', 'laid so wide', [1.9 * $out, -$out * 0.4])
                ->result('thickness_fired', 'fired thick', [1.9 * $out, $out * 0.4]),
        )];
    }

    /** @return list<View> one ring of wire, and the coil that they are cut from */
    public static function wire(Input $input, Answer $answer): array
    {
        [$inside, $wire] = [$input->num('inner_diameter'), $input->num('wire')];
        $outer = $inside / 2 + $wire;
        $count = max(1, min(60, (int) $input->num('count')));
        $coil = max($wire, $answer->num('coil'));
        $view = (new View(
            'rings', 'A ring, and the coil', 'main',
            [-2 * $outer, -$outer * 1.6, 6 * $outer + $coil, $outer * 3.6], 6,
        ))->circle(0, 0, $outer)->circle(0, 0, $inside / 2)->line(0, -$outer, 0, -$inside / 2, 'hot');
        for ($at = 0; $at < $count; $at++) {
            $x = $outer * 2 + $at * $coil / $count;
            $view->line($x, -$outer, $x + $wire * 0.4, $outer);
        }

        return [$view->input('inner_diameter', 'inside', [0, 0])
            ->input('wire', 'wire', [-$outer * 1.4, -$outer * 1.2])
            ->result('wire_total', 'wire in all', [$outer * 2 + $coil / 2, $outer * 1.5])
            ->input('count', 'how many', [0, $outer * 1.5])];
    }

    /** @return list<View> a foot filed to the curve that it sits on */
    public static function seam(Input $input, Answer $answer): array
    {
        $radius = $input->num('outer_diameter') / 2;
        [$foot, $high] = [$input->num('foot'), $input->numOr('height', 2.0)];
        $half = min($foot / 2, $radius * 0.98);
        $arc = [];
        for ($step = 0; $step <= 24; $step++) {
            $x = -$half + 2 * $half * $step / 24;
            $arc[] = [$x, $radius - sqrt($radius ** 2 - $x ** 2)];
        }
        $deep = $answer->num('crescent');
        $view = (new View('seam', 'The foot on its band', 'main', [-$radius, -$high - 2, 2 * $radius,
            $high + $radius * 0.7 + 4], 4))
            ->path(sprintf('M%.3F %.3F A%3$.3F %3$.3F 0 0 1 %4$.3F %2$.3F', -0.8 * $radius, 0.4 * $radius, $radius,
                0.8 * $radius))
            ->filled([[-$half, $deep - $high], [$half, $deep - $high], ...array_reverse($arc)], 'fill-metal',
                'finished');

        return [$view->input('foot', 'foot', [0, $deep - $high - 1], [[-$half, $deep - $high - 0.3], [$half,
            $deep - $high - 0.3]])
            ->result('crescent', 'filed away', [$radius * 0.65, -$high * 0.5])
            ->input('height', 'high', [-$radius * 0.65, -$high * 0.5])
            ->result('joint', 'joint', [0, $radius * 0.45])];
    }

    /** @return list<View> a broad band and the finger’s own size */
    public static function fit(Input $input, Answer $answer): array
    {
        $inside = $answer->num('inner_diameter');
        $wide = $input->num('width');
        $radius = $inside / 2;
        $view = (new View(
            'fit', 'A broad band on the finger', 'main',
            [-$radius * 2, -$radius - 6, $radius * 4 + $wide + 16, 2 * $radius + 12],
        ))
            ->circle(0, 0, $radius, 'finished')->circle(0, 0, $radius + 1.6)
            ->rect($radius + 12, -$radius, $wide, 2 * $radius, 'fill-metal')
            ->rect($radius + 12, -$radius, $wide, 2 * $radius);

        return [$view->result('inner_diameter', 'inside', [0, 0], [[-$radius, 0], [$radius, 0]])
            ->input('width', 'wide', [$radius + 12 + $wide / 2, -$radius - 3])
            ->result('advice_us', 'sizes up', [$radius + 12 + $wide / 2, 0])];
    }

    /**
     * @param  array{float, float, string}  $before  bore, thickness and filling
     * @param  array{float, float}  $after
     * @param  callable(View, float): View  $dimensions
     */
    private static function pair(string $name, string $title, array $before, array $after, callable $dimensions): View
    {
        $out = max($before[0] / 2 + $before[1], $after[0] / 2 + $after[1]);
        $view = (new View($name, $title, 'main', [-2.8 * $out, -$out - 3, 5.6 * $out, 2 * $out + 6]))
            ->path(RingSide::wall($before[0], $before[1], $before[1]), $before[2])
            ->circle(0, 0, $before[0] / 2)->circle(0, 0, $before[0] / 2 + $before[1])
            ->circle(0, 0, $after[0] / 2, 'finished')->circle(0, 0, $after[0] / 2 + $after[1], 'finished');

        return $dimensions($view, $out);
    }
}
