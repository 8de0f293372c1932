<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use App\Models\Quote;
use App\Models\Workshop;
use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Calculation\Level;
use HotSprue\Drawing\View;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Kind;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\ShownFinding;
use HotSprue\Job\Station;
use HotSprue\Job\StationPage;
use HotSprue\Job\StationState;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** A job as the screen shows it: its document, its answers, and one station's page. */
final readonly class JobAnswer
{
    private const REMEMBERED = 7 * 24 * 3600;

    private JobAnswers $answers;

    private StationPage $page;

    /** @param ?string $setting key of the setting in hand; the first unless said */
    public function __construct(
        private Job $job, private Document $document, private Station $station, ?string $setting = null,
    ) {
        // A burnout's heat is reckoned once for the same flask and programme.
        $remember = static function (string $key, Closure $make): Answer {
            // What an earlier version wrote, and this one cannot read, was not remembered.
            $kept = rescue(static fn (): mixed => Cache::get("sheet.{$key}"), null, false);
            $answer = $kept instanceof Answer ? $kept : $make();
            $kept instanceof Answer || Cache::put("sheet.{$key}", $answer, self::REMEMBERED);

            return $answer;
        };
        $this->answers = JobAnswers::of(
            $document, $job->settings(), $remember, JobSurroundings::of($job, $document), $setting,
        );
        $this->page = new StationPage($station, $this->answers);
    }

    /**
     * As the screen asks for it: the station and the setting that it names, else the station at which the job stands.
     *
     * @throws BadInput where there is no such station
     */
    public static function asked(Request $request, Job $job, ?Document $document = null): self
    {
        $job->loadMissing(['client', 'rulebook']);
        [$station, $setting] = [$request->input('station') ?? $job->station, $request->input('setting') ?? ''];
        $named = is_string($station) ? Station::tryFrom($station) : null;

        return new self(
            $job, $document ?? $job->held(),
            $named ?? throw BadInput::field('station', 'There is no such station.'),
            is_string($setting) ? $setting : throw BadInput::field('setting', 'There is no such setting.'),
        );
    }

    /** @return array<string, mixed> the whole job */
    public function toArray(): array
    {
        return [
            ...$this->shown([...$this->answers->uses(), ...$this->page->drawnTogether()], $this->stations()),
            'siblings' => $this->siblings(), 'quoted' => Quote::stateOf($this->job),
        ];
    }

    /** @return list<array{number: int, title: string}> the other open pieces of its commission */
    private function siblings(): array
    {
        $pieces = Job::query()->where('commission', $this->job->commission)->whereKeyNot($this->job->id)
            ->where('state', 'open')->orderBy('number')->get(['number', 'title'])->all();

        return array_map(
            static fn (Job $job): array => ['number' => $job->number, 'title' => $job->title], array_values($pieces),
        );
    }

    /** @return array<string, mixed> what the station shows and what that rests on: light enough to follow typing */
    public function ofStation(): array
    {
        return $this->shown([...$this->station->uses(), ...$this->page->drawnTogether()], [$this->station]);
    }

    /** @return array{next: ?string, wants: list<string>, worst: ?string} what the station still wants, in short */
    public function inShort(): array
    {
        $wants = $this->page->wants();

        return [
            'next' => $wants === [] ? $this->station->plan()->signOff() : null, 'wants' => $wants,
            'worst' => $this->worst(
                $this->station, StationState::of($this->station, $this->document, $this->answers),
            )?->value,
        ];
    }

    /**
     * @param  list<string>  $uses
     * @param  list<Station>  $stations
     * @return array<string, mixed>
     */
    private function shown(array $uses, array $stations): array
    {
        return [
            'number' => $this->job->number,
            'commission' => $this->job->commission,
            'version' => $this->job->version,
            'state' => $this->job->state,
            'client' => $this->job->client?->only(['id', 'name', 'contact', 'note']),
            'document' => $this->document->toArray(),
            'figures_present' => $this->job->rulebook_id === Workshop::the()->rulebook_id,
            'answers' => (object) $this->each(
                $uses, fn (string $use): ?array => $this->answers->answer($use)?->toArray(),
            ),
            'inputs' => (object) $this->each($uses, fn (string $use): ?object => $this->answers->input($use) === null
                ? null : (object) $this->answers->shownInputs($use)),
            'wants' => (object) $this->each($uses, fn (string $use): ?array => $this->answers->wants($use) ?: null),
            'errors' => (object) $this->errors($uses),
            'stations' => array_map($this->stationSummary(...), $stations),
            'page' => $this->page(),
        ];
    }

    /**
     * @template T
     *
     * @param  list<string>  $uses
     * @param  Closure(string): (T|null)  $of
     * @return array<string, T> by use, where there is something
     */
    private function each(array $uses, Closure $of): array
    {
        return array_filter(array_combine($uses, array_map($of, $uses)), static fn (mixed $one): bool => $one !== null);
    }

    /**
     * @param  list<string>  $uses
     * @return array<string, list<string>> what is wrong, by the path that would mend it
     */
    private function errors(array $uses): array
    {
        $errors = [];
        foreach ($uses as $use) {
            foreach ($this->answers->errors($use) as $input => $messages) {
                $path = $this->answers->editable($use, $input) ?? $use;
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
        $state = StationState::of($station, $this->document, $this->answers);

        return [
            'name' => $station->value, 'label' => $station->label(), 'worst' => $this->worst($station, $state)?->value,
            ...$state->toArray(),
        ];
    }

    private function worst(Station $station, StationState $state): ?Level
    {
        $worst = (new StationPage($station, $this->answers))->worst();

        return $worst ?? ($state->drift === [] ? null : Level::Caution);
    }

    /** @return array<string, mixed> */
    private function page(): array
    {
        return [
            'station' => $this->station->value,
            'sign_off' => $this->station->plan()->signOff(),
            'views' => array_map(
                static fn (array $drawn): array => ['use' => $drawn[0], ...$drawn[1]->toArray()], $this->drawings(),
            ),
            'strip' => $this->page->figures(),
            'settings' => $this->page->settings(), 'setting' => $this->answers->setting()->key(),
            'findings' => array_map(
                static fn (ShownFinding $finding): array => $finding->toArray(), $this->page->findings(),
            ),
            'wants' => $this->page->wants(),
            'cautions' => $this->page->cautions(),
            'checklist' => $this->page->checklist(),
            'quench' => $this->page->quench(),
            'next_keys' => array_combine(
                ReadingFields::GROUPS, array_map($this->document->nextKey(...), ReadingFields::GROUPS),
            ),
            'cautions_seen' => ($this->document->map('seen')[$this->station->value] ?? false) === true,
        ];
    }

    /** @return list<array{string, View}> the station's drawings, each with the use it is of */
    public function drawings(): array
    {
        return $this->page->drawings();
    }

    public function isBlocked(): bool
    {
        return $this->page->isBlocked();
    }

    public function answers(): JobAnswers
    {
        return $this->answers;
    }
}
