<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Calculation\Level;
use HotSprue\Calculations;
use HotSprue\Casting\CastingStep;
use HotSprue\Drawing\Drawings;
use HotSprue\Drawing\StonePlan;
use HotSprue\Drawing\View;
use HotSprue\Stock\Alloy;

/** What one station of a job shows: drawings, figures, findings, what is still wanted, and what may hurt. */
final readonly class StationPage
{
    /** What is drawn together as the head from above. */
    private const HEAD = ['stone.outline', 'seat.bezel', 'seat.tube', 'seat.claw', 'layout.halo'];

    public function __construct(private Station $station, private JobAnswers $job) {}

    /** @return list<array{use: string, result: string, label: string, value: mixed, quantity: ?string}> */
    public function figures(): array
    {
        $shown = [];
        foreach ($this->station->plan()->figures() as $figure) {
            if ($figure->isShown($this->job)) {
                $calculation = Calculations::describe(InputBindings::all()[$figure->use]->calculation);
                $shown[] = [
                    'use' => $figure->use, 'result' => $figure->result, 'label' => $figure->label,
                    'value' => $this->job->value($figure->use, $figure->result),
                    'quantity' => $calculation->result($figure->result)?->quantity->value,
                ];
            }
        }

        return $shown;
    }

    /** @return list<ShownFinding> the gravest first */
    public function findings(): array
    {
        $shown = [];
        foreach ($this->station->uses() as $use) {
            if (InputBindings::all()[$use]->judges) {
                foreach ($this->job->answer($use)->findings ?? [] as $finding) {
                    $shown[] = ShownFinding::of($use, $finding, $this->job);
                }
            }
        }
        $approval = $this->station === Station::Wax ? ClientApproval::changed($this->job->document, $this->job) : null;
        if ($approval !== null) {
            $shown[] = ShownFinding::ofJob('look', $approval);
        }
        usort(
            $shown,
            static fn (
                ShownFinding $a, ShownFinding $b,
            ): int => $a->finding->level->rank() <=> $b->finding->level->rank(),
        );

        return $shown;
    }

    /** The gravest that stands open: a stop, a caution, or nothing of weight. */
    public function worst(): ?Level
    {
        foreach ($this->findings() as $finding) {
            if ($finding->isOpen()) {
                return $finding->finding->level === Level::Note ? null : $finding->finding->level;
            }
        }

        return null;
    }

    /** Whether a stop stands open, so that the station cannot be signed. */
    public function isBlocked(): bool
    {
        return array_filter($this->findings(), static fn (ShownFinding $finding): bool => $finding->blocks()) !== [];
    }

    /** @return list<string> paths that are still to be given here or at an earlier station */
    public function wants(): array
    {
        $wants = array_merge(...array_map($this->job->wants(...), $this->station->uses()));

        return array_values(array_filter(array_unique($wants), $this->station->reaches(...)));
    }

    /** @return list<array{string, View}> the station's drawings, each with the use it is of */
    public function drawings(): array
    {
        $drawn = $this->head();
        foreach ($this->station->uses() as $use) {
            [$input, $answer] = [$this->job->input($use), $this->job->answer($use)];
            if ($input === null || $answer === null) {
                continue;
            }
            foreach (Drawings::of($input, $answer, $this->job->settings) as $view) {
                if ($this->isDrawn(InputBindings::all()[$use], $view->name)) {
                    $drawn[] = [$use, $view];
                }
            }
        }

        return $drawn;
    }

    private function isDrawn(CalculationUse $use, string $view): bool
    {
        if (array_key_exists($view, $use->hidden)) {
            $by = $use->hidden[$view];

            return $by !== null && $this->job->answer($by) === null;
        }

        return $use->views === null || in_array($view, $use->views, true);
    }

    /** @return list<array{string, View}> the head from above, of whatever has been chosen for it */
    private function head(): array
    {
        if ($this->station !== Station::Stones || $this->job->answer('stone.outline') === null) {
            return [];
        }
        $parts = [];
        foreach (self::HEAD as $use) {
            [$input, $answer] = [$this->job->input($use), $this->job->answer($use)];
            if ($input !== null && $answer !== null) {
                $parts[$use] = [$input, $answer];
            }
        }

        return array_map(static fn (View $view): array => ['stone.outline', $view], StonePlan::views($parts));
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return Cautions::at($this->station, $this->job->document->text('wax.process'), $this->alloy()->nickel ?? false);
    }

    /** @return list<string> what is looked at before the pour */
    public function checklist(): array
    {
        $method = $this->job->document->text('pour.method') ?? $this->job->settings->text('charge.method');

        return $this->station === Station::Pour ? CastingStep::safety($method) : [];
    }

    /** How the flask is cooled once it is poured. */
    public function quench(): ?string
    {
        $alloy = $this->station === Station::Pour ? $this->alloy() : null;

        return $alloy === null ? null : CastingStep::quench($alloy);
    }

    /** The alloy that the job is to be made of, where it is one of its workshop's. */
    private function alloy(): ?Alloy
    {
        $alloy = $this->job->document->text('brief.alloy');
        $known = $alloy !== null && in_array($alloy, $this->job->settings->names('stock.alloys'), true);

        return $known ? Alloy::named($alloy, $this->job->settings) : null;
    }
}
