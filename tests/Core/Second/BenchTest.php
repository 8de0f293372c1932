<?php

declare(strict_types=1);

use Tests\Support\Draw;
use Tests\Support\Slices;

/** How far two directions are apart, degrees, where a whole turn has so many. */
function apart(float $one, float $other, float $turn): float
{
    $between = fmod(abs($one - $other), $turn);

    return min($between, $turn - $between);
}

/**
 * The next to push: farthest from every one done; of equals the one that lies where it is wished, else the lowest
 * number. A pair is wished square to the last, and counts only where it is; a single one as near to opposite as may be.
 *
 * @param  list<int>  $left
 * @param  list<int>  $done
 */
function farthest(array $left, array $done, float $step, float $turn, float $wish): int
{
    $best = null;
    foreach ($left as $one) {
        $far = min(array_map(static fn (int $before): float => apart($one * $step, $before * $step, $turn), $done));
        $miss = apart($one * $step, $wish, $turn);
        $miss = $turn === 180.0 ? (float) ($miss > 1e-6) : $miss;
        if ($best === null || $far > $best[1] + 1e-6 || ($far > $best[1] - 1e-6 && $miss < $best[2] - 1e-6)) {
            $best = [$one, $far, $miss];
        }
    }

    return $best[0];
}

it('pushes opposite, then across, then between, whatever the count', function (int $count): void {
    $sequence = reckon('set.sequence', ['count' => $count])->value('sequence');
    $name = static fn (int $step): int => $step === 0 ? $count : $step;
    $even = $count % 2 === 0;
    [$places, $turn] = $even ? [intdiv($count, 2), 180.0] : [$count, 360.0];
    [$done, $left] = [[0], range(1, $places - 1)];
    while ($left !== []) {
        $last = $done[count($done) - 1] * 360 / $count;
        $done[] = $next = farthest($left, $done, 360 / $count, $turn, $last + ($even ? 90 : 180));
        $left = array_values(array_diff($left, [$next]));
    }
    expect($sequence)->toEqual(
        $even ? array_map(
            static fn (int $step): array => [$name($step), $step + $places], $done,
        ) : array_map($name, $done),
    );
})->with(range(3, 24));

it('anneals before the metal has gone as far as it goes', function (int $seed): void {
    $draw = new Draw(23000 + $seed);
    [$before, $after] = [$draw->between(6, 20), $draw->between(0.4, 5)];
    $passes = reckon(
        'anneal.passes',
        ['alloy' => 'sterling-925', 'work' => 'draw', 'area_before' => $before, 'area_after' => $after],
    );
    // At most half of the area goes between two anneals: halve, and count.
    [$area, $count] = [$before, 0];
    while ($area > $after * (1 + 1e-12)) {
        $area /= 2;
        $count++;
    }
    expect($passes->num('strain'))
        ->toEqualWithDelta(1 - $after / $before, 1e-9)->and($passes->num('anneals'))->toEqual($count);
})->with(range(1, 20));

it('cuts an inlay to the floor that it lies on, and chips to the joint that they fill', function (int $seed): void {
    $draw = new Draw(24000 + $seed);
    [$floor, $width, $thickness] = [$draw->between(16, 22), $draw->between(1, 4), $draw->between(0.4, 1)];
    $profile = $draw->pick(['flat', 'half-round']);
    $inlay = reckon(
        'inlay.fit', ['floor_diameter' => $floor, 'width' => $width, 'thickness' => $thickness, 'profile' => $profile],
    );
    expect($inlay->num('length'))->toEqualWithDelta(
        M_PI * ($floor + 2 * Slices::of($profile, $width, $thickness)->centroid), 2e-3,
    );
    [$long, $thick] = [$draw->between(1, 30), $draw->between(0.3, 3)];
    // A hair of gap, 0.07 mm; a chip of 1 × 1 × 0.25; and one more.
    expect(
        reckon('join.chips', ['length' => $long, 'section' => $thick])->num('chips'),
    )->toEqual((int) ceil(round($long * $thick * 0.07 / 0.25, 9)) + 1);
})->with(range(1, 30));

