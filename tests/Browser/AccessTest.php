<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

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
