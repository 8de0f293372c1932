<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Client;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Person;
use App\Models\Picture;
use App\Models\Rulebook;
use App\Models\Workshop;
use HotSprue\Job\Change;
use HotSprue\Job\Conflict;
use HotSprue\Job\Document;
use HotSprue\Sheet\BadInput;
use Illuminate\Support\Facades\DB;

/** The one way to write a job. Every write is a list of changes, kept as history. */
final class JobKeeper
{
    /** SQLite lets one writer in at a time; a busy one is tried again. */
    private const TRIES = 5;

    /**
     * A new job under the workshop's present figures.
     *
     * @param  list<Change>  $changes  as typed
     *
     * @throws BadInput
     */
    public function open(?Client $client, array $changes, ?Person $by, ?int $commission = null): Job
    {
        $rulebook = Workshop::the()->rulebook;

        return $this->begin($rulebook, $client, Document::blank(), Document::understood($changes, $rulebook->rules()), $by, $commission);
    }

    /** A job from a file, with the figures that it carries. */
    public function import(Document $document, Rulebook $rulebook, ?Client $client, ?Person $by): Job
    {
        return $this->begin($rulebook, $client, $document, [], $by);
    }

    /** @param list<Change> $stored */
    private function begin(Rulebook $rulebook, ?Client $client, Document $document, array $stored, ?Person $by, ?int $commission = null): Job
    {
        return DB::transaction(function () use ($rulebook, $client, $document, $stored, $by, $commission): Job {
            // The first statement writes, so that the lock is taken before the number is read.
            Workshop::query()->increment('version');
            $number = 1 + (int) (Job::query()->max('number') ?? 100);
            $job = new Job(['number' => $number, 'commission' => $commission ?? $number, 'client_id' => $client?->id, 'rulebook_id' => $rulebook->id, 'version' => 0]);
            $job->setRelation('client', $client)->setRelation('rulebook', $rulebook);
            JobProjection::write($job, $document->with($stored));
            $job->save();
            $this->record($job, $stored, $by);

            return $job;
        }, self::TRIES);
    }

    /**
     * Changes as a person typed them.
     *
     * @param  list<Change>  $changes
     *
     * @throws BadInput
     * @throws Conflict
     */
    public function change(Job $job, array $changes, ?Person $by): Job
    {
        return $this->store($job, Document::understood($changes, $job->rules()), $by);
    }

    /**
     * Changes as they are stored.
     *
     * @param  list<Change>  $stored
     */
    public function store(Job $job, array $stored, ?Person $by, ?Entry $undoes = null): Job
    {
        return DB::transaction(function () use ($job, $stored, $by, $undoes): Job {
            Job::query()->whereKey($job->id)->increment('version');
            $fresh = Job::query()->with(['client', 'rulebook'])->findOrFail($job->id);
            $before = $fresh->held();
            $made = array_values(array_filter($stored, static fn (Change $change): bool => ! Change::same($before->at($change->path), $change->to)));
            JobProjection::write($fresh, $before->with($stored));
            $fresh->save();
            $this->record($fresh, $made, $by, $undoes);

            return $fresh;
        }, self::TRIES);
    }

    /** Takes back the last entry not yet taken back; null where there is none. */
    public function undo(Job $job, ?Person $by): ?Job
    {
        $undone = $job->entries()->whereNotNull('undoes_id')->pluck('undoes_id');
        $last = $job->entries()->whereNull('undoes_id')->whereNotIn('id', $undone)->orderByDesc('id')->get()
            ->first(static fn (Entry $entry): bool => ! str_starts_with($entry->edits[0]['path'] ?? '', 'rulebook'));

        return $last === null ? null : $this->store($job, $last->reversed(), $by, $last);
    }

    /** Puts a job under the workshop's present figures; the history says so. */
    public function adopt(Job $job, Rulebook $present, ?Person $by): Job
    {
        return DB::transaction(function () use ($job, $present, $by): Job {
            Job::query()->whereKey($job->id)->increment('version');
            $fresh = Job::query()->with('client')->findOrFail($job->id);
            $this->record($fresh, [new Change('rulebook', $fresh->rulebook_id, $present->id)], $by);
            $fresh->rulebook_id = $present->id;
            $fresh->save();

            return $fresh->setRelation('rulebook', $present);
        }, self::TRIES);
    }

    /** Whose piece it is. */
    public function giveTo(Job $job, ?Client $client): Job
    {
        return DB::transaction(function () use ($job, $client): Job {
            Job::query()->whereKey($job->id)->increment('version');
            $fresh = Job::query()->with('rulebook')->findOrFail($job->id);
            $fresh->client_id = $client?->id;
            $fresh->setRelation('client', $client);
            JobProjection::write($fresh, $fresh->held());
            $fresh->save();

            return $fresh;
        }, self::TRIES);
    }

    /** @param list<Change> $stored */
    private function record(Job $job, array $stored, ?Person $by, ?Entry $undoes = null): void
    {
        if ($stored === []) {
            return;
        }
        Entry::query()->create([
            'job_id' => $job->id, 'person_id' => $by?->id, 'undoes_id' => $undoes?->id, 'made_at' => now(),
            'edits' => array_map(static fn (Change $change): array => $change->toArray(), $stored),
        ]);
        foreach ($stored as $change) {
            if (str_starts_with($change->path, 'pictures.') && is_array($change->to)) {
                Picture::query()->firstOrCreate(['job_id' => $job->id, 'file' => $change->to['file']]);
            }
        }
    }
}
