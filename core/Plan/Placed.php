<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** A step laid down: by whom or where, from when until when, and its pieces. Minutes since 1970. */
final readonly class Placed
{
    /**
     * @param  ?int  $by  place of the person, kiln or tumbler in the workload
     * @param  list<array{int, int}>  $pieces  of attended work; none of a wait
     * @param  int  $done  when what follows may begin
     */
    public function __construct(
        public ?int $by, public int $start, public int $end, public array $pieces, public int $done,
        public bool $fixed = false,
    ) {}
}
