<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Job\Source\Source;

/** One use of a calculation on a job: what feeds its inputs, when it is asked for, and what of it is shown. */
final readonly class CalculationUse
{
    /**
     * @param  array<string, list<Source>>  $inputs  the sources of each input, in the order in which they are asked
     * @param  list<array{Source, list<string>}>  $conditions  what must be given, and what it must be
     * @param  list<string>  $needs  inputs without which it makes no sense on a job, beyond those it requires
     * @param  list<string>|null  $views  the only drawings shown; all unless said
     * @param  array<string, ?string>  $hidden  drawings not shown, where another use is answered or always
     * @param  ?string  $each  the group of whose rows it is reckoned for each: stones or settings
     */
    private function __construct(
        public string $name,
        public string $calculation,
        public array $inputs,
        public array $conditions = [],
        public array $needs = [],
        public ?array $views = null,
        public array $hidden = [],
        public bool $judges = true,
        public bool $isOnEveryJob = false,
        public bool $isOfClay = true,
        public ?string $each = null,
    ) {}

    /** @param array<string, Source|list<Source>> $inputs */
    public static function of(string $calculation, array $inputs): self
    {
        $sources = array_map(static fn (Source|array $from): array => is_array($from) ? $from : [$from], $inputs);

        return new self($calculation, $calculation, $sources);
    }

    /** Used once more under a name of its own: the form of the wax is `wax.pattern`. */
    public function named(string $name): self
    {
        return $this->with(['name' => $name]);
    }

    /** Reckoned only where this is given, and is one of these where any are named. */
    public function when(Source $source, string ...$among): self
    {
        return $this->with(['conditions' => [...$this->conditions, [$source, array_values($among)]]]);
    }

    /** Reckoned for each row of this group. */
    public function each(string $group): self
    {
        return $this->with(['each' => $group]);
    }

    public function needing(string ...$inputs): self
    {
        return $this->with(['needs' => array_values($inputs)]);
    }

    public function drawnAs(string ...$views): self
    {
        return $this->with(['views' => array_values($views)]);
    }

    /** Without this drawing; where a use is named, only while that is answered. */
    public function without(string $view, ?string $whileAnswered = null): self
    {
        return $this->with(['hidden' => [...$this->hidden, $view => $whileAnswered]]);
    }

    /** Its findings are those of another use, and not shown twice. */
    public function judgedElsewhere(): self
    {
        return $this->with(['judges' => false]);
    }

    /** Asked for on every kind of job, whether its station is passed or not. */
    public function onEveryJob(): self
    {
        return $this->with(['isOnEveryJob' => true]);
    }

    /** Not where the piece is of metal clay. */
    public function notOfClay(): self
    {
        return $this->with(['isOfClay' => false]);
    }

    /** Whether all that it waits for is given. */
    public function isAskedFor(JobAnswers $job): bool
    {
        foreach ($this->conditions as [$source, $among]) {
            $value = $source->value($job);
            if ($value === null || ($among !== [] && ! in_array($value, $among, true))) {
                return false;
            }
        }

        return true;
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
