<?php

declare(strict_types=1);

namespace HotSprue\Measures;

/** A way of saying a ring size. All are held as the inner circumference in mm (ISO 8653). */
enum Scale: string
{
    case Iso = 'iso';
    case NorthAmerican = 'us';
    case British = 'uk';
    case Japanese = 'jp';
    case Swiss = 'ch';
    case Diameter = 'diameter';
    case Circumference = 'circumference';

    /** @return list<self> the scales that have a stick with marks */
    public static function sticks(): array
    {
        return [self::Iso, self::NorthAmerican, self::British, self::Japanese, self::Swiss];
    }

    /** @return array<string, string> how each is said in full, by its name */
    public static function sayings(): array
    {
        return [
            'iso' => 'European', 'us' => 'North American', 'uk' => 'British', 'jp' => 'Japanese',
            'ch' => 'Swiss and Italian', 'diameter' => 'across, mm', 'circumference' => 'round, mm',
        ];
    }

    public function short(): string
    {
        return match ($this) {
            self::Iso => 'EU',
            self::Diameter => 'diameter',
            self::Circumference => 'round',
            default => strtoupper($this->value),
        };
    }

    /** Step between marks on the stick, in the scale's own number. */
    public function step(): float
    {
        return match ($this) {
            self::NorthAmerican => 0.25,
            self::British => 0.5,
            default => 1.0,
        };
    }

    /** Inner circumference in mm for the scale's own number (letters count from A = 0). */
    public function circumference(float $number): float
    {
        return match ($this) {
            self::Iso, self::Circumference => $number,
            self::NorthAmerican => M_PI * (11.63 + 0.8128 * $number),
            self::British => 37.5 + 1.25 * $number,
            self::Japanese => M_PI * (12 + 2 / 3 + $number / 3),
            self::Swiss => $number + 40,
            self::Diameter => M_PI * $number,
        };
    }

    /** The scale's own number for an inner circumference in mm. */
    public function number(float $circumference): float
    {
        return match ($this) {
            self::Iso, self::Circumference => $circumference,
            self::NorthAmerican => ($circumference / M_PI - 11.63) / 0.8128,
            self::British => ($circumference - 37.5) / 1.25,
            self::Japanese => 3 * ($circumference / M_PI - 12 - 2 / 3),
            self::Swiss => $circumference - 40,
            self::Diameter => $circumference / M_PI,
        };
    }

    /**
     * Reads a size as it is said on this scale: `7 1/4`, `O½`, `Z+1`.
     *
     * @throws NotUnderstood
     */
    public function read(string $typed): float
    {
        $typed = (string) preg_replace('/^size +/i', '', BenchTalk::plain($typed));
        if ($this === self::Diameter || $this === self::Circumference) {
            return BenchTalk::read(Quantity::Length, $typed);
        }
        if ($this !== self::British) {
            return BenchTalk::number($typed);
        }
        $plain = strtoupper(BenchTalk::plain($typed));
        if (preg_match(
            '/^(?:(?<letter>[A-Z])|Z ?\+ ?(?<beyond>[1-9]))(?<half> ?1\/2)?$/', $plain, $found, PREG_UNMATCHED_AS_NULL,
        ) !== 1) {
            throw NotUnderstood::size($typed, 'a letter A to Z, with a half (O½) or beyond Z (Z+1),');
        }
        $index = $found['letter'] !== null ? ord($found['letter']) - ord('A') : 25 + (int) $found['beyond'];

        return $index + ($found['half'] !== null ? 0.5 : 0.0);
    }

    /** How the scale says one of its own numbers. */
    public function label(float $number): string
    {
        $whole = (int) floor($number + 1e-9);
        $fraction = ['', '¼', '½', '¾'][(int) round(($number - $whole) * 4) % 4];
        if ($this === self::British) {
            $letter = $whole <= 25 ? chr(ord('A') + max(0, $whole)) : 'Z+'.($whole - 25);

            return $letter.$fraction;
        }

        return ($whole === 0 && $fraction !== '' ? '' : (string) $whole).$fraction;
    }
}
