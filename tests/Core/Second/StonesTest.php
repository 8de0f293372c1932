<?php

declare(strict_types=1);

use Tests\Support\Draw;
use Tests\Support\Girdle;

/** @return array{string, float, float} a shape with a length and a width that it can have */
function drawnStone(Draw $draw): array
{
    $shape = $draw->pick(['round', 'oval', 'marquise', 'pear', 'cushion', 'octagon', 'rectangle', 'trillion']);
    $width = $draw->between(2, 9);
    $length = in_array($shape, ['round', 'trillion'], true) ? $width : round($width * $draw->between(1.15, 2), 2);

    return [$shape, $length, $width];
}

/** @return array<string, mixed> */
function stoneInput(string $shape, float $length, float $width): array
{
    return in_array($shape, ['round', 'trillion'], true) ? ['shape' => $shape, 'width' => $width] : [
        'shape' => $shape, 'length' => $length, 'width' => $width,
    ];
}

it('draws a girdle as its geometry measures it', function (int $seed): void {
    [$shape, $length, $width] = drawnStone(new Draw(4000 + $seed));
    $outline = reckon('stone.outline', stoneInput($shape, $length, $width));
    $girdle = Girdle::of($shape, $length, $width);
    $why = sprintf('%s %.2f × %.2f', $shape, $length, $width);
    expect($outline->num('perimeter'))->toEqualWithDelta($girdle->perimeter, 1e-5 * $girdle->perimeter, $why)
        ->and($outline->num('area'))->toEqualWithDelta($girdle->area, 1e-5 * $girdle->area, $why);
    // The points that are drawn enclose it, counter-clockwise, about their centroid.
    $points = array_map(static fn (array $point): array => array_values($point), $outline->value('points'));
    [$twice, $x, $y] = [0.0, 0.0, 0.0];
    foreach ($points as $at => [$fromX, $fromY]) {
        [$toX, $toY] = $points[($at + 1) % count($points)];
        $cross = $fromX * $toY - $toX * $fromY;
        $twice += $cross;
        $x += ($fromX + $toX) * $cross;
        $y += ($fromY + $toY) * $cross;
    }
    expect(count($points))->toBeGreaterThanOrEqual(96)->and($twice / 2 / $girdle->area)->toEqualWithDelta(1, 2e-3, $why)
        ->and(hypot($x, $y) / (3 * $twice))->toBeLessThan(0.005 * $width);
})->with(range(1, 60));

it('cuts a bezel strip along its own middle', function (int $seed): void {
    $draw = new Draw(5000 + $seed);
    [$shape, $length, $width] = drawnStone($draw);
    [$wall, $fit] = [$draw->between(0.25, 0.6), $draw->between(0.02, 0.1)];
    $bezel = reckon(
        'seat.bezel',
        [
            ...stoneInput($shape, $length, $width), 'wall' => $wall, 'fit' => $fit, 'corners' => 'bent',
            'alloy' => 'sterling-925',
        ],
    );
    // Parallel to a convex outline at c: its girth and once round a circle of c.
    expect($bezel->num('strip_length'))->toEqualWithDelta(
        Girdle::of($shape, $length, $width)->perimeter + 2 * M_PI * $fit + M_PI * $wall, 1e-4,
    )
        ->and($bezel->num('cover'))->toEqualWithDelta($width <= 4 ? 0.3 : ($width <= 8 ? 0.4 : 0.5), 1e-9)
        ->and($bezel->num('mass'))->toEqualWithDelta($bezel->num('volume_mm3') * 10.36 / 1000, 1e-9);
})->with(range(1, 40));

