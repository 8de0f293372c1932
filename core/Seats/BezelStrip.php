<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Formula;
use HotSprue\Fields\Input;
use HotSprue\Stones\Outline;

/** The strip of a bezel, bent or scored, and what it reaches to. Source: workbook 4, bezel. */
final class BezelStrip
{
    /** Whether its strip is scored and mitred at its points, or bent round them. */
    public static function isScored(Input $input, Outline $outline): bool
    {
        $usual = $outline->shape->parts()->isScored() ? 'scored' : 'bent';

        return ($input->textOrNull('corners') ?? $usual) === 'scored' && $outline->turns() !== [];
    }

    /**
     * @return array{float, float} width and length outside: a wall's parallel, and where it is scored as far as its
     * mitres
     */
    public static function outside(Outline $outline, float $out, bool $scored): array
    {
        [$left, $right, $bottom, $top] = $outline->box();
        $mitres = $scored ? $outline->mitres($out) : [];
        [$across, $along] = [array_column($mitres, 0), array_column($mitres, 1)];

        return [
            max([$right + $out, ...$across]) - min([$left - $out, ...$across]),
            max([$top + $out, ...$along]) - min([$bottom - $out, ...$along]),
        ];
    }

    /** @param list<string> $uses */
    public static function strip(
        AnswerBuilder $answer, Outline $outline, float $wall, float $fit, bool $scored, array $uses,
    ): void
    {
        $perimeter = $outline->perimeter();
        $uses = [...$uses, 'fit', 'wall', 'corners'];
        if (! $scored) {
            $answer->work(
                'strip_length', $perimeter + 2 * M_PI * $fit + M_PI * $wall,
                Formula::of(
                    '{perimeter} + 2 × π × {fit} + π × {wall}',
                    ['perimeter' => $perimeter, 'fit' => $fit, 'wall' => $wall],
                ),
                uses: $uses, because: 'along the neutral middle, exact for every convex outline',
            );

            return;
        }
        [$middle, $out] = [$fit + $wall / 2, $fit + $wall];
        [$turned, $mitres] = [
            array_sum($outline->turns()),
            array_sum(array_map(static fn (float $turn): float => tan($turn / 2), $outline->turns())),
        ];
        $answer->work('strip_length', $perimeter + $middle * (2 * M_PI - $turned) + 2 * $out * $mitres,
            Formula::of(
                '{perimeter} + {to the middle of the wall} × (2 × π − {turned at points}) + 2 × {to its outside} '
                    .'× {mitres}',
                [
                    'perimeter' => $perimeter, 'to the middle of the wall' => $middle, 'turned at points' => $turned,
                    'to its outside' => $out, 'mitres' => $mitres,
                ],
            ), uses: $uses, because: 'bent about its middle along the curves, cut to its outside where it is scored '
                .'and mitred');
    }
}
