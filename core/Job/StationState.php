<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** How a station stands: its state, what was signed, and what has drifted since. */
final readonly class StationState
{
    /** @param list<Drift> $drift */
    private function __construct(
        public Station $station, public string $state, public ?string $by, public ?string $at, public array $drift,
    ) {}

    public static function of(Station $station, Document $document, JobAnswers $reckoned): self
    {
        $kept = $document->map('stations')[$station->value] ?? [];
        $kept = is_array($kept) ? $kept : [];
        $state = is_string($kept['state'] ?? null) ? $kept['state'] : 'open';

        return new self(
            $station, $state, $kept['by'] ?? null, $kept['at'] ?? null,
            $state === 'signed' ? Drift::since($kept['signed'] ?? [], $reckoned) : [],
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'state' => $this->state, 'by' => $this->by, 'at' => $this->at,
            'drift' => array_map(static fn (Drift $drift): array => $drift->toArray(), $this->drift),
        ];
    }
}
