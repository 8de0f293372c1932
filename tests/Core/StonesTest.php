<?php

declare(strict_types=1);

use HotSprue\Layout\LayoutHalo;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;

// Expected figures are the workbook's, or reckoned here another way: from a fine polygon, or by hand.

dataset('outlines', [
    'round' => [Shape::Round, 6.5, 6.5], 'oval' => [Shape::Oval, 10.0, 8.0], 'long oval' => [Shape::Oval, 14.0, 4.0],
    'marquise' => [Shape::Marquise, 10.0, 5.0], 'pear' => [Shape::Pear, 9.0, 6.0],
    'cushion' => [Shape::Cushion, 8.0, 7.0], 'octagon' => [Shape::Octagon, 8.0, 6.0],
    'rectangle' => [Shape::Rectangle, 7.0, 5.0], 'trillion' => [Shape::Trillion, 6.0, 6.0],
]);

/**
 * @return array{float, float, float, float} perimeter, area, centroid of the polygon through so many points of the
 * parallel
 */
function polygon(Outline $outline, float $offset, int $count = 6000): array
{
    $points = $outline->parallel($offset)->points($count);
    $perimeter = $area = $mx = $my = 0.0;
    foreach ($points as $i => [$x1, $y1]) {
        [$x2, $y2] = $points[($i + 1) % $count];
        $cross = $x1 * $y2 - $x2 * $y1;
        $perimeter += hypot($x2 - $x1, $y2 - $y1);
        $area += $cross / 2;
        $mx += ($x1 + $x2) * $cross / 6;
        $my += ($y1 + $y2) * $cross / 6;
    }

    return [$perimeter, $area, $mx / $area, $my / $area];
}

it('holds to the workbook’s perimeters and areas', function (
    string $shape, float $long, float $wide, float $perimeter, ?float $area,
): void {
    $outline = Outline::of(Shape::from($shape), $long, $wide);
    expect($outline->perimeter())->toEqualWithDelta($perimeter, 5e-5);
    expect(
        $area === null ? $outline->area() : abs($outline->area() - $area),
    )->toBeLessThan($area === null ? INF : 5e-5);
})->with(
    [
        ['oval', 10, 8, 28.3617, null], ['pear', 9, 6, 23.3342, 39.2975], ['marquise', 10, 5, 23.1824, null],
        ['cushion', 8, 7, 25.7938, null], ['trillion', 6, 6, 18.4762, null],
    ],
);

it('is the curve that a fine polygon follows, about its centroid, and its parallels obey Steiner', function (
    Shape $shape, float $long, float $wide,
): void {
    $outline = Outline::of($shape, $long, $wide);
    [$perimeter, $area, $x, $y] = polygon($outline, 0.0);
    expect($outline->area())
        ->toEqualWithDelta($area, 1e-4)->and($outline->perimeter())->toEqualWithDelta($perimeter, 0.004)
        ->and($x)->toEqualWithDelta(0.0, 1e-6)->and($y)->toEqualWithDelta(0.0, 3e-3);
    foreach ([0.1, 0.8, 3.0] as $r) {
        expect($outline->parallel($r)->length)->toEqualWithDelta($outline->perimeter() + 2 * M_PI * $r, 1e-9)
            ->and(polygon($outline, $r)[0])->toEqualWithDelta($outline->perimeter() + 2 * M_PI * $r, 0.002);
    }
})->with('outlines');

it('keeps a parallel everywhere at its distance, and mirrors itself', function (
    Shape $shape, float $long, float $wide,
): void {
    $outline = Outline::of($shape, $long, $wide);
    $edge = $outline->parallel(0.0)->points(4000);
    $parallel = $outline->parallel(0.7);
    foreach ($parallel->points(40) as $index => [$x, $y]) {
        $nearest = min(array_map(static fn (array $p): float => hypot($p[0] - $x, $p[1] - $y), $edge));
        [$mx, $my] = $parallel->at($parallel->length - $parallel->length * $index / 40);
        expect($nearest)
            ->toEqualWithDelta(0.7, 2e-3)->and($mx)->toEqualWithDelta(-$x, 1e-7)->and($my)->toEqualWithDelta($y, 1e-7);
    }
    expect($parallel->at(0.0)[0])->toEqualWithDelta(0.0, 1e-9);
})->with('outlines');

