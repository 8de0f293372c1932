<?php

declare(strict_types=1);

use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\Quantity;
use Tests\Support\Draw;

it('reads a mark of any stick, and finds it again as the nearest', function (int $seed): void {
    $draw = new Draw(11000 + $seed);
    [$scale, $size, $round] = match ($draw->whole(1, 5)) {
        1 => ['us', (string) ($quarter = $draw->between(1, 13, 0.25)), M_PI * (11.63 + 0.8128 * $quarter)],
        2 => [
            'uk', chr(65 + ($letter = $draw->whole(5, 25))).($letter < 25 && $draw->whole(0, 1) === 1 ? '½' : ''),
            37.5 + 1.25 * $letter,
        ],
        3 => ['iso', (string) ($mm = $draw->between(42, 70, 0.5)), $mm],
        4 => ['jp', (string) ($number = $draw->whole(1, 27)), M_PI * (12 + 2 / 3 + $number / 3)],
        default => ['ch', (string) ($number = $draw->between(3, 28, 0.5)), 40 + $number],
    };
    $round += str_ends_with($size, '½') ? 0.625 : 0.0;
    $answer = reckon('size.convert', ['scale' => $scale, 'size' => $size]);
    expect($answer->num('inner_circumference'))
        ->toEqualWithDelta($round, 1e-9)->and($answer->num('inner_diameter'))->toEqualWithDelta($round / M_PI, 1e-9);
    foreach ($answer->value('marks') as $mark) {
        // A stick's nearest mark is never farther than half its step: quarters, halves, whole millimetres, a third of a
        // mm across.
        $step = [
            'us' => 0.25 * 0.8128 * M_PI, 'uk' => 0.625, 'iso' => 1.0, 'jp' => M_PI / 3, 'ch' => 1.0,
        ][$mark['scale']] ?? null;
        if ($step !== null) {
            expect(abs($mark['off_mm']))->toBeLessThanOrEqual(
                $step / 2 + 1e-9, "{$mark['scale']} for {$scale} {$size}",
            );
        }
    }
})->with(range(1, 60));

it('reads lengths and masses in every unit that is said', function (int $seed): void {
    $draw = new Draw(12000 + $seed);
    $whole = $draw->whole(0, 6);
    [$top, $bottom] = $draw->pick([[1, 2], [1, 4], [3, 4], [1, 8], [3, 8], [5, 8], [7, 8], [3, 16], [11, 16]]);
    $gauge = $draw->whole(4, 30);
    $figure = $draw->between(0.1, 90);
    expect(
        BenchTalk::read(Quantity::Length, ($whole === 0 ? '' : "{$whole} ")."{$top}/{$bottom} in"),
    )->toEqualWithDelta(25.4 * ($whole + $top / $bottom), 1e-9)
        ->and(BenchTalk::read(Quantity::Length, "{$gauge} ga"))
        ->toEqualWithDelta(0.127 * 92 ** ((36 - $gauge) / 39), 1e-9)
        ->and(BenchTalk::read(Quantity::Length, str_replace('.', ',', "{$figure} cm")))
        ->toEqualWithDelta(10 * $figure, 1e-9);
    foreach ([
        'g' => 1, 'mg' => 0.001, 'kg' => 1000, 'ct' => 0.2, 'dwt' => 1.55517384, 'ozt' => 31.1034768,
        'grain' => 0.06479891,
    ] as $unit => $grams) {
        expect(
            BenchTalk::read(Quantity::Mass, "{$figure} {$unit}"),
        )->toEqualWithDelta($figure * $grams, 1e-9 * max(1, $figure * $grams));
    }
    expect(BenchTalk::read(Quantity::Temperature, "{$figure} F"))->toEqualWithDelta(($figure - 32) * 5 / 9, 1e-9);
})->with(range(1, 20));

it('carves a wax to the size that finishing and shrinkage leave', function (int $seed): void {
    $draw = new Draw(13000 + $seed);
    [$diameter, $width, $thickness] = [$draw->between(14, 22), $draw->between(2, 9), $draw->between(1.2, 3)];
    [$process, $shrinkage] = $draw->pick([['carved', 0.015], ['mould', 0.035], ['resin', 0.01], ['clay', 0.11]]);
    [$finishing, $factor] = $draw->pick([['light', 0.5], ['usual', 1.0], ['heavy', 2.0]]);
    $how = ['process' => $process, 'finishing' => $finishing];
    $wax = reckon(
        'wax.dimensions', ['inner_diameter' => $diameter, 'width' => $width, 'thickness' => $thickness, ...$how],
    );
    expect($wax->num('bore'))->toEqualWithDelta(($diameter - 0.2 * $factor) / (1 - $shrinkage), 1e-9)
        ->and($wax->num('width'))->toEqualWithDelta(($width + 0.2 * $factor) / (1 - $shrinkage), 1e-9)
        ->and($wax->num('thickness'))->toEqualWithDelta(($thickness + 0.25 * $factor) / (1 - $shrinkage), 1e-9)
        // What comes out of the mould is still unfinished.
        ->and($wax->num('bore_as_cast'))->toEqualWithDelta($diameter - 0.2 * $factor, 1e-9);
    $back = reckon(
        'wax.predict',
        ['bore' => $wax->num('bore'), 'width' => $wax->num('width'), 'thickness' => $wax->num('thickness'), ...$how],
    );
    expect($back->num('inner_diameter'))
        ->toEqualWithDelta($diameter, 1e-9)->and($back->num('width'))->toEqualWithDelta($width, 1e-9)
        ->and($back->num('thickness'))->toEqualWithDelta($thickness, 1e-9);
})->with(range(1, 40));
