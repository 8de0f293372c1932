<?php

declare(strict_types=1);

namespace App\Database;

use Throwable;

/** What a failed write means to a person: a full disk, a folder that cannot be written to, a damaged file. */
final class DiskTrouble
{
    private const DAMAGED = 'The disk or the database file is damaged. Nothing was changed; restore the last backup.';

    private const FORBIDDEN = 'The workshop’s folder cannot be written to. Nothing was changed.';

    private const SAID = [
        'The disk is full. Nothing was changed; make room, then try again.' => '/disk is full|no space left/i',
        self::FORBIDDEN => '/readonly database|read-only|permission denied/i',
        self::DAMAGED => '/disk I\/O error|disk image is malformed|file is not a database/i',
    ];

    /** The sentence for it, or null where it is something else. */
    public static function said(Throwable $failed): ?string
    {
        foreach (self::SAID as $sentence => $pattern) {
            if (preg_match($pattern, $failed->getMessage()) === 1) {
                return $sentence;
            }
        }

        return null;
    }
}
