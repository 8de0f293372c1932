<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/**
 * How a faceted stone's depth is shared out: crown 15, girdle 3, pavilion 43 % of the diameter (of the
 * width for other shapes) where nothing is measured, and a girdle measured alone changes neither of the
 * others; a measured depth is shared in the same parts. Source: workbook 3.
 */
final readonly class Proportions
{
    private function __construct(public float $crown, public float $girdle, public float $pavilion) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('depth', 'depth of the stone; 61 % of the width unless said')->optional(),
            Field::length('girdle_height', 'height of the girdle; 3 % of the width unless said')
                ->called('girdle, thick')->optional(),
        ];
    }

    public static function of(Input $input, float $width, WorkshopSettings $settings): self
    {
        $girdle = $input->numOr('girdle_height', $settings->num('stones.girdle') * $width);
        if (! $input->has('depth')) {
            return new self(
                $settings->num('stones.crown') * $width, $girdle, $settings->num('stones.pavilion') * $width,
            );
        }
        $rest = max($input->num('depth') - $girdle, 0.0);
        $crown = $settings->num('stones.crown') / ($settings->num('stones.crown') + $settings->num('stones.pavilion'));

        return new self($rest * $crown, $girdle, $rest * (1 - $crown));
    }

    /**
     * Top of the girdle under the surface, mm, by the style of its seat. Source: workbook 4, bead, flush and shared
     * seats.
     */
    public function girdleBelow(string $style, float $diameter, WorkshopSettings $settings): float
    {
        return $style === 'flush' ? $this->crown : $settings->num('seats.bead_below') * $diameter;
    }

    public function depth(): float
    {
        return $this->crown + $this->girdle + $this->pavilion;
    }
}
