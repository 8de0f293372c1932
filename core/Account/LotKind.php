<?php

declare(strict_types=1);

namespace HotSprue\Account;

/** What a lot of metal is: new, or what is left of a pour or of work at the bench. */
enum LotKind: string
{
    case Stock = 'stock';
    case Button = 'button';
    case Scrap = 'scrap';
    case Sweeps = 'sweeps';
    case Piece = 'piece';
    case Unassayed = 'unassayed';

    /** Clean metal that was not melted here before. Source: workbook 7, new metal. */
    public function isNew(): bool
    {
        return $this === self::Stock;
    }

    /** Whether metal may be taken of it: a piece is made already, and of what is unassayed nobody knows what it is. */
    public function isAtHand(): bool
    {
        return $this !== self::Piece && $this !== self::Unassayed;
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** @return list<string> kinds of which metal may be taken */
    public static function atHand(): array
    {
        return array_values(
            array_filter(self::names(), static fn (string $name): bool => self::from($name)->isAtHand()),
        );
    }

    /**
     * How much of a charge is new metal, mg.
     *
     * @param  array<int, int>  $masses  of each lot, mg
     * @param  array<int, string>  $kinds  of each lot
     */
    public static function newIn(array $masses, array $kinds): int
    {
        $isNew = static fn (int $lot): bool => self::tryFrom($kinds[$lot] ?? '')?->isNew() === true;

        return (int) array_sum(array_filter($masses, $isNew, ARRAY_FILTER_USE_KEY));
    }
}
