<?php

declare(strict_types=1);

use Tests\Support\Drawn;

/** @return array{float, float} how far the points of a straight-sided shape reach across and down */
function reach(array $points): array
{
    [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];

    return [max($xs) - min($xs), max($ys) - min($ys)];
}

it('draws a groove as wide and deep as it is cut, in a band as wide as it is', function (): void {
    $given = ['floor_diameter' => 18, 'width' => 2, 'thickness' => 1, 'groove_depth' => 0.6, 'band_width' => 6];
    [$band] = Drawn::of('inlay.fit', $given)['inlay']->paths('outline');
    // Clearance of 0.05 beside an insert of 2: a groove of 2.05, 0.6 deep.
    $floor = array_values(array_filter($band, static fn (array $p): bool => abs($p[1] - 0.6) < 1e-6));
    expect(reach($band)[0])->toEqualWithDelta(6, 1e-3)
        ->and($floor[1][0] - $floor[0][0])->toEqualWithDelta(2.05, 1e-3);
});

it('draws a stone as wide and deep as it was measured, its seat as wide as its burs', function (): void {
    [$stone] = Drawn::of('stone.weight', [
        'shape' => 'round', 'width' => 6.5, 'depth' => 4, 'species' => 'diamond',
    ])['stone']->paths('fill-stone');
    expect(reach($stone))->toEqualWithDelta([6.5, 4.0], 1e-3);
    [$left, $right] = Drawn::of('seat.round', ['diameter' => 3])['seat']->paths('outline');
    // The bearing bur of the workbook: 0.95 of the stone; the pilot half of it.
    $inner = static fn (array $wall): array => array_map(static fn (array $p): float => abs($p[0]), $wall);
    expect(min($inner($left)))->toEqualWithDelta(1.5 / 2, 1e-3)
        ->and($inner($right))->toContain(2.85 / 2);
});

it('draws a wax and the ring that comes of it, each as thick as it is', function (): void {
    $view = Drawn::of('wax.predict', ['bore' => 17.38, 'width' => 5.28, 'thickness' => 2.28])['predict'];
    $radii = static fn (string $style): array => array_column($view->circles($style), 2);
    expect($radii('outline'))->toEqualWithDelta([17.38 / 2, 17.38 / 2 + 2.28], 1e-9);
    [$inside, $outside] = $radii('finished');
    // 17.38 × 0.985 and twice 0.1 of finishing; 2.28 × 0.985 less 0.1 inside and 0.15 outside.
    expect(2 * $inside)->toEqualWithDelta(17.38 * 0.985 + 0.2, 1e-6)
        ->and($outside - $inside)->toEqualWithDelta(2.28 * 0.985 - 0.25, 1e-6);
});

it('draws clay larger on its mandrel by what it shrinks', function (): void {
    $view = Drawn::of('clay.ring', ['inner_diameter' => 17.4, 'width' => 5, 'thickness' => 1.6,
        'shrinkage' => 0.11])['clay'];
    $wet = min(array_column($view->circles('outline'), 2));
    $fired = min(array_column($view->circles('finished'), 2));
    expect($fired / $wet)->toEqualWithDelta(0.89, 1e-6);
});

it('sets divisions off where the dividers stand, from the nearer edge', function (): void {
    $lines = array_filter(
        Drawn::of('layout.divide', ['total' => 60, 'parts' => 4])['parts']->toArray()['shapes'],
        static fn (array $shape): bool => $shape['kind'] === 'line' && in_array($shape['style'], ['measure',
            'finished'], true),
    );
    // 15, 30 and 45 of 60 on a bar of 120.
    expect(array_values(array_column($lines, 'x1')))->toEqualWithDelta([30.0, 60.0, 90.0], 1e-9);
});

it('draws the longer side of a pair to be taken down, and lengths as they were measured', function (): void {
    $view = Drawn::of('layout.symmetry', ['pairs' => [['name' => 'shoulder', 'left' => 3.4, 'right' => 3.1]]])['pairs'];
    $long = static function (string $style) use ($view): float {
        preg_match('/ h(\S+) v/', array_values(array_filter(
            $view->toArray()['shapes'], static fn (array $shape): bool => $shape['style'] === $style,
        ))[0]['d'], $found);

        return (float) $found[1];
    };
    expect($long('fill-caution') / $long('fill-wax'))->toEqualWithDelta(3.4 / 3.1, 1e-4);
});

it('draws a bar cut from one end, its pieces no longer than they are', function (): void {
    $given = ['stock_length' => 120, 'kerf' => 0.5, 'pieces' => [['name' => 'shank', 'length' => 60, 'count' => 1],
        ['name' => 'shoulder', 'length' => 12, 'count' => 2]]];
    $bar = Drawn::of('stock.cut', $given)['bar']->toArray();
    preg_match_all('/M(\S+) \S+ h(\S+) v/', implode(' ', array_column(array_filter(
        $bar['shapes'], static fn (array $shape): bool => $shape['style'] === 'fill-metal',
    ), 'd')), $found, PREG_SET_ORDER);
    $cut = array_map(static fn (array $one): array => [(float) $one[1], (float) $one[2]], $found);
    // Each begins a saw cut after the one before.
    expect($cut)->toEqualWithDelta([[0, 60], [60.5, 12], [73, 12]], 1e-3);
});

it('shares the flame as the masses do, and a block of wax as it was measured', function (): void {
    $flame = Drawn::of('join.advice', [
        'parts' => [['id' => 'shank', 'mass' => 4], ['id' => 'bezel', 'mass' => 1]], 'between' => 'shank, bezel',
    ])['flame']->toArray();
    $texts = array_column(array_filter(
        $flame['shapes'], static fn (array $shape): bool => $shape['kind'] === 'text',
    ), 'text');
    expect(array_values($texts))->toBe(['80 %', '20 %']);
    $front = Drawn::of('wax.density', ['mass' => 9.8, 'length' => 25, 'width' => 20, 'height' => 18])['block']
        ->paths('outline')[0];
    expect(reach($front))->toEqualWithDelta([25.0, 18.0], 1e-3);
});

it('draws flask and metal where they stand on one scale of heat', function (): void {
    $view = Drawn::of('pour.temperatures', ['alloy' => 'sterling-925'])['heat']->toArray();
    preg_match('/ h(\S+) v/', array_values(array_filter(
        $view['shapes'], static fn (array $shape): bool => $shape['style'] === 'fill-invest',
    ))[0]['d'], $flask);
    // The flask at 480 of a scale that ends 100 over the metal's 959.
    expect((float) $flask[1])->toEqualWithDelta(120 * 480 / 1059, 1e-3);
});

it('draws a tool as wide as it is, and one that is missing otherwise', function (): void {
    $tools = Drawn::of('tools.list', ['seats' => [['width' => 3, 'name' => 'side']], 'setting' => 'flush'])['tools'];
    $have = array_column($tools->circles('fill-metal'), 2);
    $miss = array_unique(array_column($tools->circles('ghost'), 2));
    expect([...$have, ...$miss])->toContain(1.5 / 2)->and(max($have))->toBeLessThan(3 / 2);
});
