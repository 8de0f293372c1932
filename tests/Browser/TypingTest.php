<?php

declare(strict_types=1);

use App\Models\Entry;
use App\Models\Job;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\BrowserCase;

/** A ring with everything in it that a station can be typed into. */
function fullJob(): Job
{
    return Job::factory()->ring()->holding([
        'brief.title' => 'band', 'brief.finger' => 'US 7', 'brief.alloy' => 'sterling-925', 'form.width_top' => '5',
        'form.thickness_top' => '2',
        'stones.0.shape' => 'round', 'stones.0.width' => '4', 'stones.0.species' => 'garnet',
        'stones.setting' => 'bezel', 'attempts.0.note' => 'first', 'castings.0.note' => 'first',
        'parts.0.id' => 'shank', 'parts.1.id' => 'bezel', 'joints.0.id' => 'on', 'joints.0.parts' => 'shank, bezel',
    ])->create();
}

/** Answers come after a while, and not in the order in which they were asked for. */
function tangle(BrowserCase $case): void
{
    $case->browser()->executeScript(
        'const real = window.fetch; let asked = 0; const after = [420, 30, 700, 160, 520, 10]; window.fetch = '
            .'(...one) => new Promise((done, broken) => setTimeout(() => real(...one).then(done, broken), '
                .'after[asked++ % after.length]));',
    );
}

/** Types key by key, as a hand does. */
function keyed(BrowserCase $case, string $path, string $text, int $pause): void
{
    $case->click("button[data-path=\"{$path}\"]");
    $input = $case->find("[data-path=\"{$path}\"] input");
    $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
    foreach (mb_str_split($text) as $letter) {
        $case->find("[data-path=\"{$path}\"] input")->sendKeys($letter);
        usleep($pause * 1000);
    }
}

function leave(BrowserCase $case): void
{
    $case->keys(WebDriverKeys::TAB);
}

/** Breaks what is asked of one route, until it is mended. */
function breaks(BrowserCase $case, string $route, string $answer): void
{
    $case->browser()->executeScript(
        'window.asked = 0; window.mended = window.mended ?? window.fetch; window.fetch = (path, options) => '
            ."String(path).includes('{$route}') ? (window.asked++, {$answer}) : window.mended(path, options);",
    );
}

function mend(BrowserCase $case): void
{
    $case->browser()->executeScript('window.fetch = window.mended');
}

it('keeps the last value, in one entry, typed at bench speed over a slow and tangled line', function (
    string $station, string $path, string $text, mixed $value, int $pause,
): void {
    $job = fullJob();
    $tools = new ChromeDevToolsDriver($this->browser);
    $tools->execute('Network.enable');
    $tools->execute(
        'Network.emulateNetworkConditions',
        ['offline' => false, 'latency' => 40, 'downloadThroughput' => 250_000, 'uploadThroughput' => 250_000],
    );
    try {
        $this->station($job, $station);
        tangle($this);
        keyed($this, $path, $text, $pause);
        leave($this);
        $this->until(
            fn (): bool => ($job->refresh()->held()->at($path)['typed'] ?? null) === $text, "{$path} was not kept",
        );
        $this->saved();
        expect($this->all('[data-testid="boundary"]'))->toBe([])->and($this->all('[data-testid="next"]'))->not->toBe([])
            ->and($job->refresh()->held()->at($path)['value'])->toEqual($value)
            ->and(Entry::query()->where('job_id', $job->id)->count())->toBe(1);
    } finally {
        $tools->execute(
            'Network.emulateNetworkConditions',
            ['offline' => false, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1],
        );
    }
})->with([
    'a title' => ['brief', 'brief.title', 'grand lantern', 'grand lantern', 120],
    'a ring size' => ['brief', 'brief.finger', 'US 7 1/2', (11.63 + 0.8128 * 7.5) * M_PI, 90],
    'a dimension on the drawing' => ['form', 'form.thickness_top', '1.85', 1.85, 200],
    'a dimension, fast' => ['form', 'form.width_top', '6.35', 6.35, 60],
    'a stone' => ['stones', 'stones.0.depth', '2.75', 2.75, 120],
    'a weight of wax' => ['wax', 'attempts.0.wax_mass', '1.85', 1.85, 180],
    'a sprue' => ['tree', 'tree.sprue_length', '11.5', 11.5, 120],
    'a heat' => ['burnout', 'burnout.pour_temperature', '505', 505, 200],
    'what was melted' => ['pour', 'castings.0.charge_mass', '24.5', 24.5, 60],
    'a part' => ['join', 'parts.1.mass', '4.25', 4.25, 120],
    'how many claws' => ['set', 'set.count', '8', 8, 120],
    'the width of an old ring' => ['sizing', 'sizing.width', '3.25', 3.25, 90],
    'a weight after finishing' => ['finish', 'finish.mass_before', '13.45', 13.45, 90],
    'a piece' => ['handover', 'handover.piece_mass', '12.95', 12.95, 200],
]);

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

it('stays, and keeps what is typed, whatever comes back from the line', function (string $answer): void {
    $job = fullJob();
    $this->station($job, 'form');
    breaks($this, '/reckon', $answer);
    keyed($this, 'form.width_top', '6.5', 60);
    usleep(400_000);
    expect($this->all('[data-testid="next"]'))->not->toBe([])->and($this->all('[data-testid="boundary"]'))->toBe([]);
    leave($this);
    $this->until(fn (): bool => $job->refresh()->held()->decision('form.width_top') == 6.5, 'it was not saved');
    mend($this);
})->with([
    'an answer that breaks off' => ['Promise.resolve(new Response("{\"number\": 1"))'],
    'an answer that is empty' => ['Promise.resolve(new Response("{}"))'],
    'half of an answer' => ['Promise.resolve(new Response(JSON.stringify({number: 1, document: {}, page: {}})))'],
    'an error of the server' => ['Promise.resolve(new Response("<html>oh</html>", {status: 500}))'],
    'nothing' => ['Promise.reject(new TypeError("down"))'],
]);

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
    $this->station($job, 'form');
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

it('signs at once what was typed while its save is on its way', function (array $typed): void {
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
    $this->reads('[data-testid="next"]', 'Reopen');
    foreach ($typed as $path => $text) {
        expect($job->refresh()->held()->at($path)['typed'] ?? null)->toBe($text);
    }
})->with(
    [
        'one figure' => [['form.width_top' => '3.5']],
        'two figures' => [['form.width_top' => '3.5', 'form.thickness_top' => '2.2']],
    ],
);
