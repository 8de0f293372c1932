<?php

declare(strict_types=1);

namespace App\Plan;

use App\Bench\WorkshopTime;
use App\Models\ClientReview;
use App\Models\Job;
use App\Models\RunFlask;
use App\Models\WorkedStep;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobFacts;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;

/** What is left of a job, as `time.plan` is asked with it: its steps, what is under way, what it waits for. */
final class PlannedJob
{
    private const REMEMBERED = 7 * 24 * 3600;

    /** A step that took longer than was thought takes so much longer still; minutes. */
    private const AT_LEAST = 5.0;

    /** A client who is past the time they usually take is waited for so much longer; minutes. */
    private const A_DAY = 1440.0;

    /** Done with a flask that is invested. */
    private const INVESTED = ['wax', 'look', 'sprue', 'invest'];

    /** @var list<array{job: string, step: string, start: string, by: ?string}> */
    public array $fixed = [];

    /** @var array{since: string, overdue: bool}|null */
    public ?array $client = null;

    private mixed $on = null;

    /** @var list<array<string, mixed>> */
    private array $steps;

    /** @param Collection<int, WorkedStep> $worked */
    private function __construct(
        private readonly Job $job, private readonly Collection $worked, private readonly WorkshopSettings $settings,
        private readonly Carbon $now,
    ) {
        $this->steps = $this->left();
        $this->awaitClient();
        $this->inKiln();
        $this->agreedHour();
        $this->atIt();
    }

    /** @param Collection<int, WorkedStep> $worked at this job */
    public static function of(Job $job, Collection $worked, WorkshopSettings $settings, Carbon $now): self
    {
        return new self($job, $worked, $settings, $now);
    }

    /** @return array<string, mixed> a row of jobs */
    public function row(): array
    {
        return [
            'id' => (string) $this->job->number, 'title' => $this->job->title, 'steps' => $this->steps,
            ...($this->job->due_on === null ? [] : ['due' => $this->job->due_on->toDateString()]),
        ];
    }

    public function has(string $step): bool
    {
        return in_array($step, array_column($this->steps, 'id'), true);
    }

    /** @return list<array<string, mixed>> */
    private function left(): array
    {
        ['facts' => $facts, 'heat' => $heat] = Cache::remember(
            "plan.{$this->job->id}.{$this->job->version}.{$this->job->rulebook_id}", self::REMEMBERED,
            function (): array {
                $document = $this->job->held();
                $answers = JobAnswers::of($document, $this->job->settings());

                return ['facts' => JobFacts::of($document, $answers), 'heat' => JobFacts::heat($answers)];
            },
        );
        $this->on = $heat['on'] ?? null;
        foreach ($this->worked->where('done', true)->pluck('step')->unique() as $done) {
            $facts['clocks'][] = ['step' => $done, 'done' => true];
        }
        $answer = Answer::of(Calculations::named('time.steps'), $facts, $this->settings);

        return array_map(static fn (array $step): array => [
            ...$step, ...($step['id'] === 'burnout' ? $heat['burnout'] : []),
            ...($step['id'] === 'invest' ? $heat['invest'] : []),
        ], array_values((array) $answer->value('steps')));
    }

    /** A link that is out: nobody works at it, and the client has what is left of the usual time. */
    private function awaitClient(): void
    {
        $sent = ClientReview::query()->where('job_id', $this->job->id)->whereNull('revoked_at')
            ->latest('id')->value('created_at');
        if ($sent === null || ! $this->has('look')) {
            return;
        }
        if ($this->job->approved) {
            $this->drop(['look']);

            return;
        }
        $left = $this->settings->num('time.client') - $sent->diffInMinutes($this->now);
        $this->client = ['since' => $sent->toIso8601String(), 'overdue' => $left <= 0];
        $this->put('look', ['attended_min' => 0.0, 'wait_min' => $left > 0 ? ceil($left) : self::A_DAY]);
    }

    /** A burnout that stands in the kiln's book: its flask is invested by then, and poured after it. */
    private function inKiln(): void
    {
        $flask = RunFlask::query()->whereHas('jobs', fn ($jobs) => $jobs->whereKey($this->job->id))
            ->with('run')->latest('id')->first();
        $run = $flask?->run;
        if ($flask === null || $run === null) {
            return;
        }
        if (isset($flask->steps['invest']) || $run->started_at !== null) {
            $this->drop(self::INVESTED);
        }
        if ($run->ended_at !== null) {
            $this->drop(['burnout']);

            return;
        }
        $minutes = (int) ceil($run->kiln()->length());
        $start = $run->started_at ?? $run->ready_at?->copy()->subMinutes($minutes);
        if ($start !== null && ($this->has('burnout') || $this->has('pour'))) {
            $this->has('burnout') || $this->burnsStill();
            $this->put('burnout', ['wait_min' => (float) $minutes]);
            $this->fixed[] = $this->at('burnout', $start->toIso8601String(), Team::kilns()[0]['id'] ?? null);
        }
    }

    /** An hour that somebody has said for its burnout. */
    private function agreedHour(): void
    {
        if ($this->fixed !== [] || ! $this->has('burnout') || ! is_string($this->on)) {
            return;
        }
        $on = Carbon::parse($this->on, WorkshopTime::zone());
        if ($on->between($this->now, $this->now->copy()->addDays(WorkshopPlan::DAYS))) {
            $this->fixed[] = $this->at('burnout', $on->toIso8601String(), Team::kilns()[0]['id'] ?? null);
        }
    }

    /** Its station is signed, and its kiln is on: it is poured when that is ready, and no sooner. */
    private function burnsStill(): void
    {
        $at = (int) array_search('pour', array_column($this->steps, 'id'), true);
        array_splice($this->steps, $at, 0, [[
            'id' => 'burnout', 'name' => 'burn out', 'station' => 'burnout', 'attended_min' => 0.0,
            'resource' => 'kiln',
            'after' => $this->steps[$at]['after'], 'splittable' => false,
        ]]);
        $this->put('pour', ['after' => ['burnout']]);
    }

    /** What somebody is at goes on now; what was begun takes what is left of it. */
    private function atIt(): void
    {
        foreach ($this->worked->groupBy('step') as $step => $times) {
            if (! $this->has((string) $step)) {
                continue;
            }
            $spent = $times->sum(fn (WorkedStep $time): float => $time->minutes($this->now));
            $planned = (float) array_column($this->steps, 'attended_min', 'id')[$step];
            $this->put((string) $step, ['attended_min' => ceil(max(self::AT_LEAST, $planned - $spent))]);
            $running = $times->firstWhere('ended_at', null);
            if ($running !== null) {
                $this->fixed[] = $this->at((string) $step, $this->now->toIso8601String(), $running->person?->name);
            }
        }
    }

    /** @return array{job: string, step: string, start: string, by: ?string} */
    private function at(string $step, string $start, ?string $by): array
    {
        return ['job' => (string) $this->job->number, 'step' => $step, 'start' => $start, 'by' => $by];
    }

    /** @param array<string, mixed> $changes */
    private function put(string $step, array $changes): void
    {
        $this->steps = array_map(
            static fn (array $one): array => $one['id'] === $step ? [...$one, ...$changes] : $one, $this->steps,
        );
    }

    /**
     * What followed a step that is done follows whatever that followed.
     *
     * @param  list<string>  $done
     */
    private function drop(array $done): void
    {
        $left = [];
        $before = [];
        foreach ($this->steps as $step) {
            if (in_array($step['id'], $done, true)) {
                continue;
            }
            $left[] = [...$step, 'after' => $before];
            $before = [$step['id']];
        }
        $this->steps = $left;
    }
}
