<?php

declare(strict_types=1);

namespace HotSprue\OwnFigures;

/** Samples of one figure in time, with their middle and spread. Source: workbook 17. */
final readonly class Samples
{
    /** A median absolute deviation times this is a standard deviation, where samples fall as usual. */
    private const SIGMA = 1.4826;

    /** Eight of ten lie within so many standard deviations. */
    private const EIGHTY = 1.2816;

    private const APART = 3.0;

    /** Fewer are not told apart. */
    private const LEAST = 5;

    private float $median;

    private float $distance;

    /** @param list<float> $values the oldest first */
    public function __construct(public array $values, private float $step)
    {
        $median = $values === [] ? 0.0 : self::middle($values);
        $this->median = $median;
        $this->distance = $values === [] ? 0.0
            : self::middle(array_map(static fn (float $one): float => abs($one - $median), $values));
    }

    /**
     * Those that count, and those that stand apart.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return array{self, list<array<string, mixed>>}
     */
    public static function sorted(array $rows, float $step): array
    {
        $value = static fn (array $row): float => (float) $row['value'];
        $all = new self(array_map($value, $rows), $step);
        if (count($rows) < self::LEAST) {
            return [$all, []];
        }
        $limit = self::APART * self::SIGMA * max($all->distance(), $step);
        // Where all but a few are the same to the last digit, nothing tells how far is far.
        $median = $all->median();
        $isApart = static fn (array $row): bool => $limit > 0 && abs($value($row) - $median) > $limit + 1e-12;

        return [
            new self(array_map($value, array_values(array_filter(
                $rows, static fn (array $row): bool => ! $isApart($row),
            ))), $step),
            array_values(array_filter($rows, $isApart)),
        ];
    }

    public function median(): float
    {
        return $this->median;
    }

    /** The median absolute deviation. */
    public function distance(): float
    {
        return $this->distance;
    }

    /** Half of the width in which eight of ten lie. */
    public function spread(): float
    {
        return self::EIGHTY * self::SIGMA * max($this->distance(), $this->step);
    }

    /** @return array{?self, ?self} the five before the last five, and those; null where there are fewer than ten */
    public function lastTwoFives(): array
    {
        if (count($this->values) < 2 * self::LEAST) {
            return [null, null];
        }

        return [
            new self(array_slice($this->values, -2 * self::LEAST, self::LEAST), $this->step),
            new self(array_slice($this->values, -self::LEAST), $this->step),
        ];
    }

    /** @param list<float> $values */
    private static function middle(array $values): float
    {
        sort($values);
        $count = count($values);
        $half = intdiv($count, 2);

        return $count % 2 === 1 ? $values[$half] : ($values[$half - 1] + $values[$half]) / 2;
    }
}
