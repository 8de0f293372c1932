<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;

/** Ring tubes and blocks of carving wax as shipped, seen down the bore. */
final class Blanks
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'),
            Field::choice('form', ['round-tube', 'flat-top', 'raised-top', 'block'], 'outline seen down the bore'),
            Field::length('bore', 'bore; 0 for a block, which is drilled')->allowingZero(),
            Field::length('across', 'width seen down the bore'),
            Field::length('tall', 'height seen down the bore'),
            Field::length('above', 'from the middle of the bore to the top face'),
            Field::length('length', 'along the bore'),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        $rows = [
            ['round-tube-22', 'round-tube', 15.9, 22.2, 22.2, 11.1, 150],
            ['round-tube-27', 'round-tube', 15.9, 27.0, 27.0, 13.5, 150],
            ['round-tube-33', 'round-tube', 15.9, 33.0, 33.0, 16.5, 150],
            ['flat-top-27-30', 'flat-top', 15.9, 27.0, 30.0, 16.5, 150],
            ['flat-top-33-36', 'flat-top', 15.9, 33.0, 36.0, 19.5, 150],
            ['raised-top-27-37', 'raised-top', 15.9, 27.0, 37.0, 23.5, 150],
            ['block-28-28-12', 'block', 0.0, 28.0, 28.0, 14.0, 12],
            ['block-32-38-16', 'block', 0.0, 32.0, 38.0, 21.0, 16],
            ['block-42-48-24', 'block', 0.0, 42.0, 48.0, 26.0, 24],
        ];
        $names = array_column(self::columns(), 'name');

        return array_map(static fn (array $row): array => array_combine($names, $row), $rows);
    }
}
