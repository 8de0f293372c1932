<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Job;
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
    private const PATIENCE = 10.0;

    private static ?RemoteWebDriver $shared = null;

    protected RemoteWebDriver $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser = self::$shared ??= self::open();
        $this->browser->get($this->url('/'));
        $this->browser->executeScript('localStorage.clear()');
    }

    public static function tearDownAfterClass(): void
    {
        self::$shared?->quit();
        self::$shared = null;
        parent::tearDownAfterClass();
    }

    /** A browser of its own: an empty profile, nobody's cookies. */
    public static function open(int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $options = (new ChromeOptions)->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync',
            '--force-prefers-reduced-motion', '--lang=en-GB', '--user-data-dir='.sys_get_temp_dir().'/hot-sprue-'.bin2hex(random_bytes(6)),
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = RemoteWebDriver::create((string) getenv('HOT_SPRUE_DRIVER'), $capabilities, 30_000, 60_000);
        $browser->manage()->window()->setSize(new WebDriverDimension($width, $height));

        return $browser;
    }

    public function url(string $path): string
    {
        return getenv('HOT_SPRUE_URL').$path;
    }

    public function visit(string $path): void
    {
        $this->browser->get($this->url($path));
    }

    /** Opens a job at a station and waits for its page. */
    public function station(Job $job, string $station): void
    {
        $this->visit("/jobs/{$job->number}/{$station}");
        $this->find('[data-testid="next"]');
    }

    public function find(string $css): WebDriverElement
    {
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
        $this->until(function () use ($css): bool {
            $element = $this->all($css)[0] ?? null;
            if ($element === null) {
                return false;
            }
            $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$element]);
            try {
                $element->click();
            } catch (StaleElementReferenceException|WebDriverException) {
                return false;
            }

            return true;
        }, "{$css} cannot be clicked");
    }

    public function press(string $words): void
    {
        $this->click(sprintf('button[data-words="%1$s"], [aria-label="%1$s"]', $words));
    }

    /** Clicks the button with these words on it. */
    public function tap(string $words): void
    {
        $this->until(function () use ($words): bool {
            $found = $this->browser->findElements(WebDriverBy::xpath(sprintf('//button[normalize-space()="%1$s"] | //a[normalize-space()="%1$s"]', $words)));
            if ($found === []) {
                return false;
            }
            $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$found[0]]);
            try {
                $found[0]->click();
            } catch (WebDriverException) {
                return false;
            }

            return true;
        }, "“{$words}” cannot be tapped");
    }

    /** Types into a figure where it stands, on the drawing if it stands there. */
    public function type(string $path, string $text, string $within = ''): void
    {
        $this->click(trim("{$within} button[data-path=\"{$path}\"]"));
        $input = $this->find(trim("{$within} [data-path=\"{$path}\"] input"));
        $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $input->sendKeys($text === '' ? WebDriverKeys::BACKSPACE : $text);
        $this->browser->getKeyboard()->sendKeys(WebDriverKeys::ENTER);
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
            $last = ($this->all($css)[0] ?? null)?->getText() ?? '(nothing)';

            return str_contains($last, $text);
        }, static function () use ($css, $text, &$last): string {
            return "{$css} reads “{$last}”, not “{$text}”";
        });
        $this->addToAssertionCount(1);
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
        $this->until(fn (): bool => $this->browser->executeScript('return Object.keys(localStorage).every((key) => !key.startsWith("hot-sprue.job."))') === true, 'what was typed was not saved');
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
                    return $found;
                }
            } catch (StaleElementReferenceException) {
                // The page was drawn anew under the look: look again.
            }
            usleep(60_000);
        } while (microtime(true) < $end);
        throw new AssertionFailedError(is_string($otherwise) ? $otherwise : $otherwise());
    }
}
