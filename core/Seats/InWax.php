<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Wax\Finishing;
use HotSprue\Wax\Shrinkage;
use HotSprue\Workshop\SeatCutting;
use HotSprue\Workshop\WorkshopSettings;

/** How a seat is carried in the wax: shrinkage, outside finishing and the school. Source: workbook 4, three schools. */
final readonly class InWax
{
    private function __construct(public float $shrinkage, public float $finish, public SeatCutting $cutting) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            ...Shrinkage::fields(),
            ...array_values(
                array_filter(
                    Finishing::fields(),
                    static fn (Field $field): bool => in_array($field->name, ['finishing', 'finish_outside'], true),
                ),
            ),
            Field::choice('school', SeatCutting::names(), 'where the seat is cut')
                ->called('seat is cut')->fromSetting('seats.school'),
        ];
    }

    public static function read(Input $input, WorkshopSettings $settings): self
    {
        return new self(
            Shrinkage::read($input, $settings), Finishing::face($input, $settings, 'finish_outside'),
            SeatCutting::from($input->text('school')),
        );
    }
}
