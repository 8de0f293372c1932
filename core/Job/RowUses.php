<?php

declare(strict_types=1);

namespace HotSprue\Job;

/**
 * Uses of calculations that are made for each stone, or for each setting: `seat.bezel@k3f2` is the bezel of the setting
 * of that key.
 */
final readonly class RowUses
{
    public function __construct(private JobAnswers $job) {}

    /** A use with the row in hand that it is of: `seat.bezel@k3f2`; itself where it is of the whole job. */
    public function named(string $use): string
    {
        $group = InputBindings::all()[$use]->each ?? null;
        $index = $group === null ? null : $this->job->inHand($group);

        return $group === null || $index === null
            ? $use : $use.'@'.$this->job->document->list($group)[$index][Rows::KEY];
    }

    /** @return list<string> the use once for each row of its group, `seat.bezel@k3f2`; itself where it has none */
    public function of(string $use): array
    {
        $group = InputBindings::all()[$use]->each ?? null;
        $rows = $group === null ? [] : $this->job->document->list($group);

        return $rows === [] ? [$use] : array_map(static fn (array $row): string => $use.'@'.$row[Rows::KEY], $rows);
    }

    /**
     * @param  list<string>  $uses
     * @return list<string> each of them once for each row of its group
     */
    public function all(array $uses): array
    {
        return array_merge(...array_map($this->of(...), $uses));
    }

    /** What the row is called that a use is of; null where it is of the whole job, or the only one. */
    public function rowName(string $use): ?string
    {
        [$name, $key] = [...explode('@', $use, 2), null];
        $group = InputBindings::use((string) $name)->each ?? null;
        $row = $group === null || $key === null ? null : $this->job->ofRow($group, $key);
        if ($row === null || count($this->job->document->list((string) $group)) < 2) {
            return null;
        }
        $index = (int) $row->inHand((string) $group);
        $named = $this->job->document->list((string) $group)[$index]['name']['value'] ?? null;

        return $group === 'settings' ? $row->setting()->name() : (is_string($named) ? $named : 'stone '.($index + 1));
    }
}
