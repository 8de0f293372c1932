<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Seats\BezelStrip;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;
use HotSprue\Stones\StoneInput;

/** The head from above: girdle, facets hinted, seat, claws and neighbours, about the true centre. */
final class StonePlan
{
    private const TABLE = 0.55;

    private const POINTS = 144;

    /** How high the head is drawn on the screen, px, and how far its boxes reach from the middle. */
    private const HIGH = 340.0;

    private const WIDE = 320.0;

    /** Kind, name and label of each dimension, by use. */
    private const DIMENSIONS = [
        'seat.bezel' => [['input', 'wall', 'bezel wall'], ['result', 'strip_length', 'strip']],
        'seat.tube' => [['result', 'tube', 'tube'], ['result', 'outside_width', 'outside']],
        'seat.claw' => [['input', 'claws', 'claws'], ['input', 'wire', 'claw wire']],
        'layout.halo' => [
            ['input', 'stone_diameter', 'round it'], ['input', 'count', 'how many'], ['result', 'gap_left', 'gap left'],
            ['result', 'edge_gap_for_one_more', 'edge gap for one more'],
        ],
    ];

    /**
     * @param  array<string, array{Input, Answer}>  $parts  by use; the first has the outline
     * @return list<View>
     */
    public static function views(array $parts): array
    {
        [$input] = $parts[array_key_first($parts)];
        $outline = StoneInput::read($input);
        $reach = self::reach($outline, $parts);
        [$across, $along] = $reach;
        // The drawing's boxes are of a fixed size on the screen: so many mm at the scale at which it is drawn.
        $box = ($along * 2 + 2.0) / self::HIGH;
        $side = max(0.0, self::WIDE * $box - $across);
        $view = new View(
            'head', 'The head from above', 'main',
            [-$across - $side, -$along - 1.0, 2 * ($across + $side), 2 * $along + 2.0 + 60 * $box], 10,
        );
        self::neighbours($view, $parts);
        self::bezel($view, $outline, $parts);
        $edge = self::flipped($outline->parallel(0.0)->corneredPoints(self::POINTS));
        $view->through($edge, 'fill-stone')->through($edge);
        self::facets($view, $outline);
        self::claws($view, $parts);
        // The true centre, which is not always the middle.
        $view->line(-$across - 0.6, 0, $across + 0.6, 0, 'centre')->line(0, -$along - 0.6, 0, $along + 0.6, 'centre');
        self::dimensions($view, $outline, $parts, $across, $box);

        return [$view];
    }

    /**
     * @param  list<array{0: float, 1: float, 2?: float}>  $points
     * @return list<array{float, float}> with y down
     */
    private static function flipped(array $points): array
    {
        return array_map(static fn (array $p): array => [$p[0], -$p[1]], $points);
    }

    /**
     * @param  array<string, array{Input, Answer}>  $parts
     * @return array{float, float} how far everything reaches across and along
     */
    private static function reach(Outline $outline, array $parts): array
    {
        [$left, $right, $bottom, $top] = $outline->box();
        $more = 0.6;
        foreach ($parts as $use => [$input, $answer]) {
            $more = max($more, match ($use) {
                'layout.halo' => $input->num('edge_gap') + $input->num('stone_diameter') + 0.4,
                'seat.bezel', 'seat.tube' => SeatDrawing::reach($input, $answer) + 0.4,
                'seat.claw' => $answer->num('wire') + 0.3,
                default => 0.0,
            });
        }

        return [max($right, -$left) + $more, max($top, -$bottom) + $more];
    }

    private static function facets(View $view, Outline $outline): void
    {
        $edge = self::flipped($outline->parallel(0.0)->points(8));
        $table = array_map(
            static fn (array $p): array => [$p[0] * self::TABLE, $p[1] * self::TABLE],
            self::flipped($outline->parallel(0.0)->corneredPoints(self::POINTS)),
        );
        $view->through($table, 'thin');
        foreach ($edge as [$x, $y]) {
            $view->line($x * self::TABLE, $y * self::TABLE, $x, $y, 'ghost');
        }
    }

