<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A kiln: how many flasks it takes, and whether it may burn with nobody in the house. */
final readonly class Kiln
{
    public function __construct(public string $id, public int $flasks, public bool $alone) {}
}
