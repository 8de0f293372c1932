<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Seats\BezelStrip;
use HotSprue\Stones\Outline;
use HotSprue\Stones\StoneInput;

/**
 * The head from above, about the true centre of its stone: girdle, facets hinted, seat, claws, what stands round it,
 * and
 * the settings beside it where they lie.
 */
final class StonePlan
{
    private const TABLE = 0.55;

    private const POINTS = 96;

    /** As many boxes have room beside it. */
    private const MOST = 6;

    /** How high the head is drawn on the screen, px, and how far its boxes reach from the middle. */
    private const HIGH = 340.0;

    private const WIDE = 320.0;

    /** Kind, name and label of each dimension, by what it is of. */
    private const DIMENSIONS = [
        'seat.bezel' => [['input', 'wall', 'bezel wall'], ['result', 'strip_length', 'strip']],
        'seat.tube' => [['result', 'tube', 'tube'], ['result', 'outside_width', 'outside']],
        'seat.claw' => [['input', 'claws', 'claws'], ['input', 'wire', 'claw wire']],
        'layout.halo' => [
            ['input', 'stone_diameter', 'round it'], ['input', 'count', 'how many'], ['result', 'gap_left', 'gap left'],
            ['result', 'edge_gap_for_one_more', 'edge gap for one more'],
        ],
        'layout.cluster' => [
            ['input', 'stone_diameter', 'each stone'], ['input', 'count', 'how many'],
            ['input', 'edge_gap', 'to the centre'], ['input', 'wire', 'claw wire'],
            ['result', 'wire_total', 'wire in all'],
        ],
    ];

    /**
     * @param  array<string, array{Input, Answer}>  $parts
     *   by use, and the row that it is of; the first has the outline
     * @param  ?string  $row  the row whose dimensions are shown where there is no room for all
     * @return list<View>
     */
    public static function views(array $parts, ?string $row = null): array
    {
        [$input] = $parts[array_key_first($parts)];
        $outline = $input->has('shape') ? StoneInput::read($input) : null;
        $reach = self::reach($outline, $parts);
        [$across, $along] = $reach;
        // The drawing's boxes are of a fixed size on the screen: so many mm at the scale at which it is drawn.
        $box = ($along * 2 + 2.0) / self::HIGH;
        $side = max(0.0, self::WIDE * $box - $across);
        $view = new View(
            'head', 'The head from above', 'main',
            [-$across - $side, -$along - 1.0, 2 * ($across + $side), 2 * $along + 2.0 + 60 * $box], 10,
        );
        foreach ($parts as $use => $part) {
            match (self::base($use)) {
                'layout.halo' => ClusterDrawing::halo($view, $part[0], $part[1]),
                'layout.cluster' => ClusterDrawing::cluster($view, $part[1]),
                'setting.place' => PlaceDrawing::beside($view, $part[0], $across, $along),
                default => null,
            };
        }
        if ($outline !== null) {
            self::stone($view, $outline, $parts);
        }
        // The true centre, which is not always the middle.
        $view->line(-$across - 0.6, 0, $across + 0.6, 0, 'centre')->line(0, -$along - 0.6, 0, $along + 0.6, 'centre');
        self::dimensions($view, $outline, $parts, $across, $box, $row);

        return [$view];
    }

    /** A use without the row that it is of. */
    private static function base(string $use): string
    {
        return explode('@', $use, 2)[0];
    }

