<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** How a station stands: its state, what was signed, and what has drifted since. */
final readonly class StationState
{
    /** @param list<array{use: string, result: string, signed: mixed, now: mixed, unit: ?string}> $drift */
    private function __construct(public Station $station, public string $state, public ?string $by, public ?string $at, public array $drift) {}

    public static function of(Station $station, Document $document, Reckoned $reckoned): self
    {
        $kept = $document->map('stations')[$station->value] ?? [];
        $kept = is_array($kept) ? $kept : [];
        $state = is_string($kept['state'] ?? null) ? $kept['state'] : 'open';

        return new self($station, $state, $kept['by'] ?? null, $kept['at'] ?? null, $state === 'signed' ? self::drift($kept['signed'] ?? [], $reckoned) : []);
    }

    /**
     * A dated copy of a station's answers, kept when it is signed off.
     *
     * @return array<string, array<string, array{value: mixed, unit: ?string}>>
     */
    public static function copy(Station $station, Reckoned $reckoned): array
    {
        $copy = [];
        foreach ($station->uses() as $use) {
            if (isset($reckoned->answers[$use])) {
                $copy[$use] = array_filter($reckoned->answers[$use]->results, static fn (array $result): bool => ! is_array($result['value']));
            }
        }

        return $copy;
    }

    /**
     * @param  array<string, array<string, array{value: mixed, unit: ?string}>>  $signed
     * @return list<array{use: string, result: string, signed: mixed, now: mixed, unit: ?string}>
     */
    private static function drift(array $signed, Reckoned $reckoned): array
    {
        $drift = [];
        foreach ($signed as $use => $results) {
            foreach ($results as $result => $kept) {
                $now = $reckoned->value($use, $result);
                $same = is_numeric($kept['value']) && is_numeric($now)
                    ? abs($now - $kept['value']) <= 1e-6 * max(1.0, abs((float) $kept['value']))
                    : $now === $kept['value'];
                if (! $same) {
                    $drift[] = ['use' => $use, 'result' => $result, 'signed' => $kept['value'], 'now' => $now, 'unit' => $kept['unit']];
                }
            }
        }

        return $drift;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['state' => $this->state, 'by' => $this->by, 'at' => $this->at, 'drift' => $this->drift];
    }
}
