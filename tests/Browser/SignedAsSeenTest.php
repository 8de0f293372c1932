<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use Facebook\WebDriver\WebDriverBy;

it('signs what is seen, and not what somebody else changed meanwhile', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    // Another tablet widens it between two looks.
    breaks($this, "/jobs/{$job->number}?", 'new Promise(() => {})');
    $other = $job->refresh()->held()->at('form.width_top');
    app(App\Bench\JobKeeper::class)->change($job, [new HotSprue\Job\Change('form.width_top', $other, '8')], null);
    $this->click('[data-testid="next"]');
    $this->sees('changed meanwhile');
    expect($job->refresh()->held()->map('stations'))->not->toHaveKey('form');
    mend($this);
    $this->visit("/jobs/{$job->number}/form");
    $this->click('[data-testid="next"]');
    $this->until(
        fn (): bool => ($job->refresh()->held()->map('stations')['form']['state'] ?? '') === 'signed',
        'it was not signed once it was seen',
    );
});

it('does a press once whose answer is lost, and asks what became of it', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    // It is done, and its answer breaks off on the way back.
    breaks($this, '/stations/', 'window.mended(path, options).then(() => Promise.reject(new TypeError("down")))');
    $this->click('[data-testid="next"]');
    $this->reads('[data-testid="standing"]', 'asking what became of it');
    $this->until(
        fn (): bool => ($job->refresh()->held()->map('stations')['form']['state'] ?? '') === 'signed',
        'it was not done',
    );
    $this->gone('[data-testid="standing"]');
    expect(Entry::query()->where('job_id', $job->id)->count())
        ->toBe(1)->and($this->browser->executeScript('return window.asked'))->toBe(1);
    mend($this);
});

it('never lands words on a neighbour when a row is taken out on another tablet', function (): void {
    $job = Job::factory()
        ->ring()
        ->holding(
            [
                'stones.0.name' => 'hers', 'stones.0.shape' => 'round', 'stones.0.width' => '4',
                'stones.1.name' => 'his', 'stones.1.shape' => 'round', 'stones.1.width' => '5',
            ],
        )
        ->create();
    $this->station($job, 'stones');
    $first = $this->browser->findElement(
        WebDriverBy::xpath('//*[@data-readings="stones"]//button[normalize-space()="1"]'),
    );
    $this->browser->executeScript('arguments[0].click()', [$first]);
    keyed($this, 'stones.0.depth', '2', 0);
    $document = $job->refresh()->held();
    app(App\Bench\JobKeeper::class)->store(
        $job, [new HotSprue\Job\Change('stones.0', $document->rows('stones')->at('0'), null, 0)], null,
    );
    $this->find('[data-path="stones.0.depth"] input')->sendKeys('.5');
    leave($this);
    $this->sees('taken out');
    $rows = $job->refresh()->held()->list('stones');
    expect($rows)->toHaveCount(1)->and($rows[0]['name']['value'])->toBe('his')->and($rows[0])->not->toHaveKey('depth');
});

it('undoes what was typed, and says what it was', function (): void {
    $job = fullJob();
    $this->station($job, 'form');
    $this->type('form.width_top', '6.5');
    $this->saved();
    $this->browser->executeScript('document.activeElement.blur()');
    $this->keys('u');
    $this->sees('Taken back: width at the top, 6.5 is 5 again');
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(5);
});

it('signs at once what was typed while its save is on its way', function (): void {
    $typed = ['form.width_top' => '3.5', 'form.thickness_top' => '2.2'];
    $job = fullJob();
    $this->station($job, 'form');
    $this->browser->executeScript(
        'const real = window.fetch; window.fetch = async (path, options) => { if (String(path).includes("/changes")) '
            .'await new Promise((done) => setTimeout(done, 1200)); return real(path, options); };',
    );
    foreach ($typed as $path => $text) {
        $this->type($path, $text);
        // Long enough for the save to have set out, too short for it to be back.
        usleep(700_000);
    }
    $this->tap('Settle this form');
    $this->reads('[data-testid="reopen"]', 'reopen');
    foreach ($typed as $path => $text) {
        expect($job->refresh()->held()->at($path)['typed'] ?? null)->toBe($text);
    }
});
