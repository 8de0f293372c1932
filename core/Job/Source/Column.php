<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** One reading of every row of a group that has it. */
final readonly class Column extends Source
{
    public function __construct(public string $group, public string $name) {}

    /** @return list<mixed>|null */
    public function value(JobAnswers $job): ?array
    {
        $values = [];
        foreach ($job->document->list($this->group) as $row) {
            if (isset($row[$this->name]['value'])) {
                $values[] = $row[$this->name]['value'];
            }
        }

        return $values ?: null;
    }
}
