<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What kind of job it is, and by that which stations it passes. */
enum Kind: string
{
    case Cast = 'cast';
    case Fabricated = 'fabricated';
    case Sizing = 'sizing';

    /** Of metal clay: formed larger on a mandrel and fired, never cast. It follows from how its pattern is made. */
    case Clay = 'clay';

    /** Sheets of the wax bench that metal clay has no use for: it is formed, not cut from a blank. */
    private const NOT_OF_CLAY = ['blank.choose', 'layout.grid'];

    public static function of(Document $document): self
    {
        $kind = self::tryFrom($document->text('brief.kind') ?? '') ?? self::Cast;

        return $kind === self::Cast && $document->text('wax.process') === 'clay' ? self::Clay : $kind;
    }

    /** @return list<string> those that one chooses among */
    public static function names(): array
    {
        return array_column([self::Cast, self::Fabricated, self::Sizing], 'value');
    }

    /** Whether a use of a sheet has to do with such a job. */
    public function reckons(string $use): bool
    {
        if ($this === self::Clay && in_array($use, self::NOT_OF_CLAY, true)) {
            return false;
        }
        $here = $this->stations();
        foreach (Station::cases() as $station) {
            if (in_array($use, $station->uses(), true)) {
                // Stones are asked after on every job: what is set is in the fire.
                return in_array($station, $here, true) || $use === 'care.check';
            }
        }

        return true;
    }

    /** @return list<Station> */
    public function stations(): array
    {
        $skipped = match ($this) {
            self::Cast => [Station::Sizing],
            self::Fabricated => [Station::Sizing, Station::Wax, Station::Tree, Station::Burnout, Station::Pour],
            self::Clay => [Station::Sizing, Station::Tree, Station::Burnout, Station::Pour],
            self::Sizing => [Station::Form, Station::Stones, Station::Wax, Station::Tree, Station::Burnout, Station::Pour],
        };

        return array_values(array_filter(Station::cases(), static fn (Station $station): bool => ! in_array($station, $skipped, true)));
    }
}
