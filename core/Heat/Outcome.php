<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What became of a joint. Best first. Source: workbook 20, at the end. */
enum Outcome: string
{
    case Flowed = 'flowed';
    case Partly = 'partly';
    case Balled = 'balled';
    case Cold = 'cold';
    case Pitted = 'pitted';
    case Moved = 'moved';
    case Melted = 'melted';

    /** 0 the best. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function said(): string
    {
        return match ($this) {
            self::Flowed => 'It flowed', self::Partly => 'It flowed in part', self::Balled => 'The solder balled',
            self::Cold => 'Nothing flowed', self::Pitted => 'The joint is pitted',
            self::Moved => 'An earlier joint moved', self::Melted => 'Metal melted'
        };
    }
}
