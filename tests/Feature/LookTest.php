<?php

declare(strict_types=1);

use App\Models\ClientReview;
use App\Models\Job;
use App\Models\Letter;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

beforeEach(function (): void {
    config(['sprue.pictures' => $this->folder = sys_get_temp_dir().'/hot-sprue-look-'.bin2hex(random_bytes(4))]);
    $this->job = Job::factory()->ring()->create();
});
afterEach(function (): void {
    array_map(unlink(...), glob("{$this->folder}/*") ?: []);
    @rmdir($this->folder);
});

/** @param list<string> $pictures keys */
function sent(Job $job, array $pictures = []): string
{
    $answer = test()
        ->postJson(
            "/api/jobs/{$job->number}/looks", ['to' => 'her', 'arrangements' => ['ring'], 'pictures' => $pictures],
        )
        ->assertCreated();

    return (string) parse_url($answer->json('address'), PHP_URL_PATH);
}

function photograph(Job $job, int $shade): array
{
    $image = imagecreatetruecolor(30, 20);
    imagefill($image, 0, 0, (int) imagecolorallocate($image, $shade, $shade, $shade));
    $path = (string) tempnam(sys_get_temp_dir(), 'pic');
    imagepng($image, $path);
    $pictures = test()
        ->post(
            "/api/jobs/{$job->number}/pictures", ['picture' => new UploadedFile($path, 'a.png', null, null, true)],
            ['Accept' => 'application/json'],
        )
        ->assertCreated()->json('pictures');

    return end($pictures);
}

/** @param array<string, string> $said */
function says(string $path, array $said): Illuminate\Testing\TestResponse
{
    return test()->post($path, [...$said, 'once' => (string) Str::uuid()]);
}

it('serves the photographs that were chosen, and those alone', function (): void {
    [$shown, $kept] = [photograph($this->job, 10), photograph($this->job, 200)];
    $path = sent($this->job, [$shown['key']]);
    $this->get($path)->assertOk()->assertSee($shown['file'])->assertDontSee($kept['file']);
    $this->get("{$path}/picture/{$shown['file']}")->assertOk();
    $this->get("{$path}/picture/{$kept['file']}")->assertNotFound();
    // None unless chosen, and none of another job's.
    $this->get(sent($this->job))->assertDontSee('picture/');
    $this->postJson(
        "/api/jobs/{$this->job->number}/looks", ['to' => 'her', 'arrangements' => ['ring'], 'pictures' => ['nope']],
    )->assertStatus(422);
});

it('keeps to each letter its own words', function (): void {
    [$hers, $his] = [sent($this->job), sent($this->job)];
    says($hers, ['what' => 'asks', 'name' => 'Hesper', 'words' => 'a little narrower'])->assertRedirect();
    $this->get($hers)->assertSee('a little narrower');
    $this->get($his)->assertDontSee('a little narrower');
});

it('keeps its secret in clear nowhere: not in the letter, the answer kept, nor any table', function (): void {
    $token = basename(sent($this->job));
    foreach (['letters', 'looks', 'done_requests', 'journal', 'jobs', 'entries'] as $table) {
        expect((string) json_encode(DB::table($table)->get()))->not->toContain($token, $table);
    }
    expect(Letter::query()->firstOrFail()->body)
        ->toContain('/look/…')->and((string) $this->getJson("/api/jobs/{$this->job->number}/looks")->getContent())
        ->not->toContain($token);
});

it('counts looks, words and photographs each by itself', function (): void {
    $photographs = array_map(fn (int $shade): array => photograph($this->job, $shade), range(10, 120, 10));
    $path = sent($this->job, array_column($photographs, 'key'));
    foreach (range(1, 10) as $_) {
        $this->get($path)->assertOk();
        foreach ($photographs as $photograph) {
            $this->get("{$path}/picture/{$photograph['file']}")->assertOk();
        }
    }
    says($path, ['what' => 'asks', 'name' => 'Oda', 'words' => 'x'])->assertRedirect();
    foreach (range(1, 12) as $_) {
        $last = says($path, ['what' => 'asks', 'name' => 'Oda', 'words' => 'x']);
    }
    expect($last->status())->toBe(429);
    $this->get($path)->assertOk();
});

it('keeps what “may be cast” was said of, and says at Wax and on Today when it is no longer that', function (): void {
    $path = sent($this->job);
    says($path, ['what' => 'approves', 'name' => 'Oda'])->assertRedirect();
    $look = ClientReview::query()->firstOrFail();
    expect($look->shown['by'])->toBe('Oda')->and($look->shown['drawings']['ring']['svg'])->toStartWith('<svg');
    $caution = fn (): mixed => collect(
        $this->getJson("/api/jobs/{$this->job->number}?station=wax")->json('page.findings'),
    )->firstWhere('code', 'changed-since-approval');
    expect($caution())->toBeNull()->and($this->getJson('/api/today')->json('changed'))->toBe([]);
    $was = $this->job->refresh()->held()->at('form.width_top');
    $this->postJson(
        "/api/jobs/{$this->job->number}/changes",
        ['changes' => [['path' => 'form.width_top', 'from' => $was, 'to' => '6.2']]],
    )->assertOk();
    expect($caution()['level'])
        ->toBe('caution')->and($caution()['message'])->toContain('Oda said on ', 'Changed since:')
        ->and($this->getJson('/api/today')->json('changed.0.number'))->toBe($this->job->number);
    // Put back, it is what was approved.
    $this->postJson("/api/jobs/{$this->job->number}/undo")->assertOk();
    expect($caution())->toBeNull();
});

