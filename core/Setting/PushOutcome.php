<?php

declare(strict_types=1);

namespace HotSprue\Setting;

/** What became of a stone that was pushed over. Best first. Source: workbook 20, the pushing order rehearsed. */
enum PushOutcome: string
{
    case Level = 'level';
    case Held = 'held';
    case LeftOff = 'left off';
    case Tipped = 'tipped';

    /** 0 the best. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