it('puts a trillion’s centre off the middle', function (): void {
    $straight = reckon('stone.outline', ['shape' => 'trillion', 'width' => 10, 'ratio' => 0]);
    $bowed = reckon('stone.outline', ['shape' => 'trillion', 'width' => 10]);
    expect($straight->num('centroid_to_base'))
        ->toEqualWithDelta(10 * sqrt(3) / 6, 1e-6)->and($straight->num('centroid_to_top'))
        ->toEqualWithDelta(10 / sqrt(3), 1e-6)
        ->and($bowed->num('centroid_to_base'))->toEqualWithDelta(10 * sqrt(3) / 6 + 1, 1e-6);
});

it('estimates carats by shape', function (array $input, float $carats): void {
    expect(reckon('stone.weight', $input)->num('carats'))->toEqualWithDelta($carats, 1e-9);
})->with([
    'round diamond' => [
        ['shape' => 'round', 'width' => 6.5, 'depth' => 4, 'species' => 'diamond'], 0.0018 * 6.5 ** 2 * 4 * 3.52,
    ],
    'oval ruby' => [
        ['shape' => 'oval', 'length' => 8, 'width' => 6, 'depth' => 4, 'species' => 'ruby'], 0.0020 * 8 * 6 * 4 * 4.00,
    ],
    'oval diamond' => [
        ['shape' => 'oval', 'length' => 8, 'width' => 6, 'depth' => 4, 'species' => 'diamond'],
        0.0018 * 8 * 6 * 4 * 3.52,
    ],
    'octagon at 1.25' => [
        ['shape' => 'octagon', 'length' => 7.5, 'width' => 6, 'depth' => 4, 'specific_gravity' => 1],
        0.00245 * 7.5 * 6 * 4,
    ],
    'octagon past 2.5' => [
        ['shape' => 'octagon', 'length' => 18, 'width' => 6, 'depth' => 4, 'specific_gravity' => 1],
        0.0030 * 18 * 6 * 4,
    ],
    'cabochon' => [
        ['shape' => 'oval', 'length' => 8, 'width' => 6, 'depth' => 3, 'species' => 'opal', 'cut' => 'cabochon'],
        0.0026 * 8 * 6 * 3 * 2.10,
    ],
]);

it('cuts the bezel strip to the neutral middle, or to the outside where it is scored', function (): void {
    $round = reckon('seat.bezel', ['shape' => 'round', 'width' => 6]);
    // A circle of 6 + 0.1 + 0.4 mm through the middle of the wall.
    expect($round->num('strip_length'))
        ->toEqualWithDelta(M_PI * 6.5, 1e-9)->and($round->num('outside_width'))->toEqualWithDelta(6.9, 1e-9)
        ->and($round->num('strip_height'))->toEqualWithDelta(0.43 * 6 + 0.4 + 0.18 + 0.4, 1e-9)
        ->and($round->num('wall_in_wax'))
        ->toEqualWithDelta(0.55 / 0.985, 1e-9)->and($round->num('seat_width_in_wax'))->toEqualWithDelta(6.0, 1e-9);
    // Scored round a rectangle it measures the outside: 2 × (7.9 + 5.9).
    expect(
        reckon('seat.bezel', ['shape' => 'rectangle', 'length' => 7, 'width' => 5])->num('strip_length'),
    )->toEqualWithDelta(2 * (7.9 + 5.9), 1e-9)
        ->and(
            reckon(
                'seat.bezel', ['shape' => 'rectangle', 'length' => 7, 'width' => 5, 'corners' => 'bent'],
            )->num('strip_length'),
        )
        ->toEqualWithDelta(24 + 2 * M_PI * 0.05 + M_PI * 0.4, 1e-9);
    // Without a ledge, a tube of wall 0.4 round a 6.1 hole.
    expect(
        reckon('seat.bezel', ['shape' => 'round', 'width' => 6, 'ledge_width' => 0])->num('volume_mm3'),
    )->toEqualWithDelta(M_PI / 4 * (6.9 ** 2 - 6.1 ** 2) * (0.43 * 6 + 0.4 + 0.18 + 0.4), 1e-9);
    // The ledge of 0.5 fills the hole to 5.1 up to the seat.
    expect(reckon('seat.bezel', ['shape' => 'round', 'width' => 6])->num('volume_mm3'))->toEqualWithDelta(
        M_PI / 4 * ((6.9 ** 2 - 6.1 ** 2) * (0.43 * 6 + 0.98) + (6.1 ** 2 - 5.1 ** 2) * (0.43 * 6 + 0.4)), 1e-9,
    );
    expect(
        reckon('seat.bezel', ['shape' => 'round', 'width' => 6.5, 'school' => 'to-size-in-wax'])->num('play_in_wax'),
    )->toEqualWithDelta(0.10, 0.002);
});

