<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Rehearsal;
use Facebook\WebDriver\WebDriverKeys;
use HotSprue\Heat\Lessons;

require_once __DIR__.'/../Support/axe.php';
require_once __DIR__.'/../Support/torch.php';

it('brings each lesson to flow with the pointer, and keeps it', function (string $lesson): void {
    atTheTorch($this, $lesson);
    leadTo($this, $lesson);
    $this->browser->action()->sendKeys()->perform();
    $this->browser->executeScript('[...document.querySelectorAll("button")].find((one) => '
        .'one.textContent === "Torch on").click()');
    watch($this, SEEN.'.dataset.left === "0"');
    $this->browser->executeScript('[...document.querySelectorAll("button")].find((one) => '
        .'one.textContent === "It is done").click()');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('flowed');
    $kept = Rehearsal::query()->latest('id')->firstOrFail();
    expect($kept->lesson)->toBe($lesson)->and($kept->outcome)->toBe('flowed')
        ->and($this->text('[data-testid="sentence"]'))->toBe($kept->sentence);
})->with(array_keys(Lessons::all()));

it('is led by keys alone, from the lighting to the end', function (): void {
    atTheTorch($this, 'bezel-on-plate');
    $stage = $this->find('[data-testid="heat-stage"]');
    // Three steps aside and back, sharper and bushier, farther and nearer: where it began.
    $stage->sendKeys([
        WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN, '[', '-', 'd',
    ]);
    $stage->sendKeys([WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_LEFT, WebDriverKeys::ARROW_UP, ']', '+', ' ']);
    watch($this, SEEN.'.dataset.left === "0"');
    $stage->sendKeys(' ');
    $stage->sendKeys(WebDriverKeys::ENTER);
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('flowed');
    $moves = Rehearsal::query()->latest('id')->firstOrFail()->moves;
    expect($moves[0])->toEqual(['x' => 0, 'y' => 0, 'spread' => 1, 'distance' => 1, 'on' => true, 'acts' => []]);
});

it('is laid on firebrick, and says how it went in a sentence', function (): void {
    atTheTorch($this, 'bezel-on-plate');
    $this->click('select[aria-label="Lies on"] option[value="firebrick"]');
    $this->until(
        fn (): bool => $this->find('select[aria-label="Lies on"]')->getAttribute('value') === 'firebrick',
        'it was not laid on firebrick',
    );
    $this->click('select[aria-label="Pace"] option[value="2"]');
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    watch($this, SEEN.'.dataset.left === "0"');
    $this->tap('It is done');
    $this->find('[data-testid="afterwards"]');
    $kept = Rehearsal::query()->latest('id')->firstOrFail();
    $this->reads('[data-testid="sentence"]', $kept->sentence);
    expect($kept->given['support'])->toBe('firebrick')
        ->and($kept->sentence)->toMatch('/within \d+ °C at the flash/');
});

it('rehearses a heat of the job’s own three-collet ring from Join', function (): void {
    $job = Job::query()->where('number', 141)->firstOrFail();
    $this->station($job, 'join');
    $this->click('[data-heat="2"] a[href="/rehearse/job-141-2"]');
    $this->reads('h1', 'Job 141, heat 2: bezel on shank');
    atTheTorch($this, 'job-141-2');
    leadTo($this, 'job-141-2');
    // Its seam begins to melt three degrees over this flow: a careful hand guards it.
    $this->click('[data-act="guard: bezel seam"]');
    $this->find('[data-testid="heat-stage"]')->sendKeys(' ');
    watch($this, SEEN.'.dataset.left === "0"');
    $this->find('[data-testid="heat-stage"]')->sendKeys([' ', WebDriverKeys::ENTER]);
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('flowed');
    $this->tap('back to Join');
    $this->find('[data-heat="1"]');
    $this->visit('/rehearse');
    $this->reads('[data-lesson="job-141-2"] a', 'Job 141, heat 2: bezel on shank');
    // Played from the record, as it was, and not kept once more.
    $count = Rehearsal::query()->count();
    $this->press('Play the best of Job 141, heat 2: bezel on shank: flowed');
    $this->sees('As it was');
    $this->click('select[aria-label="Pace"] option[value="2"]');
    watch($this, SEEN.'.dataset.state === "ended"');
    expect($this->text('[data-testid="seen"]'))->toContain('flashes')->and(Rehearsal::query()->count())->toBe($count);
});

