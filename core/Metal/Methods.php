<?php

declare(strict_types=1);

namespace HotSprue\Metal;

/** The three schools of pouring. */
final class Methods
{
    public const ALL = ['spin', 'vacuum', 'hand'];
}
