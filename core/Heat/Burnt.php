<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** A piece after some of the flame: what was seen, and the energy that went in and out, J. */
final readonly class Burnt
{
    /**
     * @param  list<Sign>  $signs
     * @param  array<string, float>  $given  J that each part took from the flame
     * @param  array<string, float>  $lost  J that each part lost to the air, by its glow and to what holds it
     */
    public function __construct(public Piece $piece, public array $signs, public array $given, public array $lost) {}

    /** J */
    public function givenInAll(): float
    {
        return array_sum($this->given);
    }

    /** J */
    public function lostInAll(): float
    {
        return array_sum($this->lost);
    }
}
