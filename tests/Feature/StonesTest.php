<?php

declare(strict_types=1);

use App\Models\ClientReview;
use App\Models\Job;
use App\Models\Letter;
use App\Models\Picture;
use HotSprue\Job\Document;
use HotSprue\Job\Upgrade;
use HotSprue\Workshop\WorkshopSettings;
use Symfony\Component\Process\Process;
use Tests\Support\Contract;

/** @param array<string, mixed> $more */
function stoneJob(array $more = []): Job
{
    return Job::factory()->holding([
        'brief.title' => 'lantern ring', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925',
        'brief.budget' => 'to 700', 'form.width_top' => '3', 'form.thickness_top' => '2',
        'stones.0.species' => 'garnet', 'stones.0.shape' => 'round', 'stones.0.width' => '6',
        'stones.0.depth' => '3.66', 'settings.0.style' => 'bezel', 'settings.0.ledge_width' => '0', ...$more,
    ])->create();
}

it('adds the head to the ring’s mass and to the charge', function (): void {
    $job = stoneJob();
    $answer = $this->getJson("/api/jobs/{$job->number}?station=stones")->assertOk();
    expect(Contract::breaks('Job', (string) $answer->getContent()))->toBe('');
    // A tube of wall 0.4 round a 6.1 hole, 3.56 high: pavilion 2.58 + 0.4, girdle 0.18, cover 0.4.
    $bezel = M_PI / 4 * (6.9 ** 2 - 6.1 ** 2) * 3.56;
    $band = 2 * M_PI * 6 * 9.7;
    $answers = $answer->json('answers');
    expect($answers['form.band']['results']['ring_volume_mm3']['value'])->toEqualWithDelta($band + $bezel, 1e-6)
        ->and($answers['form.band']['results']['mass']['value'])
        ->toEqualWithDelta(($band + $bezel) * 10.36 / 1000, 1e-6);
    $without = stoneJob(['settings.0.made' => 'apart']);
    $soldered = $this->getJson("/api/jobs/{$without->number}")->json('answers');
    expect(
        $answers['metal.charge']['results']['piece_mass']['value']
            - $soldered['metal.charge']['results']['piece_mass']['value'],
    )
        // In wax the wall is 0.55 and everything larger by 1 ÷ 0.985.
        ->toEqualWithDelta(M_PI / 4 * (7.2 ** 2 - 6.1 ** 2) * 3.56 / 0.985 ** 3 * 10.36 / 1000, 1e-6);
});

it('asks first for a stone’s shape and width, and for nothing of a setting that is not chosen', function (): void {
    $job = Job::factory()->ring()->create();
    $page = $this->getJson("/api/jobs/{$job->number}?station=stones")->json('page');
    expect($page['wants'])->toBe(['stones.0.shape', 'stones.0.width'])->and($page['views'])->toBe([]);
    expect(
        array_column($this->getJson('/api/jobs/'.stoneJob()->number.'?station=stones')->json('page.views'), 'name'),
    )->toBe(['head', 'seat', 'cut', 'round']);
});

it('holds every later step against every stone', function (string $species, string $step, ?string $code): void {
    $job = stoneJob(['stones.0.species' => 'diamond', 'stones.1.species' => $species, "stones.after_{$step}" => true]);
    $codes = array_column(
        array_filter(
            $this->getJson("/api/jobs/{$job->number}?station=stones")->json('page.findings'),
            static fn (array $finding): bool => $finding['level'] === 'stop',
        ),
        'code',
    );
    expect($codes)->toBe($code === null ? [] : [$code]);
})->with(
    [
        ['emerald', 'steam', 'step-harms-stone'], ['sapphire', 'steam', null],
        ['sapphire', 'boron', 'boron-on-corundum'], ['opal', 'ultrasonic', 'step-harms-stone'],
        ['topaz', 'pickle', null],
    ],
);

