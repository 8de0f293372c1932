<?php

declare(strict_types=1);

namespace HotSprue\Form;

/**
 * A shank's cross-section cut across, sizes in mm: width along the finger, thickness away from it.
 * `centroid` is its height above the finger side.
 */
final readonly class Section
{
    private function __construct(
        public Profile $profile,
        public float $width,
        public float $thickness,
        public float $area,
        public float $perimeter,
        public float $centroid,
        public float $edge,
        public float $riseInside = 0.0,
        public float $riseOutside = 0.0,
    ) {}

    public static function flat(float $w, float $t): self
    {
        return new self(Profile::Flat, $w, $t, $w * $t, 2 * ($w + $t), $t / 2, $t);
    }

    public static function halfRound(float $w, float $t): self
    {
        $dome = new Segment($w, $t);

        return new self(Profile::HalfRound, $w, $t, $dome->area, $w + $dome->arc, $dome->centroid, $t);
    }

    public static function round(float $w, float $t): self
    {
        return new self(Profile::Round, $w, $t, M_PI * $w * $t / 4, Segment::ellipse($w / 2, $t / 2), $t / 2, $t);
    }

    /**
     * Domed inside and out; `edge` is the flat body between the domes.
     *
     * @throws ImpossibleSection
     */
    public static function court(float $w, float $t, float $riseInside, float $riseOutside): self
    {
        foreach (['rise_inside' => $riseInside, 'rise_outside' => $riseOutside] as $field => $rise) {
            if ($rise > $w / 2) {
                throw ImpossibleSection::riseOverHalfWidth($field, $w / 2);
            }
        }
        $body = $t - $riseInside - $riseOutside;
        if ($body < -1e-12) {
            throw ImpossibleSection::risesOverThickness($t);
        }
        $body = max(0.0, $body);
        $in = new Segment($w, $riseInside);
        $out = new Segment($w, $riseOutside);
        $area = $w * $body + $in->area + $out->area;
        $centroid = ($in->area * ($riseInside - $in->centroid)
            + $w * $body * ($riseInside + $body / 2)
            + $out->area * ($riseInside + $body + $out->centroid)) / $area;

        return new self(
            Profile::Court, $w, $t, $area, 2 * $body + $in->arc + $out->arc, $centroid, $body, $riseInside,
            $riseOutside,
        );
    }

    /**
     * A rectangle of height `edge` under a triangle.
     *
     * @throws ImpossibleSection
     */
    public static function knife(float $w, float $t, float $edge): self
    {
        if ($edge >= $t) {
            throw ImpossibleSection::edgeOverThickness($t);
        }
        $ridge = $t - $edge;
        $area = $w * $edge + $w * $ridge / 2;
        $centroid = ($w * $edge ** 2 / 2 + $w * $ridge / 2 * ($edge + $ridge / 3)) / $area;

        return new self(Profile::Knife, $w, $t, $area, $w + 2 * $edge + 2 * hypot($w / 2, $ridge), $centroid, $edge);
    }

    /** Section modulus A/P, mm: freezing time goes with its square. */
    public function modulus(): float
    {
        return $this->area / $this->perimeter;
    }
}
