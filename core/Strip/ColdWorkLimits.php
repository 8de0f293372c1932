<?php

declare(strict_types=1);

namespace HotSprue\Strip;

use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;

/**
 * How much an alloy is worked cold before it is annealed, and how it is annealed. Source: workbook 11, sizing and
 * annealing.
 */
final readonly class ColdWorkLimits
{
    private function __construct(
        public float $limit, public ?float $low, public ?float $high, public string $glow, public string $cool,
    ) {}

    public static function of(Alloy $alloy, WorkshopSettings $settings): self
    {
        $limit = $settings->num($alloy->metal === 'silver' ? 'work.stretch_silver' : 'work.stretch_gold');
        // What the workbook does not list goes by the supplier's sheet.
        [$low, $high, $cool] = match (true) {
            $alloy->name === 'sterling-925' => [600.0, 650.0, 'quench'],
            $alloy->metal === 'platinum' => [1000.0, 1000.0, 'let it cool in air or quench; a shade for the eyes'],
            $alloy->nickel => [700.0, 750.0, 'let it cool in air'],
            $alloy->isRoseGold() => [650.0, 700.0, 'quench at once, or it hardens'],
            $alloy->metal === 'gold'
                && $alloy->colour === 'yellow' && $alloy->fineness <= 0.76 => [650.0, 700.0, 'quench'],
            default => [null, null, 'by the supplier’s own sheet'],
        };

        return new self(
            $limit, $low, $high, $alloy->metal === 'platinum' ? 'bright orange' : 'dull red in the shade', $cool,
        );
    }

    /** Passes to a strain, annealed at half of the limit. */
    public function passes(float $strain): int
    {
        return (int) ceil(abs($strain) / ($this->limit / 2) - 1e-9);
    }

    public function annealing(): string
    {
        if ($this->low === null) {
            return $this->cool;
        }

        return sprintf(
            '%s °C, %s; %s',
            $this->low === $this->high ? sprintf('%.0f', $this->low) : sprintf('%.0f–%.0f', $this->low, $this->high),
            $this->glow, $this->cool,
        );
    }
}
