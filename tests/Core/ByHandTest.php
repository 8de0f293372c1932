<?php

declare(strict_types=1);

use HotSprue\Measures\FreeOutline;
use HotSprue\Measures\NotUnderstood;

it('winds rings of wire by the middle of the wire', function (): void {
    $rings = reckon('wire.ring', ['inner_diameter' => 5, 'wire' => 1, 'count' => 10, 'kerf' => 0.3]);
    expect($rings->num('each'))->toEqualWithDelta(M_PI * 6 - 0.3, 1e-9)
        ->and($rings->num('wire_total'))->toEqualWithDelta(11 * M_PI * 6, 1e-9)
        ->and($rings->num('coil'))->toEqualWithDelta(11, 1e-9)
        ->and($rings->num('outside'))->toEqualWithDelta(7, 1e-9)
        // Sterling 10.36.
        ->and($rings->num('mass'))->toEqualWithDelta(10 * (M_PI * 6 - 0.3) * M_PI / 4 * 0.01036, 1e-9)
        // 18 ga is 0.127 × 92^(18 ÷ 39).
        ->and(reckon('wire.ring', ['inner_diameter' => 5, 'wire' => '18 ga'])->num('outside'))
        ->toEqualWithDelta(5 + 2 * 0.127 * 92 ** (18 / 39), 1e-9);
});

it('lengthens an end by what it loses in section', function (array $more, float $after, float $anneals): void {
    $forged = reckon('forge.length', ['width' => 4, 'thickness' => 2, 'length' => 12, ...$more]);
    expect($forged->num('length_after'))->toEqualWithDelta($after, 1e-9)
        ->and($forged->num('gained'))->toEqualWithDelta($after - 12, 1e-9)
        ->and($forged->num('anneals'))->toEqual($anneals);
})->with([
    // Half as thick is twice as long; half the section is one step of 50 %.
    'half as thick' => [[], 24.0, 0.0],
    'and spread' => [['width_after' => 5], 12 * 8 / 5, 0.0],
    // A third of the section: log ⅓ ÷ log ½ is 1.58, two steps and one annealing between them.
    'a third' => [['thickness_after' => 2 / 3], 36.0, 1.0],
    // From 4 × 2 to 4 × 1 evenly: a mean of 4 × 1.5.
    'toward the end' => [['taper' => 'to-a-point'], 12 * 8 / 6, 0.0],
]);

it('files a crescent as deep as the band is round', function (): void {
    // A foot of 6 on a circle of 10: 10 − 8 is 2.
    $fit = reckon('seam.fit', [
        'outer_diameter' => 20, 'foot' => 12, 'height' => 5, 'wire' => 2.6, 'flat' => 1.0,
    ]);
    expect($fit->num('crescent'))->toEqualWithDelta(2.0, 1e-9)
        ->and($fit->num('left'))->toEqualWithDelta(3.0, 1e-9)
        ->and($fit->num('joint'))->toEqualWithDelta(20 * asin(0.6), 1e-9)
        // 1.3 less √(1.69 − 0.25), which is 1.2.
        ->and($fit->num('flat_depth'))->toEqualWithDelta(0.1, 1e-9);
});

it('says how long an ingot becomes, and what to melt for a length', function (): void {
    // 13.1 g of 14k yellow is a cm³; a tenth is cut away; 3 × 1.5 is 4.5 mm².
    $ingot = reckon('ingot.length', [
        'mass' => 13.1, 'alloy' => '14k-yellow', 'width' => 3, 'thickness' => 1.5, 'waste' => 0.1, 'ingot_area' => 36,
        'wanted' => 100,
    ]);
    expect($ingot->num('length'))->toEqualWithDelta(200, 1e-9)
        ->and($ingot->num('mass_wanted'))->toEqualWithDelta(6.55, 1e-9)
        // An eighth of the section: three steps of 50 %, annealed twice between them.
        ->and($ingot->num('anneals'))->toEqual(2)
        ->and(reckon('ingot.length', ['mass' => 10.36, 'width' => 2, 'waste' => 0])->num('length'))
        ->toEqualWithDelta(1000 / M_PI, 1e-9);
});

it('cuts two blanks of one length for a double shank, and forms them under', function (): void {
    $ring = ['inner_diameter' => 17.4, 'width' => 3, 'thickness' => 1.6, 'alloy' => 'sterling-925'];
    $one = reckon('strip.length', $ring);
    $two = reckon('strip.length', [
        'inner_diameter' => 17.4, 'width' => 3, 'thickness' => 1.6, 'alloy' => 'sterling-925', 'shank' => 'double',
        'apart' => 1.2, 'sizes_under' => 1, 'stock_length' => 130,
    ]);
    // A US size is 0.8128 mm across, π times that round.
    expect($two->num('length'))->toEqualWithDelta($one->num('length') - M_PI * 0.8128, 1e-9)
        ->and($two->num('blanks'))->toEqual(2)->and($two->num('over_all'))->toEqualWithDelta(7.2, 1e-9)
        ->and($two->num('mass'))->toEqualWithDelta(2 * 4.8 * $two->num('length') * 0.01036, 1e-9)
        ->and($two->num('left_over'))->toEqualWithDelta(130 - 2 * $two->num('length'), 1e-9);
});

