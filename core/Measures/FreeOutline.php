<?php

declare(strict_types=1);

namespace HotSprue\Measures;

/**
 * A closed outline as a stranger writes it: a list of points in mm, `0,0 10,0 10,5`, or a path in SVG's words of lines
 * and curves, one mm a unit. Read as straight pieces, a curve as 24.
 */
final readonly class FreeOutline
{
    private const STEPS = 24;

    private const MOST = 2_000;

    private const FARTHEST = 1_000.0;

    /** @param list<array{float, float}> $points counter-clockwise */
    private function __construct(public array $points) {}

    /** @throws NotUnderstood saying what is wrong, and what is accepted */
    public static function read(string $text): self
    {
        $text = trim($text);
        $points = preg_match('/^[Mm]/', $text) === 1 ? self::path($text) : self::list($text);
        $points = array_values(array_filter(
            $points, static fn (array $point, int $at): bool => $at === 0 || $points[$at - 1] !== $point,
            ARRAY_FILTER_USE_BOTH,
        ));
        if (count($points) > 1 && $points[0] === $points[count($points) - 1]) {
            array_pop($points);
        }
        if (count($points) < 3 || count($points) > self::MOST) {
            throw new NotUnderstood(sprintf('An outline of 3 to %d points is accepted.', self::MOST));
        }
        foreach ($points as [$x, $y]) {
            if (! is_finite($x) || ! is_finite($y) || max(abs($x), abs($y)) > self::FARTHEST) {
                throw new NotUnderstood('An outline of less than a metre is accepted, 1 mm a unit.');
            }
        }
        $area = self::signed($points);
        if (abs($area) < 1e-3) {
            throw new NotUnderstood('An outline that goes round something is accepted; this one encloses nothing.');
        }

        return new self($area > 0 ? $points : array_reverse($points));
    }

    /** @param list<array{float, float}> $points counter-clockwise, mm */
    public static function of(array $points): self
    {
        return new self($points);
    }

    /** Area, mm². */
    public function area(): float
    {
        return self::signed($this->points);
    }

    /** Length of its edge, mm. */
    public function edge(): float
    {
        $sum = 0.0;
        foreach ($this->points as $at => [$x, $y]) {
            [$nextX, $nextY] = $this->points[($at + 1) % count($this->points)];
            $sum += hypot($nextX - $x, $nextY - $y);
        }

        return $sum;
    }

    /** @return array{float, float} how wide and how long it is over all, mm */
    public function size(): array
    {
        [$x, $y] = [array_column($this->points, 0), array_column($this->points, 1)];

        return [max($x) - min($x), max($y) - min($y)];
    }

    /** @param list<array{float, float}> $points */
    private static function signed(array $points): float
    {
        $sum = 0.0;
        foreach ($points as $at => [$x, $y]) {
            [$nextX, $nextY] = $points[($at + 1) % count($points)];
            $sum += ($x * $nextY - $nextX * $y) / 2;
        }

        return $sum;
    }

    /**
     * @return list<array{float, float}>
     *
     * @throws NotUnderstood
     */
    private static function list(string $text): array
    {
        $points = [];
        foreach (preg_split('/[\s;]+/', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $pair) {
            $numbers = explode(',', $pair);
            if (count($numbers) !== 2 || ! is_numeric($numbers[0]) || ! is_numeric($numbers[1])) {
                throw new NotUnderstood("“{$pair}” is no point; points such as 0,0 10,0 10,5 are accepted.");
            }
            $points[] = [(float) $numbers[0], (float) $numbers[1]];
        }

        return $points;
    }

    /**
     * @return list<array{float, float}>
     *
     * @throws NotUnderstood
     */
    private static function path(string $text): array
    {
        if (preg_match('/^[MmLlHhVvCcQqZz0-9eE.,\s+-]*$/D', $text) !== 1) {
            throw new NotUnderstood(
                'A path of lines and curves (M L H V C Q Z) is accepted; turn arcs and the rest into curves.',
            );
        }
        preg_match_all('/([MmLlHhVvCcQqZz])([^MmLlHhVvCcQqZz]*)/', $text, $found, PREG_SET_ORDER);
        $points = [];
        [$x, $y] = [0.0, 0.0];
        foreach ($found as $at => [, $letter, $rest]) {
            if (strtoupper($letter) === 'M' && $at > 0) {
                throw new NotUnderstood('One outline is accepted; this path has several.');
            }
            $numbers = self::numbers($rest);
            $needs = ['M' => 2, 'L' => 2, 'H' => 1, 'V' => 1, 'C' => 6, 'Q' => 4, 'Z' => 0][strtoupper($letter)];
            if ($needs === 0 ? $numbers !== [] : ($numbers === [] || count($numbers) % $needs !== 0)) {
                throw new NotUnderstood("“{$letter}” takes {$needs} numbers, or a multiple of them.");
            }
            foreach ($needs === 0 ? [] : array_chunk($numbers, $needs) as $chunk) {
                $ends = self::ends(strtoupper($letter), $chunk, ctype_lower($letter) ? [$x, $y] : [0.0, 0.0], [$x, $y]);
                array_push($points, ...self::curve([$x, $y], $ends));
                [$x, $y] = $ends[count($ends) - 1];
            }
        }

        return $points;
    }

    /** @return list<float> */
    private static function numbers(string $text): array
    {
        preg_match_all('/[+-]?(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?/', $text, $found);

        return array_map(floatval(...), $found[0]);
    }

    /**
     * @param  list<float>  $numbers
     * @param  array{float, float}  $from  what relative numbers are from
     * @param  array{float, float}  $at
     * @return non-empty-list<array{float, float}> its control points and its end
     */
    private static function ends(string $letter, array $numbers, array $from, array $at): array
    {
        if ($letter === 'H') {
            return [[$from[0] + $numbers[0], $at[1]]];
        }
        if ($letter === 'V') {
            return [[$at[0], $from[1] + $numbers[0]]];
        }

        return array_map(
            static fn (array $pair): array => [$from[0] + $pair[0], $from[1] + ($pair[1] ?? 0.0)],
            array_chunk($numbers, 2) ?: [[0.0, 0.0]],
        );
    }

    /**
     * @param  array{float, float}  $from
     * @param  non-empty-list<array{float, float}>  $ends
     * @return list<array{float, float}>
     */
    private static function curve(array $from, array $ends): array
    {
        if (count($ends) === 1) {
            return $ends;
        }
        $points = [];
        for ($step = 1; $step <= self::STEPS; $step++) {
            $row = [$from, ...$ends];
            $share = $step / self::STEPS;
            // Halving the way between control points until one is left.
            while (count($row) > 1) {
                $next = [];
                for ($i = 0; $i < count($row) - 1; $i++) {
                    $next[] = [
                        $row[$i][0] + ($row[$i + 1][0] - $row[$i][0]) * $share,
                        $row[$i][1] + ($row[$i + 1][1] - $row[$i][1]) * $share,
                    ];
                }
                $row = $next;
            }
            $points[] = $row[0];
        }

        return $points;
    }
}
