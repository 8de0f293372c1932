<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** One figure that is no longer what it was when somebody signed or approved it. */
final readonly class Drift
{
    /** Figures nearer than this share of themselves are the same. */
    private const NEAR = 1e-6;

    private function __construct(
        public string $use, public string $result, public mixed $signed, public mixed $now, public ?string $unit,
    ) {}

    /**
     * A dated copy of a station's answers: every figure that is not a list.
     *
     * @return array<string, array<string, array{value: mixed, unit: ?string}>> by use, one for each of its rows, then
     * result
     */
    public static function copy(Station $station, JobAnswers $reckoned): array
    {
        $copy = [];
        foreach ((new RowUses($reckoned))->all($station->uses()) as $use) {
            $answer = $reckoned->answer($use);
            if ($answer !== null) {
                $copy[$use] = array_filter(
                    $answer->results, static fn (string $name): bool => ! $answer->isList($name), ARRAY_FILTER_USE_KEY,
                );
            }
        }

        return $copy;
    }

    /**
     * @param  array<string, array<string, array{value: mixed, unit: ?string}>>  $copied
     * @return list<self>
     */
    public static function since(array $copied, JobAnswers $reckoned): array
    {
        $drift = [];
        foreach ($copied as $use => $results) {
            foreach ($results as $result => $kept) {
                $now = $reckoned->value($use, $result);
                if (! self::isSame($kept['value'], $now)) {
                    $drift[] = new self($use, $result, $kept['value'], $now, $kept['unit']);
                }
            }
        }

        return $drift;
    }

    /** @return array{use: string, result: string, label: string, signed: mixed, now: mixed, unit: ?string} */
    public function toArray(): array
    {
        return [
            'use' => $this->use, 'result' => $this->result, 'label' => InputBindings::label($this->use, $this->result),
            'signed' => $this->signed, 'now' => $this->now, 'unit' => $this->unit,
        ];
    }

    private static function isSame(mixed $kept, mixed $now): bool
    {
        return is_numeric($kept) && is_numeric($now)
            ? abs($now - $kept) <= self::NEAR * max(1.0, abs((float) $kept))
            : $now === $kept;
    }
}
