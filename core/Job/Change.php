<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\BadInput;

/** One edit of a job: at a path, from what it was to what it is to be; a whole row also keeps where it stands. */
final readonly class Change
{
    public function __construct(
        public string $path, public mixed $from, public mixed $to, public ?int $stands = null,
    ) {}

    /**
     * @param  array<array-key, mixed>  $raw
     *
     * @throws BadInput
     */
    public static function fromArray(array $raw): self
    {
        if (! isset($raw['path']) || ! is_string($raw['path'])
            || array_diff(array_keys($raw), ['path', 'from', 'to']) !== []) {
            throw BadInput::field('changes', 'Each change is an object of path, from and to.');
        }

        return new self($raw['path'], $raw['from'] ?? null, $raw['to'] ?? null);
    }

    /** @param array{path: string, from: mixed, to: mixed, stands?: int} $kept as the history keeps it */
    public static function kept(array $kept): self
    {
        return new self($kept['path'], $kept['from'], $kept['to'], $kept['stands'] ?? null);
    }

    /** @return array{path: string, from: mixed, to: mixed, stands?: int} */
    public function toArray(): array
    {
        return [
            'path' => $this->path, 'from' => $this->from, 'to' => $this->to,
            ...($this->stands === null ? [] : ['stands' => $this->stands]),
        ];
    }

    public function reversed(): self
    {
        return new self($this->path, $this->to, $this->from, $this->stands);
    }

    /** Whether two values say the same, whatever their JSON’s key order or number type. */
    public static function same(mixed $a, mixed $b): bool
    {
        if (is_array($a) && is_array($b)) {
            return count($a) === count($b) && array_diff_key($a, $b) === []
                && array_reduce(
                    array_keys($a),
                    static fn (bool $same, int|string $key): bool => $same && self::same($a[$key], $b[$key]), true,
                );
        }

        return (is_int($a) || is_float($a)) && (is_int($b) || is_float($b)) ? (float) $a === (float) $b : $a === $b;
    }
}
