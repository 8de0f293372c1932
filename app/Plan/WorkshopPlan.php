<?php

declare(strict_types=1);

namespace App\Plan;

use App\Bench\WorkshopTime;
use App\Models\FixedStep;
use App\Models\Job;
use App\Models\WorkedStep;
use App\Models\Workshop;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Throwable;

/** The workshop's plan as it is now: its question from what stands in the database, and the core's answer to it. */
final class WorkshopPlan
{
    /** Open jobs that are planned, those that are due first before the others. */
    private const JOBS = 60;

    /** Days ahead that are planned. */
    public const DAYS = 90;

    private const KEPT = 900;

    /** @var array<array-key, PlannedJob> by number */
    public array $jobs = [];

    /** @var list<array{job: string, title: string, why: string}> */
    public array $unplanned = [];

    /** @var list<FixedStep> laid on an hour that is past, and not begun */
    public array $past = [];

    /** @var array<string, mixed> */
    private array $question;

    private readonly WorkshopSettings $settings;

    /** To five minutes, so that a plan is not made anew while one looks at it. */
    public readonly Carbon $now;

    public function __construct()
    {
        $this->now = now()->floorMinutes(5);
        $this->settings = Workshop::the()->rulebook->settings();
        $workshop = Workshop::the();
        $rows = $this->open();
        $this->question = [
            'now' => $this->now->copy()->setTimezone(WorkshopTime::zone())->format('Y-m-d\TH:i:sP'),
            'zone' => $workshop->timezone, 'people' => Team::people(), 'kilns' => Team::kilns(),
            'tumblers' => $workshop->tumblers, 'any_hand' => $workshop->any_hand, 'jobs' => $rows,
            'fixed' => $this->fixed(), 'horizon_days' => self::DAYS,
        ];
    }

    /** @return array<string, mixed> what `time.plan` is asked */
    public function question(): array
    {
        return $this->question;
    }

    /**
     * The answer, kept while nothing changes; what is asked beside it goes on from the order of that.
     *
     * @param  array<string, mixed>  $changes
     */
    public function answer(array $changes = []): Answer
    {
        $asked = [...$this->question, ...$changes];
        $key = 'plan.'.sha1((string) json_encode([...$asked, 'rules' => $this->settings->fingerprint()]));

        return Cache::remember(
            $key, self::KEPT, fn (): Answer => Answer::of(Calculations::named('time.plan'), $asked, $this->settings),
        );
    }

    /**
     * What can be promised for a job that is here, or would be.
     *
     * @param  array<string, mixed>  $more
     */
    public function promise(string $job, array $more = []): Answer
    {
        $jobs = array_map(static fn (array $row): array => $row['id'] === $job
            ? array_diff_key($row, ['due' => 1]) : $row, $this->question['jobs']);

        return Answer::of(
            Calculations::named('time.promise'), [...$this->question, 'jobs' => $jobs, 'job' => $job, ...$more],
            $this->settings,
        );
    }

    /** @return list<array<string, mixed>> */
    private function open(): array
    {
        $rows = [];
        $worked = WorkedStep::query()->with('person')->whereRelation('job', 'state', 'open')->orderBy('id')->get()
            ->groupBy('job_id');
        $open = Job::query()->with('rulebook')->where('state', 'open');
        $first = (clone $open)->orderByRaw('due_on is null')->orderBy('due_on')->orderBy('number')
            ->limit(self::JOBS)->get();
        foreach ($first as $job) {
            try {
                $planned = PlannedJob::of(
                    $job, $worked[$job->id] ?? new Collection, $this->settings, $this->now,
                );
            } catch (Throwable $failed) {
                report($failed);
                $this->unplanned[] = [
                    'job' => (string) $job->number, 'title' => $job->title,
                    'why' => 'It cannot be read; restore it from a backup or its file.',
                ];

                continue;
            }
            $this->jobs[(string) $job->number] = $planned;
            $rows[] = $planned->row();
            if ($job->due_on === null) {
                $this->unplanned[] = [
                    'job' => (string) $job->number, 'title' => $job->title, 'why' => 'Nobody has said by when.',
                ];
            }
        }
        $more = $open->count() - $first->count();
        if ($more > 0) {
            $this->unplanned[] = ['job' => '', 'title' => "{$more} more", 'why' => 'The first sixty are planned.'];
        }

        return $rows;
    }

    /** @return list<array<string, mixed>> what is under way, then what somebody laid down; each step once */
    private function fixed(): array
    {
        $fixed = [];
        foreach ($this->jobs as $planned) {
            foreach ($planned->fixed as $row) {
                $fixed["{$row['job']} {$row['step']}"] = array_filter($row,
                    static fn (mixed $of): bool => $of !== null);
            }
        }
        foreach (FixedStep::query()->with(['job', 'person'])->orderBy('starts_at')->get() as $step) {
            $key = "{$step->job->number} {$step->step}";
            $planned = $this->jobs[(string) $step->job->number] ?? null;
            if ($planned === null || ! $planned->has($step->step) || isset($fixed[$key])) {
                continue;
            }
            if ($step->starts_at->lt($this->now)) {
                $this->past[] = $step;

                continue;
            }
            $fixed[$key] = array_filter([
                'job' => (string) $step->job->number, 'step' => $step->step,
                'start' => $step->starts_at->toIso8601String(), 'by' => $step->kiln ?? $step->person?->name,
            ], static fn (mixed $of): bool => $of !== null);
        }

        return array_values($fixed);
    }
}
