<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Http\UploadedFile;
use Opis\JsonSchema\Validator;

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/hot-sprue-pictures-'.bin2hex(random_bytes(4));
    config(['sprue.pictures' => $this->folder]);
});
afterEach(function (): void {
    array_map(unlink(...), glob("{$this->folder}/*") ?: []);
    @rmdir($this->folder);
});

function upload(string $name, string $bytes): UploadedFile
{
    $path = (string) tempnam(sys_get_temp_dir(), 'up');
    file_put_contents($path, $bytes);

    return new UploadedFile($path, $name, null, null, true);
}

function picture(string $kind = 'png', int $width = 60, int $height = 40): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 0, 0, (int) ($width / 3), $height, (int) imagecolorallocate($image, 200, 40, 40));
    ob_start();
    match ($kind) {
        'jpg' => imagejpeg($image), 'webp' => imagewebp($image), default => imagepng($image)
    };

    return (string) ob_get_clean();
}

it('takes PNG, JPEG and WebP, writes them anew and serves them as what they are', function (
    string $kind, string $mime,
): void {
    $job = Job::factory()->ring()->create();
    $answer = $this->post(
        "/api/jobs/{$job->number}/pictures",
        ['picture' => upload("a.{$kind}", picture($kind).'<script>alert(1)</script>')],
        ['Accept' => 'application/json'],
    )->assertCreated();
    $file = $answer->json('pictures.0.file');
    $served = $this->get("/api/pictures/{$file}")
        ->assertOk()->assertHeader('Content-Type', $mime)->assertHeader('X-Content-Type-Options', 'nosniff');
    expect((string) file_get_contents("{$this->folder}/{$file}"))
        ->not->toContain('script')->and($served->headers->get('Content-Security-Policy'))
        ->toContain("default-src 'none'");
})->with([['png', 'image/png'], ['jpg', 'image/jpeg'], ['webp', 'image/webp']]);

it('turns a photograph upright and strips where it was taken', function (): void {
    $job = Job::factory()->ring()->create();
    // An Exif block: little-endian TIFF, one entry, Orientation = 6 (turn right), and a comment beside it.
    $exif = "Exif\0\0II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\0\0\0\0harbour lane 4";
    $jpeg = picture('jpg');
    $with = substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    $answer = $this->post(
        "/api/jobs/{$job->number}/pictures", ['picture' => upload('a.jpg', $with)], ['Accept' => 'application/json'],
    )->assertCreated();
    expect([$answer->json('pictures.0.width'), $answer->json('pictures.0.height')])->toBe([40, 60])
        ->and((string) file_get_contents("{$this->folder}/".$answer->json('pictures.0.file')))
        ->not->toContain('harbour lane');
});

it('refuses what is no picture, is too large or has too many pixels, before decoding it', function (
    string $bytes, string $words,
): void {
    $job = Job::factory()->ring()->create();
    $this->post(
        "/api/jobs/{$job->number}/pictures", ['picture' => upload('a.png', $bytes)], ['Accept' => 'application/json'],
    )
        ->assertStatus(422)->assertJsonPath('errors.picture.0', fn (string $said): bool => str_contains($said, $words));
    expect($job->refresh()->held()->list('pictures'))->toBe([])->and(glob("{$this->folder}/*"))->toBe([]);
})->with([
    'a script' => fn () => [
        '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'PNG, JPEG and WebP',
    ],
    'a script with a picture’s head' => fn () => ["\x89PNG\r\n\x1a\n<?php echo 1;", 'PNG, JPEG and WebP'],
    '40 MB' => fn () => [picture().str_repeat("\0", 40 * 1024 * 1024), '25 MB'],
    '100 megapixels' => fn () => [substr_replace(picture(), pack('NN', 10000, 10000), 16, 8), 'megapixels'],
]);

it('goes out as a file and comes back the same, as JSON and as a zip with its pictures', function (): void {
    $this->putJson('/api/shop', ['shrinkage.carved' => '1.7 %'])->assertOk();
    $job = Job::factory()->ring()->create(['rulebook_id' => App\Models\Workshop::the()->rulebook_id]);
    $this->post(
        "/api/jobs/{$job->number}/pictures", ['picture' => upload('a.png', picture())],
        ['Accept' => 'application/json'],
    )->assertCreated();
    $this->postJson(
        "/api/jobs/{$job->number}/changes",
        ['changes' => [['path' => 'attempts.0.wax_mass', 'from' => null, 'to' => '1 dwt']]],
    )->assertOk();
    $this->sign($job, 'form')->assertOk();
    $json = (string) $this->get("/api/jobs/{$job->number}/file")->assertOk()->getContent();
    $schema = (new Validator)->validate(
        json_decode($json), (string) file_get_contents(base_path('docs/job.schema.json')),
    );
    expect($schema->isValid())->toBeTrue();
    $zip = (string) file_get_contents(
        $this->get("/api/jobs/{$job->number}/zip")->assertOk()->baseResponse->getFile()->getPathname(),
    );
    array_map(unlink(...), glob("{$this->folder}/*") ?: []);
    foreach (['a.json' => $json, 'a.zip' => $zip] as $name => $bytes) {
        $number = $this->import($bytes, $name)->assertCreated()->json('number');
        $again = json_decode((string) $this->get("/api/jobs/{$number}/file")->getContent(), true);
        $before = json_decode($json, true);
        expect($again['number'])->not->toBe($before['number']);
        unset($again['number'], $before['number']);
        expect($again)->toEqual($before);
    }
    $this->get('/api/pictures/'.json_decode($json, true)['document']['pictures'][0]['file'])->assertOk();
});

it('imports nothing by halves, and says line by line what it could not take', function (
    callable $spoil, string $path,
): void {
    $job = Job::factory()->ring()->create();
    $file = json_decode((string) $this->get("/api/jobs/{$job->number}/file")->getContent(), true);
    $text = $spoil($file);
    $answer = $this->import(is_string($text) ? $text : (string) json_encode($text), 'a.json')->assertStatus(422);
    expect(array_keys($answer->json('errors')))->toContain($path)->and(Job::query()->count())->toBe(1);
})->with([
    'malformed' => [fn (array $file): string => '{"hot_sprue": "job",', '_'],
    'another thing' => [fn (array $file): array => ['hello' => 1], '_'],
    'a later version' => [fn (array $file): array => [...$file, 'version' => 99], 'version'],
    'a figure that cannot be' => [function (array $file): array {
        $file['document']['decisions']['form.width_top'] = ['value' => -4, 'typed' => '-4'];

        return $file;
    }, 'form.width_top'],
    'a figure nobody knows' => [function (array $file): array {
        $file['document']['decisions']['form.colour'] = ['value' => 4, 'typed' => '4'];

        return $file;
    }, 'form.colour'],
    'a rule nobody knows' => [function (array $file): array {
        $file['rules']['figures']['moon'] = 1;

        return $file;
    }, 'rules.figures.moon'],
]);
