<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\BrowserCase;
use Tests\FeatureCase;

require_once __DIR__.'/Support/typing.php';

pest()->extend(FeatureCase::class)->use(RefreshDatabase::class)->in('Feature');
pest()->extend(BrowserCase::class)->in('Browser');

/** @param array<string, mixed> $input */
function reckon(string $sheet, array $input): Answer
{
    return Calculations::answer($sheet, $input);
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
        Calculations::answer($sheet, $input);
    } catch (BadInput $bad) {
        return $bad->errors;
    }

    return [];
}
