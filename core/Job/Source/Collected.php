<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** Some readings of every row of a group that has the first of them. */
final readonly class Collected extends Source
{
    /** @param non-empty-list<string> $names */
    public function __construct(public string $group, public array $names) {}

    /** @return list<array<string, mixed>>|null */
    public function value(JobAnswers $job): ?array
    {
        $rows = [];
        foreach ($job->document->list($this->group) as $row) {
            $taken = [];
            foreach ($this->names as $name) {
                if (isset($row[$name]['value'])) {
                    $taken[$name] = $row[$name]['value'];
                }
            }
            if (isset($taken[$this->names[0]])) {
                $rows[] = $taken;
            }
        }

        return $rows ?: null;
    }

    public function wants(JobAnswers $job): array
    {
        return [''];
    }
}
