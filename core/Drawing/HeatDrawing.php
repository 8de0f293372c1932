<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** A piece in the fire, seen from above: the parts as they lie, and where they meet. */
final class HeatDrawing
{
    private const EDGE = 6.0;

    /** Room under the piece for what is said of it, mm. */
    private const UNDER = 14.0;

    /** @return list<View> */
    public static function piece(Answer $answer): array
    {
        /** @var list<array{part: string, colour: string, points: list<array{float, float}>}> $outlines */
        $outlines = $answer->value('outlines');
        $points = array_merge(...array_column($outlines, 'points'));
        $view = new View('piece', 'The piece as it lies', 'main', self::box($points));
        foreach ($outlines as $outline) {
            $view->filled($outline['points'], 'fill-metal', 'thin');
        }
        self::joints($view, $answer, (array) $answer->value('nodes'));
        [$x, $y, $wide, $high] = self::box($points);

        return [
            $view->result('heat_to_flow', 'heat to the flow, kJ', [$x + 0.3 * $wide, $y + $high - 4])
                ->result('loss_at_flow', 'lost at the flow, W', [$x + 0.7 * $wide, $y + $high - 4]),
        ];
    }

    /** @return list<View> */
    public static function moment(Answer $answer): array
    {
        $nodes = (array) $answer->value('nodes');
        $points = array_map(static fn (array $node): array => [$node['x_mm'], $node['y_mm']], array_values($nodes));
        $view = new View('moment', 'The piece after a moment of flame', 'main', self::box($points));
        foreach ($nodes as $node) {
            $radius = max(0.4, min(2.0, sqrt($node['surface_mm2'] / (2 * M_PI)) / 2));
            $view->circle($node['x_mm'], $node['y_mm'], $radius, 'fill-metal')
                ->circle($node['x_mm'], $node['y_mm'], $radius)
                ->degrees($node['x_mm'], $node['y_mm'] + $radius + 2.2, $node['heat_c']);
        }
        self::joints($view, $answer, $nodes);

        return [$view];
    }

    /** @param array<array-key, array<string, mixed>> $nodes */
    private static function joints(View $view, Answer $answer, array $nodes): void
    {
        foreach ((array) $answer->value('contacts') as $contact) {
            [$one, $other] = [$nodes[$contact['from']], $nodes[$contact['to']]];
            $view->line(
                $one['x_mm'], $one['y_mm'], $other['x_mm'], $other['y_mm'], $contact['now'] ? 'hot' : 'ghost',
            );
        }
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return array{float, float, float, float}
     */
    private static function box(array $points): array
    {
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        $wide = max(60.0, max($xs) - min($xs) + 2 * self::EDGE);
        $high = max(20.0, max($ys) - min($ys) + self::EDGE + self::UNDER);

        return [(max($xs) + min($xs) - $wide) / 2, min($ys) - self::EDGE, $wide, $high];
    }
}
