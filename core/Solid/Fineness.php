<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** How many flats stand for a curve: few to be looked at, many for a printer or a mill. */
enum Fineness: string
{
    case Look = 'look';
    case File = 'file';

    /** Flats round the finger: the chord of the largest ring lies 0.01 mm off at the most in a file. */
    public function round(): int
    {
        return $this === self::Look ? 96 : 240;
    }

    /** Flats over a dome of a section. */
    public function dome(): int
    {
        return $this === self::Look ? 22 : 36;
    }

    /** Points along a stone's outline. */
    public function outline(): int
    {
        return $this === self::Look ? 64 : 160;
    }

    /** Flats round a wire. */
    public function wire(): int
    {
        return $this === self::Look ? 14 : 32;
    }
}
