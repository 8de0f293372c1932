<?php

declare(strict_types=1);

use App\Models\Rehearsal;
use Facebook\WebDriver\WebDriverKeys;

require_once __DIR__.'/../Support/torch.php';

it('melts each lesson where the flame stays on', function (string $lesson): void {
    atTheTorch($this, $lesson, 'air-acetylene');
    leadTo($this, $lesson);
    $this->find('[data-testid="heat-stage"]')->sendKeys(' ');
    watch($this, SEEN.'.textContent.includes("slumps")');
    $this->tap('It is done');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('melted');
    $this->sees('take the flame away at the flash');
})->with(['ring-seam', 'bezel-on-plate', 'wire-on-base', 'gold-on-silver', 'long-seam', 'three-claws']);

it('says what the light part does when the flame is on it first', function (): void {
    atTheTorch($this, 'collet-on-shank', 'oxy-gas');
    leadTo($this, 'collet-on-shank', 'collet');
    $this->find('[data-testid="heat-stage"]')->sendKeys(' ');
    watch($this, SEEN.'.textContent.includes("slumps")');
    $this->find('[data-testid="heat-stage"]')->sendKeys(WebDriverKeys::ENTER);
    $this->reads('[data-testid="sentence"]', 'The collet melted before the joint was at heat: heat the shank, and let '
        .'the collet take its heat from there.');
});

it('moves the first joint, and holds it once it is guarded', function (bool $guarded, string $outcome): void {
    atTheTorch($this, 'near-a-first');
    leadTo($this, 'near-a-first');
    $guarded and $this->click('[data-act="guard: shank seam"]');
    $this->find('[data-testid="heat-stage"]')->sendKeys(' ');
    watch($this, SEEN.'.dataset.left === "0"');
    // On for some seconds more, as who misses the flash does.
    usleep(3_500_000);
    $this->tap('It is done');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe($outcome);
})->with([[false, 'moved'], [true, 'flowed']]);

it('stays cold from afar, held so by the wheel', function (): void {
    atTheTorch($this, 'ring-seam');
    leadTo($this, 'ring-seam');
    $this->browser->executeScript('for (let i = 0; i < 12; i++) arguments[0].dispatchEvent(new WheelEvent("wheel", '
        .'{ deltaY: 100, bubbles: true, cancelable: true }))', [$this->find('[data-testid="heat-stage"]')]);
    $this->tap('Torch on');
    watch($this, SEEN.'.dataset.state === "burning"');
    usleep(3_000_000);
    $this->tap('It is done');
    $this->reads('[data-testid="sentence"]', 'The flux never turned clear: come nearer, or take a bushier flame or a '
        .'hotter torch.');
    expect(Rehearsal::query()->latest('id')->firstOrFail()->moves[0]['distance'])->toEqualWithDelta(4.0, 0.01);
});

it('plays what was done as it was, and shows a good hand, and keeps neither', function (): void {
    atTheTorch($this, 'bezel-on-plate', 'air-acetylene');
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    watch($this, SEEN.'.textContent.includes("slumps")');
    $this->tap('It is done');
    $this->find('[data-testid="afterwards"]');
    $count = Rehearsal::query()->count();
    $this->tap('Play it as it was');
    $this->sees('As it was');
    $this->click('select[aria-label="Pace"] option[value="2"]');
    watch($this, SEEN.'.dataset.state === "ended"');
    expect($this->text('[data-testid="seen"]'))->toContain('slumps');
    $this->tap('Try it again');
    $this->tap('Show me a good one');
    $this->sees('A good hand, by the tool');
    $this->click('select[aria-label="Pace"] option[value="2"]');
    watch($this, SEEN.'.dataset.state === "ended"');
    expect($this->text('[data-testid="seen"]'))->toContain('flashes')
        ->and(Rehearsal::query()->count())->toBe($count);
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
