<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Wax\Blank;
use HotSprue\Workshop\WorkshopSettings;

/** The wax inside the blank it is cut from, seen down the bore. */
final class BlankDrawing
{
    /** @return list<View> */
    public static function views(Input $input, Answer $answer, WorkshopSettings $settings): array
    {
        $bore = $input->num('bore');
        $top = $input->num('thickness');
        $base = $input->numOr('thickness_base', $top);
        $reach = $bore / 2 + max($top + $input->num('head_height'), $base) + 8;
        $view = new View('blank', 'Blank and slice', 'side', [-$reach, -$reach, 2 * $reach + 38, 2 * $reach]);
        $blank = $answer->value('blank');
        $shape = is_string($blank) ? Blank::find($blank, $settings) : null;
        if ($shape !== null) {
            $half = $shape->across / 2;
            $shape->form === 'round-tube'
                ? $view->circle(0, 0, $half, 'ghost')
                : $view->path($shape->isBlock()
                    ? sprintf(
                        'M%.3F %.3F h%.3F v%.3F h%.3F Z', -$half, -$shape->above, $shape->across, $shape->tall,
                        -$shape->across,
                    )
                    : sprintf(
                        'M%.3F 0 V%.3F H%.3F V0 A%.3F %.3F 0 0 1 %.3F 0 Z', -$half, -$shape->above, $half, $half, $half,
                        -$half,
                    ), 'ghost');
            if (! $shape->isBlock()) {
                $view->circle(0, 0, $shape->bore / 2, 'ghost');
            }
        }

        [$across, $high] = [$input->num('head_across'), $input->num('head_height')];
        if ($high > 0.0 && $across > 0.0) {
            $view->rect(-$across / 2, -$bore / 2 - $top - $high, $across, $high + $top / 2, 'fill-wax')
                ->rect(-$across / 2, -$bore / 2 - $top - $high, $across, $high + $top / 2, 'thin');
        }

        return [$view
            ->path(RingSide::wall($bore, $top, $base), 'fill-wax')
            ->through(RingSide::outer($bore, $top, $base), 'thin')
            ->circle(0, 0, $bore / 2, 'thin')
            ->input('blank', 'blank', [$reach + 18, -9], [], is_string($blank) ? $blank : null)
            ->result('slice', 'slice', [$reach + 18, 9])];
    }
}
