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
            Field::number('price.gold', 'a fine gram of gold costs')->default(0)->called('gold, a fine gram'),
            Field::number('price.silver', 'a fine gram of silver costs')->default(0)->called('silver, a fine gram'),
            Field::number('price.platinum', 'a fine gram of platinum costs')->default(0)
                ->called('platinum, a fine gram'),
            Field::number('price.palladium', 'a fine gram of palladium costs')->default(0)
                ->called('palladium, a fine gram'),
            Field::share('price.metal_markup', 'on top of what metal costs')->between(0, 5)->default(0.15),
            Field::share('price.metal_lost', 'metal bought over what is in the piece')->between(0, 1)->default(0.1),
            Field::share('price.stone_markup', 'on top of what a stone costs')->between(0, 5)->default(0.3),
            Field::number('price.hour', 'an hour at the bench')->default(0),
            Field::number('price.burnout', 'a flask’s share of a burnout')->default(0),
            Field::number('price.investment', 'a kilogram of investment')->default(0),
            Field::number('price.heat', 'solder and flux of a heat')->default(0),
            Field::share('price.moved', 'metal that moves by more makes a quote old')->default(0.05),
        ];
    }
}
