<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;

/** Metal tube as shipped, for tube bezels; inside and outside diameters. */
final class Tubes
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'), Field::length('inside', 'inside diameter'),
            Field::length('outside', 'outside diameter'),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        return array_map(
            static fn (array $size): array => [
                'name' => sprintf('%.1f × %.1f', $size[1], $size[0]), 'inside' => $size[0], 'outside' => $size[1],
            ],
            [
                [1.0, 2.2], [1.5, 2.8], [2.0, 3.4], [2.5, 3.9], [3.0, 4.4], [3.5, 5.0], [4.0, 5.5], [4.5, 6.0],
                [5.0, 6.6],
            ],
        );
    }
}
