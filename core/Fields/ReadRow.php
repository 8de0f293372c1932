<?php

declare(strict_types=1);

namespace HotSprue\Fields;

/** A row of an input that was read before: what several answers are given alike is checked once. */
final readonly class ReadRow
{
    /** @param array<string, mixed> $values by column, every one of them, in the core’s units */
    private function __construct(public array $values) {}

    /**
     * @param  Field  $field  of rows
     * @param  list<array<string, mixed>>  $raw
     * @return list<self>
     *
     * @throws \HotSprue\Measures\NotUnderstood
     */
    public static function all(Field $field, array $raw, WorkshopFigures $settings): array
    {
        return array_map(
            static fn (array $values): self => new self($values), array_values((array) $field->read($raw, $settings)),
        );
    }
}
