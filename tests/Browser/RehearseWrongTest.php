<?php

declare(strict_types=1);

use App\Models\Rehearsal;
use Facebook\WebDriver\WebDriverKeys;
use HotSprue\Heat\Lessons;

require_once __DIR__.'/../Support/torch.php';

it('melts each lesson where the flame stays on', function (string $lesson): void {
    atTheTorch($this, $lesson, 'air-acetylene', 4);
    leadTo($this, $lesson);
    $this->find('[data-testid="heat-stage"]')->sendKeys(' ');
    watch($this, SEEN.'.textContent.includes("slumps")');
    $this->tap('It is done');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('melted');
    $this->sees('take the flame away at the flash');
})->with(array_keys(Lessons::all()));

it('stays cold from afar, held so by the wheel', function (string $lesson): void {
    atTheTorch($this, $lesson, 'air-gas', 4);
    leadTo($this, $lesson);
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
})->with(array_keys(Lessons::all()));

it('sees a chip jump where a hot flame goes to the joint at once', function (string $lesson): void {
    atTheTorch($this, $lesson, 'oxy-gas');
    leadToJoint($this, $lesson);
    burnUntil($this, 'textContent.includes("jumps off")');
    $this->reads('[data-testid="sentence"]', 'The chip jumped off with the boiling flux: warm it slowly until the '
        .'crust is dry, or feed the solder by hand.');
})->with(['bezel-on-plate', 'collet-on-shank', 'near-a-first', 'gold-on-silver', 'long-seam', 'three-claws']);

it('draws the solder up on the light part, which a sharp flame went to first', function (): void {
    atTheTorch($this, 'collet-on-shank', 'air-acetylene', 4);
    leadTo($this, 'collet-on-shank', 'collet');
    burnUntil($this, 'textContent.includes("draws up")', '[[[[');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('balled');
    expect($this->text('[data-testid="sentence"]'))->toMatch(
        '/^The collet was (2|3|4)\d °C ahead of the shank when the solder drew up: start on the far side of the/',
    );
});

it('leaves a part of it behind where the flame stands still', function (
    string $lesson, string $torch, string $part, float $aside, int $sharper, string $enough, string $words,
): void {
    atTheTorch($this, $lesson, $torch, 4);
    leadTo($this, $lesson, $part, $aside);
    burnUntil($this, $enough, str_repeat('[', $sharper));
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('partly')
        ->and($this->text('[data-testid="sentence"]'))->toContain($words);
})->with([
    'a long seam from one end' => ['long-seam', 'air-gas', 'one half', -10.0, 0, 'textContent.includes("flashes")',
        'keep the flame moving along it until the last of it has flashed'],
    'the first of three claws' => ['three-claws', 'air-acetylene', 'bar', -10.0, 3, 'dataset.left === "2"',
        'Left behind: claw 2 on bar, claw 3 on bar. Warm all of them together'],
]);

it('pits where it is held far past the flow', function (): void {
    atTheTorch($this, 'collet-on-shank', 'air-acetylene', 4);
    leadTo($this, 'collet-on-shank');
    // One step farther off, so that 18k comes to stand under its solidus.
    burnUntil($this, 'textContent.includes("pits")', '-');
    $this->reads('[data-testid="sentence"]', 'The joint stood more than 80 °C past its flow for over 10 s, and its '
        .'zinc is gone: take the flame away at the flash.');
});

it('says what the light part does when the flame is on it first', function (): void {
    atTheTorch($this, 'collet-on-shank', 'oxy-gas', 4);
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
