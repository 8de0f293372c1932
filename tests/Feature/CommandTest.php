<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Person;
use HotSprue\Calculations;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Hash;
use Tools\Benchmark\Measured;
use Tools\Benchmark\Trials;

/** @return array{int, mixed} exit status and what was printed */
function reckonFile(string $sheet, string $json): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'input');
    file_put_contents($file, $json);
    $status = Artisan::call('sprue:reckon', ['sheet' => $sheet, '--input' => $file]);
    unlink($file);

    return [$status, json_decode(Artisan::output(), true)];
}

it('reckons a sheet at the command line', function (): void {
    [$status, $answer] = reckonFile('size.convert', '{"scale":"us","size":"7"}');
    expect($status)
        ->toBe(0)->and($answer['results']['inner_diameter']['value'])->toEqualWithDelta(17.3196, 5e-5)
        ->and($answer['results']['inner_diameter']['unit'])->toBe('mm');
});

it('says at the command line what it does not take, with status 2', function (
    string $sheet, string $json, string $field,
): void {
    [$status, $answer] = reckonFile($sheet, $json);
    expect($status)->toBe(2)->and($answer['errors'])->toHaveKey($field);
})->with([
    ['size.convert', '{"scale":"us"', '_'], ['size.convert', '[1]', '_'], ['size.convert', '{"scale":"us"}', 'size'],
    ['size.weigh', '{}', '_'], ['size.convert', '{"scale":"us","size":"7","rules":3}', 'rules'],
]);

it('cannot read a file that is not there', function (): void {
    expect(Artisan::call('sprue:reckon', ['sheet' => 'size.convert', '--input' => '/nowhere/at/all.json']))
        ->toBe(2)->and(Artisan::output())->toContain('cannot be read');
});

it('lists every sheet with its inputs', function (): void {
    Artisan::call('sprue:sheets');
    $said = Artisan::output();
    foreach (array_keys(Calculations::all()) as $name) {
        expect($said)->toContain($name);
    }
});

it('gives people passphrases to sign in with', function (): void {
    $maren = Person::query()->where('name', 'Maren')->firstOrFail();
    expect(Artisan::call('sprue:person', ['name' => 'Maren', '--passphrase' => 'short']))
        ->toBe(1)->and($maren->refresh()->passphrase)->toBeNull();
    expect(Artisan::call('sprue:person', ['name' => 'Maren', '--passphrase' => 'a long enough one']))
        ->toBe(0)->and(Hash::check('a long enough one', (string) $maren->refresh()->passphrase))->toBeTrue();
    Person::query()->create(['name' => 'Tobit']);
    Artisan::call('sprue:person');
    expect(Artisan::output())->toContain('Tobit signs in with: ')->not->toContain('Maren');
    preg_match('/with: (\S+)/', Artisan::output(), $found);
    expect(Person::query()->where('name', 'Tobit')->firstOrFail()->passphrase)->not->toBeNull();
});

it('opens an empty workshop with somebody at the bench', function (): void {
    Artisan::call('sprue:open', ['--empty' => true]);
    expect(Person::query()->where('name', 'Goldsmith')->exists())->toBeTrue()->and(Job::query()->count())->toBe(0);
});

it('has a trial that answers for every sheet', function (): void {
    $tried = [];
    foreach (Trials::all() as $name => [$sheet, $input, $wanted]) {
        expect(Calculations::answer($sheet, $input)->sheet)->toBe($sheet, $name)->and($wanted)->toBeGreaterThan(0.0);
        $tried[] = $sheet;
    }
    expect(array_values(array_diff(array_keys(Calculations::all()), $tried)))->toBe([]);
});

it('measures at the 95th percentile, and says what is over', function (): void {
    $runs = 0;
    $measured = Measured::of('counting', 20, function () use (&$runs): void {
        $runs++;
    }, 1000.0);
    expect($runs)->toBe(25)->and($measured->isEnough())->toBeTrue()->and($measured->line())->not->toContain('over')
        ->and((new Measured('slow', 12.0, 10.0))->line())->toMatch('/^slow +12\.00 ms +of +10   over$/')
        ->and((new Measured('even', 10.0, 10.0))->isEnough())->toBeTrue();
});

it('refuses a backup that is none, and changes nothing', function (string $what): void {
    $file = sys_get_temp_dir().'/hot-sprue-none-'.bin2hex(random_bytes(4)).'.zip';
    if ($what === 'text') {
        file_put_contents($file, 'no zip at all');
    }
    if ($what === 'empty' || $what === 'damaged') {
        $zip = new ZipArchive;
        $zip->open($file, ZipArchive::CREATE);
        $zip->addFromString($what === 'empty' ? 'readme.txt' : 'hot-sprue.sqlite', 'not a database');
        $zip->close();
    }
    $database = sys_get_temp_dir().'/hot-sprue-kept-'.bin2hex(random_bytes(4)).'.sqlite';
    file_put_contents($database, 'as it was');
    config(['database.connections.sqlite.database' => $database]);
    expect(Artisan::call('sprue:restore', ['file' => $file]))
        ->toBe(1)->and(file_get_contents($database))->toBe('as it was');
    @unlink($file);
    unlink($database);
})->with(['missing', 'text', 'empty', 'damaged']);

