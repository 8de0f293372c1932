<?php

declare(strict_types=1);

namespace HotSprue\Stones\Shapes;

use HotSprue\Stones\Outline;
use HotSprue\Stones\Piece;

/**
 * What a shape of stone is, in all its parts: its outline, what it weighs, and where claws stand on it. A shape is one
 * file of this kind and its case of `Shape`; what has no sensible answer for every shape has none here.
 */
abstract readonly class StoneShape
{
    /**
     * The left half of its outline, from the top counter-clockwise, about any point of its axis.
     *
     * @return list<Piece>
     */
    protected function left(float $long, float $wide, float $ratio): array
    {
        return [];
    }

    /**
     * Its whole outline, from the top counter-clockwise.
     *
     * @return list<Piece>
     */
    public function pieces(float $long, float $wide, float $ratio): array
    {
        $left = $this->left($long, $wide, $ratio);

        return [...$left, ...array_map(static fn (Piece $piece): Piece => $piece->mirrored(), array_reverse($left))];
    }

    /** Whether its left half is its right half’s mirror; else its foot is the mirror of its top. */
    public function isMirrored(): bool
    {
        return true;
    }

    /** Carats to a mm³ of box and a unit of specific gravity, by length over width. Source: workbook 3. */
    abstract public function fills(float $slim): float;

    /**
     * Outward normals, degrees, at which claws stand, by how many beside those at its points; the first is the usual.
     *
     * @return non-empty-array<int, list<float|int>> by the count of all claws
     */
    abstract public function claws(): array;

    /**
     * Outward normals, degrees, of its sides, counter-clockwise from the top.
     *
     * @return list<float>
     */
    abstract public function faces(float $long, float $wide, float $ratio): array;

    /** The corner radius, corner cut, sagitta or place of its widest part, as a share, where none is given. */
    public function ratio(): ?float
    {
        return null;
    }

    /** What its ratio is of. */
    public function ratioMeans(): ?string
    {
        return null;
    }

    /** The ratio beyond which there is no such outline. */
    public function mostRatio(): float
    {
        return 0.5;
    }

    /** Whether its length is given apart from its width. */
    public function hasLength(): bool
    {
        return true;
    }

    /** Whether a bezel is scored and mitred at its corners unless said. */
    public function isScored(): bool
    {
        return false;
    }

    /** Whether a claw of its own stands at each of its points. */
    public function hasClawsAtPoints(): bool
    {
        return true;
    }

    /** What makes measures impossible beyond those of any shape; null where they are fine. */
    public function refuses(float $long, float $wide, float $ratio): ?string
    {
        return null;
    }

    /**
     * From the centroid to each side, where it is nearest, counter-clockwise from the top.
     *
     * @return list<float>
     */
    public function sides(Outline $outline, float $ratio): array
    {
        return array_map(
            static fn (float $face): float => $outline->towards(deg2rad($face)),
            $this->faces($outline->long, $outline->wide, $ratio),
        );
    }
}
