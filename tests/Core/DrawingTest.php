<?php

declare(strict_types=1);

use Tests\Support\Drawn;
use Tests\Support\Girdle;
use Tests\Support\OffSheet;
use Tests\Support\Slices;

/** @return list<array{float, float}> how wide and high each box of a style is */
function boxesOf(Drawn $drawn, string $style): array
{
    $boxes = [];
    foreach ($drawn->toArray()['shapes'] as $shape) {
        if ($shape['style'] === $style && preg_match('/ h(\S+) v(\S+)/', $shape['d'] ?? '', $found)) {
            $boxes[] = [(float) $found[1], (float) $found[2]];
        }
    }

    return $boxes;
}

it('draws a ring thick where it is thick: top above, base below', function (): void {
    $ring = Drawn::of(
        'form.band',
        ['inner_diameter' => 17, 'width_top' => 6, 'width_base' => 3, 'thickness_top' => 2.4, 'thickness_base' => 1.6],
    )['ring'];
    $outer = $ring->paths('outline')[0];
    $heights = array_column($outer, 1);
    expect(min($heights))
        ->toEqualWithDelta(-(8.5 + 2.4), 1e-3)->and(max($heights))->toEqualWithDelta(8.5 + 1.6, 1e-3)
        ->and($ring->circles('outline')[0])->toEqualWithDelta([0, 0, 8.5], 1e-9);
    foreach ($outer as [$x, $y]) {
        // t(θ) = base + (top − base)(1 + cos θ) ÷ 2, θ from the top.
        $share = (1 - $y / hypot($x, $y)) / 2;
        expect(hypot($x, $y))->toEqualWithDelta(8.5 + 1.6 + 0.8 * $share, 2e-3);
    }
});

it('draws a section as wide, as thick and as full as it is', function (
    string $profile, float $width, float $thickness,
): void {
    $given = [
        'inner_diameter' => 17, 'profile' => $profile, 'width_top' => $width, 'thickness_top' => $thickness,
        ...($profile === 'knife' ? ['edge' => 0.9] : []),
    ];
    $points = Drawn::of('form.band', $given)['section-top']->paths('outline')[0];
    $slices = Slices::of($profile, $width, $thickness, ['edge' => 0.9]);
    expect(max(array_column($points, 0)))
        ->toEqualWithDelta($width / 2, 5e-3)->and(min(array_column($points, 0)))->toEqualWithDelta(-$width / 2, 5e-3)
        ->and(min(array_column($points, 1)))
        ->toEqualWithDelta(-$thickness, 5e-3)->and(max(array_column($points, 1)))->toEqualWithDelta(0, 5e-3)
        ->and(Drawn::area($points) / $slices->area)->toEqualWithDelta(1, 0.01);
    // The finger side lies at the foot: more of a half-round is below its middle.
    $sum = array_sum(array_map(static fn (array $point): float => $point[1], $points)) / count($points);
    expect($sum)->toBeLessThan(0.0);
})->with(
    [
        ['flat', 5.0, 2.0], ['half-round', 4.2, 1.8], ['half-round', 3.0, 2.2], ['court', 5.0, 2.2],
        ['round', 2.4, 2.2], ['knife', 5.0, 2.6],
    ],
);

it('unrolls a band widest at its top, in the middle, and narrow at both ends', function (): void {
    $points = Drawn::of(
        'form.band', ['inner_diameter' => 17, 'width_top' => 6, 'width_base' => 3, 'thickness_top' => 2],
    )['unrolled']->paths('outline')[0];
    $wide = static fn (float $x): float => 2 * max(
        array_map(static fn (array $point): float => abs($point[0] - $x) < 0.7 ? abs($point[1]) : 0.0, $points),
    );
    $round = max(array_column($points, 0));
    expect($round)
        ->toEqualWithDelta(M_PI * 17, 1e-2)->and($wide($round / 2))->toEqualWithDelta(6, 0.01)->and($wide(0))
        ->toEqualWithDelta(3, 0.03)->and($wide($round))->toEqualWithDelta(3, 0.03)->and($wide($round / 4))
        ->toEqualWithDelta(4.5, 0.15);
});