it('lays a row out on the band and on the wax', function (): void {
    $job = stoneJob(
        [
            'settings.0.style' => 'shared', 'stones.0.width' => '2.4', 'settings.row.holds' => 'row',
            'settings.row.style' => 'shared', 'settings.row.count' => '5',
            'settings.row.largest' => '2.4', 'settings.row.smallest' => '1.8', 'settings.row.gap' => '0.3',
            'wax.wrapped' => 'blank',
        ],
    );
    $answers = $this->getJson("/api/jobs/{$job->number}?station=wax&setting=row")->json('answers');
    $row = $answers['layout.row']['results']['stones']['value'];
    $grid = $answers['layout.grid']['results'];
    // An angle is an angle on whatever it is wrapped round: here the tube, 27 mm across.
    expect($answers['blank.choose']['results']['blank']['value'])->toBe('round-tube-27')
        ->and($grid['circumference']['value'])->toEqualWithDelta(M_PI * 27, 1e-9)
        ->and($grid['stones']['value'][1]['along_mm'])->toEqualWithDelta(deg2rad($row[0]['angle_deg']) * 13.5, 1e-9);
});

it('writes drawings at life size as SVG and as DXF that another program reads', function (): void {
    $job = stoneJob([
        'settings.halo.holds' => 'halo', 'settings.halo.beside' => '0', 'settings.halo.stone_diameter' => '1.5',
        'settings.halo.count' => '12', 'wax.text' => 'a·b',
    ]);
    $svg = (string) $this->get("/api/jobs/{$job->number}/drawings/head.svg")
        ->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
    $xml = new SimpleXMLElement($svg);
    [, , $wide, $high] = array_map(floatval(...), explode(' ', (string) $xml['viewBox']));
    expect((string) $xml['width'])
        ->toBe(sprintf('%.3Fmm', $wide))->and((string) $xml['height'])->toBe(sprintf('%.3Fmm', $high));
    $xml->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
    expect($xml->xpath('//s:circle[@r="0.7500"]'))->toHaveCount(12);
    $parse = static function (string $dxf): array {
        $node = new Process(['node', 'tests/Support/dxf.mjs'], base_path(), input: $dxf);
        $node->mustRun();

        return json_decode($node->getOutput(), true);
    };
    $head = $parse((string) $this->get("/api/jobs/{$job->number}/drawings/head.dxf")->assertOk()->getContent());
    $halo = array_filter(
        $head, static fn (array $e): bool => $e['type'] === 'CIRCLE' && abs($e['radius'] - 0.75) < 1e-4,
    );
    $bar = array_values(array_filter($head, static fn (array $e): bool => $e['layer'] === 'checkbar'))[0]['vertices'];
    expect($halo)->toHaveCount(12)->and($bar[1]['x'] - $bar[0]['x'])->toEqualWithDelta(50, 1e-4);
    // Their centres lie on the circle of 3 + 0.15 + 0.75.
    foreach ($halo as $stone) {
        expect(hypot($stone['center']['x'], $stone['center']['y']))->toEqualWithDelta(3.9, 1e-3);
    }
    $letters = $parse((string) $this->get("/api/jobs/{$job->number}/drawings/letters.dxf")->assertOk()->getContent());
    expect(
        array_column(array_filter($letters, static fn (array $e): bool => $e['type'] === 'TEXT'), 'words'),
    )->toHaveCount(3);
    foreach (['form' => 'ring', 'wax' => 'blank', 'grid' => 'grid', 'kiln' => 'kiln', 'seat' => 'seat'] as $name) {
        expect(
            $parse((string) $this->get("/api/jobs/{$job->number}/drawings/{$name}.dxf")->assertOk()->getContent()),
        )->not->toBe([]);
    }
    $this->get("/api/jobs/{$job->number}/drawings/moon.svg")->assertNotFound();
});