it('weighs a stone by its measures', function (int $seed): void {
    $draw = new Draw(6000 + $seed);
    [$shape, $length, $width] = drawnStone($draw);
    [$depth, $gravity] = [round($width * $draw->between(0.5, 0.7), 2), $draw->between(2.1, 5.8)];
    $octagon = static function (float $ratio): float {
        foreach ([
            [1, 0.0023, 1.5, 0.0026], [1.5, 0.0026, 2, 0.0028], [2, 0.0028, 2.5, 0.0030],
        ] as [$from, $low, $to, $high]) {
            if ($ratio <= $to) {
                return $low + ($high - $low) * ($ratio - $from) / ($to - $from);
            }
        }

        return 0.0030;
    };
    $factor = match ($shape) {
        'round' => 0.0018, 'oval' => 0.0020, 'marquise' => 0.0016, 'pear' => 0.00175, 'cushion' => 0.00235,
        'rectangle' => 0.0024, 'trillion' => 0.00165,
        default => $octagon($length / $width),
    };
    $stone = reckon(
        'stone.weight', [...stoneInput($shape, $length, $width), 'depth' => $depth, 'specific_gravity' => $gravity],
    );
    $carats = $factor * $length * $width * $depth * $gravity;
    expect($stone->num('carats'))
        ->toEqualWithDelta($carats, 1e-9)->and($stone->num('mass'))->toEqualWithDelta(0.2 * $carats, 1e-9)
        ->and($stone->num('carats_low'))
        ->toEqualWithDelta(0.85 * $carats, 1e-9)->and($stone->num('carats_high'))
        ->toEqualWithDelta(1.15 * $carats, 1e-9);
})->with(range(1, 60));

it('sets as many rounds round a round as their straight distance lets', function (int $seed): void {
    $draw = new Draw(7000 + $seed);
    [$width, $stone, $edge, $gap] = [
        $draw->between(3, 9), $draw->between(1, 2.4), $draw->between(0.1, 0.3), $draw->between(0.05, 0.2),
    ];
    $halo = reckon(
        'layout.halo',
        ['shape' => 'round', 'width' => $width, 'stone_diameter' => $stone, 'edge_gap' => $edge, 'stone_gap' => $gap],
    );
    $radius = $width / 2 + $edge + $stone / 2;
    $most = (int) floor(M_PI / asin(($stone + $gap) / (2 * $radius)));
    expect($halo->num('count_max'))
        ->toEqual($most)->and($halo->num('ring_length'))->toEqualWithDelta(2 * M_PI * $radius, 1e-4)
        ->and($halo->num('gap_left'))->toEqualWithDelta(2 * $radius * sin(M_PI / $most) - $stone, 1e-4);
})->with(range(1, 60));

it('leaves every two stones of a halo the gap that was asked, and no room for one more', function (int $seed): void {
    $draw = new Draw(8000 + $seed);
    $shape = $draw->pick(['oval', 'cushion', 'octagon', 'rectangle', 'pear', 'marquise']);
    $width = $draw->between(4, 7);
    [$length, $stone, $edge, $gap] = [
        round($width * $draw->between(1.2, 1.6), 2), $draw->between(1, 1.8), $draw->between(0.1, 0.3), 0.1,
    ];
    $halo = reckon(
        'layout.halo',
        [
            'shape' => $shape, 'length' => $length, 'width' => $width, 'stone_diameter' => $stone, 'edge_gap' => $edge,
            'stone_gap' => $gap,
        ],
    );
    $places = $halo->value('positions');
    $least = INF;
    foreach ($places as $at => $one) {
        foreach (array_slice($places, $at + 1) as $other) {
            $least = min($least, hypot($one['x_mm'] - $other['x_mm'], $one['y_mm'] - $other['y_mm']));
        }
    }
    $along = Girdle::of($shape, $length, $width)->perimeter + 2 * M_PI * ($edge + $stone / 2);
    expect(count($places))->toEqual($halo->num('count_max'))->and($least)->toBeGreaterThanOrEqual($stone + $gap - 1e-6)
        ->and($halo->num('gap_left'))->toEqualWithDelta($least - $stone, 1e-5)
        ->and($halo->num('ring_length'))->toEqualWithDelta($along, 1e-3)
        // A chord is never longer than its arc: more than this is more than can fit.
        ->and(count($places))->toBeLessThanOrEqual(floor($along / ($stone + $gap)));
})->with(range(1, 30));

