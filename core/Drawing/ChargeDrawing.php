<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;

/** The charge as a bar of metal to scale by mass: piece, sprues, button; beside it what is laid out. */
final class ChargeDrawing
{
    private const LONG = 100.0;

    /** @return list<View> */
    public static function views(Answer $answer): array
    {
        $charge = $answer->num('charge_mass');
        $piece = $answer->num('piece_mass') / $charge * self::LONG;
        $fill = $answer->num('fill_mass') / $charge * self::LONG;
        $view = (new View('charge', 'The charge, to scale by mass', 'main', [-6, -20, self::LONG + 14, 88]))
            ->rect(0, 0, $piece, 14, 'fill-metal')->rect(0, 0, $piece, 14)
            ->rect($piece, 0, max(0.01, $fill - $piece), 14, 'fill-sprue')
            ->rect($piece, 0, max(0.01, $fill - $piece), 14)
            ->rect($fill, 0, self::LONG - $fill, 14, 'fill-wax')->rect($fill, 0, self::LONG - $fill, 14)
            ->text($piece / 2, 18.5, 'piece', 'middle', 'small')
            ->text(($piece + $fill) / 2, 18.5, 'sprues', 'middle', 'small')
            ->result('piece_mass', 'piece', [$piece / 2, 7])
            ->result('button_mass', 'button', [($fill + self::LONG) / 2, 24], [[$fill, 16], [self::LONG, 16]])
            ->result('charge_mass', 'charge to melt', [self::LONG / 2, -11], [[0, -3], [self::LONG, -3]])
            ->text(0, 40, 'laid out on the bench', 'start')
            ->input('new_mass', 'new metal', [12, 50])
            ->input('reused_mass', 'metal used before', [56, 50])
            ->result('new_share', 'share new', [100, 50]);

        return [$view];
    }
}
