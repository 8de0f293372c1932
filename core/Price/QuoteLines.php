<?php

declare(strict_types=1);

namespace HotSprue\Price;

use HotSprue\Fields\Input;

/** A quote from cost to what is paid: every step that changes the sum is a line. Source: workbook 16. */
final readonly class QuoteLines
{
    /** Groups that overhead is laid on. */
    private const OVERHEAD_ON = ['bench', 'consumables'];

    /**
     * @param  list<QuoteLine>  $ofCost
     * @param  list<QuoteLine>  $after  margin, rounding, discount and tax, where there is any
     */
    private function __construct(
        public array $ofCost, public array $after, public Money $cost, public Money $price, public Money $net,
        public Money $tax, public Money $total,
    ) {}

    public static function of(Input $input, int $places): self
    {
        $none = Money::of(0.0, $places);
        $ofCost = self::cost($input, $places);
        $sum = static fn (array $lines): Money => array_reduce(
            $lines, static fn (Money $sum, QuoteLine $line): Money => $sum->plus($line->amount), $none,
        );
        $cost = $sum($ofCost);
        $price = $cost->dividedBy(1 - $input->num('margin'));
        $after = [];
        $add = static function (string $group, string $label, Money $amount) use (&$after): void {
            $amount->minor === 0 ?: $after[] = new QuoteLine($group, $label, $amount);
        };
        $add('margin', 'margin', $price->minus($cost));
        $rounded = $price->toNearest(Money::of($input->num('round_to'), $places));
        $add('rounding', 'rounding', $rounded->minus($price));
        $discount = Money::of($input->num('discount'), $places);
        $add('discount', trim('discount: '.($input->textOrNull('reason') ?? ''), ': '), $none->minus($discount));
        $paid = $rounded->minus($discount);
        $isIn = $input->flag('tax_in');
        // Tax that the price has in it is told, and changes nothing of what is paid.
        $tax = $isIn ? $paid->minus($paid->dividedBy(1 + $input->num('tax'))) : $paid->times($input->num('tax'));
        $isIn ?: $add('tax', 'tax', $tax);

        return new self(
            $ofCost, $after, $cost, $price, $isIn ? $paid->minus($tax) : $paid, $tax, $isIn ? $paid : $paid->plus($tax),
        );
    }

    /** @return list<QuoteLine> */
    public function all(): array
    {
        return [...$this->ofCost, ...$this->after];
    }

    /** @return list<array<string, mixed>> */
    public function rows(): array
    {
        return array_map(static fn (QuoteLine $line): array => $line->toArray(), $this->all());
    }

    /** @return list<QuoteLine> */
    private static function cost(Input $input, int $places): array
    {
        $lines = [];
        $carries = Money::of(0.0, $places);
        foreach ($input->rows('lines') as $row) {
            $rate = (float) $row['rate'] * (1 + (float) ($row['markup'] ?? 0));
            $amount = Money::at((float) ($row['quantity'] ?? 1), $rate, $places);
            $lines[] = new QuoteLine(
                (string) $row['group'], (string) $row['label'], $amount, (float) ($row['quantity'] ?? 1),
                (string) ($row['unit'] ?? ''), $rate,
            );
            if (in_array($row['group'], self::OVERHEAD_ON, true)) {
                $carries = $carries->plus($amount);
            }
        }
        $overhead = $carries->times($input->num('overhead'));
        $overhead->minor === 0 ?: $lines[] = new QuoteLine('overhead', 'rent, light and tools', $overhead);

        return $lines;
    }
}
