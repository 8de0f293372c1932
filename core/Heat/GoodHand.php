<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use const INF;

use HotSprue\Stock\Torch;

/**
 * How a good hand leads the flame: it warms the whole, keeps both sides of each joint together by aiming past the one
 * that lags, and takes the flame away at the flash. Source: workbook 12, advice, and 20.
 */
final class GoodHand
{
    /** A joint that has not flowed by then does not, s. */
    private const LONGEST = 240.0;

    /** A side may come so far past the flow while the other is nearly there, °C. */
    private const PAST = 40.0;

    /** What must not melt or move is kept so far under, °C. */
    private const UNDER = 4.0;

    /** The flame points a mm past the side that lags for so many degrees, and at the most so far, mm. */
    private const LEAD = 4.0;

    private const FARTHEST = 16.0;

    /** How far off it may be held, in the usual distance; the nearest that carries nothing too far is taken. */
    private const DISTANCES = [1.0, 1.4, 2.0, 2.8, 4.0];

    /** Wet flux is brought to its boil at no more than this share of the speed at which chips jump. */
    private const GENTLE = 0.6;

    /** Looked ahead in steps of so long, s. */
    private const LOOK = 0.2;

    /** The aim is chosen anew after so long, s. */
    private const LOOKS = 0.6;

    /** @var array{float, float}|null where the flame points */
    private ?array $aim = null;

    private float $aimedAt = 0.0;

    private function __construct(private readonly Torch $torch) {}

    /** @return list<Move> as many moments as it takes */
    public static function moves(Piece $piece, Torch $torch): array
    {
        $hand = new self($torch);
        $moves = [];
        while ($piece->seconds < self::LONGEST && self::waiting($piece) !== []) {
            $moves[] = $move = $hand->move($piece);
            $piece = Fire::burn($move->actedOn($piece), $move->flame($torch), Move::SECONDS)->piece;
        }

        return [...$moves, new Move(0.0, 0.0, isOn: false)];
    }

    /** @return list<Contact> those that are still to flow */
    private static function waiting(Piece $piece): array
    {
        return array_values(array_filter(
            $piece->now(), static fn (Contact $contact): bool => $contact->solder !== SolderState::Flowed,
        ));
    }

    private function move(Piece $piece): Move
    {
        $waiting = self::waiting($piece);
        $acts = $piece->seconds > 0 ? [] : self::before($piece);
        $most = self::limits($piece, $waiting);
        [$x, $y] = $this->aimAt($piece, $waiting);
        foreach (self::DISTANCES as $distance) {
            $move = new Move($x, $y, distance: $distance, acts: $acts);
            $after = $this->after($piece, $move);
            if (self::isWithin($after, $most) && self::isGentle($piece, $after)) {
                return $move;
            }
        }

        return new Move($x, $y, isOn: false, acts: $acts);
    }

    /**
     * Where the flame points, looked at anew every few moments.
     *
     * @param  list<Contact>  $waiting
     * @return array{float, float}
     */
    private function aimAt(Piece $piece, array $waiting): array
    {
        if ($this->aim !== null && $piece->seconds < $this->aimedAt + self::LOOKS - 1e-6) {
            return $this->aim;
        }
        $best = -INF;
        foreach ($this->aims($piece, $waiting) as [$x, $y]) {
            $reached = self::coldest($this->after($piece, new Move($x, $y)), $waiting);
            if ($reached > $best) {
                // As steady as a hand is.
                [$best, $this->aim] = [$reached, [round($x, 2), round($y, 2)]];
            }
        }
        $this->aimedAt = $piece->seconds;

        return $this->aim ?? [0.0, 0.0];
    }

    /**
     * Where the flame might point: past the side that lags, or at the middle of the piece.
     *
     * @param  list<Contact>  $waiting
     * @return list<array{float, float}>
     */
    private function aims(Piece $piece, array $waiting): array
    {
        [$cold, $hot] = self::sides($piece, $waiting);
        $lags = $piece->nodes[$hot]->celsius - $piece->nodes[$cold]->celsius;

        return [
            self::past($piece->nodes[$cold], $piece->nodes[$hot], min(self::FARTHEST, $lags / self::LEAD)),
            $piece->middle(),
        ];
    }

