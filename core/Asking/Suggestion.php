<?php

declare(strict_types=1);

namespace HotSprue\Asking;

/** A sum that may be meant: what was read of the question into which input, and the words nothing was made of. */
final readonly class Suggestion
{
    /** @param list<string> $unknown */
    public function __construct(
        public string $calculation, public string $title, public Placing $placing, public array $unknown,
        public float $score,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'sheet' => $this->calculation, 'title' => $this->title, 'input' => (object) $this->placing->input(),
            'placed' => (object) $this->placing->placed, 'unknown' => $this->unknown,
        ];
    }
}
