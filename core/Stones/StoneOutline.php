<?php

declare(strict_types=1);

namespace HotSprue\Stones;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Calculation\Output;
use HotSprue\Fields\Input;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/** A girdle's exact outline, and where its centre lies. Source: workbook 3. */
final class StoneOutline implements Calculation
{
    private const SOURCE = 'workbook 3, outlines';

    private const POINTS = 96;

    public function description(): Description
    {
        return new Description(
            'stone.outline',
            'Stone outline',
            'A girdle’s exact outline, and where its true centre lies',
            self::SOURCE,
            StoneInput::fields(),
            [
                Output::length('perimeter', 'perimeter of the girdle'),
                Output::of(Quantity::SquareMillimetres, 'area', 'area of the girdle'),
                Output::length('centroid_to_base', 'from the true centre down to the lowest point'),
                Output::length('centroid_to_top', 'from the true centre up to the highest point'),
                Output::length('box_width', 'width over all'),
                Output::length('box_length', 'length over all'),
                Output::rows('distances', 'from the true centre to each side and point, mm'),
                Output::rows('points', 'the outline, counter-clockwise from the top, x_mm and y_mm'),
            ],
            ['centre-off-middle' => 'the true centre lies off the middle of the length'],
        );
    }

    public function reckon(Input $input, WorkshopSettings $settings): Answer
    {
        $outline = StoneInput::read($input);
        $uses = StoneInput::uses($input);
        [$left, $right, $bottom, $top] = $outline->box();
        $area = $outline->area();
        $answer = AnswerBuilder::of($this, $input);
        $this->work($answer, $outline, $uses, $area);
        $answer
            ->work(
                'centroid_to_base', -$bottom,
                Formula::taken('from the centroid to the lowest point of the outline', -$bottom), uses: $uses,
                because: 'by the first moment of the area; a collet bar, a shank or a drill hole goes under '
                    .'the centroid',
            )
            ->work(
                'centroid_to_top', $top,
                Formula::of(
                    '{length over all} − {centroid to base}',
                    ['length over all' => $top - $bottom, 'centroid to base' => -$bottom],
                ),
                uses: $uses, because: 'the rest of the length',
            )
            ->work(
                'box_width', $right - $left,
                Formula::of('{greatest x} − {least x}', ['greatest x' => $right, 'least x' => $left]), uses: $uses,
                because: 'over all',
            )
            ->work(
                'box_length', $top - $bottom,
                Formula::of('{greatest y} − {least y}', ['greatest y' => $top, 'least y' => $bottom]), uses: $uses,
                because: 'over all',
            )
            ->give('distances', $this->distances($outline))
            ->giveLater('points', static fn (): array => array_map(
                static fn (array $p): array => ['x_mm' => $p[0], 'y_mm' => $p[1]],
                $outline->parallel(0.0)->corneredPoints(self::POINTS),
            ));
        if (abs($top + $bottom) > 0.005) {
            $answer->find(
                Level::Note, 'centre-off-middle', 'centroid_to_base',
                sprintf('The centre lies %.2f mm from the base and %.2f mm from the point, not halfway.', -$bottom,
                    $top),
                'Put the collet bar, the shank or the drill under the true centre shown.',
            );
        }

        return $answer->answer();
    }

    /** @param list<string> $uses */
    private function work(AnswerBuilder $answer, Outline $outline, array $uses, float $area): void
    {
        [$long, $wide, $perimeter] = [$outline->long, $outline->wide, $outline->perimeter()];
        $radius = ($long ** 2 + $wide ** 2) / (4 * $wide);
        $round = match ($outline->shape) {
            Shape::Round => Formula::of('π × {diameter}', ['diameter' => $wide]),
            Shape::Rectangle => Formula::of('2 × ({length} + {width})', ['length' => $long, 'width' => $wide]),
            Shape::Marquise => Formula::of('4 × {R} × asin({length} ÷ (2 × {R}))', ['R' => $radius, 'length' => $long])
                ->told('4 × R × α, with R = (length² + width²) ÷ (4 × width) and sin α = length ÷ (2 × R)'),
            default => Formula::taken('the length of the outline, arc by arc', $perimeter),
        };
        $answer->work('perimeter', $perimeter, $round, uses: $uses, because: 'the exact curve');
        $sides = ['length' => $long, 'width' => $wide];
        $inside = match ($outline->shape) {
            Shape::Round, Shape::Oval => Formula::of('π × {length} × {width} ÷ 4', $sides),
            Shape::Rectangle => Formula::of('{length} × {width}', $sides),
            default => Formula::taken('the area of the outline, arc by arc', $area),
        };
        $answer->work('area', $area, $inside, uses: $uses, because: 'the exact curve');
    }

    /** @return list<array{to: string, mm: float}> */
    private function distances(Outline $outline): array
    {
        $found = [];
        foreach ($outline->vertices() as $index => [$x, $y]) {
            $found[] = ['to' => sprintf('point %d', $index + 1), 'mm' => hypot($x, $y)];
        }
        foreach ($outline->sides() as $index => $mm) {
            $found[] = ['to' => sprintf('side %d', $index + 1), 'mm' => $mm];
        }

        return $found;
    }
}
