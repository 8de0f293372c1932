<?php

declare(strict_types=1);

namespace App\Price;

use App\Models\Job;
use HotSprue\Calculation\Answer;
use HotSprue\Job\Change;
use HotSprue\Job\JobCost;
use HotSprue\Job\Kind;
use HotSprue\Job\TypedChanges;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopFields;

/** What the same piece costs in other metals and widths, for a client to choose between. */
final class OtherWays
{
    /** Alloys that a client may choose between, beside the job’s own. */
    private const OTHERS = ['9k-yellow', '14k-yellow', '18k-yellow', 'platinum-950', 'sterling-925'];

    /**
     * All of them as a client reads them.
     *
     * @return list<array{label: string, total: float}>
     */
    public static function told(Job $job, JobPrice $price): array
    {
        return [
            ...array_map(
                static fn (array $one): array => ['label' => "in {$one['label']}", 'total' => $one['total']],
                self::metals($price),
            ),
            ...array_map(
                static fn (array $one): array => [
                    'label' => sprintf('%g mm wide', $one['width']), 'total' => $one['total'],
                ], self::widths($job, $price),
            ),
        ];
    }

    /** @return list<array{alloy: string, label: string, total: float}> the same piece in other alloys */
    public static function metals(JobPrice $price): array
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

    /** @return list<array{width: float, total: float}> the same piece a millimetre narrower and wider */
    public static function widths(Job $job, JobPrice $price): array
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
                $job, $price->document->with(TypedChanges::read([$change], $job->settings())),
            )->quote(), null, false);
            $quote === null ?: $widths[] = ['width' => $to, 'total' => $quote->num('total')];
        }

        return $widths;
    }
}
