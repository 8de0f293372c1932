<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Workshop;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Drawing\QuoteDrawing;
use HotSprue\Drawing\ThreadDrawing;
use HotSprue\Drawing\View;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobCost;
use HotSprue\Job\JobFacts;
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
        $settings = Workshop::the()->rulebook->settings();
        $document = $job->held();
        $answers = JobAnswers::of($document, $job->settings());
        $steps = JobCost::steps($document, $answers);
        $lines = JobCost::lines($document, $answers, $steps, $settings);
        $quote = self::quote($lines, $settings);
        $thread = self::reckoned('time.steps', JobFacts::of($document, $answers), $settings);

        return new JsonResponse([
            'currency' => strtoupper($settings->text('price.currency')), 'quote' => $quote?->toArray(),
            'drawn' => $quote === null ? null : self::view('price', QuoteDrawing::views($quote)),
            'left' => $thread->toArray(), 'thread' => self::view('price', ThreadDrawing::views($thread)),
            'unsaid' => self::unsaid($document, $settings),
            'instead' => self::instead($lines, $document->text('brief.alloy'), $answers, $settings),
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

    /**
     * The same piece in other alloys.
     *
     * @param  list<array<string, mixed>>  $lines  of the piece in its own
     * @return list<array{alloy: string, label: string, total: float}>
     */
    private static function instead(array $lines, ?string $own, JobAnswers $answers, WorkshopSettings $settings): array
    {
        $instead = [];
        foreach (array_intersect(self::OTHERS, $settings->names('stock.alloys')) as $alloy) {
            $metal = Alloy::named($alloy, $settings);
            $isPriced = isset(WorkshopFields::all()["price.{$metal->metal}"]) && $settings->num(
                "price.{$metal->metal}") > 0;
            if ($own === null || $alloy === $own || ! $isPriced) {
                continue;
            }
            $quote = self::quote(JobCost::inAlloy($lines, $answers, $alloy, $settings), $settings);
            $quote === null ?: $instead[] = ['alloy' => $alloy, 'label' => $metal->label,
                'total' => $quote->num('total')];
        }

        return $instead;
    }

    /** @param list<array<string, mixed>> $lines */
    private static function quote(array $lines, WorkshopSettings $settings): ?Answer
    {
        return $lines === [] ? null : self::reckoned('price.quote', ['lines' => $lines], $settings);
    }

    /** @param array<string, mixed> $input */
    private static function reckoned(string $name, array $input, WorkshopSettings $settings): Answer
    {
        return Answer::of(Calculations::named($name), $input, $settings);
    }

    /** @return list<array{path: string, label: string}> prices that nobody has said, and that this job asks for */
    private static function unsaid(Document $document, WorkshopSettings $settings): array
    {
        $alloy = $document->text('brief.alloy');
        $known = $alloy !== null && in_array($alloy, $settings->names('stock.alloys'), true);
        $metal = $known ? 'price.'.Alloy::named((string) $alloy, $settings)->metal : null;
        $paths = [...self::NEEDED, ...($metal !== null && isset(WorkshopFields::all()[$metal]) ? [$metal] : [])];

        return array_values(array_map(
            static fn (string $path): array => ['path' => $path, 'label' => WorkshopFields::all()[$path]->meaning],
            array_filter($paths, static fn (string $path): bool => $settings->num($path) <= 0),
        ));
    }
}
