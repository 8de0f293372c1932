<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use HotSprue\Measures\PictureScale;
use Illuminate\Foundation\Http\FormRequest;

/** Lines put on a photograph: one whose length is known, and what is measured by it. */
final class PictureLines extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'known' => 'required|string|max:40',
            'scale' => ['required', $this->line(...)],
            'lines' => 'present|array|list|max:'.PictureScale::MOST,
            'lines.*' => $this->line(...),
        ];
    }

    private function line(string $field, mixed $line, Closure $fail): void
    {
        PictureScale::isLine($line) ?: $fail('A line is two points on the picture.');
    }
}
