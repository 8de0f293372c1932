<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** What a handed-over job came to beside its document: minutes, the day, what was quoted. Source: workbook 17. */
final readonly class FinishedWork
{
    /**
     * @param  array<string, float>  $minutes  worked, by the steps that were timed and done
     * @param  ?float  $late  minutes from the day promised to the day handed over, below 0 where it was early
     * @param  array<string, float>  $over  actual over quoted, by group of the quote
     */
    public function __construct(public array $minutes = [], public ?float $late = null, public array $over = []) {}

    /** Heats are timed one by one, and each says the same. */
    public function minutesOf(string $step): ?float
    {
        $timed = array_filter($this->minutes, static fn (float $long, string $name): bool => $long >= 1
            && preg_match("/^{$step}(-\\d+)?$/D", $name) === 1, ARRAY_FILTER_USE_BOTH);

        return $timed === [] ? null : array_sum($timed) / count($timed);
    }
}
