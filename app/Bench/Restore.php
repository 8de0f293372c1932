<?php

declare(strict_types=1);

namespace App\Bench;

use App\Pictures\PictureStore;
use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;

/**
 * Puts a backup in the place of what is here. What was here is kept beside it, with the last write that was
 * acknowledged.
 */
final class Restore
{
    /** While it stands, whoever still writes to what was here is told to try again, and finds what is here then. */
    private const SHUT = 'create trigger shut before update on turns begin '
        ."select raise(abort, 'database is locked: a backup is put in its place'); end";

    /** So long whoever had it open may take to be done with it, s. */
    private const PATIENCE = 40;

    /** @var list<string> pictures that were not here before */
    private array $placed = [];

    /**
     * @return string|null where what was here has been set aside
     *
     * @throws RuntimeException when not all of it can be put in place; nothing is then changed
     */
    public function from(string $file): ?string
    {
        $database = (string) config('database.connections.sqlite.database');
        if (config('database.default') !== 'sqlite') {
            throw new RuntimeException('This restores SQLite; see docs/deploy.md for PostgreSQL.');
        }
        $folder = dirname($database).'/restoring-'.bin2hex(random_bytes(6));
        $copy = RestoredCopy::of($file, $folder);
        try {
            $this->placePictures($copy);
            $aside = $this->setAside($database);
            if (! rename($copy->database, $database)) {
                if ($aside !== null) {
                    rename($aside, $database);
                    $this->open($database);
                }
                throw new RuntimeException('The database cannot be put in place; nothing was changed.');
            }
            $aside === null ?: $this->openOnceLeft($aside);
        } catch (RuntimeException $failed) {
            array_map(unlink(...), $this->placed);
            throw $failed;
        } finally {
            RestoredCopy::clear($folder);
        }

        return $aside;
    }

    /** Pictures never change under their name, so those that are here already stay. */
    private function placePictures(RestoredCopy $copy): void
    {
        $to = PictureStore::folder();
        if (! is_dir($to) && ! @mkdir($to, 0o755, true)) {
            throw new RuntimeException("The folder {$to} cannot be made; nothing was changed.");
        }
        foreach ($copy->pictures as $picture) {
            if (is_file("{$to}/{$picture}")) {
                continue;
            }
            if (! @copy("{$copy->picturesFolder}/{$picture}", "{$to}/{$picture}")) {
                throw new RuntimeException("Pictures cannot be written to {$to}; nothing was changed.");
            }
            $this->placed[] = "{$to}/{$picture}";
        }
    }

    private function setAside(string $database): ?string
    {
        if (! is_file($database)) {
            return null;
        }
        // What stands in the log beside the database is written into it first.
        DB::purge();
        $pdo = new PDO(
            "sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 10],
        );
        // A save that is under way is waited for; none begins after it.
        $pdo->exec('begin immediate');
        $pdo->exec(self::SHUT);
        $pdo->exec('commit');
        $asked = $pdo->query('PRAGMA wal_checkpoint(TRUNCATE)');
        $checked = $asked === false ? null : $asked->fetch(PDO::FETCH_NUM);
        unset($asked, $pdo);
        if (is_array($checked) && (int) $checked[0] !== 0) {
            $this->open($database);
            throw new RuntimeException('The database is in use; stop the application first. Nothing was changed.');
        }
        $aside = $database.'.before-restore-'.now()->format('Y-m-d-His').'-'.bin2hex(random_bytes(2));
        if (! rename($database, $aside)) {
            $this->open($database);
            throw new RuntimeException('What is here cannot be set aside; nothing was changed.');
        }
        array_map(static fn (string $side): bool => @unlink($database.$side), ['-wal', '-shm']);

        return $aside;
    }

    /** Kept as it was, once nobody writes to it any more. */
    private function openOnceLeft(string $aside): void
    {
        for ($wait = 0; $wait < 10 * self::PATIENCE && self::isHeld($aside); $wait++) {
            usleep(100_000);
        }
        $this->open($aside);
    }

    private function open(string $database): void
    {
        $pdo = new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $pdo->exec('drop trigger if exists shut');
        $pdo->query('PRAGMA wal_checkpoint(TRUNCATE)');
    }

    /** Whether a process of this machine has a file open, as far as that can be seen. */
    private static function isHeld(string $file): bool
    {
        foreach (glob('/proc/[0-9]*/fd/*') ?: [] as $descriptor) {
            if (@readlink($descriptor) === $file) {
                return true;
            }
        }

        return false;
    }
}
