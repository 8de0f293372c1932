<?php

declare(strict_types=1);

use HotSprue\Drawing\PathPoints;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

it('refuses inputs that are each fine but do not go together, and names the field', function (
    string $sheet, array $input, string $field, string $says,
): void {
    $refused = refused($sheet, $input);
    expect($refused)->toHaveKey($field)->and(implode(' ', $refused[$field]))->toContain($says);
})->with([
    'a finger larger than hands have' => [
        'form.band', ['inner_diameter' => 60, 'width_top' => 4, 'thickness_top' => 2], 'inner_diameter', 'accepted',
    ],
    'no finger at all' => [
        'form.band', ['width_top' => 4, 'thickness_top' => 2], 'inner_diameter', 'a scale and a size',
    ],
    'a knife’s edge on a flat band' => [
        'form.band', ['inner_diameter' => 17, 'width_top' => 4, 'thickness_top' => 2, 'edge' => 1], 'edge',
        'Only a knife section',
    ],
    'a strip whose edge is higher than it is thick' => [
        'strip.length', ['inner_diameter' => 17, 'profile' => 'knife', 'width' => 4, 'thickness' => 2, 'edge' => 3],
        'edge', 'accepted',
    ],
    'divided twice over' => ['layout.divide', ['total' => 10, 'parts' => 2, 'ratios' => [1, 2]], 'ratios', 'not both'],
    'divided into nothing' => ['layout.divide', ['total' => 10], 'parts', 'a list of proportions'],
    'a proportion of nothing' => ['layout.divide', ['total' => 10, 'ratios' => [1, 0]], 'ratios', 'more than 0'],
    'all of it sawn away' => [
        'layout.divide', ['total' => 1, 'parts' => 4, 'kerf' => 0.4], 'kerf', 'The cuts take all of it',
    ],
    'a row listed and graded' => [
        'layout.row', ['sizes' => [2, 2], 'count' => 3, 'outer_diameter' => 21], 'count', 'not both',
    ],
    'a row without an end' => [
        'layout.row', ['count' => 3, 'largest' => 2, 'outer_diameter' => 21], 'smallest', 'count, largest and smallest',
    ],
    'a row that grades the wrong way' => [
        'layout.row', ['count' => 3, 'largest' => 2, 'smallest' => 3, 'outer_diameter' => 21], 'smallest',
        'larger than the largest',
    ],
    'two densities' => [
        'metal.charge', ['wax_mass' => 2, 'alloy' => 'sterling-925', 'metal_density' => 10], 'metal_density',
        'not both',
    ],
    'no metal' => ['metal.charge', ['wax_mass' => 2], 'alloy', 'a metal density'],
    'weighed and displaced' => [
        'metal.charge', ['wax_mass' => 2, 'displaced_ml' => 2, 'alloy' => 'sterling-925'], 'displaced_ml', 'not both',
    ],
    'neither weighed nor displaced' => ['metal.charge', ['alloy' => 'sterling-925'], 'wax_mass', 'displaced water'],
    'two waxes' => [
        'metal.charge', ['wax_mass' => 2, 'wax' => 'injection', 'wax_density' => 1, 'alloy' => 'sterling-925'],
        'wax_density', 'not both',
    ],
    'stones heavier than the wax with them' => [
        'metal.charge', ['wax_mass' => 2, 'stones_in_wax' => true, 'stones_mass' => 3, 'alloy' => 'sterling-925'],
        'stones_mass', 'weigh more',
    ],
    'sprues larger than the tree' => [
        'metal.charge', ['wax_mass' => 1, 'weighed' => 'tree', 'sprue_volume_mm3' => 5000, 'alloy' => 'sterling-925'],
        'sprue_volume_mm3', 'larger than the whole tree',
    ],
    'a trillion that is longer' => [
        'stone.outline', ['shape' => 'trillion', 'width' => 6, 'length' => 8], 'length', 'its width only',
    ],
    'a gem said twice' => [
        'stone.weight', ['shape' => 'round', 'width' => 5, 'depth' => 3, 'species' => 'ruby', 'specific_gravity' => 4],
        'specific_gravity', 'not both',
    ],
    'no gem' => ['stone.weight', ['shape' => 'round', 'width' => 5, 'depth' => 3], 'species', 'a specific gravity'],
    'longer across than along' => [
        'stone.weight', ['shape' => 'oval', 'width' => 9, 'length' => 7, 'depth' => 3, 'species' => 'ruby'], 'length',
        'the longer measure',
    ],
    'a modulus and a section' => ['sprue.size', ['section_modulus' => 0.7, 'width' => 4], 'width', 'not both'],
    'no section' => ['sprue.size', [], 'section_modulus', 'profile, width, thickness'],
    'half a section' => ['sprue.size', ['width' => 4], 'profile', 'together'],
    'a knife without its edge' => [
        'sprue.size', ['profile' => 'knife', 'width' => 4, 'thickness' => 2, 'inner_diameter' => 17], 'edge',
        'height of its edge',
    ],
    'an empty tree' => ['tree.pack', ['patterns' => []], 'patterns', 'At least one'],
    'a pattern larger than its blank' => [
        'blank.choose', ['bore' => 17, 'width' => 4, 'thickness' => 2, 'pattern_volume_mm3' => 90000],
        'pattern_volume_mm3', 'larger than its blank',
    ],
    'clay that is cast' => [
        'metal.charge', ['wax_mass' => 2, 'alloy' => 'sterling-925', 'process' => 'clay'], 'process', 'fired, not cast',
    ],
    'a block said twice' => [
        'wax.density', ['mass' => 9, 'length' => 20, 'width' => 20, 'height' => 20, 'volume_mm3' => 8000], 'volume_mm3',
        'not both',
    ],
    'two sides of a block' => [
        'wax.density', ['mass' => 9, 'length' => 20, 'width' => 20], 'height', 'all three sides',
    ],
    'a wax thinner than its finishing' => [
        'wax.predict', ['bore' => 17, 'width' => 4, 'thickness' => 0.2], 'thickness', 'take all of it',
    ],
    'metals that the cupboard holds no solder for' => [
        'join.plan',
        [
            'parts' => [['id' => 'a', 'alloy' => 'platinum-950']], 'joints' => [['id' => 'j', 'parts' => 'a, a']],
            'rules' => [
                'stock.solders' => [
                    ['name' => 'own', 'label' => 'own', 'metal' => 'silver', 'solidus_c' => 700, 'flow_c' => 740],
                ],
            ],
        ],
        'solders', 'holds none',
    ],
    'more solders than a plan takes' => [
        'join.plan',
        [
            'parts' => [['id' => 'a', 'alloy' => 'sterling-925']], 'joints' => [['id' => 'j', 'parts' => 'a, a']],
            'solders' => 'silver-easy, silver-medium, silver-hard, silver-extra-easy, 9k-easy, 9k-medium, 9k-hard, '
                    .'14k-yellow-easy, 14k-yellow-hard',
        ],
        'solders', 'too many',
    ],
]);

