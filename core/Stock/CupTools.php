<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;

/** Beading tools as shipped: number and cup, approximate; each maker numbers its own. */
final class CupTools
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [Field::text('name', 'the maker’s number'), Field::length('cup', 'width of the cup')];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        return array_map(
            static fn (int $number): array => ['name' => (string) $number, 'cup' => round(0.30 + 0.05 * $number, 2)],
            range(1, 16),
        );
    }
}
