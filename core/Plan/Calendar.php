<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/**
 * The free time of a person, a kiln or a tumbler: intervals in minutes since 1970, in order. Between two of them lies
 * a night or a break, which work may be laid over, or something that was taken, which it may not.
 */
final class Calendar
{
    /** @var array<int, int> */
    private array $from = [];

    /** @var array<int, int> */
    private array $to = [];

    /** @var array<int, bool> whether nothing but a night or a break lies before it */
    private array $bridged = [];

    /** @param list<array{int, int}> $intervals apart from one another, in order */
    public static function of(array $intervals): self
    {
        $calendar = new self;
        foreach ($intervals as [$from, $to]) {
            $calendar->from[] = $from;
            $calendar->to[] = $to;
            $calendar->bridged[] = true;
        }

        return $calendar;
    }

    /** @return list<array{int, int}> */
    public function intervals(): array
    {
        return array_values(array_map(
            static fn (int $from, int $to): array => [$from, $to], $this->from, $this->to,
        ));
    }

    /** The longest time without a break; minutes. */
    public function longest(): int
    {
        return max([0, ...array_map(static fn (int $from, int $to): int => $to - $from, $this->from, $this->to)]);
    }

    public function isFree(int $from, int $to): bool
    {
        $at = $this->endingAfter($from);

        return isset($this->from[$at]) && $this->from[$at] <= $from && $this->to[$at] >= $to;
    }

    /**
     * The soonest that so many minutes can be had.
     *
     * @return list<array{int, int}>|null pieces of it, one unless it is laid down over a night or a break
     */
    public function earliest(int $ready, int $minutes, bool $splits = false): ?array
    {
        $count = count($this->from);
        for ($at = $this->endingAfter($ready); $at < $count; $at++) {
            $start = max($this->from[$at], $ready);
            if ($start + $minutes <= $this->to[$at]) {
                return [[$start, $start + $minutes]];
            }
            if (! $splits) {
                continue;
            }
            $pieces = [[$start, $this->to[$at]]];
            $left = $minutes - ($this->to[$at] - $start);
            while ($left > 0 && $at + 1 < $count && $this->bridged[$at + 1]) {
                $at++;
                $end = min($this->to[$at], $this->from[$at] + $left);
                $pieces[] = [$this->from[$at], $end];
                $left -= $end - $this->from[$at];
            }
            if ($left <= 0) {
                return $pieces;
            }
        }

        return null;
    }

    /**
     * The latest that so many minutes can be had and be over by then.
     *
     * @return list<array{int, int}>|null
     */
    public function latest(int $until, int $minutes, bool $splits = false): ?array
    {
        for ($at = min($this->endingAfter($until), count($this->from) - 1); $at >= 0; $at--) {
            $end = min($this->to[$at], $until);
            if ($end - $minutes >= $this->from[$at]) {
                return [[$end - $minutes, $end]];
            }
            if (! $splits || $end <= $this->from[$at]) {
                continue;
            }
            $pieces = [[$this->from[$at], $end]];
            $left = $minutes - ($end - $this->from[$at]);
            while ($left > 0 && $at > 0 && $this->bridged[$at]) {
                $at--;
                $start = max($this->from[$at], $this->to[$at] - $left);
                array_unshift($pieces, [$start, $this->to[$at]]);
                $left -= $this->to[$at] - $start;
            }
            if ($left <= 0) {
                return $pieces;
            }
        }

        return null;
    }

    /** @param list<array{int, int}> $pieces */
    public function take(array $pieces): void
    {
        foreach ($pieces as [$from, $to]) {
            $this->takeOne($from, $to);
        }
    }

    /** Whatever of it was free is so no more; work is not laid over it. */
    private function takeOne(int $from, int $to): void
    {
        $at = $this->endingAfter($from);
        // Work mostly begins where free time does.
        if (($this->from[$at] ?? null) === $from && $this->to[$at] > $to) {
            $this->from[$at] = $to;
            $this->bridged[$at] = false;

            return;
        }
        while (isset($this->from[$at]) && $this->from[$at] < $to) {
            $rest = [];
            if ($this->from[$at] < $from) {
                $rest[] = [$this->from[$at], $from, $this->bridged[$at]];
            }
            if ($this->to[$at] > $to) {
                $rest[] = [$to, $this->to[$at], false];
            }
            array_splice($this->from, $at, 1, array_column($rest, 0));
            array_splice($this->to, $at, 1, array_column($rest, 1));
            array_splice($this->bridged, $at, 1, array_column($rest, 2));
            $at += count($rest);
        }
        if (isset($this->bridged[$at]) && ($at === 0 || $this->to[$at - 1] <= $to)) {
            $this->bridged[$at] = false;
        }
    }

    /** The first interval that ends after a moment. */
    private function endingAfter(int $moment): int
    {
        $low = 0;
        $high = count($this->to);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->to[$middle] > $moment) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
