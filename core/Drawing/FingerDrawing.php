<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** The finger’s circle to scale, and the nearest mark of each stick beside it. */
final class FingerDrawing
{
    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $d = $answer->num('inner_diameter');
        $r = $d / 2;
        $main = (new View('finger', 'The finger', 'main', [-$r - 8, -$r - 4, $d + 16, $d + 13], 1))
            ->circle(0, 0, $r, 'fill-skin')
            ->circle(0, 0, $r, 'outline')
            ->line(-$r - 2, 0, $r + 2, 0, 'centre')
            ->line(0, -$r - 2, 0, $r + 2, 'centre')
            ->result('inner_diameter', 'inside diameter', [0, 0], [[-$r, 0], [$r, 0]])
            ->input('size', 'the finger', [0, $r + 5]);
        $marks = $answer->value('marks');
        $stick = (new View('sticks', 'Nearest marks, mm round from the finger', 'side', [0, 0, 40, 33], 1))->line(
            20, 1, 20, 32, 'measure',
        );
        $names = ['iso' => 'EU', 'us' => 'US', 'uk' => 'UK', 'jp' => 'JP', 'ch' => 'CH'];
        foreach (is_array($marks) ? $marks : [] as $row => $mark) {
            $y = 5 + $row * 5.6;
            $x = 20 + max(-14.0, min(14.0, $mark['off_mm'] * 14));
            $stick->line(4, $y, 36, $y, 'thin')
                ->line($x, $y - 1.6, $x, $y + 1.6, 'outline')
                ->text(0, $y + 0.6, $names[$mark['scale']], 'start')
                ->text($x, $y + 3.4, sprintf('%s %+.2f', $mark['label'], $mark['off_mm']), 'middle', 'small');
        }

        return [$main, $stick];
    }
}
