<?php

declare(strict_types=1);

namespace App\Price;

use HotSprue\Price\Money;

/** An amount as it is written on a page that the server makes: whole coins, then the currency. */
final class Written
{
    public static function of(float|int $amount, string $currency): string
    {
        return number_format((float) $amount, Money::placesOf($currency)).' '.$currency;
    }
}
