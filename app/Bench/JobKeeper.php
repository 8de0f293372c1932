<?php

declare(strict_types=1);

namespace App\Bench;

use App\Database\WriteTransaction;
use App\Models\Client;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Movement;
use App\Models\Person;
use App\Models\Picture;
use App\Models\Rulebook;
use App\Models\Workshop;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Conflict;
use HotSprue\Job\Document;
use HotSprue\Job\JointOrder;
use HotSprue\Job\PartNames;
use HotSprue\Job\PreparedChanges;
use HotSprue\Job\TypedChanges;

/** The one way to write a job. Every write is a list of changes, kept as history. */
final class JobKeeper
{
    /** The first job of a workshop bears the number after this. */
    private const BEFORE_FIRST = 100;

    /**
     * A new job under the workshop's present figures.
     *
     * @param  list<Change>  $changes  as typed
     *
     * @throws BadInput
     */
    public function open(?Client $client, array $changes, ?Person $by, ?int $commission = null): Job
    {
        return WriteTransaction::take(function () use ($client, $changes, $by, $commission): Job {
            $rulebook = Workshop::the()->presentRulebook();

            return $this->begin(
                $rulebook, $client, Document::blank(),
                TypedChanges::read($changes, $rulebook->settings(), WorkshopTime::zone()), $by, $commission,
            );
        });
    }

    /** A job from a file, with the figures that it carries. */
    public function import(Document $document, Rulebook $rulebook, ?Client $client, ?Person $by): Job
    {
        return $this->begin($rulebook, $client, $document, [], $by);
    }

    /** @param list<Change> $stored */
    private function begin(
        Rulebook $rulebook, ?Client $client, Document $document, array $stored, ?Person $by, ?int $commission = null,
    ): Job
    {
        return WriteTransaction::take(function () use ($rulebook, $client, $document, $stored, $by, $commission): Job {
            $number = 1 + (int) (Job::query()->max('number') ?? self::BEFORE_FIRST);
            $job = new Job(
                [
                    'number' => $number, 'commission' => $commission ?? $number, 'client_id' => $client?->id,
                    'rulebook_id' => $rulebook->id, 'version' => 0,
                ],
            );
            $job->setRelation('client', $client)->setRelation('rulebook', $rulebook);
            $stored = PreparedChanges::of($document, $stored);
            JobProjection::write($job, $document->with($stored));
            $job->save();
            $this->record($job, $stored, $by, EntryKind::Edit);

            return $job;
        });
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
        return $this->store($job, TypedChanges::read($changes, $job->settings(), WorkshopTime::zone()), $by);
    }

    /**
     * Changes as they are stored.
     *
     * @param  list<Change>  $stored
     *
     * @throws Conflict
     */
    public function store(
        Job $job, array $stored, ?Person $by, EntryKind $kind = EntryKind::Edit, ?Movement $movement = null,
        string $note = '',
    ): Job
    {
        return WriteTransaction::take(function () use ($job, $stored, $by, $kind, $movement, $note): Job {
            $fresh = self::fresh($job);
            $before = $fresh->held();
            $prepared = PreparedChanges::of($before, $stored);
            $prepared = [...$prepared, ...PartNames::carried($before, $prepared)];
            $after = $before->with($prepared);
            ! JointOrder::isTouched($prepared) ?: JointOrder::mustKeepWaits($after);
            JobProjection::write($fresh, $after);
            $fresh->save();
            $made = array_values(
                array_filter(
                    $prepared,
                    static fn (Change $change): bool => ! Change::same($before->at($change->path), $change->to),
                ),
            );
            $made === [] ?: $this->record($fresh, $made, $by, $kind, $movement, note: $note);

            return $fresh;
        });
    }

    /**
     * Takes one entry back by its reverse, as an entry of its own.
     *
     * @throws Conflict when what it made has been changed since
     */
    public function takeBack(Job $job, Entry $entry, ?Person $by): Job
    {
        return WriteTransaction::take(function () use ($job, $entry, $by): Job {
            $fresh = self::fresh($job);
            $reversed = $entry->reversed();
            JobProjection::write($fresh, $fresh->held()->with($reversed, exactly: true));
            $fresh->save();
            $this->record($fresh, $reversed, $by, $entry->kind, undoes: $entry);

            return $fresh;
        });
    }

    /** Puts a job under the workshop's present figures; the history says so. */
    public function adopt(Job $job, Rulebook $present, ?Person $by): Job
    {
        return WriteTransaction::take(function () use ($job, $present, $by): Job {
            $fresh = self::fresh($job);
            $this->record($fresh, [new Change('rulebook', $fresh->rulebook_id, $present->id)], $by, EntryKind::Figures);
            $fresh->rulebook_id = $present->id;
            $fresh->save();

            return $fresh->setRelation('rulebook', $present);
        });
    }

    /** Whose piece it is; the history says whose it was. */
    public function giveTo(Job $job, ?Client $client, ?Person $by): Job
    {
        return WriteTransaction::take(function () use ($job, $client, $by): Job {
            $fresh = self::fresh($job);
            $was = $fresh->client;
            $fresh->client_id = $client?->id;
            $fresh->setRelation('client', $client);
            JobProjection::write($fresh, $fresh->held());
            $fresh->save();
            if ($was?->id !== $client?->id) {
                $this->record($fresh, [new Change('client', $was?->name, $client?->name)], $by, EntryKind::Owner);
            }

            return $fresh;
        });
    }

    /** The job as it stands in this turn, a version on. */
    private static function fresh(Job $job): Job
    {
        Job::query()->whereKey($job->id)->increment('version');

        return Job::query()->with(['client', 'rulebook'])->findOrFail($job->id);
    }

    /** @param list<Change> $stored */
    private function record(
        Job $job, array $stored, ?Person $by, EntryKind $kind, ?Movement $movement = null, ?Entry $undoes = null,
        string $note = '',
    ): void
    {
        if ($stored === []) {
            return;
        }
        Entry::query()->create([
            'job_id' => $job->id, 'person_id' => $by?->id, 'undoes_id' => $undoes?->id, 'made_at' => now(),
            'kind' => $kind, 'movement_id' => $movement?->id, 'note' => $note,
            'edits' => array_map(static fn (Change $change): array => $change->toArray(), $stored),
        ]);
        foreach ($stored as $change) {
            if (str_starts_with($change->path, 'pictures.') && is_array($change->to)) {
                Picture::query()->firstOrCreate(['job_id' => $job->id, 'file' => $change->to['file']]);
            }
        }
    }
}
