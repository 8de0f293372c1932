<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** Parts and joints are known by their names: what renames or takes one out carries along what names it. Pure. */
final class PartNames
{
    /** The figure of a joint that names rows of each group. */
    private const NAMED_IN = ['parts' => 'parts', 'joints' => 'after'];

    /**
     * The changes that these bring with them, made after them.
     *
     * @param  list<Change>  $changes
     * @return list<Change>
     */
    public static function carried(Document $before, array $changes): array
    {
        $document = $before->with($changes);
        $carried = [];
        foreach ($changes as $change) {
            [$group, $key, $name] = [...explode('.', $change->path), '', ''];
            $was = isset(self::NAMED_IN[$group]) ? ($before->rows($group)->at($key)['id']['value'] ?? null) : null;
            $gone = $name === '' && $change->to === null;
            if (! is_string($was) || ! ($gone || $name === 'id')) {
                continue;
            }
            $now = $gone ? null : ($document->rows($group)->at($key)['id']['value'] ?? null);
            foreach (self::follow($document, $group, $was, is_string($now) ? $now : null) as $follow) {
                $carried[] = $follow;
                $document = $document->with([$follow]);
            }
        }

        return $carried;
    }

    /** @return list<Change> */
    private static function follow(Document $document, string $group, string $was, ?string $now): array
    {
        $figure = self::NAMED_IN[$group];
        $changes = [];
        // Another row of that name keeps what names it.
        $others = array_column(array_column($document->list($group), 'id'), 'value');
        foreach (in_array($was, $others, true) ? [] : $document->list('joints') as $at => $joint) {
            $names = (array) ($joint[$figure]['value'] ?? []);
            if (! in_array($was, $names, true)) {
                continue;
            }
            if ($now === null && $group === 'parts') {
                // A joint of a part that is no longer there is none.
                $changes[] = new Change("joints.{$joint[Rows::KEY]}", $joint, null, $at);

                continue;
            }
            $left = array_values(array_filter(
                array_map(static fn (mixed $name): mixed => $name === $was ? $now : $name, $names),
                static fn (mixed $name): bool => $name !== null,
            ));
            $changes[] = new Change(
                "joints.{$joint[Rows::KEY]}.{$figure}", $joint[$figure],
                $left === [] ? null : ['value' => $left, 'typed' => implode(', ', $left)],
            );
        }

        return array_reverse($changes);
    }
}
