<?php

declare(strict_types=1);

use HotSprue\Drawing\CastingRoomDrawing;
use HotSprue\Drawing\FlowDrawing;
use Tests\Support\OffSheet;

/**
 * @param  array<string, mixed>  $view
 * @return list<array<string, mixed>>
 */
function shapesOf(array $view, string $kind, string $style = ''): array
{
    return array_values(array_filter(
        $view['shapes'],
        static fn (array $shape): bool => $shape['kind'] === $kind && ($style === '' || $shape['style'] === $style),
    ));
}

it('stands each flask by itself with the jobs that share it inside', function (): void {
    $flasks = array_map(static fn (int $at): array => [
        'jobs' => $at === 0 ? [101, 102, 103] : [110 + $at], 'across' => 64.0, 'alloy' => '14k-rose', 'pour_c' => 520.0,
    ], range(0, 7));
    $view = CastingRoomDrawing::flasks($flasks)->toArray();
    $rings = shapesOf($view, 'circle', 'outline');
    expect($rings)->toHaveCount(8)->and(OffSheet::shapes($view))->toBe([]);
    foreach ($rings as $at => $one) {
        foreach (array_slice($rings, $at + 1) as $other) {
            expect(hypot($one['cx'] - $other['cx'], $one['cy'] - $other['cy']))->toBeGreaterThan(2 * 16.0);
        }
    }
    foreach (shapesOf($view, 'circle', 'fill-wax') as $at => $wax) {
        $home = $rings[max(0, $at - 2)];
        expect(hypot($wax['cx'] - $home['cx'], $wax['cy'] - $home['cy']) + $wax['r'])->toBeLessThan(16.0);
    }
    expect(array_column(shapesOf($view, 'text'), 'text'))->toContain('101', '103', '117', '14k rose', 'pour at 520');
});

it('draws a pour as long as it lasts, cut at the ends of the week, and now where it is', function (): void {
    $view = CastingRoomDrawing::pours(['Mon', 'Tue', 'Wed'], [
        ['called' => 'burnout 1', 'from' => -0.5, 'to' => 0.5, 'burning' => true],
        ['called' => 'burnout 2', 'from' => 1.25, 'to' => 1.75, 'burning' => false],
        ['called' => 'burnout 3', 'from' => 5.0, 'to' => 5.5, 'burning' => false],
    ], 0.25)->toArray();
    $bars = shapesOf($view, 'path', 'thin');
    preg_match_all('/M(\S+) \S+ h(\S+)/', implode(' ', array_column($bars, 'd')), $found, PREG_SET_ORDER);
    // A day is 26 wide: half of the first is left of today, the third is beyond the days shown.
    expect(array_map(static fn (array $one): array => [(float) $one[1], (float) $one[2]], $found))
        ->toEqualWithDelta([[0.0, 13.0], [32.5, 13.0]], 1e-3)
        ->and(shapesOf($view, 'line', 'hot')[0]['x1'])->toEqualWithDelta(6.5, 1e-9)
        ->and(OffSheet::shapes($view))->toBe([]);
});

it('draws streams as wide as their mass, in on the left and out on the right', function (): void {
    $view = FlowDrawing::of(['received' => 30_000, 'sweeps back' => 0], ['delivered' => 15_000,
        'lost' => 7_500])->toArray();
    $high = static function (array $shape): float {
        preg_match_all('/[ML](\S+) (\S+)/', $shape['d'], $found);
        $ys = array_map(floatval(...), $found[2]);

        return max($ys) - min($ys);
    };
    [$in] = shapesOf($view, 'path', 'fill-metal');
    [$delivered, $lost] = shapesOf($view, 'path', 'fill-sprue');
    expect($high($delivered) / $high($in))->toEqualWithDelta(0.5, 1e-3)
        ->and($high($lost) / $high($in))->toEqualWithDelta(0.25, 1e-3)
        ->and(array_column(shapesOf($view, 'text'), 'text'))
        ->toBe(['safe', 'received 30.000 g', 'delivered 15.000 g', 'lost 7.500 g'])
        ->and(OffSheet::shapes($view))->toBe([])
        ->and(OffSheet::shapes(FlowDrawing::of([], [])->toArray()))->toBe([]);
});
