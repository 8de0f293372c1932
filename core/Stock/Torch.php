<?php

declare(strict_types=1);

namespace HotSprue\Stock;

/** A kind of torch: how hot its flame is, how hard it heats, and how sharp or bushy it can be. Source: workbook 20. */
enum Torch: string
{
    case AirGas = 'air-gas';
    case AirAcetylene = 'air-acetylene';
    case OxyGas = 'oxy-gas';

    /** @return array<string, string> how each is said, by its name */
    public static function sayings(): array
    {
        return [
            self::AirGas->value => 'air and gas', self::AirAcetylene->value => 'air and acetylene',
            self::OxyGas->value => 'oxygen and gas',
        ];
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** The flame itself, °C. */
    public function flame(): float
    {
        return match ($this) {
            self::AirGas => 1350.0, self::AirAcetylene => 1550.0, self::OxyGas => 2000.0
        };
    }

    /** What it gives a surface in its middle, W/m²K. */
    public function strength(): float
    {
        return match ($this) {
            self::AirGas => 150.0, self::AirAcetylene => 220.0, self::OxyGas => 350.0
        };
    }

    /** Its radius at its sharpest, mm. */
    public function sharpest(): float
    {
        return match ($this) {
            self::AirGas => 6.0, self::AirAcetylene => 5.0, self::OxyGas => 2.0
        };
    }

    /** Its radius at its bushiest, mm. */
    public function bushiest(): float
    {
        return match ($this) {
            self::AirGas => 14.0, self::AirAcetylene => 12.0, self::OxyGas => 6.0
        };
    }
}