it('pushes four claws level, and tips the stone in the wrong order', function (): void {
    $this->visit('/rehearse/push/4');
    foreach ([4, 2, 1, 3, 4, 2, 1, 3, 4, 2, 1, 3] as $at => $claw) {
        $this->click("[data-push=\"{$claw}\"]");
        $times = intdiv($at, 4) + 1;
        $this->find("[data-push=\"{$claw}\"][aria-label=\"Push {$claw}, pushed {$times} of 3\"]");
        $this->until(fn (): bool => $at === 11 || str_contains(
            $this->text('[data-testid="said"]'), sprintf('%d of 12 pushed', $at + 1),
        ), "push {$at} was not taken");
    }
    $this->reads('[data-testid="said"]', 'Level, in three rounds: soft, medium, firm.');
    $this->visit('/rehearse/push/6');
    $this->click('[data-push="6"]');
    $this->until(fn (): bool => str_contains($this->text('[data-testid="said"]'), '1 of 18'), 'the first push');
    // The bubble runs to the side that stands high: down, away from the claw at the top.
    $bubble = (float) $this->find('[data-testid="bubble"]')->getAttribute('cy');
    expect($bubble)->toBeGreaterThan(230.0);
    $this->click('[data-push="1"]');
    $this->reads('[data-testid="said"]', 'The stone tipped towards 1: 3 was to come next, the opposite of the one '
        .'before.');
    $this->until(
        fn (): bool => Rehearsal::query()->latest('id')->firstOrFail()->outcome === 'tipped', 'it was not kept',
    );
});

it('pours by the look of the metal, and freezes it when let go too early', function (): void {
    $this->visit('/rehearse/pour/18k-yellow');
    foreach (['arm', 'crucible', 'torch'] as $step) {
        $this->click("[data-step=\"{$step}\"]");
    }
    $look = 'document.querySelector(\'[data-testid="look"]\').textContent';
    watch($this, "{$look}.includes('dull skin')");
    $this->click('[data-step="flux"]');
    $this->click('[data-step="flask"]');
    watch($this, "{$look}.includes('mirror')");
    $this->click('[data-step="release"]');
    $this->click('[data-step="torch-off"]');
    expect($this->find('[data-testid="poured"]')->getAttribute('data-outcome'))->toBe('filled');
    $this->tap('Begin again');
    foreach (['arm', 'crucible', 'torch', 'flux', 'flask', 'release', 'torch-off'] as $step) {
        $this->click("[data-step=\"{$step}\"]");
    }
    expect($this->find('[data-testid="poured"]')->getAttribute('data-outcome'))->toBe('unfilled');
    $this->sees('wait for the mirror');
});

it('reads well to who cannot see it, on a tablet and on a phone', function (): void {
    foreach (['/rehearse', '/rehearse/three-claws', '/rehearse/push/6', '/rehearse/pour/14k-yellow'] as $path) {
        foreach ([[820, 1180], [390, 844]] as [$wide, $high]) {
            $this->browser->manage()->window()->setSize(new Facebook\WebDriver\WebDriverDimension($wide, $high));
            $this->visit($path);
            $this->find('h1');
            expect(axeFinds($this)['wrong'])->toBe([], "{$path} at {$wide}")
                ->and($this->browser->executeScript(
                    'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
                ))->toBeLessThanOrEqual(0, "{$path} at {$wide}");
        }
    }
    $this->browser->manage()->window()->setSize(new Facebook\WebDriver\WebDriverDimension(1280, 800));
});

it('says what is not there', function (): void {
    $this->visit('/rehearse/nothing');
    $this->reads('h1', 'There is no such rehearsal');
    $this->visit('/rehearse/push/99');
    $this->reads('h1', 'There is no such rehearsal');
});
