<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Rehearsal;
use Facebook\WebDriver\WebDriverKeys;

// What only hand and eye show of a rehearsal; what becomes of every lesson in every way is played in the core.

it('brings a lesson to flow with the pointer, on firebrick, and says and keeps how it went', function (): void {
    atTheTorch($this, 'bezel-on-plate');
    $this->click('select[aria-label="Lies on"] option[value="firebrick"]');
    $this->until(
        fn (): bool => $this->find('select[aria-label="Lies on"]')->getAttribute('value') === 'firebrick',
        'it was not laid on firebrick',
    );
    // What was in hand stays in it when the piece is laid otherwise.
    expect($this->find('select[aria-label="Pace"]')->getAttribute('value'))->toBe('4');
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    watch($this, SEEN.'.dataset.left === "0"');
    $this->tap('It is done');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('flowed');
    $kept = Rehearsal::query()->latest('id')->firstOrFail();
    $this->reads('[data-testid="sentence"]', $kept->sentence);
    expect($kept->lesson)->toBe('bezel-on-plate')->and($kept->given['support'])->toBe('firebrick')
        ->and($kept->sentence)->toMatch('/within \d+ °C at the flash/');
});

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

it('says that there was no solder, and takes it fed by hand at heat the next time', function (): void {
    atTheTorch($this, 'bezel-on-plate', 'air-gas', 4);
    bare($this);
    does($this, 'coat');
    does($this, 'flux');
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    // What is for the cold piece is over once the torch was lit.
    $this->gone('[data-act^="lay"]');
    watch($this, SEEN.'.textContent.includes("clear as glass")');
    $this->tap('It is done');
    $this->reads('[data-testid="sentence"]', 'There was no solder at the joint: lay chips before, or feed it when '
        .'both sides are at heat.');
    $this->tap('Try it again');
    // It lies bare again, under the same torch and at the same pace.
    $this->reads('[data-testid="seen"]', 'Cold and bare: coat it, flux it and lay its solder first.');
    expect($this->find('select[aria-label="Pace"]')->getAttribute('value'))->toBe('4');
    does($this, 'coat');
    does($this, 'flux');
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    watch($this, SEEN.'.textContent.includes("clear as glass")');
    does($this, 'feed');
    watch($this, SEEN.'.dataset.left === "0"');
    $this->tap('It is done');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('flowed');
});

it('stays cold from afar, held so by the wheel', function (): void {
    atTheTorch($this, 'collet-on-shank', 'air-gas', 4);
    leadTo($this, 'collet-on-shank');
    $stage = $this->find('[data-testid="heat-stage"]');
    $this->browser->executeScript('for (let i = 0; i < 12; i++) arguments[0].dispatchEvent(new WheelEvent("wheel", '
        .'{ deltaY: 100, bubbles: true, cancelable: true }))', [$stage]);
    $this->tap('Torch on');
    watch($this, SEEN.'.dataset.state === "burning"');
    usleep(2_000_000);
    $stage->sendKeys([' ', WebDriverKeys::ENTER]);
    $this->reads('[data-testid="sentence"]', 'The flux never turned clear: come nearer, or take a bushier flame or a '
        .'hotter torch.');
    $kept = Rehearsal::query()->latest('id')->firstOrFail();
    expect($kept->moves[0]['distance'])->toEqualWithDelta(4.0, 0.01)->and($kept->outcome)->toBe('cold');
});

it('melts it, plays what was done as it was, and shows a good hand, and keeps neither', function (): void {
    atTheTorch($this, 'bezel-on-plate', 'air-acetylene', 4);
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    watch($this, SEEN.'.textContent.includes("slumps")');
    $this->tap('It is done');
    $this->find('[data-testid="afterwards"]');
    $this->sees('take the flame away at the flash');
    $count = Rehearsal::query()->count();
    $this->tap('Play it as it was');
    $this->sees('As it was');
    $this->click('select[aria-label="Pace"] option[value="4"]');
    watch($this, SEEN.'.dataset.state === "ended"');
    expect($this->text('[data-testid="seen"]'))->toContain('slumps');
    $this->tap('Try it again');
    $this->tap('Show me a good one');
    $this->sees('A good hand, by the tool');
    $this->click('select[aria-label="Pace"] option[value="4"]');
    watch($this, SEEN.'.dataset.state === "ended"');
    expect($this->text('[data-testid="seen"]'))->toContain('flashes')
        ->and(Rehearsal::query()->count())->toBe($count);
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
    $this->click('select[aria-label="Pace"] option[value="4"]');
    watch($this, SEEN.'.dataset.state === "ended"');
    expect($this->text('[data-testid="seen"]'))->toContain('flashes')->and(Rehearsal::query()->count())->toBe($count);
});

it('goes slower on a slow line, and jumps nothing', function (): void {
    atTheTorch($this, 'bezel-on-plate');
    tangle($this);
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    $this->sees('The line is slow, and so is the fire.');
    usleep(4_000_000);
    $this->tap('It is done');
    $this->find('[data-testid="afterwards"]');
    $kept = Rehearsal::query()->latest('id')->firstOrFail();
    // Nine to ten answers in so long, and a moment of fire for each.
    expect(count($kept->moves))->toBeGreaterThan(4)->toBeLessThan(25)
        ->and($kept->seconds)->toEqualWithDelta(0.2 * count($kept->moves), 1e-9);
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
    $this->find('[data-step="arm"]');
    // Its minute goes by four times as quick as the clock.
    $this->browser->executeScript('const real = performance.now.bind(performance), from = real(); '
        .'performance.now = () => from + 4 * (real() - from); '
        .'Object.defineProperty(Event.prototype, "timeStamp", { get: () => performance.now() })');
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
