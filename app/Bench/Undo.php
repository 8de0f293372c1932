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
 * Takes back the last thing that somebody typed into a job and nobody has changed since. What was decided or said
 * stays, and so does what moved metal: that is reversed in the account.
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
     * @param  Collection<int, Entry>  $entries  newest first
     *
     * @throws BadInput
     */
    private function find(Collection $entries, ?Person $by): Entry
    {
        $undone = $entries->pluck('undoes_id')->filter()->all();
        $since = [];
        $overtaken = false;
        foreach ($entries as $entry) {
            if ($entry->undoes_id !== null || in_array($entry->id, $undone, true)) {
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
