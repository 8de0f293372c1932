<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

/** A path in SVG’s words as runs of points: what a file of straight lines can hold. Reads M L H V h v A Z. */
final class PathPoints
{
    private const ARC_STEPS = 48;

    /** @return list<array{points: list<array{float, float}>, closed: bool}> */
    public static function of(string $path): array
    {
        preg_match_all('/([MLHVhvAZ])([^MLHVhvAZ]*)/', $path, $found, PREG_SET_ORDER);
        $runs = [];
        $points = [];
        foreach ($found as [, $letter, $text]) {
            $numbers = array_map(floatval(...), preg_split('/[\s,]+/', trim($text), -1, PREG_SPLIT_NO_EMPTY) ?: []);
            if ($letter === 'M' && $points !== []) {
                $runs[] = ['points' => $points, 'closed' => false];
                $points = [];
            }
            [$x, $y] = $points === [] ? [0.0, 0.0] : $points[count($points) - 1];
            $points = [...$points, ...match ($letter) {
                'M',
                'L' => array_map(
                    static fn (array $pair): array => [$pair[0], $pair[1] ?? 0.0], array_chunk($numbers, 2),
                ),
                'H' => [[$numbers[0], $y]],
                'V' => [[$x, $numbers[0]]],
                'h' => [[$x + $numbers[0], $y]],
                'v' => [[$x, $y + $numbers[0]]],
                'A' => self::arc($x, $y, $numbers),
                default => [],
            }];
            if ($letter === 'Z' && $points !== []) {
                $runs[] = ['points' => $points, 'closed' => true];
                $points = [];
            }
        }

        return $points === [] ? $runs : [...$runs, ['points' => $points, 'closed' => false]];
    }

    /**
     * @param  list<float>  $numbers  radii, tilt (always 0 here), large, sweep, and the end
     * @return list<array{float, float}>
     */
    private static function arc(float $x, float $y, array $numbers): array
    {
        [$rx, $ry, , $large, $sweep, $toX, $toY] = $numbers;
        [$dx, $dy] = [($x - $toX) / 2, ($y - $toY) / 2];
        $over = ($dx / $rx) ** 2 + ($dy / $ry) ** 2;
        if ($over > 1) {
            $rx *= sqrt($over);
            $ry *= sqrt($over);
            $over = 1.0;
        }
        $reach = ($large === $sweep ? -1 : 1) * sqrt(max(0.0, 1 / max($over, 1e-12) - 1));
        [$cx, $cy] = [$reach * $rx * $dy / $ry + ($x + $toX) / 2, -$reach * $ry * $dx / $rx + ($y + $toY) / 2];
        $from = atan2(($y - $cy) / $ry, ($x - $cx) / $rx);
        $turn = atan2(($toY - $cy) / $ry, ($toX - $cx) / $rx) - $from;
        $turn += $sweep > 0 && $turn <= 0 ? 2 * M_PI : ($sweep <= 0 && $turn >= 0 ? -2 * M_PI : 0.0);

        return array_map(
            static fn (int $i): array => [
                $cx + $rx * cos($from + $turn * $i / self::ARC_STEPS),
                $cy + $ry * sin($from + $turn * $i / self::ARC_STEPS),
            ],
            range(1, self::ARC_STEPS),
        );
    }
}
