<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;

/** The flask cut down its axis, the pattern on its sprue inside, with its margins. */
final class FlaskDrawing
{
    /** A head's width where only its height is known, as a share of the ring's. */
    private const HEAD = 0.35;

    /** @return list<View> */
    public static function views(Input $input, Answer $answer): array
    {
        $flask = $answer->value('flask');
        if (! is_string($flask)) {
            return [];
        }
        [$d, $h] = [$answer->num('flask_diameter'), $answer->num('flask_height')];
        [$across, $tall, $sprue] = [$input->num('across'), $input->num('tall'), $input->num('sprue_length')];
        // What stands higher than it is wide has its head on top.
        $head = max(0.0, $tall - $across);
        $ring = -$sprue - ($tall - $head) / 2;
        $boxes = 0.98 * $d;

        return [(new View('flask', 'Flask in section', 'side', [-$d / 2 - 3, -$h - 3, 1.95 * $d + 6, $h + 6]))
            ->rect(-$d / 2, -$h, $d, $h, 'fill-invest')
            ->path(sprintf('M%.3F %.3F V0 M%.3F %.3F V0', -$d / 2, -$h, $d / 2, -$h), 'flask')
            ->path(sprintf('M-9 0 L-2 -6 H2 L9 0 Z M-2 -6 L-1.5 %.3F H1.5 L2 -6 Z', -$sprue), 'fill-sprue')
            ->circle(0, $ring, $across / 2, 'fill-wax')
            ->circle(0, $ring, $across / 2, 'thin')
            ->circle(0, $ring, max(1.0, $across / 2 - $across * 0.11), 'hole')
            ->circle(0, $ring, max(1.0, $across / 2 - $across * 0.11), 'thin')
            ->rect(
                -$across * self::HEAD / 2, -$sprue - $tall, $across * self::HEAD, $head,
                $head > 0.0 ? 'fill-wax' : 'hole',
            )
            ->result('end_margin', 'to the end', [$boxes, -$h + 8], [[0, -$h], [0, -$sprue - $tall]])
            ->result(
                'wall_margin', 'to the wall', [$boxes, min($ring, -$h / 2)], [[$across / 2, $ring], [$d / 2, $ring]],
            )
            ->input('flask', 'flask', [$boxes, -8], [], $flask)];
    }
}