it('cuts plates of any outline', function (array $shape, float $area, float $edge): void {
    $plate = reckon('plate.cut', ['sheet_width' => 80, 'sheet_length' => 80, 'thickness' => 1, ...$shape]);
    expect($plate->num('area'))->toEqualWithDelta($area, 2e-3 * $area)
        ->and($plate->num('edge'))->toEqualWithDelta($edge, 2e-3 * $edge)
        ->and($plate->num('mass_each'))->toEqualWithDelta($area * 0.01036, 2e-5 * $area);
})->with([
    'a disc' => [['shape' => 'disc', 'width' => 10], M_PI * 25, M_PI * 10],
    // Corners of a radius of 0.35 × 10: what four of them lack of their squares.
    'a cushion' => [
        ['shape' => 'cushion', 'width' => 10, 'length' => 12], 120 - (4 - M_PI) * 12.25, 44 - (8 - 2 * M_PI) * 3.5,
    ],
    'a kite' => [['shape' => 'kite', 'width' => 6, 'length' => 10], 30.0, 2 * hypot(3, 3.5) + 2 * hypot(3, 6.5)],
    // Two circles of 10, 10 apart: each has a third of the other's edge within it; the lens is 2π ÷ 3 − √3 ÷ 2 of r².
    'a crescent' => [
        ['shape' => 'crescent', 'width' => 20, 'bite' => 20, 'bite_offset' => 10],
        M_PI * 100 - (2 * M_PI / 3 - sqrt(3) / 2) * 100, 20 * M_PI,
    ],
    'points' => [['shape' => 'free', 'outline' => '0,0 10,0 10,5 0,5'], 50.0, 30.0],
    'a path of SVG' => [['shape' => 'free', 'outline' => 'M1 1 h10 v5 H1 Z'], 50.0, 30.0],
    // A curve of Bézier near a quarter circle, of 10.
    'a curve' => [
        ['shape' => 'free', 'outline' => 'M0 0 L10 0 C10 5.523 5.523 10 0 10 Z'], M_PI * 25, 20 + M_PI * 5,
    ],
]);

it('lays a plate of any outline out by its box', function (): void {
    $plate = reckon('plate.cut', [
        'sheet_width' => 42, 'sheet_length' => 42, 'thickness' => 1, 'shape' => 'free', 'outline' => '0,0 20,0 10,20',
        'gap' => 1, 'count' => 4,
    ]);
    expect($plate->num('makes'))->toEqual(4)->and($plate->num('area'))->toEqualWithDelta(200, 1e-9);
});

it('refuses an outline that it does not understand, and says why', function (string $text, string $why): void {
    expect(fn () => FreeOutline::read($text))->toThrow(NotUnderstood::class, $why);
})->with([
    'one point' => ['1,1', '3 to'], 'no number' => ['0,0 a,b 3,3', 'no point'], 'a line' => ['0,0 5,5 9,9', 'nothing'],
    'an arc' => ['M0 0 A5 5 0 0 1 9 9 Z', 'curves'], 'two outlines' => ['M0 0 L5 0 L5 5 Z M9 9 L8 8 L7 9 Z', 'several'],
    'half a pair' => ['M0 0 L5 0 7 Z', 'numbers'], 'too far' => ['0,0 2000,0 0,2000', 'metre'],
    'something else' => ['<svg onload=x>', 'no point'], 'huge' => ['M0 0 L1e308 0 L0 1e308 Z', 'metre'],
]);

it('refuses a plate that cannot be', function (array $shape, string $field): void {
    expect(refused('plate.cut', ['sheet_width' => 50, 'sheet_length' => 50, 'thickness' => 1, ...$shape]))
        ->toHaveKey($field);
})->with([
    'no width' => [['shape' => 'plate'], 'width'], 'no outline' => [['shape' => 'free'], 'outline'],
    'discs apart' => [['shape' => 'crescent', 'width' => 10, 'bite' => 4, 'bite_offset' => 9], 'bite_offset'],
    'a short hexagon' => [['shape' => 'hexagon', 'width' => 10, 'length' => 8], 'length'],
]);

it('fuses before any solder: what is fused is one piece to every later joint', function (): void {
    $fine = static fn (string $id): array => ['id' => $id, 'alloy' => 'fine-silver', 'mass' => 1];
    $plan = reckon('join.plan', [
        'parts' => [$fine('shank'), $fine('bezel'), ['id' => 'leaf', 'alloy' => 'sterling-925', 'mass' => 1]],
        'joints' => [
            ['id' => 'seam', 'parts' => 'bezel, bezel', 'how' => 'fuse'],
            ['id' => 'foot', 'parts' => 'shank, bezel', 'how' => 'fuse', 'after' => 'seam'],
            ['id' => 'leaf on', 'parts' => 'bezel, leaf', 'after' => 'foot'],
            ['id' => 'tip', 'parts' => 'leaf, leaf', 'how' => 'laser', 'after' => 'leaf on'],
        ],
    ]);
    expect($plan->value('possible'))->toBe('yes')->and($plan->num('fires'))->toEqual(1)
        ->and(array_column($plan->value('fused'), 'joint'))->toBe(['seam', 'foot'])
        ->and(array_column($plan->value('cold'), 'joint'))->toBe(['tip'])
        ->and($plan->value('cold')[0]['words'])->toContain('pulse')
        // The shank is in the fire though it is not soldered itself.
        ->and($plan->value('heats')[0]['piece'])->toEqualCanonicalizing(['shank', 'bezel', 'leaf']);
});

it('needs no solder where all is fused', function (): void {
    $plan = reckon('join.plan', [
        'parts' => [['id' => 'ring', 'alloy' => 'platinum-950']],
        'joints' => [['id' => 'seam', 'parts' => 'ring, ring', 'how' => 'fuse']],
    ]);
    expect($plan->value('possible'))->toBe('yes')->and($plan->num('fires'))->toEqual(0)
        ->and($plan->finding('cannot-fuse'))->toBeNull();
});
