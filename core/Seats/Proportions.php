<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Fields\Field;
use HotSprue\Fields\Input;

/**
 * How a faceted stone's depth is shared out: crown 15, girdle 3, pavilion 43 % of the diameter (of the
 * width for other shapes) where nothing is measured, and a girdle measured alone changes neither of the
 * others; a measured depth is shared in the same parts. Source: workbook 3.
 */
final readonly class Proportions
{
    private const CROWN = 0.15;

    private const GIRDLE = 0.03;

    private const PAVILION = 0.43;

    /** How far the top of a bead-set girdle lies under the surface, as a share of the stone. */
    private const BEAD_BELOW = 0.05;

    private function __construct(public float $crown, public float $girdle, public float $pavilion) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('depth', 'depth of the stone; 61 % of the width unless said')->optional(),
            Field::length('girdle_height', 'height of the girdle; 3 % of the width unless said')->called('girdle, thick')->optional(),
        ];
    }

    public static function of(Input $input, float $width): self
    {
        $girdle = $input->numOr('girdle_height', self::GIRDLE * $width);
        if (! $input->has('depth')) {
            return new self(self::CROWN * $width, $girdle, self::PAVILION * $width);
        }
        $rest = max($input->num('depth') - $girdle, 0.0);
        $crown = self::CROWN / (self::CROWN + self::PAVILION);

        return new self($rest * $crown, $girdle, $rest * (1 - $crown));
    }

    /** Top of the girdle under the surface, mm, by the style of its seat. Source: workbook 4, bead, flush and shared seats. */
    public function girdleBelow(string $style, float $diameter): float
    {
        return $style === 'flush' ? $this->crown : self::BEAD_BELOW * $diameter;
    }

    public function depth(): float
    {
        return $this->crown + $this->girdle + $this->pavilion;
    }
}
