<?php

declare(strict_types=1);

namespace App\Bench;

use HotSprue\Job\Document;
use PDO;
use PDOException;
use RuntimeException;
use ZipArchive;

/**
 * A backup unpacked beside what it may replace, and looked at before anything is replaced: whole, ours, of a version
 * that can be read, and with every document of one too.
 */
final readonly class RestoredCopy
{
    private const PICTURE = '#^pictures/([0-9a-f]{40}\.(?:png|jpg|webp))$#';

    /** Tables without which a database is not a workshop's. */
    private const TABLES = ['migrations', 'people', 'clients', 'workshops', 'rulebooks', 'jobs', 'entries', 'pictures'];

    /** @param list<string> $pictures names, as unpacked */
    private function __construct(public string $database, public string $picturesFolder, public array $pictures) {}

    /**
     * Unpacks a backup into a new folder.
     *
     * @throws RuntimeException when it is not a whole backup of a workshop; what was unpacked is gone again
     */
    public static function of(string $file, string $folder): self
    {
        $zip = new ZipArchive;
        if (! is_file($file) || $zip->open($file, ZipArchive::RDONLY) !== true
            || $zip->locateName(Backups::DATABASE) === false) {
            throw new RuntimeException(basename($file).' is not a backup of Hot Sprue.');
        }
        try {
            if (! @mkdir("{$folder}/pictures", 0o755, true)) {
                throw new RuntimeException("The folder {$folder} cannot be made.");
            }
            self::unpack($zip, Backups::DATABASE, "{$folder}/database.sqlite");
            $pictures = [];
            for ($index = 0; $index < $zip->numFiles; $index++) {
                if (preg_match(self::PICTURE, (string) $zip->getNameIndex($index), $found) === 1) {
                    self::unpack($zip, $found[0], "{$folder}/pictures/{$found[1]}");
                    $pictures[] = $found[1];
                }
            }
            self::look("{$folder}/database.sqlite", basename($file));

            return new self("{$folder}/database.sqlite", "{$folder}/pictures", $pictures);
        } catch (RuntimeException $failed) {
            self::clear($folder);
            throw $failed;
        }
    }

    /** @throws RuntimeException when it does not restore */
    public static function tried(string $file): void
    {
        $folder = sys_get_temp_dir().'/hot-sprue-try-'.bin2hex(random_bytes(6));
        self::of($file, $folder);
        self::clear($folder);
    }

    public static function clear(string $folder): void
    {
        array_map(unlink(...), glob("{$folder}/pictures/*") ?: []);
        array_map(static fn (string $file): bool => is_file($file) && unlink($file), glob("{$folder}/*") ?: []);
        is_dir("{$folder}/pictures") && rmdir("{$folder}/pictures");
        is_dir($folder) && rmdir($folder);
    }

    private static function unpack(ZipArchive $zip, string $name, string $to): void
    {
        $from = $zip->getStream($name);
        $size = $zip->statName($name)['size'] ?? -1;
        $written = $from === false ? false : file_put_contents($to, $from);
        if ($written === false || $written !== $size) {
            throw new RuntimeException("“{$name}” cannot be unpacked: the backup is damaged, or the disk is full.");
        }
    }

    /** @throws RuntimeException */
    private static function look(string $database, string $name): void
    {
        try {
            $pdo = new PDO("sqlite:{$database}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $ask = static function (string $sql) use ($pdo): array {
                $asked = $pdo->query($sql);

                return $asked === false ? [] : $asked->fetchAll(PDO::FETCH_COLUMN);
            };
            if ($ask('PRAGMA integrity_check') !== ['ok'] || $ask('PRAGMA foreign_key_check') !== []) {
                throw new RuntimeException("The database in {$name} is damaged.");
            }
            if (array_diff(self::TABLES, $ask("select name from sqlite_master where type = 'table'")) !== []) {
                throw new RuntimeException("The database in {$name} is not a workshop’s.");
            }
            $known = array_map(
                static fn (string $file): string => basename($file, '.php'),
                glob(database_path('migrations/*.php')) ?: [],
            );
            if (array_diff($ask('select migration from migrations'), $known) !== []) {
                throw new RuntimeException("{$name} was made by a later Hot Sprue; bring this one up to date first.");
            }
            if ($ask('select 1 from workshops') === []) {
                throw new RuntimeException("The database in {$name} is empty.");
            }
            self::lookAtDocuments($pdo, $name);
        } catch (PDOException $failed) {
            throw new RuntimeException("The database in {$name} is damaged.", previous: $failed);
        }
    }

    private static function lookAtDocuments(PDO $pdo, string $name): void
    {
        foreach ($pdo->query('select number, document from jobs') ?: [] as $row) {
            $version = json_decode((string) $row['document'], true)['version'] ?? null;
            if (! is_int($version) || $version < 1 || $version > Document::VERSION) {
                throw new RuntimeException("Job {$row['number']} in {$name} cannot be read by this Hot Sprue.");
            }
        }
    }
}
