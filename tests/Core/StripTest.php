<?php

declare(strict_types=1);

use HotSprue\Calculation\Level;

// Expected figures are the workbook's, or reckoned by hand from section 11.

it('cuts a strip by the middle of its section, and shows what the bench rule would give', function (
    array $input, float $length, float $rule,
): void {
    $answer = reckon('strip.length', $input);
    expect($answer->num('length'))
        ->toEqualWithDelta($length, 5e-4)->and($answer->num('bench_rule'))->toEqualWithDelta($rule, 5e-4)
        ->and($answer->num('rule_off'))->toEqualWithDelta($rule - $length, 1e-3);
})->with([
    'flat, 2 thick, US 7' => [['scale' => 'us', 'size' => '7', 'width' => 4, 'thickness' => 2], 60.694, 60.694],
    'half-round with an overlap' => [
        ['inner_diameter' => 17.4, 'profile' => 'half-round', 'width' => 4.2, 'thickness' => 1.8, 'overlap' => 1.5],
        60.907, 61.819,
    ],
    'open by a gap, with trim' => [
        ['inner_diameter' => 17, 'width' => 3, 'thickness' => 1.5, 'gap' => 4, 'trim' => 0.5], M_PI * 18.5 - 3.5,
        M_PI * 18.5 - 3.5,
    ],
]);

it('weighs the blank and says what the stock leaves', function (): void {
    $answer = reckon(
        'strip.length',
        ['inner_diameter' => 18, 'width' => 5, 'thickness' => 2, 'stock_length' => 100, 'alloy' => 'sterling-925'],
    );
    expect($answer->num('mass'))
        ->toEqualWithDelta(M_PI * 20 * 10 * 10.36 / 1000, 1e-6)->and($answer->num('left_over'))
        ->toEqualWithDelta(100 - M_PI * 20, 1e-9);
});

it('divides stock into pieces with the saw’s width, and says what the rest makes', function (): void {
    $answer = reckon(
        'stock.cut',
        [
            'stock_length' => 100, 'kerf' => 0.5,
            'pieces' => [
                ['name' => 'shank', 'length' => 60], ['name' => 'shoulder', 'length' => 12, 'count' => 2],
                ['name' => 'jump ring', 'length' => 3, 'count' => 0],
            ],
        ],
    );
    // 84 and three cuts of 0.5: 85.5; 14.5 are left, and 4 × 3 + 3 × 0.5 = 13.5 of jump rings go into them.
    expect($answer->num('used'))->toBe(85.5)->and($answer->num('left_over'))->toBe(14.5)
        ->and(array_column($answer->value('still_makes'), 'count', 'name'))
        ->toBe(['shank' => 0, 'shoulder' => 1, 'jump ring' => 4]);
});

it('lets the last piece end with the stock', function (float $stock, float $left): void {
    expect(
        reckon(
            'stock.cut',
            ['stock_length' => $stock, 'kerf' => 0.3, 'pieces' => [['name' => 'side', 'length' => 20, 'count' => 2]]],
        )->num('left_over'),
    )->toEqualWithDelta($left, 1e-9);
})->with([[40.3, 0.0], [40.5, 0.0], [40.6, 0.0], [41.0, 0.4]]);

it('cuts a disc to be domed as large as the dome’s own area', function (): void {
    $answer = reckon(
        'plate.cut',
        [
            'sheet_width' => 24, 'sheet_length' => 36, 'thickness' => 1, 'shape' => 'disc', 'width' => 10,
            'dome_height' => 2, 'gap' => 0.5,
        ],
    );
    // Cap: π (5² + 2²); a disc of that area is 2 √29 across. Rows: (24 + 0.5) ÷ 11.27 = 2; columns: 36.5 ÷ 11.27 = 3.
    expect($answer->num('blank'))->toEqualWithDelta(2 * sqrt(29), 1e-9)->and($answer->num('makes'))->toBe(6.0)
        ->and($answer->num('mass_each'))->toEqualWithDelta(M_PI * 29 * 10.36 / 1000, 1e-6);
});

it('turns plates the way that gives more of them', function (): void {
    expect(
        reckon(
            'plate.cut',
            ['sheet_width' => 20, 'sheet_length' => 31, 'thickness' => 1, 'width' => 10, 'length' => 6, 'gap' => 0],
        )->num('makes'),
    )->toBe(10.0);
});

