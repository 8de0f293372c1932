<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** One joint to be rehearsed: the piece, and what it is there to teach. */
final readonly class Lesson
{
    /** @param array<string, mixed> $piece as `heat.piece` takes it */
    public function __construct(
        public string $key, public string $title, public string $teaches, public array $piece,
    ) {}
}
