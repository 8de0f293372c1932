<?php

declare(strict_types=1);

use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Measures\RingSize;
use HotSprue\Measures\Scale;
use HotSprue\Measures\UnitFactors;

it('reads each scale as its standard defines it', function (Scale $scale, string $said, float $round): void {
    $size = RingSize::on($scale, $said);
    expect($size->circumference)->toEqualWithDelta($round, 1e-9)
        ->and($size->diameter())->toEqualWithDelta($round / M_PI, 1e-9);
})->with([
    'European is the girth' => [Scale::Iso, '54', 54.0],
    'North American 0' => [Scale::NorthAmerican, '0', M_PI * 11.63],
    'a quarter' => [Scale::NorthAmerican, '¼', M_PI * (11.63 + 0.2032)],
    '7 and a half' => [Scale::NorthAmerican, '7 1/2', M_PI * (11.63 + 6.096)],
    'A' => [Scale::British, 'A', 37.5],
    'lower case' => [Scale::British, 'l½', 51.875],
    'Z' => [Scale::British, 'Z', 68.75],
    'beyond Z' => [Scale::British, 'Z+2', 71.25],
    'half beyond Z' => [Scale::British, 'Z + 1½', 70.625],
    'Japanese 1 is 13 mm across' => [Scale::Japanese, '1', M_PI * 13],
    'Swiss is 40 less' => [Scale::Swiss, '14', 54.0],
    'across, by a fraction of an inch' => [Scale::Diameter, '3/4 in', M_PI * 19.05],
    'round, with a comma' => [Scale::Circumference, '54,4 mm', 54.4],
]);

it('says every mark of a stick as it is read again', function (Scale $scale, float $first, float $last): void {
    for ($number = $first; $number <= $last; $number += $scale->step()) {
        $label = $scale->label($number);
        expect($scale->read($label))->toEqualWithDelta($number, 1e-9, $label);
        $mark = RingSize::on($scale, $label)->mark($scale);
        expect($mark->label)->toBe($label)->and($mark->offMm)->toEqualWithDelta(0.0, 1e-9)
            ->and($mark->spoken())->toBe("{$scale->short()} {$label}");
    }
})->with([
    [Scale::NorthAmerican, 0.0, 16.0], [Scale::British, 0.0, 30.0], [Scale::Iso, 40.0, 76.0],
    [Scale::Japanese, 1.0, 30.0], [Scale::Swiss, 1.0, 30.0],
]);

it('says on which side of its mark a size lies', function (float $round, string $said): void {
    // The mark UK N is 53.75 mm round.
    expect(RingSize::ofCircumference($round)->mark(Scale::British)->spoken())->toBe($said);
})->with([
    'on it' => [53.75, 'UK N'], 'as good as on it' => [53.799, 'UK N'], 'larger' => [53.85, 'UK N and a hair'],
    'smaller' => [53.65, 'UK N less a hair'],
]);

it('knows a size with its scale in whatever order it is said', function (string $said, float $round): void {
    expect(RingSize::fromBenchTalk($said)->circumference)->toEqualWithDelta($round, 1e-9);
})->with([
    ['US 7', M_PI * 17.3196], ['us7', M_PI * 17.3196], ['size 7', M_PI * 17.3196], ['size M', 52.5], ['M½', 53.125],
    ['EU 54', 54.0], ['iso 54', 54.0], ['JP 13', M_PI * 17], ['ch 12', 52.0], ['17.3 mm diameter', M_PI * 17.3],
    ['17.3 dia', M_PI * 17.3], ['54.4 round', 54.4], ['2 1/8" circumference', 53.975],
    ['0.7 in diameter', M_PI * 17.78],
]);

it('refuses what is no size, and says what is one', function (string $said): void {
    expect(static fn (): RingSize => RingSize::fromBenchTalk($said))->toThrow(NotUnderstood::class, 'accepted');
})->with(['', '7', 'US', 'US seven', 'UK 7', 'O¾', 'ZZ', 'Z+0', 'FR 54', '17.3 mm', 'US −1', '1 round', '17 ft dia']);

it('takes fingers from 25 to 110 mm round, both of them', function (float $round, bool $fits): void {
    $made = true;
    try {
        RingSize::ofCircumference($round);
    } catch (NotUnderstood $no) {
        $made = false;
        expect($no->getMessage())->toContain('between 25 and 110 mm round');
    }
    expect($made)->toBe($fits);
})->with([[24.999, false], [25.0, true], [110.0, true], [110.001, false], [NAN, false], [INF, false]]);

