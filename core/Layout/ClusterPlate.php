<?php

declare(strict_types=1);

namespace HotSprue\Layout;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Formula;
use HotSprue\Fields\Input;

/**
 * The plate under a cluster: the parallel of the ring of stones, scalloped between them to a margin outside the outer
 * claws, and sawn between the stones. Source: workbook 5, stones that share claws.
 */
final readonly class ClusterPlate
{
    /** Points of the outline between two stones. */
    private const FINE = 16;

    /** How far short of an inner claw a cut ends, mm. */
    private const SHORT = 1.0;

    /** @var list<array{float, float}> */
    public array $outline;

    /**
     * @param  list<array{0: float, 1: float, 2?: float}>  $stones
     * @param  list<array{kind: string, x: float, y: float, holds: list<int>, free: float}>  $claws
     */
    public function __construct(
        private array $stones, private array $claws, private float $diameter, private float $wire, float $margin,
        private float $dome,
    ) {
        $this->outline = $this->drawn($margin);
    }

    public function answer(AnswerBuilder $answer, Input $input, float $density): void
    {
        [$x, $y] = [array_column($this->outline, 0), array_column($this->outline, 1)];
        [$long, $wide, $area] = [max($y) - min($y), max($x) - min($x), $this->area()];
        $stretch = sqrt(1 + (2 * $this->dome / max($long, $wide)) ** 2);
        $uses = ['stone_diameter', 'edge_gap', 'wire', 'plate_margin'];
        foreach (['plate_length' => $long, 'plate_width' => $wide] as $name => $size) {
            $answer->work(
                $name, $size * $stretch,
                Formula::of(
                    '{outline} × √(1 + (2 × {dome} ÷ {longest}) ^ 2)',
                    ['outline' => $size, 'dome' => $this->dome, 'longest' => max($long, $wide)],
                ), uses: [...$uses, 'dome'], because: 'a domed plate is cut larger, as a disc is',
            );
        }
        $thick = $input->num('plate_thickness');
        $plate = $area * $stretch ** 2 * $thick;
        $answer
            ->work(
                'volume_mm3', $plate + $answer->given('wire_volume_mm3'),
                Formula::of(
                    '{plate} × {thickness} + {claws}',
                    [
                        'plate' => $area * $stretch ** 2, 'thickness' => $thick,
                        'claws' => $answer->given('wire_volume_mm3'),
                    ],
                ), uses: [...$uses, 'plate_thickness'], because: 'before seats are opened in it',
            )
            ->work(
                'mass', $answer->given('volume_mm3') * $density / 1000,
                Formula::of(
                    '{volume} × {density} ÷ 1000', ['volume' => $answer->given('volume_mm3'), 'density' => $density],
                ), uses: [...$uses, 'plate_thickness', 'alloy'], because: 'metal to take from stock',
                source: 'workbook 7, alloys',
            )
            ->give(
                'plate', array_map(static fn (array $p): array => ['x_mm' => $p[0], 'y_mm' => $p[1]], $this->outline),
            );
    }

    /**
     * Sawn between the stones, from the edge to 1 mm short of the inner claw of that pair.
     *
     * @return list<array{from_x_mm: float, from_y_mm: float, to_x_mm: float, to_y_mm: float, length_mm: float}>
     */
    public function cuts(): array
    {
        $cuts = [];
        foreach ($this->pairs() as $pair => ['outer' => $outer, 'inner' => $inner]) {
            $edge = $this->outline[$pair * self::FINE + intdiv(self::FINE, 2)];
            $long = hypot($edge[0] - $inner['x'], $edge[1] - $inner['y']);
            if ($long <= self::SHORT) {
                continue;
            }
            $to = [
                $inner['x'] + ($edge[0] - $inner['x']) * self::SHORT / $long,
                $inner['y'] + ($edge[1] - $inner['y']) * self::SHORT / $long,
            ];
            $cuts[] = [
                'from_x_mm' => $edge[0], 'from_y_mm' => $edge[1], 'to_x_mm' => $to[0], 'to_y_mm' => $to[1],
                'length_mm' => $long - self::SHORT,
            ];
        }

        return $cuts;
    }

    /** The least metal between two holes, or a hole and the edge; mm. */
    public function leastPlate(): float
    {
        $hole = $this->wire - 0.02;
        $least = INF;
        foreach ($this->claws as $i => $claw) {
            for ($j = $i + 1; $j < count($this->claws); $j++) {
                $least = min(
                    $least, hypot($this->claws[$j]['x'] - $claw['x'], $this->claws[$j]['y'] - $claw['y']) - $hole,
                );
            }
            foreach ($claw['kind'] === 'outer' ? $this->outline : [] as [$x, $y]) {
                $least = min($least, hypot($x - $claw['x'], $y - $claw['y']) - $hole / 2);
            }
        }

        return $least;
    }

    /** @return array<int, array{outer: array{x: float, y: float}, inner: array{x: float, y: float}}> */
    private function pairs(): array
    {
        $pairs = [];
        foreach ($this->claws as $claw) {
            $pairs[$claw['holds'][0] - 1][$claw['kind']] = ['x' => $claw['x'], 'y' => $claw['y']];
        }

        return array_filter($pairs, static fn (array $pair): bool => isset($pair['outer'], $pair['inner']));
    }

    /** @return list<array{float, float}> counter-clockwise from the first stone’s outer edge */
    private function drawn(float $margin): array
    {
        $pairs = $this->pairs();
        $count = count($this->stones);
        $points = [];
        foreach ($this->stones as $i => [$ax, $ay]) {
            [$bx, $by] = $this->stones[($i + 1) % $count];
            $half = max(1e-9, hypot($bx - $ax, $by - $ay) / 2);
            [$nx, $ny] = [($by - $ay) / (2 * $half), -($bx - $ax) / (2 * $half)];
            $claw = $pairs[$i]['outer'] ?? null;
            $out = $claw === null ? $this->diameter / 2
                : hypot($claw['x'] - ($ax + $bx) / 2, $claw['y'] - ($ay + $by) / 2) + $this->wire / 2 + $margin;
            [$from, $to] = [$this->outward($i), $this->outward(($i + 1) % $count)];
            for ($step = 0; $step < self::FINE; $step++) {
                $along = $step / self::FINE;
                // Half a wave between two stones: level at each, deepest between.
                $dip = (1 - cos(2 * M_PI * $along)) / 2;
                [$x, $y] = [$ax + ($bx - $ax) * $along, $ay + ($by - $ay) * $along];
                $way = [
                    ($from[0] * (1 - $along) + $to[0] * $along) * (1 - $dip) + $nx * $dip,
                    ($from[1] * (1 - $along) + $to[1] * $along) * (1 - $dip) + $ny * $dip,
                ];
                $long = hypot(...$way);
                $reach = $this->diameter / 2 * (1 - $dip) + $out * $dip;
                $points[] = [$x + $reach * $way[0] / $long, $y + $reach * $way[1] / $long];
            }
        }

        return $points;
    }

    /** @return array{float, float} the way out at a stone: halfway between its two neighbours’ ways */
    private function outward(int $i): array
    {
        $count = count($this->stones);
        [$before, $after] = [$this->stones[($i + $count - 1) % $count], $this->stones[($i + 1) % $count]];
        $long = max(1e-9, hypot($after[0] - $before[0], $after[1] - $before[1]));

        return [($after[1] - $before[1]) / $long, -($after[0] - $before[0]) / $long];
    }

    private function area(): float
    {
        $sum = 0.0;
        $count = count($this->outline);
        foreach ($this->outline as $i => [$x, $y]) {
            [$nextX, $nextY] = $this->outline[($i + 1) % $count];
            $sum += $x * $nextY - $nextX * $y;
        }

        return abs($sum) / 2;
    }
}
