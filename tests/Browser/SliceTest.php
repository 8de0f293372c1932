<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Support\BrowserCase;

it('shows the working of a figure one tap away', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'wax');
    $this->click('[data-figure="wax.dimensions/bore"]');
    $this->reads('[data-testid="working"]', '(17.3196 − 2 × 0.1) ÷ (1 − 0.015)');
    $this->reads('[data-testid="working"]', 'the usual figure');
});

it('says what is wrong beside the figure, loses nothing, and saves the rest', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->type('form.thickness_top', '2 ells');
    $this->reads('main', 'The unit “ells” is not known here');
    $this->type('form.width_base', '3');
    $this->until(
        fn (): bool => $job->refresh()->held()->decision('form.width_base') === 3, 'the good figure was not saved',
    );
    expect($job->held()->decision('form.thickness_top'))->toEqual(2);
    $this->reads('button[data-path="form.thickness_top"]', '2 ells');
});

it('asks about what another tablet changed meanwhile, and keeps both words until told', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->browser->executeScript(
        'const send = window.fetch; window.fetch = (path, init) => String(path).includes("/changes") && !window.free '
            .'? new Promise((done) => setInterval(() => window.free && done(send(path, init)), 50)) : send(path, init)',
    );
    $this->type('form.width_top', '6');
    $other = BrowserCase::open();
    try {
        $mine = $this->browser;
        $this->browser = $other;
        $this->station($job, 'form');
        $this->type('form.width_top', '7');
        $this->saved();
        $this->browser = $mine;
        $this->browser->executeScript('window.free = true');
        $this->sees('Changed on another screen');
        expect($job->refresh()->held()->decision('form.width_top'))->toEqual(7);
        $this->tap('Keep mine');
        $this->until(
            fn (): bool => $job->refresh()->held()->decision('form.width_top') == 6, 'the kept word was not saved',
        );
    } finally {
        $other->quit();
    }
});

it('keeps what is typed when the line is down, over a reload, and sends it when it is back', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->browser->executeScript('window.fetch = () => Promise.reject(new TypeError("down"))');
    $this->type('form.width_top', '6.5');
    $this->until(
        fn (): bool => str_contains(
            (string) $this->browser->executeScript("return localStorage.getItem('hot-sprue.job.{$job->number}.1')"),
            '6.5',
        ),
        'the browser did not keep it',
    );
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(5);
    $this->visit("/jobs/{$job->number}/form");
    $this->until(
        fn (): bool => $job->refresh()->held()->decision('form.width_top') == 6.5,
        'it was not sent when the line was back',
    );
});

it('goes everywhere by keyboard', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'brief');
    $this->browser->executeScript('document.activeElement.blur()');
    $this->keys('?');
    $this->sees('the stations of a job');
    $this->keys(WebDriverKeys::ESCAPE);
    $this->gone('[role="dialog"]');
    $this->keys('2');
    $this->find('[data-view="form.band/ring"]');
    // From figure to figure with Tab, and into one with Enter.
    $this->until(function (): bool {
        $this->keys(WebDriverKeys::TAB);

        return $this->browser->executeScript('return document.activeElement.dataset.path') === 'form.thickness_top';
    }, 'the thickness cannot be reached by Tab');
    $this->keys(WebDriverKeys::ENTER);
    $this->find('[data-path="form.thickness_top"] input');
    $this->keys(WebDriverKeys::CONTROL, 'a', WebDriverKeys::CONTROL);
    $this->keys('2.5', WebDriverKeys::ENTER);
    $this->saved();
    expect($job->refresh()->held()->decision('form.thickness_top'))->toEqual(2.5);
    $this->keys('u');
    $this->until(fn (): bool => $job->refresh()->held()->decision('form.thickness_top') == 2, 'u did not undo');
    foreach ([
        't' => 'Next on the bench', 'j' => 'harbour-light signet', 's' => 'Band: volume and mass',
        'o' => 'thinnest sprue',
    ] as $key => $words) {
        $this->browser->executeScript('document.activeElement.blur()');
        $this->keys($key);
        $this->sees($words);
    }
});

it('rings a bench clock that survives a reload, and says by how much one is overdue', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'tree');
    $this->tap('Powder in: start');
    $this->reads('header', 'mix');
    $this->browser->navigate()->refresh();
    $this->reads('header', 'mix');
    App\Models\Clock::query()->where('job_id', $job->id)->update(['started_at' => now()->subMinutes(11)]);
    $this->reads('header', 'over');
});

it('works a sum without a job, and starts a job from it', function (): void {
    $this->visit('/sums/form.band');
    $this->reads('[data-result="volume_mm3"]', '607');
    $this->type('width_top', '6');
    $this->reads('[data-result="volume_mm3"]', '728');
    $this->tap('Start a job from this');
    $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '/brief'), 'no job was started');
    preg_match('#/jobs/(\d+)#', $this->browser->getCurrentURL(), $found);
    expect(Job::query()->where('number', $found[1])->firstOrFail()->held()->decision('form.width_top'))->toEqual(6);
});

it('sets a figure of the workshop, and puts it back with one tap', function (): void {
    $this->visit('/shop');
    $this->type('sprue.least', '2.2');
    $this->tap('Keep this figure');
    $this->until(
        fn (): bool => (App\Models\Workshop::the()->typed['sprue.least'] ?? null) === '2.2', 'the figure was not kept',
    );
    $this->tap('back to the usual 2.00 mm');
    $this->until(
        fn (): bool => ! isset(App\Models\Workshop::the()->typed['sprue.least']), 'the figure was not put back',
    );
});

/** Signs a station off and waits until it is. */
function signed(BrowserCase $case, string $words): void
{
    $case->tap($words);
    $case->reads('[data-testid="reopen"]', 'reopen');
}

/** A file with these bytes under a name. */
function handed(string $name, string $bytes): string
{
    $path = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).$name;
    file_put_contents($path, $bytes);

    return $path;
}

it('takes a sketch in, and refuses a script that calls itself a picture', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'brief');
    $image = imagecreatetruecolor(80, 60);
    ob_start();
    imagepng($image);
    $this->find('[data-testid="picture"]')->sendKeys(handed('sketch.png', (string) ob_get_clean()));
    $this->find('figure img');
    $this->find('[data-testid="picture"]')->sendKeys(handed('evil.png', '<script>alert(1)</script>'));
    $this->sees('PNG, JPEG and WebP are accepted');
    expect($job->refresh()->held()->list('pictures'))->toHaveCount(1);
});

it('takes in a job file, and says what of another it could not take', function (): void {
    $job = Job::factory()->ring()->create();
    $file = json_decode(app(App\Files\JobFile::class)->json($job->fresh(['client', 'rulebook'])), true);
    $this->visit('/jobs');
    $this->find('[data-testid="import"]')->sendKeys(
        handed('later.json', (string) json_encode([...$file, 'version' => 99])),
    );
    $this->sees('Nothing was taken in');
    $this->sees('version 99');
    $count = Job::query()->count();
    $this->find('[data-testid="import"]')->sendKeys(handed('job.json', (string) json_encode($file)));
    $this->until(fn (): bool => Job::query()->count() === $count + 1, 'the good file was not taken in');
});
