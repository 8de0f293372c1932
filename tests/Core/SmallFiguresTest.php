<?php

declare(strict_types=1);

use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\Quantity;
use Tests\Support\Drawn;

it('says one mandrel for metal clay: its length, its mark and how many sizes up', function (): void {
    // US 7: 11.63 + 0.8128 × 7 = 17.3196 across; ÷ 0.89 = 19.4602, (19.4602 − 11.63) ÷ 0.8128 = 9.634.
    $clay = reckon(
        'wax.dimensions', ['scale' => 'us', 'size' => '7', 'width' => 4, 'thickness' => 2, 'process' => 'clay'],
    );
    expect($clay->num('mandrel'))->toEqualWithDelta(17.3196 / 0.89, 1e-9)
        ->and($clay->num('sizes_up_us'))->toEqualWithDelta((17.3196 / 0.89 - 11.63) / 0.8128 - 7, 1e-9)
        ->and($clay->value('bore_mark'))->toContain('9¾')
        ->and($clay->finding('clay-mandrel')?->message)->toContain('19.46')->toContain('9¾')->toContain('2.63');
    expect(
        reckon('wax.dimensions', ['scale' => 'us', 'size' => '7', 'width' => 4, 'thickness' => 2])->value('mandrel'),
    )->toBeNull();
});

it('begins again where lettering has gone once round', function (float $start): void {
    $cells = reckon(
        'layout.lettering', ['text' => 'EBB & FLOW', 'outer_diameter' => 22, 'start' => $start],
    )->value('cells');
    foreach ($cells as $at => $cell) {
        $next = $cells[($at + 1) % count($cells)];
        expect($cell['from_deg'])->toBeGreaterThanOrEqual(0.0)->toBeLessThan(360.0)
            ->and($cell['to_deg'])->toBeGreaterThan(0.0)->toBeLessThanOrEqual(360.0 + 1e-9)
            ->and($cell['to_mm'])->toBeLessThanOrEqual(M_PI * 22 + 1e-9)
            ->and(abs(fmod($cell['to_deg'] - $next['from_deg'] + 540, 360) - 180))->toBeLessThan(1e-6);
    }
    expect($cells[0]['from_deg'])->toEqualWithDelta(fmod($start + 360, 360), 1e-9);
})->with([0.0, 90.0, 350.0, 359.9]);

it('keeps the letters of a seam on the drawing', function (): void {
    $around = M_PI * 22;
    foreach (Drawn::of(
        'layout.lettering', ['text' => 'EBB', 'outer_diameter' => 22, 'start' => 300],
    )['letters']->texts('label') as [$x]) {
        expect($x)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual($around);
    }
});

it('judges every stone that is set by what the wheels do to it', function (): void {
    $answer = reckon('finish.plan', ['stones_set' => ['opal', 'ruby', 'diamond']]);
    expect($answer->finding('polish-harms-stone')?->message)->toContain('opal')->not->toContain('ruby')
        ->and($answer->finding('wheel-scratches')?->message)
        ->toContain('ruby')->toContain('opal')->not->toContain('diamond');
    expect(reckon('finish.plan', ['stones_set' => ['diamond']])->findings)->toBe([]);
});

it('says how each metal glows when it is annealed', function (string $alloy, string $says): void {
    expect(
        reckon('anneal.passes', ['alloy' => $alloy, 'work' => 'press', 'strain' => 0.1])->value('annealing'),
    )->toContain($says);
})->with([
    ['sterling-925', '600–650 °C, dull red in the shade; quench'],
    ['14k-rose', '650–700 °C, dull red in the shade; quench at once'],
    ['18k-white-nickel', '700–750 °C, dull red in the shade; let it cool in air'],
    ['platinum-950', '1000 °C, bright orange'],
    ['18k-white-palladium', 'supplier’s own sheet'],
]);

it('reads what lies between two temperatures without the zero of the scale', function (): void {
    expect(BenchTalk::read(Quantity::TemperatureDifference, '18 F'))->toEqualWithDelta(10.0, 1e-9)
        ->and(BenchTalk::read(Quantity::Temperature, '50 F'))->toEqualWithDelta(10.0, 1e-9)
        ->and(BenchTalk::read(Quantity::TemperatureDifference, '18'))->toBe(18.0);
    $plan = ['parts' => [['id' => 'a', 'alloy' => 'sterling-925']], 'joints' => [['id' => 'j', 'parts' => 'a, a']]];
    // A margin of 27 °F is 15 °C: hard at 788 goes to 802 − 14, and no longer.
    expect(reckon('join.plan', [...$plan, 'margin_c' => '25 F'])->value('heats')[0]['solder'])->toBe('silver-hard')
        ->and(reckon('join.plan', [...$plan, 'margin_c' => '27 F'])->value('heats')[0]['solder'])
        ->toBe('silver-medium');
});

