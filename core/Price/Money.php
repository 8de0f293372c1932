<?php

declare(strict_types=1);

namespace HotSprue\Price;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * An amount in whole minor units of a currency, never a fraction of one. What is reckoned with it is exact, and rounded
 * half up, away from nought. Source: workbook 16.
 */
final readonly class Money
{
    /** Currencies (ISO 4217) without minor units, and those with a thousand. */
    private const PLACES = [
        'BIF' => 0, 'CLP' => 0, 'DJF' => 0, 'GNF' => 0, 'ISK' => 0, 'JPY' => 0, 'KMF' => 0, 'KRW' => 0, 'PYG' => 0,
        'RWF' => 0, 'UGX' => 0, 'VND' => 0, 'VUV' => 0, 'XAF' => 0, 'XOF' => 0, 'XPF' => 0,
        'BHD' => 3, 'IQD' => 3, 'JOD' => 3, 'KWD' => 3, 'LYD' => 3, 'OMR' => 3, 'TND' => 3,
    ];

    private function __construct(public int $minor, public int $places) {}

    public static function placesOf(string $currency): int
    {
        return self::PLACES[strtoupper($currency)] ?? 2;
    }

    public static function of(float|string $amount, int $places): self
    {
        return self::rounded(BigRational::of(self::exact($amount)), $places);
    }

    /** So many at a rate. */
    public static function at(float $quantity, float $rate, int $places): self
    {
        return self::rounded(BigRational::of(self::exact($quantity))->multipliedBy(self::exact($rate)), $places);
    }

    public function plus(self $other): self
    {
        return new self($this->minor + $other->minor, $this->places);
    }

    public function minus(self $other): self
    {
        return new self($this->minor - $other->minor, $this->places);
    }

    public function times(float $factor): self
    {
        return self::rounded($this->rational()->multipliedBy(self::exact($factor)), $this->places);
    }

    /** @param float $divisor above nought */
    public function dividedBy(float $divisor): self
    {
        return self::rounded($this->rational()->dividedBy(self::exact($divisor)), $this->places);
    }

    /** To the nearest whole number of steps; as it stands where the step is nought. */
    public function toNearest(self $step): self
    {
        return $step->minor <= 0 ? $this : new self(
            BigRational::of($this->minor)->dividedBy($step->minor)->toScale(0, RoundingMode::HALF_UP)->toInt()
                * $step->minor,
            $this->places,
        );
    }

    public function toFloat(): float
    {
        return $this->minor / 10 ** $this->places;
    }

    /** As it is written, without its currency: `867.78`. */
    public function spoken(): string
    {
        return number_format($this->toFloat(), $this->places, '.', '');
    }

    private function rational(): BigRational
    {
        return BigRational::of($this->minor)->dividedBy(10 ** $this->places);
    }

    private static function rounded(BigRational $amount, int $places): self
    {
        return new self(
            $amount->multipliedBy(10 ** $places)->toScale(0, RoundingMode::HALF_UP)->toInt(), $places,
        );
    }

    /** A figure as it was typed: what binary digits add beyond the tenth decimal is no part of it. */
    private static function exact(float|string $figure): BigDecimal
    {
        return BigDecimal::of(is_string($figure) ? $figure : sprintf('%.10F', $figure))->stripTrailingZeros();
    }
}
