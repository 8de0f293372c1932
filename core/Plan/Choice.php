<?php

declare(strict_types=1);

namespace HotSprue\Plan;

/** What a search may choose: in which order steps are laid down, by whose hands,
    and how often a kiln is switched on. */
final readonly class Choice
{
    /**
     * @param  list<int>  $order  every step once, each after those that it waits for
     * @param  array<int, int>  $hands  a person by job; whoever has it done first where none is named
     * @param  int  $rhythm  days from one burnout to the next: what is ready between them waits and shares
     * @param  array<int, int>  $late  the minute before which a burnout does not begin, by step
     * @param  array<int, true>  $hurried  jobs whose burnout waits for nobody
     */
    public function __construct(
        public array $order, public array $hands = [], public int $rhythm = 1, public array $late = [],
        public array $hurried = [],
    ) {}

    /** @param list<int> $order */
    public function ordered(array $order): self
    {
        return new self($order, $this->hands, $this->rhythm, $this->late, $this->hurried);
    }

    public function handing(int $job, int $person): self
    {
        return new self($this->order, [$job => $person] + $this->hands, $this->rhythm, $this->late, $this->hurried);
    }

    public function hurrying(int $job): self
    {
        return new self($this->order, $this->hands, $this->rhythm, $this->late, [$job => true] + $this->hurried);
    }

    public function waiting(int $burnout, int $until): self
    {
        return new self(
            $this->order, $this->hands, $this->rhythm, [$burnout => $until] + $this->late, $this->hurried,
        );
    }

    /** The same for choices that are the same. */
    public function key(): string
    {
        [$hands, $late, $hurried] = [$this->hands, $this->late, $this->hurried];
        ksort($hands);
        ksort($late);
        ksort($hurried);

        return json_encode([$this->order, $hands, $this->rhythm, $late, $hurried], JSON_THROW_ON_ERROR);
    }

    public function rhythmOf(int $job): int
    {
        return isset($this->hurried[$job]) ? 1 : $this->rhythm;
    }
}
