<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use HotSprue\Fields\Input;
use HotSprue\Fields\Origin;

/** How one result came about: the formula, this job's own numbers in it, and why. */
final readonly class Working
{
    /** @param list<string> $uses the inputs that it rests on */
    public function __construct(
        public string $result,
        public Formula $formula,
        public string $because,
        public string $source,
        private array $uses,
        private Input $input,
    ) {}

    /** @return array<string, Origin> where each input that it rests on is from */
    public function used(): array
    {
        return $this->input->origins($this->uses);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'result' => $this->result, 'formula' => $this->formula->words(), 'with' => $this->formula->line(),
            'because' => $this->because,
            'source' => $this->source,
            'used' => (object) array_map(static fn (Origin $origin): string => $origin->value, $this->used()),
        ];
    }
}
