<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

/** What came into the safe and what went out of it, as streams as wide as their mass. */
final class FlowDrawing
{
    private const HIGH = 40.0;

    /**
     * @param  array<string, int>  $in  mg by what brought it
     * @param  array<string, int>  $out  mg by what took it
     */
    public static function of(array $in, array $out): View
    {
        $in = array_filter($in, static fn (int $mg): bool => $mg > 0);
        $out = array_filter($out, static fn (int $mg): bool => $mg > 0);
        $most = max(1, array_sum($in), array_sum($out));
        $rows = max(1, count($in), count($out));
        $view = (new View('flow', 'The last thirty days', 'main', [-62, -10, 184, self::HIGH + 9 * $rows + 4]))
            ->rect(24, -6, 12, self::HIGH + 9 * $rows, 'fill-paper')->rect(24, -6, 12, self::HIGH + 9 * $rows, 'thin')
            ->text(30, self::HIGH + 9 * $rows - 8, 'safe', 'middle', 'small');
        self::streams($view, $in, $most, -1, 'fill-metal');
        self::streams($view, $out, $most, 1, 'fill-sprue');

        return $view;
    }

    /** @param array<string, int> $streams */
    private static function streams(View $view, array $streams, int $most, int $way, string $style): void
    {
        $y = 0.0;
        foreach ($streams as $name => $mg) {
            $high = max(0.4, self::HIGH * $mg / $most);
            $from = $way < 0 ? -6.0 : 36.0;
            $tip = $way < 0 ? 24.0 : 66.0;
            $view->filled([
                [$from, $y], [$tip - 4, $y], [$tip, $y + $high / 2], [$tip - 4, $y + $high], [$from, $y + $high],
            ], $style, 'thin')->text(
                $way < 0 ? -9.0 : 69.0, $y + $high / 2 + 1.2, sprintf('%s %.3f g', $name, $mg / 1000),
                $way < 0 ? 'end' : 'start', 'small',
            );
            $y += $high + 9;
        }
    }
}
