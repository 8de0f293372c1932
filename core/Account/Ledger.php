<?php

declare(strict_types=1);

namespace HotSprue\Account;

/** Lots as they stand, and what a movement makes of them. Pure: the same lots and movement give the same. */
final readonly class Ledger
{
    /** A melt may miss its lot's fineness by so much, parts of 1. */
    private const FINENESS = 0.003;

    /** What may happen to metal of unknown fineness. */
    private const APART = [MovementKind::Receive, MovementKind::Return, MovementKind::Correct];

    /** @param array<int, Lot> $lots by id */
    private function __construct(public array $lots) {}

    /** @param list<Lot> $lots */
    public static function of(array $lots): self
    {
        return new self(array_column($lots, null, 'id'));
    }

    /** @throws MetalRefused when a lot would go negative, or metal would change its owner or its alloy */
    public function after(Movement $movement): self
    {
        $lots = $this->lots;
        foreach ($movement->postings as $posting) {
            $lot = $lots[$posting->lot] ?? throw MetalRefused::unknownLot($posting->lot);
            if ($lot->mass + $posting->milligrams < 0) {
                throw MetalRefused::overdrawn($lot, $posting->milligrams);
            }
            if (! $lot->assayed && ! $movement->reverses && ! in_array($movement->kind, self::APART, true)) {
                throw MetalRefused::unassayed($lot);
            }
            $lots[$posting->lot] = $lot->changed($posting->milligrams);
        }
        if (! $movement->reverses) {
            $this->keepOwners($movement);
            $this->keepAlloys($movement);
        }

        return new self($lots);
    }

    /** All metal there is, mg. */
    public function total(): int
    {
        return array_sum(array_map(static fn (Lot $lot): int => $lot->mass, $this->lots));
    }

    /** @throws MetalRefused */
    private function keepOwners(Movement $movement): void
    {
        $from = $to = [];
        foreach ($movement->postings as $posting) {
            $posting->milligrams < 0 ? $from[] = $this->lots[$posting->lot] : $to[] = $this->lots[$posting->lot];
        }
        $clients = array_unique(array_filter(array_map(static fn (Lot $lot): ?int => $lot->owner, $from), is_int(...)));
        if ($movement->kind === MovementKind::Return
            && (count($clients) !== 1
                || in_array(null, array_map(static fn (Lot $lot): ?int => $lot->owner, $from), true))) {
            throw MetalRefused::owners();
        }
        if ($clients === [] || $to === []) {
            // The workshop's own metal may be given; it never becomes a client's by a melt.
            foreach ($from === [] ? [] : $to as $lot) {
                if ($lot->owner !== null && $lot->pieceOf === null) {
                    throw MetalRefused::owners();
                }
            }

            return;
        }
        foreach ($to as $lot) {
            if (count($clients) > 1 || ($lot->pieceOf ?? $lot->owner) !== array_values($clients)[0]) {
                throw MetalRefused::owners();
            }
        }
    }

    /**
     * What is melted together comes out as fine as it went in.
     *
     * @throws MetalRefused
     */
    private function keepFineMetal(Movement $movement): void
    {
        [$mass, $fine] = [0, 0.0];
        $out = null;
        foreach ($movement->postings as $posting) {
            $lot = $this->lots[$posting->lot];
            if ($posting->milligrams < 0) {
                $mass -= $posting->milligrams;
                $fine -= $posting->milligrams * $lot->fineness;
            } else {
                $out = $lot;
            }
        }
        if ($out !== null && $mass > 0 && abs($fine / $mass - $out->fineness) > self::FINENESS) {
            throw MetalRefused::fineness($fine / $mass, $out);
        }
    }

    /** @throws MetalRefused */
    private function keepAlloys(Movement $movement): void
    {
        if ($movement->kind === MovementKind::Melt) {
            $this->keepFineMetal($movement);
        }
        if (in_array(
            $movement->kind, [MovementKind::Melt, MovementKind::Correct, MovementKind::Receive, MovementKind::Sweeps],
            true,
        )) {
            return;
        }
        $alloys = array_unique(
            array_map(fn (Posting $posting): string => $this->lots[$posting->lot]->alloy, $movement->postings),
        );
        if (count($alloys) > 1 && $movement->kind->outside() === null) {
            throw MetalRefused::alloys();
        }
    }
}