it('opens a seat in the shares that the bench knows', function (int $seed): void {
    $draw = new Draw(25000 + $seed);
    $diameter = $draw->between(1, 6);
    $seat = reckon('seat.round', ['diameter' => $diameter]);
    foreach (['pilot' => 0.5, 'opened' => 0.7, 'ball' => 0.9, 'bearing' => 0.95] as $tool => $share) {
        expect($seat->num($tool))->toEqualWithDelta($share * $diameter, 1e-9);
    }
    [$thickness, $inside] = [$draw->between(1.8, 4), $draw->between(15, 21)];
    $pitch = $diameter + $draw->between(0.2, 0.8);
    $under = reckon(
        'seat.depth',
        ['diameter' => $diameter, 'thickness' => $thickness, 'inner_diameter' => $inside, 'pitch' => $pitch],
    );
    // Crown 15 %, girdle 3 %, pavilion 43 % of the diameter; on a radius, what is deeper is nearer together.
    $radius = $inside / 2 + $thickness;
    $gap = static fn (float $depth, float $hole): float => $pitch * ($radius - $depth) / $radius - $hole;
    expect($under->num('metal_below'))
        ->toEqualWithDelta($thickness - 0.18 * $diameter, 1e-9)->and($under->num('culet_height'))
        ->toEqualWithDelta($thickness - 0.61 * $diameter, 1e-9)
        ->and($under->num('wall_at_culet'))
        ->toEqualWithDelta($gap(0.61 * $diameter, 0.7 * $diameter), 1e-9)->and($under->num('wall_at_finger'))
        ->toEqualWithDelta($gap($thickness, 0.5 * $diameter), 1e-9)
        ->and($under->num('girdle_gap'))->toEqualWithDelta($gap(0.18 * $diameter, $diameter), 1e-9);
    $levels = array_map(static fn ($finding): string => $finding->level->value, $under->findings);
    $culet = $thickness - 0.61 * $diameter;
    if ($culet < 0.2 - 1e-9
        || min($gap(0.61 * $diameter, 0.7 * $diameter), $gap($thickness, 0.5 * $diameter)) < 0.2 - 1e-9
        || $gap(0.18 * $diameter, $diameter) < -1e-9) {
        expect($levels)->toContain('stop');
    } else {
        expect($levels)
            ->not->toContain('stop')->and(in_array('caution', $levels, true))
            ->toBe($culet < 0.4 - 1e-9 || $gap(0.18 * $diameter, $diameter) < 0.05 - 1e-9);
    }
})->with(range(1, 40));

it('hands over what the balance says', function (int $seed): void {
    $draw = new Draw(26000 + $seed);
    [$piece, $carats, $given, $returned, $size] = [
        $draw->between(3, 15), $draw->between(0, 4), $draw->between(10, 30), $draw->between(0, 2),
        $draw->between(48, 60),
    ];
    $out = reckon(
        'hand.over',
        [
            'piece_mass' => $piece, 'stones_carats' => $carats, 'expected_mass' => 7.9, 'wanted_diameter' => 17.32,
            'size_measured' => $size, 'alloy' => '14k-yellow', 'client_metal' => $given, 'client_returned' => $returned,
        ],
    );
    expect($out->num('metal_mass'))
        ->toEqualWithDelta($piece - $carats / 5, 1e-9)->and($out->num('fine_mass'))
        ->toEqualWithDelta(0.585 * ($piece - $carats / 5), 1e-9)
        ->and($out->num('client_balance'))
        ->toEqualWithDelta($given - $returned - $piece + $carats / 5, 1e-9)->and($out->num('size_off'))
        ->toEqualWithDelta($size / M_PI - 17.32, 1e-9);
})->with(range(1, 20));
