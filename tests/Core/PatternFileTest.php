<?php

declare(strict_types=1);

use HotSprue\Form\Band;
use HotSprue\Form\Profile;
use HotSprue\Solid\BadPattern;
use HotSprue\Solid\BandSolid;
use HotSprue\Solid\CollarSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Frame;
use HotSprue\Solid\Mesh;
use HotSprue\Solid\OutlineLoop;
use HotSprue\Solid\PatternFacts;
use HotSprue\Solid\PatternMeasure;
use HotSprue\Solid\Stl;
use HotSprue\Solid\StlReader;
use HotSprue\Solid\WireSolid;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;

/** @param int $piece how many bytes come at once */
function readStl(string $bytes, int $piece = 1000): PatternFacts
{
    $measure = new PatternMeasure;
    foreach (StlReader::triangles(str_split($bytes, $piece), strlen($bytes)) as $triangle) {
        $measure->add($triangle);
    }

    return $measure->facts();
}

it('measures a cube from bytes and from text, however it comes in', function (string $file, int $piece): void {
    $facts = readStl($file, $piece);
    expect($facts->triangles)->toBe(12)->and($facts->volume)->toEqualWithDelta(1000.0, 1e-6)
        ->and($facts->surface)->toEqualWithDelta(600.0, 1e-6)->and($facts->size)->toEqual([10.0, 10.0, 10.0])
        ->and($facts->modulus())->toEqualWithDelta(1000 / 600, 1e-9);
})->with([
    'bytes' => fn () => stlBytes(cubeTriangles()), 'text' => fn () => stlText(cubeTriangles()),
    // Some programs begin a binary file as if it were text.
    'bytes called solid' => fn () => stlBytes(cubeTriangles(), 'solid of some program'),
])->with([7, 84, 1000, 100_000]);

it('reads back what it writes, to the volume and the sizes', function (Profile $profile): void {
    $mesh = BandSolid::of(
        new Band(17.4, $profile, 5.0, 3.5, 2.0, 1.6, $profile === Profile::Knife ? 0.7 : null), Fineness::Look,
    );
    $facts = readStl(Stl::of($mesh, 'a band'));
    [$least, $most] = $mesh->box();
    expect($facts->volume)->toEqualWithDelta($mesh->volume(), 1e-3 * $mesh->volume())
        ->and($facts->triangles)->toBe($mesh->triangles())
        ->and($facts->along())->toEqualWithDelta($most[1] - $least[1], 1e-4)
        ->and($facts->tall())->toEqualWithDelta(max($most[2] - $least[2], $most[0] - $least[0]), 1e-4);
})->with(Profile::cases());

it('is larger by the cube in volume where it does not carry its shrinkage', function (): void {
    $facts = readStl(stlBytes(cubeTriangles()))->scaled(1 / (1 - 0.02));
    expect($facts->volume)->toEqualWithDelta(1000 / 0.98 ** 3, 1e-6)
        ->and($facts->tall())->toEqualWithDelta(10 / 0.98, 1e-9)
        ->and($facts->modulus())->toEqualWithDelta(1000 / 600 / 0.98, 1e-9);
});

it('says what is wrong with a bad file', function (string $file, string $words): void {
    expect(static fn (): PatternFacts => readStl($file))->toThrow(BadPattern::class, $words);
})->with([
    'a hole' => fn () => [stlBytes(array_slice(cubeTriangles(), 1)), '3 of its edges'],
    'inside out' => fn () => [stlBytes(cubeTriangles(10.0, true)), 'inside out'],
    'inches' => fn () => [stlBytes(cubeTriangles(0.9)), 'inches'],
    'just no ring' => fn () => [stlBytes(cubeTriangles(2.99)), 'inches'],
    'as large as a house' => fn () => [stlBytes(cubeTriangles(251.0)), 'no flask'],
    'cut short' => fn () => [substr(stlBytes(cubeTriangles()), 0, -60), 'promises 12 triangles and has 10'],
    'no triangle' => fn () => [stlBytes([]), 'no triangle'],
    'nothing of it' => fn () => ['abc', 'too short'],
    'a picture' => fn () => [str_repeat("\xFF\xD8\xFF\xE0", 100), 'over 2,000,000'],
    'no number' => fn () => [stlBytes([[NAN, 0, 0, 1, 0, 0, 0, 1, 0]]), 'no number'],
    'endless' => fn () => [stlBytes([[INF, 0, 0, 1, 0, 0, 0, 1, 0]]), 'no number'],
    'a corner too few' => fn () => [
        "solid x\nfacet\nouter loop\nvertex 0 0 0\nvertex 1 0 0\nendloop\nendfacet\nendsolid", 'three corners',
    ],
    'a sheet twice over' => fn () => [stlBytes([
        [0, 0, 0, 9, 0, 0, 0, 9, 0], [0, 0, 0, 0, 9, 0, 9, 0, 0],
    ]), 'no volume'],
]);

