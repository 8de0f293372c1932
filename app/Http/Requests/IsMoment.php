<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use HotSprue\Measures\Moment;
use HotSprue\Measures\Quantity;
use Illuminate\Contracts\Validation\ValidationRule;

/** A date and a time, as the core reads one. */
final class IsMoment implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_string($value) || ! Moment::isOne($value)) {
            $fail(ucfirst(Quantity::Moment->accepts()).' is accepted.');
        }
    }
}
