<?php

declare(strict_types=1);

namespace Tests\Support;

use HotSprue\Drawing\PathPoints;

/** What of a drawing lies off the sheet that it is drawn on. */
final class OffSheet
{
    private const SLACK = 0.5;

    /**
     * @param  array<string, mixed>  $view  a drawing as data
     * @return list<string> each shape that does, by its style and where
     */
    public static function shapes(array $view): array
    {
        [$x, $y, $wide, $high] = $view['box'];
        $off = [];
        foreach ($view['shapes'] as $shape) {
            foreach (self::touched($shape) as [$atX, $atY]) {
                if ($atX < $x - self::SLACK || $atX > $x + $wide + self::SLACK
                    || $atY < $y - self::SLACK || $atY > $y + $high + self::SLACK) {
                    $off[] = sprintf('%s %s %.2f %.2f', $shape['style'], $shape['kind'], $atX, $atY);

                    break;
                }
            }
        }

        return $off;
    }

    /**
     * @param  array<string, mixed>  $shape
     * @return list<array{float, float}> places that a shape touches
     */
    private static function touched(array $shape): array
    {
        return match ($shape['kind']) {
            'line' => [[$shape['x1'], $shape['y1']], [$shape['x2'], $shape['y2']]],
            'circle' => [
                [$shape['cx'] - $shape['r'], $shape['cy'] - $shape['r']],
                [$shape['cx'] + $shape['r'], $shape['cy'] + $shape['r']],
            ],
            'path' => array_merge(...array_column(PathPoints::of($shape['d']), 'points')),
            default => [[$shape['x'], $shape['y']]],
        };
    }
}
