<?php

declare(strict_types=1);

use HotSprue\Stones\ImpossibleOutline;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;
use Tests\Support\Drawn;
use Tests\Support\Girdle;

/** @return list<array{Shape, float, float}> every shape, and proportions of it */
function girdles(): array
{
    return [
        [Shape::Round, 6.5, 6.5], [Shape::Oval, 9.0, 7.0], [Shape::Oval, 12.0, 4.0], [Shape::Marquise, 10.0, 5.0],
        [Shape::Marquise, 6.0, 5.5], [Shape::Pear, 9.0, 6.0], [Shape::Pear, 14.0, 5.0], [Shape::Cushion, 8.0, 7.0],
        [Shape::Octagon, 10.0, 8.0], [Shape::Octagon, 6.0, 6.0], [Shape::Rectangle, 7.0, 5.0],
        [Shape::Trillion, 6.0, 6.0],
    ];
}

/** @return list<array{float, float}> a parallel as so many points */
function pointsRound(Outline $outline, float $offset = 0.0, int $count = 4000): array
{
    return array_map(
        static fn (array $at): array => [$at[0], $at[1]], $outline->parallel($offset)->points($count),
    );
}

it('is as long and as large as its geometry says', function (Shape $shape, float $long, float $wide): void {
    [$outline, $girdle] = [Outline::of($shape, $long, $wide), Girdle::of($shape->value, $long, $wide)];
    expect($outline->area() / $girdle->area)->toEqualWithDelta(1.0, 1e-6)
        ->and($outline->perimeter() / $girdle->perimeter)->toEqualWithDelta(1.0, 1e-6)
        // The points that it gives lie on that outline.
        ->and(Drawn::area(pointsRound($outline)) / $girdle->area)->toEqualWithDelta(1.0, 1e-4);
})->with(girdles());

it('lies on its centroid, as wide and as long as it was measured', function (
    Shape $shape, float $long, float $wide,
): void {
    $outline = Outline::of($shape, $long, $wide);
    [$west, $east, $south, $north] = $outline->box();
    $high = $shape === Shape::Trillion ? $north - $south : $long;
    expect($east - $west)->toEqualWithDelta($shape === Shape::Trillion ? $east - $west : $wide, 1e-9)
        ->and($north - $south)->toEqualWithDelta($high, 1e-9)->and($east)->toEqualWithDelta(-$west, 1e-9);
    // The middle of its area, by slices of a triangle each.
    [$points, $sum, $area] = [pointsRound($outline), [0.0, 0.0], 0.0];
    foreach ($points as $at => [$x, $y]) {
        [$nextX, $nextY] = $points[($at + 1) % count($points)];
        $slice = ($x * $nextY - $nextX * $y) / 2;
        $sum = [$sum[0] + $slice * ($x + $nextX) / 3, $sum[1] + $slice * ($y + $nextY) / 3];
        $area += $slice;
    }
    expect(hypot(...$sum) / $area)->toBeLessThan(1e-3);
})->with(girdles());

it('grows by its perimeter and a circle: every parallel, of every shape', function (
    Shape $shape, float $long, float $wide,
): void {
    $outline = Outline::of($shape, $long, $wide);
    foreach ([0.3, 1.1] as $offset) {
        // Steiner's formula for a convex figure: L + 2πδ, and A + Lδ + πδ².
        expect($outline->parallel($offset)->length)
            ->toEqualWithDelta($outline->perimeter() + 2 * M_PI * $offset, 1e-6)
            ->and(Drawn::area(pointsRound($outline, $offset)))->toEqualWithDelta(
                $outline->area() + $outline->perimeter() * $offset + M_PI * $offset ** 2, 2e-3,
            );
        // No point of it is nearer to the girdle than the offset.
        $girdle = $outline->parallel(0.0)->corneredPoints(1500);
        foreach (pointsRound($outline, $offset, 40) as [$x, $y]) {
            $near = min(array_map(static fn (array $at): float => hypot($at[0] - $x, $at[1] - $y), $girdle));
            expect($near)->toEqualWithDelta($offset, 2e-3);
        }
    }
})->with(girdles());

