<?php

declare(strict_types=1);

use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\TypedChanges;
use HotSprue\Workshop\WorkshopSettings;

/**
 * A job that holds what was typed, with its answers.
 *
 * @param  array<string, mixed>  $typed
 * @return array{Document, JobAnswers}
 */
function heldJob(array $typed): array
{
    $settings = WorkshopSettings::shipped();
    $changes = array_map(
        static fn (string $path, mixed $to): Change => new Change($path, null, $to),
        array_keys($typed), $typed,
    );
    $document = Document::blank()->with(TypedChanges::read($changes, $settings));

    return [$document, JobAnswers::of($document, $settings)];
}
