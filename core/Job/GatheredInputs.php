<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Origin;
use HotSprue\Job\Source\Source;

/** What the sources of a use give for its inputs, before it is read and checked. */
final readonly class GatheredInputs
{
    /**
     * @param  array<string, mixed>  $raw
     * @param  array<string, Origin>  $origins
     * @param  array<string, Source>  $sources  what gave each
     */
    private function __construct(public array $raw, public array $origins, private array $sources) {}

    public static function of(CalculationUse $use, JobAnswers $job): self
    {
        $raw = $origins = $gave = [];
        foreach ($use->inputs as $name => $sources) {
            foreach ($sources as $source) {
                $value = $source->value($job);
                if ($value !== null) {
                    $raw[$name] = $value;
                    $origins[$name] = $source->origin();
                    $gave[$name] = $source;

                    break;
                }
            }
        }

        return new self($raw, $origins, $gave);
    }

    /** The path that an edit of an input changes: that of what gave it. */
    public function path(string $input, JobAnswers $job): ?string
    {
        return ($this->sources[$input] ?? null)?->path($job);
    }
}
