<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Workshop;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;

// On each station a decision is changed through its dimension on the drawing alone, and what depends on it follows.

it('Form: a thicker top on the drawing weighs more, and its handle can be pulled', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $before = (float) $this->text('[data-figure="form.band/ring_volume_mm3"]');
    $this->type('form.thickness_top', '3 mm', '[data-view="form.band/ring"]');
    $this->reads('[data-view="form.band/ring"] [data-path="form.thickness_top"]', '3.00');
    $this->until(
        fn (): bool => (float) $this->text('[data-figure="form.band/ring_volume_mm3"]') > $before,
        'the volume did not follow',
    );
    $this->saved();
    $this->pull('[data-pull="thickness_top"]', 0, -20);
    $this->saved();
    $this->until(fn (): bool => $job->refresh()->held()->decision('form.thickness_top') > 3.0, 'the pull was not kept');
});

it('Burnout: another hour on the curve moves the switch-on', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'burnout');
    $this->figure('burnout.programme/start_at', 'Tue 1 Dec 2037 07:59');
    $this->browser->executeScript(<<<'JS'
        const box = '[data-view="burnout.programme/kiln"] [data-path="burnout.ready_at"]';
        const input = document.querySelector(`${box} input`);
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, '2037-12-02T10:00');
        input.dispatchEvent(new Event('input', { bubbles: true }));
        JS);
    $this->figure('burnout.programme/start_at', 'Wed 2 Dec 2037 03:59');
});

it('Burnout and a cut line say their hours by the workshop’s clock, wherever the screen stands', function (): void {
    Workshop::the()->update(['timezone' => 'Asia/Kathmandu']);
    try {
        $job = Job::factory()->ring()->create();
        $this->station($job, 'burnout');
        $this->reads('table[aria-label="Programme"] caption', 'switch on');
        preg_match('/\d\d:\d\d/', $this->text('[data-figure="burnout.programme/start_at"]'), $start);
        $rows = array_map(
            fn (WebDriverElement $row): array => array_map(
                fn (WebDriverElement $cell): string => $cell->getText(), $row->findElements(WebDriverBy::tagName('td')),
            ),
            $this->all('table[aria-label="Programme"] tbody tr'),
        );
        [$first, $second] = $rows;
        expect($this->text('table[aria-label="Programme"] caption'))
            ->toContain($start[0])->and($first[0])->toBe($start[0]);
        $later = (int) $first[3] + (int) $first[4];
        expect($second[0])->toBeIn(array_map(
            static fn (int $rounding): string => date('H:i', strtotime("{$start[0]} UTC") + 60 * ($later + $rounding)),
            [-1, 0, 1],
        ));

        breaks($this, '/', 'Promise.reject(new TypeError("cut"))');
        $this->reads('[data-testid="line-cut"]', 'has not answered since');
        $wall = static fn (int $ago): string => now('Asia/Kathmandu')->subMinutes($ago)->format('H:i');
        expect(substr($this->text('[data-testid="line-cut"]'), strlen('The application has not answered since '), 5))
            ->toBeIn([$wall(0), $wall(1)]);
        mend($this);
    } finally {
        Workshop::the()->update(['timezone' => 'UTC']);
    }
});

it('Burnout: 1000 °F is one figure on drawing, strip, card and sheet, and comes back as it '
    .'was typed', function (): void {
        $job = Job::factory()->ring()->create();
        $this->station($job, 'burnout');
        $this->type('burnout.pour_temperature', '1000 F');
        $this->figure('burnout.programme/flask_temperature', '538');
        $this->saved();
        $this->click('button[data-path="burnout.pour_temperature"]');
        $this->until(
            fn (): bool => $this->browser->executeScript('return document.activeElement.value') === '1000 F',
            'it does not come back as it was typed',
        );
        $this->keys(WebDriverKeys::ESCAPE);
        $this->until(
            fn (): bool => str_contains(
                (string) $this->browser->executeScript(
                    "return document.querySelector('[data-view=\"burnout.programme/kiln\"]').textContent",
                ),
                '538',
            ),
            'the drawing says another figure',
        );
        foreach (['kiln', 'casting'] as $sheet) {
            $file = $this->printed("/print/{$job->number}/{$sheet}");
            exec('pdftotext -layout '.escapeshellarg($file).' - 2>/dev/null', $text);
            expect(implode("\n", $text))->toContain('538')->not->toContain('537.8');
            unlink($file);
            $text = [];
        }
        // Turned to °F it is the round figure again, the axis of the drawing with it.
        $this->station($job, 'burnout');
        $this->click('[aria-label^="in °C; tap"]');
        $this->figure('burnout.programme/flask_temperature', '1000');
        $this->until(
            fn (): bool => str_contains(
                (string) $this->browser->executeScript(
                    "return document.querySelector('[data-view=\"burnout.programme/kiln\"]').textContent",
                ),
                '1350',
            ),
            'the axis did not turn',
        );
    });

it('Stones: claws that stand where a halo lies stop it, and the edge gap offered clears them', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'stones');
    $this->type('stones.0.width', '6.5');
    $this->choose('stones.0.shape', 'round');
    $this->choose('settings.0.style', 'claws');
    $row = $this->anotherSetting('0');
    $this->choose("settings.{$row}.holds", 'halo');
    $this->type("settings.{$row}.stone_diameter", '1.3');
    $this->find('[data-finding="claw-meets-stone"]');
    $this->click('[data-finding="claw-meets-stone"] button');
    $this->gone('[data-finding="claw-meets-stone"]');
    $this->saved();
    expect($job->refresh()->held()->at("settings.{$row}.edge_gap")['value'])->toEqual(0.7);
});