it('draws a girdle, and a bezel round it, as large as they are', function (
    string $shape, float $length, float $width,
): void {
    $given = [
        'shape' => $shape, 'width' => $width,
        ...($shape === 'round' || $shape === 'trillion' ? [] : ['length' => $length]),
    ];
    $girdle = Girdle::of($shape, $length, $width);
    $stone = Drawn::of('stone.outline', $given)['head']->paths('outline')[0];
    expect(Drawn::area($stone) / $girdle->area)
        ->toEqualWithDelta(1, 3e-3)->and(max(array_column($stone, 0)) - min(array_column($stone, 0)))
        ->toEqualWithDelta($width, 2e-2);
    $bent = Drawn::of('seat.bezel', [...$given, 'corners' => 'bent'])['head']->paths('outline');
    $outside = max(array_map(Drawn::area(...), $bent));
    // Steiner: A + P δ + π δ².
    expect($outside / ($girdle->area + $girdle->perimeter * 0.45 + M_PI * 0.45 ** 2))->toEqualWithDelta(1, 4e-3);
})->with(
    [
        ['round', 6.5, 6.5], ['oval', 9.0, 7.0], ['marquise', 10.0, 5.0], ['pear', 9.0, 6.0], ['cushion', 8.0, 7.0],
        ['octagon', 10.0, 8.0], ['rectangle', 7.0, 5.0], ['trillion', 6.0, 6.0],
    ],
);

it('draws a scored bezel to its mitres', function (string $shape, float $length, float $width): void {
    $given = [
        'shape' => $shape, 'width' => $width, ...($shape === 'trillion' ? ['ratio' => 0] : ['length' => $length]),
        'corners' => 'scored',
    ];
    $outer = null;
    foreach (Drawn::of('seat.bezel', $given)['head']->paths('outline') as $path) {
        $outer = $outer === null || Drawn::area($path) > Drawn::area($outer) ? $path : $outer;
    }
    $bezel = reckon('seat.bezel', $given);
    expect(
        max(array_column($outer, 0)) - min(array_column($outer, 0)),
    )->toEqualWithDelta($bezel->num('outside_width'), 2e-3)
        ->and(max(array_column($outer, 1)) - min(array_column($outer, 1)))
        ->toEqualWithDelta($bezel->num('outside_length'), 2e-3);
    if ($shape === 'rectangle') {
        expect(Drawn::area($outer))->toEqualWithDelta(($length + 0.9) * ($width + 0.9), 1e-2);
    }
})->with(
    [
        ['rectangle', 7.0, 5.0], ['octagon', 10.0, 8.0], ['marquise', 10.0, 5.0], ['pear', 9.0, 6.0],
        ['trillion', 6.0, 6.0],
    ],
);

it('points a pear upward, and stands each claw where the sheet says', function (string $shape): void {
    $given = ['shape' => $shape, 'length' => 9, 'width' => 6, 'wire' => 1];
    $claws = Drawn::of('seat.claw', $given)['head']->circles('fill-metal');
    $places = array_map(
        static fn (array $place): array => [$place['x_mm'], -$place['y_mm'], 0.5],
        reckon('seat.claw', $given)->value('places'),
    );
    sort($claws);
    sort($places);
    expect($claws)->toEqualWithDelta($places, 1e-9);
    $stone = Drawn::of('stone.outline', ['shape' => $shape, 'length' => 9, 'width' => 6])['head']->paths('outline')[0];
    $top = min(array_column($stone, 1));
    $base = max(array_column($stone, 1));
    expect($base - $top)
        ->toEqualWithDelta(9, 1e-2)->and($shape === 'pear' ? -$top > $base + 0.5 : abs(-$top - $base) < 1e-2)
        ->toBeTrue();
})->with(['pear', 'oval', 'octagon', 'rectangle', 'marquise']);

