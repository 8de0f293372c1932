<?php

declare(strict_types=1);

namespace HotSprue\Job;

/**
 * The rows of one of a job's lists. Each row has a key of its own, which a path names (`stones.k3f2.width`),
 * so that a row taken out never changes what a path to another row means.
 */
final readonly class Rows
{
    /** Where a row keeps its key. */
    public const KEY = 'key';

    private const PATTERN = '/^[a-z0-9]{1,12}$/D';

    /** @param list<array<string, mixed>> $rows */
    private function __construct(private array $rows) {}

    /** @param list<array<string, mixed>> $rows */
    public static function of(array $rows): self
    {
        return new self($rows);
    }

    public static function isKey(string $key): bool
    {
        return preg_match(self::PATTERN, $key) === 1;
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        return $this->rows;
    }

    /** @return array<string, mixed>|null */
    public function at(string $key): ?array
    {
        $index = $this->indexOf($key);

        return $index === null ? null : $this->rows[$index];
    }

    public function indexOf(string $key): ?int
    {
        foreach ($this->rows as $index => $row) {
            if ($row[self::KEY] === $key) {
                return $index;
            }
        }

        return null;
    }

    /**
     * With this row in the place of the one of its key, or put in where it is said to stand.
     *
     * @param array<string, mixed> $row
     */
    public function with(string $key, array $row, ?int $stands = null): self
    {
        $rows = $this->rows;
        $row = self::sorted([...$row, self::KEY => $key]);
        $index = $this->indexOf($key);
        if ($index !== null) {
            $rows[$index] = $row;
        } else {
            array_splice($rows, min($stands ?? count($rows), count($rows)), 0, [$row]);
        }

        return new self(array_values($rows));
    }

    public function without(string $key): self
    {
        return new self(
            array_values(array_filter($this->rows, static fn (array $row): bool => $row[self::KEY] !== $key)),
        );
    }

    /** A key that no row has, the same for everybody who asks; `$gone` were used before. */
    public function nextKey(string ...$gone): string
    {
        $next = count($this->rows);
        while (in_array((string) $next, $gone, true) || $this->indexOf((string) $next) !== null) {
            $next++;
        }

        return (string) $next;
    }

    /**
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private static function sorted(array $row): array
    {
        ksort($row);

        return $row;
    }
}
