<?php

declare(strict_types=1);

use HotSprue\Drawing\View;
use HotSprue\Job\Station;
use HotSprue\Job\StationPage;
use Tests\Support\Drawn;
use Tests\Support\OffSheet;

// Whatever is typed, a drawing lies on its sheet, and its parts lie where the figures say.

/** @return list<array{float, float}> the corners of a path */
function corners(array $view, string $style): array
{
    foreach ($view['shapes'] as $shape) {
        if ($shape['kind'] === 'path' && $shape['style'] === $style) {
            preg_match_all('/(-?[\d.]+) (-?[\d.]+)/', $shape['d'], $found, PREG_SET_ORDER);

            return array_map(static fn (array $at): array => [(float) $at[1], (float) $at[2]], $found);
        }
    }

    return [];
}

/** A stone on its collet over a round band. */
function cutAcross(array $more = []): array
{
    return [
        'shape' => 'round', 'width' => 5, 'depth' => 3, 'outer_diameter' => 21.4, 'inner_diameter' => 17.4,
        'band_width' => 4, 'girdle' => 2.2, 'outside' => 0.5, ...$more,
    ];
}

it('cuts a stone across the finger where its figures say', function (array $more): void {
    $given = cutAcross($more);
    $view = Drawn::of('setting.place', $given)['cut']->toArray();
    $over = reckon('setting.place', $given)->num('culet_over_finger');
    $stone = corners($view, 'fill-stone');
    [$outer, $inner] = [$given['outer_diameter'] / 2, $given['inner_diameter'] / 2];
    $height = $given['height'] ?? 0.0;
    // The finger is as far under the outside of the band as the metal is thick; down is positive.
    expect(max(array_column($stone, 1)))->toEqualWithDelta($outer - $inner - $over, 2e-3)
        ->and(max(array_column($stone, 0)))->toEqualWithDelta($given['width'] / 2, 2e-3)
        ->and($stone[0][1])->toEqualWithDelta(-$height - $given['girdle'], 2e-3)
        ->and(OffSheet::shapes($view))->toBe([]);
    // The band is round about the middle of the finger.
    foreach (corners($view, 'fill-metal') as [$x, $y]) {
        $radius = hypot($x, $y - $outer);
        expect(min(abs($radius - $outer), abs($radius - $inner)))->toBeLessThan(2e-3);
    }
})->with([
    'as it comes' => [[]], 'high up' => [['height' => 3.0]], 'a large stone' => [['width' => 14, 'depth' => 8]],
    'a thick band' => [['outer_diameter' => 27.4]],
    'a small finger' => [['outer_diameter' => 15, 'inner_diameter' => 12]],
    'wider than the finger' => [['width' => 24, 'depth' => 12, 'outside' => 1.0]],
    'tiny' => [['width' => 1.2, 'depth' => 0.7]],
]);

it('cuts nothing across where the seat is in the band, or nobody knows how the stone stands', function (
    array $more,
): void {
    expect(array_keys(Drawn::of('setting.place', cutAcross($more))))->toBe(['round']);
})->with([
    'cut into the band' => [['in_band' => true]], 'no girdle' => [['girdle' => null]],
    'no inside' => [['inner_diameter' => null]],
]);

it('draws round the band everything that stands there, each at its angle', function (): void {
    $others = array_map(static fn (int $at): array => [
        'name' => "stone {$at}", 'key' => "k{$at}", 'shape' => 'round', 'width' => 2, 'angle' => $at * 30,
    ], [-4, -2, 2, 4]);
    $view = Drawn::of('setting.place', cutAcross(['others' => $others]))['round']->toArray();
    $along = array_column($view['targets'], 'x', 'setting');
    foreach ([-4, -2, 2, 4] as $at) {
        // Unrolled at the outside: the angle's share of it.
        expect($along["k{$at}"])->toEqualWithDelta(M_PI * 21.4 * $at * 30 / 360, 1e-9);
    }
    expect(OffSheet::shapes($view))->toBe([]);
});

it('keeps every drawing of any job on its sheet', function (int $seed): void {
    $typed = anyCommission($seed);
    $job = commission($typed);
    $off = [];
    foreach (Station::cases() as $station) {
        foreach ((new StationPage($station, $job))->drawings() as [$use, $view]) {
            /** @var View $view */
            $data = $view->toArray();
            foreach (OffSheet::shapes($data) as $shape) {
                $off[] = "{$station->value} {$use}/{$view->name}: {$shape}";
            }
            foreach ($data['dimensions'] as $dimension) {
                [$x, $y] = $dimension['at'];
                expect(is_finite($x) && is_finite($y))->toBeTrue("{$use} {$dimension['name']}");
            }
        }
    }
    expect($off)->toBe([], "seed {$seed}: ".json_encode($typed));
})->with(range(101, 160));
