<?php

declare(strict_types=1);

use HotSprue\Form\Band;
use HotSprue\Form\Profile;
use HotSprue\Solid\BadPattern;
use HotSprue\Solid\BandSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\PatternFacts;
use HotSprue\Solid\PatternMeasure;
use HotSprue\Solid\Stl;
use HotSprue\Solid\StlReader;

require_once __DIR__.'/../Support/solids.php';

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
