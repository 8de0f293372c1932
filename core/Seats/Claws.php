<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Fields\BadInput;
use HotSprue\Stones\Outline;

/**
 * A set of claws round a stone, as symmetrical as the stone: where each stands, and the wire it asks for.
 * Lengths in mm, angles in degrees counter-clockwise from +x. Source: workbook 4, claws.
 */
final readonly class Claws
{
    /** Claw wire by the stone's mean diameter; “to 7” includes 7. */
    private const WIRES = ['2' => 0.5, '3' => 0.7, '5' => 0.9, '7' => 1.0, '9' => 1.2];

    private const WIDEST_WIRE = 1.4;

    /**
     * @param  list<float>  $normals
     * @param  list<array{float, float, float}>  $points  each with the way out that halves it
     */
    private function __construct(private Outline $outline, private array $normals, private array $points) {}

    /**
     * So many claws round an outline; by its shape where none is said.
     *
     * @throws BadInput where the shape does not take so many
     */
    public static function of(Outline $outline, ?int $count): self
    {
        $parts = $outline->shape->parts();
        $counts = $parts->claws();
        $taken = array_keys($counts);
        sort($taken);
        $normals = $counts[$count ?? array_key_first($counts)] ?? throw BadInput::field(
            'claws', sprintf('A %s takes %s claws.', $outline->shape->value, implode(' or ', $taken)),
        );

        return new self(
            $outline, array_map(floatval(...), $normals), $parts->hasClawsAtPoints() ? $outline->bisected() : [],
        );
    }

    public function count(): int
    {
        return count($this->normals) + count($this->points);
    }

    /** The wire that its mean diameter asks for; 0.1 more where there are fewer than four. */
    public function wire(): float
    {
        return self::wireFor(($this->outline->long + $this->outline->wide) / 2) + ($this->count() < 4 ? 0.1 : 0.0);
    }

    /** The claw wire that a stone of this mean diameter asks for; mm. */
    public static function wireFor(float $mean): float
    {
        $wire = self::WIDEST_WIRE;
        foreach (array_reverse(self::WIRES, true) as $to => $thinner) {
            $wire = $mean <= (float) $to ? $thinner : $wire;
        }

        return $wire;
    }

    /**
     * Each claw's axis, so far outside the outline.
     *
     * @return list<array{x_mm: float, y_mm: float, angle_deg: float, v: bool}>
     */
    public function places(float $offset): array
    {
        $places = [];
        foreach ($this->normals as $degrees) {
            $places[] = self::place($this->facing($degrees, $offset), false);
        }
        foreach ($this->points as $point) {
            [$x, $y, $out] = $point;
            $places[] = self::place([$x + $offset * cos($out), $y + $offset * sin($out)], true);
        }
        usort($places, static fn (array $a, array $b): int => $a['angle_deg'] <=> $b['angle_deg']);

        return $places;
    }

    /**
     * @param  array{float, float}  $at
     * @return array{x_mm: float, y_mm: float, angle_deg: float, v: bool}
     */
    private static function place(array $at, bool $v): array
    {
        return [
            'x_mm' => $at[0], 'y_mm' => $at[1], 'angle_deg' => fmod(rad2deg(atan2($at[1], $at[0])) + 360, 360),
            'v' => $v,
        ];
    }

    /** @return array{float, float} */
    private function facing(float $degrees, float $offset): array
    {
        return ! $this->outline->shape->parts()->hasClawsAtPoints()
            ? $this->onCut($degrees, $offset)
            : $this->outline->facing(deg2rad($degrees), $offset);
    }

    /**
     * Beside the middle of an octagon's cut: halfway between its two corners in that quarter.
     *
     * @return array{float, float}
     */
    private function onCut(float $degrees, float $offset): array
    {
        [$right, $up] = [cos(deg2rad($degrees)) <=> 0.0, sin(deg2rad($degrees)) <=> 0.0];
        $ends = array_values(array_filter(
            $this->outline->vertices(),
            static fn (array $corner): bool => ($corner[0] <=> 0.0) === $right && ($corner[1] <=> 0.0) === $up,
        ));
        [$x, $y] = [array_sum(array_column($ends, 0)) / count($ends), array_sum(array_column($ends, 1)) / count($ends)];

        return [$x + $right * $offset * M_SQRT1_2, $y + $up * $offset * M_SQRT1_2];
    }
}
