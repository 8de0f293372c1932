<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Calculation\Answer;
use HotSprue\Fields\Input;
use HotSprue\Stones\StoneInput;

/**
 * The rings under a head and the struts between them as their sheet has them, about the middle of the stone, the
 * girdle's underside at nought. Source: workbook 5, gallery and basket, and 19.
 */
final class GallerySolid
{
    /** @param list<array<string, mixed>>|null $claws x_mm and y_mm of what the struts stand at; else they are spread */
    public static function of(Input $input, Answer $answer, Fineness $fineness, ?array $claws = null): Mesh
    {
        $outline = new OutlineLoop(StoneInput::read($input), $fineness->outline());
        $wire = $input->num('wire');
        $rings = array_map(static fn (array $ring): Mesh => self::ring(
            $outline, $input->num('outside') - (float) $ring['inset_mm'] - $wire / 2, -(float) $ring['depth_mm'],
            self::section($wire, $input->has('height') ? $input->num('height') : null, $fineness),
        ), array_values((array) $answer->value('rings')));

        return Mesh::together(...$rings, ...self::struts($input, $answer, $outline, $fineness, $claws));
    }

    /** @param list<array{float, float}> $section outward and up, about its middle */
    private static function ring(OutlineLoop $outline, float $offset, float $up, array $section): Mesh
    {
        return Sweep::closed(array_map(static fn (array $at): array => array_map(
            static fn (array $p): array => [$p[0], $p[1], $up + $at[1]], $outline->at($offset + $at[0]),
        ), $section));
    }

    /** @return list<array{float, float}> */
    private static function section(float $wire, ?float $height, Fineness $fineness): array
    {
        if ($height === null) {
            return WireSolid::circle($wire / 2, $fineness->wire());
        }
        [$x, $y] = [$wire / 2, $height / 2];

        return [[-$x, -$y], [$x, -$y], [$x, $y], [-$x, $y]];
    }

    /**
     * @param  list<array<string, mixed>>|null  $claws
     * @return list<Mesh>
     */
    private static function struts(
        Input $input, Answer $answer, OutlineLoop $outline, Fineness $fineness, ?array $claws,
    ): array {
        $count = (int) $input->num('struts');
        if ($count === 0) {
            return [];
        }
        $wire = $input->num('wire');
        $slope = deg2rad($input->num('taper'));
        $long = $answer->num('strut_length');
        $loop = $outline->at($input->num('outside') - $input->num('inset') - $wire / 2);
        $places = count($claws ?? []) === $count
            ? array_map(static fn (array $at): array => [(float) $at['x_mm'], (float) $at['y_mm']], (array) $claws)
            : array_map(static fn (int $i): array => $loop[(int) (($i + 0.5) * count($loop) / $count)], range(
                0, $count - 1,
            ));
        // A strip is bent to the rings; what stands between them is of as much metal.
        $round = $input->has('height') ? sqrt(4 / M_PI * $wire * $input->num('height')) : $wire;

        return array_map(static function (array $at) use ($long, $slope, $round, $fineness): Mesh {
            $out = hypot(...$at) ?: 1.0;
            $in = 1 - $long * sin($slope) / $out;

            return WireSolid::between(
                [$at[0], $at[1], 0.0], [$at[0] * $in, $at[1] * $in, -$long * cos($slope)], $round, $fineness,
            );
        }, array_values($places));
    }
}