it('draws a halo’s stones full size, none over another', function (): void {
    $given = ['shape' => 'pear', 'length' => 9, 'width' => 6, 'stone_diameter' => 1.3];
    $stones = Drawn::of('layout.halo', $given)['head']->circles('fill-stone');
    expect(count($stones))->toEqual(reckon('layout.halo', $given)->num('count'));
    foreach ($stones as $at => [$x, $y, $radius]) {
        expect($radius)->toEqualWithDelta(0.65, 1e-9);
        foreach (array_slice($stones, $at + 1) as [$otherX, $otherY]) {
            expect(hypot($x - $otherX, $y - $otherY))->toBeGreaterThanOrEqual(1.4 - 1e-6);
        }
    }
});

it('stands sprues on the fed side, and crucible, flask and weight at their radii', function (): void {
    $tree = Drawn::of(
        'sprue.size',
        [
            'profile' => 'flat', 'width' => 5, 'thickness' => 2.4, 'thickness_base' => 1.6, 'inner_diameter' => 17,
            'count' => 1,
        ],
    )['tree'];
    [$rod] = $tree->paths('fill-sprue');
    // One rod, from the base of the ring down: 8.5 + 1.6 under the middle of the bore.
    expect(min(array_column($rod, 1)))
        ->toEqualWithDelta(10.1, 1e-3)->and(max(array_column($rod, 0)) + min(array_column($rod, 0)))
        ->toEqualWithDelta(0, 1e-3);
    $arm = Drawn::of(
        'spin.balance',
        [
            'crucible_mass' => 400, 'flask_mass' => 900, 'charge_mass' => 30, 'crucible_radius' => 120,
            'flask_radius' => 180, 'counterweight_mass' => 1500,
        ],
    )['arm'];
    [$crucible] = $arm->circles('fill-hot');
    [, $weight] = $arm->circles('fill-metal');
    // (430 × 120 + 900 × 180) ÷ 1500 on the other side.
    expect($weight[0] / $crucible[0])->toEqualWithDelta(-142.4 / 120, 1e-6);
});

it('makes a dimension larger by what pulling its end by a millimetre says', function (
    string $sheet, array $given,
): void {
    $pulled = 0;
    foreach (Drawn::of($sheet, $given) as $name => $view) {
        foreach ($view->pulled() as $at => $dimension) {
            $value = $given[$dimension['name']] ?? $dimension['shows'];
            $larger = Drawn::of($sheet, [...$given, $dimension['name'] => $value + 0.2])[$name]->pulled()[$at];
            [$x, $y, $factor] = $dimension['pull'];
            $move = static fn (int $end): float => ($larger['line'][$end][0] - $dimension['line'][$end][0]) * $x
                + ($larger['line'][$end][1] - $dimension['line'][$end][1]) * $y;
            expect($larger['name'])
                ->toBe($dimension['name'])->and($move(1) * $factor)
                ->toEqualWithDelta(
                    0.2, ($given['shape'] ?? '') === 'pear' ? 0.04 : 1e-6, "{$sheet} {$dimension['name']}",
                );
            $pulled++;
        }
    }
    expect($pulled)->toBeGreaterThan(0);
})->with([
    'band' => [
        'form.band',
        ['inner_diameter' => 17, 'width_top' => 6, 'width_base' => 3, 'thickness_top' => 2.4, 'thickness_base' => 1.6],
    ],
    'stone' => ['stone.outline', ['shape' => 'octagon', 'length' => 10, 'width' => 8]],
    // A pear lies on its centroid, which moves as it grows: its end runs a little ahead of the pointer.
    'pear' => ['stone.outline', ['shape' => 'pear', 'length' => 10, 'width' => 7]],
]);

