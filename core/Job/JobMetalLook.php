<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Solid\Look;
use HotSprue\Solid\Sheen;
use HotSprue\Solid\Stage;
use HotSprue\Solid\SumSolid;
use HotSprue\Stock\Alloy;

/** What a job's metal looks like at a stage: of its alloy, as it was cast or as it is finished. */
final class JobMetalLook
{
    public static function of(JobAnswers $job, Stage $stage, ?string $alloy): Look
    {
        if ($stage === Stage::Wax) {
            return Look::wax();
        }
        $isKnown = in_array($alloy, $job->settings->names('stock.alloys'), true);
        $metal = Look::metal(Alloy::named($isKnown ? (string) $alloy : SumSolid::USUAL, $job->settings));
        if ($stage === Stage::Cast) {
            return $metal->finished(Sheen::AsCast);
        }
        $said = static fn (string $name): mixed => $job->document->decision("finish.{$name}");

        return ($said('rhodium') === true ? $metal->plated() : $metal)->finished(
            Sheen::tryFrom((string) $job->document->text('finish.finish')) ?? Sheen::Polished, $said('patina') === true,
        );
    }
}
