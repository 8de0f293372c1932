<?php

declare(strict_types=1);

namespace HotSprue\Price;

/** What was paid of a total, and what is owed: below nought where too much was paid. Source: workbook 16. */
final readonly class Settled
{
    private function __construct(public int $paid, public int $owed) {}

    /** @param list<int> $payments in whole coins; what is given back is below nought */
    public static function of(?int $total, array $payments): self
    {
        $paid = array_sum($payments);

        return new self($paid, ($total ?? 0) - $paid);
    }
}
