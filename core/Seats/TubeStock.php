<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Workshop\WorkshopSettings;

/** A length of metal tube that a small round stone is burred into; diameters in mm. Source: workbook 4, bezel. */
final readonly class TubeStock
{
    private function __construct(public string $name, public float $inside, public float $outside) {}

    /** The slimmest in stock that a stone of this diameter can be set in. */
    public static function slimmestFor(float $stone, WorkshopSettings $settings): ?self
    {
        // How much smaller than the stone its inside may be.
        [$least, $most] = [$settings->num('seats.tube_under_least'), $settings->num('seats.tube_under_most')];
        $best = null;
        foreach ($settings->rows('stock.tubes') as $row) {
            $tube = new self((string) $row['name'], (float) $row['inside'], (float) $row['outside']);
            $under = $stone - $tube->inside;
            $fits = $under >= $least - 1e-9 && $under <= $most + 1e-9
                && ($tube->outside - $stone) / 2 >= $settings->num('seats.tube_wall') - 1e-9;
            if ($fits && ($best === null || $tube->outside < $best->outside)) {
                $best = $tube;
            }
        }

        return $best;
    }

    /** What its cross-section holds, mm². */
    public function area(): float
    {
        return M_PI / 4 * ($this->outside ** 2 - $this->inside ** 2);
    }
}
