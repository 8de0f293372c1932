<?php

declare(strict_types=1);

use Tests\Support\Draw;
use Tests\Support\Slices;

/**
 * @return array{string, float, float, array<string, float>} a section that can be made: profile, width, thickness, and
 * what shapes it
 */
function drawnSection(Draw $draw): array
{
    $profile = $draw->pick(['flat', 'half-round', 'court', 'round', 'knife']);
    [$width, $thickness] = [$draw->between(2, 9), $draw->between(1.2, 3)];

    return [$profile, $width, $thickness, match ($profile) {
        'knife' => ['edge' => $draw->between(0.6, 1.1)],
        'court' => $draw->whole(0, 1) === 1 ? [
            'rise_inside' => $draw->between(0.05, 0.4), 'rise_outside' => $draw->between(0.1, 0.7),
        ] : [],
        default => [],
    }];
}

it('measures a section as slices of it add up', function (int $seed): void {
    [$profile, $width, $thickness, $more] = drawnSection($draw = new Draw($seed));
    $diameter = $draw->between(14, 22);
    $band = reckon(
        'form.band',
        [
            'inner_diameter' => $diameter, 'profile' => $profile, 'width_top' => $width, 'thickness_top' => $thickness,
            ...$more,
        ],
    );
    $slices = Slices::of($profile, $width, $thickness, $more);
    $why = sprintf('%s %.2f × %.2f', $profile, $width, $thickness);
    expect($band->num('area_top') / $slices->area)->toEqualWithDelta(1, 1e-4, $why)
        ->and($band->num('centroid_top') / $slices->centroid)->toEqualWithDelta(1, 1e-4, $why)
        ->and($band->num('perimeter_top') / $slices->perimeter)->toEqualWithDelta(1, 5e-4, $why)
        ->and($band->num('section_modulus'))->toEqualWithDelta($slices->area / $slices->perimeter, 1e-3, $why)
        // Pappus: the area goes once round its centroid.
        ->and($band->num('volume_mm3') / (2 * M_PI * ($diameter / 2 + $slices->centroid) * $slices->area))
        ->toEqualWithDelta(1, 1e-4, $why)
        ->and($band->num('outer_diameter_top'))->toEqualWithDelta($diameter + 2 * $thickness, 1e-9);
})->with(range(1, 60));

it('adds a tapered band up element by element', function (int $seed): void {
    $draw = new Draw(1000 + $seed);
    $profile = $draw->pick(['flat', 'half-round', 'round', 'court']);
    [$diameter, $wide, $narrow, $thick, $thin] = [
        $draw->between(14, 22), $draw->between(4, 9), $draw->between(2.5, 4), $draw->between(1.9, 2.6),
        $draw->between(1.3, 1.9),
    ];
    $volume = 0.0;
    for ($degree = 0; $degree < 360; $degree += 4) {
        $share = (1 + cos(deg2rad($degree))) / 2;
        $slices = Slices::of($profile, $narrow + ($wide - $narrow) * $share, $thin + ($thick - $thin) * $share);
        $volume += $slices->area * ($diameter / 2 + $slices->centroid) * deg2rad(4);
    }
    $band = reckon(
        'form.band',
        [
            'inner_diameter' => $diameter, 'profile' => $profile, 'width_top' => $wide, 'width_base' => $narrow,
            'thickness_top' => $thick, 'thickness_base' => $thin, 'alloy' => 'sterling-925',
        ],
    );
    expect($band->num('volume_mm3') / $volume)->toEqualWithDelta(1, 3e-4)
        ->and($band->num('mass'))->toEqualWithDelta($band->num('volume_mm3') * 10.36 / 1000, 1e-9)
        ->and($band->num('unrolled_outer'))->toEqualWithDelta(M_PI * ($diameter + $thick + $thin), 1e-9);
})->with(range(1, 10));

it('bends a strip round the middle of its own section', function (int $seed): void {
    [$profile, $width, $thickness, $more] = drawnSection($draw = new Draw(2000 + $seed));
    [$diameter, $overlap, $trim] = [$draw->between(14, 22), $draw->between(0, 2), $draw->between(0, 1)];
    $strip = reckon(
        'strip.length',
        [
            'inner_diameter' => $diameter, 'profile' => $profile, 'width' => $width, 'thickness' => $thickness,
            'overlap' => $overlap, 'trim' => $trim, 'alloy' => '18k-yellow', ...$more,
        ],
    );
    $slices = Slices::of($profile, $width, $thickness, $more);
    expect($strip->num('length'))->toEqualWithDelta(M_PI * ($diameter + 2 * $slices->centroid) + $overlap + $trim, 2e-3)
        ->and($strip->num('bench_rule'))->toEqualWithDelta(M_PI * ($diameter + $thickness) + $overlap + $trim, 1e-9)
        ->and($strip->num('mass') / ($strip->num('length') * $slices->area * 15.5 / 1000))->toEqualWithDelta(1, 1e-3);
})->with(range(1, 30));

it('lets in and takes out what a size asks', function (int $seed): void {
    [$profile, $width, $thickness, $more] = drawnSection($draw = new Draw(3000 + $seed));
    [$from, $to, $kerf] = [$draw->between(48, 60), $draw->between(48, 60), $draw->between(0.1, 0.4)];
    $larger = $to >= $from;
    if (abs($to - $from) < 0.5) {
        $to = $from + 2;
        $larger = true;
    }
    $change = reckon(
        'size.change',
        [
            'from' => $from, 'to' => $to, 'profile' => $profile, 'width' => $width, 'thickness' => $thickness,
            'alloy' => 'sterling-925', 'kerf' => $kerf, 'method' => $larger ? 'insert' : 'take-out', ...$more,
        ],
    );
    $slices = Slices::of($profile, $width, $thickness, $more);
    $outside = ($from / M_PI + 2 * $thickness) / ($from / M_PI + 2 * $slices->centroid);
    expect($change->num('change_diameter'))
        ->toEqualWithDelta(($to - $from) / M_PI, 1e-9)->and($change->num('limit'))->toEqualWithDelta(0.08, 1e-9);
    if ($larger) {
        expect($change->num('insert'))->toEqualWithDelta($to - $from + $kerf, 1e-9)
            ->and($change->num('metal_change') / (($to - $from + $kerf) * $slices->area * 10.36 / 1000))
            ->toEqualWithDelta(1, 1e-3);
    } else {
        expect($change->num('scribe_apart'))->toEqualWithDelta($from - $to - $kerf, 1e-9)
            ->and($change->num('edges_outside'))->toEqualWithDelta(($from - $to) * $outside, 3e-3)
            ->and($change->num('scribe_outside'))->toEqualWithDelta(($from - $to - $kerf) * $outside, 3e-3);
    }
})->with(range(1, 40));
