<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/**
 * Where each part of a piece lies, seen from above: a ring on its side, what stands on it outward from its top, a
 * loop over the plate that carries it. mm, y down.
 */
final class PieceLayout
{
    /** Neighbours on a ring stand so far apart round it. */
    private const APART = 40.0;

    /** @var array<string, array{float, float, float}> middle and turn, radians, by part */
    private array $placed = [];

    /**
     * @param  array<string, PartPiece>  $parts
     * @param  list<array{string, string}>  $pairs  the parts of each joint
     */
    private function __construct(private readonly array $parts, private readonly array $pairs) {}

    /**
     * @param  array<string, PartPiece>  $parts
     * @param  list<array{string, string}>  $pairs
     * @param  array<string, array{float, float, float}>  $said  where a part is said to lie: x, y, turn in degrees
     * @return array<string, array{float, float, float}> where the middle of each part lies, and its turn in radians
     */
    public static function of(array $parts, array $pairs, array $said): array
    {
        $layout = new self($parts, $pairs);
        foreach ($said as $name => [$x, $y, $turn]) {
            $layout->placed[$name] = [$x, $y, deg2rad($turn)];
        }
        foreach ($layout->heaviestFirst() as $at => $name) {
            $layout->begin($name, $at === 0);
        }

        return $layout->placed;
    }

    /** @return list<string> rings before others, the heavier before the lighter */
    private function heaviestFirst(): array
    {
        $names = array_keys($this->parts);
        usort($names, fn (string $one, string $other): int => [
            $this->parts[$other]->form === PartForm::Ring, $this->parts[$other]->mass,
        ] <=> [$this->parts[$one]->form === PartForm::Ring, $this->parts[$one]->mass]);

        return $names;
    }

    private function begin(string $name, bool $isFirst): void
    {
        // A part that nothing joins to what lies there lies beside it.
        $this->placed[$name] ??= [$isFirst ? 0.0 : $this->right() + $this->parts[$name]->reach, 0.0, 0.0];
        $this->children($name);
    }

    private function right(): float
    {
        return max(array_map(
            fn (string $name): float => $this->placed[$name][0] + $this->parts[$name]->reach + 4.0,
            array_keys($this->placed),
        ));
    }

    private function children(string $parent): void
    {
        $children = [];
        foreach ($this->pairs as $pair) {
            $other = $pair[0] === $parent ? $pair[1] : ($pair[1] === $parent ? $pair[0] : null);
            if ($other !== null && ! isset($this->placed[$other])) {
                $children[$other] = $other;
            }
        }
        foreach (array_values($children) as $at => $child) {
            $this->placed[$child] = $this->beside($parent, $child, $at, count($children));
        }
        array_map($this->children(...), $children);
    }

    /** @return array{float, float, float} */
    private function beside(string $parent, string $child, int $at, int $among): array
    {
        [$x, $y, $turn] = $this->placed[$parent];
        [$on, $part] = [$this->parts[$parent], $this->parts[$child]];
        $twice = count(array_filter($this->pairs, static fn (array $pair): bool => in_array(
            $pair, [[$parent, $child], [$child, $parent]], true,
        ))) > 1;
        if ($on->form === PartForm::Plate && $part->form->isClosed()) {
            return [$x + ($at - ($among - 1) / 2) * 2 * $part->reach, $y, 0.0];
        }
        if ($on->form === PartForm::Ring && $part->form === PartForm::Ring) {
            return [$x, $y, 0.0];
        }
        if ($on->form === PartForm::Bar) {
            $along = ($at + 1) / ($among + 1) - 0.5;
            $off = $on->thickness / 2 + $part->reach;

            return [
                $x + $along * $on->length * cos($turn) + $off * sin($turn),
                $y + $along * $on->length * sin($turn) - $off * cos($turn), $turn - M_PI / 2,
            ];
        }
        // Round a ring from its top, a claw round a head or a plate all the way.
        $angle = deg2rad($on->form === PartForm::Ring
            ? ($at - ($among - 1) / 2) * self::APART : ($at + 0.5) * 360 / $among);
        // What is let into a ring, with a joint at each end, lies along it.
        $off = $twice ? $on->reach : $on->reach + $part->reach;

        return [$x + $off * sin($angle), $y - $off * cos($angle), $twice ? $angle : $angle - M_PI / 2];
    }

    /**
     * Points about a part’s own middle, as the part lies.
     *
     * @param  list<array{float, float}>  $points
     * @param  array{float, float, float}  $place
     * @return list<array{float, float}>
     */
    public static function laid(array $points, array $place): array
    {
        [$x, $y, $turn] = $place;

        // To the micrometre: what is finer is no length that anybody could type.
        return array_map(static fn (array $at): array => [
            round($x + $at[0] * cos($turn) - $at[1] * sin($turn), 3),
            round($y + $at[0] * sin($turn) + $at[1] * cos($turn), 3),
        ], $points);
    }
}
