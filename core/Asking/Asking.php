<?php

declare(strict_types=1);

namespace HotSprue\Asking;

use HotSprue\Calculations;
use HotSprue\Fields\WorkshopFigures;

/** Finds the sum that somebody asks for in their own words: `strip size 8 1.65`, `wax 1.4 g in 14k`. */
final class Asking
{
    /** Sums offered beside the first. */
    private const OTHERS = 3;

    /** Words that say nothing of what is asked. */
    private const IDLE = [
        'a', 'an', 'the', 'in', 'of', 'for', 'to', 'is', 'what', 'does', 'do', 'i', 'with', 'and', 'on', 'from',
        'this', 'my', 'it', 'at', 'size', 'into', 'across', 'tall', 'long', 'wide', 'thick', 'inside', 'outside', 'by',
    ];

    /** @return list<Suggestion> the likeliest first; none where no word of it is known */
    public static function about(string $said, WorkshopFigures $settings, string $scale = 'us'): array
    {
        $question = Question::of($said, $scale);
        $found = [];
        foreach (array_keys(Calculations::all()) as $at => $name) {
            $suggestion = self::suggestion($name, $question, $settings);
            if ($suggestion->score > 0) {
                $found[] = [$suggestion, $at];
            }
        }
        usort($found, static fn (array $one, array $other): int => [$other[0]->score, $one[1]]
            <=> [$one[0]->score, $other[1]]);

        return array_map(static fn (array $one): Suggestion => $one[0], array_slice($found, 0, 1 + self::OTHERS));
    }

    private static function suggestion(string $name, Question $question, WorkshopFigures $settings): Suggestion
    {
        $sum = Calculations::describe($name);
        $placing = Placing::of($sum, $question, $settings);
        $named = SumWords::of($name);
        $title = array_diff(array_map(Question::stem(...), Question::of($sum->title)->words), self::IDLE);
        $score = 0.0;
        $unknown = [];
        foreach ($question->words as $said) {
            $word = Question::stem($said);
            $isNamed = in_array($word, $named, true);
            // The first of its words is what the sum is called at the bench.
            $score += $isNamed ? ($word === $named[0] ? 3.0 : 2.0) : 0.0;
            $score += ! $isNamed && in_array($word, $title, true) ? 1.0 : 0.0;
            $known = $isNamed || in_array($word, $title, true) || in_array($said, $placing->understood, true);
            if (! $known && ! in_array($said, self::IDLE, true)) {
                $unknown[] = $said;
            }
        }
        // A size alone is asked of in the other scales.
        if ($question->size !== null && $name === 'size.convert') {
            $score += 1.0;
        }
        $fits = 0.4 * count($placing->placed) - 1.0 * $placing->left - 1.5 * count($unknown);

        return new Suggestion($name, $sum->title, $placing, $unknown, $score > 0.0 ? max(0.05, $score + $fits) : 0.0);
    }
}