it('draws and says the workshop’s own gypsum limit', function (): void {
    $given = ['flask_diameters' => [63.5], 'pour_temperature' => '1000 F'];
    $own = ['rules' => ['burnout.gypsum_limit' => '1300 F']];
    $usual = reckon('burnout.programme', $given);
    expect($usual->num('gypsum_limit'))->toBe(732.0)->and($usual->finding('over-gypsum-limit'))->toBeNull()
        ->and($usual->num('flask_temperature'))->toEqualWithDelta(537.7778, 1e-4);
    // 1300 °F is 704.4 °C, and the short programme burns clean at 732.
    $lower = reckon('burnout.programme', [...$given, ...$own]);
    expect($lower->finding('over-gypsum-limit')?->message)
        ->toContain('732 °C is above 704.4')->and($lower->finding('over-gypsum-limit')?->set)->toBe([])
        ->and(
            reckon('burnout.core', ['diameter' => 63.5, 'pour_temperature' => '1000 F', ...$own])
                ->finding('over-gypsum-limit')?->message,
        )
        ->toContain('704.4');
    $texts = static fn (array $more): array => array_column(
        Drawn::of('burnout.programme', [...$given, ...$more])['kiln']->texts(), 2,
    );
    expect($texts([]))->toContain('gypsum limit 732')->toContain('538')
        ->and($texts($own))->toContain('gypsum limit 704')->not->toContain('gypsum limit 732');
});

it('names every side of a stone, each where it is nearest, and draws every corner', function (): void {
    $outline = static fn (array $given): array => [
        array_column(reckon('stone.outline', $given)->value('distances'), 'mm', 'to'),
        array_map(
            static fn (array $p): array => [$p['x_mm'], $p['y_mm']], reckon('stone.outline', $given)->value('points'),
        ),
    ];
    $has = static fn (array $points, float $x, float $y): bool => array_filter(
        $points, static fn (array $p): bool => hypot($p[0] - $x, $p[1] - $y) < 1e-9,
    ) !== [];
    [$octagon, $points] = $outline(['shape' => 'octagon', 'length' => 8, 'width' => 6]);
    // Corners cut by 0.18 × 6: their lines lie (4 + 1.92) ÷ √2 from the middle.
    expect(
        array_filter(array_keys($octagon), static fn (string $to): bool => str_starts_with($to, 'side')),
    )->toHaveCount(8)
        ->and($octagon['side 2'])->toEqualWithDelta(5.92 / M_SQRT2, 1e-9);
    foreach ([
        [1.92, 4], [3, 2.92], [3, -2.92], [1.92, -4], [-1.92, -4], [-3, -2.92], [-3, 2.92], [-1.92, 4],
    ] as [$x, $y]) {
        expect($has($points, $x, $y))->toBeTrue();
    }
    expect(count($points))
        ->toBeGreaterThanOrEqual(96)
        ->and(count(array_unique(array_map(static fn (array $p): string => sprintf('%.9f %.9f', ...$p), $points))))
        ->toBe(count($points));
    // A pear's nearest side, by trying: two hundred thousand places along its outline.
    [$pear, $drawn] = $outline(['shape' => 'pear', 'length' => 9, 'width' => 6]);
    $high = $pear['point 1'];
    [$radius, $centre] = [(9 + 36) / 6, $high - 6];
    $nearest = INF;
    for ($i = 0; $i <= 200_000; $i++) {
        $at = asin(6 / $radius) * $i / 200_000;
        $nearest = min($nearest, hypot($radius - 3 - $radius * cos($at), $centre + $radius * sin($at)));
    }
    expect($pear['side 1'])
        ->toEqualWithDelta($nearest, 1e-6)->and($pear['side 2'])->toBe($pear['side 1'])->and($has($drawn, 0.0, $high))
        ->toBeTrue();
    [, $square] = $outline(['shape' => 'rectangle', 'length' => 7, 'width' => 5]);
    expect($has($square, 2.5, 3.5))->toBeTrue()->and($has($square, -2.5, -3.5))->toBeTrue();
    // A marquise as wide as long is a circle.
    expect(
        reckon('stone.outline', ['shape' => 'marquise', 'length' => 5, 'width' => 5])->num('perimeter'),
    )->toEqualWithDelta(5 * M_PI, 1e-9);
});

it('takes a heating rate in Fahrenheit, nine of its degrees to five Celsius', function (): void {
    expect(BenchTalk::read(Quantity::HeatingRate, '9 F/min'))->toEqualWithDelta(5.0, 1e-9)
        ->and(BenchTalk::read(Quantity::HeatingRate, '5 °C/min'))->toEqualWithDelta(5.0, 1e-9);
});

it('takes the sides of a pair in inches, as they are typed', function (): void {
    // 0.13 in = 3.302 mm
    $answer = reckon('layout.symmetry', ['pairs' => [['name' => 'shoulder', 'left' => '0.13 in', 'right' => '3 mm']]]);
    expect($answer->num('worst'))->toEqualWithDelta(0.302, 1e-9);
});
