<?php

declare(strict_types=1);

namespace HotSprue\Account;

/** What one movement does to one lot, in whole milligrams. */
final readonly class Posting
{
    public function __construct(public int $lot, public int $milligrams) {}
}