it('has a change that was asked for on Today until it is answered', function (): void {
    says(sent($this->job), ['what' => 'asks', 'name' => 'Oda', 'words' => 'a little narrower'])->assertRedirect();
    $asked = $this->getJson('/api/today')->json('asked.0');
    expect($asked['words'])->toBe('a little narrower')->and($asked['by'])->toBe('Oda');
    $this->postJson("/api/jobs/{$this->job->number}/words/{$asked['key']}/answered")
        ->assertOk()->assertJsonPath('words.0.answered', fn (string $by): bool => str_starts_with($by, 'Maren'));
    expect($this->getJson('/api/today')->json('asked'))->toBe([]);
    $this->postJson("/api/jobs/{$this->job->number}/words/zz/answered")->assertStatus(422);
    // Nobody but the client undoes the client's word.
    $this->postJson("/api/jobs/{$this->job->number}/undo")->assertStatus(422);
});

it('takes the word of a browser that does not say where its form came from', function (): void {
    $path = sent($this->job);
    $this->post(
        $path, ['what' => 'asks', 'name' => 'Oda', 'words' => 'x'],
        ['Origin' => 'null', 'Sec-Fetch-Site' => 'same-origin'],
    )->assertRedirect();
    $this->post($path, ['what' => 'asks', 'name' => 'Oda', 'words' => 'x'], ['Origin' => 'null'])->assertRedirect();
});

it('dies with its job', function (): void {
    $path = sent($this->job);
    $this->postJson("/api/jobs/{$this->job->number}/close", ['how' => 'delivered'])->assertOk();
    $this->get($path)->assertNotFound()->assertSee('This link has ended');
    says($path, ['what' => 'approves', 'name' => 'Oda'])->assertNotFound();
    $this->postJson(
        "/api/jobs/{$this->job->number}/looks", ['to' => 'her', 'arrangements' => ['ring']],
    )->assertStatus(409);
});

it('takes a word once that was sent twice, keeps what was typed when it is refused, and lands '
    .'on itself', function (): void {
        $path = sent($this->job);
        $once = (string) Str::uuid();
        foreach ([1, 2] as $_) {
            $this->post(
                $path, ['what' => 'picks', 'name' => 'Oda', 'arrangement' => 'ring'], ['Idempotency-Key' => $once],
            )->assertRedirect("{$path}?thanks=1#said");
        }
        expect($this->job->refresh()->held()->list('words'))->toHaveCount(1);
        $this->get("{$path}?thanks=1")->assertSee('Your word is with the workshop');
        says($path, ['what' => 'picks', 'words' => 'lovely'])
            ->assertStatus(422)->assertSee('Say who you are.')->assertSee('lovely')->assertSee('<svg', false);
        expect($this->job->refresh()->held()->list('words'))->toHaveCount(1);
    });

it('shows the piece to be turned where that was offered, and to nobody else', function (): void {
    $offered = array_column($this->getJson("/api/jobs/{$this->job->number}/looks")->json('offered'), 'name');
    expect($offered)->toContain('piece');
    $token = static fn (array $arrangements): string => basename(test()->postJson(
        '/api/jobs/'.test()->job->number.'/looks', ['to' => 'her', 'arrangements' => $arrangements],
    )->assertCreated()->json('address'));
    $hers = $token(['piece']);
    $page = $this->get("/look/{$hers}")->assertOk()->assertSee("/look/{$hers}/piece/0/0.png", false)
        ->assertSee('Turn it: Your ring');
    expect((string) $page->getContent())->not->toContain('<svg');
    $still = static fn (int $step): string => (string) test()->get("/look/{$hers}/piece/0/{$step}.png")->assertOk()
        ->assertHeader('Content-Type', 'image/png')->getContent();
    // A quarter of a turn on it looks otherwise; asked again it is the same.
    expect($still(6))->not->toBe($still(0))->and($still(6))->toBe($still(6))
        ->and(getimagesizefromstring($still(6)))->toMatchArray([640, 480]);
    $this->get("/look/{$hers}/piece/0/24.png")->assertNotFound();
    $other = $token(['ring']);
    $this->get("/look/{$other}/piece/0/0.png")->assertNotFound();
    $this->get('/look/'.str_repeat('a', 48).'/piece/0/0.png')->assertNotFound();
});

