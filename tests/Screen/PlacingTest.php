<?php

declare(strict_types=1);

use Tests\Support\Screen;

/** A box of 60 by 30 px at its own place. */
function box(string $key, float $x, float $y, array $more = []): array
{
    return ['key' => $key, 'x' => $x, 'y' => $y, 'wide' => 60, 'high' => 30, 'before' => [0, 0], 'isHeld' => false,
        ...$more];
}

/** @param list<array<string, mixed>> $shapes mm; a sheet of 40 by 30 mm at 10 px a mm */
function placedOn(array $shapes, array ...$boxes): array
{
    return Screen::ask('placed', $boxes, [
        'box' => [0, 0, 40, 30], 'shapes' => $shapes, 'dimensions' => [],
    ], 10, 0, 400, 300);
}

it('leaves a box at its own place where nothing is under it', function (): void {
    expect(placedOn([], box('a', 200, 150)))->toEqual(['a' => ['x' => 200, 'y' => 150, 'covers' => 0]]);
});

it('goes off a line it would cover, and no farther than it must', function (): void {
    $line = ['kind' => 'line', 'style' => 'outline', 'x1' => 0, 'y1' => 15, 'x2' => 40, 'y2' => 15];
    $at = placedOn([$line], box('a', 200, 150))['a'];
    // Half its height from the line, to the next ring of places.
    expect($at['covers'])->toEqual(0)->and(abs($at['y'] - 150))->toBeGreaterThanOrEqual(15.0)->toBeLessThan(40.0)
        // What is faint may be covered.
        ->and(placedOn([[...$line, 'style' => 'centre']], box('a', 200, 150))['a'])
        ->toMatchArray(['x' => 200, 'y' => 150]);
});

it('lays no box over another, and leaves the one in hand', function (): void {
    $at = placedOn([], box('a', 200, 150), box('b', 205, 152, ['isHeld' => true]), box('c', 202, 151));
    expect($at['b'])->toMatchArray(['x' => 205, 'y' => 152]);
    foreach ([['a', 'b'], ['b', 'c'], ['a', 'c']] as [$one, $other]) {
        expect(abs($at[$one]['x'] - $at[$other]['x']) >= 64.5 || abs($at[$one]['y'] - $at[$other]['y']) >= 34.5)
            ->toBeTrue("{$one} over {$other}");
    }
});

it('stays where it stood unless much is won', function (): void {
    $stood = box('a', 200, 150, ['before' => [20, 0]]);
    expect(placedOn([], $stood)['a']['x'])->toEqual(220)
        ->and(placedOn([], [...$stood, 'before' => [200, 0]])['a']['x'])->toEqual(200);
});

it('keeps within the sheet, and finds room under it where there is none on it', function (): void {
    expect(placedOn([], box('a', 5, 150))['a']['x'])->toEqual(30);
    $full = array_map(static fn (int $y): array => [
        'kind' => 'line', 'style' => 'outline', 'x1' => 0, 'y1' => $y, 'x2' => 40, 'y2' => $y,
    ], range(0, 29));
    $at = placedOn($full, box('a', 200, 250))['a'];
    expect($at['covers'])->toEqual(0)->and($at['y'])->toBeGreaterThanOrEqual(305.0);
});
