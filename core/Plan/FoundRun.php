<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A burnout that a flask may go into, and when it would be poured. Minutes since 1970. */
final readonly class FoundRun
{
    /** @param ?int $joins which run of the plan it is; null of a new one */
    public function __construct(public int $kiln, public int $start, public int $pour, public ?int $joins = null) {}
}