    /** @param array<string, array{Input, Answer}> $parts */
    private static function bezel(View $view, Outline $outline, array $parts): void
    {
        foreach (['seat.bezel', 'seat.tube'] as $use) {
            if (isset($parts[$use])) {
                [$fit, $out] = [$parts[$use][0]->num('fit'), SeatDrawing::reach(...$parts[$use])];
                $outer = self::flipped(BezelStrip::isScored($parts[$use][0], $outline)
                    ? $outline->mitred($out, self::POINTS)
                    : $outline->parallel($out)->points(self::POINTS));
                $inner = self::flipped($outline->parallel($fit)->points(self::POINTS));
                $view->path(View::points($outer).' '.View::points(array_reverse($inner)), 'fill-metal')
                    ->through($outer)->through($inner, 'thin');
            }
        }
    }

    /** @param array<string, array{Input, Answer}> $parts */
    private static function claws(View $view, array $parts): void
    {
        if (! isset($parts['seat.claw'])) {
            return;
        }
        $answer = $parts['seat.claw'][1];
        $places = $answer->value('places');
        $radius = $answer->num('wire') / 2;
        foreach (is_array($places) ? $places : [] as $place) {
            $view->circle(
                $place['x_mm'], -$place['y_mm'], $radius, 'fill-metal',
            )->circle($place['x_mm'], -$place['y_mm'], $radius);
            if ($place['v']) {
                $turn = deg2rad($place['angle_deg']);
                [$x, $y] = [$place['x_mm'], -$place['y_mm']];
                $view->path(
                    sprintf(
                        'M%.3F %.3F L%.3F %.3F L%.3F %.3F', $x + $radius * cos($turn + 2.3),
                        $y - $radius * sin($turn + 2.3), $x + $radius * cos($turn), $y - $radius * sin($turn),
                        $x + $radius * cos($turn - 2.3), $y - $radius * sin($turn - 2.3),
                    ),
                    'thin',
                );
            }
        }
    }

    /** @param array<string, array{Input, Answer}> $parts */
    private static function neighbours(View $view, array $parts): void
    {
        if (! isset($parts['layout.halo'])) {
            return;
        }
        [$input, $answer] = $parts['layout.halo'];
        $places = $answer->value('positions');
        $order = $answer->value('drill_order');
        $first = is_array($order) ? array_slice($order, 0, 4) : [];
        foreach (is_array($places) ? $places : [] as $index => $place) {
            [$x, $y, $r] = [$place['x_mm'], -$place['y_mm'], $input->num('stone_diameter') / 2];
            $view->circle($x, $y, $r, 'fill-stone')
                ->circle($x, $y, $r, in_array($index + 1, $first, true) ? 'outline' : 'thin')
                ->circle($x, $y, $r * self::TABLE, 'ghost');
        }
    }

    /** @param array<string, array{Input, Answer}> $parts */
    private static function dimensions(View $view, Outline $outline, array $parts, float $across, float $box): void
    {
        [$left, $right, $bottom, $top] = $outline->box();
        $first = array_key_first($parts);
        $under = -$bottom + ($across - $right) + 0.3;
        $view->input(
            'width', 'width', [0.0, $under + 28 * $box], [[$left, $under], [$right, $under]], $outline->wide,
            [1.0, 0.0, 2.0], $first,
        );
        if ($outline->shape->hasLength() && $outline->shape !== Shape::Round) {
            $beside = $left - ($across - $right) - 0.3;
            $view->input(
                'length', 'length', [$beside - 66 * $box, 0.0], [[$beside, -$bottom], [$beside, -$top]], $outline->long,
                [0.0, -1.0, ($top - $bottom) / $top], $first,
            );
        }
        $number = -(count(array_merge(...array_values(array_intersect_key(self::DIMENSIONS, $parts)))) - 1) / 2;
        foreach (self::DIMENSIONS as $use => $dimensions) {
            foreach (isset($parts[$use]) ? $dimensions : [] as [$kind, $name, $label]) {
                $at = [$across + 96 * $box, 58 * $number++ * $box];
                $kind === 'result'
                    ? $view->result($name, $label, $at, use: $use)
                    : $view->input($name, $label, $at, [], self::shown($parts[$use], $name), null, $use);
            }
        }
    }

    /** @param array{Input, Answer} $part */
    private static function shown(array $part, string $name): float|string|null
    {
        $value = $part[1]->value($name);

        return is_float($value) || is_string($value) ? $value : null;
    }
}
