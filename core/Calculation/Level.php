<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

/** How grave a finding is: it will fail or hurt; it often goes wrong; worth knowing. */
enum Level: string
{
    case Stop = 'stop';
    case Caution = 'caution';
    case Note = 'note';
}
