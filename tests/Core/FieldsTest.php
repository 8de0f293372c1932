<?php

declare(strict_types=1);

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Fields\Label;
use HotSprue\Fields\Origin;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** What a field makes of something, or the words with which it refuses it. */
function readAs(Field $field, mixed $raw): mixed
{
    try {
        return $field->read($raw, WorkshopSettings::shipped());
    } catch (NotUnderstood $not) {
        return "refused: {$not->getMessage()}";
    }
}

it('reads a number in the core’s unit, or as it is said', function (Field $field, mixed $raw, mixed $value): void {
    $read = readAs($field, $raw);
    is_float($value) ? expect($read)->toEqualWithDelta($value, 1e-9) : expect($read)->toBe($value);
})->with([
    'mm' => [Field::length('a', 'a'), 5, 5.0], 'inch' => [Field::length('a', 'a'), '1/8 in', 3.175],
    // Workbook 1: n ga is 0.127 × 92^((36 − n) ÷ 39).
    'gauge' => [Field::length('a', 'a'), '16 ga', 0.127 * 92 ** (20 / 39)],
    'pennyweight' => [Field::mass('a', 'a'), '2 dwt', 3.11034768],
    'troy ounce' => [Field::mass('a', 'a'), '1 ozt', 31.1034768],
    'percent' => [Field::share('a', 'a'), '1.5 %', 0.015],
    'Fahrenheit' => [Field::temperature('a', 'a'), '900 F', (900 - 32) / 1.8],
    'a difference of temperatures' => [Field::degreesApart('a', 'a'), '18 F', 10.0],
    'hours' => [Field::minutes('a', 'a'), '1.5 h', 90.0],
    'a count' => [Field::count('a', 'a'), 3, 3], 'a count in words' => [Field::count('a', 'a'), '3', 3],
    'yes' => [Field::yesNo('a', 'a'), true, true], 'a text' => [Field::text('a', 'a'), 'pinky', 'pinky'],
    'a figure as text' => [Field::text('a', 'a'), 7, '7'],
    'a choice' => [Field::choice('a', ['bent', 'scored'], 'a'), 'bent', 'bent'],
    'a name of a list' => [Field::named('a', 'stock.alloys', 'a'), 'sterling-925', 'sterling-925'],
    'a day' => [Field::of(Quantity::Day, 'a', 'a'), '2026-12-01', '2026-12-01'],
    'an hour' => [Field::of(Quantity::Moment, 'a', 'a'), '2026-12-01T14:00', '2026-12-01T14:00'],
    'nought where it is fine' => [Field::length('a', 'a')->allowingZero(), 0, 0.0],
]);

it('refuses what it cannot be, and says what it can', function (Field $field, mixed $raw, string $says): void {
    expect(readAs($field, $raw))->toBeString()->toStartWith('refused: ')->toContain($says);
})->with([
    'under nought' => [Field::length('a', 'a'), -1, 'too small'],
    'nought' => [Field::length('a', 'a'), 0, 'more than 0 is accepted'],
    'past its end' => [Field::count('a', 'a')->between(3, 8), 9, 'up to 8 is accepted'],
    'before its beginning' => [Field::count('a', 'a')->between(3, 8), 2, '3 or more is accepted'],
    'half a thing' => [Field::count('a', 'a'), 2.5, '2.5'],
    'no number' => [Field::length('a', 'a'), NAN, 'not a finite number'],
    'endless' => [Field::mass('a', 'a'), INF, 'not a finite number'],
    'words' => [Field::length('a', 'a'), 'wide', 'wide'],
    'another unit' => [Field::length('a', 'a'), '5 g', 'g'],
    'an ounce of something' => [Field::mass('a', 'a'), '1 oz', 'oz'],
    'a list' => [Field::length('a', 'a'), [1], 'a list'], 'nothing' => [Field::length('a', 'a'), null, 'nothing'],
    'not a choice' => [Field::choice('a', ['bent', 'scored'], 'a'), 'folded', 'bent, scored is accepted'],
    'no such alloy' => [Field::named('a', 'stock.alloys', 'a'), 'unobtainium', 'is not known here'],
    'no yes' => [Field::yesNo('a', 'a'), 'perhaps', 'perhaps'],
    'no such day' => [Field::of(Quantity::Day, 'a', 'a'), '2026-02-30', '2026-02-30'],
    'no hour' => [Field::of(Quantity::Moment, 'a', 'a'), 'tomorrow', 'tomorrow'],
    'a text without end' => [Field::text('a', 'a'), str_repeat('x', 10_001), '10,000 letters'],
    'broken letters' => [Field::text('a', 'a'), "\xff\xfe", '10,000 letters'],
]);

