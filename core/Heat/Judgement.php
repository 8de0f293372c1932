<?php

declare(strict_types=1);

namespace HotSprue\Heat;

/** What became of it, and in one sentence from what happened, what to do otherwise. Source: workbook 20, at the end. */
final readonly class Judgement
{
    /** Sides nearer than this at the flash were led together, °C. */
    private const TOGETHER = 15.0;

    private function __construct(public Outcome $outcome, public string $sentence, public ?float $ahead) {}

    /**
     * @param  list<array{at_s: float, sign: string, at: string, seen: string}>  $marks  in their order
     * @param  list<array{at_s: float, joint: string, one_c: float, other_c: float}>  $curve
     */
    public static function of(Piece $end, array $marks, array $curve): self
    {
        $widest = null;
        foreach ($end->now() as $contact) {
            if ($contact->ahead !== null && ($widest?->ahead === null || abs($contact->ahead) > abs($widest->ahead))) {
                $widest = $contact;
            }
        }
        $outcome = self::outcome($end);
        $missing = Missing::of($end, $marks);
        $sentence = match ($outcome) {
            Outcome::Melted => self::melted($end, $marks, $curve, $missing),
            Outcome::Moved => self::moved($end),
            Outcome::Pitted => sprintf(
                'The joint stood more than %.0f °C past its flow for over %.0f s, and its zinc is gone: take the '
                    .'flame away at the flash.',
                Joining::PAST, Joining::LONG,
            ),
            Outcome::Balled => self::balled($end, $widest, $missing),
            Outcome::Partly => self::partly($end, $missing),
            Outcome::Cold => self::cold($marks, $missing),
            Outcome::Flowed => self::flowed($end, $widest),
        };

        return new self($outcome, $sentence, $widest?->ahead);
    }

    private static function outcome(Piece $end): Outcome
    {
        $now = $end->now();
        $flowed = array_filter($now, static fn (Contact $one): bool => $one->solder === SolderState::Flowed);
        $is = static fn (callable $what, array $among): bool => array_filter($among, $what) !== [];

        return match (true) {
            $is(static fn (Node $node): bool => $node->slumped, $end->nodes) => Outcome::Melted,
            $is(static fn (Contact $one): bool => $one->moved, $end->contacts) => Outcome::Moved,
            $is(static fn (Contact $one): bool => $one->pitted, $now) => Outcome::Pitted,
            count($flowed) === count($now) => Outcome::Flowed,
            $flowed !== [] => Outcome::Partly,
            $is(static fn (Contact $one): bool => $one->solder === SolderState::Balled, $now) => Outcome::Balled,
            default => Outcome::Cold,
        };
    }

    /**
     * @param  list<array{at_s: float, sign: string, at: string, seen: string}>  $marks
     * @param  list<array{at_s: float, joint: string, one_c: float, other_c: float}>  $curve
     */
    private static function melted(Piece $end, array $marks, array $curve, ?Missing $missing): string
    {
        [$slump] = array_values(array_filter(
            $marks, static fn (array $mark): bool => $mark['sign'] === 'slumps',
        ));
        $part = $slump['at'];
        $heaviest = self::heaviest($end);

        return match (true) {
            in_array('flashes', array_column($marks, 'sign'), true) => "The solder had flashed, and the {$part} was "
                .'heated on until it melted: take the flame away at the flash.',
            $missing !== null && self::wasAtHeat($end, $curve, $slump['at_s']) => "{$missing->said()}; the "
                ."{$part} was heated on until it melted: {$missing->remedy()}.",
            $heaviest === null || $heaviest === $part => "The {$part} came past its solidus before its joint was at "
                .'heat: hold the flame farther off and keep it moving.',
            default => "The {$part} melted before the joint was at heat: heat the {$heaviest}, and let the {$part} "
                .'take its heat from there.',
        };
    }

    /**
     * Whether both sides of some joint had come to where its solder flows.
     *
     * @param  list<array{at_s: float, joint: string, one_c: float, other_c: float}>  $curve
     */
    private static function wasAtHeat(Piece $end, array $curve, float $until): bool
    {
        $flows = array_column(array_map(
            static fn (Contact $one): array => [$one->joint, $one->flow], $end->now(),
        ), 1, 0);

        return array_filter($curve, static fn (array $row): bool => $row['at_s'] <= $until + 1e-6
            && min($row['one_c'], $row['other_c']) >= $flows[$row['joint']]) !== [];
    }

    /** The part that is heavier than every other, where one is. */
    private static function heaviest(Piece $end): ?string
    {
        $masses = [];
        foreach ($end->nodes as $node) {
            $masses[$node->part] = ($masses[$node->part] ?? 0.0) + $node->mass;
        }
        arsort($masses);
        [$first, $second] = [...array_values($masses), 0.0];

        return $first > 1.001 * $second ? (string) array_key_first($masses) : null;
    }

    private static function moved(Piece $end): string
    {
        $moved = array_values(array_filter($end->contacts, static fn (Contact $one): bool => $one->moved))[0];

        return $moved->isMade
            ? "The {$moved->joint} came past its solidus and moved: guard it, and heat from the side away from it."
            : "The {$moved->joint} came past its own flow and opened: keep the flame off it, and take it away at the "
                .'flash.';
    }

    private static function balled(Piece $end, ?Contact $widest, ?Missing $missing): string
    {
        $isTogether = $widest?->ahead === null || abs($widest->ahead) < Joining::BEHIND;
        if ($missing !== null && ($missing !== Missing::Spent || $isTogether)) {
            return $missing->sentence();
        }
        [$ahead, $behind, $by] = self::sides($end, $widest);

        return sprintf(
            'The %s was %.0f °C ahead of the %s when the solder drew up: start on the far side of the %s.',
            $ahead, $by, $behind, $behind,
        );
    }

    private static function partly(Piece $end, ?Missing $missing): string
    {
        $left = [];
        foreach ($end->now() as $contact) {
            if ($contact->solder !== SolderState::Flowed) {
                $left[$contact->joint] = true;
            }
        }
        if ($missing !== null) {
            return sprintf('Left behind: %s. %s', implode(', ', array_keys($left)), $missing->sentence());
        }
        $joints = array_unique(array_map(static fn (Contact $one): string => $one->joint, $end->now()));

        return count($joints) === 1
            ? 'It flowed along a part of the joint only: keep the flame moving along it until the last of it has '
                .'flashed.'
            : sprintf(
                'Left behind: %s. Warm all of them together, and go on to the one that lags.',
                implode(', ', array_keys($left)),
            );
    }

    /** @param list<array{at_s: float, sign: string, at: string, seen: string}> $marks */
    private static function cold(array $marks, ?Missing $missing): string
    {
        if ($missing !== null) {
            return $missing->sentence();
        }
        $under = array_filter(array_column($marks, 'sign'), static fn (string $sign): bool => $sign === 'clears');

        return $under === []
            ? 'The flux never turned clear: come nearer, or take a bushier flame or a hotter torch.'
            : 'The flux was clear, but the joint did not come to its flow: come nearer, or take a hotter torch.';
    }

    private static function flowed(Piece $end, ?Contact $widest): string
    {
        if ($widest?->ahead === null) {
            return 'It flowed.';
        }
        [$ahead, $behind, $by] = self::sides($end, $widest);

        return $by <= self::TOGETHER
            ? sprintf('Both sides were within %.0f °C at the flash: well led.', max(1.0, ceil($by)))
            : sprintf(
                'It flowed with the %s %.0f °C ahead of the %s, and ran to that side: more flame on the %s keeps '
                    .'them together.',
                $ahead, $by, $behind, $behind,
            );
    }

    /** @return array{string, string, float} what was ahead, what was behind, and by how much, °C */
    private static function sides(Piece $end, ?Contact $contact): array
    {
        if ($contact?->ahead === null) {
            return ['one side', 'other', 0.0];
        }
        $parts = [$end->nodes[$contact->from]->part, $end->nodes[$contact->to]->part];
        if ($parts[0] === $parts[1]) {
            return ['one end', 'other', abs($contact->ahead)];
        }

        return [...($contact->ahead >= 0 ? $parts : array_reverse($parts)), abs($contact->ahead)];
    }
}
