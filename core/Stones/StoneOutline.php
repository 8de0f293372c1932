<?php

declare(strict_types=1);

namespace HotSprue\Stones;

use HotSprue\Calculation\Answer;
use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Calculation;
use HotSprue\Calculation\Description;
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
            'A girdle’s exact outline, and where its true centre lies',
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
        $points = $outline->parallel(0.0)->corneredPoints(self::POINTS);
        $area = $outline->area();
        $answer = AnswerBuilder::of($this, $input);
        $this->work($answer, $outline, $uses, $area);
        $answer
            ->work('centroid_to_base', -$bottom, 'from the centroid to the lowest point of the outline', '{}', [-$bottom], $uses, 'by the first moment of the area; a collet bar, a shank or a drill hole goes under the centroid', self::SOURCE)
            ->work('centroid_to_top', $top, 'length over all − centroid to base', '{} − {}', [$top - $bottom, -$bottom], $uses, 'the rest of the length', self::SOURCE)
            ->work('box_width', $right - $left, 'greatest x − least x', '{} − {}', [$right, $left], $uses, 'over all', self::SOURCE)
            ->work('box_length', $top - $bottom, 'greatest y − least y', '{} − {}', [$top, $bottom], $uses, 'over all', self::SOURCE)
            ->give('distances', $this->distances($outline))
            ->give('points', array_map(static fn (array $p): array => ['x_mm' => $p[0], 'y_mm' => $p[1]], $points));
        if (abs($top + $bottom) > 0.005) {
            $answer->find(Level::Note, 'centre-off-middle', 'centroid_to_base', sprintf('The centre lies %.2f mm from the base and %.2f from the point, not halfway.', -$bottom, $top), 'Put the collet bar, the shank or the drill under the true centre shown.');
        }

        return $answer->answer();
    }

    /** @param list<string> $uses */
    private function work(AnswerBuilder $answer, Outline $outline, array $uses, float $area): void
    {
        [$long, $wide, $perimeter] = [$outline->long, $outline->wide, $outline->perimeter()];
        [$formula, $line, $numbers] = match ($outline->shape) {
            Shape::Round => ['π × diameter', 'π × {}', [$wide]],
            Shape::Rectangle => ['2 × (length + width)', '2 × ({} + {})', [$long, $wide]],
            Shape::Marquise => ['4 × R × α, with R = (length² + width²) ÷ (4 × width) and sin α = length ÷ (2 × R)', '4 × {} × asin({} ÷ (2 × {}))', [($long ** 2 + $wide ** 2) / (4 * $wide), $long, ($long ** 2 + $wide ** 2) / (4 * $wide)]],
            default => ['the length of the outline, arc by arc', '{}', [$perimeter]],
        };
        $answer->work('perimeter', $perimeter, $formula, $line, $numbers, $uses, 'the exact curve', self::SOURCE);
        [$formula, $line, $numbers] = match ($outline->shape) {
            Shape::Round, Shape::Oval => ['π × length × width ÷ 4', 'π × {} × {} ÷ 4', [$long, $wide]],
            Shape::Rectangle => ['length × width', '{} × {}', [$long, $wide]],
            default => ['the area of the outline, arc by arc', '{}', [$area]],
        };
        $answer->work('area', $area, $formula, $line, $numbers, $uses, 'the exact curve', self::SOURCE);
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
