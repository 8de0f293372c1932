<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Run;
use Facebook\WebDriver\WebDriverKeys;

// What a wet hand does: it taps by mistake, lets go too early, presses Escape, and comes to pages that are not there.

it('gives back on Escape what stood there, and leaves the focus where it was', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->click('button[data-path="form.width_top"]');
    $this->find('[data-path="form.width_top"] input')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->find('[data-path="form.width_top"] input')->sendKeys('9');
    $this->find('[data-path="form.width_top"] input')->sendKeys(WebDriverKeys::ESCAPE);
    $this->reads('button[data-path="form.width_top"]', '5.00');
    $focused = 'return document.activeElement.getAttribute("data-path")';
    expect($this->browser()->executeScript($focused))->toBe('form.width_top');
    // Enter opens it again, and Enter keeps.
    $this->keys(WebDriverKeys::ENTER);
    $this->find('[data-path="form.width_top"] input')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->find('[data-path="form.width_top"] input')->sendKeys(['6', WebDriverKeys::ENTER]);
    $this->saved();
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(6)
        ->and($this->browser()->executeScript($focused))->toBe('form.width_top');
});

it('offers the next station once one is signed, and says why a button is grey', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'brief');
    signsOff($this, $job, 'brief');
    $this->reads('[data-testid="next"]', 'Next: Form');
    $this->click('[data-testid="next"]');
    $this->until(
        fn (): bool => str_ends_with($this->browser()->getCurrentURL(), "/jobs/{$job->number}/form"),
        'the next station did not come',
    );
    $empty = Job::factory()->create();
    $this->station($empty, 'form');
    expect($this->find('[data-testid="next"]')->isEnabled())->toBeFalse();
    $this->reads('[data-testid="why-not"]', 'Still to be said');
    $this->station($job, 'brief');
    $this->click('[data-testid="reopen"]');
    $this->until(
        fn (): bool => $job->refresh()->held()->map('stations')['brief']['state'] === 'reopened', 'it was not reopened',
    );
});

it('says on a page that is not there what was looked for, and has a way on', function (): void {
    foreach ([
        '/jobs/99999' => 'Job 99999', '/casting/99999' => 'Burnout 99999', '/print/99999/card' => 'Job 99999',
        '/print/101/nothing' => 'There is no such sheet', '/no/such/page' => 'There is no such page',
        '/rehearse/nothing' => 'There is no such rehearsal', '/rehearse/push/99' => 'There is no such rehearsal',
    ] as $path => $says) {
        $this->go($path);
        $this->reads('[data-testid="not-here"] h1', $says);
        $this->reads('[data-testid="not-here"]', 'All jobs');
        $this->until(fn (): bool => str_contains($this->browser()->getTitle(), $says), "the title of {$path}");
    }
});

it('names the page and the job in its title', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->until(
        fn (): bool => $this->browser()->getTitle() === "Form · {$job->number} plain band · Hot Sprue",
        'the title says something else: '.$this->browser()->getTitle(),
    );
    $this->visit('/metal');
    $this->until(fn (): bool => $this->browser()->getTitle() === 'Metal · Hot Sprue', 'Metal has no title');
});

it('keeps a kiln’s alarm in sight on every page, and in the title, until somebody has seen to it', function (): void {
    $run = Run::query()->whereNotNull('started_at')->whereNull('ended_at')->firstOrFail();
    Illuminate\Support\Facades\DB::table('alarms')->insert([
        'run_id' => $run->id, 'code' => 'a-test', 'minute' => 3, 'message' => 'it falls behind', 'created_at' => now(),
    ]);
    foreach (['/jobs', '/sums'] as $page) {
        $this->visit($page);
        $this->reads('[data-testid="alarm-bar"][role="alert"]', 'nobody has seen to');
        $this->until(fn (): bool => str_starts_with($this->browser()->getTitle(), 'ALARM · '), 'the title is silent');
    }
    $this->click('[data-testid="alarm-bar"] a');
    $this->click('[data-alarm="a-test"] button');
    $this->gone('[data-alarm="a-test"]');
    $this->gone('[data-testid="alarm-bar"]');
    $this->until(fn (): bool => ! str_contains($this->browser()->getTitle(), 'ALARM'), 'the title still rings');
});

it('takes no single key once they are turned off', function (): void {
    $this->visit('/jobs');
    $this->keys('?');
    $this->tap('Single keys are on: turn them off');
    $this->tap('close');
    $this->gone('[role="dialog"][data-state="open"]');
    $this->keys('m');
    usleep(400_000);
    expect($this->browser()->getCurrentURL())->toEndWith('/jobs');
    $this->browser()->executeScript('localStorage.removeItem("hot-sprue.keys")');
    $this->keys('m');
    $this->until(fn (): bool => str_ends_with($this->browser()->getCurrentURL(), '/metal'), 'the key did nothing');
});

