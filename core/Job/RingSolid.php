<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Form\Band;
use HotSprue\Form\FingerInput;
use HotSprue\Form\FormBand;
use HotSprue\Form\ImpossibleSection;
use HotSprue\Solid\BandSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Part;
use HotSprue\Solid\Stage;

/** A job's ring as a solid at one of its stages: its band, and of every setting what there is by then. */
final readonly class RingSolid
{
    public function __construct(private JobAnswers $job, private Stage $stage, private Fineness $fineness) {}

    /** @return list<Part> none while the form is not known yet */
    public function parts(): array
    {
        $band = $this->band();
        if ($band === null) {
            return [];
        }
        $alloy = $this->job->input('form.band')?->textOrNull('alloy');
        $look = JobMetalLook::of($this->job, $this->stage, $alloy);
        try {
            $parts = [new Part('band', 'band', $look, BandSolid::of($band, $this->fineness))];
        } catch (ImpossibleSection) {
            return [];
        }
        foreach ($this->job->eachRow('settings') as $row) {
            array_push($parts, ...(new SettingSolid($row, $band, $this->stage, $this->fineness))->parts());
        }

        return $parts;
    }

    /** The band at this stage; null where its form is not known. */
    public function band(): ?Band
    {
        $input = $this->job->input($this->stage === Stage::Finished ? 'form.band' : 'wax.pattern');
        if ($input === null || $this->job->answer('form.band') === null) {
            return null;
        }
        $band = FormBand::band($input, FingerInput::read($input)->diameter());

        return $this->stage === Stage::Cast ? $this->asCast($band) : $band;
    }

    private function asCast(Band $wax): Band
    {
        $size = fn (string $name): float => (float) $this->job->value('wax.dimensions', "{$name}_as_cast");
        $share = $size('bore') / $wax->innerDiameter;
        $part = static fn (?float $of): ?float => $of === null ? null : $of * $share;

        return new Band(
            $size('bore'), $wax->profile, $size('width'), $size('width_base'), $size('thickness'),
            $size('thickness_base'), $part($wax->edge), $part($wax->riseInside), $part($wax->riseOutside),
        );
    }
}
