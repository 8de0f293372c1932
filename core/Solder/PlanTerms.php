<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What a plan keeps to. Step and margin in °C. */
final readonly class PlanTerms
{
    /** A flow this far over an earlier solder's solidus lets that joint move, °C. */
    public float $moves;

    /** Flows nearer than this are not told apart at the torch, °C. */
    public float $read;

    private function __construct(
        public float $step,
        public float $margin,
        public bool $law,
        public bool $easy,
        private WorkshopSettings $settings,
    ) {
        $this->moves = $settings->num('solder.moves');
        $this->read = $settings->num('solder.read');
    }

    public static function read(Input $input, WorkshopSettings $settings): self
    {
        return new self(
            $input->num('step_c'), $input->num('margin_c'), $input->text('law') === 'on',
            $input->text('school') === 'easy', $settings,
        );
    }

    /** The same, kept to the law. */
    public function lawful(): self
    {
        return new self($this->step, $this->margin, true, $this->easy, $this->settings);
    }

    /**
     * Whether the grade is the one asked for, and fine enough where the law asks.
     *
     * @param  list<Joint>  $joints
     */
    public function allow(Solder $solder, array $joints, Assembly $assembly): bool
    {
        foreach ($joints as $joint) {
            if ($joint->grade !== null && $joint->grade !== $solder->name || $this->law
                && ! $this->fine($solder, $joint, $assembly)) {
                return false;
            }
        }

        return true;
    }

    public function fine(Solder $solder, Joint $joint, Assembly $assembly): bool
    {
        foreach (Assembly::bits($joint->parts) as $part) {
            if (! $solder->isFineEnoughFor($assembly->alloys[$part], $this->settings)) {
                return false;
            }
        }

        return true;
    }
}
