<?php

declare(strict_types=1);

namespace HotSprue\Drawing;

/**
 * A drawing as data: primitives in mm, x to the right and y down, and dimensions that name the input
 * or result they show. One writer renders it for the screen and for paper.
 */
final class View
{
    /** @var list<array<string, mixed>> */
    private array $shapes = [];

    /** @var list<array<string, mixed>> */
    private array $dimensions = [];

    /** @var list<array{setting: string, label: string, x: float, y: float, r: float}> */
    private array $targets = [];

    /**
     * @param  string  $role  main, side or foot: how it is placed on the page
     * @param  float  $magnify  how many times life size its mm are
     * @param  array{float, float, float, float}  $box  x, y, width and height, mm
     */
    public function __construct(
        public readonly string $name,
        private readonly string $title,
        private readonly string $role,
        private readonly array $box,
        private readonly float $magnify = 1.0,
    ) {}

    public function line(float $x1, float $y1, float $x2, float $y2, string $style = 'thin'): self
    {
        return $this->shape(['kind' => 'line', 'x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2, 'style' => $style]);
    }

    public function circle(float $x, float $y, float $radius, string $style = 'outline'): self
    {
        return $this->shape(['kind' => 'circle', 'cx' => $x, 'cy' => $y, 'r' => $radius, 'style' => $style]);
    }

    public function rect(float $x, float $y, float $width, float $height, string $style = 'outline'): self
    {
        return $this->path(sprintf('M%.4F %.4F h%.4F v%.4F h%.4F Z', $x, $y, $width, $height, -$width), $style);
    }

    /** A path in SVG’s words. */
    public function path(string $d, string $style = 'outline'): self
    {
        return $this->shape(['kind' => 'path', 'd' => $d, 'style' => $style]);
    }

    /**
     * A line through points, closed or open.
     *
     * @param  list<array{float, float}>  $points
     */
    public function through(array $points, string $style = 'outline', bool $closed = true): self
    {
        return $this->path(self::points($points, $closed), $style);
    }

    /**
     * A closed line through points, filled and drawn.
     *
     * @param  list<array{float, float}>  $points
     */
    public function filled(array $points, string $fill, string $outline = 'outline'): self
    {
        $d = self::points($points);

        return $this->path($d, $fill)->path($d, $outline);
    }

    /** @param list<array{float, float}> $points */
    public static function points(array $points, bool $closed = true): string
    {
        return 'M'.implode(
            ' L', array_map(static fn (array $p): string => sprintf('%.3F %.3F', $p[0], $p[1]), $points),
        ).($closed ? ' Z' : '');
    }

    public function text(float $x, float $y, string $text, string $anchor = 'middle', string $style = 'label'): self
    {
        return $this->shape(
            ['kind' => 'text', 'x' => $x, 'y' => $y, 'text' => $text, 'anchor' => $anchor, 'style' => $style],
        );
    }

    /** A temperature, °C, after some words; the screen says it in the units at hand. */
    public function degrees(
        float $x, float $y, float $celsius, string $anchor = 'middle', string $style = 'small', string $words = '',
    ): self
    {
        return $this->shape([
            'kind' => 'text', 'x' => $x, 'y' => $y, 'text' => sprintf('%s%.0f', $words, $celsius), 'anchor' => $anchor,
            'style' => $style,
            'celsius' => $celsius, 'words' => $words,
        ]);
    }

    /**
     * A dimension that shows an input, and edits it when tapped.
     *
     * @param  array{float, float}  $at  where its box stands
     * @param  list<array{float, float}>  $line  the ends that it measures between
     * @param  float|int|string|null  $shows  what stands there while the input is not given
     * @param  ?string  $use  whose input it is, where the view shows several uses of sheets
     * @param  array{0: float, 1: float, 2: float, 3?: float}|null  $pull
     *   which way its far end is pulled to make it larger, how much larger a mm makes it, and the least it may be
     */
    public function input(
        string $name, string $label, array $at, array $line = [], float|int|string|null $shows = null,
        ?array $pull = null, ?string $use = null,
    ): self
    {
        return $this->dimension('input', $name, $label, $at, $line, $shows, $pull, $use);
    }

    /**
     * A dimension that shows a result, and opens its working when tapped.
     *
     * @param  array{float, float}  $at
     * @param  list<array{float, float}>  $line
     */
    public function result(string $name, string $label, array $at, array $line = [], ?string $use = null): self
    {
        return $this->dimension('result', $name, $label, $at, $line, use: $use);
    }

    /** A place that is tapped to take another setting in hand, by its key; none where it has no key. */
    public function target(string $setting, string $label, float $x, float $y, float $radius): self
    {
        if ($setting !== '') {
            $this->targets[] = ['setting' => $setting, 'label' => $label, 'x' => $x, 'y' => $y, 'r' => $radius];
        }

        return $this;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'title' => $this->title, 'role' => $this->role, 'box' => $this->box,
            'magnify' => $this->magnify, 'shapes' => $this->shapes, 'dimensions' => $this->dimensions,
            'targets' => $this->targets,
        ];
    }

    /** @param array<string, mixed> $shape */
    private function shape(array $shape): self
    {
        $this->shapes[] = $shape;

        return $this;
    }

    /**
     * @param  array{float, float}  $at
     * @param  list<array{float, float}>  $line
     * @param  array{0: float, 1: float, 2: float, 3?: float}|null  $pull
     */
    private function dimension(
        string $kind, string $name, string $label, array $at, array $line, float|int|string|null $shows = null,
        ?array $pull = null, ?string $use = null,
    ): self
    {
        $this->dimensions[] = [
            ...($use === null ? [] : ['use' => $use]), 'kind' => $kind, 'name' => $name, 'label' => $label, 'at' => $at,
            'line' => $line, 'shows' => $shows, 'pull' => $pull,
        ];

        return $this;
    }
}
