<?php

declare(strict_types=1);

use HotSprue\Stones\InwardOutline;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;
use Tests\Support\Drawn;

/** Measures that every shape takes. */
function measuresOf(Shape $shape): array
{
    return $shape->parts()->hasLength()
        ? ['shape' => $shape->value, 'length' => 9, 'width' => 4] : ['shape' => $shape->value, 'width' => 5];
}

it('has every part of every shape: outline, weight, claws, bezel, halo, cluster and drawing', function (
    Shape $shape,
): void {
    $stone = measuresOf($shape);
    $outline = reckon('stone.outline', $stone);
    $points = array_map(static fn (array $p): array => [$p['x_mm'], $p['y_mm']], $outline->value('points'));
    // By the polygon of its points: an area and a centroid of their own.
    [$area, $mx, $my] = [0.0, 0.0, 0.0];
    foreach ($points as $at => [$x, $y]) {
        [$nextX, $nextY] = $points[($at + 1) % count($points)];
        $cross = $x * $nextY - $nextX * $y;
        $area += $cross / 2;
        $mx += ($x + $nextX) * $cross / 6;
        $my += ($y + $nextY) * $cross / 6;
    }
    expect($area)->toEqualWithDelta($outline->num('area'), 0.01 * $area)
        ->and($mx / $area)->toEqualWithDelta(0.0, 0.02)->and($my / $area)->toEqualWithDelta(0.0, 0.02)
        ->and($outline->num('box_width'))->toEqualWithDelta($shape === Shape::Trillion
            ? $outline->num('box_width') : $stone['width'], 1e-9);
    $carats = reckon('stone.weight', [...$stone, 'depth' => 3, 'species' => 'sapphire'])->num('carats');
    // What fills a box of L × W × 3 at 4.00: between a third and all of 0.0023 of its area.
    expect($carats)->toBeGreaterThan(0.0013 * $area * 3 * 4)->toBeLessThan(0.0031 * $area * 3 * 4);
    $claws = reckon('seat.claw', $stone);
    expect($claws->num('claws'))->toBeGreaterThanOrEqual(3);
    foreach ($claws->value('places') as $place) {
        // Every wire stands on the girdle, its notch in.
        expect(Outline::of($shape, $stone['length'] ?? 5.0, (float) $stone['width'])
            ->distanceTo($place['x_mm'], $place['y_mm']))
            ->toEqualWithDelta($claws->num('wire') / 2 - $claws->num('notch'), 0.25);
    }
    $bezel = reckon('seat.bezel', [...$stone, 'corners' => 'bent', 'depth' => 3]);
    expect($bezel->num('strip_length'))
        ->toEqualWithDelta($outline->num('perimeter') + 2 * M_PI * 0.05 + M_PI * 0.4, 1e-9)
        ->and(reckon('layout.halo', [...$stone, 'stone_diameter' => 1.2])->num('count'))->toBeGreaterThan(8)
        ->and(reckon('layout.cluster', [...$stone, 'stone_diameter' => 1.2])->num('outer_claws'))->toBeGreaterThan(3)
        ->and(Drawn::of('stone.outline', $stone)['head']->paths('outline'))->not->toBe([]);
})->with(Shape::cases());

it('has a case for every shape that there is a file of, and names its ratio', function (): void {
    $files = array_map(
        static fn (string $path): string => basename($path, '.php'),
        glob(dirname(__DIR__, 2).'/core/Stones/Shapes/*.php') ?: [],
    );
    $abstract = ['Cornered', 'Cornerwise', 'StoneShape'];
    expect(array_values(array_diff($files, $abstract)))->toEqualCanonicalizing(array_column(Shape::cases(), 'name'));
    foreach (Shape::cases() as $shape) {
        expect($shape->parts()->ratio() === null)->toBe($shape->parts()->ratioMeans() === null, $shape->value);
    }
});

