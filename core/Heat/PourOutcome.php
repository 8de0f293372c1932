<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What became of a pour. Best first. */
enum PourOutcome: string
{
    case Filled = 'filled';
    case Dirty = 'dirty';
    case Gassed = 'gassed';
    case Unfilled = 'unfilled';
    case Spilled = 'spilled';

    /** 0 the best. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