it('ends a burnout only while it is held, and not by a tap', function (): void {
    $run = Run::query()->whereNotNull('started_at')->whereNull('ended_at')->firstOrFail();
    $this->visit("/casting/{$run->id}");
    $button = $this->find('button[data-held]');
    expect($button->getText())->toContain('Hold to switch it off');
    $button->click();
    usleep(1_200_000);
    expect($run->refresh()->ended_at)->toBeNull();
    $send = fn (string $type): mixed => $this->browser()->executeScript(
        'const at = document.querySelector("button[data-held]"); at.dispatchEvent(new PointerEvent(arguments[0], '
            .'{ bubbles: true, pointerId: 1 }));', [$type],
    );
    $send('pointerdown');
    usleep(300_000);
    $send('pointerup');
    usleep(900_000);
    expect($run->refresh()->ended_at)->toBeNull();
    $send('pointerdown');
    $this->until(fn (): bool => $run->refresh()->ended_at !== null, 'held, it was not switched off');
});

it('takes no single key under an open menu', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->type('form.width_top', '7');
    $this->saved();
    $this->tap('This job');
    $this->find('[role="menu"][data-state="open"]');
    $this->browser()->executeScript(
        'window.dispatchEvent(new KeyboardEvent("keydown", { key: "u", bubbles: true }));',
    );
    usleep(500_000);
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(7);
});

it('puts back by a press what was taken back, and says both', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    $this->type('form.width_top', '7');
    $this->saved();
    $this->keys('u');
    $this->sees('Taken back: width at the top, 7 is 5 again.');
    $this->reads('button[data-path="form.width_top"]', '5.00');
    $this->tap('Put it back');
    $this->sees('Put back: width at the top, 5 is 7 again.');
    $this->reads('button[data-path="form.width_top"]', '7.00');
    expect($job->refresh()->held()->decision('form.width_top'))->toEqual(7);
    $this->keys('h');
    $this->reads('[data-testid="history"]', 'width at the top: 7, was 5');
    $this->keys('h');
    // Said, it is offered no second time.
    $offers = array_filter($this->all('main button'), static fn ($one): bool => $one->getText() === 'Put it back');
    expect($offers)->toBe([]);
    $this->keys('u');
    $this->sees('Taken back');
    $this->keys('U');
    $this->sees('Put back');
    $this->until(
        fn (): bool => (float) $job->refresh()->held()->decision('form.width_top') === 7.0, 'the key put nothing back',
    );
});

it('takes back and puts back by Ctrl as other programs do, and in a field only its letters', function (): void {
    $job = Job::factory()->ring()->create();
    $this->station($job, 'form');
    // Single keys may be off: this is none.
    $this->browser()->executeScript('localStorage.setItem("hot-sprue.keys", "off")');
    $stands = fn (float $width) => $this->until(
        fn (): bool => (float) $job->refresh()->held()->decision('form.width_top') === $width, "it is not {$width}",
    );
    $this->type('form.width_top', '7');
    $stands(7.0);
    $this->saved();
    foreach ([['y'], [WebDriverKeys::SHIFT, 'z']] as $again) {
        $this->keys(WebDriverKeys::CONTROL, 'z');
        $this->sees('Taken back: width at the top, 7 is 5 again.');
        $stands(5.0);
        $this->keys(WebDriverKeys::CONTROL, ...$again);
        $this->sees('Put back: width at the top, 5 is 7 again.');
        $stands(7.0);
    }
    $this->click('button[data-path="form.width_top"]');
    $this->find('[data-path="form.width_top"] input')->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $this->keys('6');
    $this->keys(WebDriverKeys::CONTROL, 'z');
    $this->keys(WebDriverKeys::ESCAPE);
    $this->reads('button[data-path="form.width_top"]', '7.00');
    usleep(500_000);
    $stands(7.0);
});

it('draws at once what was asked for, by Enter or by Tab, and leaves it in hand', function (): void {
    foreach ([WebDriverKeys::ENTER, WebDriverKeys::TAB] as $key) {
        $job = Job::factory()->holding(['brief.title' => 'asked', 'brief.alloy' => 'sterling-925'])->create();
        $this->station($job, 'handover');
        $this->click('[data-testid="wanted"] button[data-path="handover.piece_mass"]');
        $this->find('[data-testid="wanted"] [data-path="handover.piece_mass"] input')->sendKeys(['4', '.', '2', $key]);
        $this->find('[data-view="hand.over/handover"] button[data-path="handover.size_measured"]');
        $this->gone('[data-testid="wanted"]');
        $this->reads('[data-view="hand.over/handover"] button[data-path="handover.piece_mass"]', '4.20');
        $key !== WebDriverKeys::ENTER ?: $this->until(
            fn (): bool => $this->browser()->executeScript(
                'return document.activeElement.getAttribute("data-path")',
            ) === 'handover.piece_mass',
            'what was in hand is lost',
        );
    }
});