it('knows the new shapes by hand', function (): void {
    // A hexagon of 6 across its flats, regular: the side is 6 ÷ √3, and so is the height of its points doubled.
    $side = 6 / sqrt(3);
    $hexagon = reckon(
        'stone.outline', ['shape' => 'hexagon', 'length' => 2 * $side, 'width' => 6, 'ratio' => $side / 12],
    );
    expect($hexagon->num('perimeter'))->toEqualWithDelta(6 * $side, 1e-9)
        ->and($hexagon->num('area'))->toEqualWithDelta(1.5 * sqrt(3) * $side ** 2, 1e-9);
    // A kite of 10 × 6, widest at 3.5 from its short end.
    $kite = reckon('stone.outline', ['shape' => 'kite', 'length' => 10, 'width' => 6]);
    expect($kite->num('area'))->toEqualWithDelta(30.0, 1e-9)
        ->and($kite->num('perimeter'))->toEqualWithDelta(2 * hypot(3, 3.5) + 2 * hypot(3, 6.5), 1e-9)
        // Two triangles of 3.5 and 6.5 on one base: their centroids a third up each.
        ->and($kite->num('centroid_to_base'))->toEqualWithDelta(
            3.5 + (6.5 * 6.5 / 3 - 3.5 * 3.5 / 3) / 10, 1e-9,
        );
    // Half a circle of 8: its centroid 4r ÷ 3π from the straight side.
    $moon = Outline::of(Shape::HalfMoon, 8.0, 4.0);
    expect($moon->area())->toEqualWithDelta(M_PI * 8, 1e-9)
        ->and($moon->perimeter())->toEqualWithDelta(4 * M_PI + 8, 1e-9)
        ->and($moon->sides())->toEqualWithDelta([16 / (3 * M_PI)], 1e-9)
        ->and($moon->turns())->toEqualWithDelta([M_PI_2, M_PI_2], 1e-9)
        ->and($moon->box())->toEqualWithDelta([16 / (3 * M_PI) - 4, 16 / (3 * M_PI), -4.0, 4.0], 1e-9);
});

it('weighs what its outline fills of its box, where the trade has no figure', function (): void {
    $of = static fn (array $stone): float => reckon(
        'stone.weight', [...$stone, 'depth' => 3, 'specific_gravity' => 4],
    )->num('carats');
    expect($of(['shape' => 'kite', 'length' => 10, 'width' => 6]))->toEqualWithDelta(0.0024 * 30 * 3 * 4, 1e-9)
        ->and($of(['shape' => 'half-moon', 'length' => 8, 'width' => 4]))
        ->toEqualWithDelta(0.0024 * M_PI * 8 * 3 * 4, 1e-9)
        ->and($of(['shape' => 'hexagon', 'length' => 9, 'width' => 6]))
        ->toEqualWithDelta(0.0024 * 6 * (9 - 0.2887 * 6) * 3 * 4, 1e-9);
});

it('weighs all of those alike, estimated for each and weighed together', function (): void {
    $diamonds = ['shape' => 'round', 'width' => 2, 'depth' => 1.22, 'species' => 'diamond', 'count' => 17];
    // 0.0018 × 2 × 2 × 1.22 × 3.52 is 0.03092.
    expect(reckon('stone.weight', $diamonds)->num('carats'))->toEqualWithDelta(17 * 0.0018 * 4 * 1.22 * 3.52, 1e-9)
        ->and(reckon('stone.weight', [...$diamonds, 'weighed_carats' => 0.51])->num('carats_each'))
        ->toEqualWithDelta(0.03, 1e-9);
});

it('refuses measures that a shape cannot have', function (array $stone, string $field): void {
    expect(refused('stone.outline', $stone))->toHaveKey($field);
})->with([
    [['shape' => 'half-moon', 'length' => 7, 'width' => 4], 'length'],
    [['shape' => 'kite', 'length' => 4, 'width' => 6], 'length'],
    [['shape' => 'hexagon', 'length' => 9, 'width' => 6, 'ratio' => 0.6], 'ratio'],
    [['shape' => 'round', 'width' => 6, 'ratio' => 0.2], 'ratio'],
]);

