<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys;
use Tests\BrowserCase;

require_once __DIR__.'/../Support/axe.php';

/** @return list<string> every kind of page, at the demo's own jobs */
function everyKindOfPage(): array
{
    $of = static fn (string $title): int => Job::query()->where('title', $title)->firstOrFail()->number;
    $oval = $of('blue oval in a ring of diamonds');
    $signet = $of('harbour-light signet');
    $burning = Run::query()->whereNotNull('started_at')->whereNull('ended_at')->firstOrFail();

    return [
        '/', '/jobs', '/casting', "/casting/{$burning->id}", '/metal', '/sums/layout.halo', '/sums/join.plan',
        '/shop', '/plan', '/shop/own', '/workshop', "/jobs/{$oval}/price",
        "/jobs/{$oval}/brief", "/jobs/{$oval}/stones", "/jobs/{$signet}/tree",
        "/jobs/{$signet}/pour", "/jobs/{$oval}/join", "/jobs/{$oval}/handover", "/print/{$oval}/labels",
        '/rehearse', '/rehearse/push/6', '/rehearse/near-a-first', '/rehearse/pour/14k-yellow',
    ];
}

// At a laptop every kind of page; of the other sizes each a third, since the same parts stand on several pages.
it('has nothing that axe finds wrong on any kind of page, whatever the light and the screen', function (
    string $scheme, int $wide, int $high, int $each, int $from,
): void {
    $this->visit('/');
    $this->browser()->executeScript("localStorage.setItem('hot-sprue.scheme', '{$scheme}')");
    $devices = new ChromeDevToolsDriver($this->browser());
    $devices->execute('Emulation.setDeviceMetricsOverride', [
        'width' => $wide, 'height' => $high, 'deviceScaleFactor' => 1, 'mobile' => false,
    ]);
    $wrong = [];
    $looked = 0;
    $pages = array_values(array_filter(
        everyKindOfPage(), static fn (int $at): bool => $at % $each === $from, ARRAY_FILTER_USE_KEY,
    ));
    try {
        foreach ($pages as $path) {
            $this->visit($path);
            $this->find('main, .sheet-of-paper');
            usleep(300_000);
            $found = axeFinds($this);
            $looked += $found['passes'] > 5 ? 1 : 0;
            foreach ($found['wrong'] as $one) {
                $wrong[] = "{$path} {$one}";
            }
        }
    } finally {
        $devices->execute('Emulation.clearDeviceMetricsOverride');
        $this->browser()->executeScript("localStorage.removeItem('hot-sprue.scheme')");
    }
    expect($wrong)->toBe([])->and($looked)->toBe(count($pages));
})->with([
    'a laptop' => ['light', 1280, 800, 1, 0], 'a laptop in the dark' => ['dark', 1280, 800, 3, 2],
    'a small laptop in the dark' => ['dark', 1024, 768, 3, 1],
    'an upright tablet in the dark' => ['dark', 820, 1180, 3, 0],
    'a phone' => ['light', 390, 844, 3, 1], 'a laptop at 200 %' => ['light', 640, 400, 3, 0],
    'a phone in the dark' => ['dark', 390, 844, 3, 2],
]);

it('draws the edges of what is typed into and pressed at 3:1 or better', function (string $scheme): void {
    $this->visit('/');
    $this->browser()->executeScript("localStorage.setItem('hot-sprue.scheme', '{$scheme}')");
    foreach (['/sums/form.band', '/casting', '/workshop'] as $path) {
        $this->visit($path);
        $this->find('main input, main button.plate');
        $faint = $this->browser()->executeScript(<<<'JS'
            const light = (rgb) => {
                const [r, g, b] = rgb.match(/[\d.]+/g).slice(0, 3).map((one) => {
                    const part = one / 255;
                    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
                });
                return 0.2126 * r + 0.7152 * g + 0.0722 * b;
            };
            const behind = (element) => {
                for (let at = element.parentElement; at; at = at.parentElement) {
                    const colour = getComputedStyle(at).backgroundColor;
                    if (!/, 0\)$/.test(colour)) return colour;
                }
                return 'rgb(255, 255, 255)';
            };
            return [...document.querySelectorAll('main input[type=text], main input:not([type]), button.plate, select')]
                .filter((one) => one.offsetWidth > 0 && parseFloat(getComputedStyle(one).borderTopWidth) > 0)
                .flatMap((one) => {
                    const [a, b] = [light(getComputedStyle(one).borderTopColor), light(behind(one))];
                    const ratio = (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
                    return ratio < 3 ? [`${one.getAttribute('aria-label')} ${ratio.toFixed(2)}`] : [];
                });
            JS);
        expect($faint)->toBe([], "{$path} {$scheme}");
    }
    $this->browser()->executeScript("localStorage.removeItem('hot-sprue.scheme')");
})->with(['light', 'dark']);

