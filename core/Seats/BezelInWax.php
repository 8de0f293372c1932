<?php

declare(strict_types=1);

namespace HotSprue\Seats;

use HotSprue\Calculation\AnswerBuilder;
use HotSprue\Calculation\Formula;
use HotSprue\Calculation\Level;
use HotSprue\Stones\Outline;
use HotSprue\Workshop\SeatCutting;

/**
 * A bezel as it is carved to be cast in one piece: its outside, its foot and its seat. Lengths in mm. Source: workbook
 * 4, three schools.
 */
final readonly class BezelInWax
{
    private const SOURCE = 'workbook 4, bezel';

    public function __construct(private Outline $outline, private InWax $wax, private float $fit) {}

    /** @param list<string> $uses */
    public function outside(AnswerBuilder $answer, bool $scored, float $wall, float $height, array $uses): void
    {
        $s = $this->wax->shrinkage;
        $sizes = BezelStrip::outside($this->outline, $this->fit + $wall + $this->wax->finish, $scored);
        foreach (array_combine(['outside_width_in_wax', 'outside_length_in_wax'], $sizes) as $name => $size) {
            $answer->work(
                $name, $size / (1 - $s),
                Formula::of(
                    '{(outside + finishing on both faces)} ÷ (1 − {shrinkage})',
                    ['(outside + finishing on both faces)' => $size, 'shrinkage' => $s],
                ),
                uses: $uses, because: 'what must come out of the blank', source: self::SOURCE,
            );
        }
        $answer->work(
            'height_in_wax', $height / (1 - $s),
            Formula::of('{strip height} ÷ (1 − {shrinkage})', ['strip height' => $height, 'shrinkage' => $s]),
            uses: $uses, because: 'from the foot to what is pushed over', source: self::SOURCE,
        );
    }

    /**
     * @param  float  $area  of wall and ledge at the foot, as cast, mm²
     * @param  list<string>  $uses
     */
    public function foot(AnswerBuilder $answer, float $wall, float $ledge, float $area, array $uses): void
    {
        $round = fn (float $at): float => max(0.0, $this->outline->perimeter() + 2 * M_PI * $at);
        [$outer, $inner] = [$round($this->fit + $wall + $this->wax->finish), $round($this->fit - $ledge)];
        $answer->work(
            'root_modulus', $area / ($outer + $inner),
            Formula::of(
                '{area at the foot} ÷ ({outline outside} + {outline inside})',
                ['area at the foot' => $area, 'outline outside' => $outer, 'outline inside' => $inner],
            ),
            uses: $uses, because: 'a head heavier than its band must be fed', source: 'workbook 8, sprue',
        );
    }

    /** @param list<string> $inWax */
    public function seat(AnswerBuilder $answer, array $inWax): void
    {
        [$s, $fit] = [$this->wax->shrinkage, $this->fit];
        [$left, $right, $bottom, $top] = $this->outline->box();
        foreach (['width' => $right - $left, 'length' => $top - $bottom] as $name => $size) {
            match ($this->wax->cutting) {
                SeatCutting::TruedInMetal => $answer->work(
                    "seat_{$name}_in_wax", $size, Formula::taken('the stone’s own size', $size),
                    uses: ['width', 'school'], because: 'a snug push fit in the wax, opened with a bur after casting',
                    source: self::SOURCE,
                ),
                SeatCutting::ToSizeInWax => $answer->work("seat_{$name}_in_wax", ($size + 2 * $fit) / (1 - $s),
                    Formula::of(
                        '({size} + 2 × {fit}) ÷ (1 − {shrinkage})', ['size' => $size, 'fit' => $fit, 'shrinkage' => $s],
                    ), uses: [
                        'width', 'school', 'fit', ...$inWax,
                    ], because: 'it comes to size as it shrinks', source: self::SOURCE),
                default => null,
            };
        }
        if ($this->wax->cutting !== SeatCutting::ToSizeInWax) {
            return;
        }
        $wide = $this->outline->wide;
        $play = $s * $wide / (1 - $s);
        $answer
            ->work(
                'play_in_wax', $play,
                Formula::of('{shrinkage} × {width} ÷ (1 − {shrinkage})', ['shrinkage' => $s, 'width' => $wide]),
                uses: ['width', ...$inWax], because: 'what casting will close', source: self::SOURCE,
            )
            ->find(Level::Note, 'stone-loose-in-wax', 'play_in_wax',
                sprintf('The stone sits in the wax with %.2f mm of play beyond its fit.', $play),
                'Heat-tack it for the client’s look, and take it out before investing.');
    }
}
