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
                Shape::ratios().'; as a share of the width',
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
        return self::ofRow($input->values());
    }

    /**
     * @param  array<string, mixed>  $said  shape, width, and length and ratio where they are given
     *
     * @throws BadInput when there is no such outline
     */
    public static function ofRow(array $said): Outline
    {
        $shape = Shape::from((string) $said['shape']);
        $wide = (float) $said['width'];
        $parts = $shape->parts();
        if ($parts->hasLength() && ! isset($said['length'])) {
            throw BadInput::neitherGiven('length', ["the length of the {$shape->value}"]);
        }
        $long = (float) ($said['length'] ?? $wide);
        if (! $parts->hasLength() && abs($long - $wide) > 1e-9) {
            throw BadInput::field(
                'length', "A {$shape->value} takes its width only; leave the length out, or give the same.",
            );
        }
        if ($parts->ratio() === null && isset($said['ratio'])) {
            throw BadInput::field('ratio', 'This shape has none; a ratio is accepted for: '.Shape::ratios().'.');
        }
        try {
            return Outline::of(
                $shape, $parts->hasLength() ? $long : $wide, $wide,
                isset($said['ratio']) ? (float) $said['ratio'] : null,
            );
        } catch (ImpossibleOutline $impossible) {
            throw BadInput::field($impossible->field, $impossible->getMessage());
        }
    }
}
