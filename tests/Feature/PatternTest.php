<?php

declare(strict_types=1);

use App\Models\Job;
use App\Solid\PatternFile;
use App\Solid\PatternProgress;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\Support\Contract;

function readPattern(Job $job, string $bytes, string $name = 'ring.stl', string $carries = '1'): TestResponse
{
    return test()->post(
        "/api/jobs/{$job->number}/pattern",
        ['file' => UploadedFile::fake()->createWithContent($name, $bytes), 'carries' => $carries],
        ['Accept' => 'application/json'],
    );
}

/** A 3MF of a cube, written by hand. */
function threeMf(string $model, string $name = '3D/3dmodel.model'): string
{
    $path = tempnam(sys_get_temp_dir(), '3mf');
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::OVERWRITE);
    $zip->addFromString($name, $model);
    $zip->close();

    return tap((string) file_get_contents($path), static fn () => unlink($path));
}

function cubeModel(string $unit = 'millimeter', string $more = '', float $size = 10.0): string
{
    $vertices = $faces = '';
    foreach (cubeTriangles($size) as $at => $t) {
        foreach (array_chunk($t, 3) as [$x, $y, $z]) {
            $vertices .= "<vertex x=\"{$x}\" y=\"{$y}\" z=\"{$z}\"/>";
        }
        $faces .= sprintf('<triangle v1="%d" v2="%d" v3="%d"/>', 3 * $at, 3 * $at + 1, 3 * $at + 2);
    }

    return "<?xml version=\"1.0\"?><model unit=\"{$unit}\"><resources><object id=\"1\"><mesh><vertices>{$vertices}"
        ."</vertices><triangles>{$faces}</triangles></mesh></object>{$more}</resources>"
        .'<build><item objectid="1"/></build></model>';
}

/** @param array<int, ?string> $items places of what is built, by its object */
function builtOf(string $more, array $items): string
{
    $build = implode(array_map(
        static fn (int $id, ?string $place): string => "<item objectid=\"{$id}\""
            .($place === null ? '/>' : " transform=\"{$place}\"/>"), array_keys($items), $items,
    ));

    return str_replace('<item objectid="1"/>', $build, cubeModel('millimeter', $more));
}

it('reads a pattern, by its contract, and keeps nothing of it', function (): void {
    $job = Job::factory()->ring()->create();
    $answer = readPattern($job, stlBytes(cubeTriangles()))->assertOk();
    expect(Contract::breaks('PatternRead', (string) $answer->getContent()))->toBe('')
        ->and($answer->json('triangles'))->toBe(12)->and($answer->json('pattern.volume'))->toEqual(1000)
        ->and($answer->json('pattern.modulus'))->toEqualWithDelta(1.6667, 1e-4)
        ->and($job->refresh()->held()->decision('wax.file_volume'))->toBeNull();
});

it('is enlarged by the shrinkage that it does not carry', function (): void {
    $job = Job::factory()->ring()->create();
    // Carved wax shrinks by 1.5 %, printed resin by what the workshop says, a decision of the job by what it is.
    expect(readPattern($job, stlBytes(cubeTriangles()), carries: '0')->json('pattern.volume'))
        ->toEqualWithDelta(1000 / 0.985 ** 3, 1e-3);
    $said = Job::factory()->ring()->holding(['wax.shrinkage' => '2 %'])->create();
    $answer = readPattern($said, stlBytes(cubeTriangles()), carries: '0');
    expect($answer->json('pattern.volume'))->toEqualWithDelta(1000 / 0.98 ** 3, 1e-3)
        ->and($answer->json('pattern.tall'))->toEqualWithDelta(10 / 0.98, 1e-3)
        ->and($answer->json('read.volume'))->toEqual(1000);
});

it('reads 3MF in each of its units', function (string $unit, float $size): void {
    $job = Job::factory()->ring()->create();
    $answer = readPattern($job, threeMf(cubeModel($unit, size: $size)), 'ring.3mf')->assertOk();
    expect($answer->json('pattern.tall'))->toEqualWithDelta(20.0, 1e-3);
})->with([['millimeter', 20.0], ['centimeter', 2.0], ['micron', 20000.0], ['inch', 20 / 25.4]]);

