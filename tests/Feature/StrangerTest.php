<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\Job;
use App\Models\Picture;

beforeEach(function (): void {
    config(['sprue.pictures' => $this->folder = sys_get_temp_dir().'/hot-sprue-strange-'.bin2hex(random_bytes(4))]);
    mkdir($this->folder);
    $this->job = Job::factory()->ring()->create();
    $this->file = json_decode((string) $this->get("/api/jobs/{$this->job->number}/file")->getContent(), true);
});
afterEach(function (): void {
    array_map(unlink(...), glob("{$this->folder}/*") ?: []);
    rmdir($this->folder);
});

/** @param array<string, string> $entries */
function zipped(array $entries): string
{
    $path = (string) tempnam(sys_get_temp_dir(), 'zip');
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::OVERWRITE);
    foreach ($entries as $name => $bytes) {
        $zip->addFromString($name, $bytes);
    }
    $zip->close();

    return (string) file_get_contents($path);
}

function png(int $wide = 30, int $high = 20): string
{
    $image = imagecreatetruecolor($wide, $high);
    ob_start();
    imagepng($image);

    return (string) ob_get_clean();
}

it('gives out no file of the server for a picture that a job file names', function (string $name): void {
    $file = $this->file;
    $file['document']['pictures'] = [['key' => 'k1', 'file' => $name]];
    $this->import((string) json_encode($file))
        ->assertStatus(422)->assertJsonStructure(['errors' => ['pictures.k1.file']]);
    // Nor where such a name stood in the database from before.
    $document = $this->job->document;
    $document['pictures'] = [['key' => 'k1', 'file' => $name]];
    Job::query()->whereKey($this->job->id)->update(['document' => json_encode($document)]);
    $zip = new ZipArchive;
    $zip->open($this->get("/api/jobs/{$this->job->number}/zip")->assertOk()->baseResponse->getFile()->getPathname());
    expect($zip->numFiles)->toBe(1);
    $this->get('/api/pictures/'.rawurlencode($name))->assertNotFound();
})->with(['../../../.env', '/etc/passwd', '.env', 'pictures/../../composer.json', 'a.png']);

it('takes a job’s pictures in like any that are sent, under names of its own', function (): void {
    $bytes = png().'<?php echo 1;';
    $name = substr(hash('sha256', $bytes), 0, 40).'.png';
    $file = $this->file;
    $file['document']['pictures'] = [['key' => 'k1', 'file' => $name, 'caption' => 'the wax']];
    $number = $this->import(zipped(['job.json' => (string) json_encode($file), "pictures/{$name}" => $bytes]), 'a.zip')
        ->assertCreated()->json('number');
    $picture = Job::query()->where('number', $number)->firstOrFail()->held()->list('pictures')[0];
    expect($picture['file'])
        ->not->toBe($name)->and($picture['caption'])->toBe('the wax')
        ->and((string) file_get_contents("{$this->folder}/{$picture['file']}"))->not->toContain('php');
    $this->get("/api/pictures/{$picture['file']}")->assertOk();
    // Only pictures that a job names are served.
    Picture::query()->delete();
    $this->get("/api/pictures/{$picture['file']}")->assertNotFound();
});

it('refuses a zip that is not a job’s, before it is unpacked', function (callable $entries, string $words): void {
    $this->import(zipped($entries((string) json_encode($this->file))), 'a.zip')
        ->assertStatus(422)
        ->assertJsonPath(
            'errors',
            fn (array $errors): bool => str_contains((string) json_encode($errors, JSON_UNESCAPED_UNICODE), $words),
        );
    expect(Job::query()->count())
        ->toBe(1)->and(glob("{$this->folder}/*"))->toBe([])->and(Client::query()->count())->toBe(0);
})->with([
    'a name that climbs' => [
        fn (string $json): array => ['job.json' => $json, '../../public/evil.php' => '<?php'], 'is not a picture',
    ],
    'a picture that no word names' => [
        fn (string $json): array => ['job.json' => $json, 'pictures/'.str_repeat('a', 40).'.png' => png()],
        'names no such picture',
    ],
    'a picture that is none' => [
        fn (string $json): array => ['job.json' => $json, 'pictures/'.str_repeat('a', 40).'.png' => 'text'],
        'PNG, JPEG and WebP',
    ],
    'a bomb' => [
        fn (string $json): array => [
            'job.json' => $json, 'pictures/'.str_repeat('a', 40).'.png' => str_repeat("\0", 61_000_000),
        ],
        'over 60 MB',
    ],
    'a job larger than any' => [
        fn (string $json): array => ['job.json' => str_repeat(' ', 2_100_000).$json], 'up to 2 MB',
    ],
    'a thousand entries' => [
        fn (string $json): array => [
            'job.json' => $json,
            ...array_fill_keys(array_map(static fn (int $n): string => "x{$n}", range(1, 200)), ''),
        ],
        'up to 100 pictures',
    ],
]);