it('counts annealings', function (array $input, float $strain, float $anneals): void {
    $answer = reckon('anneal.passes', $input);
    expect($answer->num('strain'))->toEqualWithDelta($strain, 1e-6)->and($answer->num('anneals'))->toBe($anneals);
})->with([
    'bent: 2 ÷ (8 + 2)' => [['alloy' => 'sterling-925', 'inner_diameter' => 8, 'thickness' => 2], 0.2, 2.0],
    'domed: √(20² + 12²) ÷ 20' => [
        ['alloy' => 'sterling-925', 'work' => 'dome', 'rim' => 20, 'height' => 6], sqrt(544) / 20 - 1, 2.0,
    ],
    'drawn to a quarter: half twice' => [
        ['alloy' => 'sterling-925', 'work' => 'draw', 'area_before' => 8, 'area_after' => 2], 0.75, 2.0,
    ],
    'drawn a little farther' => [
        ['alloy' => 'sterling-925', 'work' => 'draw', 'area_before' => 8, 'area_after' => 1.99], 1 - 1.99 / 8, 3.0,
    ],
    'gold stretched 5 % at 2.5 a pass' => [['alloy' => '18k-yellow', 'work' => 'stretch', 'strain' => 0.05], 0.05, 2.0],
    'silver stretched 5 % at 4 a pass' => [
        ['alloy' => 'sterling-925', 'work' => 'stretch', 'strain' => 0.05], 0.05, 2.0,
    ],
    'silver stretched 4 %' => [['alloy' => 'sterling-925', 'work' => 'stretch', 'strain' => 0.04], 0.04, 1.0],
]);

it('says how each alloy is annealed', function (string $alloy, string $how): void {
    expect(
        reckon('anneal.passes', ['alloy' => $alloy, 'work' => 'press', 'strain' => 0.1])->value('annealing'),
    )->toContain($how);
})->with([
    ['sterling-925', '600–650 °C'], ['18k-yellow', '650–700 °C'], ['18k-rose', 'quench at once'],
    ['14k-white-nickel', '700–750 °C'], ['platinum-950', '1000 °C'], ['22k-yellow', 'supplier'],
]);

it('lays an insert round the floor of a groove', function (): void {
    expect(
        reckon('inlay.fit', ['floor_diameter' => 18, 'width' => 2, 'thickness' => 1])->num('length'),
    )->toEqualWithDelta(59.690, 5e-4);
    $answer = reckon(
        'inlay.fit',
        [
            'outer_diameter' => 20, 'groove_depth' => 0.5, 'inner_diameter' => 17, 'band_width' => 6, 'width' => 2.45,
            'thickness' => 0.7,
        ],
    );
    // Floor 19; lips (6 − 2.5) ÷ 2; pressed 1 ÷ 20, at 4 % a pass.
    expect($answer->num('floor_diameter'))
        ->toBe(19.0)->and($answer->num('lip'))->toEqualWithDelta(1.75, 1e-9)->and($answer->num('left_under'))->toBe(1.0)
        ->and($answer->num('press'))
        ->toEqualWithDelta(0.05, 1e-9)->and($answer->num('passes'))->toBe(2.0)->and($answer->num('proud'))
        ->toEqualWithDelta(0.2, 1e-9);
});

it('stretches, lets in or takes out', function (array $input, string $method, array $expected): void {
    $answer = reckon('size.change', ['width' => 3, 'thickness' => 2, ...$input]);
    expect($answer->value('method'))->toBe($method);
    foreach ($expected as $name => $value) {
        expect($answer->num($name))->toEqualWithDelta($value, 1e-6, $name);
    }
})->with([
    'silver, 54 to 56' => [
        ['from' => 54, 'to' => 56, 'alloy' => 'sterling-925'], 'stretch',
        [
            'change_diameter' => 2 / M_PI, 'strain' => 2 / 54, 'passes' => 1, 'thickness_after' => 2 * (1 - 1 / 54),
            'metal_change' => 0,
        ],
    ],
    'gold, 50 to 54' => [
        ['from' => 50, 'to' => 54, 'alloy' => '18k-yellow'], 'insert',
        ['insert' => 4.3, 'metal_change' => 4.3 * 6 * 15.5 / 1000, 'thickness_after' => 2, 'price_hint' => 40],
    ],
    'gold, 54 to 50' => [
        ['from' => 54, 'to' => 50, 'alloy' => '18k-yellow', 'stones' => 3], 'take-out',
        ['edges_apart' => 4, 'scribe_apart' => 3.7, 'metal_change' => -0.372, 'price_hint' => 47],
    ],
    'gold, pressed' => [
        ['from' => 54, 'to' => 52, 'alloy' => '14k-yellow'], 'compress',
        ['passes' => 2, 'thickness_after' => 2 * (1 + 1 / 54)],
    ],
    'a channel is not bent' => [
        ['from' => 54, 'to' => 55, 'alloy' => '14k-yellow', 'stones_in' => 'channel'], 'insert', ['insert' => 1.3],
    ],
    'a US size up' => [
        ['from' => 'US 6', 'to' => 'US 7', 'alloy' => '18k-yellow'], 'stretch', ['change_diameter' => 0.8128],
    ],
]);

