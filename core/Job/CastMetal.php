<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What the last casting of a job weighed: in grams, null where it was not put down. */
final readonly class CastMetal
{
    /** @param array<string, mixed> $casting */
    private function __construct(private array $casting) {}

    public static function of(Document $document): self
    {
        $castings = $document->list('castings');

        return new self($castings === [] ? [] : end($castings));
    }

    /** What left the safe and did not come back: the charge less button and sprues. */
    public function used(): ?float
    {
        $charge = $this->mass('charge_mass');

        return $charge === null ? null : $charge - ($this->mass('button_mass') ?? 0.0)
            - ($this->mass('sprues_mass') ?? 0.0);
    }

    /** The button as a share of all else that was poured. */
    public function buttonShare(): ?float
    {
        [$button, $charge] = [$this->mass('button_mass'), $this->mass('charge_mass')];

        return $button === null || $charge === null || $charge <= $button ? null : $button / ($charge - $button);
    }

    /** A weight by its name among the readings of a casting. */
    public function mass(string $name): ?float
    {
        $value = $this->casting[$name]['value'] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }
}
