<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Fields\BadInput;
use HotSprue\Stock\Torch;

/** A rehearsal from its first moment to its last: the same moves always give the same end. */
final readonly class Rehearsal
{
    /** Longest that one may last, s. */
    public const LONGEST = 300.0;

    /**
     * @param  list<array{at_s: float, joint: string, one_c: float, other_c: float}>  $curve  both sides of each joint
     * @param  list<array{at_s: float, sign: string, at: string, seen: string}>  $marks
     */
    private function __construct(
        public Piece $start, public Piece $end, public array $curve, public array $marks,
    ) {}

    /**
     * @param  list<Move>  $moves  each a moment long
     *
     * @throws BadInput when there are more moves than a rehearsal may last, or an act is unknown
     */
    public static function of(Piece $start, Torch $torch, array $moves): self
    {
        if (count($moves) * Move::SECONDS > self::LONGEST + 1e-6) {
            throw BadInput::field('moves', sprintf(
                'Up to %.0f moves are accepted, five a second.', self::LONGEST / Move::SECONDS,
            ));
        }
        $piece = $start;
        $curve = self::sides($piece);
        $marks = [];
        foreach ($moves as $move) {
            $burnt = Fire::burn($move->actedOn($piece), $move->flame($torch), Move::SECONDS);
            $piece = $burnt->piece;
            array_push($curve, ...self::sides($piece));
            foreach ($burnt->signs as $sign) {
                $marks[] = ['at_s' => $piece->seconds, ...$sign->row()];
            }
        }

        return new self($start, $piece, $curve, self::once($marks));
    }

    public function judgement(): Judgement
    {
        return Judgement::of($this->end, $this->marks, $this->curve);
    }

    /**
     * What the curve is held against, by joint: where flux clears, the solder flows, and metal of either side melts.
     *
     * @return list<array{joint: string, clear_c: float, flow_c: float, solidus_c: float, one: string, other: string}>
     */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->start->now() as $contact) {
            [$one, $other] = [$this->start->nodes[$contact->from], $this->start->nodes[$contact->to]];
            $lines[$contact->joint] ??= [
                'joint' => $contact->joint, 'clear_c' => Flux::CLEARS, 'flow_c' => $contact->flow,
                'solidus_c' => min($one->solidus, $other->solidus), 'one' => $one->part, 'other' => $other->part,
            ];
        }

        return array_values($lines);
    }

    /** @return list<array{at_s: float, joint: string, one_c: float, other_c: float}> */
    private static function sides(Piece $piece): array
    {
        $sides = [];
        foreach ($piece->now() as $contact) {
            $sides[$contact->joint]['one'][] = $piece->nodes[$contact->from]->celsius;
            $sides[$contact->joint]['other'][] = $piece->nodes[$contact->to]->celsius;
        }
        $rows = [];
        foreach ($sides as $joint => $heats) {
            $rows[] = [
                'at_s' => round($piece->seconds, 3), 'joint' => (string) $joint,
                'one_c' => round(array_sum($heats['one']) / count($heats['one']), 1),
                'other_c' => round(array_sum($heats['other']) / count($heats['other']), 1),
            ];
        }

        return $rows;
    }

    /**
     * Each sign of a joint or part once: the contacts of a long joint follow one another.
     *
     * @param  list<array{at_s: float, sign: string, at: string, seen: string}>  $marks
     * @return list<array{at_s: float, sign: string, at: string, seen: string}>
     */
    private static function once(array $marks): array
    {
        $first = [];
        foreach ($marks as $mark) {
            $first["{$mark['sign']} {$mark['at']}"] ??= $mark;
        }

        return array_values($first);
    }
}
