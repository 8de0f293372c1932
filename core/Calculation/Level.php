<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

/** How grave a finding is: it will fail or hurt; it often goes wrong; worth knowing. */
enum Level: string
{
    case Stop = 'stop';
    case Caution = 'caution';
    case Note = 'note';

    /** The gravest is 0. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
