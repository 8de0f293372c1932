<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;
use HotSprue\Workshop\WorkshopSettings;

/** How far a closed joint gapes, mm; solder does not fill gaps. Source: workbook 11, joint gap. */
final class Gap
{
    public const FINDINGS = [
        'gap-over-hair' => 'a joint’s gap over a hair',
        'gap-wide' => 'a joint’s gap over 0.15 mm',
        'gap-too-wide' => 'a joint’s gap over 0.2 mm',
    ];

    public static function judge(
        AnswerBuilder $answer, float $gap, string $about, string $of, WorkshopSettings $settings,
    ): void
    {
        $remedy = 'Saw through the closed joint to true it, and close it again until no light comes through.';
        $says = sprintf('%s gapes %.2f mm: solder does not fill gaps.', $of, $gap);
        match (true) {
            $gap > $settings->num('solder.gap_stop') + 1e-9 => $answer->find(
                Level::Stop, 'gap-too-wide', $about, $says, $remedy,
            ),
            $gap > $settings->num('solder.gap_caution') + 1e-9 => $answer->find(
                Level::Caution, 'gap-wide', $about, $says, $remedy,
            ),
            $gap > $settings->num('solder.gap') + 1e-9 => $answer->find(
                Level::Note, 'gap-over-hair', $about, $says, $remedy,
            ),
            default => null,
        };
    }
}