it('turns a unit into the core’s own by its published definition', function (
    Quantity $quantity, string $said, float $own,
): void {
    expect(BenchTalk::read($quantity, $said))->toEqualWithDelta($own, 1e-9 * max(1.0, abs($own)));
})->with([
    'inch marks' => [Quantity::Length, '3 1/2"', 88.9], 'curly inch marks' => [Quantity::Length, '1/8”', 3.175],
    'two apostrophes' => [Quantity::Length, "1/4''", 6.35], 'cm' => [Quantity::Length, '1.7cm', 17.0],
    'gauge' => [Quantity::Length, '36 ga', 0.127], 'gauge in full' => [Quantity::Length, '36 gauge', 0.127],
    'carats' => [Quantity::Mass, '1 ct', 0.2],
    'twenty pennyweights are an ounce' => [Quantity::Mass, '20 dwt', 31.1034768],
    'an ounce' => [Quantity::Mass, '1 ozt', 31.1034768], '480 grains too' => [Quantity::Mass, '480 grains', 31.1034768],
    'US ounces' => [Quantity::Millilitres, '2 US fl oz', 59.147],
    'imperial' => [Quantity::Millilitres, '1 imperial fl oz', 28.4131],
    'ml as mm³' => [Quantity::CubicMillimetres, '0.5 ml', 500.0],
    'cc as mm³' => [Quantity::CubicMillimetres, '1 cc', 1000.0],
    'boiling' => [Quantity::Temperature, '212 °F', 100.0], 'as cold in both' => [Quantity::Temperature, '−40 F', -40.0],
    'a difference' => [Quantity::TemperatureDifference, '9 F', 5.0],
    'hours' => [Quantity::Minutes, '1 1/2 h', 90.0], 'seconds of a minute' => [Quantity::Minutes, '45 s', 0.75],
    'minutes in seconds' => [Quantity::Seconds, '2 min', 120.0], 'a share' => [Quantity::Share, '1.5 %', 0.015],
    'a percentage' => [Quantity::Number, '12 %', 12.0], 'an angle' => [Quantity::Angle, '45 degrees', 45.0],
    'density' => [Quantity::Density, '10.36 g/cm³', 10.36], 'climb' => [Quantity::HeatingRate, '5 °C/min', 5.0],
]);

it('refuses a unit that could be two, or none', function (Quantity $quantity, string $said, string $why): void {
    expect(static fn (): float => BenchTalk::read($quantity, $said))->toThrow(NotUnderstood::class, $why);
})->with([
    'an ounce of which kind' => [Quantity::Mass, '1 oz', 'different things'],
    'grain or gram' => [Quantity::Mass, '12 gr', 'different things'],
    'carat or thousand' => [Quantity::Mass, '18 k', 'different things'],
    'a fluid ounce of which kind' => [Quantity::Millilitres, '8 fl oz', 'different things'],
    'a mass for a length' => [Quantity::Length, '3 g', 'not known'],
    'a unit of a count' => [Quantity::Count, '3 mm', 'not known'],
    'kelvin' => [Quantity::Temperature, '300 kelvin', 'not known'],
    'a fraction of nothing' => [Quantity::Length, '1/0 in', 'not understood'],
    'two numbers' => [Quantity::Length, '3 4', 'not understood'],
    'words' => [Quantity::Mass, 'a little', 'not understood'],
    'nothing' => [Quantity::Mass, '', 'not understood'],
]);

it('cuts what it repeats of a long entry', function (): void {
    $said = str_repeat('x', 200);
    expect(static fn (): float => BenchTalk::read(Quantity::Mass, $said))
        ->toThrow(NotUnderstood::class, '“'.str_repeat('x', 40).'…” is not understood');
});

it('gives the screen the same factors as the parser uses', function (): void {
    // The definitions: 25.4 mm, 1.55517384 g, 31.1034768 g, nine fifths and 32, and the wire gauge's series.
    expect([UnitFactors::INCH, UnitFactors::PENNYWEIGHT, UnitFactors::TROY_OUNCE])
        ->toBe([25.4, 1.55517384, 31.1034768])
        ->and([UnitFactors::FREEZING_F, UnitFactors::FAHRENHEIT])->toEqual([32, 1.8])
        ->and(UnitFactors::GAUGE)->toEqual(['mm' => 0.127, 'base' => 92, 'from' => 36, 'steps' => 39]);
    $said = (string) file_get_contents(__DIR__.'/../../resources/js/api/units.json');
    foreach (['25.4', '1.55517384', '31.1034768', '1.8', '32', '0.127', '92', '39'] as $factor) {
        expect($said)->toContain($factor);
    }
});

it('advises for a broad band from the band’s lower bound, and half of it for a court', function (
    string $width, float $flat,
): void {
    // Workbook 1 and 2: under 4 mm none, then a quarter, a half and three quarters of a US size.
    foreach (['flat' => $flat, 'half-round' => $flat, 'court' => $flat / 2] as $profile => $up) {
        $fit = reckon('size.fit', [
            'scale' => 'us', 'size' => '7', 'width' => $width, 'profile' => $profile, 'apply' => true,
        ]);
        expect($fit->value('advice_us'))->toEqualWithDelta($up, 1e-9)
            ->and($fit->value('inner_diameter'))->toEqualWithDelta(11.63 + 0.8128 * (7 + $up), 1e-9);
    }
})->with([['3.99', 0.0], ['4', 0.25], ['6', 0.5], ['7.99', 0.5], ['8', 0.75]]);