it('draws every sum but what is told in words, on its sheet, with its boxes on it', function (): void {
    $told = $off = [];
    foreach (HotSprue\Samples\Samples::all() as $name => $samples) {
        $views = array_merge(...array_map(static fn (array $in): array => array_values(Drawn::of($name, $in)),
            $samples));
        $views === [] and $told[] = $name;
        foreach ($views as $drawn) {
            $view = $drawn->toArray();
            $off = [...$off, ...array_map(static fn (string $one): string => "{$name}: {$one}",
                OffSheet::shapes($view))];
            [$x, $y, $wide, $high] = $view['box'];
            foreach ($view['dimensions'] as $one) {
                [$atX, $atY] = $one['at'];
                if ($atX < $x || $atX > $x + $wide || $atY < $y || $atY > $y + $high) {
                    $off[] = "{$name}: {$one['name']}";
                }
            }
        }
    }
    expect($told)->toBe(['care.advice'])->and($off)->toBe([]);
});

it('shows in every box a figure that its sum has', function (): void {
    foreach (HotSprue\Samples\Samples::all() as $name => $samples) {
        $sum = HotSprue\Calculations::describe($name);
        foreach (Drawn::of($name, $samples[0]) as $drawn) {
            foreach ($drawn->toArray()['dimensions'] as $one) {
                $figure = $one['kind'] === 'input' ? $sum->input($one['name']) : $sum->result($one['name']);
                expect($figure)->not->toBeNull("{$name} {$one['kind']} {$one['name']}");
            }
        }
    }
});

it('sets out as many pieces on a sheet as it gives, none over another or over the edge', function (): void {
    // Rows of floor((50 + 0.5) ÷ (12 + 0.5)) = 4 and floor((80 + 0.5) ÷ 12.5) = 6.
    $given = ['sheet_width' => 50, 'sheet_length' => 80, 'thickness' => 0.8, 'shape' => 'disc', 'width' => 12,
        'gap' => 0.5];
    $discs = Drawn::of('plate.cut', [...$given, 'count' => 5])['sheet'];
    [$wanted, $spare] = [$discs->circles('finished'), $discs->circles('thin')];
    expect($wanted)->toHaveCount(5)->and($spare)->toHaveCount(19);
    $all = [...$wanted, ...$spare];
    foreach ($all as $at => [$x, $y, $radius]) {
        expect($radius)->toEqualWithDelta(6, 1e-9)->and(min($x, $y))->toBeGreaterThanOrEqual(6 - 1e-9)
            ->and($x)->toBeLessThanOrEqual(80 - 6 + 1e-9)->and($y)->toBeLessThanOrEqual(50 - 6 + 1e-9);
        foreach (array_slice($all, $at + 1) as [$otherX, $otherY]) {
            expect(hypot($x - $otherX, $y - $otherY))->toBeGreaterThan(12.499);
        }
    }
});

it('draws powder over water as they weigh, and a clock whose slices are its stages', function (): void {
    $given = ['flask_diameter' => 64, 'flask_height' => 76, 'water_per_100' => 40];
    ['levels' => $levels, 'clock' => $clock] = Drawn::of('investment.mix', $given);
    // 40 ml of water, which are 40 g, go to 100 g of powder.
    expect(boxesOf($levels, 'fill-stone')[0][1] / boxesOf($levels, 'fill-invest')[0][1])->toEqualWithDelta(0.4, 1e-3);
    $round = M_PI * 22 ** 2;
    $slices = array_merge($clock->paths('fill-invest'), $clock->paths('fill-paper'));
    expect(array_sum(array_map(Drawn::area(...), $slices)))->toEqualWithDelta($round, $round * 0.01);
});

it('draws forged metal as much longer as it became, and a plate of stones that stand no heat', function (): void {
    $bars = Drawn::of('forge.length', ['width' => 4, 'thickness' => 2, 'length' => 12, 'thickness_after' => 1])['bars'];
    [$before, $after] = array_column(boxesOf($bars, 'fill-metal'), 0);
    expect($after / $before)->toEqualWithDelta(2, 1e-3);
    $grid = Drawn::of('care.check', ['stones' => [['species' => 'opal'], ['species' => 'diamond']]])['stands'];
    $words = array_column(array_filter(
        $grid->toArray()['shapes'], static fn (array $shape): bool => $shape['kind'] === 'text',
    ), 'text');
    expect($words)->toContain('opal', 'diamond', 'torch', 'no', 'stands');
});
