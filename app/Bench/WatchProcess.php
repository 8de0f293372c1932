<?php

declare(strict_types=1);

namespace App\Bench;

/** The one small process beside the server: it keeps its number in a file, so that a restore can end it first. */
final class WatchProcess
{
    private const PATIENCE = 50;

    public static function begin(): void
    {
        file_put_contents(self::file(), (string) getmypid());
    }

    public static function end(): void
    {
        @unlink(self::file());
    }

    /** Ends the process that watches this database, and waits until it has. */
    public static function stop(): void
    {
        $number = (int) @file_get_contents(self::file());
        if ($number <= 0 || ! self::isOurs($number)) {
            return;
        }
        posix_kill($number, SIGTERM);
        $wait = self::PATIENCE;
        do {
            usleep(100_000);
        } while (--$wait > 0 && posix_kill($number, 0));
    }

    private static function isOurs(int $number): bool
    {
        return str_contains((string) @file_get_contents("/proc/{$number}/cmdline"), 'sprue:watch');
    }

    private static function file(): string
    {
        return config('database.connections.sqlite.database').'.watch';
    }
}
