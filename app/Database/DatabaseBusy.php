<?php

declare(strict_types=1);

namespace App\Database;

use RuntimeException;
use Throwable;

/** Somebody else was writing for too long; nothing was changed, and it may be tried again. */
final class DatabaseBusy extends RuntimeException
{
    public function __construct(Throwable $cause)
    {
        parent::__construct(
            'The workshop’s database is busy with another save. Nothing was changed; try again in a moment.',
            previous: $cause,
        );
    }

    public static function is(Throwable $failed): bool
    {
        return preg_match(
            '/database (table )?is locked|lock timeout|could not obtain lock|deadlock/i', $failed->getMessage(),
        ) === 1;
    }
}
