<?php

declare(strict_types=1);

namespace HotSprue\Form;

/**
 * A band round a finger, tapered between top (θ = 0) and base. Lengths mm, volumes mm³.
 * Edges and rises are given at the top and keep their proportion to the thickness.
 */
final readonly class Band
{
    /** Court rises as a share of the thickness where none are given. Source: workbook 2. */
    public const RISE_INSIDE = 0.12;

    public const RISE_OUTSIDE = 0.35;

    private const STEPS = 180;

    public function __construct(
        public float $innerDiameter,
        public Profile $profile,
        public float $widthTop,
        public float $widthBase,
        public float $thicknessTop,
        public float $thicknessBase,
        public ?float $edge = null,
        public ?float $riseInside = null,
        public ?float $riseOutside = null,
    ) {}

    /** The share of the way from base to top at an angle from the top. */
    private static function towardsTop(float $theta): float
    {
        return (1 + cos($theta)) / 2;
    }

    public function width(float $theta): float
    {
        return $this->widthBase + ($this->widthTop - $this->widthBase) * self::towardsTop($theta);
    }

    public function thickness(float $theta): float
    {
        return $this->thicknessBase + ($this->thicknessTop - $this->thicknessBase) * self::towardsTop($theta);
    }

    /** @throws ImpossibleSection */
    public function section(float $theta): Section
    {
        [$w, $t] = [$this->width($theta), $this->thickness($theta)];
        $scale = $t / $this->thicknessTop;

        return match ($this->profile) {
            Profile::Flat => Section::flat($w, $t),
            Profile::HalfRound => Section::halfRound($w, $t),
            Profile::Round => Section::round($w, $t),
            Profile::Court => Section::court($w, $t,
                $this->riseInside === null ? self::RISE_INSIDE * $t : $this->riseInside * $scale,
                $this->riseOutside === null ? self::RISE_OUTSIDE * $t : $this->riseOutside * $scale),
            Profile::Knife => Section::knife($w, $t, ($this->edge ?? 0.0) * $scale),
        };
    }

    public function isTapered(): bool
    {
        return $this->widthTop !== $this->widthBase || $this->thicknessTop !== $this->thicknessBase;
    }

    /**
     * Volume by Pappus, element by element: ∮ A(θ) (D/2 + ȳ(θ)) dθ, and the share of it above the
     * finger's centre line.
     *
     * @return array{volume: float, above: float}
     *
     * @throws ImpossibleSection
     */
    public function volume(): array
    {
        $halves = [0.0, 0.0];
        $step = M_PI / self::STEPS;
        for ($i = 0; $i <= self::STEPS; $i++) {
            $section = $i === 0 || $this->isTapered() ? $this->section($i * $step) : $section;
            $slice = $section->area * ($this->innerDiameter / 2 + $section->centroid) * $step;
            $ends = $i === 0 || $i === self::STEPS ? 0.5 : 1.0;
            $halves[$i * 2 < self::STEPS ? 0 : 1] += $slice * $ends * ($i * 2 === self::STEPS ? 0.5 : 1.0);
            $halves[0] += $i * 2 === self::STEPS ? $slice / 2 : 0.0;
        }
        $volume = 2 * ($halves[0] + $halves[1]);

        return ['volume' => $volume, 'above' => 2 * $halves[0] / $volume];
    }
}
