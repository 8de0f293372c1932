<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** Stones against the steps of the bench: what each stands, told by a word and an edge. */
final class StandsDrawing
{
    private const WORDS = ['y' => 'stands', 'c' => 'with care', 'n' => 'no'];

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $cells = [];
        foreach ((array) $answer->value('stands') as $one) {
            $cells[(string) $one['stone']][(string) $one['step']] = (string) $one['stands'];
        }
        if ($cells === []) {
            return [];
        }
        $steps = array_keys(reset($cells));
        [$wide, $high, $left] = [20.0, 9.0, 34.0];
        $view = new View(
            'stands', 'What each stone stands', 'main',
            [0, 0, $left + $wide * count($steps) + 2, $high * (count($cells) + 1) + 2],
        );
        foreach ($steps as $at => $step) {
            $view->text($left + $wide * ($at + 0.5), 6, $step, 'middle', 'small');
        }
        foreach (array_keys($cells) as $row => $stone) {
            $y = $high * ($row + 1);
            $view->text($left - 3, $y + 6, (string) $stone, 'end', 'small');
            foreach ($steps as $at => $step) {
                $stands = $cells[$stone][$step] ?? 'y';
                $x = $left + $wide * $at;
                $view->rect($x, $y, $wide, $high, $stands === 'c' ? 'fill-caution' : 'fill-paper')
                    ->rect($x + 0.5, $y + 0.5, $wide - 1, $high - 1, $stands === 'n' ? 'hot' : 'thin')
                    ->text(
                        $x + $wide / 2, $y + 6, self::WORDS[$stands] ?? $stands, 'middle',
                        $stands === 'n' ? 'hot' : 'small',
                    );
            }
        }

        return [$view];
    }
}
