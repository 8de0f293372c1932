<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** What a job waits for from now until it ends, side by side as long as each takes, and what is laid on top. */
final class PromiseDrawing
{
    private const LONG = 160.0;

    private const STYLES = ['fill-sprue', 'fill-stone', 'fill-invest', 'fill-metal', 'fill-wax', 'fill-paper'];

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $because = array_values((array) $answer->value('because'));
        if ($because === []) {
            return [];
        }
        $spare = $answer->num('spare_min');
        $whole = max(1.0, $answer->num('length_min') + $spare);
        $view = new View('promise', 'From now to the promise', 'main', [-4, -6, self::LONG + 8,
            9 * count($because) + 44]);
        $x = 0.0;
        foreach ([...$because, ['what' => 'to spare', 'minutes' => $spare]] as $at => $one) {
            $long = self::LONG * $one['minutes'] / $whole;
            $style = $at < count($because) ? self::STYLES[$at % count(self::STYLES)] : 'fill-caution';
            $view->rect($x, 0, $long, 10, $style)->rect($x, 0, $long, 10, 'thin');
            $y = 18 + 9.0 * $at;
            $view->rect(0, $y - 4, 6, 5, $style)->rect(0, $y - 4, 6, 5, 'thin')
                ->text(10, $y, sprintf('%s %s', self::said((float) $one['minutes']), $one['what']), 'start', 'small');
            $x += $long;
        }
        $foot = 9 * count($because) + 30;

        return [$view->result('length_min', 'from now', [30, $foot])->result('spare_min', 'to spare', [100, $foot])];
    }

    private static function said(float $minutes): string
    {
        return $minutes >= 1440 ? sprintf('%.1f d', $minutes / 1440)
            : sprintf('%d:%02d h', intdiv((int) round($minutes), 60), (int) round($minutes) % 60);
    }
}
