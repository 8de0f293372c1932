<?php

declare(strict_types=1);

use HotSprue\Form\Band;
use HotSprue\Form\Profile;
use HotSprue\Solid\BandSolid;
use HotSprue\Solid\CollarSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Frame;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\MeshFaults;
use HotSprue\Solid\OutlineLoop;
use HotSprue\Solid\PlateSolid;
use HotSprue\Solid\SectionPoints;
use HotSprue\Solid\StoneSolid;
use HotSprue\Solid\WireSolid;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;

/** Width of a stone 6 mm wide, and its length where it has one. */
function solidOutline(Shape $shape): Outline
{
    return match (true) {
        $shape === Shape::HalfMoon => Outline::of($shape, 8.5, 4.0),
        $shape->parts()->hasLength() => Outline::of($shape, 8.0, 6.0),
        default => Outline::of($shape, 6.0, 6.0),
    };
}

it('sweeps every section round the finger: closed, outward, a ring, and of the sheet’s volume', function (
    Profile $profile, array $sizes, Fineness $fineness,
): void {
    [$bore, $w, $wBase, $t, $tBase] = $sizes;
    $band = new Band($bore, $profile, $w, $wBase, $t, $tBase, $profile === Profile::Knife ? 0.4 * $t : null);
    $mesh = BandSolid::of($band, $fineness);
    $faults = MeshFaults::of($mesh);
    [$least, $most] = $mesh->box();
    expect($faults->isSound())->toBeTrue()->and($faults->euler)->toBe(0)
        // By Pappus, another way to the same number; within one in a thousand.
        ->and($faults->volume / $band->volume()['volume'])->toEqualWithDelta(1.0, 0.001)
        // The chord lies within 0.01 mm of the true size, and what stands over it no more.
        ->and($most[2])->toEqualWithDelta($bore / 2 + $t, 0.012)->and(-$least[2])
        ->toEqualWithDelta($bore / 2 + $tBase, 0.012)
        ->and($most[1] - $least[1])->toEqualWithDelta(max($w, $wBase), 0.01);
})->with(Profile::cases())->with([
    'plain' => [[17.4, 4.0, 4.0, 2.0, 2.0]], 'tapered' => [[17.4, 6.0, 2.5, 2.4, 1.4]],
    'broad' => [[22.0, 12.0, 10.0, 1.5, 1.2]], 'slight' => [[13.0, 1.2, 1.0, 1.0, 1.0]],
])->with(Fineness::cases());

it('finds the same volume of random bands in a third way, by slices', function (int $seed): void {
    mt_srand($seed);
    $profile = Profile::cases()[$seed % 5];
    $t = mt_rand(100, 300) / 100;
    $w = mt_rand(250, 900) / 100;
    $band = new Band(mt_rand(1400, 2200) / 100, $profile, $w, $w * mt_rand(50, 100) / 100, $t,
        $t * mt_rand(60, 100) / 100, $profile === Profile::Knife ? 0.3 * $t : null);
    $mesh = BandSolid::of($band, Fineness::Look);
    expect(slicedVolume($mesh) / $mesh->volume())->toEqualWithDelta(1.0, 0.01);
})->with(range(1, 10));

it('is the same to the last byte whenever it is asked for', function (): void {
    $make = static fn (): Mesh => BandSolid::of(
        new Band(17.4, Profile::Court, 5.0, 3.0, 2.0, 1.5), Fineness::Look,
    );
    expect(pack('e*', ...$make()->points))->toBe(pack('e*', ...$make()->points))
        ->and($make()->faces)->toBe($make()->faces);
});

it('gives a section as many corners at top and base, and its own area', function (Profile $profile): void {
    $band = new Band(17.4, $profile, 6.0, 2.5, 2.4, 1.4, $profile === Profile::Knife ? 0.6 : null);
    foreach ([0.0, 1.0, M_PI] as $theta) {
        $section = $band->section($theta);
        $points = SectionPoints::of($section, Fineness::Look);
        expect(OutlineLoop::shoelace($points))->toEqualWithDelta($section->area, 1e-9)
            ->and($points)->toHaveCount(count(SectionPoints::of($band->section(0.0), Fineness::Look)));
    }
})->with(Profile::cases());

it('carries a wall with its ledge along every outline, scored and bent', function (Shape $shape): void {
    $outline = solidOutline($shape);
    $perimeter = $outline->perimeter();
    foreach ($outline->turns() === [] ? [false] : [false, true] as $scored) {
        $turns = $outline->turns();
        // Steiner: a parallel encloses the outline, a strip along it, and a sector, or a mitre, at each turn.
        // Inside, a corner stays sharp either way.
        $sharp = M_PI - array_sum($turns) / 2
            + array_sum(array_map(static fn (float $turn): float => tan($turn / 2), $turns));
        $area = static fn (float $at): float => $outline->area() + $perimeter * $at
            + ($scored || $at < 0 ? $sharp : M_PI) * $at ** 2;
        $mesh = CollarSolid::of(new OutlineLoop($outline, 120, $scored), 0.05, 0.45, -0.45, 4.0, 2.5);
        $faults = MeshFaults::of($mesh);
        expect($faults->isSound())->toBeTrue($shape->value)->and($faults->euler)->toBe(0)
            ->and($faults->volume)->toEqualWithDelta(
                ($area(0.45) - $area(0.05)) * 4.0 + ($area(0.05) - $area(-0.45)) * 2.5, 1e-6,
            );
    }
})->with(Shape::cases());

