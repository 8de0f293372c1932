<?php

declare(strict_types=1);

namespace HotSprue\Account;

/**
 * How the lots of a finished piece leave the account: what finishing took off is lost, the rest goes with it.
 * Milligrams.
 */
final readonly class Settlement
{
    /**
     * @param  array<int, int>  $lost  lot => milligrams taken off it, below 0
     * @param  array<int, int>  $delivered  lot => milligrams that go with the piece, below 0
     */
    private function __construct(public array $lost, public array $delivered) {}

    /** What finishing took off, mg. */
    public function loss(): int
    {
        return -array_sum($this->lost);
    }

    /** What the lots held before, mg. */
    public function held(): int
    {
        return -array_sum($this->lost) - array_sum($this->delivered);
    }

    /** Whether finishing is said to have taken more than this share, so that it is asked about first. */
    public function isMuch(float $share): bool
    {
        return $this->loss() > $share * $this->held();
    }

    /**
     * The first lots bear the loss. A piece that weighs more than the lots hold takes all that they hold.
     *
     * @param  array<int, int>  $held  lot => milligrams, each over 0
     */
    public static function of(array $held, int $finished): self
    {
        $loss = max(0, array_sum($held) - $finished);
        $lost = $delivered = [];
        foreach ($held as $lot => $milligrams) {
            $off = min($loss, $milligrams);
            $loss -= $off;
            if ($off > 0) {
                $lost[$lot] = -$off;
            }
            if ($off < $milligrams) {
                $delivered[$lot] = $off - $milligrams;
            }
        }

        return new self($lost, $delivered);
    }
}
