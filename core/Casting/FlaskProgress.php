<?php

declare(strict_types=1);

namespace HotSprue\Casting;

/** How far a flask has come: each step after the one before it, and no pour with the safety list open. */
final readonly class FlaskProgress
{
    /**
     * @param  array<string, mixed>  $steps  what is kept of each step that was done
     * @param  int  $ticked  lines of the safety list that were ticked
     */
    private function __construct(public array $steps, private int $ticked) {}

    /**
     * @param  array<string, mixed>  $steps
     * @param  array<string, bool>  $ticks
     */
    public static function of(array $steps, array $ticks): self
    {
        return new self($steps, count(array_filter($ticks)));
    }

    /**
     * @param  array<string, mixed>  $record  when, and by whom
     *
     * @throws StepRefused
     */
    public function with(CastingStep $step, array $record): self
    {
        $before = $step->before();
        if ($before !== null && ! isset($this->steps[$before->value])) {
            throw StepRefused::before($before);
        }
        if ($step === CastingStep::Pour && $this->ticked < count(CastingStep::safety())) {
            throw StepRefused::unsafe();
        }

        return new self([...$this->steps, $step->value => $this->steps[$step->value] ?? $record], $this->ticked);
    }

    /** Taken back, with all that came after it. */
    public function without(CastingStep $step): self
    {
        $order = array_column(CastingStep::cases(), 'value');
        $undone = array_slice($order, (int) array_search($step->value, $order, true));

        return new self(array_diff_key($this->steps, array_flip($undone)), $this->ticked);
    }
}
