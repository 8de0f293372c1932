<?php

declare(strict_types=1);

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;

/** @param array<string, mixed> $raw @return array<string, list<string>> what is wrong, by figure */
function wrongSettings(array $raw): array
{
    try {
        WorkshopSettings::with($raw);
    } catch (BadInput $bad) {
        return $bad->errors;
    }

    return [];
}

it('ships every figure, in its own range', function (): void {
    foreach (WorkshopFields::all() as $path => $field) {
        $ships = $field->default;
        expect($ships)->not->toBeNull($path);
        if (is_scalar($ships)) {
            expect($field->read($ships, WorkshopSettings::shipped()))->toEqual($ships, $path);
        }
    }
});

it('takes a figure of the workshop’s own as it is typed, and leaves the others as they ship', function (): void {
    $own = WorkshopSettings::with(
        ['seats.wall' => '0.02 in', 'burnout.gypsum_limit' => '1300 F', 'shrinkage.carved' => '1.6 %'],
    );
    expect($own->num('seats.wall'))
        ->toEqualWithDelta(0.508, 1e-9)->and($own->num('burnout.gypsum_limit'))->toEqualWithDelta(704.4444, 1e-3)
        ->and($own->num('shrinkage.carved'))->toEqualWithDelta(0.016, 1e-12)->and($own->num('seats.fit'))->toBe(0.05)
        ->and($own->isOwn('seats.wall'))->toBeTrue()->and($own->isOwn('seats.fit'))->toBeFalse()
        ->and(array_keys($own->own()))->toBe(['seats.wall', 'burnout.gypsum_limit', 'shrinkage.carved']);
});

it('refuses a figure that it does not keep, or cannot be, and names each', function (): void {
    $errors = wrongSettings(
        ['seats.wall' => -1, 'seats.colour' => 'red', 'shrinkage.carved' => 0.5, 'seats.fit' => 0.05],
    );
    expect(array_keys($errors))->toEqualCanonicalizing(
        ['rules.seats.wall', 'rules.seats.colour', 'rules.shrinkage.carved'],
    )
        ->and($errors['rules.seats.colour'][0])
        ->toContain('keeps no such figure')->and($errors['rules.shrinkage.carved'][0])->toContain('0.3');
});

it('keeps a list with rows, each of a name of its own', function (array $rows, string $says): void {
    expect(
        implode(' ', array_merge(...array_values(wrongSettings(['stock.sprue_wires' => $rows])) ?: [[]])),
    )->toContain($says);
})->with([
    'none' => [[], 'empty'],
    'two of a name' => [[['name' => 'a', 'diameter' => 2], ['name' => 'a', 'diameter' => 3]], 'one name'],
    'without a name' => [[['name' => '', 'diameter' => 2]], 'no name'],
    'without a figure' => [[['name' => 'a']], 'diameter'],
]);

it('answers by the workshop’s own list', function (): void {
    $own = WorkshopSettings::with(
        ['stock.sprue_wires' => [['name' => 'thick', 'diameter' => '4 mm'], ['name' => 'thin', 'diameter' => 2]]],
    );
    expect($own->names('stock.sprue_wires'))
        ->toBe(['thick', 'thin'])->and($own->row('stock.sprue_wires', 'thick')['diameter'])->toEqual(4.0)
        ->and(fn () => $own->row('stock.sprue_wires', 'thinnest'))->toThrow(LogicException::class);
});

it('keeps the figures that a job began with, whatever ships later', function (): void {
    $kept = WorkshopSettings::kept(['seats.wall' => 0.45, 'seats.fit' => 0.05], ['seats.wall']);
    expect($kept->num('seats.wall'))
        ->toBe(0.45)->and($kept->isOwn('seats.wall'))->toBeTrue()->and($kept->isOwn('seats.fit'))->toBeFalse()
        ->and($kept->own())->toBe(['seats.wall' => 0.45])->and($kept->num('seats.ledge'))->toBe(0.5);
});

it('has one fingerprint for the same figures, and another for others', function (): void {
    $print = static fn (array $own): string => WorkshopSettings::with($own)->fingerprint();
    expect($print(['seats.wall' => 0.5]))
        ->toBe($print(['seats.wall' => '0.5 mm']))->not->toBe($print(['seats.wall' => 0.51]))
        ->and($print([]))->toBe(WorkshopSettings::shipped()->fingerprint());
});

