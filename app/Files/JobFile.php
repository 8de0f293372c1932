<?php

declare(strict_types=1);

namespace App\Files;

use App\Bench\JobKeeper;
use App\Http\Requests\RawJson;
use App\Models\Client;
use App\Models\Job;
use App\Models\Person;
use App\Models\Picture;
use App\Models\Rulebook;
use HotSprue\Job\Document;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Rules\RuleFields;
use HotSprue\Rules\Rules;
use HotSprue\Sheet\BadInput;
use ZipArchive;

/** A job as a file: JSON, or a zip of it with its pictures. Import takes all of it or nothing. */
final readonly class JobFile
{
    private const JSON = 'job.json';

    /** What a picture or a job file may unpack to. */
    private const MOST_BYTES = 30 * 1024 * 1024;

    public function __construct(private JobKeeper $keeper) {}

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
        foreach ($job->held()->list('pictures') as $picture) {
            $file = config('sprue.pictures').'/'.$picture['file'];
            if (is_file($file)) {
                $zip->addFile($file, 'pictures/'.$picture['file']);
            }
        }
        $zip->close();

        return $path;
    }

    /** @throws BadInput naming, path by path, what could not be taken */
    public function import(string $path, ?Person $by): Job
    {
        $pictures = [];
        $text = (string) file_get_contents($path);
        if (str_starts_with($text, 'PK')) {
            [$text, $pictures] = $this->unpack($path);
        }
        $file = RawJson::object($text);
        $this->refuseOthers($file);
        $rules = $this->rules($file['rules'] ?? []);
        $document = Document::imported(is_array($file['document'] ?? null) ? $file['document'] : [], $rules);
        $client = $this->client($file['client'] ?? null);
        foreach ($pictures as $name => $bytes) {
            $this->keep($name, $bytes);
        }
        $job = $this->keeper->import($document, Rulebook::of($rules), $client, $by);
        foreach ($document->list('pictures') as $picture) {
            Picture::query()->firstOrCreate(['job_id' => $job->id, 'file' => (string) $picture['file']]);
        }

        return $job;
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
            throw BadInput::field('version', sprintf('Written by another Hot Sprue (version %s); up to version %d is accepted.', json_encode($version), Document::VERSION));
        }
        foreach (array_diff(array_keys($file), ['hot_sprue', 'version', 'number', 'client', 'rules', 'document']) as $unknown) {
            throw BadInput::field((string) $unknown, 'A job file has no such part.');
        }
    }

    /** @throws BadInput */
    private function rules(mixed $raw): Rules
    {
        $figures = is_array($raw) && is_array($raw['figures'] ?? null) ? $raw['figures'] : [];
        $own = is_array($raw) && is_array($raw['own'] ?? null) ? array_values(array_filter($raw['own'], is_string(...))) : [];
        $read = $errors = [];
        foreach ($figures as $path => $value) {
            try {
                $field = RuleFields::all()[$path] ?? throw new NotUnderstood('The workshop keeps no such figure.');
                $field->read($value, Rules::shipped());
                $read[(string) $path] = $value;
            } catch (NotUnderstood $not) {
                $errors["rules.figures.{$path}"][] = $not->getMessage();
            }
        }

        return $errors === [] ? Rules::kept($read, $own) : throw BadInput::fields($errors);
    }

    /** @throws BadInput */
    private function client(mixed $raw): ?Client
    {
        if ($raw === null) {
            return null;
        }
        if (! is_array($raw) || ! is_string($raw['name'] ?? null) || trim($raw['name']) === '' || mb_strlen($raw['name']) > 120) {
            throw BadInput::field('client', 'A client with a name, or null, is accepted.');
        }
        $detail = static fn (string $name): string => is_string($raw[$name] ?? null) ? mb_substr($raw[$name], 0, 2000) : '';

        return Client::query()->firstOrCreate(['name' => $raw['name']], ['contact' => $detail('contact'), 'note' => $detail('note')]);
    }

    /**
     * @return array{string, array<string, string>} the JSON, and pictures by name
     *
     * @throws BadInput
     */
    private function unpack(string $path): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true || $zip->locateName(self::JSON) === false) {
            throw BadInput::field('_', 'This zip holds no job.json.');
        }
        $pictures = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $entry = $zip->statIndex($i);
            $name = (string) ($entry['name'] ?? '');
            if (($entry['size'] ?? 0) > self::MOST_BYTES) {
                throw BadInput::field('_', "{$name} is over 30 MB.");
            }
            if ($name === self::JSON) {
                continue;
            }
            $bytes = (string) $zip->getFromIndex($i);
            $kinds = ['png' => IMAGETYPE_PNG, 'jpg' => IMAGETYPE_JPEG, 'webp' => IMAGETYPE_WEBP];
            $size = @getimagesizefromstring($bytes);
            if (preg_match('#^pictures/([0-9a-f]{40})\.(png|jpg|webp)$#', $name, $found) !== 1
                || $size === false || $size[2] !== $kinds[$found[2]] || ! str_starts_with(hash('sha256', $bytes), $found[1])) {
                throw BadInput::field('_', "{$name} is not a picture of this job.");
            }
            $pictures["{$found[1]}.{$found[2]}"] = $bytes;
        }

        return [(string) $zip->getFromName(self::JSON), $pictures];
    }

    private function keep(string $name, string $bytes): void
    {
        $folder = (string) config('sprue.pictures');
        if (! is_dir($folder)) {
            mkdir($folder, 0o755, true);
        }
        file_put_contents("{$folder}/{$name}", $bytes);
    }
}
