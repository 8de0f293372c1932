<?php

declare(strict_types=1);

namespace HotSprue\Setting;

use HotSprue\Fields\BadInput;

/**
 * Claws or sectors pushed one after another, and how the stone stands after each: every push sinks its side a little,
 * and only its opposite brings the stone level again. Source: workbook 13, pushing order, and 20, rehearsed.
 */
final readonly class Pushes
{
    /** One push sinks its side so far, degrees. */
    public const EACH = 1.0;

    /** Farther off level than this the stone tips out of its seat, degrees. */
    public const TIPS = 1.5;

    /**
     * @param  list<int>  $order  every push of all rounds
     * @param  list<int>  $pushed  those made, up to the one at which the stone tipped
     * @param  list<int>  $early  those that came before their turn
     * @param  float  $x  how far off level to the right, degrees
     * @param  float  $y  how far off level upwards, degrees
     */
    private function __construct(
        public int $count, public array $order, public array $pushed, public array $early, public float $x,
        public float $y,
    ) {}

    /**
     * @param  list<int>  $pushed
     *
     * @throws BadInput when there is no claw of that number
     */
    public static function of(int $count, array $pushed): self
    {
        $order = self::order($count);
        $made = $early = [];
        $x = $y = 0.0;
        foreach ($pushed as $at => $number) {
            if ($number < 1 || $number > $count) {
                throw BadInput::field('pushed', sprintf('There is no %d; 1 to %d is accepted.', $number, $count));
            }
            if ($at >= count($order) || hypot($x, $y) > self::TIPS) {
                break;
            }
            // Of a pair either may be first.
            if ($count % 2 === 0 && $at % 2 === 0 && $number === $order[$at + 1]) {
                [$order[$at], $order[$at + 1]] = [$order[$at + 1], $order[$at]];
            }
            if ($number !== $order[$at]) {
                $early[] = $number;
            }
            $made[] = $number;
            $x += self::EACH * sin(2 * M_PI * $number / $count);
            $y += self::EACH * cos(2 * M_PI * $number / $count);
        }

        return new self($count, $order, $made, $early, $x, $y);
    }

    /** How far off level it stands, degrees. */
    public function tilt(): float
    {
        return hypot($this->x, $this->y);
    }

    /** To which side it is lowest, degrees from the top as a clock runs. */
    public function towards(): float
    {
        return fmod(rad2deg(atan2(round($this->x, 9), round($this->y, 9))) + 360, 360);
    }

    public function hasTipped(): bool
    {
        return $this->tilt() > self::TIPS;
    }

    public function isDone(): bool
    {
        return ! $this->hasTipped() && count($this->pushed) === count($this->order);
    }

    /** The one that comes next; null when all are done. */
    public function next(): ?int
    {
        return $this->isDone() ? null : $this->order[count($this->pushed)] ?? null;
    }

    /** Which round it is in, from 1. */
    public function round(): int
    {
        return min(SetSequence::rounds(), 1 + intdiv(count($this->pushed), $this->count));
    }

    /** What became of the stone. */
    public function outcome(): PushOutcome
    {
        return match (true) {
            $this->hasTipped() => PushOutcome::Tipped, ! $this->isDone() => PushOutcome::LeftOff,
            $this->early !== [] => PushOutcome::Held, default => PushOutcome::Level
        };
    }

    /** What has happened, and what to do otherwise, in one sentence. */
    public function said(): string
    {
        $last = $this->pushed === [] ? null : $this->pushed[count($this->pushed) - 1];

        return match (true) {
            $this->hasTipped() => sprintf(
                'The stone tipped towards %d: %d was to come next, %s.', $last, $this->order[count($this->pushed) - 1],
                count($this->pushed) % 2 === 0 && $this->count % 2 === 0
                    ? 'the opposite of the one before' : 'away from those done',
            ),
            $this->isDone() && $this->early === [] => 'Level, in three rounds: soft, medium, firm.',
            $this->isDone() => sprintf(
                'It holds and is level, but %s came before its turn: opposite, then across, then between.',
                implode(', ', array_unique($this->early)),
            ),
            $last === null => 'Nothing is pushed yet: numbered as a clock, the last at the top.',
            default => sprintf('%d of %d pushed; the level says how it stands.', count($this->pushed),
                count($this->order)),
        };
    }

    /** @return list<int> */
    private static function order(int $count): array
    {
        $once = SetSequence::order($count);

        return array_merge(...array_fill(0, SetSequence::rounds(), $once));
    }
}
