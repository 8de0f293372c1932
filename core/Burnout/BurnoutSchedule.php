<?php

declare(strict_types=1);

namespace HotSprue\Burnout;

/**
 * A burnout programme as taught; stages are minutes and °C, the last is the pouring temperature. Source: workbook 9.
 */
enum BurnoutSchedule: string
{
    case Short = 'short';
    case Medium = 'medium';
    case Long = 'long';
    case ThreeStep = 'three-step';
    case Overnight = 'overnight';

    public const AUTO = 'auto';

    /** @return list<string> */
    public static function names(): array
    {
        return [self::AUTO, ...array_column(self::cases(), 'value')];
    }

    /** The programme for the widest flask in the kiln. */
    public static function forFlask(float $diameter): self
    {
        return match (true) {
            $diameter <= 64 => self::Short,
            $diameter <= 90 => self::Medium,
            default => self::Long,
        };
    }

    /** @return list<array{string, float, ?float}> name, minutes and °C; null is the pouring temperature */
    public function stages(): array
    {
        return match ($this) {
            self::Short => [
                ['dry', 60, 149], ['wax out', 60, 371], ['burn clean', 120, 732], ['to pouring heat', 120, null],
            ],
            self::Medium => [
                ['dry', 120, 149], ['wax out', 120, 371], ['burn clean', 180, 732], ['to pouring heat', 120, null],
            ],
            self::Long => [
                ['dry', 120, 149], ['wax out', 120, 371], ['char', 120, 482], ['burn clean', 240, 732],
                ['to pouring heat', 120, null],
            ],
            self::ThreeStep => [['wax out', 120, 260], ['burn clean', 180, 649], ['to pouring heat', 90, null]],
            self::Overnight => [
                ['dry', 180, 149], ['wax out', 180, 371], ['char', 120, 482], ['burn clean', 240, 732],
                ['to pouring heat', 120, null],
            ],
        };
    }

    /** Minutes of the whole programme as taught. */
    public function minutes(): float
    {
        return array_sum(array_column($this->stages(), 1));
    }
}
