<?php

declare(strict_types=1);

use HotSprue\Calculations;
use Tests\Support\Findings;

dataset('findings', static function (): iterable {
    foreach (Findings::all() as $index => $row) {
        yield "{$row[0]} {$row[1]} {$index}" => $row;
    }
});

it('fires at its limit and keeps quiet just inside', function (
    string $sheet, string $code, array $fires, array $quiet,
): void {
    $finding = reckon($sheet, $fires)->finding($code);
    expect($finding)->not->toBeNull()
        ->and($finding?->message)->not->toBe('')->and($finding?->remedy)->not->toBe('')
        ->and(reckon($sheet, $quiet)->finding($code))->toBeNull();
})->with('findings');

it('is cleared by the figure that its remedy sets', function (string $sheet, string $code, array $fires): void {
    $set = reckon($sheet, $fires)->finding($code)->set ?? [];
    expect($set === [] ? null : reckon($sheet, [...$fires, ...$set])->finding($code))->toBeNull();
})->with('findings');

it('has a trial for every finding that a sheet declares', function (): void {
    $tried = array_map(static fn (array $row): string => "{$row[0]} {$row[1]}", Findings::all());
    $declared = [];
    foreach (Calculations::all() as $name => $sheet) {
        foreach (array_keys($sheet->description()->findings) as $code) {
            $declared[] = "{$name} {$code}";
        }
    }
    expect(array_values(array_diff($declared, $tried)))->toBe([]);
});
