<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Setting\PlacedOutline;
use HotSprue\Stones\StoneInput;

/** Settings where they sit: round the band, unrolled at its outside, and beside the one that is drawn from above. */
final class PlaceDrawing
{
    private const POINTS = 48;

    /** How much of the band is drawn on either side of the top at the least; mm. */
    private const SPAN = 9.0;

    private const HIGH = 150.0;

    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $radius = $input->num('outer_diameter') / 2;
        $mine = PlacedOutline::of($input->values(), StoneInput::read($input));
        $others = self::others($input);
        $half = $input->numOr('band_width', 2 * $mine->reach(M_PI_2)) / 2;
        $span = $up = 0.0;
        foreach ([$mine, ...array_column($others, 1)] as $one) {
            $span = max($span, abs($one->along($radius)) + $one->reach($one->angle < 0 ? M_PI : 0.0) + 2.0);
            $up = max($up, abs($one->across) + $one->reach($one->across < 0 ? -M_PI_2 : M_PI_2));
        }
        $span = min(M_PI * $radius, max(self::SPAN, $span));
        $up = max($up, $half) + 0.8;
        $box = 2 * $up / self::HIGH;
        $view = new View(
            'round', 'Round the band, at its outside; the upright line is the top of the finger', 'foot',
            [-$span - 150 * $box, -$up - 66 * $box, 2 * ($span + 150 * $box), 2 * $up + 146 * $box], 6,
        );
        $view->rect(-$span, -$half, 2 * $span, 2 * $half, 'fill-metal')
            ->line(-$span, -$half, $span, -$half)->line(-$span, $half, $span, $half)
            ->line(-$span, 0, $span, 0, 'centre')->line(0, -$up, 0, $up, 'measure');
        foreach ($others as [$row, $other]) {
            self::draw($view, $other, $other->along($radius), $other->across, 'thin');
            $view->target(
                (string) ($row['key'] ?? ''), (string) $row['name'], $other->along($radius), -$other->across,
                max($other->reach(0.0), $other->reach(M_PI_2)),
            );
        }
        self::draw($view, $mine, $mine->along($radius), $mine->across, 'outline');
        self::dimensions($view, $input, $mine, $radius, [$span, $up, $half], $box);

