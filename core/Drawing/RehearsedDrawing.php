<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** A stone as pushes leave it, with a level on its table, and a crucible beside its flask. */
final class RehearsedDrawing
{
    private const STONE = 11.0;

    private const CLAWS = 15.0;

    /** How far the bubble runs for a degree, mm. */
    private const RUNS = 4.0;

    /** @return list<View> */
    public static function push(Input $input, Answer $answer): array
    {
        $count = (int) $input->num('count');
        $pushed = array_count_values(array_map(intval(...), $input->nums('pushed')));
        $view = new View('push', 'The stone and its level', 'main', [-24, -20, 48, 52]);
        $view->circle(0, 0, self::STONE, 'fill-metal')->circle(0, 0, self::STONE)->circle(0, 0, 2.4, 'thin');
        foreach (range(1, $count) as $number) {
            [$x, $y] = self::at($number, $count);
            $view->circle($x, $y, 1.4, isset($pushed[$number]) ? 'fill-hot' : 'fill-paper')->circle($x, $y, 1.4)
                ->text($x * 1.2, $y * 1.2 + 1, (string) $number, style: 'small');
        }
        // The bubble runs to the side that stands high.
        $runs = self::RUNS * (float) $answer->value('tilt_deg');
        $towards = deg2rad((float) $answer->value('towards_deg'));
        $view->circle(-$runs * sin($towards), $runs * cos($towards), 1.6, 'hot');

        return [$view->result('tilt_deg', 'off level', [-10, 26])->result('made', 'pushed', [10, 26])];
    }

    /** @return list<View> */
    public static function pour(Answer $answer): array
    {
        $view = new View('pour', 'Crucible and flask', 'main', [-40, -14, 80, 40]);
        $view->through([[-30.0, -8.0], [-26.0, 8.0], [-12.0, 8.0], [-8.0, -8.0]], 'outline', false)
            ->rect(10, -8, 22, 16, 'fill-metal')->rect(10, -8, 22, 16);
        if ((float) $answer->value('glow') > 0) {
            $view->through([[-28.6, -2.0], [-26.0, 8.0], [-12.0, 8.0], [-9.4, -2.0]], 'hot');
        }

        return [$view->result('metal', 'metal', [-19, 20])->result('flask', 'flask', [21, 20])];
    }

    /** @return array{float, float} */
    private static function at(int $number, int $count): array
    {
        $angle = 2 * M_PI * $number / $count;

        return [self::CLAWS * sin($angle), -self::CLAWS * cos($angle)];
    }
}
