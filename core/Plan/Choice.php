<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** What a search may choose: in which order steps are laid down, by whose hands, and how long a kiln may wait. */
final readonly class Choice
{
    /**
     * @param  list<int>  $order  every step once, each after those that it waits for
     * @param  array<int, int>  $hands  a person by job; whoever has it done first where none is named
     * @param  int  $patience  minutes by which a job may wait to share a burnout that is there already
     * @param  array<int, int>  $late  the minute before which a burnout does not begin, by step
     */
    public function __construct(
        public array $order, public array $hands = [], public int $patience = 0, public array $late = [],
    ) {}

    /** @param list<int> $order */
    public function ordered(array $order): self
    {
        return new self($order, $this->hands, $this->patience, $this->late);
    }

    public function handing(int $job, int $person): self
    {
        return new self($this->order, [$job => $person] + $this->hands, $this->patience, $this->late);
    }

    public function patient(int $minutes): self
    {
        return new self($this->order, $this->hands, $minutes, $this->late);
    }

    public function waiting(int $burnout, int $until): self
    {
        return new self($this->order, $this->hands, $this->patience, [$burnout => $until] + $this->late);
    }
}
