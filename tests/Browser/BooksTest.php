<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\MetalPrice;
use App\Models\Payment;
use App\Models\Person;
use App\Models\Quote;
use App\Models\Workshop;
use App\Price\QuoteBook;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** A job whose quote is accepted and whose deposit is paid. */
function bookedJob(): Job
{
    $job = Job::factory()->holding([
        'brief.title' => 'a band in the books', 'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow',
        'form.profile' => 'flat', 'form.width_top' => '4', 'form.thickness_top' => '2',
    ])->create();
    $maren = Person::query()->where('name', 'Maren')->firstOrFail();
    $quote = QuoteBook::issue($job, [], $maren);
    QuoteBook::answered($quote, 'accepted', 'Edda', '');
    QuoteBook::pay($job, [
        'kind' => 'deposit', 'amount' => (string) $quote->results['deposit'], 'paid_on' => now()->toDateString(),
        'how' => 'in coins',
    ], $maren);

    return $job;
}

/** Types into a field by its name. */
function intoField(Tests\Support\BrowserCase $case, string $name, string $text, string $within): void
{
    $case->find("{$within} [aria-label=\"{$name}\"]")->sendKeys($text);
}

it('prints a receipt with what is still owed, and the workshop’s own words on it', function (): void {
    $job = bookedJob();
    $this->visit('/workshop');
    $words = $this->find('textarea[aria-label="Words on receipts and invoices"]');
    $words->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $words->sendKeys('Quay 4, Skellavar. Tax number 77-0.');
    $this->tap('Keep these words');
    $this->until(
        static fn (): bool => Workshop::the()->refresh()->invoice_text === 'Quay 4, Skellavar. Tax number 77-0.',
        'the words are kept',
    );
    $receipt = Payment::query()->where('job_id', $job->id)->firstOrFail();
    $this->visit("/print/{$job->number}/receipt?no={$receipt->number}");
    $this->reads('.sheet-of-paper', "Receipt {$receipt->number}");
    $this->reads('.sheet-of-paper', 'in coins');
    $this->reads('.sheet-of-paper', 'Tax number 77-0');
    $owed = Quote::query()->where('job_id', $job->id)->firstOrFail()->results['balance'];
    $this->reads('.sheet-of-paper', number_format((float) $owed, 2));
    $this->visit("/print/{$job->number}/receipt?no=9999");
    $this->reads('.sheet-of-paper', 'no such receipt');
    $this->visit("/print/{$job->number}/invoice");
    $this->reads('.sheet-of-paper', 'No invoice is made out yet');
});

it('writes one payment, one quote and one price down, however often it is pressed on a slow line', function (): void {
    $job = bookedJob();
    $slow = fn (int $ms): mixed => $this->browser->executeScript(
        'const ask = window.asked ??= window.fetch; window.fetch = (...of) => new Promise((on) => setTimeout(on, '
            ."{$ms})).then(() => ask(...of));",
    );
    $pressed = function (string $words): void {
        $button = $this->until(fn (): mixed => $this->browser->findElements(
            WebDriverBy::xpath(sprintf('//button[normalize-space()="%s"]', $words)),
        )[0] ?? false, "there is no “{$words}”");
        $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$button]);
        // Twice within a fifth of a second, as a hand does that is not sure.
        $this->browser->executeAsyncScript(
            'const [it, done] = arguments; it.click(); setTimeout(() => { it.click(); done(); }, 150);',
            [$button],
        );
    };
    // Once the first is written, a second had as long to come as it was behind, and some.
    $settled = function (Closure $count, int $wanted): void {
        $this->until(static fn (): bool => $count() >= $wanted, 'nothing was written');
        usleep(1_500_000);
        expect($count())->toBe($wanted);
    };
    $this->visit("/jobs/{$job->number}/price");
    intoField($this, 'amount', '12.50', '[data-testid="paid"]');
    $slow(600);
    $pressed('Write it down');
    $settled(static fn (): int => Payment::query()->where('job_id', $job->id)->where('amount_minor', 1250)->count(), 1);
    $pressed('Issue a new one');
    $settled(static fn (): int => Quote::query()->where('job_id', $job->id)->count(), 2);
    $before = MetalPrice::query()->count();
    $this->visit('/metal');
    intoField($this, 'a fine gram', '44.10', '[data-testid="metal-prices"]');
    $slow(600);
    $pressed('Keep the price');
    $settled(static fn (): int => MetalPrice::query()->count(), $before + 1);
    MetalPrice::query()->latest('id')->firstOrFail()->delete();
});
