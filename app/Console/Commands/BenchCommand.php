<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Benchmark\Browser;
use App\Benchmark\Measured;
use App\Benchmark\Trials;
use App\Http\Controllers\MetalController;
use App\Models\Job;
use HotSprue\Calculations;
use HotSprue\Fields\Input;
use HotSprue\Job\JobAnswers;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Console\Command;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use RuntimeException;

/** Measures each sheet in the core and over HTTP, what a page weighs, and how soon answers follow typing. */
final class BenchCommand extends Command
{
    protected $signature = 'sprue:bench {--times=200 : How often each sheet is reckoned} {--url= : A running '
        .'application, for HTTP, weight and typing; only the core otherwise} {--driver= : A running ChromeDriver, for '
            .'a page in Chromium}';

    protected $description = 'Measures how quick everything is, beside what is wanted';

    public function handle(): int
    {
        $times = max(20, (int) $this->text('times'));
        $measured = [...$this->core($times), $this->job($times), $this->statement()];
        $url = rtrim($this->text('url'), '/');
        if ($url !== '') {
            $measured = [...$measured, ...$this->http($url, intdiv($times, 10)), ...$this->weight($url)];
            $driver = $this->text('driver');
            $measured = $driver === '' ? $measured : [...$measured, ...Browser::measure($driver, $url)];
        }
        $this->table(
            ['what', 'measured', 'wanted', ''], array_map(static fn (Measured $one): array => $one->row(), $measured),
        );
        $slow = array_filter($measured, static fn (Measured $one): bool => ! $one->isEnough());
        $this->line($slow === [] ? 'All within what is wanted.' : count($slow).' slower or heavier than wanted.');

        return $slow === [] ? self::SUCCESS : self::FAILURE;
    }

    private function text(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }

    /** @return list<Measured> */
    private function core(int $times): array
    {
        $settings = WorkshopSettings::shipped();
        $measured = [];
        foreach (Trials::all() as $name => [$sheet, $raw, $wanted]) {
            $calculation = Calculations::named($sheet);
            $fields = Calculations::describe($sheet)->inputs;
            $measured[] = Measured::of(
                "core {$name}", $times,
                static fn () => $calculation->reckon(Input::read($fields, $raw, $settings), $settings), $wanted,
            );
        }

        return $measured;
    }

    private function job(int $times): Measured
    {
        $job = Job::query()
            ->with('rulebook')->whereNotNull('due_on')->orderByRaw('length(document) desc')
            ->first() ?? throw new RuntimeException('There is no job to measure; start with the demo.');
        [$document, $settings] = [$job->held(), $job->settings()];

        return Measured::of('core, a whole job', $times, static fn () => JobAnswers::of($document, $settings), 20.0);
    }

    /** The metal page's whole answer with 50,000 movements, in a database of its own in memory. */
    private function statement(): Measured
    {
        $usual = DB::getDefaultConnection();
        config(['database.connections.bench' => ['driver' => 'sqlite', 'database' => ':memory:', 'prefix' => '']]);
        DB::setDefaultConnection('bench');
        try {
            $this->callSilently('migrate', ['--force' => true]);
            DB::table('lots')->insert(
                array_map(
                    static fn (int $id): array => [
                        'id' => $id, 'name' => "lot {$id}", 'alloy' => 'sterling-925', 'fineness' => 0.925,
                        'mass_mg' => 0,
                    ],
                    range(1, 40),
                ),
            );
            foreach (array_chunk(range(1, 50_000), 500) as $ids) {
                $at = static fn (int $id): string => date('Y-m-d H:i:s', 1_700_000_000 + $id * 600);
                DB::table('movements')->insert(
                    array_map(
                        static fn (int $id): array => ['id' => $id, 'kind' => 'cut', 'made_at' => $at($id)], $ids,
                    ),
                );
                DB::table('postings')->insert(
                    array_merge(
                        ...array_map(
                            static fn (int $id): array => [
                                [
                                    'movement_id' => $id, 'lot_id' => $id % 40 + 1, 'milligrams' => -500,
                                    'made_at' => $at($id),
                                ],
                                [
                                    'movement_id' => $id, 'lot_id' => ($id + 1) % 40 + 1, 'milligrams' => 500,
                                    'made_at' => $at($id),
                                ],
                            ],
                            $ids,
                        ),
                    ),
                );
            }
            $asked = Request::create(
                '/api/metal', parameters: ['by' => 'owner', 'from' => '2024-03-01', 'to' => '2024-09-30'],
            );

            return Measured::of(
                'statement over 50,000 movements', 20, static fn () => app(MetalController::class)->index($asked),
                100.0,
            );
        } finally {
            DB::setDefaultConnection($usual);
        }
    }

    /** @return list<Measured> */
    private function http(string $url, int $times): array
    {
        $measured = [];
        foreach (Trials::all() as $name => [$sheet, $raw, $wanted]) {
            $measured[] = Measured::of(
                "HTTP {$name}", $times,
                static fn () => Http::timeout(10)->post("{$url}/api/reckon/{$sheet}", $raw)->throw(), $wanted + 60.0,
            );
        }
        $number = Job::query()->whereNotNull('due_on')->value('number');
        $measured[] = Measured::of(
            'HTTP a job, all answers', $times,
            static fn () => Http::timeout(10)->get("{$url}/api/jobs/{$number}")->throw(), 80.0,
        );
        $measured[] = Measured::of(
            'HTTP the list of jobs', $times,
            static fn () => Http::timeout(10)->get("{$url}/api/jobs?search=band")->throw(), 60.0,
        );

        return $measured;
    }

    /** @return list<Measured> */
    private function weight(string $url): array
    {
        $page = self::body("{$url}/");
        preg_match_all('#(?:src|href)="([^"]+\.js)"#', $page, $scripts);
        $bytes = 0;
        foreach (array_unique($scripts[1]) as $script) {
            $bytes += strlen(
                (string) gzencode(self::body(str_starts_with($script, 'http') ? $script : $url.$script), 6),
            );
        }

        return [new Measured('first scripts, gzipped', $bytes / 1000, 350.0, 'kB')];
    }

    private static function body(string $url): string
    {
        return (string) @file_get_contents($url);
    }
}
