<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Payment;
use App\Models\Quote;
use Facebook\WebDriver\WebDriverBy;

/** Types into a field by its name. */
function into(Tests\Support\BrowserCase $case, string $name, string $text, string $within = ''): void
{
    $case->find(trim("{$within} [aria-label=\"{$name}\"]"))->sendKeys($text);
}

it('issues a quote, sends it, is accepted by its link, paid in two parts, and makes the invoice out',
    function (): void {
        $job = Job::factory()->holding([
            'brief.title' => 'a quoted band', 'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow',
            'form.profile' => 'flat', 'form.width_top' => '4', 'form.thickness_top' => '2',
        ])->create();
        $this->visit("/jobs/{$job->number}/form");
        $this->click('nav[aria-label="Stations"] [aria-label="Price, no quote yet"]');
        $this->tap('Issue the quote');
        $quote = $this->until(
            static fn (): ?Quote => Quote::query()->where('job_id', $job->id)->first(), 'the quote is kept',
        );
        $row = "[data-quote=\"{$quote->number}\"]";
        $this->reads($row, 'stands until');
        into($this, 'send to', 'her@client.invalid', $row);
        $this->tap('Send the link');
        $link = explode('told this once: ', $this->until(
            fn (): ?string => ($this->all('[data-testid="quote-link"]')[0] ?? null)?->getText(), 'the link is told',
        ))[1];
        // Her own page: what she pays, and nothing of the margin.
        $this->visit((string) parse_url($link, PHP_URL_PATH));
        $this->reads('body', 'to pay');
        expect($this->text('body'))->not->toContain('margin');
        $this->browser->findElement(WebDriverBy::name('name'))->sendKeys('Edda');
        $this->tap('I accept it');
        $this->reads('body', 'Edda accepted it');
        $this->visit("/jobs/{$job->number}/form");
        $this->find('nav[aria-label="Stations"] [aria-label="Price, quote accepted"]');
        $this->visit("/jobs/{$job->number}/price");
        $this->reads($row, 'accepted by Edda');
        into($this, 'amount', number_format($quote->results['deposit'], 2, '.', ''));
        $this->tap('Write it down');
        $this->reads('[data-testid="owed"]', 'owed');
        $this->find('[aria-label="Kind of payment"] option[value="balance"]')->click();
        into($this, 'amount', number_format($quote->results['balance'], 2, '.', ''));
        $this->tap('Write it down');
        $this->reads('[data-testid="owed"]', 'all of it is paid');
        expect(Payment::query()->where('job_id', $job->id)->sum('amount_minor'))->toEqual($quote->total_minor);
        $this->tap('Make the invoice out');
        $this->click('a[href$="/invoice"]');
        $this->reads('.sheet-of-paper', 'Invoice');
        $this->reads('.sheet-of-paper [aria-label="Invoice"]', '0.00');
    });
