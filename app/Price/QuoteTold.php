<?php

declare(strict_types=1);

namespace App\Price;

use App\Bench\WorkshopTime;
use App\Models\Invoice;
use App\Models\Job;
use App\Models\Payment;
use App\Models\Quote;
use App\Models\WorkedStep;
use HotSprue\Calculation\Finding;
use HotSprue\Job\JobFacts;
use HotSprue\Job\JobSpent;
use HotSprue\Price\Money;
use HotSprue\Price\QuoteChange;
use HotSprue\Price\Settled;

/** The quotes of a job as they are shown: each against the one before, what was paid, and what it came to. */
final readonly class QuoteTold
{
    public function __construct(private Job $job, private JobPrice $price) {}

    /** @return list<array<string, mixed>> the newest first */
    public function quotes(): array
    {
        $quotes = Quote::query()->where('job_id', $this->job->id)->orderBy('number')->get();
        $rows = [];
        foreach ($quotes as $at => $quote) {
            $before = $at === 0 ? null : $quotes[$at - 1];
            $rows[] = [
                'id' => $quote->id, 'number' => $quote->number, 'currency' => $quote->currency,
                'total' => $quote->results['total'], 'deposit' => $quote->results['deposit'],
                'balance' => $quote->results['balance'], 'lines' => $quote->results['client_lines'],
                'issued_at' => $quote->created_at->toIso8601String(), 'until' => $quote->until->toDateString(),
                'sent_at' => $quote->sent_at?->toIso8601String(), 'answer' => $quote->answer,
                'answered_by' => $quote->answered_by, 'words' => $quote->words,
                'answered_at' => $quote->answered_at?->toIso8601String(),
                'overtaken' => $at < count($quotes) - 1, 'findings' => $this->findings($quote),
                'changes' => $before === null ? [] : QuoteChange::between(
                    $before->results['lines'], $quote->results['lines'], Money::placesOf($quote->currency),
                ),
            ];
        }

        return array_reverse($rows);
    }

    /** @return list<array<string, mixed>> */
    public function payments(): array
    {
        $payments = Payment::query()->where('job_id', $this->job->id)->orderBy('number')->get();
        $reversed = $payments->pluck('reverses_id')->filter()->all();

        return array_values($payments->map(static fn (Payment $one): array => [
            'id' => $one->id, 'number' => $one->number, 'kind' => $one->kind,
            'amount' => $one->amount_minor / 10 ** Money::placesOf($one->currency), 'currency' => $one->currency,
            'paid_on' => $one->paid_on->toDateString(), 'how' => $one->how,
            'reverses' => $one->reverses_id !== null, 'reversed' => in_array($one->id, $reversed, true),
        ])->all());
    }

    /** @return array<string, mixed> of the quote that was accepted */
    public function settled(): array
    {
        $quote = QuoteBook::standing($this->job);
        $paid = Payment::query()->where('job_id', $this->job->id)->pluck('amount_minor')->map(intval(...))->all();
        $settled = Settled::of($quote?->total_minor, array_values($paid));
        $per = 10 ** Money::placesOf($quote->currency ?? $this->price->settings->text('price.currency'));
        $invoice = Invoice::query()->firstWhere('job_id', $this->job->id);

        return [
            'quote' => $quote?->number, 'paid' => $settled->paid / $per,
            'owed' => $quote === null ? null : $settled->owed / $per,
            'invoice' => $invoice === null ? null : [
                'number' => $invoice->number, 'issued_on' => $invoice->issued_on->toDateString(),
            ],
        ];
    }

    /** @return list<array{label: string, before: float, after: float, difference: float}> actual against quoted */
    public function spent(): array
    {
        $quote = QuoteBook::standing($this->job);
        if ($quote === null) {
            return [];
        }
        $minutes = JobFacts::byStation(WorkedStep::minutesOf($this->job));
        $lines = JobSpent::lines($quote->input['lines'], $this->price->document, $minutes);
        $actual = JobPrice::reckoned([...$quote->input, 'lines' => $lines], $this->price->settings);

        return QuoteChange::between(
            $quote->results['lines'], array_values((array) $actual->value('lines')),
            Money::placesOf($quote->currency),
        );
    }

    /** @return list<array<string, mixed>> what has come over it since it was made */
    private function findings(Quote $quote): array
    {
        $now = $this->price->metal() === $quote->metal ? $this->price->metalPrice() : null;
        $answer = JobPrice::reckoned([
            ...$quote->input, 'until' => $quote->until->toDateString(),
            'today' => WorkshopTime::today()->toDateString(),
            ...($quote->metal_price !== null && $now !== null
                ? ['metal_then' => (float) $quote->metal_price, 'metal_now' => $now] : []),
        ], $this->price->settings);

        return array_map(static fn (Finding $one): array => $one->toArray(), array_values(array_filter(
            $answer->findings, static fn (Finding $one): bool => $quote->answer === null || $one->code !== 'quote-past',
        )));
    }
}
