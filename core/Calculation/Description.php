<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use HotSprue\Fields\Field;

/** What a sheet says of itself: read by the command line, the docs, the schemas and the screen. */
final class Description
{
    /** @var array<class-string<Calculation>, self> what each calculation says of itself, asked once */
    private static array $asked = [];

    /**
     * @param  list<Field>  $inputs
     * @param  list<Output>  $results
     * @param  array<string, string>  $findings  code => when it fires
     */
    public function __construct(
        public readonly string $name,
        public readonly string $title,
        public readonly string $purpose,
        public readonly string $source,
        public readonly array $inputs,
        public readonly array $results,
        public readonly array $findings = [],
    ) {}

    public static function of(Calculation $calculation): self
    {
        return self::$asked[$calculation::class] ??= $calculation->description();
    }

    public function input(string $name): ?Field
    {
        foreach ($this->inputs as $input) {
            if ($input->name === $name) {
                return $input;
            }
        }

        return null;
    }

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