it('measures how far a point lies from an outline', function (Shape $shape, array $at, float $far): void {
    $outline = Outline::of($shape, $shape->parts()->hasLength() ? 8.0 : 6.0, 6.0);
    expect($outline->distanceTo(...$at))->toEqualWithDelta($far, 1e-6);
})->with([
    'beside a round' => [Shape::Round, [3.0, 4.0], 2.0], 'inside a round' => [Shape::Round, [1.0, 0.0], -2.0],
    'off a side' => [Shape::Rectangle, [5.0, 1.0], 2.0], 'off a corner' => [Shape::Rectangle, [6.0, 8.0], 5.0],
    'above an oval' => [Shape::Oval, [0.0, 5.5], 1.5],
]);

it('shrinks an outline inward: round ones by 2π a mm, corners by their mitres', function (): void {
    expect(InwardOutline::of(Outline::of(Shape::Round, 8.0, 8.0), 1.5)->length)
        ->toEqualWithDelta(M_PI * 5, 1e-6)
        ->and(InwardOutline::of(Outline::of(Shape::Oval, 9.0, 7.0), 0.5)->length)
        ->toEqualWithDelta(Outline::of(Shape::Oval, 9.0, 7.0)->perimeter() - M_PI, 1e-3)
        ->and(InwardOutline::of(Outline::of(Shape::Rectangle, 8.0, 6.0), 1.0)->length)
        ->toEqualWithDelta(20.0, 1e-6);
});

/** What a great square keeps of itself when it is cut along each tangent in turn: its length round. */
function cutRound(Outline $outline, float $depth): float
{
    $shape = [[-99.0, -99.0], [99.0, -99.0], [99.0, 99.0], [-99.0, 99.0]];
    for ($at = 0; $at < 720; $at++) {
        [$cos, $sin] = [cos($at * M_PI / 360), sin($at * M_PI / 360)];
        $far = $outline->towards($at * M_PI / 360) - $depth;
        $left = [];
        foreach ($shape as $index => $here) {
            $next = $shape[($index + 1) % count($shape)];
            $a = $here[0] * $cos + $here[1] * $sin - $far;
            $b = $next[0] * $cos + $next[1] * $sin - $far;
            if ($a <= 0) {
                $left[] = $here;
            }
            if (($a < 0) !== ($b < 0)) {
                $left[] = [$here[0] + ($next[0] - $here[0]) * $a / ($a - $b), $here[1] + ($next[1] - $here[1]) * $a
                    / ($a - $b)];
            }
        }
        $shape = $left;
    }
    $length = 0.0;
    foreach ($shape as $index => [$x, $y]) {
        [$nextX, $nextY] = $shape[($index + 1) % count($shape)];
        $length += hypot($nextX - $x, $nextY - $y);
    }
    $turn = M_PI / 720;

    return $outline->vertices() === [] ? $length * $turn / tan($turn) : $length;
}

it('keeps of each outline what all of its tangents leave', function (string $shape, float $long, float $wide): void {
    $outline = Outline::of(Shape::from($shape), $long, $wide);
    foreach ([0.05, 0.2, 0.35, 0.45] as $share) {
        $depth = $share * $outline->wide;
        expect(InwardOutline::of($outline, $depth)->length)->toEqualWithDelta(cutRound($outline, $depth), 1e-7);
    }
})->with([
    ['round', 8, 8], ['oval', 9, 7], ['oval', 12, 4], ['marquise', 10, 5], ['pear', 9, 6], ['cushion', 8, 7],
    ['octagon', 8, 6], ['rectangle', 8, 3], ['trillion', 7, 7], ['hexagon', 9, 7], ['kite', 9, 6],
]);

it('leaves nothing where the tangents have passed each other', function (string $shape): void {
    $outline = Outline::of(Shape::from($shape), 8.0, 6.0);
    expect(InwardOutline::of($outline, 3.01)->length)->toBe(0.0)
        ->and(InwardOutline::of($outline, 6.0)->length)->toBe(0.0);
})->with(['oval', 'marquise', 'cushion', 'octagon', 'rectangle', 'hexagon']);
