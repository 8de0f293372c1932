<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\WorkshopFigures;

/** One alloy of the workshop's list. Temperatures in °C, density in g/cm³, fineness in parts of 1. */
final readonly class Alloy
{
    public const COLOURS = ['yellow', 'rose', 'white'];

    private function __construct(
        public string $name,
        public string $label,
        public string $metal,
        public float $fineness,
        public float $density,
        public float $solidus,
        public float $liquidus,
        public bool $nickel,
        public ?float $flask,
        public ?float $superheatLow,
        public ?float $superheatHigh,
        public string $colour,
    ) {}

    public static function named(string $name, WorkshopFigures $settings): self
    {
        return self::of($settings->row('stock.alloys', $name));
    }

    /** @return list<self> */
    public static function all(WorkshopFigures $settings): array
    {
        return array_map(self::of(...), $settings->rows('stock.alloys'));
    }

    public function isRoseGold(): bool
    {
        return $this->metal === 'gold' && $this->colour === 'rose';
    }

    /** @param array<string, mixed> $row */
    private static function of(array $row): self
    {
        return new self(
            $row['name'], $row['label'], $row['metal'], $row['fineness'], $row['density'], $row['solidus_c'],
            $row['liquidus_c'],
            $row['nickel'] ?? false, $row['flask_c'] ?? null, $row['superheat_low_c'] ?? null,
            $row['superheat_high_c'] ?? null,
            $row['colour'] ?? self::usualColour($row['name'], $row['metal']),
        );
    }

    /** Of a row from before colours were said: the shipped one's, else its metal's. */
    private static function usualColour(string $name, string $metal): string
    {
        $shipped = array_column(Alloys::shipped(), 'colour', 'name');

        return $shipped[$name] ?? ($metal === 'gold' ? 'yellow' : 'white');
    }

    /** Platinum and palladium: not for gypsum investment or an ordinary torch. */
    public function isForGypsum(): bool
    {
        return ! in_array($this->metal, ['platinum', 'palladium'], true);
    }
}
