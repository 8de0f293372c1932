<?php

declare(strict_types=1);

use HotSprue\Calculation\Level;
use Tests\Support\Drawn;

it('makes a tube bezel of the tube: its own outside, volume and mass, and no strip', function (): void {
    $tube = reckon(
        'seat.bezel',
        ['shape' => 'round', 'width' => 3, 'made_from' => 'tube', 'alloy' => 'sterling-925', 'wall' => 0.2],
    );
    $height = 0.43 * 3 + 0.4 + 0.03 * 3 + 0.3;
    $volume = M_PI / 4 * (3.9 ** 2 - 2.5 ** 2) * $height;
    expect(
        [$tube->num('outside_width'), $tube->num('outside_length'), $tube->num('tube_inside')],
    )->toBe([3.9, 3.9, 2.5])
        ->and($tube->num('strip_height'))->toEqualWithDelta($height, 1e-9)
        ->and($tube->num('volume_mm3'))->toEqualWithDelta($volume, 1e-9)
        ->and($tube->num('mass'))->toEqualWithDelta($volume * 10.36 / 1000, 1e-9)
        // The wall of the strip that is not used says nothing here.
        ->and($tube->value('strip_length'))->toBeNull()->and($tube->findings)->toBe([]);
    $metal = Drawn::of(
        'seat.bezel', ['shape' => 'round', 'width' => 3, 'made_from' => 'tube'],
    )['head']->paths('outline')[0];
    expect(max(array_column($metal, 0)) - min(array_column($metal, 0)))->toEqualWithDelta(3.9, 0.01);
});

it('takes the slimmest tube that leaves a wall, and strip where there is none', function (
    float $stone, ?string $tube,
): void {
    $answer = reckon('seat.bezel', ['shape' => 'round', 'width' => $stone, 'made_from' => 'tube']);
    expect($answer->value('tube'))
        ->toBe($tube)->and(array_column($answer->findings, 'code'))->toBe($tube === null ? ['no-tube'] : []);
})->with([
    '0.8 under the stone, wall of 0.3' => [2.8, '3.4 × 2.0'],
    'just over' => [2.81, '3.9 × 2.5'],
    '0.2 under the stone' => [1.2, '2.2 × 1.0'],
    'just under' => [1.19, null],
    'too large for any' => [6.1, null],
]);

it('says of one flush or bead seat the same in both sheets', function (string $style, float $below): void {
    $seat = reckon('seat.round', ['diameter' => 2.4, 'style' => $style]);
    $under = reckon(
        'seat.depth',
        ['diameter' => 2.4, 'style' => $style, 'thickness' => 2.2, 'inner_diameter' => 17.3, 'pitch' => 2.9],
    );
    expect($seat->num('girdle_below'))->toEqualWithDelta($below, 1e-9)
        ->and($seat->num('seat_depth'))->toEqualWithDelta($below + 0.072, 1e-9)
        ->and($under->num('seat_depth'))->toEqualWithDelta($below + 0.072, 1e-9)
        ->and($under->num('culet_height'))->toEqualWithDelta(2.2 - $below - 0.072 - 0.43 * 2.4, 1e-9)
        // The opened hole is looked at where this seat's culet lies, not where a flush one's would.
        ->and($under->num('wall_at_culet'))
        ->toEqualWithDelta(2.9 * (10.85 - $below - 0.46 * 2.4) / 10.85 - 0.7 * 2.4, 1e-9);
})->with([['flush', 0.36], ['bead', 0.12], ['shared', 0.12]]);

it('leaves crown and pavilion as they are when the girdle alone is measured', function (): void {
    $thick = reckon('seat.depth', ['diameter' => 5, 'thickness' => 4, 'inner_diameter' => 17, 'girdle_height' => 0.4]);
    expect($thick->num('culet_height'))->toEqualWithDelta(4 - 0.15 * 5 - 0.4 - 0.43 * 5, 1e-9);
    $measured = reckon(
        'seat.depth',
        ['diameter' => 5, 'thickness' => 4, 'inner_diameter' => 17, 'girdle_height' => 0.4, 'depth' => 3.3],
    );
    expect($measured->num('culet_height'))->toEqualWithDelta(4 - 3.3, 1e-9)
        ->and($measured->num('seat_depth'))->toEqualWithDelta(2.9 * 15 / 58 + 0.4, 1e-9);
});

it('finds between the stones of a row what it finds between two seats', function (float $gap, float $below): void {
    $row = reckon(
        'layout.row',
        [
            'sizes' => [1.6, 1.6, 1.6], 'gap' => $gap, 'outer_diameter' => 21, 'girdle_depth' => $below,
            'thickness' => 1.9,
        ],
    );
    // Their straight distance at the girdles, carried out to the surface.
    $pitch = (1.6 + $gap) * 10.5 / (10.5 - $below);
    $two = reckon(
        'seat.depth',
        ['diameter' => 1.6, 'girdle_below' => $below, 'thickness' => 1.9, 'inner_diameter' => 17.2, 'pitch' => $pitch],
    );
    foreach ([
        'girdle_gap' => 'girdle_gap', 'least_wall' => 'wall_at_culet', 'wall_at_finger' => 'wall_at_finger',
    ] as $of => $same) {
        expect($row->num($of))->toEqualWithDelta($two->num($same), 1e-9);
    }
    $codes = static fn ($answer): array => array_values(
        array_intersect(
            array_column($answer->findings, 'code'), ['girdles-close', 'girdles-overlap', 'seats-converge'],
        ),
    );
    expect($codes($row))->toBe($codes($two));
})->with([[0.1, 0.0], [0.1, 0.24], [0.04, 0.1], [0.0, 0.08], [0.3, 0.3]]);

it('clears what it found in a row by the gap that it offers', function (): void {
    $given = [
        'count' => 9, 'largest' => 2.2, 'smallest' => 1.4, 'outer_diameter' => 8.5, 'gap' => 0.02, 'thickness' => 1.6,
    ];
    $tight = reckon('layout.row', $given);
    $set = array_merge(...array_map(static fn ($finding): array => $finding->set, $tight->findings));
    $clear = reckon('layout.row', [...$given, ...$set]);
    $stops = static fn ($answer): array => array_filter(
        $answer->findings,
        static fn ($finding): bool => $finding->level !== Level::Note && $finding->code !== 'row-too-long',
    );
    expect($stops($tight))->not->toBe([])->and($stops($clear))->toBe([]);
});
