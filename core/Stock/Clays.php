<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** Sorts of metal clay as shipped, typical ones; the supplier's own sheet wins. Source: workbook 6, metal clay. */
final class Clays
{
    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'),
            Field::text('label', 'as said at the bench'),
            Field::named('alloy', 'stock.alloys', 'the metal that it fires to'),
            Field::share('shrinkage', 'how far it shrinks, as its sheet says')->between(0, 0.4),
            Field::temperature('fire_c', 'where it is fired'),
            Field::minutes('fire_min', 'how long it is held there'),
            Field::of(Quantity::HeatingRate, 'climb', 'how fast it may be heated')->called('climbs at'),
            Field::yesNo('carbon', 'whether it is fired buried in carbon')->called('in carbon?')->default(false),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        $rows = [
            ['silver-low', 'fine silver, low fire', 'fine-silver', 0.11, 650.0, 30.0, 15.0, false],
            ['silver-full', 'fine silver, full fire', 'fine-silver', 0.11, 840.0, 120.0, 15.0, false],
            ['silver-sterling', 'sterling, in carbon', 'sterling-925', 0.11, 815.0, 60.0, 10.0, true],
            ['bronze-clay', 'bronze, in carbon', 'bronze', 0.11, 820.0, 120.0, 5.0, true],
        ];
        $names = array_column(self::columns(), 'name');

        return array_map(static fn (array $row): array => array_combine($names, $row), $rows);
    }
}