it('says of each kind of field what it accepts', function (Field $field, mixed $raw): void {
    expect(static fn () => $field->read($raw, WorkshopSettings::shipped()))->toThrow(NotUnderstood::class);
})->with([
    'a text as yes or no' => [Field::yesNo('flag', 'a flag'), 'yes'],
    'a list as text' => [Field::text('words', 'words'), ['a']],
    'a text that is a book' => [Field::text('words', 'words'), str_repeat('a', 10_001)],
    'bytes that are no text' => [Field::text('words', 'words'), "\xff\xfe"],
    'an hour that is none' => [Field::of(Quantity::Moment, 'at', 'when'), '2026-02-30T10:00'],
    'a day that is none' => [Field::of(Quantity::Day, 'on', 'when'), '2026-02-30'],
    'rows that are one object' => [Field::rows('rows', [Field::length('a', 'a')], 'rows'), ['a' => 1]],
    'more rows than a list takes' => [
        Field::rows('rows', [Field::length('a', 'a')], 'rows'), array_fill(0, 501, ['a' => 1]),
    ],
    'a row that is a figure' => [Field::rows('rows', [Field::length('a', 'a')], 'rows'), [3]],
    'a row with a word for a length' => [Field::rows('rows', [Field::length('a', 'a')], 'rows'), [['a' => 'wide']]],
    'half a stone' => [Field::count('stones', 'stones'), 1.5],
    'shares of something unknown' => [Field::shares('of', ['Au'], 'metals'), ['Xx' => 0.5]],
    'shares in a list' => [Field::shares('of', ['Au'], 'metals'), [0.5]],
    'a choice that is not offered' => [Field::choice('which', ['a', 'b'], 'which'), 'c'],
    'a list of nothing' => [Field::length('sizes', 'sizes')->many(), []],
    'a list longer than a hundred' => [Field::length('sizes', 'sizes')->many(), array_fill(0, 101, 1)],
    'infinity' => [Field::length('long', 'length'), INF],
    'a length below nothing' => [Field::length('long', 'length'), -1],
    'a heat under the coldest' => [Field::temperature('hot', 'heat'), -300],
    'nothing' => [Field::length('long', 'length'), null],
    'a share over all of it' => [Field::share('part', 'part'), 1.5],
]);

