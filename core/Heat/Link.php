<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Fields\Field;

/** Two neighbours in one part, and the heat that passes between them, W/K. */
final readonly class Link
{
    public function __construct(public int $from, public int $to, public float $conducts) {}

    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::count('from', 'place of one neighbour in the list')->allowingZero(),
            Field::count('to', 'place of the other')->allowingZero(),
            Field::number('w_per_k', 'heat that passes, for each degree between them')->between(0, 1000),
        ];
    }

    /** @param array<string, mixed> $row */
    public static function read(array $row): self
    {
        return new self((int) $row['from'], (int) $row['to'], (float) $row['w_per_k']);
    }

    /** @return array<string, float|int> */
    public function row(): array
    {
        return ['from' => $this->from, 'to' => $this->to, 'w_per_k' => $this->conducts];
    }
}
