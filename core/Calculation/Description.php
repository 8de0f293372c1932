<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use HotSprue\Fields\Field;

/** What a sheet says of itself: read by the command line, the docs, the schemas and the screen. */
final class Description
{
    /** @var array<class-string<Calculation>, self> what each calculation says of itself, asked once */
    private static array $asked = [];

    /** @var array<string, Field>|null */
    private ?array $fields = null;

    /** @var array<string, Output>|null */
    private ?array $byName = null;

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

    /** @return array<string, Field> its inputs by name */
    public function fields(): array
    {
        return $this->fields ??= array_column($this->inputs, null, 'name');
    }

    public function input(string $name): ?Field
    {
        return $this->fields()[$name] ?? null;
    }

    public function result(string $name): ?Output
    {
        $this->byName ??= array_column($this->results, null, 'name');

        return $this->byName[$name] ?? null;
    }
}
