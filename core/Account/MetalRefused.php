<?php

declare(strict_types=1);

namespace HotSprue\Account;

use DomainException;

/** A movement of metal that is refused; the message says why, and what is accepted. */
final class MetalRefused extends DomainException
{
    public static function emptyPosting(): self
    {
        return new self('Each lot is named once, with a mass that is not nought.');
    }

    public static function outOfBalance(MovementKind $kind, int $off): self
    {
        return new self(
            sprintf(
                'This does not balance: %.3f g is %s. What goes in comes out, or is said to be lost (%s).',
                abs($off) / 1000, $off > 0 ? 'too much' : 'missing', $kind->value,
            ),
        );
    }

    public static function overdrawn(Lot $lot, int $milligrams): self
    {
        return new self(
            sprintf(
                'There is only %.3f g of this lot of %s, and %.3f g is asked of it.', $lot->mass / 1000, $lot->alloy,
                -$milligrams / 1000,
            ),
        );
    }

    public static function unknownLot(int $id): self
    {
        return new self("There is no lot {$id}.");
    }

    public static function owners(): self
    {
        return new self('A client’s metal goes into that client’s piece, or back to that client.');
    }

    public static function unassayed(Lot $lot): self
    {
        return new self("Nobody has assayed lot {$lot->id}: it is kept apart, given back, or assayed first.");
    }

    public static function fineness(float $from, Lot $into): self
    {
        return new self(
            sprintf(
                'Melted together these are %.3f fine, and the lot they go into is %.3f. Add fine metal or master '
                    .'alloy, or melt into a lot of that fineness.',
                $from, $into->fineness,
            ),
        );
    }

    public static function alloys(): self
    {
        return new self('These lots are of different alloys: melt them to one fineness first.');
    }
}
