<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HotSprue\Sheet\BadInput;
use JsonException;

/** One JSON object out of a text, for sheets, which read every figure themselves. */
final class RawJson
{
    /**
     * @return array<array-key, mixed>
     *
     * @throws BadInput
     */
    public static function object(string $text): array
    {
        try {
            $read = json_decode($text === '' ? '{}' : $text, true, 32, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw BadInput::malformed();
        }
        if (! is_array($read) || ($read !== [] && array_is_list($read))) {
            throw BadInput::notAnObject();
        }

        return $read;
    }
}