it('shows how a station works beside its drawing, and puts it away', function (): void {
    $job = Job::factory()->ring()->create();
    foreach (['form' => 'Form', 'burnout' => 'Burnout', 'handover' => 'Hand over'] as $station => $label) {
        $this->station($job, $station);
        // Opened once, it goes along from station to station.
        $station !== 'form' || $this->tap("how {$label} works");
        $this->reads('[data-testid="help"] h2', $label);
        $this->reads('[data-testid="help"] h3', 'On the drawing');
        $this->find('[data-testid="help"] li b');
        expect($this->text('[data-testid="help"]'))->not->toContain('**');
    }
    $this->tap('close');
    $this->gone('[data-testid="help"]');
});

it('says since when the line is cut, and that what is fetched is not empty', function (): void {
    $this->visit('/jobs');
    $this->find('table[aria-label="Jobs"] a');
    breaks($this, '/', 'Promise.reject(new TypeError("cut"))');
    $this->reads('[data-testid="line-cut"]', 'has not answered since');
    $this->tap('Metal');
    $this->reads('[data-testid="fetching"]', 'Opening the safe');
    $this->reads('[data-testid="not-fetched"]', 'could not be fetched');
    expect($this->browser()->executeScript('return document.body.hasAttribute("data-cut")'))->toBeTrue();
    mend($this);
    $this->tap('Try again');
    $this->reads('h1', 'Metal');
    $this->gone('[data-testid="line-cut"]');
    expect($this->browser()->executeScript('return document.body.hasAttribute("data-cut")'))->toBeFalse();
});

it('pulls as far as there is something to draw, says why it stops, and saves no more', function (): void {
    $job = Job::factory()->ring()->holding([
        'stones.0.species' => 'garnet', 'stones.0.shape' => 'marquise', 'stones.0.width' => '4',
        'stones.0.length' => '8', 'settings.0.style' => 'bezel',
    ])->create();
    $this->station($job, 'stones');
    // A marquise is longer than wide: beyond 8 there is none.
    $this->pull('[data-view="stone.outline/head"] [data-pull="width"]', 480, 0);
    $this->reads('main [role="alert"]', 'It stops at');
    // Its drawing stands, and what stands in the figure is what is kept.
    $this->find('[data-view="stone.outline/head"] [data-pull="width"]');
    $this->saved();
    $kept = $job->refresh()->held()->list('stones')[0]['width']['value'];
    expect($kept)->toBeGreaterThan(3.9)->toBeLessThan(8.0);
    $this->reads('[data-view="stone.outline/head"] button[data-path="stones.0.width"]', sprintf('%.2f', $kept));
    expect($this->all('[data-testid="boundary"]'))->toBe([]);
    // Within what there is, it goes where it is pulled.
    $this->pull('[data-view="stone.outline/head"] [data-pull="width"]', -20, 0);
    $this->until(
        fn (): bool => $job->refresh()->held()->list('stones')[0]['width']['value'] < $kept, 'it was not pulled back',
    );
});

it('keeps a tick of the workshop as it was pressed last, pressed twice on a tangled line', function (): void {
    $kept = fn (): bool => (bool) json_decode(
        (string) file_get_contents($this->url('/api/workshop')), true,
    )['any_hand'];
    $this->visit('/workshop');
    $box = '//label[contains(., "one may go on with what another began")]/input';
    $find = fn () => $this->until(fn () => $this->browser()->findElements(
        Facebook\WebDriver\WebDriverBy::xpath($box),
    )[0] ?? null, 'the tick is there');
    $before = $kept();
    expect($find()->isSelected())->toBe($before);
    tangle($this);
    $find()->click();
    // It shows as it was pressed at once, and pressed again as it was before.
    expect($find()->isSelected())->toBe(! $before);
    $find()->click();
    expect($find()->isSelected())->toBe($before);
    usleep(2_000_000);
    expect($find()->isSelected())->toBe($before)->and($kept())->toBe($before);
    $find()->click();
    $this->until(fn (): bool => $kept() === ! $before, 'it is kept');
    $find()->click();
    $this->until(fn (): bool => $kept() === $before, 'it is as it was');
});
