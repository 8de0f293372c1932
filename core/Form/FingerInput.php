<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\RingSize;
use HotSprue\Measures\Scale;

/** The two ways to say how large a finger is: an inside diameter, or a scale and a size on it. */
final class FingerInput
{
    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('inner_diameter', 'inside diameter of the finished ring')
                ->called('inside diameter')->optional(),
            self::scale()->optional(),
            self::size()->optional(),
        ];
    }

    public static function scale(): Field
    {
        return Field::choice('scale', array_column(Scale::cases(), 'value'), 'the scale that the size is on')
            ->saying(Scale::sayings());
    }

    public static function size(): Field
    {
        return Field::text('size', 'the size as said on its scale: 7 1/4, O½, 54');
    }

    /** @return list<string> the inputs that said it, for a working */
    public static function uses(Input $input): array
    {
        return $input->has('inner_diameter') ? ['inner_diameter'] : ['scale', 'size'];
    }

    /** @throws BadInput when it is said twice, by halves or not at all */
    public static function read(Input $input): RingSize
    {
        $sized = $input->has('scale') || $input->has('size');
        if ($input->has('inner_diameter') && $sized) {
            throw BadInput::bothGiven(['inner_diameter', 'size']);
        }
        try {
            if ($input->has('inner_diameter')) {
                return RingSize::ofDiameter($input->num('inner_diameter'));
            }
        } catch (NotUnderstood $not) {
            throw BadInput::field('inner_diameter', $not->getMessage());
        }
        if (! $sized) {
            throw BadInput::neitherGiven('inner_diameter', ['an inside diameter', 'a scale and a size']);
        }

        return self::sized($input);
    }

    /** @throws BadInput */
    public static function sized(Input $input): RingSize
    {
        foreach (['scale', 'size'] as $half) {
            if (! $input->has($half)) {
                throw BadInput::neitherGiven($half, ['a scale and a size together']);
            }
        }
        try {
            return RingSize::on(Scale::from($input->text('scale')), $input->text('size'));
        } catch (NotUnderstood $not) {
            throw BadInput::field('size', $not->getMessage());
        }
    }
}
