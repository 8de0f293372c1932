<?php

declare(strict_types=1);

use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;

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
