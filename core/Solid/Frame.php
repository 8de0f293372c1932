<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** Where a part stands, and which way its own right, its own forward and its own up lie. */
final readonly class Frame
{
    /**
     * @param  array{float, float, float}  $origin
     * @param  array{float, float, float}  $right
     * @param  array{float, float, float}  $forward
     * @param  array{float, float, float}  $up
     */
    private function __construct(
        private array $origin, private array $right, private array $forward, private array $up,
    ) {}

    public static function at(float $x, float $y, float $z): self
    {
        return new self([$x, $y, $z], [1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]);
    }

    /**
     * On a ring: its up points away from the finger, its forward along it.
     *
     * @param  float  $degrees  round the finger from the top, to the right positive
     * @param  float  $radius  from the middle of the finger, mm
     * @param  float  $across  off the middle of the band, toward the fingertip positive, mm
     */
    public static function onRing(float $degrees, float $radius, float $across): self
    {
        [$sin, $cos] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];

        return new self(
            [$radius * $sin, $across, $radius * $cos], [$cos, 0.0, -$sin], [0.0, 1.0, 0.0], [$sin, 0.0, $cos],
        );
    }

    /** Turned on itself, counter-clockwise from above. */
    public function turned(float $degrees): self
    {
        [$sin, $cos] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];

        return new self(
            $this->origin, self::mixed($this->right, $cos, $this->forward, $sin),
            self::mixed($this->forward, $cos, $this->right, -$sin), $this->up,
        );
    }

    /** Its top leant over to its right. */
    public function leant(float $degrees): self
    {
        [$sin, $cos] = [sin(deg2rad($degrees)), cos(deg2rad($degrees))];

        return new self(
            $this->origin, self::mixed($this->right, $cos, $this->up, -$sin), $this->forward,
            self::mixed($this->up, $cos, $this->right, $sin),
        );
    }

    /** So far along its own right, forward and up. */
    public function moved(float $right, float $forward, float $up): self
    {
        return new self($this->point($right, $forward, $up), $this->right, $this->forward, $this->up);
    }

    /** @return array{float, float, float} */
    public function point(float $right, float $forward, float $up): array
    {
        [[$ox, $oy, $oz], [$rx, $ry, $rz]] = [$this->origin, $this->right];
        [[$fx, $fy, $fz], [$ux, $uy, $uz]] = [$this->forward, $this->up];

        return [
            $ox + $right * $rx + $forward * $fx + $up * $ux, $oy + $right * $ry + $forward * $fy + $up * $uy,
            $oz + $right * $rz + $forward * $fz + $up * $uz,
        ];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $other
     * @return array{float, float, float}
     */
    private static function mixed(array $one, float $share, array $other, float $rest): array
    {
        return [
            $share * $one[0] + $rest * $other[0], $share * $one[1] + $rest * $other[1],
            $share * $one[2] + $rest * $other[2],
        ];
    }
}