it('brings a job of version 1 up to the present, as a file and as it was stored', function (): void {
    $sample = (string) file_get_contents(base_path('tests/samples/job-v1.json'));
    $data = json_decode($sample, true)['document'];
    $up = Upgrade::toPresent($data);
    expect($up['version'])
        ->toBe(Document::VERSION)->and($up['decisions'])->toBe($data['decisions'])
        ->and(array_map(static fn (array $row): array => array_diff_key($row, ['key' => 1]), $up['attempts']))
        ->toBe($data['attempts'])->and(array_column($up['attempts'], 'key'))->toBe(['0', '1'])
        ->and($up['stations']['stones']['state'])->toBe('not-needed');
    expect(Document::imported($data, WorkshopSettings::shipped())->list('stones'))
        ->toBe([])->and(Document::stored($data)->toArray()['version'])->toBe(Document::VERSION);
    $this->import($sample)->assertStatus(422)->assertJsonStructure(['errors' => ['pictures.0']]);
    Picture::query()->create(['job_id' => Job::factory()->create()->id, 'file' => $data['pictures'][0]['file']]);
    $this->import($sample)->assertCreated();
});

it('brings a job of version 2 up to the present', function (): void {
    $data = json_decode((string) file_get_contents(base_path('tests/samples/job-v2.json')), true)['document'];
    $up = Upgrade::toPresent($data);
    expect($up['version'])
        ->toBe(Document::VERSION)
        ->and(array_map(static fn (array $row): array => array_diff_key($row, ['key' => 1]), $up['stones']))
        ->toBe($data['stones'])->and($up['ticks'])->toBe($data['ticks'])->and($up['joints'])->toBe([])
        // It was handed over before there was a bench to pass.
        ->and($up['stations']['join']['state'])
        ->toBe('not-needed')->and($up['stations']['handover']['state'])->toBe('not-needed')
        ->and(Upgrade::toPresent([...$data, 'closed' => null])['stations'])->not->toHaveKey('join')
        ->and(Document::imported($data, WorkshopSettings::shipped())->list('parts'))->toBe([]);
});

it('sends the client a look whose token is nowhere kept, and takes the client’s word', function (): void {
    $job = stoneJob();
    $sent = $this->postJson(
        "/api/jobs/{$job->number}/looks", ['to' => 'oda@brannick.invalid', 'arrangements' => ['head']],
    )->assertCreated();
    $path = parse_url($sent->json('address'), PHP_URL_PATH);
    $token = basename($path);
    expect(strlen($token))
        ->toBeGreaterThanOrEqual(40)->and(ClientReview::query()->firstOrFail()->getAttributes())->not->toContain($token)
        ->and(Letter::query()->firstOrFail()->body)->not->toContain($token)->toContain('/look/…');
    config(['sprue.network' => true]);
    auth()->logout();
    $this->getJson("/api/jobs/{$job->number}")->assertUnauthorized();
    // The page shows the drawing and nothing of money, others or the bench.
    $this->get($path)
        ->assertOk()->assertSee('lantern ring')->assertSee('<svg', false)->assertDontSee('700')
        ->assertDontSee('sterling');
    $this->post($path, ['what' => 'asks', 'name' => 'Oda'])
        ->assertStatus(422)->assertSee('Say what should be changed.');
    $this->post($path, ['what' => 'picks', 'name' => 'Oda', 'arrangement' => 'grid'])
        ->assertStatus(422)->assertSee('none of the choices');
    $this->post(
        $path, ['what' => 'picks', 'name' => 'Oda', 'arrangement' => 'head', 'words' => '<b>lovely</b>'],
    )->assertRedirect("{$path}?thanks=1#said");
    $word = $job->refresh()->held()->list('words')[0];
    expect($word)
        ->toMatchArray(['what' => 'picks', 'arrangement' => 'head', 'by' => 'Oda', 'words' => '<b>lovely</b>'])
        ->and($word['at'])->toStartWith(today()->toDateString());
    $this->get($path)->assertSee('&lt;b&gt;lovely', false);
    $this->get("{$path}/picture/".str_repeat('a', 40).'.png')->assertNotFound();
});

