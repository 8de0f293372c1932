<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Stock\Alloy;
use HotSprue\Stock\Solders;
use HotSprue\Workshop\WorkshopSettings;

/** A solder of the workshop's list. Temperatures in °C; fineness in parts of 1, null where none is said. */
final readonly class Solder
{
    private const NOBILITY = ['base' => 0, 'silver' => 1, 'palladium' => 2, 'gold' => 2, 'platinum' => 3];

    private function __construct(
        public string $name,
        public string $label,
        public string $metal,
        public float $solidus,
        public float $flow,
        public ?float $fineness,
        public string $mark,
        public bool $held,
        public string $colour,
    ) {}

    public static function named(string $name, WorkshopSettings $settings): self
    {
        $row = $settings->row('stock.solders', $name);

        return new self(
            $name, (string) $row['label'], (string) $row['metal'], (float) $row['solidus_c'], (float) $row['flow_c'],
            isset($row['fineness']) ? (float) $row['fineness'] : null, (string) ($row['mark'] ?? ''),
            ($row['held'] ?? true) === true,
            (string) ($row['colour'] ?? self::usualColour($name, (string) $row['metal'])));
    }

    /** Of a row from before colours were said: the shipped one's, else its metal's. */
    private static function usualColour(string $name, string $metal): string
    {
        $shipped = array_column(Solders::shipped(), 'colour', 'name');

        return $shipped[$name] ?? ($metal === 'gold' ? 'yellow' : 'white');
    }

    /** Whether an assay office is likely to pass it on this alloy; the local one decides. Source: workbook 12, law. */
    public function isFineEnoughFor(Alloy $alloy, WorkshopSettings $settings): bool
    {
        if ($alloy->metal === 'base' || $this->fineness === null && $this->metal === $alloy->metal) {
            return true;
        }
        if ($this->metal !== $alloy->metal) {
            return self::NOBILITY[$this->metal] > self::NOBILITY[$alloy->metal];
        }
        $least = $alloy->metal === 'silver' ? $settings->num('solder.least_silver') : match (true) {
            $alloy->fineness >= 0.75 => $settings->num('solder.least_18k'),
            $alloy->fineness >= 0.585 => $settings->num('solder.least_14k'),
            default => $settings->num('solder.least_9k'),
        };

        return $this->fineness >= $least - 1e-9;
    }
}
