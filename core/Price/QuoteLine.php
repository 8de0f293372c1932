<?php

declare(strict_types=1);

namespace HotSprue\Price;

/** A line of a quote: what it is for, how much of it, and the amount in whole coins. */
final readonly class QuoteLine
{
    public function __construct(
        public string $group, public string $label, public Money $amount, public float $quantity = 1.0,
        public string $unit = '', public ?float $rate = null,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'group' => $this->group, 'label' => $this->label, 'quantity' => $this->quantity, 'unit' => $this->unit,
            'rate' => $this->rate, 'amount' => $this->amount->toFloat(),
        ];
    }
}