it('puts findings under the drawing on an upright tablet, and lets the working rise from the foot', function (): void {
    $job = Job::factory()->ring()->create();
    $tablet = BrowserCase::open(820, 1180);
    try {
        $tablet->get($this->url("/jobs/{$job->number}/form"));
        $on = function (string $script) use ($tablet): mixed {
            return $this->until(static fn (): mixed => $tablet->executeScript("return {$script}"), $script);
        };
        $on('document.querySelector("footer button[data-figure]") !== null');
        $above = $on(
            '(() => { const found = document.querySelector("[aria-label=Findings]");'
                .'const rail = document.querySelector("main aside");'
                .'return found && found.getBoundingClientRect().top < rail.getBoundingClientRect().top; })()',
        );
        expect($above)->toBeTrue()
            ->and($tablet->executeScript('return document.querySelector("[data-testid=working]")'))->toBeNull();
        $tablet->executeScript('document.querySelector("footer button[data-figure]").click()');
        $on('document.querySelector("[role=dialog] [data-testid=working]") !== null');
        $bottom = $tablet->executeScript(
            'return innerHeight - document.querySelector("[role=dialog]").getBoundingClientRect().bottom',
        );
        expect(abs((float) $bottom))->toBeLessThan(1.0);
        $tablet->getKeyboard()->sendKeys(WebDriverKeys::ESCAPE);
        $on('document.querySelector("[role=dialog] [data-testid=working]") === null');
    } finally {
        $tablet->quit();
    }
});

it('speaks a stop once, when it arises, and nothing of those that stood there', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $spoken = fn (): string => (string) $this->browser()->executeScript(
        'return document.querySelector("[data-testid=new-stops]").textContent',
    );
    expect($spoken())->toBe('');
    $this->type('form.thickness_top', '0.7');
    $this->until(fn (): bool => str_starts_with($spoken(), 'Stop: '), 'no stop was spoken');
    $first = $spoken();
    $this->saved();
    $this->visit("/jobs/{$job->number}/form");
    $this->find('[data-finding]');
    usleep(500_000);
    expect($first)->toContain('mm')->and($spoken())->toBe('');
});

it('shows round a job part by part, and never offers it again once it is skipped', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->tap('show me round');
    $this->reads('[data-testid="tour"]', 'stations, in bench order');
    $this->find('nav[aria-label="Stations"].shown-round');
    $this->tap('Next');
    $this->reads('[data-testid="tour"]', '2 of 5');
    $this->find('main svg.shown-round');
    $this->tap('Back');
    $this->reads('[data-testid="tour"]', '1 of 5');
    $this->tap('Skip, and do not offer it again');
    $this->gone('[data-testid="tour"]');
    $this->gone('.shown-round');
    $this->station($job, 'form');
    expect($this->text('main'))->not->toContain('show me round');
    $this->browser()->executeScript('localStorage.removeItem("hot-sprue.tour")');
});

it('remembers that it may ring', function (): void {
    $this->visit('/');
    $this->tap('let it ring');
    $this->gone('[aria-label="Running clocks"] button:only-of-type:not([aria-label])');
    $this->visit('/jobs');
    $this->find('[aria-label="Running clocks"]');
    expect($this->text('header'))->not->toContain('let it ring');
    $this->browser()->executeScript('localStorage.removeItem("hot-sprue.sound")');
});