it('takes what lies just inside its limits', function (float $size): void {
    expect(readStl(stlBytes(cubeTriangles($size)))->tall())->toEqualWithDelta($size, 1e-6);
})->with([3.0, 250.0]);

it('closes an edge whose ends lie within a hundredth of a hair', function (): void {
    $triangles = cubeTriangles();
    $triangles[3] = array_map(static fn (float $at): float => $at + 0.0003, $triangles[3]);
    expect(readStl(stlBytes($triangles))->volume)->toEqualWithDelta(1000.0, 0.2);
});

/** @param list<list<float>> $triangles */
function factsOf(array $triangles): PatternFacts
{
    $measure = new PatternMeasure;
    array_map($measure->add(...), $triangles);
    $bore = $measure->bore();
    array_map($bore->add(...), $triangles);

    return $measure->facts()->round($bore);
}

/** @param list<list<float>> $triangles */
function boreOf(array $triangles): ?float
{
    return factsOf($triangles)->bore;
}

/** @return list<list<float>> a mesh as triangles of nine numbers, its ways changed about */
function looseTriangles(Mesh $mesh, array $ways = [0, 1, 2]): array
{
    return array_map(static fn (array $corners): array => array_merge(...array_map(
        static fn (int $at): array => array_map(static fn (int $way): float => $mesh->points[3 * $at + $way], $ways),
        $corners,
    )), array_chunk($mesh->faces, 3));
}

it('finds the bore of a ring however it lies, with a head at one end and without', function (array $ways): void {
    $band = BandSolid::of(new Band(17.4, Profile::HalfRound, 5.0, 4.0, 2.0, 2.0), Fineness::File);
    // A head of 6 mm on top.
    $head = CollarSolid::of(new OutlineLoop(Outline::of(Shape::Round, 6.0, 6.0), 60), 0.0, 0.5, 0.0, 6.0, 0.0)
        ->placed(Frame::onRing(0.0, 10.6, 0.0));
    expect(boreOf(looseTriangles($band, $ways)))->toEqualWithDelta(17.4, 0.01)
        ->and(boreOf(looseTriangles(Mesh::together($band, $head), $ways)))->toEqualWithDelta(17.4, 0.01);
})->with([[[0, 1, 2]], [[2, 0, 1]], [[1, 2, 0]]]);

it('finds the bore of a ring that is thicker at one end, its middle off the middle of its height', function (): void {
    $band = BandSolid::of(new Band(17.4, Profile::HalfRound, 5.0, 4.0, 3.2, 1.4), Fineness::File);
    // A seat sunk into its bore makes it no wider, a burr of half a millimetre narrower by that.
    $burr = array_map(static fn (array $t): array => array_map(
        static fn (float $at, int $way): float => 0.1 * $at + [8.2, -0.5, -0.5][$way % 3], $t, array_keys($t),
    ), cubeTriangles());
    expect(boreOf(looseTriangles($band)))->toEqualWithDelta(17.4, 0.01)
        ->and(boreOf([...looseTriangles($band), ...$burr]))->toBeLessThan(17.3)->toBeGreaterThan(16.8);
});

it('finds no bore where nothing of a finger’s width goes through', function (): void {
    expect(boreOf(cubeTriangles(20.0)))->toBeNull()
        ->and(boreOf(looseTriangles(WireSolid::between([0, 0, 0], [0, 5.0, 0], 21.0, Fineness::File))))->toBeNull()
        ->and(boreOf(looseTriangles(BandSolid::of(new Band(7.9, Profile::Flat, 2.0, 2.0, 2.0, 2.0), Fineness::File))))
        ->toBeNull()
        ->and(boreOf(looseTriangles(BandSolid::of(new Band(8.1, Profile::Flat, 2.0, 2.0, 2.0, 2.0), Fineness::File))))
        ->toEqualWithDelta(8.1, 0.01);
});

