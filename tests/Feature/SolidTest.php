<?php

declare(strict_types=1);

use App\Models\Job;
use App\Solid\PatternFile;
use Tests\Support\Contract;

/** @return list<float> the points of a part, as they are sent */
function sentPoints(array $part): array
{
    return array_values((array) unpack('g*', (string) base64_decode($part['points'], true)));
}

/** @return array<string, mixed> */
function solidJob(array $more = []): array
{
    return [
        'brief.title' => 'a garnet in a bezel', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => '18k-yellow',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
        'stones.0.species' => 'garnet', 'stones.0.shape' => 'round', 'stones.0.width' => '5',
        'settings.0.style' => 'bezel', 'settings.0.made' => 'cast', ...$more,
    ];
}

it('gives the piece part by part, by its contract, and wider with what is being typed', function (): void {
    $job = Job::factory()->holding(solidJob())->create();
    $wide = static function (array $changes) use ($job): float {
        $answer = test()->postJson("/api/jobs/{$job->number}/solid", ['changes' => $changes])->assertOk();
        expect(Contract::breaks('Solid', (string) $answer->getContent()))->toBe('');
        $band = $answer->json('parts.0');
        expect($band['kind'])->toBe('band')->and($band['colour'])->toBe('#e0b658');
        $along = [];
        foreach (sentPoints($band) as $at => $value) {
            $at % 3 !== 1 ?: $along[] = $value;
        }

        return max($along) - min($along);
    };
    expect($wide([]))->toEqualWithDelta(5.0, 1e-5)
        ->and($wide([['path' => 'form.width_top', 'from' => '5', 'to' => '7.25']]))->toEqualWithDelta(7.25, 1e-5)
        // Nothing of that is kept.
        ->and($job->refresh()->held()->decision('form.width_top'))->toEqual(5.0);
});

it('says which stage it shows, and refuses one that there is not', function (): void {
    $job = Job::factory()->holding(solidJob())->create();
    $told = static fn (string $stage): array => test()->postJson(
        "/api/jobs/{$job->number}/solid", ['changes' => [], 'stage' => $stage],
    )->assertOk()->json();
    expect($told('wax')['told'])->toContain('the wax')->and(array_column($told('wax')['parts'], 'material'))
        ->toBe(['wax', 'wax'])->and(array_column($told('finished')['parts'], 'kind'))
        ->toBe(['band', 'collar', 'stone'])->and(array_column($told('finished')['parts'], 'is_body'))
        ->toBe([true, true, false]);
    $this->postJson("/api/jobs/{$job->number}/solid", ['changes' => [], 'stage' => 'melted'])->assertStatus(422);
    $this->postJson("/api/jobs/{$job->number}/solid", ['changes' => [], 'stage' => ['wax']])->assertStatus(422);
    $this->postJson('/api/jobs/999/solid', ['changes' => []])->assertNotFound();
});

it('has finer flats for a file than for the eye', function (): void {
    $job = Job::factory()->holding(solidJob())->create();
    $count = static fn (bool $fine): int => strlen((string) test()->postJson(
        "/api/jobs/{$job->number}/solid", ['changes' => [], 'fine' => $fine],
    )->json('parts.0.faces'));
    expect($count(true))->toBeGreaterThan(2 * $count(false));
});

it('writes files that are read back: the same volume, the stage in their name', function (string $kind): void {
    $job = Job::factory()->holding(solidJob())->create();
    $answer = $this->get("/api/jobs/{$job->number}/solid/wax.{$kind}")->assertOk();
    expect($answer->headers->get('Content-Disposition'))
        ->toContain("job-{$job->number}-wax-shrinkage-and-finishing-included.{$kind}");
    $path = tempnam(sys_get_temp_dir(), 'read');
    file_put_contents($path, $answer->getContent());
    $facts = PatternFile::read($path);
    $sheet = $this->getJson("/api/jobs/{$job->number}?station=wax")
        ->json('answers')['wax.pattern']['results']['ring_volume_mm3']['value'];
    // The collar's foot is filed to the band: it has a little more than the sheet's sum.
    expect($facts->volume / $sheet)->toBeGreaterThan(0.999)->toBeLessThan(1.04)
        // The same bytes whenever it is asked for.
        ->and($this->get("/api/jobs/{$job->number}/solid/wax.{$kind}")->getContent())
        ->toBe($answer->getContent());
    unlink($path);
})->with(['stl', '3mf']);

it('gives a still for paper, and says what is missing where there is nothing yet', function (): void {
    $job = Job::factory()->holding(solidJob())->create();
    $image = imagecreatefromstring((string) $this->get("/api/jobs/{$job->number}/solid/finished.png")->assertOk()
        ->assertHeader('Content-Type', 'image/png')->getContent());
    $clear = static fn (int $x, int $y): bool => (imagecolorat($image, $x, $y) >> 24 & 0x7F) === 127;
    $seen = 0;
    for ($x = 0; $x < imagesx($image); $x += 8) {
        $seen += $clear($x, intdiv(imagesy($image), 2)) ? 0 : 1;
    }
    expect($clear(0, 0))->toBeTrue()->and($seen)->toBeGreaterThan(8)
        // One sees through its bore.
        ->and($seen)->toBeLessThan(imagesx($image) / 8);
    $empty = Job::factory()->create();
    $this->get("/api/jobs/{$empty->number}/solid/finished.stl")->assertNotFound();
    $this->get("/api/jobs/{$job->number}/solid/melted.stl")->assertNotFound();
    $this->get("/api/jobs/{$job->number}/solid/wax.obj")->assertNotFound();
});

it('gives a sum’s solid where it is asked for, and says which sums have one', function (): void {
    $sum = static fn (string $address, array $typed): array => test()->postJson("/api/sums/{$address}", $typed)
        ->assertOk()->json();
    $band = ['inner_diameter' => '17 mm', 'width_top' => '5 mm', 'thickness_top' => '2 mm'];
    $answer = $this->postJson('/api/sums/form.band?solid=1', $band)->assertOk();
    expect(Contract::breaks('Sum', (string) $answer->getContent()))->toBe('')
        ->and($answer->json('solid.parts.0.kind'))->toBe('band')->and($answer->json('solid.told'))->toContain('5.0')
        ->and($sum('form.band', $band))->not->toHaveKey('solid')
        ->and($sum('form.band', $band)['may_turn'])->toBeTrue()
        ->and($sum('size.convert', ['scale' => 'us', 'size' => '7'])['may_turn'])->toBeFalse()
        ->and($sum('size.convert?solid=1', ['scale' => 'us', 'size' => '7'])['solid']['parts'])->toBe([]);
});
