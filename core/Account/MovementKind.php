<?php

declare(strict_types=1);

namespace HotSprue\Account;

/** What can happen to metal. Source: workbook 14. */
enum MovementKind: string
{
    case Receive = 'receive';
    case Melt = 'melt';
    case Charge = 'charge';
    case Cut = 'cut';
    case Scrap = 'scrap';
    case Sweeps = 'sweeps';
    case Return = 'return';
    case Deliver = 'deliver';
    case Correct = 'correct';

    /**
     * Whether metal comes from outside (1), goes outside (−1), either (0, a correction), or stays among the lots
     * (null).
     */
    public function outside(): ?int
    {
        return match ($this) {
            self::Receive, self::Sweeps => 1,
            self::Return, self::Deliver => -1,
            self::Correct => 0,
            default => null,
        };
    }

    /** Whether some may be lost on the way. */
    public function loses(): bool
    {
        return in_array($this, [self::Melt, self::Charge, self::Cut, self::Scrap], true);
    }
}
