<?php

declare(strict_types=1);

namespace Tools\Commands;

use HotSprue\Calculations;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Http;
use RuntimeException;
use Throwable;
use Tools\Benchmark\Browser;
use Tools\Benchmark\JobTrials;
use Tools\Benchmark\LargeWorkshop;
use Tools\Benchmark\ManySettings;
use Tools\Benchmark\Measured;
use Tools\Benchmark\Planning;
use Tools\Benchmark\Solids;
use Tools\Benchmark\Trials;

/** Measures each sheet in the core and over HTTP, what a page weighs, and how soon answers follow typing. */
final class BenchCommand extends Command
{
    protected $signature = 'sprue:bench {--times=200 : How often each sheet is reckoned} {--url= : A running '
        .'application, for HTTP, weight and typing; only the core otherwise} {--driver= : A running ChromeDriver, for '
            .'a page in Chromium}';

    protected $description = 'Measures how quick everything is, beside what is wanted';

    public function handle(): int
    {
        try {
            JobTrials::largest();
        } catch (QueryException|RuntimeException) {
            $this->error('There is no open job here to measure: bin/start makes the demo.');

            return self::FAILURE;
        }
        // Where there is no opcache to turn on, it measures without.
        if (extension_loaded('Zend OPcache') && ! filter_var(ini_get('opcache.enable_cli'), FILTER_VALIDATE_BOOL)) {
            return $this->asServed();
        }
        $times = max(20, (int) $this->text('times'));
        $url = rtrim($this->text('url'), '/');
        $driver = $this->text('driver');
        $slow = $unmeasured = 0;
        foreach ([
            'the core' => fn (): iterable => $this->core($times),
            'jobs' => static fn (): iterable => JobTrials::core($times),
            'many settings' => static fn (): iterable => ManySettings::measure($times),
            'a large workshop' => static fn (): iterable => LargeWorkshop::measure(),
            'planning' => static fn (): iterable => Planning::measure(),
            'solids' => static fn (): iterable => Solids::measure(max(10, intdiv($times, 10))),
            'HTTP' => fn (): iterable => $url === '' ? [] : $this->http($url, intdiv($times, 10)),
            'weight' => fn (): iterable => $url === '' ? [] : $this->weight($url),
            'Chromium' => static fn (): iterable => $url === '' || $driver === ''
                ? []
                : Browser::measure($driver, $url),
        ] as $what => $measure) {
            try {
                foreach ($measure() as $one) {
                    $this->line($one->line());
                    $slow += $one->isEnough() ? 0 : 1;
                }
            } catch (Throwable $failed) {
                $unmeasured++;
                $this->error("{$what} could not be measured: ".strtok($failed->getMessage(), "\n"));
            }
        }
        $this->line($slow === 0
            ? 'All that was measured is within what is wanted.'
            : "{$slow} slower or heavier than wanted.");

        return $slow + $unmeasured === 0 ? self::SUCCESS : self::FAILURE;
    }

    /** Once more, its code compiled once and kept, as the application is served. */
    private function asServed(): int
    {
        $again = [PHP_BINARY, '-d', 'opcache.enable_cli=1', ...(array) ($_SERVER['argv'] ?? [])];
        passthru(implode(' ', array_map(escapeshellarg(...), array_filter($again, is_string(...)))), $status);

        return $status;
    }

    private function text(string $option): string
    {
        $value = $this->option($option);

        return is_string($value) ? $value : '';
    }

    /** @return iterable<Measured> */
    private function core(int $times): iterable
    {
        $settings = WorkshopSettings::shipped();
        foreach (Trials::all() as $name => [$sheet, $raw, $wanted]) {
            $calculation = Calculations::named($sheet);
            $fields = Calculations::describe($sheet)->inputs;
            yield Measured::of(
                "core {$name}", $times,
                static fn () => $calculation->reckon(Input::read($fields, $raw, $settings), $settings), $wanted,
            );
        }
    }

    /** @return iterable<Measured> */
    private function http(string $url, int $times): iterable
    {
        foreach (Trials::all() as $name => [$sheet, $raw, $wanted]) {
            yield Measured::of(
                "HTTP {$name}", $times,
                static fn () => Http::timeout(10)->post("{$url}/api/reckon/{$sheet}", $raw)->throw(), $wanted + 60.0,
            );
        }

        yield from JobTrials::http($url, max(20, $times));
    }

    /** @return iterable<Measured> */
    private function weight(string $url): iterable
    {
        $page = self::body("{$url}/");
        preg_match_all('#(?:src|href)="([^"]+\.js)"#', $page, $scripts);
        $bytes = 0;
        foreach (array_unique($scripts[1]) as $script) {
            $bytes += strlen(
                (string) gzencode(self::body(str_starts_with($script, 'http') ? $script : $url.$script), 6),
            );
        }

        yield new Measured('first scripts, gzipped', $bytes / 1000, 350.0, 'kB');
    }

    private static function body(string $url): string
    {
        return (string) @file_get_contents($url);
    }
}