it('covers by the width, and never over 30 % of a dome', function (float $width, ?float $depth, float $cover): void {
    expect(
        reckon(
            'seat.bezel',
            [
                'shape' => 'round', 'width' => $width,
                ...($depth === null ? [] : ['depth' => $depth, 'cut' => 'cabochon']),
            ],
        )->num('cover'),
    )->toEqualWithDelta($cover, 1e-9);
})->with([[4.0, null, 0.3], [4.01, null, 0.4], [8.0, null, 0.4], [8.01, null, 0.5], [8.0, 1.0, 0.3]]);

it('takes claw wire by the mean diameter, and stands claws where they belong', function (float $d, float $wire): void {
    expect(reckon('seat.claw', ['shape' => 'round', 'width' => $d])->num('wire'))->toEqualWithDelta($wire, 1e-9);
})->with(
    [[2, 0.5], [2.01, 0.7], [3, 0.7], [3.01, 0.9], [5, 0.9], [5.01, 1.0], [7, 1.0], [7.01, 1.2], [9, 1.2], [9.01, 1.4]],
);

it('stands claws at the outline and half a wire less the notch', function (): void {
    $round = reckon('seat.claw', ['shape' => 'round', 'width' => 6, 'notch' => 0.3])->value('places');
    expect(array_column($round, 'angle_deg'))
        ->toEqualWithDelta([45, 135, 225, 315], 1e-9)->and(hypot($round[0]['x_mm'], $round[0]['y_mm']))
        ->toEqualWithDelta(3.2, 1e-9);
    expect(
        reckon('seat.claw', ['shape' => 'round', 'width' => 6, 'claws' => 3])->num('wire'),
    )->toEqualWithDelta(1.1, 1e-9);
    // An oval's claws stand where its normal lies at 45°: x = a² ÷ √(2(a² + b²)) …
    $oval = reckon(
        'seat.claw', ['shape' => 'oval', 'length' => 10, 'width' => 8, 'wire' => 1, 'notch' => 0.3],
    )->value('places');
    expect($oval[0]['x_mm'])->toEqualWithDelta(16 / sqrt(2) / sqrt((16 + 25) / 2) + 0.2 / sqrt(2), 1e-9);
    $pear = reckon('seat.claw', ['shape' => 'pear', 'length' => 9, 'width' => 6])->value('places');
    expect(array_column(array_filter($pear, static fn (array $c): bool => $c['v']), 'angle_deg'))
        ->toEqualWithDelta([90], 1e-9)->and($pear)->toHaveCount(3);
    expect(
        array_column(reckon('seat.claw', ['shape' => 'trillion', 'width' => 7])->value('places'), 'v'),
    )->toBe([true, true, true]);
    expect(reckon('seat.claw', ['shape' => 'octagon', 'length' => 8, 'width' => 6])->value('places'))->toHaveCount(4);
});

it('burs a 3.0 stone with a 2.85', function (): void {
    $seat = reckon('seat.round', ['diameter' => 3]);
    expect(
        [$seat->num('pilot'), $seat->num('opened'), $seat->num('ball'), $seat->num('bearing')],
    )->toEqualWithDelta([1.5, 2.1, 2.7, 2.85], 1e-9)
        ->and($seat->num('seat_depth'))->toEqualWithDelta(0.45 + 0.09, 1e-9);
});

it('fits eighteen of 1.3 round 6.5, by real distances', function (): void {
    $halo = reckon(
        'layout.halo',
        ['shape' => 'round', 'width' => 6.5, 'stone_diameter' => 1.3, 'edge_gap' => 0.15, 'stone_gap' => 0.1],
    );
    expect($halo->num('count_max'))->toEqual(18)->and($halo->num('ring_length'))->toEqualWithDelta(M_PI * 8.1, 1e-9)
        ->and($halo->num('gap_left'))->toEqualWithDelta(8.1 * sin(M_PI / 18) - 1.3, 1e-9)
        // Nineteen fit on a circle whose chord is 1.4.
        ->and($halo->num('edge_gap_for_one_more'))->toEqualWithDelta(0.7 / sin(M_PI / 19) - 3.25 - 0.65, 2e-3);
});

