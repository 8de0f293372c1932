<?php

declare(strict_types=1);

use HotSprue\Stock\Blanks;
use Tests\Support\Draw;

// What must come out of a blank, a stock and a flask, reckoned a second time with plain geometry: nothing of the core
// is called for what is expected.

/**
 * How much wax is left around a ring and its head in a blank, tried at every quarter of a degree.
 *
 * @param  array<string, mixed>  $blank
 */
function spareIn(array $blank, float $bore, float $top, float $base, float $headAcross, float $headHigh): float
{
    $points = [];
    for ($i = 0; $i < 1440; $i++) {
        $theta = 2 * M_PI * $i / 1440;
        $radius = $bore / 2 + $base + ($top - $base) * (1 + cos($theta)) / 2;
        $points[] = [$radius * sin($theta), $radius * cos($theta)];
    }
    $points[] = [$headAcross / 2, $bore / 2 + $top + $headHigh];
    $points[] = [$headAcross / 2, 0.0];
    $spare = INF;
    foreach ($points as [$x, $y]) {
        $spare = min($spare, $blank['form'] === 'round-tube'
            ? $blank['across'] / 2 - hypot($x, $y)
            : min($blank['across'] / 2 - abs($x), $blank['above'] - $y, $blank['tall'] - $blank['above'] + $y));
    }

    return $spare;
}

it('chooses the smallest blank that holds ring and head, as every quarter of a '
    .'degree says', function (int $seed): void {
        $draw = new Draw($seed);
        $ring = [
            'bore' => $draw->between(15, 20), 'width' => $draw->between(2, 9), 'thickness' => $draw->between(1.4, 7),
            'thickness_base' => $draw->between(1.2, 3),
        ];
        $head = $seed % 3 === 0 ? [] : [
            'head_along' => $draw->between(3, 11), 'head_across' => $draw->between(3, 11),
            'head_height' => $draw->between(1, 6),
        ];
        $slice = max($ring['width'], $head['head_along'] ?? 0.0) + 1;
        $area = static fn (array $blank): float => match ($blank['form']) {
            'round-tube' => M_PI * $blank['across'] ** 2 / 4, 'block' => $blank['across'] * $blank['tall'],
            default => M_PI * $blank['across'] ** 2 / 8 + $blank['across'] * $blank['above'],
        } - M_PI * $blank['bore'] ** 2 / 4;
        $fits = array_filter(Blanks::shipped(), static fn (array $blank): bool => $blank['bore'] < $ring['bore']
            && $blank['length'] >= $slice
            && spareIn(
                $blank, $ring['bore'], $ring['thickness'], $ring['thickness_base'], $head['head_across'] ?? 0.0,
                $head['head_height'] ?? 0.0,
            ) >= 0.5 - 1e-4);
        usort(
            $fits,
            static fn (array $one, array $other): int => [$one['form'] === 'block', $area($one)] <=> [
                $other['form'] === 'block', $area($other),
            ],
        );
        $answer = reckon('blank.choose', [...$ring, ...$head]);
        expect($answer->value('blank'))
            ->toBe($fits[0]['name'] ?? null)->and($answer->num('slice'))->toEqualWithDelta($slice, 1e-9);
        if ($fits !== []) {
            expect($answer->num('spare'))->toEqualWithDelta(
                spareIn(
                    $fits[0], $ring['bore'], $ring['thickness'], $ring['thickness_base'], $head['head_across'] ?? 0.0,
                    $head['head_height'] ?? 0.0,
                ),
                2e-3,
            );
        }
    })->with(range(1, 60));

it('takes pieces, shank and saw cuts off a stock as the saw would, one after another', function (int $seed): void {
    $draw = new Draw($seed);
    $kerf = $draw->pick([0.0, 0.25, 0.3, 0.5]);
    $shank = $seed % 2 === 0 ? $draw->between(45, 70) : null;
    $pieces = array_map(
        static fn (int $at): array => [
            'name' => "piece {$at}", 'length' => $draw->between(2, 25), 'count' => $draw->whole(0, 3),
        ],
        range(1, $draw->whole(1, 4)),
    );
    $stock = $draw->between(20, 220);
    $lengths = array_merge(
        $shank === null ? [] : [$shank],
        ...array_map(static fn (array $piece): array => array_fill(0, $piece['count'], $piece['length']), $pieces),
    );
    // Each piece is cut off, and the saw turns its own width to dust, as far as there is stock behind it.
    $left = $stock;
    foreach ($lengths as $at => $length) {
        $left -= $length;
        $left = $at === count($lengths) - 1 ? max(min($left, 0.0), $left - $kerf) : $left - $kerf;
    }
    $answer = reckon(
        'stock.cut',
        [
            'stock_length' => $stock, 'kerf' => $kerf, 'pieces' => $pieces,
            ...($shank === null ? [] : ['shank' => $shank]),
        ],
    );
    expect($answer->num('left_over'))->toEqualWithDelta(max(0.0, $left), 1e-9)
        ->and(array_column($answer->findings, 'code'))->toBe($left < -1e-9 ? ['stock-short'] : []);
    if ($left < -1e-9) {
        expect(
            array_column(
                reckon(
                    'stock.cut',
                    [
                        'stock_length' => $answer->findings[0]->set['stock_length'], 'kerf' => $kerf,
                        'pieces' => $pieces, ...($shank === null ? [] : ['shank' => $shank]),
                    ],
                )->findings,
                'code',
            ),
        )->toBe([]);
    }
})->with(range(1, 40));

