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
        $isKnife = $input->text('profile') === Profile::Knife->value;
        $edge = $input->has('edge') || ! $isKnife ? null : $input->num('thickness') / 2;
        try {
            return self::shape($input, 1.0, [$input->num('width'), $input->num('thickness')], $edge)->section(0.0);
        } catch (ImpossibleSection $impossible) {
            throw BadInput::field($impossible->field, $impossible->getMessage());
        }
    }

    /**
     * A band, by its sizes at top and base.
     *
     * @param  string  $at  what the names of the sizes at its top end in
     *
     * @throws BadInput where a knife’s edge is not said
     */
    public static function band(Input $input, float $innerDiameter, string $at = ''): Band
    {
        if ($input->text('profile') === Profile::Knife->value && ! $input->has('edge')) {
            throw BadInput::field(
                'edge', 'A knife section needs the height of its edge; a length under the thickness is accepted.',
            );
        }

        [$width, $thickness] = [$input->num("width{$at}"), $input->num("thickness{$at}")];
        $base = [$input->numOr('width_base', $width), $input->numOr('thickness_base', $thickness)];

        return self::shape($input, $innerDiameter, [$width, $thickness], null, $base);
    }

    /**
     * @param  array{float, float}  $top  width and thickness
     * @param  ?array{float, float}  $base  as at the top unless given
     */
    private static function shape(
        Input $input, float $innerDiameter, array $top, ?float $edge, ?array $base = null,
    ): Band
    {
        $own = static fn (string $name): ?float => $input->has($name) ? $input->num($name) : null;
        [[$w, $t], [$wBase, $tBase]] = [$top, $base ?? $top];

        return new Band(
            $innerDiameter, Profile::from($input->text('profile')), $w, $wBase, $t, $tBase, $own('edge') ?? $edge,
            $own('rise_inside'), $own('rise_outside'),
        );
    }
}
