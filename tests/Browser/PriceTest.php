<?php

declare(strict_types=1);

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;

it('prices a job from its menu, follows its drawing, and prints the quote', function (): void {
    $job = Job::query()->where('title', 'harbour-light signet')->firstOrFail();
    $this->station($job, 'wax');
    $this->tap('This job');
    $this->click('[role="menuitem"][data-value="price"]');
    $this->reads('[aria-label="Quote"]', 'to pay');
    $this->reads('[data-line="14k yellow"]', 'EUR');
    $this->reads('[data-line="Wax"]', 'min');
    $this->find('[data-alloy="18k-yellow"]');
    $this->reads('[data-testid="left"]', 'at the bench');
    // Brief, form and wax are signed: only what follows is still to be done.
    $drawn = $this->text('[aria-label="Quote"] [data-line="total"]');
    $this->tap('Print the quote');
    $this->find('.sheet-of-paper [aria-label="Quote"]');
    // What the client reads has the margin in each line, and the same sum.
    expect($this->text('.sheet-of-paper [data-line="total"]'))->toBe($drawn)
        ->and($this->text('.sheet-of-paper'))->not->toContain('margin')->toContain('work at the bench');
    $this->reads('.letterhead', 'Skellavar');
});

it('costs more as soon as the band is wider', function (): void {
    $job = Job::factory()->holding([
        'brief.title' => 'priced', 'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow', 'form.profile' => 'flat',
        'form.width_top' => '4', 'form.thickness_top' => '2',
    ])->create();
    $paid = function () use ($job): float {
        $this->visit("/jobs/{$job->number}/price");
        preg_match('/[\d,]+\.\d\d/', (string) $this->until(
            fn (): ?string => ($this->all('[data-line="18k yellow"]')[0] ?? null)?->getText(),
            'there is no metal in it',
        ), $found);

        return (float) str_replace(',', '', $found[0] ?? '0');
    };
    $narrow = $paid();
    $this->station($job, 'form');
    $this->type('form.width_top', '5');
    $this->saved();
    // A flat band of five is a quarter more metal than one of four.
    expect($paid() / $narrow)->toEqualWithDelta(1.25, 0.002);
});

it('says beside the drawing how much more a wider band costs, before it is kept', function (): void {
    $job = Job::factory()->holding([
        'brief.title' => 'priced as it is drawn', 'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow',
        'form.profile' => 'flat', 'form.width_top' => '4', 'form.thickness_top' => '2',
    ])->create();
    $this->station($job, 'form');
    $this->reads('[data-testid="price-line"]', 'costs');
    $this->click('button[data-path="form.width_top"]');
    $input = $this->find('[data-path="form.width_top"] input');
    $input->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $input->sendKeys('5');
    $this->reads('[data-testid="price-line"]', '+');
    $input->sendKeys(WebDriverKeys::ESCAPE);
    $this->until(
        fn (): bool => ! str_contains($this->text('[data-testid="price-line"]'), '+'), 'it costs what it did',
    );
});
