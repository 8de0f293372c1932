<?php

declare(strict_types=1);

namespace HotSprue\Setting;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;
use HotSprue\Stones\Outline;

/**
 * A setting's outside as it sits on a band: angle from the top of the finger in degrees, to the right positive; across
 * the band and outside the girdle in mm; turned in degrees, its length across the band at 0.
 */
final readonly class PlacedOutline
{
    private function __construct(
        public Outline $outline, public float $angle, public float $across, public float $turn, public float $outside,
    ) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::of(Quantity::Angle, 'angle', 'round the finger from the top; to the right positive')
                ->called('round the finger')->between(-180, 180)->default(0.0),
            Field::length('across', 'off the middle of the band, toward the fingertip positive')
                ->called('off the middle')->between(-100, 100)->allowingZero()->default(0.0),
            Field::of(Quantity::Angle, 'turn', 'turned on itself; 0 lays its length across the band')
                ->called('turned')->between(-180, 180)->default(0.0),
            Field::length('outside', 'how far its metal reaches outside the girdle')
                ->called('metal outside the girdle')->allowingZero()->default(0.0),
        ];
    }

    /** @param array<string, mixed> $values */
    public static function of(array $values, Outline $outline): self
    {
        $number = static fn (string $name): float => is_numeric($values[$name] ?? null) ? (float) $values[$name] : 0.0;

        return new self($outline, $number('angle'), $number('across'), $number('turn'), $number('outside'));
    }

    /** The same, turned so many degrees more. */
    public function turnedBy(float $degrees): self
    {
        return new self($this->outline, $this->angle, $this->across, $this->turn + $degrees, $this->outside);
    }

    /** Along a circle of so many mm of radius, from the top. */
    public function along(float $radius): float
    {
        return deg2rad($this->angle) * $radius;
    }

    /** Middle to middle of two, in a straight line, their middles so far from the axis of the finger; mm. */
    public function apart(self $other, float $radius): float
    {
        return hypot($this->chord($other, $radius), $other->across - $this->across);
    }

    /** Between the outsides of two, measured along the line between their middles; mm. */
    public function gapTo(self $other, float $radius): float
    {
        [$along, $over] = [$this->chord($other, $radius), $other->across - $this->across];
        $way = atan2($over, $along);

        return hypot($along, $over) - $this->reach($way) - $other->reach($way + M_PI);
    }

    /** How far it reaches from its middle that way, radians from along the band; mm. */
    public function reach(float $way): float
    {
        $normal = $way - deg2rad($this->turn);
        [$x, $y] = $this->outline->facing($normal, $this->outside);

        return $x * cos($normal) + $y * sin($normal);
    }

    /** @return list<array{0: float, 1: float, 2?: float}> its outside about its middle: along the band, across it */
    public function points(int $count): array
    {
        return $this->turned($this->outline->parallel($this->outside)->points($count));
    }

    /** @return list<array{0: float, 1: float, 2?: float}> its girdle about its middle */
    public function girdle(int $count): array
    {
        return $this->turned($this->outline->parallel(0.0)->corneredPoints($count));
    }

    /**
     * @param  list<array{0: float, 1: float, 2?: float}>  $points
     * @return list<array{0: float, 1: float, 2?: float}>
     */
    private function turned(array $points): array
    {
        if ($this->turn === 0.0) {
            return $points;
        }
        [$cos, $sin] = [cos(deg2rad($this->turn)), sin(deg2rad($this->turn))];

        return array_map(
            static fn (array $p): array => [$p[0] * $cos - $p[1] * $sin, $p[0] * $sin + $p[1] * $cos], $points,
        );
    }

    private function chord(self $other, float $radius): float
    {
        return 2 * $radius * sin(deg2rad($other->angle - $this->angle) / 2);
    }
}
