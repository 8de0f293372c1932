<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;

/** Casting flasks as shipped, inside measures; the names are inches, diameter by height. */
final class Flasks
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'),
            Field::length('diameter', 'inside diameter'),
            Field::length('height', 'inside height'),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        return [
            ['name' => '2×2½', 'diameter' => 50.8, 'height' => 63.5],
            ['name' => '2½×2½', 'diameter' => 63.5, 'height' => 63.5],
            ['name' => '3×3', 'diameter' => 76.2, 'height' => 76.2],
            ['name' => '3×4', 'diameter' => 76.2, 'height' => 101.6],
            ['name' => '3½×4', 'diameter' => 88.9, 'height' => 101.6],
            ['name' => '4×6', 'diameter' => 101.6, 'height' => 152.4],
        ];
    }
}
