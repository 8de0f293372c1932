<?php

declare(strict_types=1);

namespace App\Price;

use App\Models\Job;
use App\Models\Workshop;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobCost;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;

/** What a job costs as it stands, at the workshop's present prices and minutes. */
final readonly class JobPrice
{
    /** @param list<array<string, mixed>> $lines of `price.quote` */
    private function __construct(
        public Document $document, public JobAnswers $answers, public WorkshopSettings $settings, public array $lines,
    ) {}

    /** @param ?Document $document as it would be; as it is held where none is given */
    public static function of(Job $job, ?Document $document = null): self
    {
        $settings = Workshop::the()->rulebook->settings();
        $document ??= $job->held();
        $answers = JobAnswers::of($document, $job->settings());
        $steps = JobCost::steps($document, $answers);

        return new self($document, $answers, $settings, JobCost::lines($document, $answers, $steps, $settings));
    }

    /**
     * @param  array<string, mixed>  $more  beside the lines
     * @return array<string, mixed> what `price.quote` is asked, every figure of the workshop's in it
     */
    public function input(array $more = []): array
    {
        $own = [];
        foreach (['margin', 'overhead', 'round_to', 'tax', 'tax_in', 'currency'] as $name) {
            $own[$name] = $this->settings->value("price.{$name}");
        }

        return [
            'lines' => $this->lines, ...$own, 'deposit_share' => $this->settings->value('price.deposit'), ...$more,
        ];
    }

    /** @param array<string, mixed> $more */
    public function quote(array $more = []): ?Answer
    {
        return $this->lines === [] ? null : self::reckoned($this->input($more), $this->settings);
    }

    /** @param list<array<string, mixed>> $lines others than its own */
    public function with(array $lines): ?Answer
    {
        return $lines === [] ? null : self::reckoned([...$this->input(), 'lines' => $lines], $this->settings);
    }

    /** @param array<string, mixed> $input */
    public static function reckoned(array $input, WorkshopSettings $settings): Answer
    {
        return Answer::of(Calculations::named('price.quote'), $input, $settings);
    }

    /** The metal of its alloy that is priced: gold, silver, platinum or palladium. */
    public function metal(): ?string
    {
        $alloy = $this->document->text('brief.alloy');
        if ($alloy === null || ! in_array($alloy, $this->settings->names('stock.alloys'), true)) {
            return null;
        }
        $metal = Alloy::named($alloy, $this->settings)->metal;

        return isset(WorkshopFields::all()["price.{$metal}"]) ? $metal : null;
    }

    /** A fine gram of it now; null where it has no price. */
    public function metalPrice(): ?float
    {
        $metal = $this->metal();
        $price = $metal === null ? 0.0 : $this->settings->num("price.{$metal}");

        return $price > 0 ? $price : null;
    }
}