it('finds the point that faces a way: none lies farther out', function (Shape $shape, float $long, float $wide): void {
    $outline = Outline::of($shape, $long, $wide);
    $points = pointsRound($outline, 0.4);
    for ($degrees = 0; $degrees < 360; $degrees += 15) {
        [$x, $y] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        [$atX, $atY] = $outline->facing(deg2rad($degrees), 0.4);
        $farthest = max(array_map(static fn (array $at): float => $at[0] * $x + $at[1] * $y, $points));
        expect($atX * $x + $atY * $y)->toEqualWithDelta($farthest, 1e-3, "{$shape->value} at {$degrees}°");
    }
})->with(girdles());

it('turns once round: by its points and by its curves', function (Shape $shape, int $points, ?float $each): void {
    $outline = Outline::of($shape, 9.0, 6.0);
    expect($outline->turns())->toHaveCount($points)->and($outline->vertices())->toHaveCount($points);
    foreach ($each === null ? [] : $outline->turns() as $turn) {
        expect(rad2deg($turn))->toEqualWithDelta($each, 1e-6);
    }
})->with([
    'round' => [Shape::Round, 0, null], 'oval' => [Shape::Oval, 0, null], 'cushion' => [Shape::Cushion, 0, null],
    'rectangle' => [Shape::Rectangle, 4, 90.0], 'octagon' => [Shape::Octagon, 8, 45.0],
    // Arcs of radius (81 + 36) ÷ 24 = 4.875 over a chord of 9: each bends by 2 asin(4.5 ÷ 4.875).
    'marquise' => [Shape::Marquise, 2, 180.0 - 2 * rad2deg(asin(4.5 / 4.875))],
    // Radius (9 + 36) ÷ 6 = 7.5, up to a point 6 above the widest place.
    'pear' => [Shape::Pear, 1, 180.0 - 2 * rad2deg(asin(6 / 7.5))],
    // A sagitta of a tenth of 6 over a chord of 6: radius (9 + 0.36) ÷ 1.2 = 7.8.
    'trillion' => [Shape::Trillion, 3, 120.0 - 2 * rad2deg(asin(3 / 7.8))],
]);

it('mitres a wall where its two sides meet', function (): void {
    $corners = Outline::of(Shape::Rectangle, 7.0, 5.0)->mitres(0.5);
    sort($corners);
    expect($corners)->toEqualWithDelta([[-3.0, -4.0], [-3.0, 4.0], [3.0, -4.0], [3.0, 4.0]], 1e-9);
    // A marquise's two arcs, 0.5 farther out, meet on the axis: radius 6.75 about ±3.75 for a stone of 10 by 5.
    [$top] = Outline::of(Shape::Marquise, 10.0, 5.0)->mitres(0.5);
    // Both arcs are as good as their tangents at the point: 0.5 ÷ cos of half its turn.
    $half = (M_PI - 2 * asin(5 / 6.25)) / 2;
    expect(abs($top[1]))->toEqualWithDelta(5 + 0.5 / cos($half), 1e-9)->and($top[0])->toEqualWithDelta(0.0, 1e-9);
});

it('keeps every corner among so many points', function (): void {
    $outline = Outline::of(Shape::Octagon, 10.0, 8.0);
    $points = $outline->parallel(0.0)->corneredPoints(16);
    foreach ($outline->vertices() as [$x, $y]) {
        $near = min(array_map(static fn (array $at): float => hypot($at[0] - $x, $at[1] - $y), $points));
        expect($near)->toBeLessThan(1e-9);
    }
    // An octagon with all its corners is exactly as large as one.
    expect(Drawn::area($points))->toEqualWithDelta(Girdle::of('octagon', 10.0, 8.0)->area, 1e-9);
});

it('is nowhere where it cannot be', function (Shape $shape, float $long, float $wide, ?float $ratio): void {
    Outline::of($shape, $long, $wide, $ratio);
})->with([
    'a cushion all corner' => [Shape::Cushion, 6.0, 6.0, 0.6],
    'a trillion beyond a circle' => [Shape::Trillion, 6.0, 6.0, 0.3],
    'a pear wider than it is long' => [Shape::Pear, 2.0, 6.0, null],
])->throws(ImpossibleOutline::class);
