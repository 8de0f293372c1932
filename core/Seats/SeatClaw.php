<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Measures\Quantity;
use HotSprue\Rules\Rules;
use HotSprue\Sheet\Answer;
use HotSprue\Sheet\BadInput;
use HotSprue\Sheet\Description;
use HotSprue\Sheet\Field;
use HotSprue\Sheet\Input;
use HotSprue\Sheet\Level;
use HotSprue\Sheet\Output;
use HotSprue\Sheet\Reckoning;
use HotSprue\Sheet\Sheet;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;
use HotSprue\Stones\StoneInput;
use HotSprue\Wax\Shrinkage;

/** Claws round a stone: wire, places, notch and length. Sizes of the finished metal. Source: workbook 4. */
final class SeatClaw implements Sheet
{
    private const SOURCE = 'workbook 4, claws';

    private const UNDER_CULET = 0.4;

    private const DEEPEST_NOTCH = 0.4;

    private const LEAST_STANDING = 1.5;

    /** Normals at which claws stand, degrees, by shape and count; points of the outline have claws of their own beside them. */
    private const PLACES = [
        'round' => [3 => [90, 210, 330], 4 => [45, 135, 225, 315], 5 => [90, 162, 234, 306, 378], 6 => [30, 90, 150, 210, 270, 330], 8 => [22.5, 67.5, 112.5, 157.5, 202.5, 247.5, 292.5, 337.5]],
        'oval' => [4 => [45, 135, 225, 315], 6 => [45, 135, 180, 225, 315, 360]],
        'marquise' => [4 => [180, 360], 6 => [160, 200, 340, 380]],
        'pear' => [3 => [225, 315], 5 => [180, 240, 300, 360]],
        'trillion' => [3 => []],
    ];

    public function description(): Description
    {
        return new Description(
            'seat.claw',
            'Claws for a stone: their wire, places, notch and length',
            [
                ...StoneInput::fields(),
                Field::count('claws', 'how many; by the shape unless said')->between(3, 8)->optional(),
                ...Proportions::fields(),
                Field::length('wire', 'a claw wire chosen by hand')->optional(),
                Field::length('notch', 'depth of the notch; 0.3 of the wire unless said')->optional(),
                Field::length('below', 'claw below the notch; pavilion + 0.4 unless said')->optional(),
                Field::length('standing', 'how much stands above the girdle before setting')->optional(),
                ...Shrinkage::fields(),
            ],
            [
                Output::of(Quantity::Count, 'claws', 'how many'),
                Output::length('wire', 'diameter of the claw wire'),
                Output::length('notch', 'depth of the notch'),
                Output::length('cut_length', 'length to cut each wire'),
                Output::length('pilot', 'hole for the wire, a push fit'),
                Output::of(Quantity::CubicMillimetres, 'volume_mm3', 'volume of the claws as they stand, without what is held'),
                Output::of(Quantity::CubicMillimetres, 'wax_volume_mm3', 'volume of the same in wax'),
                Output::length('outside_width_in_wax', 'width over the claws, in wax'),
                Output::length('outside_length_in_wax', 'length over the claws, in wax'),
                Output::length('height_in_wax', 'from the foot to the ends of the claws, in wax'),
                Output::rows('places', 'each claw’s axis: x_mm, y_mm, angle_deg, and whether it is a V at a point'),
            ],
            [
                'notch-too-deep' => 'notch over 40 % of the wire',
                'standing-short' => 'less stands before setting than crown height + 1 mm, or than 1.5 mm',
            ],
        );
    }

