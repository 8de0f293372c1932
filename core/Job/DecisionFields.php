<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Field;

/** Every decision that a job holds, out of the files of its stations. A decision's name is its path. */
final class DecisionFields
{
    /** @var array<string, Field>|null */
    private static ?array $all = null;

    /** @return array<string, Field> by path */
    public static function all(): array
    {
        if (self::$all === null) {
            $fields = array_merge(
                ...array_map(static fn (Station $at): array => $at->plan()->decisions(), Station::cases()),
            );
            self::$all = array_column($fields, null, 'name');
        }

        return self::$all;
    }
}
