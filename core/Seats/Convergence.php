<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Workshop\WorkshopSettings;

/**
 * How neighbours' seats draw together below the surface of a curved band: at depth p under the outer
 * radius R the pitch shrinks to pitch × (R − p) ÷ R. Lengths in mm. Source: workbook 4, under the stone.
 */
final readonly class Convergence
{
    /** Thinnest wall between two seats below the surface. */
    public float $leastWall;

    /** Girdles nearer than this chip one another. */
    public float $girdles;

    /** The hole that a seat is opened to, as a share of the stone. */
    public float $opened;

    public function __construct(private float $radius, WorkshopSettings $settings)
    {
        $this->leastWall = $settings->num('seats.wall_below');
        $this->girdles = $settings->num('seats.girdles_apart');
        $this->opened = $settings->num('seats.opened');
    }

    /** What stands between two holes at a depth; under nothing they run into one another. */
    public function wall(float $pitch, float $depth, float $hole): float
    {
        return $pitch * ($this->radius - $depth) / $this->radius - $hole;
    }

    /** The pitch along the surface that leaves so much wall at a depth. */
    public function pitch(float $wall, float $depth, float $hole): float
    {
        return ($hole + $wall) * $this->radius / ($this->radius - $depth);
    }
}
