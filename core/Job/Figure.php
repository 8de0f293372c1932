<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** A figure at the foot of a station's page. */
final readonly class Figure
{
    private function __construct(
        public string $use,
        public string $result,
        public string $label,
        public bool $isAlways = false,
        public ?string $hiddenBy = null,
    ) {}

    public static function of(string $use, string $result, string $label): self
    {
        return new self($use, $result, $label);
    }

    /** Its place stands there while it is not known. */
    public function always(): self
    {
        return new self($this->use, $this->result, $this->label, true, $this->hiddenBy);
    }

    /** Not while this other use is answered, which says it better. */
    public function unless(string $use): self
    {
        return new self($this->use, $this->result, $this->label, $this->isAlways, $use);
    }

    public function isShown(JobAnswers $job): bool
    {
        if ($this->hiddenBy !== null && $job->answer($this->hiddenBy) !== null) {
            return false;
        }

        return $this->isAlways || $job->value($this->use, $this->result) !== null;
    }
}