/** @param array<string, mixed> $asked */
function offeredToHer(Job $job, array $asked): Illuminate\Testing\TestResponse
{
    return test()->postJson("/api/jobs/{$job->number}/looks", ['to' => 'her', ...$asked]);
}

it('shows the piece side by side in other metals and widths, and only those that were offered', function (): void {
    $answer = offeredToHer($this->job, ['arrangements' => ['piece', 'ring'], 'others' => [
        ['alloy' => '18k-rose'], ['width' => '0.25 in'], ['alloy' => 'platinum-950', 'width' => '3'],
    ]])->assertCreated();
    expect(Tests\Support\Contract::breaks('Looks', (string) $answer->getContent()))->toBe('');
    $path = (string) parse_url($answer->json('address'), PHP_URL_PATH);
    // A quarter of an inch is 6.35 mm.
    $this->get($path)->assertOk()->assertSeeInOrder([
        'Your ring, to be turned', '18k rose', '6.35 mm wide', '3 mm wide',
    ]);
    $still = static fn (int $at): string => (string) test()->get("{$path}/piece/{$at}/0.png")->assertOk()->getContent();
    // The drawing of the ring is the second that was offered, and no piece.
    expect(array_unique([$still(0), $still(2), $still(3), $still(4)]))->toHaveCount(4);
    $this->get("{$path}/piece/1/0.png")->assertNotFound();
    $this->get("{$path}/piece/5/0.png")->assertNotFound();
    expect($this->job->refresh()->held()->decision('form.width_top'))->not->toBe(3.0);
});

it('tells the bench which was chosen, and what would make it so', function (): void {
    $path = (string) parse_url(offeredToHer($this->job, ['others' => [
        ['alloy' => '18k-rose', 'width' => '5'],
    ]])->json('address'), PHP_URL_PATH);
    says($path, ['what' => 'picks', 'name' => 'Oda', 'arrangement' => 'piece:18k-rose:5'])->assertRedirect();
    $this->get("{$path}?thanks=1")->assertSee('chose: Your ring in 18k rose');
    $looks = $this->getJson("/api/jobs/{$this->job->number}/looks")->assertOk();
    expect($looks->json('words.0.arrangement'))->toBe('piece:18k-rose:5')
        ->and($looks->json('was_offered.0.title'))->toContain('18k rose')->toContain('5 mm wide')
        ->and($looks->json('was_offered.0.changes'))->toBe([
            ['path' => 'brief.alloy', 'to' => '18k-rose'], ['path' => 'form.width_top', 'to' => '5 mm'],
        ]);
    // What was not offered cannot be chosen.
    says($path, ['what' => 'picks', 'name' => 'Oda', 'arrangement' => 'piece:18k-yellow:'])->assertStatus(422);
});

it('offers no metal that is not known, and no width that no hand wears', function (array $other, string $words): void {
    $answer = offeredToHer($this->job, ['arrangements' => ['piece'], 'others' => [$other]])->assertStatus(422);
    expect(implode(' ', array_merge(...array_values($answer->json('errors')))))->toContain($words);
    expect(ClientReview::query()->count())->toBe(0);
})->with([
    'no such metal' => [['alloy' => 'unobtainium'], 'another metal'],
    'nothing' => [['alloy' => '', 'width' => ' '], 'another metal'],
    'as thin as a hair' => [['width' => '0.79'], '0.8 to 30 mm'],
    'broader than a finger is long' => [['width' => '30.01'], '0.8 to 30 mm'],
    'no width' => [['width' => 'broad'], 'broad'],
    'a list' => [['width' => ['5']], 'text is accepted'],
]);

it('offers widths at both ends of what a hand wears', function (string $width): void {
    offeredToHer($this->job, ['others' => [['width' => $width]]])->assertCreated();
})->with(['0.8', '30']);

it('offers no other piece while there is none', function (): void {
    offeredToHer(Job::factory()->create(), ['others' => [['alloy' => '18k-rose']]])->assertStatus(422)
        ->assertJsonPath('errors.others.0', fn (string $words): bool => str_contains($words, 'no piece to show yet'));
});

it('keeps the piece as it was seen with what was approved', function (): void {
    $address = $this->postJson(
        "/api/jobs/{$this->job->number}/looks", ['to' => 'her', 'arrangements' => ['piece']],
    )->json('address');
    $this->post((string) parse_url($address, PHP_URL_PATH), [
        'what' => 'approves', 'name' => 'Edda', 'once' => Illuminate\Support\Str::uuid()->toString(),
    ])->assertStatus(303);
    $kept = App\Models\ClientReview::query()->latest('id')->firstOrFail()->shown['drawings']['piece']['svg'];
    preg_match('/base64,([^"]+)/', $kept, $found);
    expect(getimagesizefromstring((string) base64_decode($found[1], true)))->toMatchArray([640, 480]);
});

it('offers no piece while its form is not known', function (): void {
    $empty = Job::factory()->create();
    expect(array_column($this->getJson("/api/jobs/{$empty->number}/looks")->json('offered'), 'name'))
        ->not->toContain('piece');
});
