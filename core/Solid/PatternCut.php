<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** A pattern cut by a plane through the middle of its bore: what lies on either side of that middle, as it is read. */
final class PatternCut
{
    /** @var array{PatternSection, PatternSection} below and above the middle */
    private array $sides;

    /**
     * @param  int  $through  which of x, y and z the plane stands across, at $at
     * @param  int  $out  which of them leads away from the middle, at $middle
     * @param  int  $along  which of them goes along the finger
     */
    public function __construct(
        private readonly int $through, private readonly float $at, private readonly int $out,
        private readonly float $middle, private readonly int $along,
    ) {
        $this->sides = [new PatternSection, new PatternSection];
    }

    /** @param array<int, float> $t x, y and z of the corners of a triangle that the plane cuts */
    public function add(array $t): void
    {
        [$a, $b, $c] = [$t[$this->through] - $this->at, $t[3 + $this->through] - $this->at,
            $t[6 + $this->through] - $this->at];
        $far = [$a, $b, $c];
        $from = $to = [0.0, 0.0];
        foreach ([[0, 1], [1, 2], [2, 0]] as [$one, $other]) {
            if ($far[$one] < 0.0 === $far[$other] < 0.0) {
                continue;
            }
            $share = $far[$one] / ($far[$one] - $far[$other]);
            $place = static fn (int $way): float => $t[3 * $one + $way]
                + $share * ($t[3 * $other + $way] - $t[3 * $one + $way]);
            $met = [$place($this->along), $place($this->out) - $this->middle];
            // One way round it the sides enter the plane, the other way they leave it.
            $far[$one] < 0.0 ? $from = $met : $to = $met;
        }
        $this->sides[$from[1] + $to[1] < 0.0 ? 0 : 1]->add($from, $to);
    }

    public function below(): PatternSection
    {
        return $this->sides[0];
    }

    public function above(): PatternSection
    {
        return $this->sides[1];
    }
}
