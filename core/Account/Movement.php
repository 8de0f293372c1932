<?php

declare(strict_types=1);

namespace HotSprue\Account;

/**
 * One movement of metal. It balances to the milligram, is never edited, and only ever reversed. Source: workbook 14.
 */
final readonly class Movement
{
    /**
     * @param  list<Posting>  $postings
     * @param  int  $loss  what was lost on the way, mg
     *
     * @throws MetalRefused when it does not balance
     */
    private function __construct(
        public MovementKind $kind, public array $postings, public int $loss, public bool $reverses = false,
    )
    {
        $sum = array_sum(array_map(static fn (Posting $posting): int => $posting->milligrams, $postings));
        $sign = $reverses ? -1 : 1;
        if ($postings === []
            || count(
                array_unique(array_map(static fn (Posting $posting): int => $posting->lot, $postings)),
            ) !== count($postings)
            || array_filter($postings, static fn (Posting $posting): bool => $posting->milligrams === 0) !== []) {
            throw MetalRefused::emptyPosting();
        }
        if (! $reverses && $loss < 0) {
            throw MetalRefused::outOfBalance($kind, $loss);
        }
        $outside = $kind->outside();
        $balances = match (true) {
            $outside === null => $sum + $loss === 0 && ($loss === 0 || $kind->loses()),
            $outside === 0 => $loss === 0,
            default => $loss === 0 && $sum * $outside * $sign > 0 && array_filter(
                $postings, static fn (Posting $posting): bool => $posting->milligrams * $outside * $sign < 0,
            ) === [],
        };
        if (! $balances) {
            throw MetalRefused::outOfBalance($kind, $sum + $loss);
        }
    }

    /**
     * @param  list<Posting>  $postings
     *
     * @throws MetalRefused
     */
    public static function of(MovementKind $kind, array $postings, int $loss = 0): self
    {
        return new self($kind, $postings, $loss);
    }

    /** The movement that takes this one back. */
    public function reversed(): self
    {
        return new self(
            $this->kind,
            array_map(
                static fn (Posting $posting): Posting => new Posting($posting->lot, -$posting->milligrams),
                $this->postings,
            ),
            -$this->loss, ! $this->reverses,
        );
    }
}
