<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Level;

/**
 * Joints that are not soldered: fused before any solder, or closed by laser or cold after the last fire. Source:
 * workbook 11 and 12; that only a metal of one melting point fuses clean is the bench's own.
 */
final class Fusing
{
    public const HOW = ['solder', 'fuse', 'laser', 'cold'];

    /** A metal this pure melts at one point, and so flows together before it falls together. */
    private const PURE = 0.999;

    public const FINDINGS = [
        'cannot-fuse' => 'a fused joint of an alloy that slumps before it flows, or of two alloys',
        'fuse-late' => 'a fused joint that waits for a soldered one',
    ];

    /**
     * What is fused is one piece before any solder comes near it: a joint to a part of it is to all of it.
     *
     * @param  list<Joint>  $joints
     * @return list<Joint>
     */
    public static function merged(array $joints): array
    {
        $pieces = [];
        foreach ($joints as $joint) {
            if ($joint->isFused()) {
                $touched = array_filter($pieces, static fn (int $piece): bool => ($piece & $joint->parts) !== 0);
                $pieces = [
                    ...array_diff($pieces, $touched),
                    array_reduce($touched, static fn (int $all, int $piece): int => $all | $piece, $joint->parts),
                ];
            }
        }
        $whole = static fn (int $parts): int => array_reduce(
            $pieces, static fn (int $all, int $piece): int => ($piece & $parts) !== 0 ? $all | $piece : $all, $parts,
        );

        return array_map(
            static fn (Joint $joint): Joint => $joint->isFused() ? $joint : $joint->with(parts: $whole($joint->parts)),
            $joints,
        );
    }

    public static function judge(AnswerBuilder $answer, Assembly $assembly): void
    {
        $answer->give('fused', self::rows($assembly, static fn (Joint $joint): bool => $joint->isFused()))
            ->give('cold', self::rows(
                $assembly, static fn (Joint $joint): bool => $joint->cold && ! $joint->isFused(),
            ));
        foreach (array_filter($assembly->joints, static fn (Joint $joint): bool => $joint->isFused()) as $joint) {
            $alloys = array_values(
                array_map(static fn (int $part) => $assembly->alloys[$part], Assembly::bits($joint->parts)),
            );
            $names = array_unique(array_map(static fn ($alloy): string => $alloy->name, $alloys));
            if (count($names) > 1 || ($alloys[0]->fineness < self::PURE && $alloys[0]->metal !== 'platinum')) {
                $answer->find(
                    Level::Stop, 'cannot-fuse', 'joints',
                    "{$joint->id}: ".(count($names) > 1
                        ? 'two alloys do not fuse clean: the softer runs before the harder is ready.'
                        : "{$alloys[0]->label} slumps before it flows together."),
                    'Fuse fine silver, fine gold or platinum to itself; else solder it.',
                );
            }
            foreach (Assembly::bits($joint->after) as $before) {
                if (! $assembly->joints[$before]->cold) {
                    $answer->find(
                        Level::Stop, 'fuse-late', 'joints',
                        "{$joint->id} is fused at the metal’s own melting heat: {$assembly->joints[$before]->id} would "
                            .'run out before.',
                        'Fuse first, solder after; or close it by laser.',
                    );
                }
            }
        }
    }

    /** @return list<array{joint: string, how: string, words: string}> */
    private static function rows(Assembly $assembly, callable $which): array
    {
        return array_map(static fn (Joint $joint): array => [
            'joint' => $joint->id, 'how' => $joint->how(), 'words' => match ($joint->how()) {
                'fuse' => 'Close it without a gap, no flux but a trace, whole piece to heat; draw the flame '
                    .'along as the surface turns to a mirror, and off at once.',
                'laser' => 'Close it without a gap, feed wire of the same alloy, pulse from both sides; eyes behind '
                    .'the screen, and never at a stone.',
                default => 'Rivet, screw or a tight seat: after the last fire, and after the polish.',
            },
        ], array_values(array_filter($assembly->joints, $which)));
    }
}
