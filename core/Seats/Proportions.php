<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Sheet\Field;
use HotSprue\Sheet\Input;

/**
 * How a faceted stone's depth is shared out: crown 15, girdle 3, pavilion 43 % of the diameter (of the
 * width for other shapes) where nothing is measured; a measured depth in the same shares. Source: workbook 3.
 */
final readonly class Proportions
{
    private const CROWN = 0.15;

    private const GIRDLE = 0.03;

    private const PAVILION = 0.43;

    private function __construct(public float $crown, public float $girdle, public float $pavilion) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('depth', 'depth of the stone; 61 % of the width unless said')->optional(),
            Field::length('girdle_height', 'height of the girdle; 3 % of the width unless said')->optional(),
        ];
    }

    public static function of(Input $input, float $width): self
    {
        $girdle = $input->numOr('girdle_height', self::GIRDLE * $width);
        $rest = $input->numOr('depth', (self::CROWN + self::GIRDLE + self::PAVILION) * $width) - $girdle;
        $rest = max($rest, 0.0);

        return new self($rest * self::CROWN / (self::CROWN + self::PAVILION), $girdle, $rest * self::PAVILION / (self::CROWN + self::PAVILION));
    }

    public function depth(): float
    {
        return $this->crown + $this->girdle + $this->pavilion;
    }
}
