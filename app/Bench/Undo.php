<?php

declare(strict_types=1);

namespace App\Bench;

use App\Database\WriteTransaction;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Fields\BadInput;
use Illuminate\Support\Collection;

/**
 * Takes back the last thing that somebody typed into a job and nobody has changed since, and puts back what was taken
 * back. What was decided or said stays, and so does what moved metal: that is reversed in the account.
 */
final readonly class Undo
{
    public function __construct(private JobKeeper $keeper) {}

    /**
     * @return array{Job, Entry} the job, and what was taken back
     *
     * @throws BadInput saying why nothing is taken back
     */
    public function last(Job $job, ?Person $by): array
    {
        return WriteTransaction::take(function () use ($job, $by): array {
            $last = $this->find(Entry::query()->where('job_id', $job->id)->orderByDesc('id')->get(), $by);

            return [$this->keeper->takeBack($job, $last, $by), $last];
        });
    }

    /**
     * Puts back what was taken back last, where nothing was typed since.
     *
     * @return array{Job, Entry} the job, and what was put back
     *
     * @throws BadInput saying why nothing is put back
     */
    public function again(Job $job, ?Person $by): array
    {
        return WriteTransaction::take(function () use ($job, $by): array {
            $undo = $this->undone(Entry::query()->where('job_id', $job->id)->orderByDesc('id')->get(), $by);

            return [$this->keeper->takeBack($job, $undo, $by), $undo];
        });
    }

    /**
     * Entries that stand: neither taken back, nor a taking back that was itself taken back.
     *
     * @param  Collection<int, Entry>  $entries  newest first
     * @return list<Entry>
     */
    private static function standing(Collection $entries): array
    {
        $gone = $standing = [];
        foreach ($entries as $entry) {
            if (isset($gone[$entry->id])) {
                continue;
            }
            $standing[] = $entry;
            $entry->undoes_id === null ?: $gone[$entry->undoes_id] = true;
        }

        return $standing;
    }

    /**
     * @param  Collection<int, Entry>  $entries  newest first
     *
     * @throws BadInput
     */
    private function undone(Collection $entries, ?Person $by): Entry
    {
        $byId = $entries->keyBy('id');
        $since = [];
        foreach (self::standing($entries) as $entry) {
            $mine = $entry->person_id === $by?->id;
            $isAgain = $byId->get($entry->undoes_id ?? 0)?->undoes_id !== null;
            if ($mine && $entry->undoes_id !== null && ! $isAgain) {
                return self::touch(array_column($entry->edits, 'path'), $since)
                    ? throw BadInput::field(
                        '_',
                        'What you took back here was changed since by somebody else, so it is not put back; change it '
                            .'by hand.',
                    )
                    : $entry;
            }
            if ($mine && $entry->undoes_id === null && $entry->kind->isUndone()) {
                break;
            }
            $mine ?: $since = [...$since, ...array_column($entry->edits, 'path')];
        }
        throw BadInput::field('_', 'There is nothing of yours to put back.');
    }

    /**
     * @param  Collection<int, Entry>  $entries  newest first
     *
     * @throws BadInput
     */
    private function find(Collection $entries, ?Person $by): Entry
    {
        $since = [];
        $overtaken = false;
        foreach (self::standing($entries) as $entry) {
            if ($entry->undoes_id !== null) {
                continue;
            }
            $mine = $entry->person_id === $by?->id;
            if ($mine && $entry->kind === EntryKind::Metal && ! $overtaken) {
                throw BadInput::field(
                    '_',
                    "This moved metal: reverse movement {$entry->movement_id} on Metal, and what it wrote here is "
                        .'taken back with it.',
                );
            }
            $paths = array_column($entry->edits, 'path');
            if ($mine && $entry->kind->isUndone()) {
                if (! self::touch($paths, $since)) {
                    return $entry;
                }
                $overtaken = true;
            }
            $since = [...$since, ...$paths];
        }
        throw BadInput::field(
            '_',
            $overtaken
                ? 'What you typed here was changed since by somebody else, so it is not undone; change it by hand.'
                : 'There is nothing of yours to undo.',
        );
    }

    /**
     * Whether two lists name one path, or one a row and the other a figure of it.
     *
     * @param  list<string>  $paths
     * @param  list<string>  $others
     */
    private static function touch(array $paths, array $others): bool
    {
        foreach ($paths as $path) {
            foreach ($others as $other) {
                if ($path === $other || str_starts_with($path, "{$other}.") || str_starts_with($other, "{$path}.")) {
                    return true;
                }
            }
        }

        return false;
    }
}
