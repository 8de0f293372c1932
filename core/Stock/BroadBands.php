<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** How much up a broad band goes, by finished width; a band holds from its lower bound. */
final class BroadBands
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::length('from', 'finished width from which it holds')->allowingZero(),
            Field::of(Quantity::Number, 'us_up', 'North American sizes up'),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        return [
            ['from' => 0.0, 'us_up' => 0.0], ['from' => 4.0, 'us_up' => 0.25],
            ['from' => 6.0, 'us_up' => 0.5], ['from' => 8.0, 'us_up' => 0.75],
        ];
    }
}