    private function after(Piece $piece, Move $move): Piece
    {
        return Fire::burn($piece, $move->flame($this->torch), Move::SECONDS, self::LOOK)->piece;
    }

    /** @param list<Contact> $waiting */
    private static function coldest(Piece $piece, array $waiting): float
    {
        return min(array_map(
            static fn (Contact $contact): float => min(
                $piece->nodes[$contact->from]->celsius, $piece->nodes[$contact->to]->celsius,
            ),
            $waiting,
        ));
    }

    /** Whether wet flux boils so slowly that no chip jumps off with it. */
    private static function isGentle(Piece $before, Piece $after): bool
    {
        foreach ($before->now() as $contact) {
            $climbs = ($after->heatOf($contact) - $before->heatOf($contact)) / Move::SECONDS;
            if ($contact->flux === Flux::Wet && $climbs > Joining::JUMPS * self::GENTLE) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> what is done before the torch is lit */
    private static function before(Piece $piece): array
    {
        $raw = array_filter($piece->nodes, static fn (Node $node): bool => ! $node->coated);
        $bare = array_filter($piece->now(), static fn (Contact $one): bool => $one->flux === Flux::None);
        $empty = array_filter($piece->now(), static fn (Contact $one): bool => $one->solder === SolderState::None);
        $earlier = array_filter($piece->contacts, static fn (Contact $one): bool => ! $one->isNow && ! $one->isGuarded);

        return array_keys(array_filter([
            'coat' => $raw !== [], 'flux' => $bare !== [], 'lay' => $empty !== [], 'guard' => $earlier !== [],
        ]));
    }

    /**
     * The coldest and the hottest node at the joints that are still to flow.
     *
     * @param  list<Contact>  $waiting
     * @return array{int, int}
     */
    private static function sides(Piece $piece, array $waiting): array
    {
        $sides = [];
        foreach ($waiting as $contact) {
            $sides[$contact->from] = $piece->nodes[$contact->from]->celsius;
            $sides[$contact->to] = $piece->nodes[$contact->to]->celsius;
        }
        asort($sides);

        return [(int) array_key_first($sides), (int) array_key_last($sides)];
    }

    /** @return array{float, float} a place past one node as seen from another */
    private static function past(Node $node, Node $from, float $by): array
    {
        $far = hypot($node->x - $from->x, $node->y - $from->y);

        return $far < 1e-6 ? [$node->x, $node->y] : [
            $node->x + $by * ($node->x - $from->x) / $far, $node->y + $by * ($node->y - $from->y) / $far,
        ];
    }

    /**
     * How hot each node may come, °C.
     *
     * @param  list<Contact>  $waiting
     * @return list<float>
     */
    private static function limits(Piece $piece, array $waiting): array
    {
        $most = array_map(static fn (Node $node): float => $node->solidus - self::UNDER, $piece->nodes);
        foreach ($waiting as $contact) {
            foreach ([[$contact->from, $contact->to], [$contact->to, $contact->from]] as [$one, $other]) {
                // A side that is there waits for the other, before its solder balls.
                $isFar = $piece->nodes[$other]->celsius < $contact->flow - Joining::BEHIND + self::UNDER;
                $most[$one] = min($most[$one], $contact->flow + ($isFar ? -1.0 : self::PAST));
            }
        }
        foreach ($piece->contacts as $contact) {
            if (! $contact->isNow && $contact->isMade && $contact->solder === SolderState::Flowed) {
                $most[$contact->from] = min($most[$contact->from], $contact->flow - self::UNDER);
                $most[$contact->to] = min($most[$contact->to], $contact->flow - self::UNDER);
            }
        }

        return array_values($most);
    }

    /** @param list<float> $most */
    private static function isWithin(Piece $piece, array $most): bool
    {
        foreach ($piece->nodes as $index => $node) {
            if ($node->celsius > $most[$index]) {
                return false;
            }
        }

        return true;
    }
}
