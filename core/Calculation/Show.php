<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

/** How numbers stand in a working: exact ones as they are, the rest to at least four decimals. */
final class Show
{
    public static function number(float $value): string
    {
        foreach ([0, 1, 2, 3] as $decimals) {
            if (abs(round($value, $decimals) - $value) < 1e-9) {
                return self::fixed($value, $decimals);
            }
        }

        return self::fixed($value, abs($value) < 0.1 ? 7 : 4);
    }

    /**
     * Puts numbers into the places of a line: `({} − {}) ÷ 2`.
     *
     * @param  list<float|int>  $numbers
     */
    public static function with(string $line, array $numbers): string
    {
        $parts = explode('{}', $line);
        $shown = array_shift($parts);
        foreach ($parts as $index => $part) {
            $shown .= self::number((float) $numbers[$index]).$part;
        }

        return $shown;
    }

    private static function fixed(float $value, int $decimals): string
    {
        return str_replace('-', '−', number_format($value, $decimals, '.', ''));
    }

    /** A temperature to a tenth of a degree, as far as one is set. */
    public static function degrees(float $celsius): string
    {
        return (string) round($celsius, 1);
    }
}