        return [...self::cut($input, $answer, $mine), $view];
    }

    /** @param array{float, float, float} $reach */
    private static function dimensions(
        View $view, Input $input, PlacedOutline $mine, float $radius, array $reach, float $box,
    ): void
    {
        [$span, $up] = $reach;
        $along = $mine->along($radius);
        $view
            ->input(
                'angle', 'round the finger', [$along / 2, $up + 50 * $box], [[0.0, $up], [$along, $up]], $mine->angle,
                [1.0, 0.0, rad2deg(1 / $radius), -180.0],
            )
            ->input(
                'across', 'off the middle', [$along, -$up - 34 * $box],
                [[$along, 0.0], [$along, -$mine->across]], $mine->across, [0.0, -1.0, 1.0, -100.0],
            )
            ->input('turn', 'turned', [-$span - 76 * $box, 0.0], [], $mine->turn);
        $place = 0;
        foreach ([
            'least_gap' => 'to the nearest', 'edge_left' => 'to the edge', 'bridge' => 'bridge at the finger',
        ] as $name => $label) {
            $has = $name === 'edge_left' ? $input->has('band_width') : $input->rows('others') !== [];
            $has = $has && ($name !== 'bridge' || $input->has('inner_diameter'));
            ! $has ?: $view->result($name, $label, [$span + 76 * $box, 58 * $box * ($place++ - 1)]);
        }
    }

    /**
     * Cut across the finger: the stone on its collet, the band under it, the finger under that.
     *
     * @return list<View>
     */
    private static function cut(Input $input, Answer $answer, PlacedOutline $mine): array
    {
        if ($answer->value('culet_over_finger') === null || $input->flag('in_band')) {
            return [];
        }
        [$outer, $inner] = [$input->num('outer_diameter') / 2, $input->num('inner_diameter') / 2];
        [$foot, $girdle] = [-$input->num('height'), -$input->num('height') - $input->num('girdle')];
        [$half, $out] = [$input->num('width') / 2, $mine->reach(0.0)];
        $pavilion = $outer - $inner + $input->num('height') + $input->num('girdle') - $answer->num('culet_over_finger');
        $crown = 0.35 * $pavilion;
        $wide = max(1.7 * $out, 4.0);
        $angle = asin(min(0.9, $wide / $outer));
        // The band falls away to both sides of the setting, its inside the lowest at the ends of the arc.
        $low = $outer - $inner * cos($angle) + 0.4;
        $high = $girdle - $crown - 0.4;
        $low = max($low, $outer - $inner + 1.4);
        $box = ($low - $high) / self::HIGH;
        $view = new View(
            'cut', 'Cut across the finger', 'foot',
            [-$wide - 160 * $box, $high, 2 * $wide + 320 * $box, $low - $high], 8,
        );
        $arc = static fn (float $radius, bool $back): array => array_map(
            static function (int $i) use ($radius, $outer, $angle, $back): array {
                $at = $angle * ($back ? 1 - $i / 12 : $i / 12 - 1);

                return [$radius * sin($at), $outer - $radius * cos($at)];
            }, range(0, 24),
        );
        $band = [...$arc($outer, false), ...$arc($inner, true)];
        $view->through($band, 'fill-metal')->through($arc($outer, false), closed: false)
            ->through($arc($inner, false), 'finished', false)
            ->text(0, $outer - $inner + 0.9, 'finger', 'middle', 'small');
        foreach ([-1, 1] as $side) {
            $view->path(sprintf(
                'M%.3F %.3F L%.3F %.3F L%.3F %.3F L%.3F %.3F Z', $side * $half, $foot, $side * $half, $girdle,
                $side * $out, $girdle, $side * $out, $foot,
            ), 'fill-metal');
        }
        $stone = [
            [-$half, $girdle], [-0.55 * $half, $girdle - $crown], [0.55 * $half, $girdle - $crown], [$half, $girdle],
            [0.0, $girdle + $pavilion],
        ];
        $view->filled($stone, 'fill-stone')
            ->input('height', 'foot over the band', [-$wide - 76 * $box, 0.0], [[-$out, 0.0], [-$out, $foot]],
                -$foot, [0.0, -1.0, 1.0, 0.0])
            ->result('culet_over_finger', 'culet over the finger', [$wide + 76 * $box, $outer - $inner - 20 * $box]);

        return [$view];
    }

    /** The settings beside one that is drawn from above, as far as there is room; the drawing lies as that one does. */
    public static function beside(View $view, Input $input, float $across, float $along): void
    {
        $radius = $input->num('outer_diameter') / 2;
        $mine = PlacedOutline::of($input->values(), StoneInput::read($input));
        [$cos, $sin] = [cos(deg2rad(-$mine->turn)), sin(deg2rad(-$mine->turn))];
        foreach (self::others($input) as [$row, $other]) {
            [$x, $y] = [$other->along($radius) - $mine->along($radius), $other->across - $mine->across];
            [$x, $y] = [$x * $cos - $y * $sin, $x * $sin + $y * $cos];
            $size = max($other->reach(0.0), $other->reach(M_PI_2));
            if (abs($x) - $size > $across || abs($y) - $size > $along) {
                continue;
            }
            self::draw($view, $other->turnedBy(-$mine->turn), $x, $y, 'thin');
            $view->target((string) ($row['key'] ?? ''), (string) $row['name'], $x, -$y, $size);
        }
    }

    private static function draw(View $view, PlacedOutline $one, float $x, float $y, string $style): void
    {
        $at = static fn (array $p): array => [$x + $p[0], -$y - $p[1]];
        [$outside, $girdle] = [
            array_map($at, $one->points(self::POINTS)), array_map($at, $one->girdle(self::POINTS)),
        ];
        $view->filled($outside, 'fill-metal', $style)->filled($girdle, 'fill-stone', 'thin');
    }

    /** @return list<array{array<string, mixed>, PlacedOutline}> */
    private static function others(Input $input): array
    {
        return array_map(
            static fn (array $row): array => [$row, PlacedOutline::of($row, StoneInput::ofRow($row))],
            $input->rows('others'),
        );
    }
}
