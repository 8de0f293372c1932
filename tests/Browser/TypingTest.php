<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;

it('saves no half figure, and gives back with Escape what was there', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    keyed($this, 'form.thickness_top', '1', 0);
    usleep(1_400_000);
    // A pause for thought is no answer: 1 is on the way to 1.8.
    expect($job->refresh()->held()->decision('form.thickness_top'))->toEqual(2);
    $this->find('[data-path="form.thickness_top"] input')->sendKeys('.8');
    leave($this);
    $this->until(
        fn (): bool => $job->refresh()->held()->decision('form.thickness_top') == 1.8,
        'it was not saved when it was left',
    );
    keyed($this, 'form.thickness_top', '9', 0);
    $this->keys(WebDriverKeys::ESCAPE);
    usleep(3_200_000);
    expect($job->refresh()->held()->decision('form.thickness_top'))
        ->toEqual(1.8)->and(Entry::query()->where('job_id', $job->id)->count())->toBe(1);
    // Rested on, a figure that is understood is meant, without being left.
    keyed($this, 'form.thickness_top', '1.9', 60);
    $this->until(
        fn (): bool => $job->refresh()->held()->decision('form.thickness_top') == 1.9,
        'it was not saved when it was rested on',
    );
});

it('stays, and keeps what is typed, whatever comes back from the line', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    foreach ([
        '6.5' => 'Promise.resolve(new Response("{\"number\": 1"))', '6.6' => 'Promise.resolve(new Response("{}"))',
        '6.7' => 'Promise.resolve(new Response(JSON.stringify({number: 1, document: {}, page: {}})))',
        '6.8' => 'Promise.resolve(new Response("<html>oh</html>", {status: 500}))',
        '6.9' => 'Promise.reject(new TypeError("down"))',
    ] as $width => $answer) {
        breaks($this, '/reckon', $answer);
        keyed($this, 'form.width_top', $width, 60);
        usleep(400_000);
        expect($this->all('[data-testid="next"]'))->not->toBe([], $answer)
            ->and($this->all('[data-testid="boundary"]'))->toBe([], $answer);
        leave($this);
        $this->until(
            fn (): bool => (string) $job->refresh()->held()->decision('form.width_top') === $width,
            "not saved: {$answer}",
        );
        mend($this);
    }
});

it('says what happened where a page cannot be drawn, keeps what was typed, and goes on', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    breaks(
        $this, '/reckon',
        'window.mended(path, options).then((answer) => answer.json()).then((job) => new '
            .'Response(JSON.stringify({...job, page: {...job.page, strip: null}})))',
    );
    $this->click('button[data-path="form.width_top"]');
    $this->find('[data-path="form.width_top"] input')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->find('[data-path="form.width_top"] input')->sendKeys('6.5');
    $this->reads('[data-testid="boundary"]', 'What you typed is kept');
    mend($this);
    $this->until(fn (): bool => $job->refresh()->held()->decision('form.width_top') == 6.5, 'it was not saved');
    $this->tap('Draw it again');
    $this->find('[data-testid="next"]');
});

it('keeps what waits for one job out of another, and says wherever one is that it waits', function (): void {
    [$first, $second] = [fullJob(), fullJob()];
    $this->station($first, 'form');
    breaks($this, '/changes', 'Promise.reject(new TypeError("down"))');
    $this->type('form.width_top', '7.5');
    $this->reads('[data-testid="saved"]', 'line down');
    // On to the other job without a new page, as by the link of a clock.
    $this->browser->executeScript(
        'history.pushState({}, "", arguments[0]); dispatchEvent(new PopStateEvent("popstate"))',
        ["/jobs/{$second->number}/form"],
    );
    $this->reads('h1', (string) $second->number);
    $this->reads('[data-testid="standing"]', "1 edit of {$first->number} is waiting");
    expect($this->text('button[data-path="form.width_top"]'))->toContain('5.00');
    mend($this);
    $this->until(
        fn (): bool => $first->refresh()->held()->decision('form.width_top') == 7.5,
        'what waited was not sent for its own job',
    );
    $this->gone('[data-testid="standing"]');
    expect($second->refresh()->held()->decision('form.width_top'))
        ->toEqual(5)->and(Entry::query()->where('job_id', $second->id)->count())->toBe(0);
});

it('asks nobody to take twice what was refused, and forgets the refusal when the figure changes', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    $this->browser->executeScript(
        'const real = window.fetch; window.saves = 0; window.fetch = (path, options) => { if '
            .'(String(path).includes("/changes")) window.saves++; return real(path, options); }',
    );
    $this->type('form.width_top', '5000');
    $this->reads('body', 'too large');
    usleep(5_000_000);
    expect($this->browser->executeScript('return window.saves'))
        ->toBeLessThanOrEqual(1)->and($this->find('[data-testid="next"]')->isEnabled())->toBeFalse();
    $this->type('form.width_top', '5.5');
    $this->until(
        fn (): bool => $job->refresh()->held()->decision('form.width_top') == 5.5, 'it was not saved once it was right',
    );
    $this->until(
        fn (): bool => ! str_contains($this->text('main'), 'too large'), 'the refusal of an earlier figure stands',
    );
});

it('tries a save again that failed in the server, with a word', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    breaks(
        $this, '/changes',
        '(window.asked > 1 ? window.mended(path, options) : Promise.resolve(new Response(JSON.stringify({errors: {_: '
            .'["The disk is full. Nothing was changed."]}}), {status: 507})))',
    );
    $this->type('form.width_top', '6.25');
    $this->reads('[data-testid="saved"]', 'The disk is full');
    $this->until(fn (): bool => $job->refresh()->held()->decision('form.width_top') == 6.25, 'it was not tried again');
    $this->reads('[data-testid="saved"]', 'saved');
    mend($this);
});
