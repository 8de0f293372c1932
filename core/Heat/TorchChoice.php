<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Stock\Torch;

/** Which torch a piece asks for: the mildest that holds it at the flow with some to spare. Source: workbook 20. */
final class TorchChoice
{
    /** A flame gives so many times what the piece loses, or it comes to heat too late for its flux. */
    private const SPARE = 1.2;

    public static function for(Piece $piece, Torch $usual): Torch
    {
        $kinds = [$usual, ...Torch::cases()];
        $enough = array_filter(
            $kinds, static fn (Torch $torch): bool => self::gives($torch, $piece) > self::SPARE * self::loses($piece),
        );
        if ($enough !== []) {
            return $enough[array_key_first($enough)];
        }
        usort($kinds, static fn (Torch $one, Torch $other): int => self::gives($other, $piece)
            <=> self::gives($one, $piece));

        return $kinds[0];
    }

    /** Whether its bushy flame holds the whole piece at the flow. */
    public static function isEnough(Torch $torch, Piece $piece): bool
    {
        return self::gives($torch, $piece) > self::loses($piece);
    }

    /** W that its bushy flame over the middle of the piece gives it at the flow. */
    public static function gives(Torch $torch, Piece $piece): float
    {
        [$x, $y] = $piece->middle();
        $flame = TorchFlame::at($torch, $x, $y);
        $hold = array_sum(array_map(
            static fn (Node $node): float => $flame->on($node->x, $node->y) * $node->surface * 1e-6 / 2, $piece->nodes,
        ));

        return $hold * max(0.0, $torch->flame() - $piece->flow());
    }

    /** W that the piece loses at the flow. */
    public static function loses(Piece $piece): float
    {
        return Fire::losesClean($piece->surface(), $piece->flow()) + $piece->held() * ($piece->flow() - Node::AIR);
    }
}
