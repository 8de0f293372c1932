<?php

declare(strict_types=1);

namespace HotSprue\Wax;

use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What finishing takes off each face, mm. Source: workbook 6, allowances. */
final readonly class Finishing
{
    private function __construct(public float $inside, public float $outside, public float $side) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice(
                'finishing', ['light', 'usual', 'heavy'], 'how much finishing takes; scales the allowances not typed',
            )->default('usual'),
            Field::length('finish_inside', 'finishing takes off the inside')
                ->called('finishing, inside')->allowingZero()->fromSetting('allowances.finish_inside'),
            Field::length('finish_outside', 'finishing takes off the outside')
                ->called('finishing, outside')->allowingZero()->fromSetting('allowances.finish_outside'),
            Field::length('finish_side', 'finishing takes off each side')
                ->called('finishing, sides')->allowingZero()->fromSetting('allowances.finish_side'),
        ];
    }

    public static function read(Input $input, WorkshopSettings $settings): self
    {
        return new self(
            self::face($input, $settings, 'finish_inside'), self::face($input, $settings, 'finish_outside'),
            self::face($input, $settings, 'finish_side'),
        );
    }

    /** What finishing takes off one kind of face, mm. */
    public static function face(Input $input, WorkshopSettings $settings, string $name): float
    {
        $factor = match ($input->text('finishing')) {
            'light' => $settings->num('allowances.light'),
            'heavy' => $settings->num('allowances.heavy'),
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
