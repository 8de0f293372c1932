<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Rules\Rules;
use HotSprue\Sheet\Field;
use HotSprue\Sheet\Input;
use HotSprue\Wax\Finishing;
use HotSprue\Wax\Shrinkage;

/** How a seat is carried in the wax: shrinkage, outside finishing and the school. Source: workbook 4, three schools. */
final readonly class InWax
{
    public const SCHOOLS = ['all-in-metal', 'trued-in-metal', 'to-size-in-wax'];

    private function __construct(public float $shrinkage, public float $finish, public string $school) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            ...Shrinkage::fields(),
            ...array_values(array_filter(Finishing::fields(), static fn (Field $field): bool => in_array($field->name, ['finishing', 'finish_outside'], true))),
            Field::choice('school', self::SCHOOLS, 'where the seat is cut')->fromRule('seats.school'),
        ];
    }

    public static function read(Input $input, Rules $rules): self
    {
        return new self(Shrinkage::read($input, $rules), Finishing::face($input, $rules, 'finish_outside'), $input->text('school'));
    }
}
