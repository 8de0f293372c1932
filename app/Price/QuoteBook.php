<?php

declare(strict_types=1);

namespace App\Price;

use App\Bench\WorkshopTime;
use App\Models\Invoice;
use App\Models\Job;
use App\Models\Payment;
use App\Models\Person;
use App\Models\Quote;
use HotSprue\Fields\BadInput;
use HotSprue\Price\Money;

/** Issues quotes, takes payments and makes invoices out: each numbered on,
    and none of them edited. To be called in a turn. */
final class QuoteBook
{
    /** A quote stands so many days unless said. */
    private const STANDS = 14;

    /** @param array{until?: string, discount?: float, reason?: string, others?: bool} $asked */
    public static function issue(Job $job, array $asked, ?Person $by): Quote
    {
        $price = JobPrice::of($job);
        $until = $asked['until'] ?? WorkshopTime::today()->addDays(self::STANDS)->toDateString();
        if ($until < WorkshopTime::today()->toDateString()) {
            throw BadInput::field('until', 'That day is past.');
        }
        $more = array_filter(
            ['discount' => $asked['discount'] ?? null, 'reason' => $asked['reason'] ?? null],
            static fn (mixed $of): bool => $of !== null,
        );
        $answer = $price->quote($more) ?? throw BadInput::field(
            '_', 'Nothing can be quoted yet: say its metal and its form first.',
        );
        $places = Money::placesOf($price->settings->text('price.currency'));

        return Quote::query()->create([
            'number' => 1 + (int) Quote::query()->max('number'), 'job_id' => $job->id, 'person_id' => $by?->id,
            'currency' => strtoupper($price->settings->text('price.currency')), 'input' => $price->input($more),
            'results' => [
                'others' => ($asked['others'] ?? false) ? OtherWays::told($job, $price) : [], ...array_map(
                    static fn (string $name): mixed => $answer->value($name),
                    array_combine($names = [
                        'lines', 'client_lines', 'cost', 'price', 'tax', 'total', 'deposit', 'balance',
                    ], $names),
                )],
            'metal' => $price->metal(), 'metal_price' => $price->metalPrice(),
            'total_minor' => Money::of($answer->num('total'), $places)->minor,
            'deposit_minor' => Money::of($answer->num('deposit'), $places)->minor, 'until' => $until,
        ]);
    }

    public static function answered(Quote $quote, string $answer, string $by, string $words): void
    {
        if ($quote->answer !== null) {
            throw BadInput::field('what', "This quote was {$quote->answer} already, by {$quote->answered_by}.");
        }
        if ($quote->isOvertaken()) {
            throw BadInput::field('what', 'A newer quote stands in the place of this one.');
        }
        $quote->update([
            'answer' => $answer, 'answered_by' => $by, 'words' => trim($words) === '' ? null : trim($words),
            'answered_at' => now(),
        ]);
    }

    /** @param array{kind: string, amount: string, paid_on: string, how?: string|null} $asked */
    public static function pay(Job $job, array $asked, ?Person $by): Payment
    {
        $currency = self::currency($job);
        $amount = Money::of($asked['amount'], Money::placesOf($currency));
        if ($amount->minor <= 0) {
            throw BadInput::field('amount', 'An amount above nought is accepted, such as 250.00.');
        }

        return self::keep($job, [
            'kind' => $asked['kind'], 'amount_minor' => $asked['kind'] === 'refund' ? -$amount->minor : $amount->minor,
            'currency' => $currency, 'paid_on' => $asked['paid_on'], 'how' => $asked['how'] ?? '',
        ], $by);
    }

    /** Puts a payment right that should not have been: by one that is its opposite. */
    public static function reverse(Payment $payment, ?Person $by): Payment
    {
        if ($payment->reverses_id !== null) {
            throw BadInput::field('_', 'This is a reversal itself; take the payment again.');
        }
        if (Payment::query()->where('reverses_id', $payment->id)->exists()) {
            throw BadInput::field('_', "Receipt {$payment->number} is reversed already.");
        }

        return self::keep($payment->job, [
            'reverses_id' => $payment->id, 'kind' => $payment->kind, 'amount_minor' => -$payment->amount_minor,
            'currency' => $payment->currency, 'paid_on' => WorkshopTime::today()->toDateString(),
            'how' => "reverses receipt {$payment->number}",
        ], $by);
    }

    public static function invoice(Job $job): Invoice
    {
        $quote = self::standing($job) ?? throw BadInput::field('_', 'No quote of this job is accepted yet.');

        return Invoice::query()->firstWhere('job_id', $job->id) ?? Invoice::query()->create([
            'number' => 1 + (int) Invoice::query()->max('number'), 'job_id' => $job->id, 'quote_id' => $quote->id,
            'issued_on' => WorkshopTime::today()->toDateString(),
        ]);
    }

    /** The newest quote that was accepted: what is owed is owed for it. */
    public static function standing(Job $job): ?Quote
    {
        return Quote::query()->where('job_id', $job->id)->where('answer', 'accepted')->latest('number')->first();
    }

    private static function currency(Job $job): string
    {
        return self::standing($job)->currency ?? strtoupper(JobPrice::of($job)->settings->text('price.currency'));
    }

    /** @param array<string, mixed> $payment */
    private static function keep(Job $job, array $payment, ?Person $by): Payment
    {
        return Payment::query()->create([
            ...$payment, 'number' => 1 + (int) Payment::query()->max('number'), 'job_id' => $job->id,
            'person_id' => $by?->id,
        ]);
    }
}