it('closes a row on the circle at girdle depth', function (int $seed): void {
    $draw = new Draw(9000 + $seed);
    $sizes = array_map(static fn (): float => $draw->between(1.2, 3), range(1, $draw->whole(2, 6)));
    rsort($sizes);
    [$outer, $depth, $gap] = [$draw->between(20, 25), $draw->between(0, 0.4), $draw->between(0.05, 0.3)];
    $row = reckon(
        'layout.row', ['sizes' => $sizes, 'outer_diameter' => $outer, 'girdle_depth' => $depth, 'gap' => $gap],
    );
    $radius = $outer / 2 - $depth;
    expect($row->num('girdle_radius'))->toEqualWithDelta($radius, 1e-9);
    $stones = $row->value('stones');
    usort($stones, static fn (array $one, array $other): int => $one['angle_deg'] <=> $other['angle_deg']);
    foreach (array_slice($stones, 1) as $at => $stone) {
        $mean = ($stone['diameter_mm'] + $stones[$at]['diameter_mm']) / 2;
        expect($stone['angle_deg'] - $stones[$at]['angle_deg'])->toEqualWithDelta(
            rad2deg(2 * asin(($mean + $gap) / (2 * $radius))), 1e-6,
        );
    }
})->with(range(1, 30));

it('divides a length so that its parts, lines and cuts add up', function (int $seed): void {
    $draw = new Draw(10000 + $seed);
    [$total, $parts, $kerf] = [$draw->between(5, 40), $draw->whole(2, 9), $draw->between(0, 0.3)];
    $divide = reckon('layout.divide', ['total' => $total, 'parts' => $parts, 'kerf' => $kerf]);
    expect($divide->num('part'))
        ->toEqualWithDelta(($total - ($parts - 1) * $kerf) / $parts, 1e-9)
        ->and(array_sum(array_column($divide->value('parts_mm'), 'part_mm')) + ($parts - 1) * $kerf)
        ->toEqualWithDelta($total, 1e-9);
    foreach ($divide->value('lines') as $at => $line) {
        // A line is the middle of its cut; dividers are set to the nearer edge.
        $middle = ($at + 1) * ($total - ($parts - 1) * $kerf) / $parts + ($at + 0.5) * $kerf;
        expect($line['at_mm'])
            ->toEqualWithDelta($middle, 1e-9)->and($line['setting_mm'])
            ->toEqualWithDelta(min($middle, $total - $middle), 1e-9);
    }
})->with(range(1, 20));

it('stands claws on the normals of a girdle, notched by their share', function (int $seed): void {
    $draw = new Draw(27000 + $seed);
    $width = $draw->between(2.2, 9);
    [$shape, $count, $first] = $draw->pick(
        [['round', 4, 45.0], ['round', 6, 30.0], ['round', 3, 90.0], ['round', 8, 22.5], ['oval', 4, 45.0]],
    );
    $length = $shape === 'oval' ? round($width * $draw->between(1.1, 1.8), 2) : $width;
    $claw = reckon('seat.claw', [...stoneInput($shape, $length, $width), 'claws' => $count]);
    $mean = ($length + $width) / 2;
    $wire = ($mean <= 2 ? 0.5 : ($mean <= 3 ? 0.7 : ($mean <= 5 ? 0.9 : ($mean <= 7 ? 1.0 : ($mean <= 9 ? 1.2 : 1.4)))))
        + ($count < 4 ? 0.1 : 0.0);
    expect($claw->num('wire'))
        ->toEqualWithDelta($wire, 1e-9)->and($claw->num('notch'))->toEqualWithDelta(0.3 * $wire, 1e-9);
    $expected = [];
    for ($at = 0; $at < $count; $at++) {
        $angle = deg2rad($first + 360 / $count * $at);
        // On an ellipse the point whose normal lies at an angle, and out along that normal.
        [$a, $b] = [$width / 2, $length / 2];
        $root = hypot($a * cos($angle), $b * sin($angle));
        $out = $wire / 2 - 0.3 * $wire;
        $expected[] = [
            $a ** 2 * cos($angle) / $root + $out * cos($angle), $b ** 2 * sin($angle) / $root + $out * sin($angle),
        ];
    }
    foreach ($claw->value('places') as $place) {
        $miss = min(
            array_map(
                static fn (array $point): float => hypot($point[0] - $place['x_mm'], $point[1] - $place['y_mm']),
                $expected,
            ),
        );
        expect($miss)->toBeLessThan(1e-3, sprintf('%s %.2f × %.2f, %d claws', $shape, $length, $width, $count));
    }
    expect($claw->value('places'))->toHaveCount($count);
})->with(range(1, 40));
