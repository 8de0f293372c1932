<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Workshop\WorkshopSettings;

/** A length of metal tube that a small round stone is burred into; diameters in mm. Source: workbook 4, bezel. */
final readonly class TubeStock
{
    public const LEAST_WALL = 0.3;

    /** How much smaller than the stone its inside may be. */
    private const UNDER_STONE = [0.2, 0.8];

    private function __construct(public string $name, public float $inside, public float $outside) {}

    /** The slimmest in stock that a stone of this diameter can be set in. */
    public static function slimmestFor(float $stone, WorkshopSettings $settings): ?self
    {
        [$least, $most] = self::UNDER_STONE;
        $best = null;
        foreach ($settings->rows('stock.tubes') as $row) {
            $tube = new self((string) $row['name'], (float) $row['inside'], (float) $row['outside']);
            $under = $stone - $tube->inside;
            $fits = $under >= $least - 1e-9 && $under <= $most + 1e-9
                && ($tube->outside - $stone) / 2 >= self::LEAST_WALL - 1e-9;
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
