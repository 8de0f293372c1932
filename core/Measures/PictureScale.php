<?php

declare(strict_types=1);

namespace HotSprue\Measures;

/**
 * A photograph with something of known length in it, and what lies beside that measured: a line is two points, each its
 * x and y in pixels of the picture. It holds for what lies as far from the lens. Source: workbook 19; the doubt is of
 * two ends, each put to within two pixels.
 */
final readonly class PictureScale
{
    /** A shorter line says nothing of a scale. */
    public const LEAST = 20.0;

    /** Of so many lines on one picture. */
    public const MOST = 20;

    private const PUT = 2.0;

    /** @param float $known length of the line that is known, in pixels */
    private function __construct(private float $perPixel, private float $known) {}

    /**
     * Null where the line is too short to go by.
     *
     * @param  array{from: array{float, float}, to: array{float, float}}  $line
     * @param  float  $mm  how long it is
     */
    public static function of(array $line, float $mm): ?self
    {
        $long = self::pixels($line);

        return $long < self::LEAST ? null : new self($mm / $long, $long);
    }

    /**
     * @param  array{from: array{float, float}, to: array{float, float}}  $line
     * @return float mm
     */
    public function length(array $line): float
    {
        return $this->perPixel * self::pixels($line);
    }

    /**
     * How far a length may be off, mm.
     *
     * @param  array{from: array{float, float}, to: array{float, float}}  $line
     */
    public function doubt(array $line): float
    {
        $put = self::PUT * M_SQRT2;

        return $this->perPixel * hypot($put, $put * self::pixels($line) / $this->known);
    }

    /** Whether something is a line in a picture. */
    public static function isLine(mixed $line): bool
    {
        return is_array($line) && self::isPoint($line['from'] ?? null) && self::isPoint($line['to'] ?? null);
    }

    /** Whether something is a line and how many mm it is long. */
    public static function isKnown(mixed $line): bool
    {
        return self::isLine($line) && is_array($line) && count($line) === 3 && is_numeric($line['mm'] ?? null)
            && $line['mm'] > 0 && $line['mm'] <= 1000;
    }

    public static function areLines(mixed $lines): bool
    {
        return is_array($lines) && array_is_list($lines) && count($lines) <= self::MOST
            && array_filter($lines, self::isLine(...)) === $lines;
    }

    private static function isPoint(mixed $point): bool
    {
        return is_array($point) && array_keys($point) === [0, 1]
            && count(array_filter($point, static fn (mixed $at): bool => (is_int($at) || is_float($at))
                && $at >= 0 && $at <= 20_000)) === 2;
    }

    /** @param array{from: array{float, float}, to: array{float, float}} $line */
    private static function pixels(array $line): float
    {
        return hypot($line['to'][0] - $line['from'][0], $line['to'][1] - $line['from'][1]);
    }
}
