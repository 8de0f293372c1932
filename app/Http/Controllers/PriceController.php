<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ChangeList;
use App\Models\Job;
use App\Models\WorkedStep;
use App\Models\Workshop;
use App\Price\JobPrice;
use App\Price\QuoteTold;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Drawing\QuoteDrawing;
use HotSprue\Drawing\ThreadDrawing;
use HotSprue\Drawing\View;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobCost;
use HotSprue\Job\JobFacts;
use HotSprue\Job\Kind;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;

/** What a job costs as it stands, at the workshop’s present prices, and what is still to be done of it. */
final class PriceController
{
    /** Without these a quote says too little. */
    private const NEEDED = ['price.hour', 'price.burnout'];

    /** Alloys that a client may choose between, beside the job’s own. */
    private const OTHERS = ['9k-yellow', '14k-yellow', '18k-yellow', 'platinum-950', 'sterling-925'];

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
            'unsaid' => self::unsaid($price), 'instead' => self::instead($price),
            'widths' => self::widths($job, $price),
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

    /** @return list<array{width: float, total: float}> the same piece a millimetre narrower and wider */
    private static function widths(Job $job, JobPrice $price): array
    {
        $width = $price->document->decision('form.width_top');
        if (! is_numeric($width) || ! in_array(Kind::of($price->document), [Kind::Cast, Kind::Fabricated], true)) {
            return [];
        }
        $widths = [];
        foreach ([-1, 1] as $more) {
            $to = (float) $width + $more;
            $change = new Change('form.width_top', $price->document->at('form.width_top'), (string) $to);
            $quote = $to < 1 ? null : rescue(static fn (): ?Answer => JobPrice::of(
                $job, $price->document->with(Document::understood([$change], $job->settings())),
            )->quote(), null, false);
            $quote === null ?: $widths[] = ['width' => $to, 'total' => $quote->num('total')];
        }

        return $widths;
    }

    /**
     * @param  list<View>  $views
     * @return array<string, mixed>|null
     */
    public static function view(string $use, array $views): ?array
    {
        return $views === [] ? null : ['use' => $use, ...$views[0]->toArray()];
    }

    /** @return list<array{alloy: string, label: string, total: float}> the same piece in other alloys */
    private static function instead(JobPrice $price): array
    {
        $own = $price->document->text('brief.alloy');
        $instead = [];
        foreach (array_intersect(self::OTHERS, $price->settings->names('stock.alloys')) as $alloy) {
            $metal = Alloy::named($alloy, $price->settings);
            $isPriced = isset(WorkshopFields::all()["price.{$metal->metal}"])
                && $price->settings->num("price.{$metal->metal}") > 0;
            if ($own === null || $alloy === $own || ! $isPriced) {
                continue;
            }
            $quote = $price->with(JobCost::inAlloy($price->lines, $price->answers, $alloy, $price->settings));
            $quote === null ?: $instead[] = [
                'alloy' => $alloy, 'label' => $metal->label, 'total' => $quote->num('total'),
            ];
        }

        return $instead;
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
