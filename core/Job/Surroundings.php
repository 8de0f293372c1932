<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What is so of a job outside its own document, and its sheets ask for. */
final readonly class Surroundings
{
    /**
     * @param  ?float  $clientMetalLeft  metal of its client that stands in the account and is in no piece, g
     * @param  ?string  $now  what the clock says, while its burnout is still planned
     */
    public function __construct(
        public ?InFlask $flask = null, public ?float $clientMetalLeft = null, public ?string $now = null,
    ) {}
}
