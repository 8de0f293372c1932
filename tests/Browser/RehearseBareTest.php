<?php

declare(strict_types=1);

use App\Models\Rehearsal;
use HotSprue\Heat\Lessons;

require_once __DIR__.'/../Support/torch.php';

it('balls on dull metal in each lesson where the flux was forgotten', function (string $lesson): void {
    atTheTorch($this, $lesson, 'air-gas', 4);
    bare($this);
    does($this, 'coat');
    does($this, 'lay');
    leadTo($this, $lesson);
    burnUntil($this, 'textContent.includes("draws up")');
    $this->reads('[data-testid="sentence"]', 'There was no flux at the joint, and solder does not wet dull metal: '
        .'flux both faces first.');
    $kept = Rehearsal::query()->latest('id')->firstOrFail();
    expect($kept->outcome)->toBe('balled')->and($kept->moves[0]['acts'][0] ?? null)->toBe('coat');
})->with(array_keys(Lessons::all()));

it('is coated, fluxed and laid by one’s own hand, and flows', function (): void {
    atTheTorch($this, 'bezel-on-plate', 'air-gas', 2);
    bare($this);
    foreach (['coat', 'flux', 'lay'] as $act) {
        does($this, $act);
    }
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    // What is for the cold piece is over once the torch was lit.
    $this->gone('[data-act^="lay"]');
    watch($this, SEEN.'.dataset.left === "0"');
    $this->tap('It is done');
    expect($this->find('[data-testid="afterwards"]')->getAttribute('data-outcome'))->toBe('flowed');
});

it('says that there was no solder, and takes it fed by hand at heat the next time', function (): void {
    atTheTorch($this, 'bezel-on-plate', 'air-gas', 2);
    bare($this);
    does($this, 'coat');
    does($this, 'flux');
    leadTo($this, 'bezel-on-plate');
    $this->tap('Torch on');
    watch($this, SEEN.'.textContent.includes("clear as glass")');
    $this->tap('It is done');
    $this->reads('[data-testid="sentence"]', 'There was no solder at the joint: lay chips before, or feed it when '
        .'both sides are at heat.');
    $this->tap('Try it again');
    // It lies bare again, under the same torch and at the same pace.
    $this->reads('[data-testid="seen"]', 'Cold and bare: coat it, flux it and lay its solder first.');
    expect($this->find('select[aria-label="Pace"]')->getAttribute('value'))->toBe('2');
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

it('keeps the torch in hand when it is laid otherwise', function (): void {
    atTheTorch($this, 'ring-seam', 'oxy-gas', 4);
    $this->click('select[aria-label="Lies on"] option[value="firebrick"]');
    bare($this);
    expect($this->find('select[aria-label="Torch"]')->getAttribute('value'))->toBe('oxy-gas')
        ->and($this->find('select[aria-label="Lies on"]')->getAttribute('value'))->toBe('firebrick')
        ->and($this->find('select[aria-label="Pace"]')->getAttribute('value'))->toBe('4');
});
