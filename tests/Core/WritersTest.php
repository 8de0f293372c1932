<?php

declare(strict_types=1);

use HotSprue\Drawing\DxfWriter;
use HotSprue\Drawing\PathPoints;
use HotSprue\Drawing\SvgWriter;
use HotSprue\Drawing\View;

/** A plate of 20 by 10 with a hole, a centre line, a label and what only the screen shows. */
function plate(): View
{
    return (new View('plate', 'Plate & “hole” <1>', 'main', [0.0, 0.0, 20.0, 10.0]))
        ->rect(0, 0, 20, 10)->circle(5, 4, 1.5)->line(0, 5, 20, 5, 'centre')
        ->circle(5, 4, 1.4, 'fill-metal')->text(10, 9, 'Ø 3 <mm> & more');
}

/**
 * A DXF read as any program reads one: pairs of a code and a value.
 *
 * @return list<array<int, string>> each entity's values by code, the first of each
 */
function entities(string $dxf): array
{
    $lines = explode("\n", rtrim($dxf));
    expect(count($lines) % 2)->toBe(0);
    $entities = [];
    foreach (array_chunk($lines, 2) as [$code, $value]) {
        expect(trim($code))->toMatch('/^\d+$/');
        if ((int) $code === 0) {
            $entities[] = [];
        }
        $entities[count($entities) - 1] += [(int) $code => $value];
    }

    return $entities;
}

it('writes a DXF with y up, one layer a style, and nothing that only the screen shows', function (): void {
    $entities = entities(DxfWriter::write(plate()));
    $kinds = array_column($entities, 0);
    expect($kinds)->toBe([
        'SECTION', 'ENDSEC', 'SECTION', 'POLYLINE', 'VERTEX', 'VERTEX', 'VERTEX', 'VERTEX', 'SEQEND', 'CIRCLE', 'LINE',
        'TEXT', 'LINE', 'ENDSEC', 'EOF',
    ]);
    $circle = $entities[9];
    expect(
        [$circle[8], (float) $circle[10], (float) $circle[20], (float) $circle[40]],
    )->toBe(['outline', 5.0, -4.0, 1.5]);
    $corners = array_map(
        static fn (array $vertex): array => [(float) $vertex[10], (float) $vertex[20]], array_slice($entities, 4, 4),
    );
    expect($corners)->toEqual([[0, 0], [20, 0], [20, -10], [0, -10]])->and($entities[3][70])->toBe('1')
        ->and($entities[10][8])->toBe('centre')
        // Letters beyond ASCII by their code: Ø is U+00D8.
        ->and($entities[11][1])->toBe('\U+00D8 3 <mm> & more');
    // The check bar is 50 mm long, below everything.
    $bar = $entities[12];
    expect((float) $bar[11] - (float) $bar[10])->toEqual(50)->and((float) $bar[20])->toBeLessThan(-10);
});

it('writes an SVG at life size that any reader can read, with a check bar of 50 mm', function (): void {
    $svg = simplexml_load_string(SvgWriter::write(plate()));
    expect($svg)->not->toBeFalse()->and((string) $svg->title)->toBe('Plate & “hole” <1>')
        ->and((string) $svg->text[0])->toBe('Ø 3 <mm> & more');
    [$x, $y, $wide, $high] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
    // A mm of the drawing is a mm on paper.
    expect((string) $svg['width'])->toBe(sprintf('%.3Fmm', $wide))
        ->and((string) $svg['height'])->toBe(sprintf('%.3Fmm', $high))
        ->and([$x, $y])->toEqual([0, 0])->and($wide)->toBeGreaterThanOrEqual(56.0)->and($high)->toEqual(19.0)
        ->and($svg->circle)->toHaveCount(1)->and((float) $svg->circle['r'])->toEqual(1.5)
        ->and((string) $svg->path[count($svg->path) - 1]['d'])->toContain('h50');
});

it('goes along a path as a pen does', function (string $path, array $runs): void {
    $found = PathPoints::of($path);
    expect(array_column($found, 'closed'))->toBe(array_column($runs, 'closed'))
        ->and(array_column($found, 'points'))->toEqualWithDelta(array_column($runs, 'points'), 1e-9);
})->with([
    'a line' => ['M0 0 L3,4', [['points' => [[0, 0], [3, 4]], 'closed' => false]]],
    'several at once' => ['M1 1 L2 2 3 1', [['points' => [[1, 1], [2, 2], [3, 1]], 'closed' => false]]],
    'across and up' => [
        'M1 1 H4 V5 h-3 v-1 Z', [['points' => [[1, 1], [4, 1], [4, 5], [1, 5], [1, 4]], 'closed' => true]],
    ],
    'two runs' => [
        'M0 0 L1 0 M5 5 L6 6 Z',
        [['points' => [[0, 0], [1, 0]], 'closed' => false], ['points' => [[5, 5], [6, 6]], 'closed' => true]],
    ],
    'nothing' => ['', []],
]);

it('goes round an arc on its circle, the way it is said', function (
    int $large, int $sweep, float $x, float $y, float $turn,
): void {
    // From (5, 0) to (0, 5) with a radius of 5: about the nought or about (5, 5), a quarter or three.
    [$run] = PathPoints::of("M5 0 A5 5 0 {$large} {$sweep} 0 5");
    $last = $run['points'][count($run['points']) - 1];
    expect($last)->toEqualWithDelta([0, 5], 1e-9);
    $long = 0.0;
    foreach ($run['points'] as $at => [$px, $py]) {
        expect(hypot($px - $x, $py - $y))->toEqualWithDelta(5.0, 1e-9);
        $before = $run['points'][$at - 1] ?? [$px, $py];
        $long += hypot($px - $before[0], $py - $before[1]);
    }
    expect($long / 5)->toEqualWithDelta($turn, 5e-3);
})->with([
    'the short way, with the clock' => [0, 1, 0.0, 0.0, M_PI_2],
    'the short way, against it' => [0, 0, 5.0, 5.0, M_PI_2],
    'the long way, with the clock' => [1, 1, 5.0, 5.0, 3 * M_PI_2],
    'the long way, against it' => [1, 0, 0.0, 0.0, 3 * M_PI_2],
]);

it('widens an arc that would not reach its end', function (): void {
    // Ends 10 apart want a radius of 5 at least.
    [$run] = PathPoints::of('M0 0 A2 2 0 0 1 10 0');
    foreach ($run['points'] as [$x, $y]) {
        expect(hypot($x - 5, $y))->toEqualWithDelta(5.0, 1e-9);
    }
});
