<?php

declare(strict_types=1);

namespace HotSprue\Stones;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;

/** How a stone's outline is said: its shape, length, width and corner ratio. */
final class StoneInput
{
    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('shape', Shape::names(), 'outline of the girdle'),
            Field::length(
                'length', 'length of the girdle; as the width for a round, and not for a trillion',
            )->optional(),
            Field::length('width', 'width of the girdle; the diameter of a round'),
            Field::number(
                'ratio',
                'corner radius of a cushion, corner cut of an octagon, sagitta of a trillion, as a share of the width',
            )
                ->between(0, 0.5)->allowingZero()->optional(),
        ];
    }

    /** @return list<string> the inputs that said it, for a working */
    public static function uses(Input $input): array
    {
        return ['shape', ...array_values(array_filter(['length', 'width', 'ratio'], $input->has(...)))];
    }

    /** @throws BadInput when there is no such outline */
    public static function read(Input $input): Outline
    {
        $shape = Shape::from($input->text('shape'));
        $wide = $input->num('width');
        if ($shape->hasLength() && ! $input->has('length')) {
            throw BadInput::neitherGiven('length', ["the length of the {$shape->value}"]);
        }
        $long = $input->numOr('length', $wide);
        if (! $shape->hasLength() && abs($long - $wide) > 1e-9) {
            throw BadInput::field(
                'length', "A {$shape->value} takes its width only; leave the length out, or give the same.",
            );
        }
        if ($shape->ratio() === null && $input->has('ratio')) {
            throw BadInput::field('ratio', 'Only a cushion, an octagon or a trillion has corners to give a ratio for.');
        }
        try {
            return Outline::of(
                $shape, $shape->hasLength() ? $long : $wide, $wide, $input->has('ratio') ? $input->num('ratio') : null,
            );
        } catch (ImpossibleOutline $impossible) {
            throw BadInput::field($impossible->field, $impossible->getMessage());
        }
    }
}
