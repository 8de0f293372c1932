<?php

declare(strict_types=1);

namespace App\Bench;

/** What kind of step an entry of a job's history is, and so whether undo may take it back. */
enum EntryKind: string
{
    case Edit = 'edit';
    case Picture = 'picture';
    case Override = 'override';
    case Station = 'station';
    case Figures = 'figures';
    case Closing = 'closing';
    case Owner = 'owner';
    case Client = 'client';
    case Metal = 'metal';
    case Moved = 'moved';

    /** What was typed or put there; what somebody decided or said is taken back in words of its own. */
    public function isUndone(): bool
    {
        return in_array($this, [self::Edit, self::Picture, self::Override], true);
    }
}