it('asks a figure only for what it is', function (): void {
    $shipped = WorkshopSettings::shipped();
    expect(fn () => $shipped->num('charge.method'))
        ->toThrow(LogicException::class)->and(fn () => $shipped->text('seats.wall'))->toThrow(LogicException::class)
        ->and(fn () => $shipped->rows('seats.wall'))
        ->toThrow(LogicException::class)->and(fn () => $shipped->value('seats.colour'))->toThrow(LogicException::class);
});

it('names and explains every figure', function (): void {
    $meanings = array_map(static fn (Field $field): string => $field->meaning, WorkshopFields::all());
    foreach ($meanings as $path => $meaning) {
        expect(mb_strlen($meaning))->toBeGreaterThan(4, $path)->and($path)->toMatch('/^[a-z]+\.[a-z0-9_]+$/');
    }
});

it('holds the workbook’s defaults', function (string $path, mixed $ships): void {
    expect(WorkshopSettings::shipped()->value($path))->toBe($ships);
})->with([
    ['allowances.finish_inside', 0.10], ['allowances.finish_outside', 0.15], ['allowances.finish_side', 0.10],
    ['shrinkage.carved', 0.015],
    ['shrinkage.mould', 0.035], ['shrinkage.resin', 0.010], ['shrinkage.clay', 0.11], ['charge.button_spin', 0.15],
    ['charge.button_vacuum', 0.20],
    ['charge.button_hand', 0.25], ['charge.least_spin', 5.0], ['charge.least_vacuum', 8.0], ['charge.least_hand', 10.0],
    ['sprue.least', 2.0],
    ['sprue.margin', 1.1], ['sprue.reach_caution', 45.0], ['sprue.reach_stop', 73.0], ['flask.wall', 6.0],
    ['flask.end', 12.0],
    ['investment.water_per_100', 40.0], ['investment.overage_percent', 5.0], ['investment.powder_density', 2.55],
    ['burnout.climb_c_per_min', 6.0],
    ['burnout.fall_c_per_min', 3.0], ['burnout.gypsum_limit', 732.0], ['burnout.clean', 60.0],
    ['burnout.clean_stop', 20.0], ['burnout.core_lag', 30.0],
    ['burnout.wet_caution', 520.0], ['burnout.wet_stop', 600.0], ['pour.coldest_flask', 200.0],
    ['pour.fill_caution', 0.25], ['pour.fill_stop', 0.5],
    ['pour.entry', 1.5], ['pour.shift', 40.0], ['cast.loss_caution', 0.01], ['cast.loss_stop', 0.03],
    ['cast.ignored', 0.05], ['cast.light', 0.03],
    ['cast.light_by_list', 0.06], ['seats.wall', 0.4], ['seats.fit', 0.05], ['seats.ledge', 0.5],
    ['seats.under_culet', 0.4], ['seats.notch', 0.3],
    ['seats.deepest_notch', 0.4], ['seats.least_standing', 1.5], ['seats.cup', 0.35], ['seats.pilot', 0.5],
    ['seats.opened', 0.7], ['seats.ball', 0.9],
    ['seats.bearing', 0.95], ['stones.crown', 0.15], ['stones.girdle', 0.03], ['stones.pavilion', 0.43],
    ['layouts.symmetry', 0.2],
    ['work.reduction', 0.5], ['work.stretch_gold', 0.05], ['work.stretch_silver', 0.08], ['sizing.stones_caution', 0.4],
    ['sizing.stones_stop', 0.8],
    ['solder.step', 10.0], ['solder.margin', 10.0], ['solder.margin_caution', 25.0], ['solder.moves', 30.0],
    ['solder.read', 20.0], ['solder.gap', 0.07],
    ['solder.gap_caution', 0.15], ['solder.gap_stop', 0.2], ['solder.least_silver', 0.65], ['solder.least_9k', 0.375],
    ['solder.least_14k', 0.585],
    ['solder.least_18k', 0.75], ['finish.grit_step', 2.0], ['limits.crown_caution', 1.2], ['limits.crown_stop', 0.8],
    ['limits.edge', 0.8],
    ['limits.steady_shank', 2.0], ['limits.top_heavy', 0.6], ['wax.spare', 0.5], ['wax.density_least', 0.93],
    ['wax.density_most', 1.03],
]);