it('reads a list given, or said with commas', function (): void {
    $field = Field::length('a', 'a')->many();
    expect(readAs($field, '1, 2.5,3'))
        ->toEqualWithDelta([1, 2.5, 3], 1e-9)->and(readAs($field, [1, '2 mm']))->toEqualWithDelta([1, 2], 1e-9)
        ->and(readAs($field, []))
        ->toContain('A list of 1 to 100')->and(readAs($field, range(1, 101)))->toContain('A list of 1 to 100')
        ->and(readAs($field, ['x' => 1]))->toContain('A list of 1 to 100')
        ->and(readAs($field->optional(), []))->toBe([])->and(readAs($field->default([]), ''))->toBe([]);
});

it('reads shares by name, and no other name', function (): void {
    $field = Field::shares('a', ['Au', 'Ag'], 'a');
    expect(readAs($field, ['Au' => '75 %', 'Ag' => 0.25]))->toEqualWithDelta(['Au' => 0.75, 'Ag' => 0.25], 1e-9)
        ->and(readAs($field, ['Pb' => 1]))
        ->toContain('Pb is not known here')->and(readAs($field, []))->toContain('refused')
        ->and(readAs($field, [0.5, 0.5]))->toContain('refused');
});

it('reads rows by their columns, and says which row is wrong', function (): void {
    $field = Field::rows(
        'a',
        [Field::text('name', 'a')->optional(), Field::length('width', 'a'), Field::count('count', 'a')->default(1)],
        'a',
    );
    expect(readAs($field, [['width' => '1/8 in']]))->toEqualWithDelta(
        [['name' => null, 'width' => 3.175, 'count' => 1]], 1e-9,
    )
        ->and(readAs($field, [['width' => 1], ['width' => -1]]))->toContain('Row 2, width: ')
        ->and(readAs($field, [['width' => 1, 'weight' => 2]]))->toContain('Row 1, weight: ')
        ->and(readAs($field, [['name' => 'a']]))
        ->toContain('Row 1, width: Missing')->and(readAs($field, ['x']))->toContain('Row 1 is not an object')
        ->and(readAs($field, ['width' => 1]))->toContain('up to 500 rows');
});

it('knows of every input where it came from', function (): void {
    $fields = [
        Field::length('given', 'a'), Field::length('usual', 'a')->default(2.0),
        Field::length('shop', 'a')->fromSetting('seats.wall'), Field::length('own', 'a')->fromSetting('seats.fit'),
        Field::length('none', 'a')->optional(),
    ];
    $input = Input::read(
        $fields, ['given' => '3 mm'], WorkshopSettings::with(['seats.fit' => 0.08]), ['given' => Origin::Measured],
    );
    $origins = array_map(static fn (Field $field): Origin => $input->origin($field->name), $fields);
    expect($origins)->toBe([Origin::Measured, Origin::Default, Origin::Default, Origin::Shop, Origin::Default])
        ->and($input->values())
        ->toEqualWithDelta(['given' => 3.0, 'usual' => 2.0, 'shop' => 0.4, 'own' => 0.08, 'none' => null], 1e-9)
        ->and($input->isGiven('given'))
        ->toBeTrue()->and($input->isGiven('usual'))->toBeFalse()->and($input->has('none'))->toBeFalse()
        ->and($input->numOr('none', 7.0))->toBe(7.0);
});

it('names every input that is wrong, at once', function (): void {
    $fields = [Field::length('width', 'a'), Field::count('count', 'a'), Field::text('name', 'a')->optional()];
    try {
        Input::read($fields, ['width' => -1, 'weight' => 2], WorkshopSettings::shipped());
        $errors = [];
    } catch (BadInput $bad) {
        $errors = $bad->errors;
    }
    expect(array_keys($errors))
        ->toEqualCanonicalizing(['width', 'count', 'weight'])->and($errors['count'][0])->toStartWith('Missing')
        ->and($errors['weight'][0])->toContain('width, count, name is accepted');
});

it('calls a figure by its name, without its unit, or by what it is called', function (
    string $name, string $label,
): void {
    expect(Label::of($name))->toBe($label);
})->with([
    ['form.width_top', 'width top'], ['volume_mm3', 'volume'], ['y_angle_deg', 'y angle'], ['slurry_ml', 'slurry'],
    ['step_c', 'step'],
    ['overage_percent', 'overage'], ['count', 'count'],
]);

it('makes a decision of an input: the same figure, said by nobody yet', function (): void {
    $input = Field::length('sprue_length', 'length of a sprue')
        ->called('sprue, long')->fromSetting('sprue.length')->allowingZero();
    $decision = $input->asDecision('tree.sprue_length');
    expect([$decision->name, $decision->meaning, $decision->label(), $decision->zero, $decision->quantity])
        ->toBe(['tree.sprue_length', 'length of a sprue', 'sprue, long', true, Quantity::Length])
        ->and([$decision->default, $decision->setting])->toBe([null, null])->and($input->setting)->toBe('sprue.length');
});
