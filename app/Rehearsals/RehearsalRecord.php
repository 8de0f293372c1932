<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Models\Person;
use App\Models\Rehearsal;
use Illuminate\Support\Collection;

/** What was rehearsed, by person and lesson: how often, the best and the last. It stays in the workshop. */
final class RehearsalRecord
{
    /** @return list<array<string, mixed>> of one person, the last rehearsed first */
    public static function of(?Person $person): array
    {
        return self::lines(Rehearsal::query()->where('person_id', $person?->id)->get());
    }

    /** @return list<array<string, mixed>> of everybody, by name */
    public static function ofAll(): array
    {
        $by = Rehearsal::query()->get()->groupBy(static fn (Rehearsal $one): int => (int) $one->person_id);

        return array_values(Person::query()->orderBy('name')->get()->map(static fn (Person $person): array => [
            'name' => $person->name, 'record' => self::lines($by->get($person->id) ?? new Collection),
        ])->all());
    }

    /**
     * @param  Collection<int, Rehearsal>  $rehearsals
     * @return list<array<string, mixed>>
     */
    private static function lines(Collection $rehearsals): array
    {
        return array_values($rehearsals->groupBy('lesson')->map(static function (Collection $of): array {
            $last = $of->sortByDesc('id')->firstOrFail();
            $best = $of->sortBy([['rank', 'asc'], ['seconds', 'asc'], ['id', 'asc']])->firstOrFail();

            return [
                'lesson' => $last->lesson, 'title' => $last->title, 'times' => $of->count(), 'best' => $best->row(),
                'last' => $last->row(),
            ];
        })->sortByDesc(static fn (array $line): string => $line['last']['at'].$line['lesson'])->all());
    }
}