it('never fits one more than the most, on any outline', function (Shape $shape, float $long, float $wide): void {
    foreach ([0.9, 1.3, 2.1] as $d) {
        $input = ['shape' => $shape->value, 'length' => $long, 'width' => $wide, 'stone_diameter' => $d];
        $halo = reckon('layout.halo', $input);
        $closest = static function (array $places): float {
            $least = INF;
            foreach ($places as $i => $a) {
                foreach (array_slice($places, $i + 1) as $b) {
                    $least = min($least, hypot($a['x_mm'] - $b['x_mm'], $a['y_mm'] - $b['y_mm']));
                }
            }

            return $least;
        };
        expect($closest($halo->value('positions')))->toBeGreaterThanOrEqual($d + 0.1 - 1e-9)
            ->and(
                $closest(
                    reckon(
                        'layout.halo', [...$input, 'count' => (int) $halo->num('count_max') + 1],
                    )->value('positions'),
                ),
            )
            ->toBeLessThan($d + 0.1);
    }
})->with('outlines');

it('drills the axes first, then halves', function (): void {
    expect(LayoutHalo::drillOrder(8))
        ->toBe([1, 3, 5, 7, 2, 4, 6, 8])->and(array_slice(LayoutHalo::drillOrder(16), 0, 8))
        ->toBe([1, 5, 9, 13, 3, 7, 11, 15]);
    foreach ([3, 7, 18, 25] as $count) {
        $order = LayoutHalo::drillOrder($count);
        sort($order);
        expect($order)->toBe(range(1, $count));
    }
});

it('spaces a row by straight distances, alike on both sides, both ways round', function (): void {
    $row = reckon('layout.row', ['sizes' => [3, 2], 'outer_diameter' => 20, 'gap' => 0.1]);
    $angle = rad2deg(2 * asin(2.6 / 20));
    expect(array_column($row->value('stones'), 'angle_deg'))->toEqualWithDelta([-$angle, 0, $angle], 1e-9)
        ->and(array_column($row->value('stones'), 'diameter_mm'))->toEqual([2, 3, 2])
        ->and($row->num('total_arc_deg'))->toEqualWithDelta(2 * $angle + 2 * rad2deg(asin(0.1)), 1e-9);
    $graded = reckon('layout.row', ['count' => 5, 'largest' => 3, 'smallest' => 2, 'outer_diameter' => 22]);
    expect(array_column($graded->value('stones'), 'diameter_mm'))
        ->toEqual([2, 2.5, 3, 2.5, 2])->and(array_column($graded->value('other_way'), 'diameter_mm'))
        ->toEqual([3, 2.5, 2, 2.5, 3]);
    $even = reckon(
        'layout.row', ['count' => 4, 'largest' => 3, 'smallest' => 2, 'outer_diameter' => 22, 'middle' => 'small'],
    );
    expect(array_column($even->value('stones'), 'diameter_mm'))->toEqual([3, 2, 2, 3]);
});

it('closes letters on themselves', function (string $text): void {
    $letters = reckon('layout.lettering', ['text' => $text, 'outer_diameter' => 22, 'margin' => 2]);
    $cells = $letters->value('cells');
    expect(end($cells)['to_mm'])->toEqualWithDelta(M_PI * 22 - 2, 1e-9);
    foreach ($cells as $index => $cell) {
        expect($cell['from_mm'])->toEqualWithDelta($index === 0 ? 0 : $cells[$index - 1]['to_mm'], 1e-9)
            ->and($cell['step_mm'])->toEqualWithDelta(22 * sin(deg2rad($cell['to_deg'] - $cell['from_deg']) / 2), 1e-9);
    }
})->with(['Mind the tide', 'WILL·i·am', '☀️ 🌊 ☀️', 'é ø ß']);

it('takes a letter by its width, and a grapheme as one', function (): void {
    $cells = reckon('layout.lettering', ['text' => 'iMa 👩‍🚀!', 'outer_diameter' => 22])->value('cells');
    $unit = $cells[2]['to_mm'] - $cells[2]['from_mm'];
    expect(
        array_map(static fn (array $cell): float => round(($cell['to_mm'] - $cell['from_mm']) / $unit, 6), $cells),
    )->toEqual([0.6, 1.3, 1, 0.6, 1, 0.6]);
});

