<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Payment;
use App\Models\Quote;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Tests\Support\Contract;

/** A flat silver band of which everything is priced. */
function quotedBand(): Job
{
    pricedAt(['price.round_to' => 5]);

    return Job::factory()->holding([
        'brief.title' => 'band', 'brief.finger' => '17.4 mm diameter', 'brief.alloy' => 'sterling-925',
        'form.profile' => 'flat', 'form.width_top' => '5', 'form.thickness_top' => '2',
    ])->create();
}

/** @param array<string, mixed> $asked */
function issue(Job $job, array $asked = []): TestResponse
{
    $answer = test()->postJson("/api/jobs/{$job->number}/quotes", $asked)->assertCreated();
    expect(Contract::breaks('JobPrice', (string) $answer->getContent()))->toBe('');

    return $answer;
}

/** @param array<string, mixed> $more */
function paid(Job $job, string $kind, string $amount, array $more = []): TestResponse
{
    return test()->postJson("/api/jobs/{$job->number}/payments", [
        'kind' => $kind, 'amount' => $amount, 'paid_on' => '2026-11-25', ...$more,
    ]);
}

it('keeps a quote as it was issued, whatever becomes of the job', function (): void {
    $job = quotedBand();
    $total = issue($job)->json('quotes.0.total');
    $lines = $this->getJson("/api/jobs/{$job->number}/price")->json('quotes.0.lines');
    expect(array_sum(array_column($lines, 'amount')))->toEqualWithDelta($total, 1e-9);
    $this->putJson('/api/shop', ['price.hour' => 90])->assertOk();
    $after = $this->getJson("/api/jobs/{$job->number}/price");
    expect($after->json('quotes.0.total'))->toEqual($total)->and($after->json('quotes.0.lines'))->toBe($lines)
        ->and($after->json('quote.results.total.value'))->toBeGreaterThan($total);
});

it('numbers on, and holds a newer quote against the one before, line by line', function (): void {
    $job = quotedBand();
    issue($job);
    $this->putJson('/api/shop', ['price.burnout' => 20])->assertOk();
    $second = issue($job, ['discount' => 10, 'reason' => 'an old client'])->json('quotes');
    expect(array_column($second, 'number'))->toBe([2, 1])->and(array_column($second, 'overtaken'))->toBe([false, true]);
    $changes = array_column($second[0]['changes'], 'difference', 'label');
    // Only what changed: the fire, what follows from it, and the discount.
    expect($changes['burnout'])->toEqual(8)->and($changes['discount: an old client'])->toEqual(-10)
        ->and($changes)->not->toHaveKey('Wax')->and($changes)->not->toHaveKey('sterling 925')
        ->and($second[1]['changes'])->toBe([])
        // All changes together are the change of the total.
        ->and(array_sum($changes))->toEqualWithDelta($second[0]['total'] - $second[1]['total'], 1e-9);
});

it('says that metal moved, and that its day is past', function (): void {
    $job = quotedBand();
    issue($job, ['until' => '2026-12-01']);
    $codes = fn (): array => array_column(
        $this->getJson("/api/jobs/{$job->number}/price")->json('quotes.0.findings'), 'code',
    );
    $this->postJson('/api/metal-prices', ['metal' => 'silver', 'price' => 1.26, 'on' => '2026-11-25'])->assertOk();
    expect($codes())->toBe([]);
    $this->postJson('/api/metal-prices', ['metal' => 'silver', 'price' => 1.2601, 'on' => '2026-11-25'])->assertOk();
    expect($codes())->toBe(['metal-moved']);
    $this->travelTo(Carbon::parse('2026-12-02 09:00:00'));
    expect($codes())->toBe(['metal-moved', 'quote-past']);
    $this->postJson("/api/jobs/{$job->number}/quotes", ['until' => '2026-12-01'])->assertStatus(422);
});

