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

    /** Whether a use of a calculation has to do with such a job. */
    public function reckons(string $use): bool
    {
        /** @var array<string, bool> $asked */
        static $asked = [];

        return $asked["{$this->value} {$use}"] ??= $this->hasToDoWith($use);
    }

    private function hasToDoWith(string $use): bool
    {
        $bound = InputBindings::all()[$use];
        if ($this === self::Clay && ! $bound->isOfClay) {
            return false;
        }
        foreach ($bound->isOnEveryJob ? [] : Station::cases() as $station) {
            if (in_array($use, $station->uses(), true)) {
                return in_array($station, $this->stations(), true);
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
            self::Sizing => [
                Station::Form, Station::Stones, Station::Wax, Station::Tree, Station::Burnout, Station::Pour,
            ],
        };

        return array_values(
            array_filter(Station::cases(), static fn (Station $station): bool => ! in_array($station, $skipped, true)),
        );
    }
}
