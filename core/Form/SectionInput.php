<?php

declare(strict_types=1);

namespace HotSprue\Form;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;

/** A section said by its profile, width and thickness: what a strip, a sized ring and an insert share. */
final class SectionInput
{
    /** @return list<Field> */
    public static function fields(string $what): array
    {
        return [
            Field::choice('profile', Profile::names(), "cross-section of the {$what}")->default('flat'),
            Field::length('width', "width of the {$what}"),
            Field::length('thickness', "thickness of the {$what}"),
            Field::length('edge', 'height of a knife’s edge; half its thickness unless said')
                ->called('edge, high')->optional(),
            Field::length('rise_inside', 'a court’s inner dome')->called('inner dome')->optional(),
            Field::length('rise_outside', 'a court’s outer dome')->called('outer dome')->optional(),
        ];
    }

    /** @throws BadInput when the section cannot be cut */
    public static function read(Input $input): Section
    {
        [$w, $t] = [$input->num('width'), $input->num('thickness')];
        $own = static fn (string $name): ?float => $input->has($name) ? $input->num($name) : null;
        $edge = $own('edge') ?? ($input->text('profile') === Profile::Knife->value ? $t / 2 : null);
        try {
            return (new Band(
                1.0, Profile::from($input->text('profile')), $w, $w, $t, $t, $edge, $own('rise_inside'),
                $own('rise_outside'),
            ))->section(0.0);
        } catch (ImpossibleSection $impossible) {
            throw BadInput::field($impossible->field, $impossible->getMessage());
        }
    }
}
