<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** How the flux at a joint looks. Source: workbook 20, what it shows. */
enum Flux: string
{
    case None = 'none';
    case Wet = 'wet';
    case Boiling = 'boiling';
    case Crust = 'crust';
    case Clear = 'clear';
    case Spent = 'spent';

    public const BOILS = 100.0;

    public const CRUSTS = 350.0;

    public const CLEARS = 600.0;

    /** Past this it is spent, °C; and after being clear for so long, s. */
    public const SPENT = 900.0;

    public const LASTS = 120.0;

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    public function isLiquid(): bool
    {
        return $this === self::Clear;
    }

    /** As it looks at this heat; what has dried or cleared does not turn back. */
    public function heated(float $celsius, float $clear): self
    {
        $turns = match (true) {
            $this === self::None, $this === self::Spent => $this,
            $celsius > self::SPENT, $clear > self::LASTS => self::Spent,
            $celsius >= self::CLEARS => self::Clear,
            $celsius >= self::CRUSTS => self::Crust,
            $celsius >= self::BOILS => self::Boiling,
            default => self::Wet,
        };

        return array_search($turns, self::cases(), true) > array_search($this, self::cases(), true) ? $turns : $this;
    }
}