it('says how each way of sizing is done', function (array $sizes, string $says): void {
    expect(
        implode(
            ' ',
            array_column(
                (array) reckon(
                    'size.change', ['width' => 3, 'thickness' => 2, 'alloy' => '18k-yellow', ...$sizes],
                )->value('steps'),
                'step',
            ),
        ),
    )->toContain($says);
})->with(
    [
        [['from' => 50, 'to' => 51], 'soft mallet does not'], [['from' => 51, 'to' => 50], 'ring of holes'],
        [['from' => 50, 'to' => 54], 'both joints in one heat'],
        [['from' => 54, 'to' => 50], 'saw through the closed joint'], [['from' => 50, 'to' => 50], 'already'],
    ],
);

it('leaves a ring that has its size', function (): void {
    $answer = reckon(
        'size.change',
        ['from' => 54, 'to' => 54, 'method' => 'insert', 'width' => 3, 'thickness' => 2, 'alloy' => 'sterling-925'],
    );
    expect($answer->value('method'))->toBe('leave')->and($answer->findings)->toBe([]);
});

it('refuses what does not go together', function (string $sheet, array $input, string $field): void {
    expect(array_keys(refused($sheet, $input)))->toContain($field);
})->with([
    'a groove through the band' => [
        'inlay.fit', ['floor_diameter' => 17, 'inner_diameter' => 17, 'width' => 2, 'thickness' => 1], 'inner_diameter',
    ],
    'a groove as wide as the band' => [
        'inlay.fit', ['floor_diameter' => 17, 'band_width' => 2, 'width' => 2, 'thickness' => 1], 'band_width',
    ],
    'the floor said twice' => [
        'inlay.fit',
        ['floor_diameter' => 17, 'outer_diameter' => 19, 'groove_depth' => 1, 'width' => 2, 'thickness' => 1],
        'outer_diameter',
    ],
    'no floor' => ['inlay.fit', ['width' => 2, 'thickness' => 1], 'floor_diameter'],
    'a groove deeper than the band' => [
        'inlay.fit', ['outer_diameter' => 19, 'groove_depth' => 9.5, 'width' => 2, 'thickness' => 1], 'groove_depth',
    ],
    'a dome over half a ball' => [
        'plate.cut',
        [
            'sheet_width' => 50, 'sheet_length' => 50, 'thickness' => 1, 'shape' => 'disc', 'width' => 10,
            'dome_height' => 5.1,
        ],
        'dome_height',
    ],
    'a plate that is domed' => [
        'plate.cut', ['sheet_width' => 50, 'sheet_length' => 50, 'thickness' => 1, 'width' => 10, 'dome_height' => 1],
        'dome_height',
    ],
    'a disc with a length' => [
        'plate.cut',
        ['sheet_width' => 50, 'sheet_length' => 50, 'thickness' => 1, 'shape' => 'disc', 'width' => 10, 'length' => 12],
        'length',
    ],
    'drawn thicker' => [
        'anneal.passes', ['alloy' => 'sterling-925', 'work' => 'draw', 'area_before' => 2, 'area_after' => 3],
        'area_after',
    ],
    'bent, and no thickness' => ['anneal.passes', ['alloy' => 'sterling-925', 'inner_diameter' => 8], 'thickness'],
    'a dome higher than half a ball' => [
        'anneal.passes', ['alloy' => 'sterling-925', 'work' => 'dome', 'rim' => 8, 'height' => 5], 'height',
    ],
    'stretched by nothing' => ['anneal.passes', ['alloy' => 'sterling-925', 'work' => 'stretch'], 'strain'],
]);

it('counts the shank with the other pieces and their kerfs', function (): void {
    $given = ['kerf' => 0.3, 'shank' => 56.57, 'pieces' => [['name' => 'shoulder', 'length' => 8, 'count' => 2]]];
    $short = reckon('stock.cut', ['stock_length' => 70, ...$given]);
    expect($short->num('used'))->toEqualWithDelta(56.57 + 16 + 2 * 0.3, 1e-9)->and($short->num('left_over'))->toEqual(0)
        ->and($short->findings[0]->code)->toBe('stock-short')->and($short->findings[0]->level)->toBe(Level::Stop)
        ->and(reckon('stock.cut', ['stock_length' => 73.17, ...$given])->findings)->toBe([])
        ->and(reckon('stock.cut', ['stock_length' => 80, ...$given])->num('left_over'))
        ->toEqualWithDelta(80 - 72.57 - 0.9, 1e-9);
    // A shank that is listed is not cut twice.
    $listed = [['name' => 'shank', 'length' => 61], ...$given['pieces']];
    expect(
        reckon('stock.cut', [...$given, 'stock_length' => 100, 'pieces' => $listed])->num('used'),
    )->toEqualWithDelta(61 + 16 + 0.9, 1e-9)
        ->and(reckon('stock.cut', ['stock_length' => 60, 'kerf' => 0.3, 'shank' => 56.57])->num('left_over'))
        ->toEqualWithDelta(3.13, 1e-9);
});
