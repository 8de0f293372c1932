<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** A small piece of a part: what it weighs, what surface it has, and how hot it is. */
final readonly class Node
{
    public const AIR = 20.0;

    public const CLEAN = 0.25;

    private const BLACK = 0.6;

    public function __construct(
        public string $part,
        public float $x,
        public float $y,
        public float $mass,
        public float $surface,
        public float $capacity,
        public float $solidus,
        public float $held = 0.0,
        public float $celsius = self::AIR,
        public bool $silver = false,
        public bool $coated = false,
        public bool $black = false,
        public bool $slumped = false,
        public float $sink = 0.0,
    ) {}

    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('part', 'the part that it is a piece of'),
            Field::length('x_mm', 'where it lies, to the right')->between(-500, 500)->allowingZero(),
            Field::length('y_mm', 'where it lies, downwards')->between(-500, 500)->allowingZero(),
            Field::mass('mass_g', 'what it weighs'),
            Field::of(Quantity::SquareMillimetres, 'surface_mm2', 'its surface'),
            Field::number('capacity', 'heat that a kilogram takes for a degree, J')->between(50, 2000),
            Field::temperature('solidus_c', 'where it begins to melt'),
            Field::number('held_w_per_k', 'what block or arm take from it, for each degree')
                ->between(0, 10)->allowingZero()->default(0.0),
            Field::temperature('heat_c', 'how hot it is')->default(self::AIR),
            Field::yesNo('silver', 'whether it blackens')->default(false),
            Field::yesNo('coated', 'whether a coat of boric acid is on it')->default(false),
            Field::yesNo('black', 'whether it is black')->default(false),
            Field::yesNo('slumped', 'whether it has melted')->default(false),
            Field::of(Quantity::Seconds, 'sink_s', 'how long a heat sink or wet paste still holds it')
                ->allowingZero()->default(0.0),
        ];
    }

    /** @param array<string, mixed> $row as `columns()` reads it */
    public static function read(array $row): self
    {
        return new self(
            (string) $row['part'], (float) $row['x_mm'], (float) $row['y_mm'], (float) $row['mass_g'],
            (float) $row['surface_mm2'], (float) $row['capacity'], (float) $row['solidus_c'],
            (float) $row['held_w_per_k'], (float) $row['heat_c'], $row['silver'] === true, $row['coated'] === true,
            $row['black'] === true, $row['slumped'] === true, (float) $row['sink_s'],
        );
    }

    /** @return array<string, float|bool|string> */
    public function row(): array
    {
        return [
            'part' => $this->part, 'x_mm' => $this->x, 'y_mm' => $this->y, 'mass_g' => $this->mass,
            'surface_mm2' => $this->surface, 'capacity' => $this->capacity, 'solidus_c' => $this->solidus,
            'held_w_per_k' => $this->held, 'heat_c' => $this->celsius, 'silver' => $this->silver,
            'coated' => $this->coated, 'black' => $this->black, 'slumped' => $this->slumped,
            'sink_s' => round($this->sink, 2),
        ];
    }

    /** J that a degree takes. */
    public function heat(): float
    {
        return $this->mass * 1e-3 * $this->capacity;
    }

    public function emissivity(): float
    {
        return $this->black ? self::BLACK : self::CLEAN;
    }

    public function with(
        ?float $celsius = null, ?bool $coated = null, ?bool $black = null, ?bool $slumped = null, ?float $sink = null,
        ?float $held = null,
    ): self
    {
        return new self(
            $this->part, $this->x, $this->y, $this->mass, $this->surface, $this->capacity, $this->solidus,
            $held ?? $this->held, $celsius ?? $this->celsius, $this->silver, $coated ?? $this->coated,
            $black ?? $this->black, $slumped ?? $this->slumped, $sink ?? $this->sink,
        );
    }
}
