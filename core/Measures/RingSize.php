<?php

declare(strict_types=1);

namespace HotSprue\Measures;

/** A ring size, held as its inner circumference in mm. */
final readonly class RingSize
{
    /** Limits of what can be a finger, mm round. */
    private const LEAST = 25.0;

    private const MOST = 110.0;

    private function __construct(public float $circumference) {}

    /** @throws NotUnderstood when no finger is that size */
    public static function ofCircumference(float $mm): self
    {
        if (! ($mm >= self::LEAST && $mm <= self::MOST)) {
            throw NotUnderstood::size(
                sprintf('%.4g mm round', $mm), sprintf('a finger between %g and %g mm round', self::LEAST, self::MOST),
            );
        }

        return new self($mm);
    }

    /** @throws NotUnderstood */
    public static function ofDiameter(float $mm): self
    {
        return self::ofCircumference(M_PI * $mm);
    }

    /** @throws NotUnderstood */
    public static function on(Scale $scale, string|float|int $size): self
    {
        $number = is_string($size) ? $scale->read($size) : (float) $size;
        if ($scale === Scale::NorthAmerican && $number < 0) {
            throw NotUnderstood::size((string) $size, 'size 0 or above on the North American scale');
        }

        return self::ofCircumference($scale->circumference($number));
    }

    /**
     * A size with its scale in words: `US 7`, `UK O½`, `17.3 mm diameter`, `54.4 round`.
     *
     * @throws NotUnderstood
     */
    public static function fromBenchTalk(string $typed): self
    {
        // “Size 7” is said on the North American scale, “size K” in letters.
        $plain = (string) preg_replace(['/^size +(?=\d)/i', '/^size +/i'], ['us ', ''], BenchTalk::plain($typed));
        $words = [
            'us' => Scale::NorthAmerican, 'uk' => Scale::British, 'eu' => Scale::Iso, 'iso' => Scale::Iso,
            'jp' => Scale::Japanese, 'ch' => Scale::Swiss,
        ];
        if (preg_match('/^(us|uk|eu|iso|jp|ch) ?(.+)$/i', $plain, $found) === 1) {
            return self::on($words[strtolower($found[1])], $found[2]);
        }
        if (preg_match('/^(.+?) ?(mm|in|")? ?(diameter|dia|round|circumference)$/i', $plain, $found) === 1) {
            $mm = BenchTalk::read(Quantity::Length, $found[1].' '.($found[2] === '' ? 'mm' : $found[2]));

            return in_array(
                strtolower($found[3]), ['diameter', 'dia'], true,
            ) ? self::ofDiameter($mm) : self::ofCircumference($mm);
        }
        if (preg_match('/^(?:[a-z]|z ?\+ ?[1-9])(?: ?1\/2)?$/i', $plain) === 1) {
            return self::on(Scale::British, $plain);
        }
        throw NotUnderstood::notA(Quantity::RingSize, $typed);
    }

    public function diameter(): float
    {
        return $this->circumference / M_PI;
    }

    /** The nearest mark on a scale's stick: its label, and mark minus exact in mm of circumference. */
    public function mark(Scale $scale): StickMark
    {
        $number = max(0.0, round($scale->number($this->circumference) / $scale->step()) * $scale->step());

        return new StickMark($scale, $scale->label($number), $scale->circumference($number) - $this->circumference);
    }

    /** @return list<StickMark> the nearest mark on each scale's stick */
    public function marks(): array
    {
        return array_map($this->mark(...), Scale::sticks());
    }
}
