<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeList;
use App\Models\Job;
use App\Models\WorkedStep;
use App\Models\Workshop;
use App\Price\JobPrice;
use App\Price\OtherWays;
use App\Price\QuoteTold;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Drawing\QuoteDrawing;
use HotSprue\Drawing\ThreadDrawing;
use HotSprue\Drawing\View;
use HotSprue\Job\JobFacts;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;

/** What a job costs as it stands, at the workshop’s present prices, and what is still to be done of it. */
final class PriceController
{
    /** Without these a quote says too little. */
    private const NEEDED = ['price.hour', 'price.burnout'];

    public function show(Job $job): JsonResponse
    {
        $price = JobPrice::of($job);
        $quote = $price->quote();
        $facts = JobFacts::of($price->document, $price->answers);
        foreach (WorkedStep::query()->where(['job_id' => $job->id, 'done' => true])->pluck('step')->unique() as $done) {
            $facts['clocks'][] = ['step' => $done, 'done' => true];
        }
        $thread = self::reckoned('time.steps', $facts, $price->settings);
        $told = new QuoteTold($job, $price);

        return new JsonResponse([
            'currency' => strtoupper($price->settings->text('price.currency')), 'quote' => $quote?->toArray(),
            'drawn' => $quote === null ? null : self::view('price', QuoteDrawing::views($quote)),
            'left' => $thread->toArray(), 'thread' => self::view('price', ThreadDrawing::views($thread)),
            'unsaid' => self::unsaid($price), 'instead' => OtherWays::metals($price),
            'widths' => OtherWays::widths($job, $price),
            'quotes' => $told->quotes(), 'payments' => $told->payments(), 'settled' => $told->settled(),
            'spent' => $told->spent(), 'invoice_text' => Workshop::the()->invoice_text,
        ]);
    }

    /** What it would cost with what is being typed: a wider band costs so much more, at once. */
    public function try(ChangeList $request, Job $job): JsonResponse
    {
        $now = JobPrice::of($job);
        $then = JobPrice::of($job, JobController::laidOver($request, $job));

        return new JsonResponse([
            'currency' => strtoupper($now->settings->text('price.currency')), 'now' => $now->quote()?->num('total'),
            'then' => $then->quote()?->num('total'),
        ]);
    }

    /**
     * @param  list<View>  $views
     * @return array<string, mixed>|null
     */
    public static function view(string $use, array $views): ?array
    {
        return $views === [] ? null : ['use' => $use, ...$views[0]->toArray()];
    }

    /** @param array<string, mixed> $input */
    private static function reckoned(string $name, array $input, WorkshopSettings $settings): Answer
    {
        return Answer::of(Calculations::named($name), $input, $settings);
    }

    /** @return list<array{path: string, label: string}> prices that nobody has said, and that this job asks for */
    private static function unsaid(JobPrice $price): array
    {
        $metal = $price->metal();
        $paths = [...self::NEEDED, ...($metal === null ? [] : ["price.{$metal}"])];

        return array_values(array_map(
            static fn (string $path): array => ['path' => $path, 'label' => WorkshopFields::all()[$path]->meaning],
            array_filter($paths, static fn (string $path): bool => $price->settings->num($path) <= 0),
        ));
    }
}
