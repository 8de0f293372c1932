<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** Figures of one kind under one another, each a bar as long as it is large: before and after, given and wanted. */
final class BarsDrawing
{
    private const LONG = 90.0;

    /** What each sum sets side by side: input or result, what it is called, and how the bar is filled. */
    private const BARS = [
        'wax.like' => [['like_mass', 'the earlier wax', 'fill-wax'], ['wax_mass', 'this one', 'fill-wax']],
        'alloy.mix' => [
            ['fine_mass', 'fine metal in it', 'fill-sprue'], ['added_mass', 'added', 'fill-invest'],
            ['final_mass', 'it makes', 'fill-metal'],
        ],
        'forge.length' => [['length', 'before', 'fill-metal'], ['length_after', 'forged', 'fill-metal']],
        'ingot.length' => [['length', 'it gives', 'fill-metal'], ['wanted', 'wanted', 'ghost']],
        'settings.cut' => [
            ['needed_mass', 'wanted', 'fill-metal'], ['pieces_mass', 'in the settings', 'fill-sprue'],
            ['old_mass', 'old metal', 'ghost'],
        ],
        'stretch.test' => [['strain_first', 'the first', 'fill-sprue'], ['strain_second', 'the second', 'fill-invest']],
        'join.chips' => [
            ['joint_volume', 'the joint takes', 'fill-hot'], ['chip_volume', 'one chip gives', 'fill-sprue'],
        ],
        'anneal.passes' => [['strain', 'worked in all', 'fill-metal'], ['each', 'before each annealing', 'fill-hot']],
        'alloy.density' => [
            ['fineness_gold', 'gold in it', 'fill-sprue'], ['fineness_silver', 'silver in it', 'fill-metal'],
        ],
        'settings.total' => [
            ['stones_mass', 'stones', 'fill-stone'], ['metal_mass', 'their metal', 'fill-metal'],
            ['apart_mass', 'of it made apart', 'fill-sprue'],
        ],
    ];

    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $bars = [];
        foreach (self::BARS[$answer->sheet] ?? [] as [$name, $label, $style]) {
            $isResult = $answer->value($name) !== null;
            $value = $answer->value($name) ?? ($input->has($name) ? $input->num($name) : null);
            if (is_numeric($value)) {
                $bars[] = [$name, $label, $style, (float) $value, $isResult];
            }
        }
        $most = max([0.0, ...array_column($bars, 3)]);
        if ($most <= 0) {
            return [];
        }
        $view = new View('bars', 'Side by side', 'main', [-40, -4, self::LONG + 80, 16 * count($bars) + 8]);
        foreach ($bars as $at => [$name, $label, $style, $value, $isResult]) {
            $y = 16.0 * $at;
            $long = max(0.2, self::LONG * max(0.0, $value) / $most);
            $view->rect(0, $y, $long, 11, $style)->rect(0, $y, $long, 11, 'thin');
            $where = [self::LONG + 20, $y + 5.5];
            $isResult ? $view->result($name, $label, $where) : $view->input($name, $label, $where);
            $view->text(-3, $y + 7, $label, 'end', 'small');
        }

        return [$view];
    }
}
