<?php

declare(strict_types=1);

use HotSprue\Asking\Asking;
use HotSprue\Asking\Question;
use HotSprue\Asking\SumGroup;
use HotSprue\Asking\SumWords;
use HotSprue\Calculation\RowWords;
use HotSprue\Calculations;
use HotSprue\Measures\Quantity;
use HotSprue\Samples\Samples;
use HotSprue\Workshop\WorkshopSettings;

/** @return list<HotSprue\Asking\Suggestion> */
function askedFor(string $said, string $scale = 'us'): array
{
    return Asking::about($said, WorkshopSettings::shipped(), $scale);
}

it('finds the sum that a goldsmith asks for, and puts each figure where it belongs', function (
    string $said, string $sum, array $placed,
): void {
    $first = askedFor($said)[0] ?? null;
    expect($first?->calculation)->toBe($sum, $said)
        ->and($first?->placing->placed)->toEqualCanonicalizing($placed)
        ->and($first?->placing->placed)->toHaveKeys(array_keys($placed))
        ->and($first?->unknown)->toBe([]);
})->with([
    ['strip size 8 1.65', 'strip.length', ['scale' => 'us', 'size' => '8', 'thickness' => '1.65']],
    ['Strip UK M 1.5 x 4', 'strip.length', ['scale' => 'uk', 'size' => 'M', 'thickness' => '1.5', 'width' => '4']],
    ['wax 1.4 g in 14k', 'metal.charge', ['wax_mass' => '1.4 g', 'alloy' => '14k-yellow']],
    [
        '14k white nickel wax 2.1 g spin', 'metal.charge',
        ['wax_mass' => '2.1 g', 'alloy' => '14k-white-nickel', 'method' => 'spin'],
    ],
    ['how many 1.5 round 6', 'layout.halo', ['stone_diameter' => '1.5', 'width' => '6', 'shape' => 'round']],
    ['bezel for an oval 8x6', 'seat.bezel', ['shape' => 'oval', 'length' => '8', 'width' => '6']],
    ['claws for 5 mm round', 'seat.claw', ['shape' => 'round', 'width' => '5 mm']],
    [
        'what does a 6.5 round sapphire weigh', 'stone.weight',
        ['shape' => 'round', 'species' => 'sapphire', 'width' => '6.5'],
    ],
    ['plate 12 mm disc 0.8', 'plate.cut', ['shape' => 'disc', 'width' => '12 mm', 'thickness' => '0.8']],
    ['divide 62 into 7', 'layout.divide', ['total' => '62', 'parts' => '7']],
    ['powder for flask 64 x 76', 'investment.mix', ['flask_diameter' => '64', 'flask_height' => '76']],
    ['burnout 64', 'burnout.programme', ['flask_diameters' => '64']],
    ['jump rings 4 0.8', 'wire.ring', ['inner_diameter' => '4', 'wire' => '0.8']],
    ['resize size 6', 'size.change', ['from' => 'US 6']],
    ['size UK M½', 'size.convert', ['scale' => 'uk', 'size' => 'M½']],
    ['band 5 x 1.8 size 7', 'form.band', [
        'scale' => 'us', 'size' => '7', 'width_top' => '5', 'thickness_top' => '1.8',
    ]],
    ['flask for a tree 30 across 45 tall', 'flask.choose', ['across' => '30', 'tall' => '45']],
    ['sprues for a band 5 x 2', 'sprue.size', ['width' => '5', 'thickness' => '2']],
    ['row of 2 mm stones on 20', 'layout.row', ['largest' => '2 mm', 'outer_diameter' => '20']],
    ['density of wax 1.2 g', 'wax.density', ['mass' => '1.2 g']],
    ['finish', 'finish.plan', []],
]);

it('answers what it was asked without more typing', function (): void {
    foreach (['strip size 8 1.65', 'wax 1.4 g in 14k', 'how many 1.5 round 6', 'claws for 5 mm round',
        'divide 62 into 7', 'powder for flask 64 x 76', 'size UK M', 'bezel for an oval 8x6'] as $said) {
        $first = askedFor($said)[0];
        expect(Calculations::answer($first->calculation, $first->placing->input())->results)->not->toBe([], $said);
    }
    // North American sizes: 11.63 mm and 0.8128 a size; a strip bends about its middle, and the sample trims nothing.
    $strip = askedFor('strip size 8 1.65')[0];
    $length = reckon('strip.length', [...$strip->placing->input(), 'trim' => 0, 'profile' => 'flat']);
    expect($length->results['length']['value'])->toEqualWithDelta(M_PI * (11.63 + 8 * 0.8128 + 1.65), 0.05);
});

it('says which words it made nothing of, and offers nothing for none it knows', function (): void {
    expect(askedFor('strip size 8 1.65 with sprinkles')[0]->unknown)->toBe(['sprinkles'])
        ->and(askedFor('hello there'))->toBe([])->and(askedFor(''))->toBe([])->and(askedFor('7 8 9'))->toBe([]);
});

it('reads a size without a scale as the workshop’s, and a letter as British', function (): void {
    expect(Question::of('size 7', 'jp')->size)->toBe(['scale' => 'jp', 'size' => '7'])
        ->and(Question::of('size M', 'jp')->size)->toBe(['scale' => 'uk', 'size' => 'M'])
        ->and(Question::of('EU 54')->size)->toBe(['scale' => 'iso', 'size' => '54'])
        ->and(Question::of('3/4 in plate')->figures)->toBe([['said' => '3/4 in', 'unit' => 'in']])
        ->and(Question::of('14 k and 18k')->words)->toBe(['14k', 'and', '18k']);
});

it('has words of its own and a group for every sum', function (): void {
    foreach (array_keys(Calculations::all()) as $name) {
        $words = SumWords::of($name);
        expect(array_filter($words))->not->toBe([], $name)
            ->and(SumGroup::of($name))->toBeInstanceOf(SumGroup::class);
        foreach (SumWords::order($name) as $input) {
            expect(Calculations::describe($name)->input($input))->not->toBeNull("{$name} has no {$input}");
        }
        // Its first word alone leads to it.
        expect(array_column(array_map(
            static fn ($one): array => ['name' => $one->calculation], askedFor($words[0]),
        ), 'name'))->toContain($name);
    }
});

it('names every column of every listed result in words, and knows its unit', function (): void {
    $bare = [];
    foreach (Samples::all() as $name => $inputs) {
        foreach ($inputs as $input) {
            foreach ((array) Calculations::answer($name, $input)->toArray()['results'] as $result) {
                $rows = is_array($result['value']) ? $result['value'] : [];
                foreach (is_array($rows[0] ?? null) ? array_keys($rows[0]) : [] as $column) {
                    if (is_string($column) && preg_match('/_|\b(mm|deg|c|min|g)$/', RowWords::label($column))) {
                        $bare[] = "{$name}: {$column}";
                    }
                }
            }
        }
    }
    expect(array_unique($bare))->toBe([])
        ->and(RowWords::quantity('flow_c'))->toBe(Quantity::Temperature)
        ->and(RowWords::label('flow_c'))->toBe('flow')
        ->and(RowWords::quantity('setting_mm'))->toBe(Quantity::Length)
        ->and(RowWords::quantity('margin_c'))->toBe(Quantity::TemperatureDifference)
        ->and(RowWords::quantity('name'))->toBeNull()->and(RowWords::isShown('key'))->toBeFalse();
});
