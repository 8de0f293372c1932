<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

use HotSprue\Kiln\SimulatedKiln;

/** A burnout or a firing in the kiln: what was planned, what was logged, what the core feels by the model, and now. */
final class RunDrawing
{
    private const WIDE = 190.0;

    private const DEGREE = 0.11;

    /**
     * @param  list<array{name: string, to: float, minutes: float}>  $stages
     * @param  list<array{float, ?float}>  $log  minute and reading, in order
     * @param  list<array{float, float}>  $core  minute and temperature
     * @param  ?float  $limit  of gypsum investment, °C; null where there is none in the kiln
     */
    public static function view(
        SimulatedKiln $kiln, array $stages, array $log, array $core, ?float $now, ?float $limit,
    ): View
    {
        $total = max($kiln->length(), $now ?? 0.0);
        $high = max($limit ?? 0.0, ...array_map(static fn (array $stage): float => $stage['to'], $stages));
        $x = static fn (float $minute): float => $minute / $total * self::WIDE;
        $y = static fn (float $c): float => -$c * self::DEGREE;
        $view = new View(
            'run', $limit === null ? 'The firing' : 'The burnout', 'main',
            [-18, $y($high) - 12, self::WIDE + 40, -$y($high) + 34],
        );
        $view->line(0, 0, self::WIDE, 0, 'thin');
        for ($hour = 0; $hour * 60 <= $total; $hour++) {
            $view->line($x($hour * 60), 0, $x($hour * 60), 1.5, 'thin')->text(
                $x($hour * 60), 6, "{$hour} h", 'middle', 'small',
            );
        }
        $planned = [[0.0, $y(20.0)]];
        $at = 0.0;
        foreach ($stages as $stage) {
            $view->line(
                0, $y($stage['to']), self::WIDE, $y($stage['to']), 'ghost',
            )->degrees(-2, $y($stage['to']) + 1.5, $stage['to'], 'end')
                ->line($x($at) + 1, 11, $x($at + $stage['minutes']) - 1, 11, 'bar')
                ->text($x($at + $stage['minutes'] / 2), 17, $stage['name'], 'middle', 'small');
            for ($step = 1; $step <= 20; $step++) {
                $planned[] = [
                    $x($at + $stage['minutes'] * $step / 20), $y($kiln->planned($at + $stage['minutes'] * $step / 20)),
                ];
            }
            $at += $stage['minutes'];
        }
        $view->through($planned, 'thin', false);
        if ($limit !== null) {
            $view->line(0, $y($limit), self::WIDE, $y($limit), 'limit')
                ->degrees(self::WIDE, $y($limit) - 2, $limit, 'end', 'hot', 'gypsum limit ');
        }
        if (count($core) > 1) {
            $view->through(
                array_map(static fn (array $point): array => [$x($point[0]), $y($point[1])], $core), 'cast', false,
            );
        }
        foreach (self::unbroken($log) as $run) {
            $view->through(
                array_map(static fn (array $point): array => [$x($point[0]), $y($point[1])], $run), 'hot', false,
            );
        }
        if ($now !== null) {
            $view->line($x($now), 2, $x($now), $y($high) - 6, 'outline')->text(
                $x($now), $y($high) - 8, 'now', 'middle', 'small',
            );
        }

        return $view;
    }

    /**
     * The log where it was watched: a gap, or a lost reading, breaks the line.
     *
     * @param  list<array{float, ?float}>  $log
     * @return list<list<array{float, float}>>
     */
    private static function unbroken(array $log): array
    {
        $runs = $run = [];
        $last = null;
        foreach ($log as [$minute, $c]) {
            if ($c === null || ($last !== null && $minute - $last > 1.5)) {
                $runs[] = $run;
                $run = [];
            }
            if ($c !== null) {
                $run[] = [$minute, $c];
            }
            $last = $minute;
        }
        $runs[] = $run;

        return array_values(array_filter($runs, static fn (array $run): bool => count($run) > 1));
    }

    /**
     * The flasks as they stand in the kiln, cut open, mouths down, to one scale.
     *
     * @param  list<array{flask: string, diameter: float, height: float, patterns: int, poured: bool}>  $flasks
     *   mm, in the order of pouring
     */
    public static function chamber(array $flasks): View
    {
        $gap = 18.0;
        $wide = $gap + array_sum(array_map(static fn (array $flask): float => $flask['diameter'] + $gap, $flasks));
        $high = max([60.0, ...array_column($flasks, 'height')]) + 22;
        $view = (new View(
            'chamber', 'In the kiln, to scale', 'side', [-8, -$high - 8, max(200.0, $wide) + 16, $high + 44],
        ))
            ->path(sprintf('M0 0 V%.3F H%.3F V0 Z', -$high, $wide), 'flask');
        $x = $gap;
        foreach ($flasks as $index => $flask) {
            ['diameter' => $d, 'height' => $h] = $flask;
            $middle = $x + $d / 2;
            $view->text(
                $middle, 13, sprintf('flask %d', $index + 1), 'middle',
            )->text($middle, 22, $flask['flask'], 'middle', 'small');
            if ($flask['poured']) {
                $view->rect($x, -$h, $d, $h, 'ghost')->text($middle, -$h / 2, 'poured', 'middle', 'small');
            } else {
                $view->rect($x, -$h, $d, $h, 'fill-invest')->rect($x, -$h, $d, $h);
                self::patterns($view, $middle, $d, $h, $flask['patterns']);
            }
            $x += $d + $gap;
        }

        return $view;
    }

    /** The hollows of a flask's rings on their stem, two to a level. */
    private static function patterns(View $view, float $middle, float $d, float $h, int $count): void
    {
        $radius = min(10.0, $d / 4 - 3);
        $levels = (int) ceil($count / 2);
        $top = 12 + ($levels - 1) * min(2 * $radius + 3, ($h - 24) / max(1, $levels));
        $view->rect($middle - 3, -$top, 6, $top, 'fill-paper')->path(
            sprintf('M%.3F 0 l5 -8 h6 l5 8 Z', $middle - 8), 'fill-paper',
        );
        for ($at = 0; $at < $count; $at++) {
            $y = -12 - intdiv($at, 2) * ($levels < 2 ? 0.0 : ($top - 12) / ($levels - 1));
            $alone = $at % 2 === 0 && $at === $count - 1;
            $ring = [
                $alone ? $middle : $middle + ($at % 2 === 0 ? -1 : 1) * ($radius + 4),
                $alone ? $y - $radius : $y - $radius / 2,
            ];
            $view->circle($ring[0], $ring[1], $radius, 'ghost')->circle($ring[0], $ring[1], $radius * 0.8, 'ghost');
        }
    }
}
