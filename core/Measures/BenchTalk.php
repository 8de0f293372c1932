<?php

declare(strict_types=1);

namespace HotSprue\Measures;

use IntlChar;

/**
 * Reads measures as people say them at the bench: `1/8 in`, `16 ga`, `7 ½`, `12,5 mm`, `900 °F`.
 * The only place where a typed unit is converted.
 */
final class BenchTalk
{
    private const FRACTIONS = [
        '½' => '1/2', '¼' => '1/4', '¾' => '3/4', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅓' => '1/3',
        '⅔' => '2/3',
    ];

    /** @var array<string, array<string, float>> factor from each unit to the core's own */
    private const UNITS = [
        'length' => [
            'mm' => 1.0, 'cm' => 10.0, 'in' => UnitFactors::INCH, 'inch' => UnitFactors::INCH,
            'inches' => UnitFactors::INCH, '"' => UnitFactors::INCH,
        ],
        'mass' => [
            'g' => 1.0, 'mg' => 0.001, 'kg' => 1000.0, 'ct' => 0.2, 'dwt' => UnitFactors::PENNYWEIGHT,
            'ozt' => UnitFactors::TROY_OUNCE, 'grain' => 0.06479891, 'grains' => 0.06479891,
        ],
        'millilitres' => [
            'ml' => 1.0, 'cm3' => 1.0, 'cc' => 1.0, 'mm3' => 0.001, 'us fl oz' => 29.5735, 'imperial fl oz' => 28.4131,
        ],
        'cubic-millimetres' => [
            'mm3' => 1.0, 'ml' => 1000.0, 'cm3' => 1000.0, 'cc' => 1000.0, 'us fl oz' => 29573.5,
            'imperial fl oz' => 28413.1,
        ],
        'square-millimetres' => ['mm2' => 1.0],
        'angle' => ['°' => 1.0, 'deg' => 1.0, 'degree' => 1.0, 'degrees' => 1.0],
        'minutes' => ['min' => 1.0, 'h' => 60.0, 's' => 1 / 60],
        'seconds' => ['s' => 1.0, 'min' => 60.0, 'h' => 3600.0],
        'density' => ['g/cm3' => 1.0, 'g/ml' => 1.0],
        'heating-rate' => ['c/min' => 1.0, '°c/min' => 1.0, 'f/min' => 5 / 9, '°f/min' => 5 / 9],
        'share' => ['%' => 0.01],
        'number' => ['%' => 1.0],
        'count' => [],
    ];

    private const AMBIGUOUS = ['oz', 'gr', 'k', 'fl oz'];

    /**
     * The figure in the core's unit for this quantity.
     *
     * @throws NotUnderstood
     */
    public static function read(Quantity $quantity, string $typed): float
    {
        if ($quantity === Quantity::RingSize) {
            return RingSize::fromBenchTalk($typed)->circumference;
        }
        if ($quantity === Quantity::Length
            && preg_match('/^(0{2,4}) ?(?:ga|gauge)$/i', self::plain($typed), $found) === 1) {
            // 00, 000 and 0000 go on below 0: −1, −2 and −3.
            return self::gauge(1 - strlen($found[1]));
        }
        [$number, $unit] = self::split($quantity, $typed);
        if ($unit === '') {
            return $number;
        }
        if (in_array($unit, self::AMBIGUOUS, true)) {
            throw NotUnderstood::ambiguousUnit($quantity, $unit);
        }
        if ($quantity === Quantity::Temperature || $quantity === Quantity::TemperatureDifference) {
            // Between two temperatures the zero of the scale does not count.
            $zero = $quantity === Quantity::Temperature ? UnitFactors::FREEZING_F : 0;

            return match ($unit) {
                '°c', 'c' => $number,
                '°f', 'f' => ($number - $zero) / UnitFactors::FAHRENHEIT,
                default => throw NotUnderstood::unknownUnit($quantity, $unit),
            };
        }
        if ($quantity === Quantity::Length && in_array($unit, ['ga', 'gauge'], true)) {
            return self::gauge($number);
        }
        $factor = self::UNITS[$quantity->value][$unit] ?? throw NotUnderstood::unknownUnit($quantity, $unit);

        return $number * $factor;
    }

    /**
     * A bare number, with its fractions: `7`, `7 1/2`, `7½`, `−0,25`.
     *
     * @throws NotUnderstood
     */
    public static function number(string $typed): float
    {
        [$number, $unit] = self::split(Quantity::Number, $typed);
        if ($unit !== '') {
            throw NotUnderstood::notA(Quantity::Number, $typed);
        }

        return $number;
    }

    /** Wire or sheet gauge to mm: 0.127 × 92^((36 − n)/39). */
    public static function gauge(float $number): float
    {
        ['mm' => $mm, 'base' => $base, 'from' => $from, 'steps' => $steps] = UnitFactors::GAUGE;

        return $mm * $base ** (($from - $number) / $steps);
    }

    /** One spelling for inch marks, fractions, minus signs and superscripts. */
    public static function plain(string $typed): string
    {
        $text = strtr(
            trim(self::folded($typed)),
            [
                '″' => '"', '”' => '"', '“' => '"', "''" => '"', '−' => '-', '²' => '2', '³' => '3', "\u{00A0}" => ' ',
                "\u{202F}" => ' ',
            ],
        );
        foreach (self::FRACTIONS as $glyph => $fraction) {
            $text = str_replace($glyph, ' '.$fraction, $text);
        }

        return trim((string) preg_replace(['/(?<=\d),(?=\d)/', '/\s+/u'], ['.', ' '], $text));
    }

    /** Digits of any script as 0 to 9; full-width letters and signs as plain ones. */
    private static function folded(string $typed): string
    {
        if (preg_match('/[^\x00-\x7F]/', $typed) !== 1) {
            return $typed;
        }
        $wide = (string) preg_replace_callback(
            '/[\x{FF01}-\x{FF5E}]/u', static fn (array $found): string => (string) mb_chr(mb_ord($found[0]) - 0xFEE0),
            $typed,
        );

        return (string) preg_replace_callback(
            '/\p{Nd}/u', static fn (array $found): string => (string) IntlChar::charDigitValue($found[0]), $wide,
        );
    }

    /**
     * @return array{float, string} the number and the lower-case unit after it
     *
     * @throws NotUnderstood
     */
    private static function split(Quantity $quantity, string $typed): array
    {
        $number = '(?<sign>[+-]?) ?(?:(?:(?<whole>\d+) )?(?<over>\d+) ?\/ '
            .'?(?<under>\d+)|(?<decimal>\d+(?:\.\d*)?(?:[eE][+-]?\d+)?|\.\d+))';
        if (preg_match(
            "/^{$number} ?(?<unit>[^\d\s+-].*)?$/u", self::plain($typed), $found, PREG_UNMATCHED_AS_NULL,
        ) !== 1) {
            throw NotUnderstood::notA($quantity, $typed);
        }
        if ($found['decimal'] !== null) {
            $value = (float) $found['decimal'];
        } elseif ((int) $found['under'] === 0) {
            throw NotUnderstood::notA($quantity, $typed);
        } else {
            $value = (int) $found['whole'] + (int) $found['over'] / (int) $found['under'];
        }

        return [$found['sign'] === '-' ? -$value : $value, mb_strtolower(trim($found['unit'] ?? ''))];
    }
}
