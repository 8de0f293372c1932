<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;

/** Round sprue wax wire as shipped. */
final class SprueWires
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [Field::text('name', 'identifier'), Field::length('diameter', 'diameter')];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        return array_map(
            static fn (float $mm): array => ['name' => sprintf('%.1f', $mm), 'diameter' => $mm],
            [2.0, 2.5, 3.0, 3.5, 4.0, 4.5, 5.0, 6.0, 8.0],
        );
    }
}
