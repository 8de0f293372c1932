<?php

declare(strict_types=1);

namespace HotSprue\Sheet;

/** What a sheet says of itself: read by the command line, the docs, the schemas and the screen. */
final readonly class Description
{
    /**
     * @param  list<Field>  $inputs
     * @param  list<Output>  $results
     * @param  array<string, string>  $findings  code => when it fires
     */
    public function __construct(
        public string $name,
        public string $purpose,
        public array $inputs,
        public array $results,
        public array $findings = [],
    ) {}

    public function result(string $name): ?Output
    {
        foreach ($this->results as $output) {
            if ($output->name === $name) {
                return $output;
            }
        }

        return null;
    }
}