it('refuses unknown and bent parts line by line, and takes nothing', function (array $bent, string $path): void {
    $file = array_replace_recursive($this->file, ['document' => $bent]);
    $answer = $this->import((string) json_encode($file, JSON_PRESERVE_ZERO_FRACTION))->assertStatus(422);
    expect(array_keys($answer->json('errors')))->toContain($path)->and(Job::query()->count())->toBe(1);
})->with([
    'a picture of nothing' => [['pictures' => [[]]], 'pictures.0'],
    'an override of nothing' => [['overrides' => [['key' => 'a']]], 'overrides.a.use'],
    'an override that is deep' => [
        [
            'overrides' => [
                ['key' => 'a', 'use' => 'x', 'code' => 'y', 'about' => 'z', 'reason' => 'r', 'value' => [[[1]]]],
            ],
        ],
        'overrides.a.value',
    ],
    'a signature that is a number' => [
        ['stations' => ['form' => ['state' => 'signed', 'signed' => 5]]], 'stations.form.signed',
    ],
    'a signature of words' => [
        ['stations' => ['form' => ['state' => 'signed', 'signed' => ['form.band' => ['mass' => 'heavy']]]]],
        'stations.form.signed',
    ],
    'a state that is none' => [['stations' => ['form' => ['state' => 'perhaps']]], 'stations.form.state'],
    'closed somehow' => [['closed' => ['how' => 'vanished']], 'closed.how'],
    'words of a client who says something else' => [
        ['words' => [['key' => 'a', 'what' => 'shouts', 'by' => 'x', 'at' => '2026-11-01T10:00:00+00:00']]],
        'words.a.what',
    ],
    'words at no time' => [
        ['words' => [['key' => 'a', 'what' => 'asks', 'by' => 'x', 'at' => 'yesterday']]], 'words.a.at',
    ],
    'a negative size' => [['decisions' => ['form.width_top' => ['value' => -3, 'typed' => '-3']]], 'form.width_top'],
    'a finger beyond the moon' => [
        ['decisions' => ['brief.finger' => ['value' => 1e308, 'typed' => '1e308']]], 'brief.finger',
    ],
    'a size that says two things' => [
        ['decisions' => ['form.width_top' => ['value' => 9, 'typed' => '5 mm']]], 'form.width_top',
    ],
    'two rows of one key' => [['cuts' => [['key' => 'a'], ['key' => 'a']]], 'cuts.1'],
    'a row without one' => [['cuts' => [['length' => ['value' => 5, 'typed' => '5']]]], 'cuts.0'],
    'a key that is a path' => [['cuts' => [['key' => '../x']]], 'cuts.0'],
    'a part that is none' => [['secrets' => 1], 'secrets'],
]);

it('refuses rules that are text, unknown or bent', function (mixed $settings, string $path): void {
    $this->import((string) json_encode([...$this->file, 'rules' => $settings]))
        ->assertStatus(422)->assertJsonPath('errors', fn (array $errors): bool => array_key_exists($path, $errors));
})->with([
    'text' => ['words', 'rules'],
    'a figure that is none' => [['own' => [], 'figures' => ['moon' => 1]], 'rules.figures.moon'],
    'own that is not among them' => [['own' => ['work.kerf'], 'figures' => []], 'rules.own'],
    'a figure out of range' => [
        ['own' => [], 'figures' => ['burnout.climb_c_per_min' => 0.0001]], 'rules.figures.burnout.climb_c_per_min',
    ],
]);

it('reads rows of stock by name, whatever the order of their keys', function (): void {
    $file = $this->file;
    $reckoned = $this->getJson(
        "/api/jobs/{$this->job->number}",
    )->json('answers')['form.band']['results']['mass']['value'];
    $file['rules']['figures']['stock.alloys'] = array_map(
        static fn (array $row): array => array_reverse($row, true), $file['rules']['figures']['stock.alloys'],
    );
    $number = $this->import((string) json_encode($file, JSON_PRESERVE_ZERO_FRACTION))->assertCreated()->json('number');
    expect(
        $this->getJson("/api/jobs/{$number}")->json('answers')['form.band']['results']['mass']['value'],
    )->toEqual($reckoned);
});

it('shows Today and the lists with a job in them that cannot be read', function (): void {
    Job::query()
        ->whereKey($this->job->id)
        ->update(
            [
                'document' => '{"version": 4, '
                    .'"decisions": {"brief.finger": {"value": "moon", "typed": 5}, "form.profile": 3}, '
                        .'"stones": "none", "words": [[]]}',
            ],
        );
    Job::factory()->ring()->create();
    $today = $this->getJson('/api/today')->assertOk();
    expect($today->json('jobs'))->toHaveCount(2)->and($today->json('open'))->toBe(2);
    $this->getJson('/api/jobs')->assertOk()->assertJsonCount(2, 'jobs');
    $this->getJson('/api/casting')->assertOk();
});

it('shows Today where a job’s hour of pouring is no hour', function (mixed $hour): void {
    $document = json_decode((string) json_encode($this->job->held()->toArray()), true);
    $document['decisions']['burnout.ready_at'] = ['value' => $hour, 'typed' => 'soon'];
    Job::query()->whereKey($this->job->id)->update(
        ['document' => json_encode($document, JSON_THROW_ON_ERROR), 'station' => 'burnout'],
    );
    expect($this->getJson('/api/today')->assertOk()->json('burnouts'))->toBe([]);
})->with(['a word' => ['soon after tea'], 'nothing' => [''], 'a number' => [7], 'a day' => ['2037-12-01']]);

it('lists, searches and shows Today with five thousand jobs', function (): void {
    $row = Job::query()->toBase()->first();
    foreach (array_chunk(range(1_000, 5_999), 500) as $numbers) {
        Job::query()->insert(
            array_map(
                static fn (int $number): array => [
                    ...array_diff_key((array) $row, ['id' => 1]), 'number' => $number, 'title' => "band {$number}",
                    'search' => "{$number} band",
                ],
                $numbers,
            ),
        );
    }
    expect($this->getJson('/api/today')->assertOk()->json('open'))->toBe(5_001);
    $this->getJson('/api/jobs?search=5999')
        ->assertOk()->assertJsonCount(1, 'jobs')->assertJsonPath('jobs.0.title', 'band 5999');
    $this->getJson('/api/jobs?page=120')->assertOk()->assertJsonPath('more', true);
    // A sign that means something to the database is a letter like any other.
    $this->getJson('/api/jobs?search=%25')->assertOk()->assertJsonCount(0, 'jobs');
});
