<?php

declare(strict_types=1);

namespace HotSprue\Workshop;

use HotSprue\Fields\Field;

/** What a workshop charges by. Source: workbook 16. */
final class PriceFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            Field::text('price.currency', 'currency of its prices, as ISO 4217 writes it')->default('EUR'),
            Field::share('price.margin', 'share of a price that is kept')->between(0, 0.95)->default(0.35),
            Field::share('price.overhead', 'on bench and consumables')->between(0, 5)->default(0.0),
            Field::number('price.round_to', 'a price is rounded to so much; nought leaves it')->default(0),
            Field::share('price.tax', 'tax on a price; none where nought')->default(0.0),
            Field::yesNo('price.tax_in', 'whether prices have the tax in them')->default(false),
            Field::share('price.deposit', 'of a total, before work begins')->default(0.5),
            Field::share('price.moved', 'metal that moves by more makes a quote old')->default(0.05),
        ];
    }
}