it('measures sections across the finger however it lies: two rectangles and their moduli', function (
    array $ways, bool $isUpside,
): void {
    // 5 × 2 mm on top, 4 × 1.6 at the base.
    $band = BandSolid::of(new Band(17.4, Profile::Flat, 5.0, 4.0, 2.0, 1.6), Fineness::File)
        ->placed(Frame::at(3.0, -7.0, 11.0)->leant($isUpside ? 180.0 : 0.0));
    $sections = factsOf(looseTriangles($band, $ways))->sections;
    expect($sections->width)->toEqualWithDelta(5.0, 0.01)->and($sections->thickness)->toEqualWithDelta(2.0, 0.01)
        ->and($sections->widthBase)->toEqualWithDelta(4.0, 0.01)
        ->and($sections->thicknessBase)->toEqualWithDelta(1.6, 0.01)
        ->and($sections->modulus)->toEqualWithDelta(5 * 2 / 14, 2e-3)
        ->and($sections->modulusBase)->toEqualWithDelta(4 * 1.6 / 11.2, 2e-3);
})->with([[[0, 1, 2]], [[2, 0, 1]], [[1, 2, 0]]])->with([false, true]);

it('takes the end with the head for the top, though the band is heavier at the other', function (): void {
    $band = BandSolid::of(new Band(17.4, Profile::Flat, 3.0, 6.0, 1.5, 2.2), Fineness::File);
    // A solid lump of 4 × 4 mm, 5 high, from within the band.
    $lump = array_map(static fn (array $t): array => array_map(
        static fn (float $at, int $way): float => 0.4 * $at + [-2.0, -2.0, 9.0][$way % 3], $t, array_keys($t),
    ), cubeTriangles());
    $facts = factsOf([...looseTriangles($band), ...$lump]);
    expect($facts->bore)->toEqualWithDelta(17.4, 0.01)->and($facts->sections->width)->toEqualWithDelta(4.0, 0.01)
        ->and($facts->sections->thickness)->toEqualWithDelta(9.0 + 4.0 - 8.7, 0.01)
        ->and($facts->sections->widthBase)->toEqualWithDelta(6.0, 0.01)
        ->and($facts->sections->modulusBase)->toEqualWithDelta(6 * 2.2 / 16.4, 2e-3);
});

it('has sections as much larger as the whole, and none without a bore', function (): void {
    $band = BandSolid::of(new Band(17.4, Profile::Flat, 5.0, 4.0, 2.0, 1.6), Fineness::File);
    $sections = factsOf(looseTriangles($band))->scaled(1 / 0.985)->sections;
    expect($sections->width)->toEqualWithDelta(5 / 0.985, 0.01)
        ->and($sections->modulusBase)->toEqualWithDelta(4 * 1.6 / 11.2 / 0.985, 2e-3)
        ->and(factsOf(cubeTriangles(20.0))->sections)->toBeNull();
});

it('sizes a sprue by what a pattern measures, before what was drawn', function (): void {
    $drawn = ['profile' => 'flat', 'width' => 4, 'thickness' => 1.5, 'inner_diameter' => 17.0];
    // 4 × 1.1 × 0.9 = 3.96, where the drawn section, 6 ÷ 11, asks for 2.4.
    expect(reckon('sprue.size', [...$drawn, 'pattern_modulus' => 0.9])->num('diameter'))->toEqualWithDelta(3.96, 1e-9)
        ->and(reckon('sprue.size', $drawn)->num('diameter'))->toEqualWithDelta(4.4 * 6 / 11, 1e-9);
    $light = reckon('sprue.size', [...$drawn, 'pattern_modulus' => 0.9, 'pattern_modulus_base' => 0.4]);
    expect($light->num('thinnest_modulus'))->toEqualWithDelta(0.4, 1e-9)
        // Half way round the middle of the wall, in moduli of the base.
        ->and($light->value('reaches')[0]['reach'])->toEqualWithDelta(M_PI * 18.5 / 2 / 0.4, 1e-6);
});
