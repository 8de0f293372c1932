<?php

declare(strict_types=1);

namespace HotSprue\Wax;

use HotSprue\Rules\Rules;
use HotSprue\Sheet\Field;
use HotSprue\Sheet\Input;

/** What finishing takes off each face, mm. Source: workbook 6, allowances. */
final readonly class Finishing
{
    private function __construct(public float $inside, public float $outside, public float $side) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('finishing', ['light', 'usual', 'heavy'], 'how much finishing takes; scales the allowances not typed')->default('usual'),
            Field::length('finish_inside', 'finishing takes off the inside')->allowingZero()->fromRule('allowances.finish_inside'),
            Field::length('finish_outside', 'finishing takes off the outside')->allowingZero()->fromRule('allowances.finish_outside'),
            Field::length('finish_side', 'finishing takes off each side')->allowingZero()->fromRule('allowances.finish_side'),
        ];
    }

    public static function read(Input $input, Rules $rules): self
    {
        return new self(self::face($input, $rules, 'finish_inside'), self::face($input, $rules, 'finish_outside'), self::face($input, $rules, 'finish_side'));
    }

    /** What finishing takes off one kind of face, mm. */
    public static function face(Input $input, Rules $rules, string $name): float
    {
        $factor = match ($input->text('finishing')) {
            'light' => $rules->num('allowances.light'),
            'heavy' => $rules->num('allowances.heavy'),
            default => 1.0,
        };

        return $input->num($name) * ($input->isGiven($name) ? 1.0 : $factor);
    }

    /** Off the thickness of a wall, mm. */
    public function wall(): float
    {
        return $this->inside + $this->outside;
    }
}