it('says of band and head together what a box round them would be', function (int $seed): void {
    $draw = new Draw($seed);
    [$inside, $top, $base] = [$draw->between(15, 20), $draw->between(1.4, 6), $draw->between(1.3, 3)];
    [$width, $foot] = [$draw->between(2, 8), $draw->between(1.5, 8)];
    [$along, $across, $high, $volume] = [
        $draw->between(2, 12), $draw->between(2, 30), $draw->between(0.5, 6), $draw->between(5, 300),
    ];
    $band = reckon('form.band', [
        'inner_diameter' => $inside, 'width_top' => $width, 'width_base' => $foot,
        'thickness_top' => $top, 'thickness_base' => $base, 'alloy' => '14k-yellow',
        'head_along' => $along, 'head_across' => $across, 'head_height' => $high, 'head_volume_mm3' => $volume]);
    [$wide, $above, $all] = [0.0, 0.0, 0.0];
    $steps = 20_000;
    for ($i = 0; $i < $steps; $i++) {
        $theta = M_PI * ($i + 0.5) / $steps;
        $f = (1 + cos($theta)) / 2;
        [$w, $t] = [$foot + ($width - $foot) * $f, $base + ($top - $base) * $f];
        $wide = max($wide, 2 * ($inside / 2 + $t) * sin($theta));
        $slice = 2 * $w * $t * ($inside / 2 + $t / 2) * M_PI / $steps;
        $all += $slice;
        $above += $theta < M_PI_2 ? $slice : 0.0;
    }
    expect($band->num('whole_across'))
        ->toEqualWithDelta(max($wide, $across), 1e-4)->and($band->num('whole_along'))->toBe(max($width, $foot, $along))
        ->and($band->num('whole_tall'))->toEqualWithDelta($inside + $top + $base + $high, 1e-9)
        ->and($band->num('ring_volume_mm3'))
        ->toEqualWithDelta($all + $volume, 0.01)->and($band->num('mass'))
        ->toEqualWithDelta(13.1 * ($all + $volume) / 1000, 2e-4)
        ->and($band->num('share_above'))->toEqualWithDelta(($above + $volume) / ($all + $volume), 1e-4);
})->with(range(1, 25));

it('has every claw that it says clears stand clear of a halo, and every other meet it', function (int $seed): void {
    $draw = new Draw($seed);
    [$stone, $count] = [$draw->between(1.0, 2.2), $draw->whole(6, 14)];
    $given = [
        'shape' => 'round', 'width' => $draw->between(5, 9), 'stone_diameter' => $stone, 'count' => $count,
        'edge_gap' => $draw->between(0.1, 1.2), 'centre_claws' => $draw->pick([3, 4, 6]),
        'wire' => $draw->between(0.6, 1.4),
    ];
    $answer = reckon('layout.halo', $given);
    $axis = $given['width'] / 2 + $given['wire'] / 2 - 0.3 * $given['wire'];
    $clear = static function (float $degrees) use ($answer, $axis, $stone, $given): bool {
        foreach ($answer->value('positions') as $one) {
            if (hypot(
                $one['x_mm'] - $axis * cos(deg2rad($degrees)), $one['y_mm'] - $axis * sin(deg2rad($degrees)),
            ) < ($stone + $given['wire']) / 2 - 1e-9) {
                return false;
            }
        }

        return true;
    };
    $stand = [3 => [90, 210, 330], 4 => [45, 135, 225, 315], 6 => [30, 90, 150, 210, 270, 330]][$given['centre_claws']];
    $meets = count(array_filter($stand, static fn (int $at): bool => ! $clear($at))) > 0;
    expect(in_array('claw-meets-stone', array_column($answer->findings, 'code'), true))->toBe($meets);
    foreach ($answer->value('claws_clear_deg') as $arc) {
        expect($clear($arc['middle_deg']))->toBeTrue();
    }
})->with(range(1, 30));
