<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** A mass as it is typed, in whole milligrams. */
trait ReadsMass
{
    /** @throws BadInput */
    private function milligrams(mixed $typed, string $field, bool $any = false): int
    {
        $mass = Field::of(Quantity::Mass, $field, 'a mass');
        try {
            $negative = $any
                && ((is_string($typed) && str_starts_with(trim($typed), '-')) || (is_numeric($typed) && $typed < 0));
            $grams = ($any ? $mass->allowingZero() : $mass)->read(
                $negative ? (is_string($typed) ? ltrim(trim($typed), '-') : -1 * (float) $typed) : $typed,
                WorkshopSettings::shipped(),
            );
        } catch (NotUnderstood $not) {
            throw BadInput::field($field, $not->getMessage());
        }

        return ($negative ? -1 : 1) * (int) round(1000 * (is_numeric($grams) ? (float) $grams : 0.0));
    }
}
