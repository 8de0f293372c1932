<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Stones that stand round another, from above: alone, or with the claws that they share and their plate. */
final class ClusterDrawing
{
    private const TABLE = 0.55;

    public static function halo(View $view, Input $input, Answer $answer): void
    {
        $order = $answer->value('drill_order');
        $first = is_array($order) ? array_values(array_slice($order, 0, 4)) : [];
        self::stones($view, $answer, $input->num('stone_diameter'), $first);
    }

    public static function cluster(View $view, Answer $answer): void
    {
        $rows = static fn (string $name): array => is_array($answer->value($name))
            ? array_values($answer->value($name)) : [];
        /** @var list<array{float, float}> $plate */
        $plate = array_map(static fn (array $p): array => [$p['x_mm'], -$p['y_mm']], $rows('plate'));
        $view->filled($plate, 'fill-metal', 'thin');
        foreach ($rows('cuts') as $cut) {
            $view->line($cut['from_x_mm'], -$cut['from_y_mm'], $cut['to_x_mm'], -$cut['to_y_mm'], 'ghost');
        }
        self::stones($view, $answer, self::diameter($answer), []);
        foreach ($rows('claws') as $claw) {
            $view->circle($claw['x_mm'], -$claw['y_mm'], $claw['wire_mm'] / 2, 'fill-metal')
                ->circle(
                    $claw['x_mm'], -$claw['y_mm'], $claw['wire_mm'] / 2, $claw['kind'] === 'inner' ? 'thin' : 'outline',
                );
        }
    }

    /** How far the plate of a cluster reaches from the middle; mm. */
    public static function reach(Answer $answer): float
    {
        $plate = $answer->value('plate');

        return 0.6 + max([0.0, ...array_map(
            static fn (array $p): float => hypot($p['x_mm'], $p['y_mm']), is_array($plate) ? $plate : [],
        )]);
    }

    /** A cluster’s stones are as large as their middles and gaps say. */
    private static function diameter(Answer $answer): float
    {
        $places = $answer->value('positions');
        $places = is_array($places) ? $places : [];
        $apart = INF;
        foreach ($places as $i => $place) {
            $next = $places[($i + 1) % count($places)];
            $apart = min($apart, hypot($next['x_mm'] - $place['x_mm'], $next['y_mm'] - $place['y_mm']));
        }

        return $apart - $answer->num('least_gap');
    }

    /** @param list<mixed> $first stones that are drilled first */
    private static function stones(View $view, Answer $answer, float $diameter, array $first): void
    {
        $places = $answer->value('positions');
        foreach (is_array($places) ? $places : [] as $index => $place) {
            [$x, $y, $r] = [$place['x_mm'], -$place['y_mm'], $diameter / 2];
            $view->circle($x, $y, $r, 'fill-stone')
                ->circle($x, $y, $r, in_array($index + 1, $first, true) ? 'outline' : 'thin')
                ->circle($x, $y, $r * self::TABLE, 'ghost');
        }
    }
}
