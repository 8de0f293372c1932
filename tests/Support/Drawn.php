<?php

declare(strict_types=1);

namespace Tests\Support;

use HotSprue\Calculations;
use HotSprue\Drawing\Drawings;
use HotSprue\Drawing\View;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What a sheet draws, measured as one would on paper. */
final readonly class Drawn
{
    /** @param array<string, mixed> $view */
    private function __construct(private array $view) {}

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, self> by the view's name
     */
    public static function of(string $sheet, array $given): array
    {
        $settings = isset($given['rules']) ? WorkshopSettings::with($given['rules']) : WorkshopSettings::shipped();
        unset($given['rules']);
        $input = Input::read(Calculations::describe($sheet)->inputs, $given, $settings);
        $views = [];
        foreach (Drawings::of($input, Calculations::named($sheet)->reckon($input, $settings), $settings) as $view) {
            /** @var View $view */
            $views[$view->name] = new self($view->toArray());
        }

        return $views;
    }

    /** @return array<string, mixed> as data */
    public function toArray(): array
    {
        return $this->view;
    }

    /** @return list<list<array{float, float}>> the points of each straight-sided path of a style */
    public function paths(string $style): array
    {
        $paths = array_filter(
            $this->view['shapes'],
            static fn (array $shape): bool => $shape['kind'] === 'path' && $shape['style'] === $style,
        );

        return array_values(array_map(static function (array $shape): array {
            preg_match_all('/[ML] ?(-?[\d.]+) (-?[\d.]+)/', $shape['d'], $found, PREG_SET_ORDER);

            return array_map(static fn (array $point): array => [(float) $point[1], (float) $point[2]], $found);
        }, $paths));
    }

    /** @return list<array{float, float, float}> x, y and radius of each circle of a style */
    public function circles(string $style): array
    {
        $circles = array_filter(
            $this->view['shapes'],
            static fn (array $shape): bool => $shape['kind'] === 'circle' && $shape['style'] === $style,
        );

        return array_values(
            array_map(static fn (array $shape): array => [$shape['cx'], $shape['cy'], $shape['r']], $circles),
        );
    }

    /** @return list<array{float, float, string}> x, y and words of each text, of one style or all */
    public function texts(?string $style = null): array
    {
        $texts = array_filter(
            $this->view['shapes'],
            static fn (array $shape): bool => $shape['kind'] === 'text'
                && ($style === null || $shape['style'] === $style),
        );

        return array_values(
            array_map(static fn (array $shape): array => [$shape['x'], $shape['y'], $shape['text']], $texts),
        );
    }

    /** @return list<array<string, mixed>> dimensions that can be pulled, and measure between two ends */
    public function pulled(): array
    {
        return array_values(
            array_filter(
                $this->view['dimensions'],
                static fn (array $dimension): bool => $dimension['pull'] !== null && count($dimension['line']) === 2,
            ),
        );
    }

    /** @param list<array{float, float}> $points */
    public static function area(array $points): float
    {
        $twice = 0.0;
        foreach ($points as $at => [$x, $y]) {
            [$nextX, $nextY] = $points[($at + 1) % count($points)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return abs($twice) / 2;
    }
}
