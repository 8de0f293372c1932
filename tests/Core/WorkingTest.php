<?php

declare(strict_types=1);

use HotSprue\Calculation\Working;
use HotSprue\Calculations;
use HotSprue\Samples\Samples;
use Tests\Support\Arithmetic;

dataset('examples', static function (): iterable {
    foreach (Samples::all() as $sheet => $inputs) {
        foreach ($inputs as $index => $input) {
            yield "{$sheet} {$index}" => [$sheet, $input];
        }
    }
});

it('shows a sum that comes out at the result', function (string $sheet, array $input): void {
    $answer = reckon($sheet, $input);
    $summed = 0;
    foreach ($answer->working as $working) {
        $value = $answer->value($working->result);
        if (is_string($value)) {
            continue;
        }
        $sum = Arithmetic::of($working->formula->line());
        // Shown to four decimals at least: the sum is as near as those allow.
        expect(abs($sum - $value))->toBeLessThan(
            2e-4 * max(1.0, abs($value)),
            "{$sheet} {$working->result}: {$working->formula->line()} = {$sum}, not {$value}",
        );
        $summed++;
    }
    expect($summed)->toBeGreaterThan(0);
})->with('examples');

it('says for every number on the screen how it came about, and where each input is from', function (
    string $sheet, array $input,
): void {
    $answer = reckon($sheet, $input);
    $description = Calculations::describe($sheet);
    $inputs = array_column($description->inputs, 'name');
    $worked = array_map(static fn (Working $working): string => $working->result, $answer->working);
    foreach (array_keys($answer->results) as $name) {
        expect(
            $answer->isList($name) || in_array($name, $worked, true),
        )->toBeTrue("{$sheet} {$name} has no working");
    }
    foreach ($answer->working as $working) {
        expect($working->because)->not->toBe('')->and($working->source)->not->toBe('')
            ->and(array_diff(array_keys($working->used()), $inputs))->toBe([]);
    }
})->with('examples');

it('calls every sheet by its own name', function (): void {
    foreach (Calculations::all() as $name => $sheet) {
        expect($sheet->description()->name)->toBe($name);
    }
});

it('has an example for every sheet, and a result for every result that is declared', function (): void {
    foreach (Calculations::all() as $name => $sheet) {
        $given = [];
        foreach (Samples::all()[$name] ?? [] as $input) {
            $given = [...$given, ...array_keys(reckon($name, $input)->results)];
        }
        expect(array_values(array_diff(array_column($sheet->description()->results, 'name'), $given)))->toBe([], $name);
    }
});
