<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** Every row of a group as a row of an input: what its columns' sources give for it. */
final readonly class EachRow extends Source
{
    /** @param array<string, Source> $columns a row without the first of them is left out */
    public function __construct(public string $group, public array $columns) {}

    /** @return list<array<string, mixed>>|null */
    public function value(JobAnswers $job): ?array
    {
        $rows = [];
        $first = array_key_first($this->columns);
        foreach ($job->eachRow($this->group) as $view) {
            $row = array_filter(
                array_map(static fn (Source $source): mixed => $source->value($view), $this->columns),
                static fn (mixed $value): bool => $value !== null,
            );
            if ($first !== null && isset($row[$first])) {
                $rows[] = $row;
            }
        }

        return $rows ?: null;
    }

    public function wants(JobAnswers $job): array
    {
        return [''];
    }
}
