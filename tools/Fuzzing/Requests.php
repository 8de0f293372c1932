<?php

declare(strict_types=1);

namespace Tools\Fuzzing;

use App\Models\Job;
use HotSprue\Calculations;
use HotSprue\Job\Station;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Randomizer;
use Tools\Benchmark\Trials;
use Tools\Contract\OpenApi;

/** Requests to every route of the contract, some as they should be and most bent somewhere. */
final class Requests
{
    private readonly Sample $sample;

    private readonly BadValues $bent;

    private readonly FuzzFiles $files;

    /** @var list<array{string, string, array<string, mixed>}> verb, path, operation */
    private array $operations = [];

    public function __construct(private readonly Randomizer $dice)
    {
        $this->sample = new Sample($dice);
        $this->bent = new BadValues($dice);
        $this->files = new FuzzFiles($dice, $this->bent);
        foreach (OpenApi::document()['paths'] as $path => $verbs) {
            foreach ($verbs as $verb => $operation) {
                $this->operations[] = [$verb, $path, $operation];
            }
        }
    }

    public function next(): FuzzRequest
    {
        [$verb, $route, $operation] = $this->sample->pick($this->operations);
        $path = (string) preg_replace_callback(
            '/\{(\w+)\}/', fn (array $found): string => $this->part($found[1]), $route,
        );
        if ($verb === 'get') {
            $path .= $this->query();
        }
        $schema = $operation['requestBody']['content']['application/json']['schema'] ?? null;
        if (str_ends_with($route, '/pictures') || str_ends_with($route, '/import')) {
            return $this->upload($verb, $route, $path);
        }
        $body = $schema === null ? [] : $this->sample->of($schema);
        if (str_ends_with($route, '/changes') || str_ends_with($route, '/reckon')) {
            $body = $this->changes();
        }
        $trial = str_starts_with($route, '/api/reckon/')
            ? Trials::inputs()[substr($route, strlen('/api/reckon/'))] ?? null
            : null;
        if ($trial !== null && $this->dice->getInt(0, 3) > 0) {
            // Other choices among figures that make sense together.
            $others = array_filter((array) $body, fn (): bool => $this->dice->getInt(0, 4) === 0);
            $body = [...$this->bent->stretched($trial), ...$others];
        } elseif ($this->dice->getInt(0, 3) > 0) {
            $body = $this->bent->body($body);
        }
        $text = $verb === 'get' ? '' : $this->text($body);

        return new FuzzRequest($verb, $route, $this->request($verb, $path, $text), $text);
    }

    private function request(string $verb, string $path, string $text): Request
    {
        $server = [
            'HTTP_ACCEPT' => 'application/json', 'HTTP_HOST' => '127.0.0.1', 'CONTENT_TYPE' => 'application/json',
            'HTTP_IDEMPOTENCY_KEY' => $this->key(),
        ];

        return Request::create($path, strtoupper($verb), server: $server, content: $text);
    }

    private function upload(string $verb, string $route, string $path): FuzzRequest
    {
        [$file, $said] = $this->files->for($route);
        $name = str_ends_with($route, '/pictures') ? 'picture' : 'file';
        $more = [
            'about' => $this->sample->pick(['', 'wax', 'stones.0', ['x'], '../x']),
            'caption' => $this->sample->pick(['', 'a', ['b'], str_repeat('c', 400)]),
            'same_client' => $this->sample->pick(['', '1']),
        ];
        $server = [
            'HTTP_ACCEPT' => 'application/json', 'HTTP_HOST' => '127.0.0.1', 'HTTP_IDEMPOTENCY_KEY' => $this->key(),
        ];

        return new FuzzRequest(
            $verb, $route,
            Request::create(
                $path, strtoupper($verb), $more, [],
                [
                    $name => new UploadedFile(
                        $file, $this->sample->pick(['a.png', 'b.json', "c\u{0}.csv", '../d.zip']), null, null, true,
                    ),
                ],
                $server,
            ),
            $said,
        );
    }

