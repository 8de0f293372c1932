<?php

declare(strict_types=1);

namespace HotSprue\Strip;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Fields\Input;
use HotSprue\Measures\FreeOutline;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Stones\ImpossibleOutline;
use HotSprue\Stones\Outline;
use HotSprue\Stones\Shape;

/** The outline of a plate that is no plain rectangle and no disc. Source: workbook 3, outlines; geometry. */
final class PlateShape
{
    public const PLATES = ['plate', 'disc', 'cushion', 'hexagon', 'kite', 'oval', 'crescent', 'free'];

    private const POINTS = 240;

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::number('ratio', Shape::ratios().'; as a share of the width')
                ->between(0, 0.5)->allowingZero()->optional(),
            Field::length('bite', 'diameter of the disc that a crescent lacks')->called('bitten out, across')
                ->optional(),
            Field::length('bite_offset', 'from middle to middle of the two discs')->called('bitten out, off the middle')
                ->optional(),
            Field::text('outline', 'a free outline: points such as 0,0 10,0 10,5, or a path of SVG, 1 mm a unit')
                ->called('free outline')->optional(),
        ];
    }

    /**
     * Null for a plain plate and a disc, whose sums are their own.
     *
     * @throws BadInput
     */
    public static function of(Input $input): ?FreeOutline
    {
        return match ($input->text('shape')) {
            'plate', 'disc' => null,
            'crescent' => self::crescent($input),
            'free' => self::free($input),
            default => self::stone($input),
        };
    }

    private static function stone(Input $input): FreeOutline
    {
        $width = $input->num('width');
        try {
            $outline = Outline::of(
                Shape::from($input->text('shape')), $input->numOr('length', $width), $width,
                $input->has('ratio') ? $input->num('ratio') : null,
            );
        } catch (ImpossibleOutline $impossible) {
            throw BadInput::field($impossible->field, $impossible->getMessage());
        }

        return FreeOutline::of($outline->parallel(0.0)->corneredPoints(self::POINTS));
    }

    /** A disc less a disc. */
    private static function crescent(Input $input): FreeOutline
    {
        [$r, $bite] = [$input->num('width') / 2, $input->numOr('bite', $input->num('width') * 0.8) / 2];
        $off = $input->numOr('bite_offset', $r * 0.5);
        if ($off <= abs($r - $bite) || $off >= $r + $bite) {
            throw BadInput::field(
                'bite_offset',
                sprintf(
                    'The two discs do not cross; an offset of %.2f to %.2f mm is accepted.', abs($r - $bite),
                    $r + $bite,
                ),
            );
        }
        // Where the two circles cross.
        $x = ($off ** 2 + $r ** 2 - $bite ** 2) / (2 * $off);
        $outer = acos($x / $r);
        $inner = acos(($x - $off) / $bite);
        $half = intdiv(self::POINTS, 2);
        $points = [];
        for ($i = 0; $i <= $half; $i++) {
            $angle = $outer + (2 * M_PI - 2 * $outer) * $i / $half;
            $points[] = [$r * cos($angle), $r * sin($angle)];
        }
        for ($i = 1; $i < $half; $i++) {
            $angle = -$inner + (-2 * M_PI + 2 * $inner) * $i / $half;
            $points[] = [$off + $bite * cos($angle), $bite * sin($angle)];
        }

        return FreeOutline::of($points);
    }

    private static function free(Input $input): FreeOutline
    {
        try {
            return FreeOutline::read($input->textOrNull('outline') ?? throw BadInput::neitherGiven(
                'outline', ['points such as 0,0 10,0 10,5', 'a path of SVG'],
            ));
        } catch (NotUnderstood $not) {
            throw BadInput::field('outline', $not->getMessage());
        }
    }
}
