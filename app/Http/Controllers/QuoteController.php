<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Mailbox\Mailbox;
use App\Models\ClientReview;
use App\Models\Job;
use App\Models\Note;
use App\Models\Payment;
use App\Models\Person;
use App\Models\Quote;
use App\Price\QuoteBook;
use HotSprue\Price\Money;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use RuntimeException;

/** Quotes issued, sent and answered, payments, and the invoice of a job. */
final class QuoteController
{
    public function store(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate([
            'until' => 'nullable|date_format:Y-m-d', 'discount' => 'nullable|numeric|min:0|max:1000000000',
            'reason' => 'nullable|string|max:200', 'others' => 'nullable|boolean',
        ]);
        $more = array_filter($asked, static fn (mixed $of): bool => $of !== null);
        isset($more['discount']) && $more['discount'] = (float) $more['discount'];
        isset($more['others']) && $more['others'] = (bool) $more['others'];
        $quote = QuoteBook::issue($job, $more, Person::at($request));
        Note::write('quote issued', Person::at($request), ['quote' => $quote->number, 'job' => $job->number]);

        return (new PriceController)->show($job)->setStatusCode(201);
    }

    /** Sends the client a link to it; its address is told this once, and an older link to it ends. */
    public function send(Request $request, Quote $quote, Mailbox $mailbox): JsonResponse
    {
        $asked = $request->validate(['to' => 'required|string|max:200'], [
            'to.required' => 'Say where the quote is to be sent.',
        ]);
        $token = Str::random(48);
        $quote->update(['token_hash' => ClientReview::hash($token), 'sent_at' => now()]);
        $address = $request->getSchemeAndHttpHost()."/quote/{$token}";
        $mailbox->send(
            $quote->job, $asked['to'], "Quote {$quote->number}: {$quote->job->title}",
            "Here is what your ring costs.\n\n{$address}\n\nIt stands until {$quote->until->format('j F Y')}. "
                .'Accept it, decline it, or ask.',
            $token,
        );
        Note::write('quote sent', Person::at($request), ['quote' => $quote->number]);
        $shown = (new PriceController)->show($quote->job)->getData();

        return new JsonResponse([...(array) $shown, 'address' => $address]);
    }

    /** What a client said by word of mouth. */
    public function answer(Request $request, Quote $quote): JsonResponse
    {
        $asked = $request->validate([
            'what' => 'required|in:accepted,declined', 'by' => 'required|string|max:80',
            'words' => 'nullable|string|max:2000',
        ]);
        QuoteBook::answered($quote, $asked['what'], $asked['by'], (string) ($asked['words'] ?? ''));
        Note::write("quote {$asked['what']}", Person::at($request), ['quote' => $quote->number, 'by' => $asked['by']]);

        return (new PriceController)->show($quote->job);
    }

    public function pay(Request $request, Job $job): JsonResponse
    {
        /** @var array{kind: string, amount: string, paid_on: string, how?: string|null} $asked */
        $asked = $request->validate([
            'kind' => 'required|in:deposit,balance,refund',
            'amount' => ['required', 'string', 'regex:/^\d{1,12}([.,]\d{1,3})?$/'],
            'paid_on' => 'bail|required|string|date_format:Y-m-d|before_or_equal:'
                .WorkshopTime::today()->toDateString(),
            'how' => 'nullable|string|max:80',
        ], [
            'amount.regex' => 'An amount is accepted, such as 250.00.',
            'paid_on.before_or_equal' => 'That day has not come yet.',
        ]);
        $payment = QuoteBook::pay($job, [...$asked, 'amount' => str_replace(',', '.', $asked['amount'])],
            Person::at($request));
        Note::write($payment->kind, Person::at($request), ['receipt' => $payment->number, 'job' => $job->number]);

        return (new PriceController)->show($job)->setStatusCode(201);
    }

    public function reverse(Request $request, Payment $payment): JsonResponse
    {
        $reversal = QuoteBook::reverse($payment, Person::at($request));
        Note::write('payment reversed', Person::at($request), [
            'receipt' => $payment->number, 'by receipt' => $reversal->number,
        ]);

        return (new PriceController)->show($payment->job);
    }

    public function invoice(Request $request, Job $job): JsonResponse
    {
        $invoice = QuoteBook::invoice($job);
        Note::write('invoice made out', Person::at($request), ['invoice' => $invoice->number, 'job' => $job->number]);

        return (new PriceController)->show($job);
    }

    public function csv(): Response
    {
        return self::table('quotes', ['quote', 'job', 'issued', 'until', 'currency', 'total', 'deposit', 'answer',
            'by'],
            Quote::query()->with('job:id,number')->orderBy('number')->get()->map(static fn (Quote $quote): array => [
                $quote->number, $quote->job->number, $quote->created_at->toDateString(), $quote->until->toDateString(),
                $quote->currency, $quote->results['total'], $quote->results['deposit'], $quote->answer ?? '',
                $quote->answered_by ?? '',
            ])->all());
    }

    public function paymentsCsv(): Response
    {
        return self::table('payments', ['receipt', 'job', 'day', 'kind', 'amount', 'currency', 'how'],
            Payment::query()->with('job:id,number')->orderBy('number')->get()->map(static fn (Payment $one): array => [
                $one->number, $one->job->number, $one->paid_on->toDateString(), $one->kind,
                $one->amount_minor / 10 ** Money::placesOf($one->currency), $one->currency, $one->how,
            ])->all());
    }

    /**
     * @param  list<string>  $head
     * @param  array<array-key, list<mixed>>  $rows
     */
    public static function table(string $name, array $head, array $rows): Response
    {
        $file = fopen('php://temp', 'r+') ?: throw new RuntimeException('no memory to write into');
        foreach ([$head, ...array_values($rows)] as $row) {
            // A spreadsheet takes what begins with a sign for a sum.
            fputcsv($file, array_map(static fn (mixed $one): mixed => is_string($one)
                && preg_match('/^[=+\-@\t\r]/', $one) === 1 ? "'{$one}" : $one, $row), ',', '"', '', "\r\n");
        }
        rewind($file);

        return new Response((string) stream_get_contents($file), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$name}.csv\"",
        ]);
    }
}
