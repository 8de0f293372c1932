<?php

declare(strict_types=1);

namespace App\Bench;

use App\Database\DatabaseTransfer;
use App\Models\Workshop;
use App\Pictures\PictureStore;
use Closure;
use RuntimeException;
use ZipArchive;

/** The whole workshop in one file: the database as it stood at one instant, and every picture. */
final class Backups
{
    public const DATABASE = 'hot-sprue.sqlite';

    /** Where backups go: the folder that the workshop chose, or the application's own. */
    public static function folder(): string
    {
        return Workshop::the()->backup_folder ?? (string) config('sprue.backups');
    }

    /** A folder that backups can go to: absolute, there, open for writing, and not one that is served. */
    public static function folderRule(string $attribute, mixed $value, Closure $fail): void
    {
        if ($value !== null
            && ! (is_string($value) && str_starts_with($value, '/') && is_dir($value) && is_writable($value)
                && ! str_starts_with((string) realpath($value), public_path()))) {
            $fail('The whole path of a folder that is there and can be written to is accepted, such as /media/backup.');
        }
    }

    /**
     * Makes a backup and tries it, by restoring it into a place of its own, before it is called good.
     *
     * @throws RuntimeException when it cannot be written or does not restore; no scraps are left
     */
    public function make(?string $file = null): string
    {
        $file ??= self::folder().'/hot-sprue-'.now()->format('Y-m-d-His').'.zip';
        if (! is_dir(dirname($file)) && ! @mkdir(dirname($file), 0o755, true)) {
            throw new RuntimeException('The folder '.dirname($file).' cannot be made.');
        }
        [$copy, $part] = ["{$file}.sqlite", "{$file}.part"];
        try {
            @unlink($copy);
            DatabaseTransfer::intoFile($copy);
            $this->pack($part, $copy);
            RestoredCopy::tried($part);
            if (! rename($part, $file)) {
                throw new RuntimeException("The file {$file} cannot be written.");
            }
        } finally {
            array_map(static fn (string $scrap): bool => @unlink($scrap), [$copy, $part]);
        }

        return $file;
    }

    /** @throws RuntimeException */
    private function pack(string $part, string $copy): void
    {
        $zip = new ZipArchive;
        if ($zip->open($part, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The folder '.dirname($part).' cannot be written to.');
        }
        $zip->addFile($copy, self::DATABASE);
        foreach (glob(PictureStore::folder().'/*.{png,jpg,webp}', GLOB_BRACE) ?: [] as $picture) {
            $zip->addFile($picture, 'pictures/'.basename($picture));
        }
        if (! @$zip->close()) {
            throw new RuntimeException('No space left for the backup on the disk.');
        }
        $written = fopen($part, 'r+b');
        $written === false ?: fsync($written);
    }
}
