<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Arc;
use HotSprue\Stones\Piece;
use HotSprue\Stones\Straight;

/** A rectangle with its corners rounded or cut, or sharp. */
abstract readonly class Cornered extends StoneShape
{
    /** @return list<Piece> */
    final protected static function cornered(float $long, float $wide, float $corner, bool $rounded): array
    {
        [$x, $y] = [$wide / 2, $long / 2];
        $corners = match (true) {
            $corner === 0.0 => static fn (int $sign, float $from): array => [
                new Arc(-$x, $sign * $y, 0.0, $from, $from + M_PI_2),
            ],
            $rounded => static fn (int $sign, float $from): array => [
                new Arc($corner - $x, $sign * ($y - $corner), $corner, $from, $from + M_PI_2),
            ],
            default => static function (int $sign, float $from) use ($x, $y, $corner): array {
                $ends = [[$corner - $x, $sign * $y], [-$x, $sign * ($y - $corner)]];
                [$a, $b] = $sign > 0 ? $ends : array_reverse($ends);

                return [
                    new Arc($a[0], $a[1], 0.0, $from, $from + M_PI_4), new Straight($a[0], $a[1], $b[0], $b[1]),
                    new Arc($b[0], $b[1], 0.0, $from + M_PI_4, $from + M_PI_2),
                ];
            },
        };
        $pieces = [
            new Straight(0.0, $y, $corner - $x, $y), ...$corners(1, M_PI_2),
            new Straight(-$x, $y - $corner, -$x, $corner - $y), ...$corners(-1, M_PI),
            new Straight($corner - $x, -$y, 0.0, -$y),
        ];

        return array_values(
            array_filter(
                $pieces, static fn (Piece $piece): bool => ! $piece instanceof Straight || $piece->length(0.0) > 1e-12,
            ),
        );
    }
}