it('is accepted by its client’s link, once, and the deposit falls due', function (): void {
    $job = quotedBand();
    $quote = issue($job)->json('quotes.0');
    $sent = $this->postJson("/api/quotes/{$quote['id']}/send", ['to' => 'her@client.invalid'])->assertOk();
    $path = (string) parse_url($sent->json('address'), PHP_URL_PATH);
    $this->get($path)->assertOk()->assertSee('to pay')->assertSee('I accept it')->assertDontSee('margin');
    $this->post($path, ['what' => 'accepted', 'once' => str_repeat('a',
        20)])->assertStatus(422)->assertSee('Say who you are');
    $this->post($path, ['what' => 'accepted', 'name' => 'Edda', 'once' => str_repeat('b', 20)])->assertRedirect();
    $this->get($path)->assertSee('Edda accepted it')->assertDontSee('I accept it');
    // A second word changes nothing.
    $this->post($path, ['what' => 'declined', 'name' => 'Edda', 'once' => str_repeat('c', 20)])->assertStatus(422)
        ->assertSee('accepted already');
    $price = $this->getJson("/api/jobs/{$job->number}/price");
    expect($price->json('quotes.0.answer'))->toBe('accepted')->and(
        $price->json('settled.owed'))->toEqual($quote['total']);
    $this->get(substr($path, 0, -1).'x')->assertNotFound();
    $job->update(['state' => 'delivered']);
    $this->get($path)->assertNotFound();
});

it('shows a client the same piece in other metals and widths, as they cost when it was issued', function (): void {
    $job = quotedBand();
    $quote = issue($job, ['others' => true])->json('quotes.0.id');
    $path = (string) parse_url(
        $this->postJson("/api/quotes/{$quote}/send", ['to' => 'her'])->json('address'), PHP_URL_PATH,
    );
    $price = $this->getJson("/api/jobs/{$job->number}/price");
    $wider = collect($price->json('widths'))->firstWhere('width', 6)['total'];
    $this->putJson('/api/shop', ['price.hour' => 200])->assertOk();
    $this->get($path)->assertSee('in 18k yellow')->assertSee('6 mm wide')->assertSee(number_format($wider, 2));
    $plain = issue($job)->json('quotes.0.id');
    $path = (string) parse_url(
        $this->postJson("/api/quotes/{$plain}/send", ['to' => 'her'])->json('address'), PHP_URL_PATH,
    );
    $this->get($path)->assertDontSee('otherwise');
});

it('takes no yes to a quote that is overtaken, or whose day is past', function (): void {
    $job = quotedBand();
    $first = issue($job)->json('quotes.0.id');
    $path = (string) parse_url(
        $this->postJson("/api/quotes/{$first}/send", ['to' => 'her'])->json('address'), PHP_URL_PATH,
    );
    $second = issue($job, ['until' => '2026-11-26'])->json('quotes.0.id');
    $this->get($path)->assertSee('A newer quote stands');
    $this->post($path, ['what' => 'accepted', 'name' => 'Edda', 'once' => str_repeat('d', 20)])->assertStatus(422);
    $path = (string) parse_url(
        $this->postJson("/api/quotes/{$second}/send", ['to' => 'her'])->json('address'), PHP_URL_PATH,
    );
    $this->travelTo(Carbon::parse('2026-11-27 09:00:00'));
    $this->post($path, ['what' => 'accepted', 'name' => 'Edda', 'once' => str_repeat('e', 20)])->assertStatus(422)
        ->assertSee('is past');
    expect(Quote::query()->whereNotNull('answer')->count())->toBe(0);
});