it('has the job file refused part by part', function (array $change, string $says): void {
    $job = Job::factory()->ring()->create();
    $file = json_decode((string) $this->get("/api/jobs/{$job->number}/file")->assertOk()->getContent(), true);
    $path = (string) tempnam(sys_get_temp_dir(), 'job');
    file_put_contents($path, json_encode(array_replace_recursive($file, $change)));
    $answer = $this->post(
        '/api/jobs/import', ['file' => new Illuminate\Http\UploadedFile($path, 'job.json', null, null, true)],
        ['Accept' => 'application/json'],
    )->assertStatus(422);
    expect((string) $answer->getContent())->toContain($says)->and(Job::query()->count())->toBe(1);
})->with([
    'an unknown part' => [['extra' => 1], 'no such part'],
    'no version' => [['document' => ['version' => 'three']], 'carries no version'],
    'a later version' => [['document' => ['version' => 99]], 'later Hot Sprue'],
    'a client that is a number' => [['client' => 3], 'A client with a name'],
    'a station that is none' => [
        ['document' => ['stations' => ['moon' => ['state' => 'signed']]]], 'There is no such station',
    ],
    'a list that is none' => [['document' => ['joints' => 'x']], 'A list of up to 500 objects'],
    'an unknown part of the document' => [['document' => ['colour' => 1]], 'no such part'],
    'an unknown word in an override' => [
        ['document' => ['overrides' => [['key' => 'k1', 'use' => 'form.band', 'colour' => 'red']]]], 'Not known here',
    ],
    'a figure without what was typed' => [
        ['document' => ['decisions' => ['form.width_top' => ['value' => 4, 'typed' => null]]]], 'what was typed',
    ],
]);

it('answers many questions, one a line, and says in its place what a line asks wrongly', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'lines');
    file_put_contents(
        $file,
        implode(
            "\n",
            [
                '{"sheet":"size.convert","input":{"scale":"us","size":"7"}}', '{"sheet":"moon"}', 'half', '',
                '{"sheet":"size.convert","input":{"scale":"us","size":"x"}}',
                '{"sheet":"size.convert","input":{"scale":"iso","size":54}}',
            ],
        ),
    );
    expect(Artisan::call('sprue:reckon', ['--lines' => true, '--input' => $file]))->toBe(0);
    $lines = array_map(
        static fn (string $line): array => json_decode($line, true), explode("\n", trim(Artisan::output())),
    );
    expect($lines)
        ->toHaveCount(5)->and($lines[0]['results']['inner_diameter']['value'])->toEqualWithDelta(17.3196, 5e-5)
        ->and($lines[1]['errors'])->toHaveKey('_')->and($lines[2]['errors'])->toHaveKey('_')
        ->and($lines[3]['errors'])->toHaveKey('size')->and($lines[4]['sheet'])->toBe('size.convert');
    expect(Artisan::call('sprue:reckon', ['--lines' => true, '--input' => '/nowhere/at/all']))->toBe(2);
});

it('has a default that was put right reach new jobs, and neither old ones nor figures that are the '
    .'workshop’s own', function (): void {
        $this->putJson('/api/shop', ['work.kerf' => '0.25'])->assertOk();
        $old = $this->postJson('/api/jobs', [])->assertCreated()->json('number');
        // As it stood under an earlier release, which shipped a sprue of 1.2 times the modulus.
        $workshop = App\Models\Workshop::the();
        $figures = $workshop->rulebook->figures;
        $figures['figures']['sprue.margin'] = 1.2;
        $before = App\Models\Rulebook::query()->create(['hash' => 'earlier', 'figures' => $figures]);
        $workshop->update(['rulebook_id' => $before->id]);
        Job::query()->where('number', $old)->update(['rulebook_id' => $before->id]);
        $new = $this->postJson('/api/jobs', [])->assertCreated()->json('number');
        $settings = fn (int $number) => Job::query()->where('number', $number)->firstOrFail()->settings();
        expect($settings($new)->num('sprue.margin'))
            ->toBe(1.1)->and($settings($new)->num('work.kerf'))->toBe(0.25)->and($settings($new)->isOwn('work.kerf'))
            ->toBeTrue()->and($settings($old)->num('sprue.margin'))->toBe(1.2);
    });
