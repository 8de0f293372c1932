<?php

declare(strict_types=1);

namespace App\Files;

use App\Bench\JobKeeper;
use App\Http\Requests\RawJson;
use App\Models\Client;
use App\Models\Job;
use App\Models\KnownClient;
use App\Models\Person;
use App\Models\Picture;
use App\Models\Rulebook;
use App\Pictures\PictureStore;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Document;
use HotSprue\Job\Rows;
use HotSprue\Workshop\WorkshopSettings;
use RuntimeException;
use ZipArchive;

/** A job as a file: JSON, or a zip of it with its pictures. Import takes all of it or nothing. */
final readonly class JobFile
{
    public const JSON = 'job.json';

    private const PARTS = ['hot_sprue', 'version', 'number', 'client', 'rules', 'document'];

    public function __construct(private JobKeeper $keeper, private PictureStore $pictures, private JobZip $zip) {}

    public function json(Job $job): string
    {
        $client = $job->client?->only(['name', 'contact', 'note']);

        return json_encode([
            'hot_sprue' => 'job', 'version' => Document::VERSION, 'number' => $job->number, 'client' => $client,
            'rules' => ['own' => $job->rulebook->figures['own'], 'figures' => $job->rulebook->figures['figures']],
            'document' => $job->held()->toArray(),
        ], JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    /** Path of a temporary zip. */
    public function zip(Job $job): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'job');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString(self::JSON, $this->json($job));
        foreach (array_unique(array_column($job->held()->list('pictures'), 'file')) as $file) {
            // Only what the pictures' folder knows by that name: a document's word is no path.
            $picture = is_string($file) ? $this->pictures->path($file) : null;
            $picture === null || $zip->addFile($picture, "pictures/{$file}");
        }
        if (! $zip->close()) {
            @unlink($path);
            throw new RuntimeException('No space left for the zip on the disk.');
        }

        return $path;
    }

    /**
     * @param  bool  $sameClient  whether a client of the file's name is the one known here
     *
     * @throws BadInput naming, path by path, what could not be taken
     * @throws KnownClient when its client's name is known, and it was not said whether that is meant
     */
    public function import(string $path, bool $sameClient, ?Person $by): Job
    {
        $isZip = file_get_contents($path, length: 2) === 'PK';
        $file = RawJson::object(
            $isZip ? $this->zip->json($path) : (string) file_get_contents($path, length: JobZip::MOST_JSON + 1),
            JobZip::MOST_JSON,
        );
        $this->refuseOthers($file);
        $settings = $this->settings($file['rules'] ?? []);
        $document = Document::imported(is_array($file['document'] ?? null) ? $file['document'] : [], $settings);
        $client = $this->client($file['client'] ?? null, $sameClient);
        $document = $isZip ? $this->zip->withPictures($path, $document) : $this->withoutPictures($document);
        $job = $this->keeper->import($document, Rulebook::of($settings), $client, $by);
        foreach ($document->list('pictures') as $picture) {
            Picture::query()->firstOrCreate(['job_id' => $job->id, 'file' => (string) $picture['file']]);
        }

        return $job;
    }

    /**
     * Without its pictures a job is taken in where they are known here already.
     *
     * @throws BadInput naming each that is not
     */
    private function withoutPictures(Document $document): Document
    {
        $files = array_column($document->list('pictures'), 'file', Rows::KEY);
        $unknown = array_diff($files, Picture::query()->whereIn('file', $files)->pluck('file')->all());
        $errors = [];
        foreach (array_keys($unknown) as $key) {
            $errors["pictures.{$key}"] = ['This picture is not here, nor in the file; take the job in from its zip.'];
        }

        return $errors === [] ? $document : throw BadInput::fields($errors);
    }

    /**
     * @param  array<array-key, mixed>  $file
     *
     * @throws BadInput
     */
    private function refuseOthers(array $file): void
    {
        if (($file['hot_sprue'] ?? null) !== 'job') {
            throw BadInput::field('_', 'This is not a Hot Sprue job file.');
        }
        $version = $file['version'] ?? null;
        if (! is_int($version) || $version < 1 || $version > Document::VERSION) {
            throw BadInput::field(
                'version',
                sprintf(
                    'Written by another Hot Sprue (version %s); up to version %d is accepted.',
                    mb_substr((string) json_encode($version), 0, 40), Document::VERSION,
                ),
            );
        }
        foreach (array_diff(array_keys($file), self::PARTS) as $unknown) {
            throw BadInput::field(mb_substr((string) $unknown, 0, 60), 'A job file has no such part.');
        }
    }

    /** @throws BadInput */
    private function settings(mixed $raw): WorkshopSettings
    {
        if (! is_array($raw) || ! is_array($raw['figures'] ?? []) || ! is_array($raw['own'] ?? [])) {
            throw BadInput::field('rules', 'The figures and which are the workshop’s own are accepted.');
        }
        try {
            $figures = WorkshopSettings::with($raw['figures'] ?? [])->own();
        } catch (BadInput $bad) {
            throw BadInput::fields(
                array_combine(
                    array_map(
                        static fn (string $path): string => 'rules.figures.'.mb_substr($path, strlen('rules.'), 60),
                        array_keys($bad->errors),
                    ),
                    $bad->errors,
                ),
            );
        }
        foreach ($raw['own'] ?? [] as $path) {
            if (! is_string($path) || ! array_key_exists($path, $figures)) {
                throw BadInput::field('rules.own', 'Paths of the figures in this file are accepted.');
            }
        }

        return WorkshopSettings::kept($figures, array_values($raw['own'] ?? []));
    }

    /**
     * @throws BadInput
     * @throws KnownClient
     */
    private function client(mixed $raw, bool $same): ?Client
    {
        if ($raw === null) {
            return null;
        }
        $text = static fn (string $name, int $most): bool => is_array($raw)
            && is_string($raw[$name] ?? '') && mb_strlen($raw[$name] ?? '') <= $most;
        if (! is_array($raw) || ! $text('name', 120) || trim($raw['name'] ?? '') === '' || ! $text('contact', 200)
            || ! $text('note', 2000) || array_diff(array_keys($raw), ['name', 'contact', 'note']) !== []) {
            throw BadInput::field('client', 'A client with a name, contact and note, or null, is accepted.');
        }
        $known = Client::named($raw['name']);
        if ($known !== null) {
            return $same ? $known : throw new KnownClient($known);
        }

        return Client::query()->create(
            ['name' => trim($raw['name']), 'contact' => $raw['contact'] ?? '', 'note' => $raw['note'] ?? ''],
        );
    }
}
