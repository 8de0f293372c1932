<?php

declare(strict_types=1);

namespace App\Bench;

use Illuminate\Support\Facades\DB;
use PDO;
use RuntimeException;
use ZipArchive;

/** The whole workshop in one file: the database as it stood at one instant, and every picture. */
final class Backups
{
    private const DATABASE = 'hot-sprue.sqlite';

    /** When the newest backup was made, ISO 8601; null where there is none. */
    public function newest(): ?string
    {
        $files = glob(config('sprue.backups').'/*.zip') ?: [];

        return $files === [] ? null : date(DATE_ATOM, max(array_map(static fn (string $file): int => (int) filemtime($file), $files)));
    }

    /** @throws RuntimeException when it cannot be written */
    public function make(?string $file = null): string
    {
        $file ??= config('sprue.backups').'/hot-sprue-'.now()->format('Y-m-d-His').'.zip';
        if (! is_dir(dirname($file)) && ! @mkdir(dirname($file), 0o755, true)) {
            throw new RuntimeException('The folder '.dirname($file).' cannot be made.');
        }
        $copy = $file.'.sqlite';
        @unlink($copy);
        DB::statement('VACUUM INTO ?', [$copy]);
        $zip = new ZipArchive;
        if ($zip->open($file.'.part', ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException("The file {$file} cannot be written.");
        }
        $zip->addFile($copy, self::DATABASE);
        foreach (glob(config('sprue.pictures').'/*.*') ?: [] as $picture) {
            $zip->addFile($picture, 'pictures/'.basename($picture));
        }
        $zip->close();
        unlink($copy);
        rename($file.'.part', $file);

        return $file;
    }

    /**
     * Puts a backup in the place of what is here. What was here is kept beside it.
     *
     * @throws RuntimeException when the file is not a whole backup; nothing is then changed
     */
    public function restore(string $file): void
    {
        $zip = new ZipArchive;
        if (! is_file($file) || $zip->open($file, ZipArchive::RDONLY) !== true || $zip->locateName(self::DATABASE) === false) {
            throw new RuntimeException("{$file} is not a backup of Hot Sprue.");
        }
        $database = (string) config('database.connections.sqlite.database');
        $new = $database.'.restoring';
        file_put_contents($new, $zip->getStream(self::DATABASE));
        $check = (new PDO("sqlite:{$new}"))->query('PRAGMA integrity_check');
        if ($check === false || $check->fetchColumn() !== 'ok') {
            unlink($new);
            throw new RuntimeException("The database in {$file} is damaged.");
        }
        DB::purge();
        foreach (['-wal', '-shm'] as $side) {
            @unlink($database.$side);
        }
        if (is_file($database)) {
            rename($database, $database.'.before-restore');
        }
        rename($new, $database);
        $folder = (string) config('sprue.pictures');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (preg_match('#^pictures/([0-9a-f]{40}\.(?:png|jpg|webp))$#', $name, $found) === 1) {
                file_put_contents("{$folder}/{$found[1]}", $zip->getStream($name));
            }
        }
    }
}
