<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A figure as an answer shows it: a number, a short text, yes or no, or a short list of those. */
final class PlainValue implements ValidationRule
{
    private const LONGEST = 1_000;

    private const MOST = 100;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $list = is_array($value) ? $value : [$value];
        if (count($list) > self::MOST || array_filter($list, self::isPlain(...)) !== $list) {
            $fail('A number, a short text, true or false is accepted.');
        }
    }

    private static function isPlain(mixed $value): bool
    {
        return is_int($value)
            || is_float($value) || is_bool($value) || $value === null
            || (is_string($value) && mb_strlen($value) <= self::LONGEST);
    }
}
