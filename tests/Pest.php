<?php

declare(strict_types=1);

use HotSprue\Sheet\Answer;
use HotSprue\Sheet\BadInput;
use HotSprue\Sheet\Sheets;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\BrowserCase;
use Tests\FeatureCase;

pest()->extend(FeatureCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(BrowserCase::class)->in('Browser');

/** @param array<string, mixed> $input */
function reckon(string $sheet, array $input): Answer
{
    return Sheets::answer($sheet, $input);
}

/**
 * What a sheet refuses, by field; nothing where it answers.
 *
 * @param  array<string, mixed>  $input
 * @return array<string, list<string>>
 */
function refused(string $sheet, array $input): array
{
    try {
        Sheets::answer($sheet, $input);
    } catch (BadInput $bad) {
        return $bad->errors;
    }

    return [];
}
