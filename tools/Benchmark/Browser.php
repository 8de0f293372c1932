<?php

declare(strict_types=1);

namespace Tools\Benchmark;

use App\Models\Job;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** A page in Chromium: when it can be used, and how soon an answer follows typing. Needs the development packages. */
final class Browser
{
    private const ROUNDS = 20;

    /** @return iterable<Measured> */
    public static function measure(string $driver, string $url): iterable
    {
        $options = (new ChromeOptions)->addArguments(
            [
                '--headless', '--no-sandbox', '--disable-gpu', '--no-first-run',
                '--user-data-dir='.sys_get_temp_dir().'/sprue-bench-'.bin2hex(random_bytes(6)),
            ],
        );
        $browser = RemoteWebDriver::create(
            $driver, DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options),
        );
        try {
            $number = Job::query()
                ->where('state', 'open')->where('document', 'like', '%thickness_top%')->value('number');
            // A fresh machine may be long over its first page.
            $browser->manage()->timeouts()->setScriptTimeout(60);
            $usable = $typing = [];
            for ($i = 0; $i < self::ROUNDS; $i++) {
                $browser->get("{$url}/jobs/{$number}/form");
                $usable[] = self::script($browser, self::USABLE);
            }
            yield new Measured('a job’s page can be used', self::late($usable), 1500.0);
            // Let the page come to rest, then type into it again and again.
            sleep(2);
            for ($i = 0; $i < self::ROUNDS; $i++) {
                $typing[] = self::script($browser, self::TYPING, [2 + $i / 100]);
                $browser->executeScript('document.activeElement.blur()');
                sleep(1);
            }
            yield new Measured('answer after typing', self::late($typing), 60.0);
        } finally {
            $browser->quit();
        }
    }

    /**
     * The 95th percentile.
     *
     * @param  list<float>  $times
     */
    private static function late(array $times): float
    {
        sort($times);

        return $times[(int) ceil(0.95 * count($times)) - 1];
    }

    private const USABLE = 'const done = arguments[0]; const look = () => '
        .'document.querySelector("[data-view=\"form.band/ring\"] button[data-path]") ? done(performance.now()) : '
            .'requestAnimationFrame(look); look();';

    private const TYPING = <<<'JS'
        const [thick, done] = arguments;
        const figure = () => document.querySelector('[data-figure="form.band/ring_volume_mm3"]').textContent;
        const wait = () => {
            const input = document.querySelector('[data-path="form.thickness_top"] input');
            if (!input) return requestAnimationFrame(wait);
            const was = figure();
            const from = performance.now();
            Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')
                        .set.call(input, String(thick + Math.random() / 2));
            input.dispatchEvent(new Event('input', { bubbles: true }));
            const look = () => figure() !== was ? done(performance.now() - from) : requestAnimationFrame(look);
            look();
        };
        const press = () => {
            const button = document.querySelector(
                '[data-view="form.band/ring"] button[data-path="form.thickness_top"]');
            if (!button) return requestAnimationFrame(press);
            button.click();
            wait();
        };
        press();
        JS;

    /** @param list<mixed> $arguments */
    private static function script(RemoteWebDriver $browser, string $script, array $arguments = []): float
    {
        $value = $browser->executeAsyncScript($script, $arguments);

        return is_numeric($value) ? (float) $value : INF;
    }
}
