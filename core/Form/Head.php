<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Fields\Field;
use HotSprue\Fields\Input;

/**
 * The room that a head cast in one piece with its ring takes, on top of the band; lengths in mm. Source: workbook 8,
 * sprue.
 */
final readonly class Head
{
    private function __construct(public float $along, public float $across, public float $height) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('head_along', 'a head cast in one piece: its size along the finger')
                ->called('head, along')->allowingZero()->default(0.0),
            Field::length('head_across', 'its size across the finger')
                ->called('head, across')->allowingZero()->default(0.0),
            Field::length('head_height', 'how far it stands above the band')
                ->called('head, high')->allowingZero()->default(0.0),
        ];
    }

    public static function read(Input $input): self
    {
        return new self($input->num('head_along'), $input->num('head_across'), $input->num('head_height'));
    }
}