it('divides so that the parts make the whole, and sets dividers to the smaller side', function (): void {
    $lines = reckon('layout.divide', ['total' => 7.5, 'parts' => 3])->value('lines');
    expect(array_column($lines, 'setting_mm'))
        ->toEqualWithDelta([2.5, 2.5], 1e-9)->and(array_column($lines, 'at_mm'))->toEqualWithDelta([2.5, 5.0], 1e-9);
    $parts = reckon(
        'layout.divide', ['total' => 11.3, 'ratios' => [1, 2, 3.3, 0.7], 'kerf' => 0.15],
    )->value('parts_mm');
    expect(end($parts)['total_mm'])
        ->toEqualWithDelta(11.3, 1e-9)->and(array_sum(array_column($parts, 'part_mm')))
        ->toEqualWithDelta(11.3 - 0.45, 1e-9);
});

it('takes down the high side, worst first', function (): void {
    $differences = reckon(
        'layout.symmetry',
        [
            'pairs' => [
                ['name' => 'width', 'left' => 5, 'right' => 5.1], ['name' => 'shoulder', 'left' => 3.1, 'right' => 3.5],
            ],
        ],
    )->value('differences');
    expect($differences[0])
        ->toMatchArray(['name' => 'shoulder', 'take_down' => 'right'])->and($differences[0]['difference_mm'])
        ->toEqualWithDelta(0.4, 1e-9)->and($differences[1]['take_down'])->toBe('neither');
});

it('scales stones on a larger blank by their angle, opposites before neighbours', function (): void {
    $grid = reckon(
        'layout.grid',
        [
            'width' => 5, 'thickness' => 2, 'bore' => 17, 'wrapped_on' => 42,
            'stones' => [
                ['along' => 3, 'diameter' => 2], ['along' => -3, 'diameter' => 2], ['along' => 0, 'diameter' => 3],
            ],
        ],
    );
    expect(array_column($grid->value('stones'), 'along_mm'))
        ->toEqualWithDelta([6, -6, 0], 1e-9)->and($grid->num('quarter'))->toEqualWithDelta(42 * sin(M_PI / 4), 1e-9);
    $stones = array_values(
        array_filter($grid->value('lines'), static fn (array $line): bool => str_starts_with($line['key'], 'stone')),
    );
    expect($stones[0]['from'])
        ->toBe('at the top')->and($stones[1]['from'])->toStartWith('dividers at 5.98 before')->and($stones[2]['from'])
        ->toStartWith('dividers at 5.98 after');
});

it('refuses or answers what is hardly a stone', function (string $sheet, array $input, ?string $field): void {
    expect(array_keys(refused($sheet, $input)))->toBe($field === null ? [] : [$field]);
})->with([
    'a pear as wide as long' => ['stone.outline', ['shape' => 'pear', 'length' => 6, 'width' => 6], 'length'],
    'wider than long' => ['stone.outline', ['shape' => 'oval', 'length' => 5, 'width' => 6], 'length'],
    'an oval without a length' => ['stone.outline', ['shape' => 'oval', 'width' => 6], 'length'],
    'a round with a ratio' => ['stone.outline', ['shape' => 'round', 'width' => 6, 'ratio' => 0.1], 'ratio'],
    'an impossible bow' => ['stone.outline', ['shape' => 'trillion', 'width' => 6, 'ratio' => 0.4], 'ratio'],
    'zero depth' => ['stone.weight', ['shape' => 'round', 'width' => 6, 'depth' => 0, 'species' => 'ruby'], 'depth'],
    'a halo larger than its centre' => ['layout.halo', ['shape' => 'round', 'width' => 2, 'stone_diameter' => 3], null],
    'a halo of boulders' => ['layout.halo', ['shape' => 'round', 'width' => 0.5, 'stone_diameter' => 900], null],
    'two hundred letters' => ['layout.lettering', ['text' => str_repeat('a', 200), 'outer_diameter' => 22], 'text'],
    'no letters' => ['layout.lettering', ['text' => '', 'outer_diameter' => 22], 'text'],
    'nine claws' => ['seat.claw', ['shape' => 'pear', 'length' => 9, 'width' => 6, 'claws' => 4], 'claws'],
    'stones larger than the band' => ['layout.row', ['sizes' => [12], 'outer_diameter' => 20], 'outer_diameter'],
    'no stones' => ['care.check', ['stones' => []], 'stones'],
    'no pairs' => ['layout.symmetry', ['pairs' => []], 'pairs'],
]);
