<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** When a piece is of the size that is shown: made of wax, on its tree, just cast, or finished with its stones. */
enum Stage: string
{
    case Wax = 'wax';
    case Blank = 'blank';
    case Tree = 'tree';
    case Cast = 'cast';
    case Finished = 'finished';

    public function label(): string
    {
        return match ($this) {
            self::Wax => 'the wax', self::Blank => 'the wax in the blank that it is carved from',
            self::Tree => 'the wax on its sprues in the flask',
            self::Cast => 'as cast', self::Finished => 'finished',
        };
    }
}