    public function reckon(Input $input, Rules $rules): Answer
    {
        $outline = StoneInput::read($input);
        $stone = Proportions::of($input, $outline->wide);
        // An octagon's corners are cut: each is held in the middle of its cut.
        $points = $outline->shape === Shape::Octagon ? [] : $outline->vertices();
        $normals = $this->normals($outline, $input);
        $count = count($normals) + count($points);
        $wire = $input->has('wire') ? $input->num('wire') : $this->wire(($outline->long + $outline->wide) / 2, $count);
        $notch = $input->numOr('notch', 0.3 * $wire);
        $below = $input->numOr('below', $stone->pavilion + self::UNDER_CULET);
        $cut = $below + $stone->crown + 1 + 2;
        $uses = StoneInput::uses($input);
        $answer = Reckoning::of($this, $input)
            ->work('claws', $count, $input->has('claws') ? 'as chosen' : 'by the shape', '{}', [$count], [...$uses, 'claws'], 'opposite one another, a V at each point', self::SOURCE)
            ->work('wire', $wire, $input->has('wire') ? 'as chosen' : 'by the mean diameter; 0.1 more where there are fewer than four', '{}', [$wire], [...$uses, 'claws', 'wire'], sprintf('mean diameter %.2f mm', ($outline->long + $outline->wide) / 2), self::SOURCE)
            ->work('notch', $notch, $input->has('notch') ? 'as given' : '0.3 × wire', $input->has('notch') ? '{}' : '0.3 × {}', [$input->has('notch') ? $notch : $wire], ['notch', 'wire'], 'at the girdle, never over 40 % of the wire', self::SOURCE)
            ->work('cut_length', $cut, 'below the notch + crown + 1 to bend over + 2 to hold', '{} + {} + 1 + 2', [$below, $stone->crown], ['width', 'depth', 'below'], 'cut long; claws only get shorter', self::SOURCE)
            ->work('pilot', $wire - 0.02, 'wire − 0.02', '{} − 0.02', [$wire], ['wire'], 'drilled small first and opened to this, so that the wire is a push fit', self::SOURCE)
            ->work('volume_mm3', $count * M_PI / 4 * $wire ** 2 * ($cut - 2), 'claws × π ÷ 4 × wire² × (cut length − 2)', '{} × π ÷ 4 × {} ^ 2 × ({} − 2)', [$count, $wire, $cut], ['claws', 'wire', 'width'], 'what is held comes off', self::SOURCE);
        $places = $this->places($outline, $normals, $points, $wire / 2 - $notch);
        $answer->give('places', $places);
        $this->inWax($answer, $input, $rules, $places, $wire, $cut - 2);
        if ($notch > self::DEEPEST_NOTCH * $wire + 1e-9) {
            $answer->find(Level::Caution, 'notch-too-deep', 'notch', sprintf('A notch of %.2f mm takes %.0f %% of the wire: the claw breaks there.', $notch, 100 * $notch / $wire), sprintf('Cut %.2f mm at the most.', self::DEEPEST_NOTCH * $wire), ['notch' => floor(1000 * self::DEEPEST_NOTCH * $wire) / 1000]);
        }
        $wanted = max(self::LEAST_STANDING, $stone->crown + 1);
        if ($input->has('standing') && $input->num('standing') < $wanted - 1e-9) {
            $answer->find(Level::Caution, 'standing-short', 'standing', sprintf('%.2f mm standing gives too little to hold and bend over a crown of %.2f.', $input->num('standing'), $stone->crown), sprintf('Leave %.2f mm standing before setting; 2 mm is the bench’s plain rule.', $wanted), ['standing' => ceil(1000 * $wanted) / 1000]);
        }

        return $answer->answer();
    }

    /** @param list<array{x_mm: float, y_mm: float, angle_deg: float, v: bool}> $places */
    private function inWax(Reckoning $answer, Input $input, Rules $rules, array $places, float $wire, float $height): void
    {
        $s = Shrinkage::read($input, $rules);
        $uses = [...StoneInput::uses($input), 'claws', 'wire', 'notch', ...Shrinkage::uses($input)];
        foreach (['outside_width_in_wax' => 'x_mm', 'outside_length_in_wax' => 'y_mm'] as $name => $way) {
            $apart = max(array_column($places, $way)) - min(array_column($places, $way));
            $answer->work($name, ($apart + $wire) / (1 - $s), '(axes apart + wire) ÷ (1 − shrinkage)', '({} + {}) ÷ (1 − {})',
                [$apart, $wire, $s], $uses, 'what must come out of the blank', self::SOURCE);
        }
        $volume = $answer->given('volume_mm3');
        $answer
            ->work('height_in_wax', $height / (1 - $s), '(cut length − 2) ÷ (1 − shrinkage)', '{} ÷ (1 − {})', [$height, $s], $uses, 'from the foot to the ends of the claws', self::SOURCE)
            ->work('wax_volume_mm3', $volume / (1 - $s) ** 3, 'volume ÷ (1 − shrinkage)³', '{} ÷ (1 − {}) ^ 3', [$volume, $s], $uses, 'the wax is larger every way', self::SOURCE);
    }

