<?php

declare(strict_types=1);

use HotSprue\Fields\BadInput;
use HotSprue\Job\Document;
use HotSprue\Measures\PictureScale;
use HotSprue\Workshop\WorkshopSettings;

/** @return array{from: array{float, float}, to: array{float, float}} */
function lineOf(float $x, float $y, float $toX, float $toY): array
{
    return ['from' => [$x, $y], 'to' => [$toX, $toY]];
}

it('measures by what is known, whichever way either line lies', function (): void {
    // 250 pixels are 25 mm: a tenth of a millimetre each. 3, 4, 5 is a triangle.
    $scale = PictureScale::of(lineOf(100, 100, 350, 100), 25.0);
    expect($scale->length(lineOf(10, 10, 10, 184)))->toEqualWithDelta(17.4, 1e-9)
        ->and($scale->length(lineOf(200, 300, 170, 260)))->toEqualWithDelta(5.0, 1e-9)
        ->and($scale->length(lineOf(5, 5, 5, 5)))->toBe(0.0);
    $slanted = PictureScale::of(lineOf(0, 0, 150, 200), 25.0);
    expect($slanted->length(lineOf(10, 10, 10, 184)))->toEqualWithDelta(17.4, 1e-9);
});

it('doubts a length by how its ends and the known line’s were put', function (): void {
    // Ends to two pixels each: 2 √2 pixels on a line, and the known line’s share of its own.
    $scale = PictureScale::of(lineOf(0, 0, 1000, 0), 50.0);
    expect($scale->doubt(lineOf(0, 0, 400, 0)))
        ->toEqualWithDelta(0.05 * sqrt(8 + 8 * 0.4 ** 2), 1e-9)
        // By a known line a quarter as long what is measured is far less sure.
        ->and(PictureScale::of(lineOf(0, 0, 250, 0), 12.5)->doubt(lineOf(0, 0, 400, 0)))
        ->toEqualWithDelta(0.05 * sqrt(8 + 8 * 1.6 ** 2), 1e-9);
});

it('goes by no line that is shorter than twenty pixels', function (): void {
    expect(PictureScale::of(lineOf(0, 0, 19.99, 0), 25.0))->toBeNull()
        ->and(PictureScale::of(lineOf(0, 0, 20, 0), 25.0))->not->toBeNull();
});

it('knows a line from what is none', function (mixed $what, bool $isOne): void {
    expect(PictureScale::isLine($what))->toBe($isOne);
})->with([
    [['from' => [0, 0], 'to' => [1.5, 20_000]], true], [['from' => [0, 0], 'to' => [1.5, 20_001]], false],
    [['from' => [-1, 0], 'to' => [1, 1]], false], [['from' => [0, 0]], false], [['from' => [0], 'to' => [1, 1]], false],
    [['from' => ['x' => 0, 'y' => 0], 'to' => [1, 1]], false], [['from' => ['0', 0], 'to' => [1, 1]], false],
    ['a line', false], [null, false], [['from' => [0, 0, 0], 'to' => [1, 1]], false],
]);

it('is kept in a job’s file, and bad lines in one are named', function (): void {
    $read = static fn (array $more): Document => Document::imported([
        'version' => Document::VERSION,
        'pictures' => [['key' => 'a', 'file' => str_repeat('a', 40).'.png', ...$more]],
    ], WorkshopSettings::shipped());
    $kept = ['scale' => [...lineOf(0, 0, 100, 0), 'mm' => 25.0], 'lines' => [lineOf(1, 2, 3, 4)]];
    expect($read($kept)->list('pictures')[0])->toMatchArray($kept);
    foreach ([
        'pictures.a.scale' => ['scale' => lineOf(0, 0, 100, 0)],
        'pictures.a.lines' => ['lines' => [lineOf(1, 2, 3, 4), ['from' => [1]]]],
    ] as $path => $bad) {
        try {
            $read($bad);
            expect(false)->toBeTrue("{$path} was taken");
        } catch (BadInput $wrong) {
            expect(implode(' ', array_keys($wrong->errors)))->toContain(explode('.', $path)[2]);
        }
    }
});
