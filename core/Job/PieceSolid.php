<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Solid\BlankSolid;
use HotSprue\Solid\Fineness;
use HotSprue\Solid\Look;
use HotSprue\Solid\Part;
use HotSprue\Solid\Stage;
use HotSprue\Wax\Blank;

/** A job's piece as a solid at any stage. */
final class PieceSolid
{
    /** @return list<Part> none while there is nothing to show yet */
    public static function parts(JobAnswers $job, Stage $stage, Fineness $fineness): array
    {
        return match ($stage) {
            Stage::Tree => (new TreeSolid($job, $fineness))->parts(),
            Stage::Blank => [
                ...(new RingSolid($job, Stage::Wax, $fineness))->parts(), ...self::blank($job, $fineness),
            ],
            default => (new RingSolid($job, $stage, $fineness))->parts(),
        };
    }

    /** @return list<Part> the slice of which the wax is carved, where one is chosen */
    private static function blank(JobAnswers $job, Fineness $fineness): array
    {
        $name = $job->value('blank.choose', 'blank');
        $blank = is_string($name) ? Blank::find($name, $job->settings) : null;
        $slice = $job->value('blank.choose', 'slice');

        return $blank === null || ! is_numeric($slice) ? [] : [
            new Part('blank', 'blank', Look::clear(), BlankSolid::of($blank, (float) $slice, $fineness)),
        ];
    }

    /** What the sheets reckon that it encloses, mm³; nought where they say nothing. */
    public static function wanted(JobAnswers $job, Stage $stage): float
    {
        $number = static fn (string $use, string $result): float => is_numeric(
            $found = $job->value($use, $result),
        ) ? (float) $found : 0.0;
        $wax = $number('wax.pattern', 'ring_volume_mm3');

        return match ($stage) {
            Stage::Finished => $number('form.band', 'ring_volume_mm3'),
            Stage::Wax, Stage::Blank => $wax,
            // Its button is drawn, and reckoned with the charge.
            Stage::Tree => 0.0,
            // What is cast has shrunk from its wax by as much as its bore has.
            Stage::Cast => $wax * ($number('wax.dimensions', 'bore_as_cast')
                / ($number('wax.dimensions', 'bore') ?: 1.0)) ** 3,
        };
    }
}
