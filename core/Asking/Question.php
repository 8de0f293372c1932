<?php

declare(strict_types=1);

namespace HotSprue\Asking;

/** What somebody typed, taken apart: a ring size, figures with the unit said for them, and words. */
final readonly class Question
{
    private const SCALES = ['us' => 'us', 'uk' => 'uk', 'eu' => 'iso', 'jp' => 'jp', 'ch' => 'ch'];

    private const SIZE = '/\b(?:(us|uk|eu|jp|ch)\s+|size\s+)(?:(us|uk|eu|jp|ch)\s+)?'
        .'([a-z](?![a-z])\s?½?|\d+(?:[.,]\d+|\s?[¼½¾])?)(?!\w)/u';

    private const FIGURE = '/(?<![\w.])(\d+\/\d+|\d+(?:[.,]\d+)?)\s*'
        .'(mm|cm|in|ga|mg|kg|g|ct|dwt|ozt|%|°[cf]|[cf](?!\w)|min|h|ml|k(?!\w))?(?![\w])/u';

    /**
     * @param  ?array{scale: string, size: string}  $size
     * @param  list<array{said: string, unit: string}>  $figures
     * @param  list<string>  $words
     */
    private function __construct(public ?array $size, public array $figures, public array $words) {}

    /** @param string $scale of a size said without one */
    public static function of(string $said, string $scale = 'us'): self
    {
        $text = ' '.mb_strtolower(trim($said)).' ';
        $text = (string) preg_replace('/(?<=\d)\s*[x×]\s*(?=\d)/u', ' ', $text);
        $size = null;
        $text = (string) preg_replace_callback(self::SIZE, static function (array $found) use (&$size, $scale): string {
            $named = self::SCALES[$found[1] !== '' ? $found[1] : $found[2]] ?? null;
            $size ??= [
                'scale' => $named ?? (ctype_alpha($found[3][0]) ? 'uk' : $scale), 'size' => strtoupper(trim($found[3])),
            ];

            return ' ';
        }, $text);
        $figures = [];
        $text = (string) preg_replace_callback(self::FIGURE, static function (array $found) use (&$figures): string {
            $unit = $found[2] ?? '';
            // `14 k` is an alloy, and no figure.
            if ($unit === 'k') {
                return " {$found[1]}k ";
            }
            $figures[] = ['said' => trim("{$found[1]} {$unit}"), 'unit' => $unit];

            return ' ';
        }, $text);

        preg_match_all('/[\p{L}\d½]+/u', $text, $words);

        return new self($size, $figures, $words[0]);
    }

    /** A word without its plural’s s. */
    public static function stem(string $word): string
    {
        return mb_strlen($word) > 3 ? rtrim($word, 's') : $word;
    }
}