it('files the foot of a collar to its band, and leaves what stands clear flat', function (): void {
    $loop = new OutlineLoop(Outline::of(Shape::Round, 6.0, 6.0), 120);
    $flat = CollarSolid::of($loop, 0.0, 0.4, 0.0, 3.0, 0.0);
    $filed = CollarSolid::of($loop, 0.0, 0.4, 0.0, 3.0, 0.0, 10.0);
    // At 3.4 beside the middle a round of 10 lies 10 − √(100 − 11.56) lower.
    expect($filed->box()[0][2])->toEqualWithDelta(sqrt(100 - 3.4 ** 2) - 10, 2e-3)
        ->and($flat->box()[0][2])->toEqual(0.0)->and($filed->volume())->toBeGreaterThan($flat->volume())
        ->and(MeshFaults::of($filed)->isSound())->toBeTrue();
});

it('cuts every stone closed and outward, as deep as it is', function (Shape $shape): void {
    $outline = solidOutline($shape);
    foreach ([StoneSolid::faceted($outline, 0.9, 0.2, 2.6), StoneSolid::cabochon($outline, 2.5, 48)] as $at => $stone) {
        $faults = MeshFaults::of($stone);
        expect($faults->isSound())->toBeTrue($shape->value)->and($faults->euler)->toBe(2)
            ->and($stone->box()[1][2] - $stone->box()[0][2])->toEqualWithDelta($at === 0 ? 3.7 : 2.5, 0.03)
            // A pyramid below and less than a prism above; half of an ellipsoid.
            ->and($stone->volume())->toBeLessThan($outline->area() * ($at === 0 ? 2.6 / 3 + 1.1 : 2.5));
    }
    expect(StoneSolid::cabochon($outline, 2.5, 96)->volume())
        ->toEqualWithDelta($outline->area() * 2.5 * 2 / 3, 0.03 * $outline->area() * 2.5);
})->with(Shape::cases());

it('turns wires and plates of the volume that they have', function (): void {
    $wire = WireSolid::between([0.0, 0.0, 0.0], [1.0, 2.0, 3.0], 1.2, Fineness::Look);
    expect($wire->volume())->toEqualWithDelta(M_PI * 0.36 * sqrt(14), 1e-9)
        ->and(MeshFaults::of($wire)->isSound())->toBeTrue()
        ->and(WireSolid::turned([[2.0, 0.0], [2.0, 5.0]], 60)->volume())->toEqualWithDelta(M_PI * 4 * 5, 1e-9)
        // A cone cut off: π h (R² + R r + r²) ÷ 3.
        ->and(WireSolid::turned([[3.0, 0.0], [1.0, 6.0]], 60)->volume())
        ->toEqualWithDelta(M_PI * 6 * (9 + 3 + 1) / 3, 1e-9)
        ->and(PlateSolid::of([[0.0, 0.0], [4.0, 0.0], [4.0, 3.0], [0.0, 3.0]], 1.0, 0.8)->volume())
        ->toEqualWithDelta(9.6, 1e-9);
});

it('stands a part on the ring: its up away from the finger, turned and leant', function (): void {
    $near = static fn (array $one, array $other): float => max(array_map(
        static fn (float $a, float $b): float => abs($a - $b), $one, $other,
    ));
    $right = Frame::onRing(90.0, 10.0, 1.5);
    expect($near($right->point(0.0, 0.0, 2.0), [12.0, 1.5, 0.0]))->toBeLessThan(1e-12)
        ->and($near($right->point(1.0, 0.0, 0.0), [10.0, 1.5, -1.0]))->toBeLessThan(1e-12)
        ->and($near(Frame::onRing(0.0, 10.0, 0.0)->turned(90.0)->point(1.0, 0.0, 0.0), [0.0, 1.0, 10.0]))
        ->toBeLessThan(1e-12)
        ->and($near(Frame::onRing(0.0, 10.0, 0.0)->leant(90.0)->point(0.0, 0.0, 2.0), [2.0, 0.0, 10.0]))
        ->toBeLessThan(1e-12);
    $cube = PlateSolid::of([[0.0, 0.0], [2.0, 0.0], [2.0, 2.0], [0.0, 2.0]], 0.0, 2.0);
    expect($cube->placed(Frame::onRing(37.0, 9.0, 1.0)->turned(20.0)->leant(11.0))->volume())
        ->toEqualWithDelta(8.0, 1e-9)->and($cube->scaled(1.5)->volume())->toEqualWithDelta(27.0, 1e-9);
});

it('tells what is wrong with a mesh: a hole, a triangle of no area', function (): void {
    $points = [0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0];
    $whole = [0, 2, 1, 0, 1, 3, 1, 2, 3, 0, 3, 2];
    expect(MeshFaults::of(Mesh::of($points, $whole))->isSound())->toBeTrue()
        ->and(MeshFaults::of(Mesh::of($points, $whole))->euler)->toBe(2)
        ->and(MeshFaults::of(Mesh::of($points, array_slice($whole, 0, 9)))->open)->toBe(3)
        ->and(MeshFaults::of(Mesh::of($points, [...$whole, 1, 1, 2]))->flat)->toBe(1)
        // Given inside out it is turned.
        ->and(Mesh::of($points, array_reverse($whole))->volume())->toEqualWithDelta(1 / 6, 1e-12);
});
