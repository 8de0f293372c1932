<?php

declare(strict_types=1);

namespace App\Files;

use App\Pictures\PictureIntake;
use App\Pictures\Refused;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\Rows;
use ZipArchive;

/**
 * A job's zip from outside: limited before anything in it is unpacked, its pictures taken in like any that are sent.
 */
final readonly class JobZip
{
    public const MOST_JSON = 2_000_000;

    private const MOST_ENTRIES = 101;

    private const MOST_BYTES = 60_000_000;

    private const PICTURE = '#^pictures/([0-9a-f]{40}\.(?:png|jpg|webp))$#';

    public function __construct(private PictureIntake $intake) {}

    /** @throws BadInput */
    public function json(string $path): string
    {
        $zip = $this->open($path);
        $entry = $zip->statName(JobFile::JSON);
        if ($entry === false || $entry['size'] > self::MOST_JSON) {
            throw BadInput::field('_', 'This zip holds no job.json of up to 2 MB.');
        }

        return (string) $zip->getFromName(JobFile::JSON, self::MOST_JSON + 1);
    }

    /**
     * The document with its pictures under the names that they are kept by here.
     *
     * @throws BadInput naming each picture that is missing, or that nothing names
     */
    public function withPictures(string $path, Document $document): Document
    {
        $zip = $this->open($path);
        $kept = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $name = (string) $zip->getNameIndex($index);
            if ($name !== JobFile::JSON) {
                $found = preg_match(self::PICTURE, $name, $parts) === 1 ? $parts[1] : throw BadInput::field(
                    '_', mb_substr($name, 0, 80).' is not a picture of this job.',
                );
                $kept[$found] = $this->take($zip, $index, $name);
            }
        }

        return $document->with($this->renamed($document, $kept));
    }

    /**
     * @param  array<string, string>  $kept  the name it is kept by, by the name it came with
     * @return list<Change>
     */
    private function renamed(Document $document, array $kept): array
    {
        $changes = $errors = [];
        foreach ($document->list('pictures') as $picture) {
            $file = (string) $picture['file'];
            if (isset($kept[$file])) {
                $changes[] = new Change(
                    "pictures.{$picture[Rows::KEY]}", $picture, [...$picture, 'file' => $kept[$file]],
                );
            } else {
                $errors["pictures.{$picture[Rows::KEY]}"][] = 'This picture is not in the zip.';
            }
        }
        foreach (array_diff(array_keys($kept), array_column($document->list('pictures'), 'file')) as $stray) {
            $errors["pictures/{$stray}"][] = 'The job names no such picture.';
        }

        return $errors === [] ? $changes : throw BadInput::fields($errors);
    }

    private function take(ZipArchive $zip, int $index, string $name): string
    {
        $unpacked = (string) tempnam(sys_get_temp_dir(), 'pic');
        try {
            file_put_contents($unpacked, (string) $zip->getFromIndex($index));

            return $this->intake->take($unpacked)['file'];
        } catch (Refused $refused) {
            throw BadInput::field('_', "{$name}: {$refused->getMessage()}");
        } finally {
            unlink($unpacked);
        }
    }

    /** @throws BadInput */
    private function open(string $path): ZipArchive
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_ENTRIES) {
            throw BadInput::field('_', 'This is not a job’s zip; a job.json and up to 100 pictures are accepted.');
        }
        $bytes = 0;
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $bytes += (int) ($zip->statIndex($index)['size'] ?? 0);
        }

        return $bytes <= self::MOST_BYTES ? $zip : throw BadInput::field(
            '_', 'This unpacks to over 60 MB; less is accepted.',
        );
    }
}
