<?php

declare(strict_types=1);

use App\Models\Clock;
use App\Models\Job;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

// What only a browser shows: units said and typed, single keys, clocks that tick, paper, and pages of every size.

/** What a figure says at the foot of the page: number and unit. */
function shownAs(BrowserCase $case, string $figure): string
{
    return (string) $case->browser()->executeScript(
        'return document.querySelector(arguments[0])?.parentElement.innerText.replace(/\s+/g, " ")',
        ["[data-figure=\"{$figure}\"]"],
    );
}

it('says a length in mm, inches and gauge, and goes round', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $ring = $job->held();
    expect($ring->decision('form.thickness_top'))->toEqual(2);
    // US 7 is 17.3196 across; with 2 mm above and below, 21.3196 high: 0.839 in, and by 0.127 × 92^((36 − n) ÷ 39).
    $gauge = 36 - 39 * log(21.3196 / 0.127) / log(92);
    $goesRound = ['21.32 mm' => 'mm', '0.839 in' => 'in', sprintf('−%.1f ga', -$gauge) => 'ga'];
    foreach ([...$goesRound, '21.32 mm ' => 'mm'] as $says => $unit) {
        $this->until(
            fn (): bool => shownAs($this, 'form.band/outer_height') === trim($says),
            fn (): string => shownAs($this, 'form.band/outer_height')." is not {$says}",
        );
        $this->click("[aria-label=\"in {$unit}; tap for another unit\"]");
    }
});

it('takes single keys for what they say, and for letters where something is typed', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->browser->executeScript('document.activeElement.blur()');
    $this->keys('h');
    $this->find('[data-testid="history"]');
    $this->keys('h');
    $this->gone('[data-testid="history"]');
    // In a field, keys are what is typed: neither a station, nor undo, nor print.
    $this->click('[data-view="form.band/ring"] button[data-path="form.thickness_top"]');
    $this->find('[data-view="form.band/ring"] [data-path="form.thickness_top"] input');
    $this->keys('1', 'h', 'u', 'p');
    $this->find('[data-view="form.band/ring"]');
    expect($this->browser->getCurrentURL())->toEndWith("/jobs/{$job->number}/form")
        ->and($this->all('[data-testid="history"]'))->toBe([]);
    $this->keys(WebDriverKeys::ESCAPE);
    $this->browser->executeScript('document.activeElement.blur()');
    $this->keys('p');
    $this->find('[data-ready="card"]');
});

it('ticks a clock by the server’s hour, stage after stage, and stops it', function (): void {
    $job = Job::factory()->ring()->create();
    Clock::query()->create([
        'job_id' => $job->id, 'label' => 'pickle of the walk', 'started_at' => now()->subMinutes(4),
        'stages' => [['stage' => 'hot', 'until_min' => 5], ['stage' => 'rinse', 'until_min' => 65]],
    ]);
    $this->visit('/');
    $clock = '[data-clock="pickle of the walk"]';
    $this->reads($clock, 'hot 0:');
    $left = fn (): int => (int) preg_replace('/.*0:(\d\d).*/s', '$1', $this->text($clock));
    $first = $left();
    $this->until(fn (): bool => $left() < $first, 'the clock does not tick');
    Clock::query()->where('label', 'pickle of the walk')->update(['started_at' => now()->subMinutes(5)]);
    // One that has longer to go than another gathers with the rest.
    $this->click('[data-testid="more-clocks"] summary');
    $this->reads("[data-testid=\"more-clocks\"] {$clock}", 'rinse 59:');
    Clock::query()->where('label', 'pickle of the walk')->update(['started_at' => now()->subMinutes(75)]);
    $this->reads($clock, 'pickle of the walk over by 10:');
    $this->press('Stop the clock: pickle of the walk');
    $this->gone($clock);
    expect(Clock::query()->where('label', 'pickle of the walk')->value('stopped_at'))->not->toBeNull();
});

