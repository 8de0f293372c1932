<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

/**
 * A view as an SVG file at life size, in mm, with a check bar of 50 mm under it; or as a picture for somebody who reads
 * no drawings.
 */
final class SvgWriter
{
    private const STYLES = [
        'outline' => 'stroke-width:0.25', 'thin' => 'stroke-width:0.12', 'ghost' => 'stroke-width:0.1;stroke:#999',
        'centre' => 'stroke-width:0.12;stroke-dasharray:2 0.6 0.4 0.6', 'measure' => 'stroke-width:0.15',
        'cast' => 'stroke-width:0.12;stroke-dasharray:1 0.6', 'finished' => 'stroke-width:0.15',
    ];

    /** What a client sees of a drawing, and how. */
    private const SEEN = [
        'fill-metal' => 'fill:#e3d3ae;stroke:none', 'fill-wax' => 'fill:#e3d3ae;stroke:none',
        'fill-stone' => 'fill:#dfe9f2;stroke:none', 'outline' => 'stroke-width:0.18', 'finished' => 'stroke-width:0.12',
        'hole' => 'fill:#fcfaf4;stroke:none',
    ];

    public static function write(View $view): string
    {
        $data = $view->toArray();
        [$x, $y, $wide, $high] = $data['box'];
        $wide = max($wide, 56.0);
        $bar = $y + $high + 3;
        $lines = [];
        foreach ($data['shapes'] as $shape) {
            $lines[] = self::shape($shape);
        }
        $lines[] = sprintf(
            '<path d="M%.3F %.3F h50 M%.3F %.3F v2 M%.3F %.3F v2" style="stroke-width:0.25"/>', $x + 3, $bar, $x + 3,
            $bar - 1, $x + 53, $bar - 1,
        );
        $lines[] = sprintf(
            '<text x="%.3F" y="%.3F" style="stroke:none;fill:#000;font-size:2.6px">50 mm</text>', $x + 3, $bar + 4,
        );

        return sprintf(
            '<?xml version="1.0" encoding="UTF-8"?>'
                ."\n"
                .'<svg xmlns="http://www.w3.org/2000/svg" width="%1$.3Fmm" height="%2$.3Fmm" viewBox="%3$.3F %4$.3F '
                    .'%1$.3F %2$.3F" style="fill:none;stroke:#000;font-family:sans-serif">'
                ."\n",
            $wide, $high + 9, $x, $y,
        )
            .'<title>'.self::said($data['title'])."</title>\n".implode("\n", array_filter($lines))."\n</svg>\n";
    }

    /** Metal, stones and their outlines, without measures, help lines and words. */
    public static function picture(View $view): string
    {
        $data = $view->toArray();
        $shapes = array_filter($data['shapes'], static fn (array $shape): bool => isset(self::SEEN[$shape['style']]));
        $lines = array_map(
            static fn (array $shape): string => self::drawn($shape, self::SEEN[$shape['style']]), $shapes,
        );

        $around = array_map(
            static fn (float $one): string => sprintf('%.3F', $one), self::around($shapes, $data['box']),
        );

        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" role="img" viewBox="%s" '
                .'style="fill:none;stroke:#26241f;stroke-linejoin:round"><title>%s</title>%s</svg>',
            implode(' ', $around),
            self::said($data['title']), implode('', $lines),
        );
    }

    /**
     * The box round what is seen.
     *
     * @param  array<array<string, mixed>>  $shapes
     * @param  array{float, float, float, float}  $box  of the drawing, where nothing is
     * @return array{float, float, float, float}
     */
    private static function around(array $shapes, array $box): array
    {
        $points = [];
        foreach ($shapes as $shape) {
            $points = [...$points, ...match ($shape['kind']) {
                'circle' => [
                    [$shape['cx'] - $shape['r'], $shape['cy'] - $shape['r']],
                    [$shape['cx'] + $shape['r'], $shape['cy'] + $shape['r']],
                ],
                'line' => [[$shape['x1'], $shape['y1']], [$shape['x2'], $shape['y2']]],
                'path' => array_merge(...array_column(PathPoints::of((string) $shape['d']), 'points')),
                default => [],
            }];
        }
        if ($points === []) {
            return $box;
        }
        [$xs, $ys] = [array_column($points, 0), array_column($points, 1)];
        [$left, $top] = [min($xs) - 1, min($ys) - 1];

        return [$left, $top, max($xs) + 1 - $left, max($ys) + 1 - $top];
    }

    /** @param array<string, mixed> $shape */
    private static function shape(array $shape): string
    {
        // A fill is for the screen; its outline is drawn beside it.
        return str_starts_with((string) $shape['style'], 'fill-')
            ? ''
            : self::drawn($shape, self::STYLES[$shape['style']] ?? 'stroke-width:0.15');
    }

    /** @param array<string, mixed> $shape */
    private static function drawn(array $shape, string $style): string
    {
        return match ($shape['kind']) {
            'line' => sprintf(
                '<line x1="%.4F" y1="%.4F" x2="%.4F" y2="%.4F" style="%s"/>', $shape['x1'], $shape['y1'], $shape['x2'],
                $shape['y2'], $style,
            ),
            'circle' => sprintf(
                '<circle cx="%.4F" cy="%.4F" r="%.4F" style="%s"/>', $shape['cx'], $shape['cy'], $shape['r'], $style,
            ),
            'path' => sprintf('<path d="%s" style="%s"/>', self::said((string) $shape['d']), $style),
            default => sprintf(
                '<text x="%.3F" y="%.3F" text-anchor="%s" style="stroke:none;fill:#000;font-size:2.2px">%s</text>',
                $shape['x'], $shape['y'], self::said((string) $shape['anchor']), self::said((string) $shape['text']),
            ),
        };
    }

    private static function said(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES);
    }
}
