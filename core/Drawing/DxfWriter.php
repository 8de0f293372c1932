<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

/** A view as a DXF file, R12 in ASCII: mm, y up, one layer a style. */
final class DxfWriter
{
    public static function write(View $view): string
    {
        $data = $view->toArray();
        $pairs = [
            [0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$INSUNITS'], [70, 4], [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'ENTITIES'],
        ];
        foreach ($data['shapes'] as $shape) {
            if (! str_starts_with((string) $shape['style'], 'fill-')) {
                $pairs = [...$pairs, ...self::entity($shape)];
            }
        }
        // The check bar of 50 mm, under everything.
        [$x, $y, , $high] = $data['box'];
        $pairs = [
            ...$pairs, ...self::line($x + 3, $y + $high + 3, $x + 53, $y + $high + 3, 'checkbar'), [0, 'ENDSEC'],
            [0, 'EOF'],
        ];

        return implode(
            '',
            array_map(
                static fn (array $pair): string => sprintf(
                    "%3d\n%s\n", $pair[0], is_float($pair[1]) ? sprintf('%.5F', $pair[1]) : $pair[1],
                ),
                $pairs,
            ),
        );
    }

    /**
     * @param  array<string, mixed>  $shape
     * @return list<array{int, string|float|int}>
     */
    private static function entity(array $shape): array
    {
        $layer = (string) $shape['style'];

        return match ($shape['kind']) {
            'line' => self::line($shape['x1'], $shape['y1'], $shape['x2'], $shape['y2'], $layer),
            'circle' => [
                [0, 'CIRCLE'], [8, $layer], [10, (float) $shape['cx']], [20, -(float) $shape['cy']], [30, 0.0],
                [40, (float) $shape['r']],
            ],
            'path' => array_merge(
                ...array_map(
                    static fn (array $run): array => self::polyline($run['points'], $run['closed'], $layer),
                    PathPoints::of((string) $shape['d']),
                ),
            ),
            // R12 knows no letters beyond ASCII: others are written by their code.
            default => [
                [0, 'TEXT'], [8, $layer], [10, (float) $shape['x']], [20, -(float) $shape['y']], [30, 0.0], [40, 2.2],
                [
                    1,
                    (string) preg_replace_callback(
                        '/[^\x20-\x7E]/u', static fn (array $found): string => sprintf('\\U+%04X', mb_ord($found[0])),
                        (string) $shape['text'],
                    ),
                ],
            ],
        };
    }

    /** @return list<array{int, string|float|int}> */
    private static function line(float $x1, float $y1, float $x2, float $y2, string $layer): array
    {
        return [[0, 'LINE'], [8, $layer], [10, $x1], [20, -$y1], [30, 0.0], [11, $x2], [21, -$y2], [31, 0.0]];
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{int, string|float|int}>
     */
    private static function polyline(array $points, bool $closed, string $layer): array
    {
        $pairs = [[0, 'POLYLINE'], [8, $layer], [66, 1], [70, $closed ? 1 : 0], [10, 0.0], [20, 0.0], [30, 0.0]];
        foreach ($points as [$x, $y]) {
            $pairs = [...$pairs, [0, 'VERTEX'], [8, $layer], [10, $x], [20, -$y], [30, 0.0]];
        }

        return [...$pairs, [0, 'SEQEND'], [8, $layer]];
    }
}