it('is paid in two parts, and what is owed is their sum', function (): void {
    $job = quotedBand();
    $quote = issue($job)->json('quotes.0');
    $this->postJson("/api/quotes/{$quote['id']}/answer", ['what' => 'accepted', 'by' => 'Edda'])->assertOk();
    paid($job, 'deposit', number_format($quote['deposit'], 2, '.', ''))->assertCreated()
        ->assertJsonPath('settled.owed', $quote['balance']);
    $wrong = paid($job, 'balance', '1000,00')->assertCreated();
    $id = collect($wrong->json('payments'))->firstWhere('amount', 1000)['id'];
    $back = $this->postJson("/api/payments/{$id}/reverse")->assertOk();
    expect($back->json('settled.owed'))->toEqual($quote['balance'])
        ->and(array_column($back->json('payments'), 'number'))->toBe([1, 2, 3])
        ->and($back->json('payments.2'))->toMatchArray(['amount' => -1000, 'reverses' => true])
        ->and($back->json('payments.1.reversed'))->toBeTrue();
    $this->postJson("/api/payments/{$id}/reverse")->assertStatus(422);
    $this->postJson("/api/payments/{$back->json('payments.2.id')}/reverse")->assertStatus(422);
    $whole = paid($job, 'balance', number_format($quote['balance'], 2, '.', ''))->assertCreated();
    expect($whole->json('settled.owed'))->toEqual(0);
    paid($job, 'refund', '5')->assertCreated()->assertJsonPath('settled.owed', 5);
    foreach ([['deposit', '0'], ['deposit', '-3'], ['deposit', 'much'], ['gift', '3']] as [$kind, $amount]) {
        paid($job, $kind, $amount)->assertStatus(422);
    }
    paid($job, 'deposit', '3', ['paid_on' => '2026-11-26'])->assertStatus(422);
    expect(Payment::query()->count())->toBe(5);
});

it('makes one invoice out for an accepted quote, and numbers on without gaps', function (): void {
    [$one, $other] = [quotedBand(), quotedBand()];
    $this->postJson("/api/jobs/{$one->number}/invoice")->assertStatus(422);
    foreach ([$one, $other] as $at => $job) {
        $quote = issue($job)->json('quotes.0.id');
        $this->postJson("/api/quotes/{$quote}/answer", ['what' => 'accepted', 'by' => 'her'])->assertOk();
        $this->postJson("/api/jobs/{$job->number}/invoice")->assertOk()
            ->assertJsonPath('settled.invoice.number', $at + 1);
        $this->postJson("/api/jobs/{$job->number}/invoice")->assertJsonPath('settled.invoice.number', $at + 1);
    }
});

it('holds what a job came to against what was quoted', function (): void {
    $job = quotedBand();
    $quote = issue($job)->json('quotes.0.id');
    $this->postJson("/api/quotes/{$quote}/answer", ['what' => 'accepted', 'by' => 'her'])->assertOk();
    expect($this->getJson("/api/jobs/{$job->number}/price")->json('spent'))->toBe([]);
    // Forty-five minutes of brief at 60 an hour, where 30 were quoted.
    $this->postJson("/api/jobs/{$job->number}/steps/brief", ['do' => 'start'])->assertOk();
    $this->travelTo(Carbon::parse('2026-11-25 09:45:00'));
    $this->postJson("/api/jobs/{$job->number}/steps/brief", ['do' => 'end'])->assertOk();
    $spent = array_column($this->getJson("/api/jobs/{$job->number}/price")->json('spent'), null, 'label');
    expect($spent['Brief'])->toEqual(['label' => 'Brief', 'before' => 30, 'after' => 45, 'difference' => 15]);
});

it('gives quotes and payments as tables that a spreadsheet takes for no sum', function (): void {
    $job = quotedBand();
    issue($job);
    paid($job, 'deposit', '50', ['how' => '=cash'])->assertCreated();
    expect($this->get('/api/quotes.csv')->assertOk()->getContent())->toContain("1,{$job->number},2026-11-25")
        ->and($this->get('/api/payments.csv')->assertOk()->getContent())->toContain("50,EUR,'=cash");
});

it('says on the job how far its quote has come', function (): void {
    $job = Job::factory()->ring()->create();
    $said = static fn (): string => test()->getJson("/api/jobs/{$job->number}")->assertOk()->json('quoted');
    expect($said())->toBe('none');
    $quote = Quote::query()->findOrFail($this->postJson("/api/jobs/{$job->number}/quotes")->assertCreated()
        ->json('quotes.0.id'));
    expect($said())->toBe('made');
    $quote->update(['sent_at' => now()]);
    expect($said())->toBe('sent');
    $quote->update(['answer' => 'declined']);
    expect($said())->toBe('declined');
    // A newer one stands in its place.
    $this->postJson("/api/jobs/{$job->number}/quotes")->assertCreated();
    expect($said())->toBe('made');
});
