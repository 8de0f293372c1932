<?php

declare(strict_types=1);

namespace App\Http\Requests;

use HotSprue\Fields\BadInput;
use JsonException;

/** One JSON object out of a text, for what reads every figure itself. */
final class RawJson
{
    private const MOST_BYTES = 1_000_000;

    private const DEEPEST = 32;

    /** Control characters that no text of a workshop holds; tab and line ends may. */
    private const CONTROL = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    /**
     * @return array<array-key, mixed>
     *
     * @throws BadInput
     */
    public static function object(string $text, int $most = self::MOST_BYTES): array
    {
        if (strlen($text) > $most) {
            throw BadInput::field('_', sprintf('This is over %d MB; less is accepted.', intdiv($most, 1_000_000)));
        }
        try {
            $read = json_decode($text === '' ? '{}' : $text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw BadInput::malformed();
        }
        if (! is_array($read) || ($read !== [] && array_is_list($read))) {
            throw BadInput::notAnObject();
        }
        array_walk_recursive($read, static function (mixed $value): void {
            if (is_string($value) && preg_match(self::CONTROL, $value) === 1) {
                throw BadInput::field(
                    '_', 'This holds characters that are not text; plain UTF-8 without control characters is accepted.',
                );
            }
        });

        return $read;
    }
}