    /** Wire by the mean diameter; “to 7” includes 7. */
    private function wire(float $mean, int $claws): float
    {
        $wire = match (true) {
            $mean <= 2 => 0.5, $mean <= 3 => 0.7, $mean <= 5 => 0.9, $mean <= 7 => 1.0, $mean <= 9 => 1.2, default => 1.4
        };

        return $wire + ($claws < 4 ? 0.1 : 0.0);
    }

    /**
     * @return list<float> normals at which claws stand beside those at points, degrees
     *
     * @throws BadInput
     */
    private function normals(Outline $outline, Input $input): array
    {
        $counts = match ($outline->shape) {
            Shape::Cushion, Shape::Octagon => [4 => [45, 135, 225, 315]],
            Shape::Rectangle => [4 => []],
            default => self::PLACES[$outline->shape->value],
        };
        $usual = $outline->shape === Shape::Round ? 4 : array_key_first($counts);
        $claws = (int) $input->numOr('claws', $usual);

        return array_map(floatval(...), $counts[$claws] ?? throw BadInput::field('claws', sprintf('A %s takes %s claws.', $outline->shape->value, implode(' or ', array_keys($counts)))));
    }

    /**
     * Beside the middle of an octagon's cut: halfway between its two corners in that quarter.
     *
     * @return array{float, float}
     */
    private static function onCut(Outline $outline, float $degrees, float $offset): array
    {
        [$right, $up] = [cos(deg2rad($degrees)) <=> 0.0, sin(deg2rad($degrees)) <=> 0.0];
        $ends = array_values(array_filter($outline->vertices(), static fn (array $corner): bool => ($corner[0] <=> 0.0) === $right && ($corner[1] <=> 0.0) === $up));
        [$x, $y] = [array_sum(array_column($ends, 0)) / count($ends), array_sum(array_column($ends, 1)) / count($ends)];

        return [$x + $right * $offset * M_SQRT1_2, $y + $up * $offset * M_SQRT1_2];
    }

    /**
     * The way out of a corner that halves it: at a rectangle’s, straight between its sides; elsewhere the stone is the same on both sides of it.
     *
     * @return array{float, float}
     */
    private static function bisector(Outline $outline, float $x, float $y): array
    {
        return $outline->shape === Shape::Rectangle ? [($x <=> 0.0) * M_SQRT1_2, ($y <=> 0.0) * M_SQRT1_2] : [$x / hypot($x, $y), $y / hypot($x, $y)];
    }

    /**
     * @param  list<float>  $normals
     * @param  list<array{float, float}>  $points
     * @return list<array{x_mm: float, y_mm: float, angle_deg: float, v: bool}>
     */
    private function places(Outline $outline, array $normals, array $points, float $offset): array
    {
        $places = [];
        foreach ($normals as $degrees) {
            [$x, $y] = $outline->shape === Shape::Octagon ? self::onCut($outline, $degrees, $offset) : $outline->facing(deg2rad($degrees), $offset);
            $places[] = ['x_mm' => $x, 'y_mm' => $y, 'angle_deg' => fmod(rad2deg(atan2($y, $x)) + 360, 360), 'v' => false];
        }
        foreach ($points as [$x, $y]) {
            [$dx, $dy] = self::bisector($outline, $x, $y);
            [$x, $y] = [$x + $offset * $dx, $y + $offset * $dy];
            $places[] = ['x_mm' => $x, 'y_mm' => $y, 'angle_deg' => fmod(rad2deg(atan2($y, $x)) + 360, 360), 'v' => true];
        }
        usort($places, static fn (array $a, array $b): int => $a['angle_deg'] <=> $b['angle_deg']);

        return $places;
    }
}