it('writes a day as the workshop does, whatever the browser would, and edits it in its own field', function (): void {
    $job = Job::factory()->holding(['brief.title' => 'by a day', 'brief.due' => '2026-12-29'])->create();
    $this->station($job, 'brief');
    $seen = fn (): array => $this->browser()->executeScript(
        'const i = document.querySelector("input[type=date][aria-label=due]"), s = i.nextElementSibling;'
        .' return [s.textContent, getComputedStyle(s).display]',
    );
    $this->until(fn (): bool => $this->all('input[type=date][aria-label=due]') !== [], 'the day is there');
    expect($seen()[0])->toStartWith('Tue 29 Dec')->and($seen()[1])->toBe('block');
    // Under the hand the browser's own field is seen, in whatever order it has day and month.
    $this->browser()->executeScript(
        'const i = document.querySelector("input[type=date][aria-label=due]"); i.focus();'
        .' Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(i, "2026-12-31");'
        .' i.dispatchEvent(new Event("input", { bubbles: true }))',
    );
    expect($seen()[1])->toBe('none');
    $this->browser()->executeScript('document.activeElement.blur()');
    $this->until(fn (): bool => $seen()[1] === 'block', 'it is at rest');
    $this->saved();
    expect($job->refresh()->held()->decision('brief.due'))->toStartWith('2026-12-31')
        ->and($seen()[0])->toStartWith('Thu 31 Dec')->and($seen()[1])->toBe('block');
});

it('has a head of one line on a phone, however many clocks run, and folds the pages away', function (): void {
    foreach (['a bath', 'another bath', 'a third'] as $label) {
        Clock::query()->create([
            'label' => "{$label} of the phone", 'started_at' => now(), 'stages' => [
                ['stage' => 'soak', 'until_min' => 400],
            ],
        ]);
    }
    $phone = BrowserCase::open(500, 844);
    $on = function (string $script) use ($phone): void {
        $this->until(static fn (): bool => $phone->executeScript("return {$script}") === true, $script);
    };
    $press = static fn (string $css): mixed => $phone->findElement(WebDriverBy::cssSelector($css))->click();
    try {
        (new ChromeDevToolsDriver($phone))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
        $phone->get($this->url('/jobs'));
        $on('document.querySelector("[data-testid=more-clocks]") !== null');
        $on('document.querySelector("header").getBoundingClientRect().height < 60');
        $on('document.querySelector("[data-testid=kiln-now]").checkVisibility()');
        $on('/left \\+\\d/.test(document.querySelector("[data-testid=more-clocks] summary").textContent)');
        $press('[data-testid="more-clocks"] summary');
        $on('document.querySelector("[data-clock=\"a third of the phone\"] button").checkVisibility()');
        $press('[data-testid="more-clocks"] summary');
        $press('header > button');
        $on('document.querySelector("nav[aria-label=Pages] a[href=\"/rehearse\"]").checkVisibility()');
        $phone->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $on('!document.querySelector("nav[aria-label=Pages]").checkVisibility()');
        $press('header > button');
        $press('nav[aria-label="Pages"] a[href="/plan"]');
        $on('location.pathname === "/plan" && !document.querySelector("nav[aria-label=Pages]").checkVisibility()');
        $on('document.querySelector("header > button").textContent.includes("Plan")');
    } finally {
        $phone->quit();
        Clock::query()->where('label', 'like', '% of the phone')->delete();
    }
});

it('sends what is built packed, and only once', function (): void {
    $fresh = BrowserCase::open(1280, 800);
    $script = 'const [one] = performance.getEntriesByType("resource").filter(({ name }) => /assets\/main-.*js$/'
        .'.test(name)); return one && one.decodedBodySize > 0 ? { over: one.transferSize, packed: one.encodedBodySize,'
        .' whole: one.decodedBodySize } : null';
    try {
        $fresh->get($this->url('/'));
        $first = $this->until(static fn (): mixed => $fresh->executeScript($script), 'the first script did not come');
        $fresh->get($this->url('/jobs'));
        $again = $this->until(static fn (): mixed => $fresh->executeScript($script), 'it was not there again');
        $kinds = $fresh->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const names = performance.getEntriesByType('resource').map(({ name }) => name);
            Promise.all(['js', 'css', 'woff2'].map((kind) => fetch(names.find((name) => name.endsWith(`.${kind}`)))))
                .then((all) => done(all.map(({ status, headers }) => [
                    status, headers.get('content-type'), headers.get('cache-control')])));
            JS);
    } finally {
        $fresh->quit();
    }
    expect($first['packed'])->toBeLessThan(350_000)->toBeLessThan($first['whole'] / 2)
        ->and($first['over'])->toBeGreaterThan(0)
        ->and($again['over'])->toBe(0)->and($again['whole'])->toBe($first['whole'])
        ->and($kinds)->toBe([
            [200, 'text/javascript; charset=utf-8', 'public, max-age=31536000, immutable'],
            [200, 'text/css; charset=utf-8', 'public, max-age=31536000, immutable'],
            [200, 'font/woff2', 'public, max-age=31536000, immutable'],
        ]);
});
