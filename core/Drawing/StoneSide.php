<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** A stone from the side, and the seat that is cut for a round; to scale. Proportions: workbook 4, seats. */
final class StoneSide
{
    private const CROWN = 0.15;

    /** @return list<View> the stone by its measures */
    public static function stone(Input $input, Answer $answer): array
    {
        [$wide, $deep] = [$input->num('width'), $input->num('depth')];
        $view = self::drawn(
            new View(
                'stone', 'The stone from the side', 'main', [-$wide * 1.3, -$deep * 0.4, 2.6 * $wide, $deep * 1.8], 6,
            ), $wide, $deep,
        );

        return [$view->input('width', 'wide', [0, -$deep * 0.2], [[-$wide / 2, -0.3], [$wide / 2, -0.3]])
            ->input('depth', 'deep', [$wide, $deep / 2], [[$wide * 0.62, 0], [$wide * 0.62, $deep]])
            ->result('carats', 'carats', [-$wide, $deep / 2])];
    }

    /** @return list<View> the seat cut across, with the stone over it */
    public static function seat(Input $input, Answer $answer): array
    {
        $wide = $input->num('diameter');
        $deep = $input->numOr('depth', 0.6 * $wide);
        $below = $answer->num('girdle_below');
        [$pilot, $ball, $bearing] = [$answer->num('pilot'), $answer->num('ball'), $answer->num('bearing')];
        $seat = $answer->num('seat_depth');
        $foot = $below + 0.85 * $deep + 0.6;
        $side = 1.1 * $wide;
        $view = new View('seat', 'The seat, cut across', 'main', [-$side - $wide, -$deep * 0.5, 4.2 * $wide,
            $foot + $deep], 6);
        foreach ([-1, 1] as $way) {
            $view->filled([
                [$way * $side, 0], [$way * $bearing / 2, 0], [$way * $bearing / 2, $below],
                [$way * $ball / 2, $below + 0.25 * $seat], [$way * $pilot / 2, $below + $seat],
                [$way * $pilot / 2, $foot], [$way * $side, $foot],
            ], 'fill-metal', 'outline');
        }
        $crown = self::CROWN * $wide;
        $view->filled(self::outline($wide, $deep, $below - $crown), 'fill-stone', 'thin');

        return [$view->input('diameter', 'stone', [0, -$deep * 0.3], [[-$wide / 2, -0.2], [$wide / 2, -0.2]])
            ->result('bearing', 'bearing bur', [-$side - $wide * 0.45, 0.2 * $foot])
            ->result('pilot', 'pilot drill', [-$side - $wide * 0.45, 0.8 * $foot])
            ->result('girdle_below', 'girdle below', [$side + $wide * 0.45, 0.2 * $foot])
            ->result('seat_depth', 'seat deep', [$side + $wide * 0.45, 0.8 * $foot])];
    }

    private static function drawn(View $view, float $wide, float $deep): View
    {
        return $view->filled(self::outline($wide, $deep, 0.0), 'fill-stone')
            ->line(-$wide / 2, self::CROWN * $wide, $wide / 2, self::CROWN * $wide, 'thin');
    }

    /** @return list<array{float, float}> table, crown, girdle and pavilion down to the culet */
    private static function outline(float $wide, float $deep, float $top): array
    {
        $crown = min(self::CROWN * $wide, 0.6 * $deep);

        return [
            [-0.29 * $wide, $top], [0.29 * $wide, $top], [$wide / 2, $top + $crown], [0, $top + $deep],
            [-$wide / 2, $top + $crown],
        ];
    }
}
