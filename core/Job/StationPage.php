<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\Level;
use HotSprue\Calculations;
use HotSprue\Casting\CastingStep;
use HotSprue\Drawing\Drawings;
use HotSprue\Drawing\StonePlan;
use HotSprue\Drawing\View;
use HotSprue\Fields\Input;
use HotSprue\Stock\Alloy;

/** What one station of a job shows: drawings, figures, findings, what is still wanted, and what may hurt. */
final readonly class StationPage
{
    /** What is drawn together as the head from above. */
    private const HEAD = [
        'stone.outline', 'seat.bezel', 'seat.tube', 'seat.claw', 'layout.cluster', 'setting.place',
    ];

    /** What of the settings that sit round it. */
    private const ROUND = ['layout.halo', 'layout.cluster'];

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
        foreach ((new RowUses($this->job))->all($this->station->uses()) as $use) {
            if (InputBindings::use($use)->judges ?? false) {
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

    /** @return list<array<string, mixed>> the settings of the piece in short, each with what is judged of it */
    public function settings(): array
    {
        $worst = [];
        foreach ($this->station === Station::Stones || $this->station === Station::Set ? $this->findings()
            : [] as $one) {
            $worst[$one->row() ?? ''] ??= $one->isOpen() ? $one->finding->level->value : null;
        }

        return array_map(static function (JobAnswers $row) use ($worst): array {
            $setting = $row->setting();

            return [
                'key' => $setting->key(), 'name' => $setting->name(), 'holds' => $setting->holds(),
                'style' => $setting->style(), 'made' => $setting->made(), 'stones' => $setting->count(),
                'beside' => $setting->beside()?->setting()->key(),
                'stone' => $setting->stone(),
                'worst' => $worst[$setting->key()] ?? null,
            ];
        }, $this->job->eachRow('settings'));
    }

    /** @return list<string> paths that are still to be given here or at an earlier station */
    public function wants(): array
    {
        $uses = (new RowUses($this->job))->all($this->station->uses());
        $wants = array_merge(...array_map($this->job->wants(...), $uses));

        return array_values(array_filter(array_unique($wants), $this->station->reaches(...)));
    }

    /** @return list<array{string, View}> the station's drawings, each with the use it is of */
    public function drawings(): array
    {
        $drawn = $this->head();
        foreach ($this->station->uses() as $use) {
            if (! in_array(InputBindings::all()[$use]->calculation, Drawings::AT_STATIONS, true)) {
                continue;
            }
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
        $parts = $this->station === Station::Stones ? $this->headParts() : [];

        return array_map(
            static fn (View $view): array => [(string) array_key_first($parts), $view],
            $parts === [] ? [] : StonePlan::views($parts, $this->job->setting()->key()),
        );
    }

    /**
     * The stone in the middle of the setting in hand with its seat, and all that stands round it.
     *
     * @return array<string, array{Input, Answer}> by use, and the row that it is of
     */
    private function headParts(): array
    {
        $middle = $this->job->setting()->beside() ?? $this->job;
        $round = array_filter(
            $this->job->eachRow('settings'),
            static fn (JobAnswers $row): bool => $row->setting()
                ->beside()?->setting()->key() === $middle->setting()->key(),
        );
        $parts = [];
        foreach ([$middle, ...$round] as $place => $row) {
            foreach ($place === 0 ? self::HEAD : self::ROUND as $use) {
                [$input, $answer] = [$row->input($use), $row->answer($use)];
                if ($input !== null && $answer !== null) {
                    $parts[(new RowUses($row))->named($use)] = [$input, $answer];
                }
            }
        }

        return $parts;
    }

    /** @return list<string> the uses that are drawn together as the head, each with the row that it is of */
    public function drawnTogether(): array
    {
        return $this->station === Station::Stones ? array_keys($this->headParts()) : [];
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
