<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Workshop;
use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Calculation\Finding;
use HotSprue\Calculation\Level;
use HotSprue\Calculations;
use HotSprue\Casting\CastingStep;
use HotSprue\Drawing\Drawings;
use HotSprue\Drawing\StonePlan;
use HotSprue\Drawing\View;
use HotSprue\Job\Cautions;
use HotSprue\Job\Change;
use HotSprue\Job\ClientApproval;
use HotSprue\Job\Document;
use HotSprue\Job\InputBindings;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobCalculator;
use HotSprue\Job\Kind;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Station;
use HotSprue\Job\StationState;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Support\Facades\Cache;

/** A whole job as the screen shows it: its document, all answers, and one station's page. */
final readonly class JobAnswer
{
    private const REMEMBERED = 7 * 24 * 3600;

    /** Stations whose figures all stand at the foot, given or not; elsewhere only those that there are. */
    private const WHOLE = [Station::Brief, Station::Wax, Station::Tree, Station::Pour, Station::Finish];

    private JobAnswers $reckoned;

    private WorkshopSettings $settings;

    public function __construct(private Job $job, private Document $document, private Station $station)
    {
        $this->settings = $job->settings();
        // A burnout's heat is reckoned once for the same flask and programme.
        $this->reckoned = JobCalculator::reckon($document, $this->settings, static fn (string $key, Closure $make): Answer => Cache::remember("sheet.{$key}", self::REMEMBERED, $make), JobSurroundings::of($job));
    }

    /**
     * @param  bool  $page  only the answers of the station's own page: what follows typing is to be light
     * @return array<string, mixed>
     */
    public function toArray(bool $page = false): array
    {
        $shown = $page ? array_flip($this->station->uses()) : $this->reckoned->answers + $this->reckoned->inputs;

        return [
            'number' => $this->job->number,
            'commission' => $this->job->commission,
            'version' => $this->job->version,
            'state' => $this->job->state,
            'client' => $this->job->client?->only(['id', 'name', 'contact', 'note']),
            'document' => $this->document->toArray(),
            'figures_present' => $this->job->rulebook_id === Workshop::the()->rulebook_id,
            'answers' => (object) array_map(static fn (Answer $answer): array => $answer->toArray(), array_intersect_key($this->reckoned->answers, $shown)),
            'inputs' => (object) array_map(fn (string $use): object => (object) $this->reckoned->shownInputs($use), $this->keyed(array_keys(array_intersect_key($this->reckoned->inputs, $shown)))),
            'wants' => (object) $this->reckoned->wants,
            'errors' => (object) $this->errors(),
            'stations' => array_map($this->stationSummary(...), $this->stations()),
            'page' => $this->page(),
        ];
    }

    /**
     * @param  list<string>  $uses
     * @return array<string, string>
     */
    private function keyed(array $uses): array
    {
        return array_combine($uses, $uses);
    }

    /** @return array<string, list<string>> what is wrong, by the path that would mend it */
    private function errors(): array
    {
        $errors = [];
        foreach ($this->reckoned->errors as $use => $inputs) {
            foreach ($inputs as $input => $messages) {
                $path = $this->reckoned->editable($use, $input) ?? $use;
                $errors[$path] = array_values(array_unique([...($errors[$path] ?? []), ...$messages]));
            }
        }

        return $errors;
    }

    /** @return list<Station> those that the job passes, and the one asked for */
    private function stations(): array
    {
        $along = Kind::of($this->document)->stations();

        return in_array($this->station, $along, true) ? $along : [...$along, $this->station];
    }

    /** @return array<string, mixed> */
    private function stationSummary(Station $station): array
    {
        $state = StationState::of($station, $this->document, $this->reckoned);
        $levels = [];
        foreach ($this->findings($station) as $finding) {
            if ($finding['override'] === null) {
                $levels[] = $finding['level'];
            }
        }
        $worst = null;
        foreach ([Level::Stop, Level::Caution] as $level) {
            if ($worst === null && in_array($level->value, $levels, true)) {
                $worst = $level->value;
            }
        }

        return ['name' => $station->value, 'label' => $station->label(), 'worst' => $state->drift !== [] ? ($worst ?? 'caution') : $worst, ...$state->toArray()];
    }

    /** @return array<string, mixed> */
    private function page(): array
    {
        $uses = $this->station->uses();
        $wants = [];
        foreach ($uses as $use) {
            $wants = [...$wants, ...($this->reckoned->wants[$use] ?? [])];
        }

        return [
            'station' => $this->station->value,
            'sign_off' => $this->station->signOff(),
            'views' => $this->views(),
            'strip' => $this->strip(),
            'findings' => $this->findings($this->station),
            'wants' => array_values(array_filter(array_unique($wants), $this->station->reaches(...))),
            'cautions' => Cautions::at($this->station, $this->document->text('wax.process'), $this->alloy()->nickel ?? false),
            'checklist' => $this->station === Station::Pour ? CastingStep::safety($this->document->text('pour.method') ?? $this->settings->text('charge.method')) : [],
            'quench' => $this->quench(),
            'next_keys' => array_combine(ReadingFields::GROUPS, array_map($this->document->nextKey(...), ReadingFields::GROUPS)),
            'cautions_seen' => ($this->document->map('seen')[$this->station->value] ?? false) === true,
        ];
    }

    /** @return list<array<string, mixed>> */
    private function views(): array
    {
        return array_map(static fn (array $drawn): array => ['use' => $drawn[0], ...$drawn[1]->toArray()], $this->drawings());
    }

    /** @return list<array{string, View}> the station's drawings, each with the use it is of */
    public function drawings(): array
    {
        $drawn = $this->head();
        foreach ($this->station->uses() as $use) {
            if (! isset($this->reckoned->answers[$use])) {
                continue;
            }
            foreach (Drawings::of($this->reckoned->inputs[$use], $this->reckoned->answers[$use], $this->settings) as $view) {
                if ($this->isShown($use, $view->name)) {
                    $drawn[] = [$use, $view];
                }
            }
        }

        return $drawn;
    }

    /** Of the pattern, which is the wax once more as a form, only the section; the grid in place of the bare band; heads once, together. */
    private function isShown(string $use, string $view): bool
    {
        return match ($view) {
            'head' => false,
            'sizing' => $use === 'size.change',
            'unrolled' => $use !== 'wax.dimensions' && $use !== 'wax.pattern' && ! isset($this->reckoned->answers['strip.length']),
            default => $use !== 'wax.pattern' || $view === 'section-top',
        };
    }

    /** @return list<array{string, View}> the head from above, of whatever has been chosen for it */
    private function head(): array
    {
        $parts = [];
        foreach ($this->station === Station::Stones ? ['stone.outline', 'seat.bezel', 'seat.tube', 'seat.claw', 'layout.halo'] : [] as $use) {
            if (isset($this->reckoned->answers[$use])) {
                $parts[$use] = [$this->reckoned->inputs[$use], $this->reckoned->answers[$use]];
            }
        }

        return isset($parts['stone.outline']) ? array_map(static fn (View $view): array => ['stone.outline', $view], StonePlan::views($parts)) : [];
    }

    /** The alloy that the job is to be made of, where it is one of its workshop's. */
    private function alloy(): ?Alloy
    {
        $alloy = $this->document->text('brief.alloy');

        return $alloy !== null && in_array($alloy, $this->settings->names('stock.alloys'), true) ? Alloy::named($alloy, $this->settings) : null;
    }

    private function quench(): ?string
    {
        $alloy = $this->station === Station::Pour ? $this->alloy() : null;

        return $alloy === null ? null : CastingStep::quench($alloy);
    }

    /** @return list<array<string, mixed>> */
    private function strip(): array
    {
        // Of figures that stand for one another only those that there are.
        $figures = ! in_array($this->station, self::WHOLE, true) ? array_filter($this->station->strip(), fn (array $figure): bool => $this->reckoned->value($figure[0], $figure[1]) !== null) : $this->station->strip();

        if (isset($this->reckoned->answers['stock.cut'])) {
            // What is left after the shank alone is not what is left.
            $figures = array_filter($figures, static fn (array $figure): bool => $figure !== ['strip.length', 'left_over', 'left of the stock']);
        }
        if (isset($this->reckoned->answers['strip.length'])) {
            $figures = array_filter($figures, static fn (array $figure): bool => $figure[0] !== 'form.band' || $figure[1] === 'mass');
        }

        return array_map(fn (array $figure): array => [
            'use' => $figure[0], 'result' => $figure[1], 'label' => $figure[2],
            'value' => $this->reckoned->value($figure[0], $figure[1]),
            'quantity' => Calculations::describe(InputBindings::table()[$figure[0]]['sheet'])->result($figure[1])?->quantity->value,
        ], array_values($figures));
    }

    /** @return list<array<string, mixed>> */
    private function findings(Station $station): array
    {
        $shown = [];
        foreach ($station->uses() as $use) {
            // The pattern is the wax's own volume; its form was judged at Form.
            if ($use !== 'wax.pattern' && isset($this->reckoned->answers[$use])) {
                foreach ($this->reckoned->answers[$use]->findings as $finding) {
                    $shown[] = $this->shown($use, $finding);
                }
            }
        }
        $approval = $station === Station::Wax ? ClientApproval::changed($this->document, $this->reckoned) : null;
        if ($approval !== null) {
            $shown[] = [...$approval->toArray(), 'use' => 'look', 'path' => null, 'value' => null, 'fixes' => [], 'override' => null];
        }
        $order = ['stop' => 0, 'caution' => 1, 'note' => 2];
        usort($shown, static fn (array $a, array $b): int => $order[$a['level']] <=> $order[$b['level']]);

        return $shown;
    }

    /** @return array<string, mixed> */
    private function shown(string $use, Finding $finding): array
    {
        $fixes = [];
        foreach ($finding->set as $input => $value) {
            $path = $this->reckoned->editable($use, $input);
            if ($path !== null && Document::isDecided($path)) {
                $fixes[] = ['path' => $path, 'value' => $value];
            }
        }
        $value = $this->aboutValue($use, $finding->about);

        return [
            ...$finding->toArray(), 'use' => $use, 'path' => $this->reckoned->editable($use, $finding->about), 'value' => $value,
            'fixes' => count($fixes) === count($finding->set) ? $fixes : [],
            'override' => $this->override($use, $finding, $value),
        ];
    }

    private function aboutValue(string $use, string $about): mixed
    {
        $inputs = isset($this->reckoned->inputs[$use]) ? $this->reckoned->inputs[$use]->values() : [];

        return $inputs[$about] ?? $this->reckoned->value($use, $about);
    }

    /** @return array<string, mixed>|null the override that still holds: its value has not changed since */
    private function override(string $use, Finding $finding, mixed $value): ?array
    {
        foreach ($this->document->list('overrides') as $override) {
            if ($override['use'] === $use && $override['code'] === $finding->code && Change::same($override['value'] ?? null, $value)) {
                return $override;
            }
        }

        return null;
    }

    public function reckoned(): JobAnswers
    {
        return $this->reckoned;
    }
}