it('understands what a list of names is said with', function (mixed $raw, array $read): void {
    expect(Field::text('names', 'names')->many()->default([])->read($raw, WorkshopSettings::shipped()))->toBe($read);
})->with(
    [['shank, bezel', ['shank', 'bezel']], ['', []], [' , ', []], [['a', 'b'], ['a', 'b']], [[], []], ['one', ['one']]],
);

it('names every field that is wrong at once', function (): void {
    try {
        Input::read(
            [Field::length('a', 'a'), Field::length('b', 'b'), Field::count('c', 'c')->default(1)],
            ['a' => 'wide', 'd' => 2], WorkshopSettings::shipped(),
        );
        $errors = [];
    } catch (BadInput $bad) {
        $errors = $bad->errors;
    }
    expect(array_keys($errors))
        ->toEqualCanonicalizing(['a', 'b', 'd'])->and($errors['b'][0])->toContain('Missing')->and($errors['d'][0])
        ->toContain('Not an input here');
});

it('does not take a word for a number', function (): void {
    expect(static fn (): float => BenchTalk::read(Quantity::Number, 'some'))->toThrow(NotUnderstood::class)
        ->and(static fn (): float => BenchTalk::read(Quantity::RingSize, 'large'))->toThrow(NotUnderstood::class)
        ->and(BenchTalk::read(Quantity::RingSize, 'O½'))->toEqualWithDelta(55.625, 1e-9);
});

it('straightens a path into points, for files that know no curves', function (
    string $path, array $expected, bool $closed,
): void {
    $runs = PathPoints::of($path);
    expect($runs[0]['closed'])->toBe($closed)->and($runs[0]['points'])->toEqualWithDelta($expected, 1e-9);
})->with([
    'absolute' => ['M0 0 L4 0 H6 V3', [[0, 0], [4, 0], [6, 0], [6, 3]], false],
    'relative, closed' => ['M1 1 h2 v3 h-2 Z', [[1, 1], [3, 1], [3, 4], [1, 4]], true],
]);

it('keeps an arc on its circle, the way round that it is drawn', function (
    int $large, int $sweep, float $x, float $y,
): void {
    $points = PathPoints::of("M1 0 A1 1 0 {$large} {$sweep} 0 1")[0]['points'];
    // From (1, 0) to (0, 1) on a circle of radius 1: about the origin, or about (1, 1).
    foreach ($points as $point) {
        expect(hypot($point[0] - $x, $point[1] - $y))->toEqualWithDelta(1.0, 1e-9);
    }
    expect($points[count($points) - 1])->toEqualWithDelta([0.0, 1.0], 1e-9);
})->with([[0, 1, 0.0, 0.0], [1, 0, 0.0, 0.0], [0, 0, 1.0, 1.0], [1, 1, 1.0, 1.0]]);

it('widens an arc that is too small for its ends, and begins anew at each move', function (): void {
    $runs = PathPoints::of('M0 0 A1 1 0 0 1 4 0 M9 9 L10 9');
    expect($runs)->toHaveCount(2)->and($runs[1]['points'])->toEqualWithDelta([[9, 9], [10, 9]], 1e-9);
    foreach (array_slice($runs[0]['points'], 1) as [$x, $y]) {
        expect(hypot($x - 2, $y))->toEqualWithDelta(2.0, 1e-9);
    }
});
