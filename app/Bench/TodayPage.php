<?php

declare(strict_types=1);

namespace App\Bench;

use App\ClientReview\PendingReviews;
use App\Models\Job;
use App\Models\Workshop;
use HotSprue\Job\Station;
use HotSprue\Measures\Moment;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Throwable;

/** What is next, due and hot. A job that cannot be read is named, and stops nothing else. */
final class TodayPage
{
    /** Open jobs looked through for what each needs next. */
    private const JOBS = 12;

    private const BURNOUTS = 20;

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $open = Job::query()->with(['client', 'rulebook'])->where('state', 'open');
        $workshop = Workshop::the();

        return [
            'jobs' => array_values($this->next($open)->map($this->job(...))->all()),
            'open' => (clone $open)->count(),
            'late' => (clone $open)->where('due_on', '<', WorkshopTime::today()->toDateString())->count(),
            'burnouts' => $this->burnouts(),
            'asked' => PendingReviews::open(),
            'changed' => PendingReviews::changedSince(),
            'backup' => [
                'at' => $workshop->backed_up_at?->toIso8601String(), 'trouble' => $workshop->backup_trouble,
                'overdue' => $workshop->isBackupOverdue(),
            ],
        ];
    }

    /**
     * The first that are due, and after them those of no day.
     *
     * @param  Builder<Job>  $open
     * @return Collection<int, Job>
     */
    private function next(Builder $open): Collection
    {
        $due = (clone $open)->whereNotNull('due_on')->orderBy('due_on')->orderBy('number')->limit(self::JOBS)->get();
        $left = self::JOBS - $due->count();

        return $left === 0
            ? $due
            : $due->concat((clone $open)->whereNull('due_on')->orderBy('number')->limit($left)->get());
    }

    /** @return array<string, mixed> */
    private function job(Job $job): array
    {
        try {
            $short = (new JobAnswer($job, $job->held(), Station::from($job->station)))->inShort();
        } catch (Throwable $failed) {
            report($failed);

            return [
                ...$job->row(), 'next' => null, 'wants' => [], 'worst' => 'stop',
                'trouble' => 'This job cannot be read; restore it from a backup or its file.',
            ];
        }

        return [...$job->row(), ...$short, 'trouble' => null];
    }

    /** @return list<array<string, mixed>> kilns to switch on, of jobs whose burnout has an hour to come */
    private function burnouts(): array
    {
        $found = [];
        $asked = Job::query()
            ->with('rulebook')->where('state', 'open')->whereIn('station', ['tree', 'burnout', 'pour'])
            ->whereRaw('cast(document as text) like ?', ['%burnout.ready_at%']);
        foreach ($asked->orderBy('number')->limit(self::BURNOUTS)->get() as $job) {
            $document = rescue($job->held(...));
            $ready = (string) $document?->text('burnout.ready_at');
            if ($document === null || ! Moment::isOne($ready)
                || Carbon::parse($ready, WorkshopTime::zone())->lessThan(WorkshopTime::today())) {
                continue;
            }
            $start = rescue(
                static fn (): mixed => (new JobAnswer($job, $document, Station::Burnout))
                    ->answers()->value('burnout.programme', 'start_at'),
            );
            if (is_string($start)) {
                $found[] = [
                    'number' => $job->number, 'title' => $job->title, 'start_at' => $start, 'ready_at' => $ready,
                ];
            }
        }
        usort($found, static fn (array $a, array $b): int => strtotime($a['start_at']) <=> strtotime($b['start_at']));

        return $found;
    }
}
