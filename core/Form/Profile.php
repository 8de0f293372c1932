<?php

declare(strict_types=1);

namespace HotSprue\Form;

/** The cross-section of a shank. */
enum Profile: string
{
    case Flat = 'flat';
    case HalfRound = 'half-round';
    case Court = 'court';
    case Round = 'round';
    case Knife = 'knife';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
