<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Lot;
use Facebook\WebDriver\WebDriverKeys;

it('puts a lot into a charge by keys, refuses another alloy, and Pour opens with it chosen', function (): void {
    $job = Job::query()->where('title', 'harbour-light signet')->firstOrFail();
    $rose = Lot::query()->where('alloy', '14k-rose')->where('kind', 'stock')->firstOrFail();
    $yellow = Lot::query()->where('alloy', '14k-yellow')->where('kind', 'stock')->where('mass_mg', '>', 51_000)
        ->firstOrFail();
    $this->visit('/metal');
    $this->find("[data-bar=\"{$rose->id}\"]")->sendKeys(WebDriverKeys::ENTER);
    $this->reads("[data-charge=\"{$job->number}\"]", "lot {$rose->id} is another alloy");
    $this->find("[data-charge=\"{$job->number}\"]")->sendKeys(WebDriverKeys::ENTER);
    $this->find("[data-bar=\"{$yellow->id}\"]")->sendKeys(WebDriverKeys::ENTER);
    $this->reads('main', "Lot {$yellow->id} is in hand");
    $this->find("[data-charge=\"{$job->number}\"]")->sendKeys(WebDriverKeys::ENTER);
    $this->find('[data-testid="charge-lots"]');
    $this->until(
        fn (): bool => str_contains($this->browser()->getCurrentURL(), "/jobs/{$job->number}/pour"),
        'Pour did not open',
    );
    // 50.59 g are wanted of the demo's signet, and the lot has them.
    $this->until(fn (): bool => str_starts_with((string) $this->find(
        "[aria-label=\"from lot {$yellow->id}\"]",
    )->getAttribute('value'), '50.'), 'the lot is not in the charge');
    $this->reads('[data-testid="charge-chosen"]', 'wanted');
    // Another mass may be said, and none.
    $field = $this->find("[aria-label=\"from lot {$yellow->id}\"]");
    $field->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, WebDriverKeys::BACKSPACE]);
    $this->gone('[data-testid="charge-chosen"]');
    expect($field->getAttribute('value'))->toBe('');
});