it('is dead when it is withdrawn, when its time is over, and for any other token', function (): void {
    $job = stoneJob();
    $path = parse_url(
        $this->postJson(
            "/api/jobs/{$job->number}/looks", ['to' => 'x', 'arrangements' => ['head'], 'days' => 2],
        )->json('address'),
        PHP_URL_PATH,
    );
    $this->get(substr($path, 0, -1).(str_ends_with($path, 'a') ? 'b' : 'a'))->assertNotFound();
    $this->travel(3)->days();
    $this->get($path)->assertNotFound()->assertSee('This link has ended')->assertDontSee('lantern');
    // Back to the tests’ own day, not to the machine’s.
    $this->travel(-3)->days();
    $this->get($path)->assertOk();
    $this->postJson('/api/looks/'.ClientReview::query()->firstOrFail()->id.'/revoke')
        ->assertOk()->assertJsonPath('looks.0.state', 'revoked');
    $this->get($path)->assertNotFound();
    $this->post($path, ['what' => 'approves', 'name' => 'Oda'])->assertNotFound();
    expect($job->refresh()->held()->list('words'))->toBe([]);
    $this->postJson("/api/jobs/{$job->number}/looks", ['to' => 'x', 'arrangements' => []])->assertStatus(422);
});

/** The address of a letter that offers the head. */
function headLink(Job $job): string
{
    $sent = test()->postJson("/api/jobs/{$job->number}/looks", ['to' => 'x', 'arrangements' => ['head']]);

    return (string) parse_url((string) $sent->assertCreated()->json('address'), PHP_URL_PATH);
}

it('lands on the client’s own page whatever is sent twice, without its key, or wrong', function (): void {
    $job = stoneJob();
    $path = headLink($job);
    $key = 'aaaaaaaa-bbbb-cccc-dddd-eeeeeeeeeeee';
    $said = ['what' => 'picks', 'name' => 'Oda', 'arrangement' => 'head', 'words' => ''];
    $this->post($path, $said, ['Idempotency-Key' => 'short'])->assertRedirect($path)->assertStatus(303);
    $keyed = ['Idempotency-Key' => $key];
    $this->post($path, $said, $keyed)->assertRedirect("{$path}?thanks=1#said");
    // Pressed twice it is said once.
    $this->post($path, $said, $keyed)->assertRedirect("{$path}?thanks=1#said");
    $this->post($path, ['what' => 'picks', 'name' => ''])->assertStatus(422)
        ->assertSee('Say who you are.')->assertSee('<form', false);
    expect($job->refresh()->held()->list('words'))->toHaveCount(1);
});

it('names and draws the arrangements as a client reads them: no measures, no bar', function (): void {
    $page = $this->get(headLink(stoneJob()))->assertOk();
    $page->assertSee('The stone and its setting, from above')->assertSee('/favicon.svg')
        ->assertDontSee('50 mm')->assertDontSee('<text ', false)->assertSee('fill:#dfe9f2', false);
    expect(file_exists(public_path('favicon.svg')))->toBeTrue();
});

it('draws what a client sees whole within its frame', function (): void {
    preg_match('/<svg.*?<\/svg>/s', (string) $this->get(headLink(stoneJob()))->getContent(), $found);
    $svg = simplexml_load_string($found[0]);
    [$x, $y, $wide, $high] = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));
    // A round of 6 in a bezel of 6.9 outside, with a millimetre of air all round.
    expect($wide)->toEqualWithDelta(8.9, 0.3)->and($high)->toEqualWithDelta(8.9, 0.3)
        ->and($x + $wide / 2)->toEqualWithDelta(0, 0.1)->and($y + $high / 2)->toEqualWithDelta(0, 0.1);
});
