<?php

declare(strict_types=1);

namespace HotSprue\Job\Source;

use HotSprue\Job\JobAnswers;

/** What a source gives for each row of a group, added up or the largest of them; nothing where none gives any. */
final readonly class OverRows extends Source
{
    private function __construct(public string $group, public Source $source, private bool $isSum) {}

    public static function sum(string $group, Source $source): self
    {
        return new self($group, $source, true);
    }

    public static function largest(string $group, Source $source): self
    {
        return new self($group, $source, false);
    }

    public function value(JobAnswers $job): ?float
    {
        $values = [];
        foreach ($job->eachRow($this->group) as $row) {
            $value = $this->source->value($row);
            if (is_int($value) || is_float($value)) {
                $values[] = (float) $value;
            }
        }

        return $values === [] ? null : ($this->isSum ? array_sum($values) : max($values));
    }
}