    /** @return array<string, mixed> */
    private function changes(): array
    {
        $paths = [
            ...array_keys(\HotSprue\Job\DecisionFields::all()), 'stones.0.width', 'stones.k1.species', 'joints.0.parts',
            'parts.0.id', 'cuts.1.length', 'attempts.0.wax_mass', 'castings.0.casting_mass', 'attempts.0.pairs',
            'gone.stones-0', 'stones.0', 'closed', 'version', 'overrides.0',
        ];
        $changes = array_map(
            fn (): array => [
                'path' => $this->sample->pick($paths), 'from' => null,
                'to' => $this->dice->getInt(0, 2) === 0 ? $this->bent->value() : $this->sample->word(),
            ],
            range(1, $this->dice->getInt(1, 4)),
        );

        return [
            'changes' => $changes,
            'station' => $this->sample->pick([...array_column(Station::cases(), 'value'), 'moon']), 'page' => true,
        ];
    }

    private function text(mixed $body): string
    {
        $text = (string) json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);

        return match ($this->dice->getInt(0, 60)) {
            0 => substr($text, 0, intdiv(strlen($text), 2)),
            1 => $text."\xFF\xFE",
            2 => str_replace('a', "\xE9", $text),
            3 => '',
            4 => '[1,2]',
            5 => str_repeat('[', 200),
            default => $text,
        };
    }

    private function key(): string
    {
        return $this->dice->getInt(0, 30) === 0 ? 'short' : (string) Str::uuid();
    }

    private function query(): string
    {
        $names = ['station', 'page', 'search', 'by', 'from', 'to', 'lot', 'state', 'due'];
        $values = [
            '', 'wax', '1', '-1', '9999999999999999999', 'lot', 'alloy', '2026-01-01', '2026-99-99', '%00', '%FF%FE',
            '%25', '[]', 'all', 'late',
        ];
        $parts = array_map(
            fn (): string => $this->sample->pick($names)
                .($this->dice->getInt(0, 6) === 0 ? '[]' : '').'='.$this->sample->pick($values),
            range(1, $this->dice->getInt(1, 3)),
        );

        return $this->dice->getInt(0, 1) === 0 ? '' : '?'.implode('&', $parts);
    }

    private function part(string $name): string
    {
        if ($this->dice->getInt(0, 7) === 0) {
            return $this->bent->part();
        }
        $last = static fn (string $table): array => DB::table($table)->orderByDesc('id')->limit(20)->pluck('id')->all();
        $id = fn (string $table): string => (string) $this->sample->pick($last($table) ?: [1]);

        return match ($name) {
            'job' => (string) $this->sample->pick(Job::query()->orderByDesc('id')->limit(40)->pluck('number')->all()),
            'station' => $this->sample->pick(array_column(Station::cases(), 'value')),
            'sheet' => $this->sample->pick(array_keys(Calculations::all())),
            'group' => $this->sample->pick(['stones', 'cuts', 'parts', 'joints', 'attempts', 'moon']),
            'key' => $this->sample->pick(['0', '1', 'k1', (string) Str::uuid()]),
            'view' => $this->sample->pick(['ring', 'head', 'wax', 'grid', 'moon']),
            'kind' => $this->sample->pick(['svg', 'dxf']),
            'device' => $this->sample->pick(['balance', 'caliper', 'moon']),
            'file' => $this->sample->pick(
                [str_repeat('a', 40).'.png', '.env', (string) DB::table('pictures')->value('file')],
            ),
            'run' => $id('runs'), 'flask' => $id('run_flasks'), 'alarm' => '1', 'lot' => $id('lots'),
            'movement' => $id('movements'), 'test' => $id('stretch_tests'), 'clock' => $id('clocks'),
            'person' => $id('people'),
            'look' => $id('looks'), default => '1',
        };
    }
}
