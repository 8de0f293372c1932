<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Support\Contract;

beforeEach(function (): void {
    config(['sprue.pictures' => $this->folder = sys_get_temp_dir().'/hot-sprue-scale-'.bin2hex(random_bytes(4))]);
    $this->job = Job::factory()->ring()->create();
    $image = imagecreatetruecolor(400, 300);
    $path = (string) tempnam(sys_get_temp_dir(), 'pic');
    imagepng($image, $path);
    $this->picture = test()->post(
        "/api/jobs/{$this->job->number}/pictures", ['picture' => new UploadedFile($path, 'a.png', null, null, true)],
        ['Accept' => 'application/json'],
    )->assertCreated()->json('pictures.0.key');
});
afterEach(function (): void {
    array_map(unlink(...), glob("{$this->folder}/*") ?: []);
    @rmdir($this->folder);
});

/** @param array<string, mixed> $more */
function marked(array $more = []): TestResponse
{
    $test = test();

    return $test->postJson("/api/jobs/{$test->job->number}/pictures/{$test->picture}/scale", [
        'known' => '25 mm', 'scale' => ['from' => [10, 280], 'to' => [260, 280]],
        'lines' => [['from' => [50, 20], 'to' => [50, 194]]], ...$more,
    ]);
}

it('measures on a photograph and keeps it with the job', function (): void {
    $answer = marked()->assertOk();
    expect(Contract::breaks('PictureScale', (string) $answer->getContent()))->toBe('')
        // 250 pixels are 25 mm, so 174 are 17.4.
        ->and($answer->json('lines.0.mm'))->toEqualWithDelta(17.4, 1e-9)
        ->and($answer->json('lines.0.doubt'))->toEqualWithDelta(0.1 * sqrt(8 + 8 * (174 / 250) ** 2), 1e-3);
    $path = "/api/jobs/{$this->job->number}/pictures/{$this->picture}/scale";
    expect($this->getJson($path)->assertOk()->json())->toBe($answer->json());
    $file = $this->getJson("/api/jobs/{$this->job->number}/file")->json();
    expect(json_encode($file))->toContain('"mm":25');
});

it('reads what is known as the bench says it', function (): void {
    expect(marked(['known' => '1 in'])->json('lines.0.mm'))->toEqualWithDelta(174 * 25.4 / 250, 1e-3);
});

it('has no measures before anything is marked, and none of a picture that is not there', function (): void {
    $path = "/api/jobs/{$this->job->number}/pictures";
    expect($this->getJson("{$path}/{$this->picture}/scale")->assertOk()->json())->toMatchArray([
        'scale' => null, 'lines' => [],
    ]);
    $this->getJson("{$path}/nope/scale")->assertNotFound();
});

it('takes back a measure that was put, and says no second step where nothing moved', function (): void {
    $before = $this->job->refresh()->version;
    marked()->assertOk();
    $version = $this->job->refresh()->version;
    marked()->assertOk();
    expect($version)->toBe($before + 1)->and($this->job->refresh()->version)->toBe($version);
    $this->postJson("/api/jobs/{$this->job->number}/undo", [])->assertOk();
    expect($this->job->refresh()->held()->list('pictures')[0])->not->toHaveKey('scale');
});

it('says what is wrong and keeps nothing of it', function (array $bad, string $field, string $words): void {
    $answer = marked($bad)->assertStatus(422);
    expect(implode(' ', array_merge(...array_values($answer->json('errors')))))->toContain($words)
        ->and(implode(' ', array_keys($answer->json('errors'))))->toContain($field)
        ->and($this->job->refresh()->held()->list('pictures')[0])->not->toHaveKey('scale');
})->with([
    'too short to go by' => [['scale' => ['from' => [0, 0], 'to' => [0, 19]]], 'scale', '20 pixels'],
    'no length' => [['known' => 'a coin'], 'known', 'a coin'],
    'a house' => [['known' => '501 mm'], 'known', 'Between 1 and 500'],
    'a hair' => [['known' => '0.9 mm'], 'known', 'Between 1 and 500'],
    'half a line' => [['lines' => [['from' => [1, 1]]]], 'lines', 'two points'],
    'words for a line' => [['scale' => 'here'], 'scale', 'two points'],
    'twenty-one lines' => [['lines' => array_fill(0, 21, ['from' => [0, 0], 'to' => [1, 1]])], 'lines', '20'],
]);

it('takes what lies just inside its limits', function (array $fine): void {
    marked($fine)->assertOk();
})->with([
    [['known' => '500 mm']], [['known' => '1 mm']], [['scale' => ['from' => [0, 0], 'to' => [0, 20]]]],
    [['lines' => array_fill(0, 20, ['from' => [0, 0], 'to' => [1, 1]])]], [['lines' => []]],
]);
