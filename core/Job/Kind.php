<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What kind of job it is, and by that which stations it passes. */
enum Kind: string
{
    case Cast = 'cast';
    case Fabricated = 'fabricated';
    case Sizing = 'sizing';

    public static function of(Document $document): self
    {
        return self::tryFrom($document->text('brief.kind') ?? '') ?? self::Cast;
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** @return list<Station> */
    public function stations(): array
    {
        $skipped = match ($this) {
            self::Cast => [Station::Sizing],
            self::Fabricated => [Station::Sizing, Station::Wax, Station::Tree, Station::Burnout, Station::Pour],
            self::Sizing => [Station::Form, Station::Stones, Station::Wax, Station::Tree, Station::Burnout, Station::Pour],
        };

        return array_values(array_filter(Station::cases(), static fn (Station $station): bool => ! in_array($station, $skipped, true)));
    }
}
