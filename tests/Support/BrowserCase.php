<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Job;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverDimension;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Foundation\Testing\TestCase;
use PHPUnit\Framework\AssertionFailedError;

/** The real screens in headless Chromium, over the database that bin/test serves. */
abstract class BrowserCase extends TestCase
{
    private const PATIENCE = 20.0;

    /** Brings an element into the middle, and says whether it then stands still: a press on what moves goes astray. */
    private const STANDS = <<<'JS'
        const [element, done] = arguments;
        element.scrollIntoView({ block: 'center' });
        const place = () => { const { x, y, width } = element.getBoundingClientRect(); return `${x} ${y} ${width}`; };
        const before = place();
        requestAnimationFrame(() => requestAnimationFrame(() => done(element.isConnected && place() === before)));
        JS;

    private static ?RemoteWebDriver $shared = null;

    protected RemoteWebDriver $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser = self::$shared ??= self::kept();
        // A page of the same door that runs nothing: the application itself would be begun once more for every test.
        $this->browser->get($this->url('/look.css'));
        $this->browser->executeScript('localStorage.clear()');
        $this->browser->manage()->deleteAllCookies();
    }

    /** One browser for all files of a lane: it is known by the session that the first of them began. */
    private static function kept(): RemoteWebDriver
    {
        $kept = (string) getenv('HOT_SPRUE_SESSION');
        if ($kept !== '' && is_file($kept)) {
            return RemoteWebDriver::createBySessionID(
                (string) file_get_contents($kept), (string) getenv('HOT_SPRUE_DRIVER'), 30_000, 60_000, true,
                DesiredCapabilities::chrome(),
            );
        }
        $browser = self::open();
        $kept === '' ? register_shutdown_function($browser->quit(...)) : file_put_contents(
            $kept, $browser->getSessionID(),
        );

        return $browser;
    }

    /** A browser of its own: an empty profile, nobody's cookies. */
    public static function open(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $options = (new ChromeOptions)->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync',
            '--force-prefers-reduced-motion', '--lang=en-GB', '--use-gl=angle', '--use-angle=swiftshader',
            '--enable-unsafe-swiftshader',
            // No page lives long enough here to gain from code compiled once more: a seventh of all work went there.
            '--js-flags=--no-opt',
            '--user-data-dir='.sys_get_temp_dir().'/hot-sprue-'.bin2hex(random_bytes(6)),
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = RemoteWebDriver::create((string) getenv('HOT_SPRUE_DRIVER'), $capabilities, 30_000, 60_000);
        $browser->manage()->window()->setSize(new WebDriverDimension($width, $height));

        return $browser;
    }

    public function browser(): RemoteWebDriver
    {
        return $this->browser;
    }

    public function url(string $path): string
    {
        return getenv('HOT_SPRUE_URL').$path;
    }

    public function visit(string $path): void
    {
        $this->browser->get($this->url($path));
    }

    /** Goes to a page as by a link of the page that stands, without loading the application anew. */
    public function go(string $path): void
    {
        if ($this->browser->executeScript('return document.querySelector("#bench > *") === null')) {
            $this->visit($path);

            return;
        }
        $this->browser->executeScript(
            // With a key and a place of its own, as the router gives each page it goes to.
            'const state = { key: String(Math.random()), idx: (history.state?.idx ?? 0) + 1, usr: null };'
                .'history.pushState(state, "", arguments[0]); dispatchEvent(new PopStateEvent("popstate", { state }))',
            [$path],
        );
    }

    /** Opens a job at a station, by the station bar where the job is open, and waits for its page. */
    public function station(Job $job, string $station): void
    {
        $there = "/jobs/{$job->number}/{$station}";
        $bar = "nav[aria-label=\"Stations\"] a[href=\"{$there}\"]";
        $this->all($bar) === [] ? $this->go($there) : $this->browser->executeScript('arguments[0].click()', [
            $this->find($bar),
        ]);
        $this->find("{$bar}[aria-current]");
        $this->find('main ~ footer');
    }

    public function find(string $css): WebDriverElement
    {
        /** @var WebDriverElement */
        return $this->until(fn (): ?WebDriverElement => $this->all($css)[0] ?? null, "{$css} did not appear");
    }

    /** @return list<WebDriverElement> */
    public function all(string $css): array
    {
        return array_values($this->browser->findElements(WebDriverBy::cssSelector($css)));
    }

    public function gone(string $css): void
    {
        $this->until(fn (): bool => $this->all($css) === [], "{$css} is still there");
    }

    public function click(string $css): void
    {
        $why = 'it is not there';
        $this->until(function () use ($css, &$why): bool {
            $element = $this->all($css)[0] ?? null;
            if ($element === null) {
                return false;
            }
            // Nobody presses what is grey: the driver would, and nothing would come of it.
            if (! $element->isEnabled()) {
                $why = 'it is grey';

                return false;
            }
            if (! $this->standsStill($element)) {
                $why = 'it does not stand still';

                return false;
            }
            try {
                $element->click();
            } catch (WebDriverException $refused) {
                $why = $refused->getMessage();

                return false;
            }

            return true;
        }, static function () use ($css, &$why): string {
            return "{$css} cannot be clicked: {$why}";
        });
    }

    private function standsStill(WebDriverElement $element): bool
    {
        try {
            return $this->browser->executeAsyncScript(self::STANDS, [$element]) === true;
        } catch (WebDriverException) {
            // The page went away under the look.
            return false;
        }
    }

    /** Presses and keeps holding, as what cannot be taken back asks for. */
    public function hold(string $css): void
    {
        $this->browser->executeScript(
            'arguments[0].dispatchEvent(new PointerEvent("pointerdown", { bubbles: true, pointerId: 1 }))',
            [$this->find($css)],
        );
    }

    /** Clicks the button with this name for a screen reader. */
    public function press(string $name): void
    {
        $this->click(sprintf('[aria-label="%s"]', $name));
    }

    /** Types into the field under a label. */
    public function fill(string $label, string $text): void
    {
        $this->until(
            fn (): WebDriverElement|false => $this->browser->findElements(
                WebDriverBy::xpath(sprintf('//label[contains(., "%s")]//input', $label)),
            )[0] ?? false,
            "there is no field “{$label}”",
        )->sendKeys($text);
    }

    /** Clicks the button with these words on it. */
    public function tap(string $words): void
    {
        $this->until(function () use ($words): bool {
            $found = $this->browser->findElements(
                WebDriverBy::xpath(
                    sprintf('//button[normalize-space()="%1$s"] | //a[normalize-space()="%1$s"]', $words),
                ),
            );
            if ($found === [] || ! $found[0]->isEnabled() || ! $this->standsStill($found[0])) {
                return false;
            }
            try {
                $found[0]->click();
            } catch (WebDriverException) {
                return false;
            }

            return true;
        }, "“{$words}” cannot be tapped");
    }

    /** The path of a figure of the row in hand: a new one has a key that only the screen knows. */
    public function inRow(string $group, string $name): string
    {
        return (string) $this->find(
            "[data-readings=\"{$group}\"] [data-path\$=\".{$name}\"]",
        )->getAttribute('data-path');
    }

    /** Makes another setting, and gives its key once it is in hand. */
    public function anotherSetting(string $than): string
    {
        $this->saved();
        $this->tap('another setting');

        return $this->until(function () use ($than): ?string {
            $path = $this->all('[data-readings="settings"] [data-path$=".holds"]')[0]?->getAttribute('data-path');
            $key = explode('.', (string) $path)[1] ?? $than;

            return $key === $than ? null : $key;
        }, 'no other setting came in hand');
    }

    /** Types into a figure where it stands, on the drawing if it stands there. */
    public function type(string $path, string $text, string $within = ''): void
    {
        $field = trim("{$within} [data-path=\"{$path}\"] input");
        $this->until(function () use ($path, $text, $within, $field): bool {
            $input = $this->all($field)[0] ?? null;
            if ($input === null) {
                $this->click(trim("{$within} button[data-path=\"{$path}\"]"));
                // A box that steps aside under the press is pressed again, as a hand does.
                for ($look = 0; $look < 20 && $input === null; $look++) {
                    usleep(50_000);
                    $input = $this->all($field)[0] ?? null;
                }
            }
            $input?->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $input?->sendKeys([$text === '' ? WebDriverKeys::BACKSPACE : $text, WebDriverKeys::ENTER]);

            return $input !== null;
        }, "{$path} cannot be typed into");
    }

    /** Chooses in a list where it stands. */
    public function choose(string $path, string $value): void
    {
        $this->until(function () use ($path, $value): bool {
            $select = $this->all("[data-path=\"{$path}\"] select")[0] ?? null;
            if ($select === null) {
                return false;
            }
            $select->findElement(WebDriverBy::cssSelector("option[value=\"{$value}\"]"))->click();

            return true;
        }, "{$path} offers no {$value}");
    }

    /** Pulls an element by so many px, in one go as a hand does. */
    public function pull(string $css, int $right, int $down): void
    {
        $element = $this->find($css);
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
        [$x, $y] = (array) $this->browser->executeScript(
            'const box = arguments[0].getBoundingClientRect(); return [Math.round(box.x + box.width / 2), '
                .'Math.round(box.y + box.height / 2)]',
            [$element],
        );
        $moves = [
            ['type' => 'pointerMove', 'duration' => 0, 'x' => $x, 'y' => $y], ['type' => 'pointerDown', 'button' => 0],
            ['type' => 'pointerMove', 'duration' => 200, 'x' => $x + $right, 'y' => $y + $down],
            ['type' => 'pointerUp', 'button' => 0],
        ];
        $hand = ['type' => 'pointer', 'id' => 'hand', 'parameters' => ['pointerType' => 'mouse'], 'actions' => $moves];
        $this->browser->executeCustomCommand('/session/:sessionId/actions', 'POST', ['actions' => [$hand]]);
    }

    public function keys(string ...$keys): void
    {
        $this->browser->getKeyboard()->sendKeys($keys);
    }

    public function text(string $css): string
    {
        return $this->find($css)->getText();
    }

    public function reads(string $css, string $text): void
    {
        $last = '';
        $this->until(function () use ($css, $text, &$last): bool {
            // Asked of the page itself: the driver's own reading of a whole page takes longer than most pages.
            $script = 'return document.querySelector(arguments[0])?.innerText ?? null';
            $last = (string) ($this->browser->executeScript($script, [$css]) ?? '(nothing)');

            return str_contains($last, $text);
        }, static function () use ($css, $text, &$last): string {
            return sprintf('%s reads “%s”, not “%s”', $css, mb_substr($last, 0, 400), $text);
        });
    }

    public function sees(string $text): void
    {
        $this->reads('body', $text);
    }

    /** A figure at the foot of the page. */
    public function figure(string $figure, string $text): void
    {
        $this->reads("[data-figure=\"{$figure}\"]", $text);
    }

    /** Waits until nothing that was typed is still unsaved. */
    public function saved(): void
    {
        $this->until(
            fn (): bool => $this->browser->executeScript(
                'return Object.keys(localStorage).every((key) => !key.startsWith("hot-sprue.job."))',
            ) === true,
            'what was typed was not saved',
        );
    }

    /**
     * @template T
     *
     * @param  callable(): T  $try
     * @param  string|callable(): string  $otherwise
     * @return T
     */
    public function until(callable $try, string|callable $otherwise): mixed
    {
        $end = microtime(true) + self::PATIENCE;
        do {
            try {
                $found = $try();
                if ($found !== null && $found !== false) {
                    $this->addToAssertionCount(1);

                    return $found;
                }
            } catch (StaleElementReferenceException) {
                // The page was drawn anew under the look: look again.
            }
            usleep(60_000);
        } while (microtime(true) < $end);
        throw new AssertionFailedError(is_string($otherwise) ? $otherwise : $otherwise());
    }

    /** A page as Chromium prints it, on A4 unless said; mm. */
    public function printed(string $path, float $wide = 210.0, float $high = 297.0): string
    {
        $this->visit($path);
        $this->find('svg, table');
        usleep(400_000);
        $pdf = (new ChromeDevToolsDriver($this->browser))->execute(
            'Page.printToPDF', [
                'preferCSSPageSize' => true, 'printBackground' => true, 'paperWidth' => $wide / 25.4,
                'paperHeight' => $high / 25.4,
            ],
        );
        $file = (string) tempnam(sys_get_temp_dir(), 'print');
        file_put_contents($file, base64_decode((string) $pdf['data'], true));

        return $file;
    }
}