    /** @param array<string, array{Input, Answer}> $parts */
    private static function stone(View $view, Outline $outline, array $parts): void
    {
        foreach ($parts as $use => $part) {
            in_array(self::base($use), ['seat.bezel', 'seat.tube'], true) ? self::bezel($view, $outline, $part) : null;
        }
        $edge = self::flipped($outline->parallel(0.0)->corneredPoints(self::POINTS));
        $view->filled($edge, 'fill-stone');
        self::facets($view, $outline, $edge);
        foreach ($parts as $use => $part) {
            self::base($use) === 'seat.claw' ? self::claws($view, $part[1]) : null;
        }
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
    private static function reach(?Outline $outline, array $parts): array
    {
        [$left, $right, $bottom, $top] = $outline?->box() ?? [0.0, 0.0, 0.0, 0.0];
        $more = 0.6;
        foreach ($parts as $use => [$input, $answer]) {
            $more = max($more, match (self::base($use)) {
                'layout.halo' => $input->num('edge_gap') + $input->num('stone_diameter') + 0.4,
                'layout.cluster' => ClusterDrawing::reach($answer) - min(max($right, -$left), max($top, -$bottom)),
                'seat.bezel', 'seat.tube' => SeatDrawing::reach($input, $answer) + 0.4,
                'seat.claw' => $answer->num('wire') + 0.3,
                'setting.place' => $input->rows('others') === [] ? 0.0 : 4.0,
                default => 0.0,
            });
        }

        return [max($right, -$left) + $more, max($top, -$bottom) + $more];
    }

    /** @param list<array{float, float}> $edge its girdle */
    private static function facets(View $view, Outline $outline, array $edge): void
    {
        $view->through(
            array_map(static fn (array $p): array => [$p[0] * self::TABLE, $p[1] * self::TABLE], $edge), 'thin',
        );
        foreach (self::flipped($outline->parallel(0.0)->points(8)) as [$x, $y]) {
            $view->line($x * self::TABLE, $y * self::TABLE, $x, $y, 'ghost');
        }
    }

    /** @param array{Input, Answer} $part */
    private static function bezel(View $view, Outline $outline, array $part): void
    {
        [$fit, $out] = [$part[0]->num('fit'), SeatDrawing::reach($part[0], $part[1])];
        $outer = self::flipped(BezelStrip::isScored($part[0], $outline)
            ? $outline->mitred($out, self::POINTS)
            : $outline->parallel($out)->points(self::POINTS));
        $inner = self::flipped($outline->parallel($fit)->points(self::POINTS));
        [$outside, $inside] = [View::points($outer), View::points(array_reverse($inner))];
        $view->path("{$outside} {$inside}", 'fill-metal')->path($outside)->path($inside, 'thin');
    }

    private static function claws(View $view, Answer $answer): void
    {
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
    private static function dimensions(
        View $view, ?Outline $outline, array $parts, float $across, float $box, ?string $row,
    ): void
    {
        $outline === null ?: self::measures($view, $outline, (string) array_key_first($parts), $across, $box);
        $shown = [];
        foreach (array_keys($parts) as $use) {
            foreach (self::DIMENSIONS[self::base($use)] ?? [] as $dimension) {
                $shown[] = [$use, ...$dimension];
            }
        }
        if (count($shown) > self::MOST) {
            $shown = array_values(array_filter(
                $shown, static fn (array $one): bool => $row === null || str_ends_with($one[0], "@{$row}"),
            ));
        }
        foreach ($shown as $place => [$use, $kind, $name, $label]) {
            $at = [$across + 96 * $box, 58 * ($place - (count($shown) - 1) / 2) * $box];
            $kind === 'result'
                ? $view->result($name, $label, $at, use: $use)
                : $view->input($name, $label, $at, [], self::shown($parts[$use], $name), null, $use);
        }
    }

    private static function measures(View $view, Outline $outline, string $use, float $across, float $box): void
    {
        [$left, $right, $bottom, $top] = $outline->box();
        $under = -$bottom + ($across - $right) + 0.3;
        $view->input(
            'width', 'width', [0.0, $under + 28 * $box], [[$left, $under], [$right, $under]], $outline->wide,
            [1.0, 0.0, $outline->wide / $right], $use,
        );
        if ($outline->shape->parts()->hasLength()) {
            $beside = $left - ($across - $right) - 0.3;
            $view->input(
                'length', 'length', [$beside - 66 * $box, 0.0], [[$beside, -$bottom], [$beside, -$top]], $outline->long,
                [0.0, -1.0, ($top - $bottom) / $top], $use,
            );
        }
    }

    /** @param array{Input, Answer} $part */
    private static function shown(array $part, string $name): float|string|null
    {
        $value = $part[1]->value($name);

        return is_float($value) || is_string($value) ? $value : null;
    }
}