it('says what is wrong, and changes nothing', function (string $bytes, string $name, string $words): void {
    $job = Job::factory()->ring()->create();
    $answer = readPattern($job, $bytes, $name)->assertStatus(422);
    expect($answer->json('errors.file.0'))->toContain($words);
})->with([
    'a hole' => fn () => [stlBytes(array_slice(cubeTriangles(), 2)), 'x.stl', 'not closed'],
    'inches' => fn () => [stlBytes(cubeTriangles(0.8)), 'x.stl', 'inches'],
    'a zip of something else' => fn () => [threeMf('hello', 'readme.txt'), 'x.3mf', 'no model'],
    'a zip cut short' => fn () => [substr(threeMf(cubeModel()), 0, 200), 'x.3mf', 'zip is broken'],
    'a model that breaks off' => fn () => [threeMf(substr(cubeModel(), 0, 900)), 'x.3mf', 'breaks off'],
    'entities of its own' => fn () => [threeMf('<?xml version="1.0"?><!-- <model> --><!DOCTYPE model [<!ENTITY a "'
        .str_repeat('b', 50).'">]>'.str_replace('millimeter', '&a;', substr(cubeModel(), 21))), 'x.3mf', 'declares'],
    'no XML at all' => fn () => [threeMf(str_repeat(' ', 70_000)), 'x.3mf', 'declares'],
    'a unit of its own' => fn () => [threeMf(cubeModel('league')), 'x.3mf', 'unit'],
    'put together from itself' => fn () => [
        threeMf(builtOf('<object id="2"><components><component objectid="2"/></components></object>', [2 => null])),
        'x.3mf', 'too deeply',
    ],
    'put together in a thousand thousands' => fn () => [threeMf(builtOf(implode(array_map(
        static fn (int $id): string => "<object id=\"{$id}\"><components>"
            .str_repeat('<component objectid="'.($id - 1).'"/>', 100).'</components></object>', range(2, 4),
    )), [4 => null])), 'x.3mf', 'too often'],
    'moved by what is no place' => fn () => [
        threeMf(builtOf('', [1 => '1 0 0 0 1 0 0 0 1 here 0 0'])), 'x.3mf', 'no place',
    ],
    'moved by too few' => fn () => [threeMf(builtOf('', [1 => '1 0 0'])), 'x.3mf', 'no place'],
    'never built' => fn () => [threeMf(builtOf('', [])), 'x.3mf', 'nothing in it is to be built'],
    'in files of its own' => fn () => [threeMf(str_replace(
        ['<model ', '<item '], ['<model xmlns:p="http://schemas.microsoft.com/3dmanufacturing/production/2015/06" ',
            '<item p:path="/3D/other.model" '], cubeModel(),
    )), 'x.3mf', 'files of their own'],
    'a corner that is not there' => fn () => [
        threeMf(str_replace('v1="0"', 'v1="999"', cubeModel())), 'x.3mf', 'not there',
    ],
    'a place that is no number' => fn () => [
        threeMf(preg_replace('/x="[^"]*"/', 'x="here"', cubeModel(), 1)), 'x.3mf', 'no number',
    ],
    'a bomb' => fn () => [threeMf(cubeModel().str_repeat(' ', 30_000_000)), 'x.3mf', 'packed tighter'],
    'nothing' => fn () => ['', 'x.stl', 'no triangle'],
]);

it('reads bodies that are moved, mirrored and repeated, where they are built', function (
    string $model, int $triangles, float $volume, float $tall,
): void {
    $answer = readPattern(Job::factory()->ring()->create(), threeMf($model), 'x.3mf')->assertOk();
    expect($answer->json('triangles'))->toBe($triangles)
        ->and($answer->json('read.volume'))->toEqualWithDelta($volume, 1e-2)
        ->and($answer->json('read.tall'))->toEqualWithDelta($tall, 1e-3);
})->with([
    // Two cubes of 10 mm beside one another, 5 mm between them.
    'repeated' => fn () => [builtOf('<object id="2"><components><component objectid="1"/>'
        .'<component objectid="1" transform="1 0 0 0 1 0 0 0 1 15 0 0"/></components></object>', [2 => null]),
        24, 2000.0, 25.0],
    'larger by two, and lying elsewhere' => fn () => [
        builtOf('', [1 => '2 0 0 0 2 0 0 0 2 -40 7 0.5']), 12, 8000.0, 20.0,
    ],
    'mirrored' => fn () => [builtOf('', [1 => '-1 0 0 0 1 0 0 0 1 0 0 0']), 12, 1000.0, 10.0],
    // Turned a quarter about z and then twice as long in x: it is the cube’s y that grows.
    'one place within another' => fn () => [builtOf('<object id="2"><components><component objectid="1" '
        .'transform="0 1 0 -1 0 0 0 0 1 0 0 0"/></components></object>', [2 => '2 0 0 0 1 0 0 0 1 0 0 0']),
        12, 2000.0, 20.0],
    'drawn, and not built' => fn () => [builtOf('<object id="2"><mesh><vertices><vertex x="0" y="0" z="0"/></vertices>'
        .'<triangles><triangle v1="0" v2="0" v3="0"/></triangles></mesh></object>', [1 => null]), 12, 1000.0, 10.0],
]);

