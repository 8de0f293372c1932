<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Rules\Rules;
use LogicException;

/** One alloy of the workshop's list. Temperatures in °C, density in g/cm³, fineness in parts of 1. */
final readonly class Alloy
{
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
    ) {}

    public static function named(string $name, Rules $rules): self
    {
        foreach (self::all($rules) as $alloy) {
            if ($alloy->name === $name) {
                return $alloy;
            }
        }
        throw new LogicException("{$name} is not in the alloy list");
    }

    /** @return list<self> */
    public static function all(Rules $rules): array
    {
        return array_map(static fn (array $row): self => new self(...array_values($row)), $rules->rows('stock.alloys'));
    }

    /** Platinum and palladium: not for gypsum investment or an ordinary torch. */
    public function isForGypsum(): bool
    {
        return ! in_array($this->metal, ['platinum', 'palladium'], true);
    }
}
