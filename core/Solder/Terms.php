<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Rules\Rules;
use HotSprue\Sheet\Input;

/** What a plan keeps to. Step and margin in °C. */
final readonly class Terms
{
    private function __construct(public float $step, public float $margin, public bool $law, public bool $easy, private Rules $rules) {}

    public static function read(Input $input, Rules $rules): self
    {
        return new self($input->num('step_c'), $input->num('margin_c'), $input->text('law') === 'on', $input->text('school') === 'easy', $rules);
    }

    /** The same, kept to the law. */
    public function lawful(): self
    {
        return new self($this->step, $this->margin, true, $this->easy, $this->rules);
    }

    /**
     * Whether the grade is the one asked for, and fine enough where the law asks.
     *
     * @param  list<Joint>  $joints
     */
    public function allow(Solder $solder, array $joints, Assembly $assembly): bool
    {
        foreach ($joints as $joint) {
            if ($joint->grade !== null && $joint->grade !== $solder->name || $this->law && ! $this->fine($solder, $joint, $assembly)) {
                return false;
            }
        }

        return true;
    }

    public function fine(Solder $solder, Joint $joint, Assembly $assembly): bool
    {
        foreach (Assembly::bits($joint->parts) as $part) {
            if (! $solder->isFineEnoughFor($assembly->alloys[$part], $this->rules)) {
                return false;
            }
        }

        return true;
    }
}
