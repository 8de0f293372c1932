<?php

declare(strict_types=1);

namespace HotSprue\Workshop;

/** Where a seat is cut: in the metal, in the wax and trued in the metal, or to size in the wax. Source: workbook 4. */
enum SeatCutting: string
{
    case AllInMetal = 'all-in-metal';
    case TruedInMetal = 'trued-in-metal';
    case ToSizeInWax = 'to-size-in-wax';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }
}
