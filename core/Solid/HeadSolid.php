<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Seats\BezelStrip;
use HotSprue\Stones\StoneInput;

/** A collet or claws as their sheet has them, about the middle of the stone, the foot at nought. Source: workbook 4. */
final class HeadSolid
{
    /**
     * @param  float  $finish  on the outside still, mm
     * @param  ?float  $round  radius of the band that its foot is filed to; null where it stands on a flat
     */
    public static function bezel(
        Input $input, Answer $answer, Fineness $fineness, float $finish = 0.0, ?float $round = null,
    ): Mesh {
        $outline = StoneInput::read($input);
        [$fit, $wall] = [$input->num('fit'), $input->num('wall')];
        $ledge = min($input->num('ledge_width'), $outline->wide / 2 + $fit - 1e-3);

        return CollarSolid::of(
            new OutlineLoop($outline, $fineness->outline(), BezelStrip::isScored($input, $outline)), $fit,
            $fit + $wall + $finish, $fit - $ledge, $answer->num('strip_height'), $answer->num('seat_height'), $round,
        );
    }

    /** Of tube from stock, before its seat is burred; null where no tube suits. */
    public static function tube(Input $input, Answer $answer, Fineness $fineness, ?float $round = null): ?Mesh
    {
        $inside = $answer->value('tube_inside');
        if (! is_numeric($inside)) {
            return null;
        }
        $outline = StoneInput::read($input);
        $half = $outline->wide / 2;

        return CollarSolid::of(
            new OutlineLoop($outline, $fineness->outline()), $inside / 2 - $half,
            $answer->num('outside_width') / 2 - $half, $inside / 2 - $half, $answer->num('strip_height'),
            $answer->num('seat_height'), $round,
        );
    }

    /** Claws as they stand before they are pushed over: what is held while they are set has come off. */
    public static function claws(Answer $answer, Fineness $fineness, ?float $round = null): Mesh
    {
        return self::wires(
            array_values((array) $answer->value('places')), $answer->num('wire'), 0.0, $answer->num('cut_length') - 2,
            $fineness, $round,
        );
    }

    /**
     * Upright wires.
     *
     * @param  list<array<string, mixed>>  $places  x_mm and y_mm of each
     * @param  ?float  $round  radius of the band that they are led down to
     */
    public static function wires(
        array $places, float $wire, float $from, float $to, Fineness $fineness, ?float $round = null,
    ): Mesh {
        $upright = static function (array $at) use ($wire, $from, $to, $fineness, $round): Mesh {
            [$x, $y] = [(float) $at['x_mm'], (float) $at['y_mm']];
            // How far the band falls away beside the middle of the setting.
            $dip = $round === null ? 0.0 : $round - sqrt(max(0.0, $round ** 2 - min(abs($x), $round) ** 2));

            return WireSolid::between([$x, $y, $from - $dip], [$x, $y, $to], $wire, $fineness);
        };

        return Mesh::together(...array_map($upright, $places));
    }
}
