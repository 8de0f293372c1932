<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Payment;
use App\Models\Quote;
use App\Models\Workshop;
use Illuminate\Support\Carbon;

/** @return array<string, mixed> */
function priceNow(Job $job): array
{
    return test()->getJson("/api/jobs/{$job->number}/price")->assertOk()->json();
}

/** The page of a quote that was sent. */
function sentQuote(int $id): string
{
    return (string) parse_url(
        test()->postJson("/api/quotes/{$id}/send", ['to' => 'her@client.invalid'])->assertOk()->json('address'),
        PHP_URL_PATH,
    );
}

it('is quoted, overtaken by a metal price, quoted anew, accepted, paid in two parts and closed with its actual',
    function (): void {
        pricedAt(['price.gold' => 100, 'price.round_to' => 5, 'price.tax' => 0.25, 'price.tax_in' => true]);
        $job = Job::factory()->holding([
            'brief.title' => 'her band', 'brief.finger' => 'US 7', 'brief.alloy' => '18k-yellow',
            'form.profile' => 'flat',
            'form.width_top' => '4', 'form.thickness_top' => '2', 'brief.due' => '2026-12-18',
        ])->create();
        $first = $this->postJson("/api/jobs/{$job->number}/quotes")->assertCreated()->json('quotes.0');
        $path = sentQuote($first['id']);
        // Gold is dearer by a tenth on the next day: the quote says so, and a new one takes its place.
        $this->travelTo(Carbon::parse('2026-11-26 09:00:00'));
        $this->postJson('/api/metal-prices', ['metal' => 'gold', 'price' => 110, 'on' => '2026-11-26'])->assertOk();
        expect(array_column(priceNow($job)['quotes'][0]['findings'], 'code'))->toBe(['metal-moved']);
        $second = $this->postJson("/api/jobs/{$job->number}/quotes")->assertCreated()->json('quotes.0');
        $metal = collect($second['changes'])->firstWhere('label', '18k yellow');
        expect($metal['after'] / $metal['before'])->toEqualWithDelta(1.1, 1e-4)
            ->and($second['total'])->toBeGreaterThan($first['total']);
        $this->get($path)->assertSee('A newer quote stands');
        $path = sentQuote($second['id']);
        $this->post($path, ['what' => 'accepted', 'name' => 'Edda', 'words' => 'gladly', 'once' => str_repeat('q', 20)])
            ->assertRedirect();
        // Paid in two parts, to the coin.
        foreach (['deposit', 'balance'] as $kind) {
            $this->postJson("/api/jobs/{$job->number}/payments", [
                'kind' => $kind, 'amount' => number_format($second[$kind], 2, '.', ''), 'paid_on' => '2026-11-26',
            ])->assertCreated();
        }
        $settled = priceNow($job)['settled'];
        expect($settled['owed'])->toEqual(0)->and($settled['paid'])->toEqual($second['total'])
            ->and(Payment::query()->sum('amount_minor'))->toEqual(
                Quote::query()->latest('number')->value('total_minor'));
        // The bench: 40 minutes of brief where 30 were quoted, and a charge of which so much came back.
        $this->postJson("/api/jobs/{$job->number}/steps/brief", ['do' => 'start'])->assertOk();
        $this->travelTo(Carbon::parse('2026-11-26 09:40:00'));
        $this->postJson("/api/jobs/{$job->number}/steps/brief", ['do' => 'end'])->assertOk();
        $change = static fn (string $path, string $to): array => ['path' => $path, 'from' => null, 'to' => $to];
        $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
            $change('castings.a.charge_mass', '16'), $change('castings.a.casting_mass', '8'),
            $change('castings.a.button_mass', '5'), $change('castings.a.sprues_mass', '2.5'),
        ]])->assertOk();
        $spent = array_column(priceNow($job)['spent'], null, 'label');
        $quoted = collect(Quote::query()->latest('number')->firstOrFail()->input['lines'])->firstWhere('group',
            'metal');
        expect($spent['Brief']['difference'])->toEqual(10)
            // 16 g less 5 and 2.5, at the price that was quoted.
            ->and($spent['18k yellow']['after'])->toEqualWithDelta(
                8.5 * $quoted['rate'] * (1 + $quoted['markup']), 0.006)
            ->and($spent['18k yellow']['before'])->toEqualWithDelta($metal['after'], 1e-9);
        $this->postJson("/api/jobs/{$job->number}/invoice")->assertOk()->assertJsonPath('settled.invoice.number', 1);
        $this->postJson("/api/jobs/{$job->number}/close", ['how' => 'delivered']);
        // What was agreed on stands, whatever is dearer afterwards.
        $this->putJson('/api/shop', ['price.hour' => 200])->assertOk();
        expect(priceNow($job)['quotes'][0]['total'])->toEqual($second['total'])
            ->and(priceNow($job)['settled'])->toEqual([...$settled, 'invoice' => ['number' => 1,
                'issued_on' => '2026-11-26']]);
    });

it('is promised, worked step by step as it is planned, and ends when the plan said', function (): void {
    Workshop::the()->update(['kilns' => [['id' => 'kiln', 'flasks' => 2, 'alone' => true]]]);
    $job = Job::factory()->holding([
        'brief.title' => 'his band', 'brief.finger' => 'US 9', 'brief.alloy' => 'sterling-925', 'form.width_top' => '5',
        'form.thickness_top' => '2',
    ])->create();
    $promise = $this->getJson("/api/jobs/{$job->number}/promise")->json('promise.results');
    expect($promise['promise']['value'])->toBeGreaterThanOrEqual(substr($promise['earliest']['value'], 0, 10));
    $this->postJson("/api/jobs/{$job->number}/changes", ['changes' => [
        ['path' => 'brief.due', 'from' => null, 'to' => $promise['promise']['value']],
    ]])->assertOk();
    $plan = fn (): array => $this->getJson('/api/plan')->assertOk()->json('answer');
    $first = $plan();
    // What was promised is kept by the plan that is made with it.
    $ends = $first['results']['jobs']['value'][0]['ends'];
    expect($first['results']['late_min']['value'])->toEqual(0)->and($ends)->toBe($promise['earliest']['value']);
    $done = 0;
    while (($left = $plan()['results']['placed']['value']) !== []) {
        $step = $left[0];
        $this->travelTo(Carbon::parse($step['resource'] === 'person' ? $step['start'] : $step['done']));
        if ($step['resource'] === 'person') {
            $this->postJson("/api/jobs/{$job->number}/steps/{$step['step']}", ['do' => 'start'])->assertOk();
            $this->travelTo(Carbon::parse($step['end']));
        }
        $this->postJson("/api/jobs/{$job->number}/steps/{$step['step']}", ['do' => 'end'])->assertOk();
        // What waits by itself is waited for before the next is looked at.
        $this->travelTo(Carbon::parse($step['done']));
        expect(++$done)->toBeLessThan(40);
    }
    // The plan's clock goes by five minutes.
    expect(abs(now()->diffInMinutes(Carbon::parse($ends))))->toBeLessThanOrEqual(5);
});
