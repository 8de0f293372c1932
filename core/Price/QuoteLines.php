<?php

declare(strict_types=1);

namespace HotSprue\Price;

use HotSprue\Fields\Input;

/** A quote from cost to what is paid: every step that changes the sum is a line. Source: workbook 16. */
final readonly class QuoteLines
{
    /** Groups that overhead is laid on. */
    private const OVERHEAD_ON = ['bench', 'consumables'];

    /** What a client reads for each group. */
    private const TOLD = [
        'bench' => 'work at the bench', 'consumables' => 'work at the bench', 'overhead' => 'work at the bench',
        'fire' => 'casting', 'outside' => 'work outside',
    ];

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

    /**
     * As a client is told: by what it is for, the margin in it, and whatever changes the sum after that. What folding
     * leaves over goes to the dearest, so that these add up to the total too.
     *
     * @return list<array{label: string, amount: float}>
     */
    public function forClient(): array
    {
        $groups = [];
        foreach ($this->ofCost as $line) {
            $name = self::TOLD[$line->group] ?? $line->group;
            $groups[$name] = isset($groups[$name]) ? $groups[$name]->plus($line->amount) : $line->amount;
        }
        $folded = array_map(fn (Money $amount): Money => $this->cost->minor === 0
            ? $amount
            : $amount->times($this->price->minor / $this->cost->minor), $groups);
        if ($folded !== []) {
            $dearest = array_search(max(array_column($folded, 'minor')), array_column($folded, 'minor'), true);
            $name = array_keys($folded)[$dearest];
            $left = array_reduce(
                $folded, static fn (Money $left, Money $one): Money => $left->minus($one), $this->price,
            );
            $folded[$name] = $folded[$name]->plus($left);
        }
        $rows = [];
        foreach ($folded as $name => $amount) {
            $rows[] = ['label' => $name, 'amount' => $amount->toFloat()];
        }
        foreach ($this->after as $line) {
            $line->group === 'margin' ?: $rows[] = ['label' => $line->label, 'amount' => $line->amount->toFloat()];
        }

        return $rows;
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
