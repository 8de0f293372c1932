<?php

declare(strict_types=1);

namespace HotSprue\Fields;

/** Where a number came from. `reckoned`: another sheet of the same job gave it. */
enum Origin: string
{
    case Measured = 'measured';
    case Typed = 'typed';
    case Reckoned = 'reckoned';
    case Shop = 'shop';
    case Default = 'default';
}
