<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Workshop;
use HotSprue\Job\JobAnswers;

/** The workshop as it stands after `bin/start --empty`: nothing in it, and nobody was asked. */
function sweptBench(): void
{
    Job::query()->where('state', 'open')->update(['state' => 'put-by']);
    Workshop::the()->update(['timezone' => 'UTC', 'timezone_agreed' => false]);
}

afterEach(function (): void {
    Job::query()->where('state', 'put-by')->update(['state' => 'open']);
    Workshop::the()->update(['timezone_agreed' => true]);
});

it('greets an empty workshop, asks on one page, and leads to a first wax weighed in ten actions', function (): void {
    sweptBench();
    $this->visit('/');
    $this->reads('h1', 'Welcome');
    expect($this->all('[data-testid="zone-question"]'))->toBe([]);
    // The usual figures stand there.
    expect($this->find('[aria-label="Lengths are shown in"]')->getAttribute('value'))->toBe('mm')
        ->and($this->find('[aria-label="The kiln climbs, °C a minute"]')->getAttribute('value'))->toBe('6');
    $this->find('[aria-label="Who works here"]')->sendKeys('Ragna Ost');
    $this->find('[aria-label="Heat in"] option[value="F"]')->click();
    $this->find('[aria-label="Metal is poured by"] option[value="vacuum"]')->click();
    $this->find('[aria-label="The workshop’s time"] option[value="Europe/Oslo"]')->click();
    $this->browser()->executeScript(
        'for (const one of document.querySelectorAll("[data-testid=welcome] label")) '
            .'if (one.textContent.trim() === "4×6") one.querySelector("input").click();',
    );
    $this->tap('Open the workshop');
    $this->until(fn (): bool => Workshop::the()->timezone_agreed, 'it was not opened');
    $settings = Workshop::the()->rulebook->settings();
    expect(Workshop::the()->timezone)->toBe('Europe/Oslo')
        ->and($settings->text('charge.method'))->toBe('vacuum')->and($settings->text('units.temperature'))->toBe('F')
        ->and(array_column($settings->rows('stock.flasks'), 'name'))->not->toContain('4×6')->toContain('3×4')
        ->and($settings->num('burnout.climb_c_per_min'))->toBe(6.0);
    $this->reads('header', 'Ragna Ost at the bench');
    // Name, finger, start; metal; on to Form, width, thickness; on to Wax, weighed: nine actions.
    $this->fill('What is it called?', 'first ring');
    $this->fill('Finger', 'US 7');
    $this->tap('Take this commission');
    $this->choose('brief.alloy', 'sterling-925');
    $this->saved();
    $this->click('nav[aria-label="Stations"] a[href$="/form"]');
    $this->type('form.width_top', '4');
    $this->type('form.thickness_top', '2');
    $this->saved();
    $this->click('nav[aria-label="Stations"] a[href$="/wax"]');
    $this->type('attempts.0.wax_mass', '0.6');
    // 0.6 g of wax at 1.00 in sterling of 10.36.
    $this->figure('metal.charge/piece_mass', '6.22');
});

it('says what it will not take, and keeps the rest as typed', function (): void {
    sweptBench();
    $this->visit('/');
    $this->find('[aria-label="Who works here"]')->sendKeys('Ragna Ost');
    $climb = $this->find('[aria-label="The kiln climbs, °C a minute"]');
    $climb->clear();
    $climb->sendKeys('fast');
    $this->tap('Open the workshop');
    $this->reads('[data-testid="welcome"] [role="alert"]', '°C a minute');
    expect(Workshop::the()->timezone_agreed)->toBeFalse()
        ->and($this->find('[aria-label="Who works here"]')->getAttribute('value'))->toBe('Ragna Ost');
});

it('shows on another tablet what the workshop shows, until somebody turns it there', function (): void {
    $workshop = Workshop::the();
    $this->browser()->executeScript('localStorage.clear()');
    $job = Job::factory()->ring()->create();
    $put = fn (array $figures) => $this->browser()->executeAsyncScript(
        'const done = arguments[1]; fetch("/api/shop", { method: "PUT", headers: { "Content-Type": "application/json", '
            .'"Idempotency-Key": crypto.randomUUID() }, body: JSON.stringify(arguments[0]) }).then(() => done());',
        [$figures],
    );
    $this->visit('/');
    $put(['units.length' => 'in']);
    $this->station($job, 'form');
    // 5 mm.
    $this->reads('button[data-path="form.width_top"]', '0.197');
    $this->click('[aria-label^="in in; tap"], [aria-label^="in g; tap"]');
    $put(['units.length' => null]);
    expect(JobAnswers::of($job->held(), $job->settings())->value('form.band', 'width_greatest'))->toEqual(5.0)
        ->and($workshop->refresh()->rulebook->settings()->text('units.length'))->toBe('mm');
});
