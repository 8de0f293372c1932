<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** How metal takes the light: as it came from the flask, or as it is finished. */
enum Sheen: string
{
    case Polished = 'polished';
    case Satin = 'satin';
    case Matt = 'matt';
    case AsCast = 'cast';
}