it('tells how far it has come while it is read, and nothing after', function (): void {
    $job = Job::factory()->ring()->create();
    $progress = fn (): ?float => $this->getJson("/api/jobs/{$job->number}/pattern/progress")->assertOk()->json('share');
    expect($progress())->toBeNull();
    $path = tempnam(sys_get_temp_dir(), 'far');
    $cubes = [];
    for ($i = 0; $i < 4000; $i++) {
        foreach (cubeTriangles(1.0) as $t) {
            $cubes[] = array_map(static fn (float $at, int $way): float => $at + [
                $i % 50 * 2.0, intdiv($i, 50) * 2.0, 0.0,
            ][$way % 3], $t, array_keys($t));
        }
    }
    file_put_contents($path, stlBytes($cubes));
    $told = [];
    PatternFile::read($path, function (float $share) use ($job, &$told, $progress): void {
        PatternProgress::told($job, $share);
        $told[] = $progress();
    });
    // 48,000 triangles, read twice: told at every twenty thousandth.
    expect($told)->toEqualWithDelta([20 / 96, 40 / 96, 0.5 + 20 / 96, 0.5 + 40 / 96], 0.001);
    readPattern($job, (string) file_get_contents($path))->assertOk();
    unlink($path);
    expect($progress())->toBeNull();
});

it('feeds the sprue by the heaviest section that was read, whatever Form drew', function (): void {
    $job = Job::factory()->ring()->create();
    $size = static fn (string $path, string $to): array => ['path' => $path, 'from' => null, 'to' => $to];
    $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
        $size('wax.file_section', '0.9 mm'), $size('wax.file_section_base', '0.5 mm'),
        $size('wax.file_bore', '18.4 mm'), $size('wax.file_thickness', '3 mm'),
        $size('wax.file_thickness_base', '2 mm'),
    ]])->assertOk();
    $sprue = $this->getJson("/api/jobs/{$job->number}?station=tree")->json('answers')['sprue.size']['results'];
    expect($sprue['diameter']['value'])->toEqualWithDelta(4 * 1.1 * 0.9, 1e-9)
        ->and($sprue['thinnest_modulus']['value'])->toEqualWithDelta(0.5, 1e-9)
        ->and($sprue['reaches']['value'][0]['reach_mm'])->toEqualWithDelta(M_PI * (18.4 + 2.5) / 2, 1e-6);
});

it('wants to know whether the file carries its shrinkage', function (): void {
    $job = Job::factory()->ring()->create();
    $this->postJson("/api/jobs/{$job->number}/pattern", [])->assertStatus(422)->assertJsonPath(
        'errors.carries.0', fn (string $words): bool => $words !== '',
    );
    expect(readPattern($job, stlBytes(cubeTriangles()), carries: 'perhaps')->status())->toBe(422);
});

it('goes by the pattern from the wax on: charge, blank, flask and powder', function (): void {
    $job = Job::factory()->ring()->create();
    $answers = static function (string $station) use ($job): array {
        return test()->getJson("/api/jobs/{$job->number}?station={$station}")->assertOk()->json('answers');
    };
    $before = $answers('tree');
    $size = static fn (string $path, string $to): array => ['path' => $path, 'from' => null, 'to' => $to];
    $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
        $size('wax.file_volume', '800 mm3'), $size('wax.file_across', '24 mm'), $size('wax.file_along', '9 mm'),
        $size('wax.file_tall', '31 mm'),
    ]])->assertOk();
    $after = $answers('tree');
    $charge = $answers('pour')['metal.charge']['results'];
    $alloy = $job->held()->text('brief.alloy');
    $density = array_column($job->settings()->rows('stock.alloys'), 'density', 'name')[$alloy];
    // 800 mm³ of wax in metal, as the bench reckons a charge.
    expect($charge['piece_mass']['value'])->toEqualWithDelta(0.8 * $density, 1e-6)
        ->and($after['flask.choose']['results']['flask']['value'])->not->toBeNull()
        ->and($after['investment.mix']['results']['powder_mass']['value'])
        ->not->toBe($before['investment.mix']['results']['powder_mass']['value']);
    $input = $this->getJson("/api/jobs/{$job->number}?station=tree")->json('inputs')['flask.choose'];
    expect($input['across']['value'])->toEqual(24)->and($input['deep']['value'])->toEqual(9)
        ->and($input['tall']['value'])->toEqual(31)->and($input['tall']['path'])->toBe('wax.file_tall');
});

it('reads a fifth of a million triangles as a stream, in little room', function (): void {
    // A sheet of steps would not close: many cubes beside one another do.
    $path = tempnam(sys_get_temp_dir(), 'large');
    $file = fopen($path, 'wb');
    $cubes = 16_000;
    fwrite($file, str_repeat(' ', 80).pack('V', 12 * $cubes));
    for ($i = 0; $i < $cubes; $i++) {
        [$x, $y, $z] = [$i % 40 * 2.0, intdiv($i, 40) % 40 * 2.0, intdiv($i, 1600) * 2.0];
        $bytes = '';
        foreach (cubeTriangles(1.0) as $t) {
            $bytes .= pack('g12v', 0, 0, 0, $t[0] + $x, $t[1] + $y, $t[2] + $z, $t[3] + $x, $t[4] + $y, $t[5] + $z,
                $t[6] + $x, $t[7] + $y, $t[8] + $z, 0);
        }
        fwrite($file, $bytes);
    }
    fclose($file);
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $facts = PatternFile::read($path);
    unlink($path);
    expect($facts->volume)->toEqualWithDelta($cubes, 0.5)->and($facts->triangles)->toBe(12 * $cubes)
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(60 * 1024 * 1024);
});
