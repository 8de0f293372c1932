<?php

declare(strict_types=1);

namespace HotSprue\Heat;

use HotSprue\Stock\Alloy;

/**
 * One part cut into nodes of at most 4 mm along it, a ring into sixteen. A ring, loop or bar runs along its length; its
 * width stands over the block, its thickness is seen from above. Source: workbook 20, the piece.
 */
final readonly class PartPiece
{
    private const LONGEST = 4.0;

    private const RING = 16;

    /**
     * @param  list<array{float, float}>  $places  of its nodes, mm about its own middle
     * @param  list<array{int, int, float}>  $links  two nodes and the W/K between them
     * @param  list<list<array{float, float}>>  $outlines  of its nodes as seen from above, mm about its own middle
     * @param  float  $reach  from its middle to its edge, mm
     */
    private function __construct(
        public string $name, public Alloy $alloy, public PartForm $form, public float $mass, public float $length,
        public float $width, public float $thickness, public array $places, public array $links,
        public array $outlines, public float $surface, public float $reach,
    ) {}

    /**
     * @param  ?float  $mass  g; reckoned from its sizes where it was not weighed
     * @param  ?float  $length  mm along it; a plate’s longer side
     */
    public static function of(
        string $name, Alloy $alloy, PartForm $form, ?float $mass, ?float $length, ?float $width, ?float $thickness,
    ): self
    {
        $volume = $mass === null ? null : 1000 * $mass / $alloy->density;
        $isBare = $length === null && $width === null && $thickness === null;
        if ($volume !== null && $isBare && $form !== PartForm::Ring) {
            [$length, $width, $thickness] = $form->sizesOf($volume);
        }
        $thickness ??= $form === PartForm::Bar && $width !== null ? $width : $form->usual('thickness');
        if ($form === PartForm::Plate) {
            $width ??= $length ?? ($volume === null ? $form->usual('width') : sqrt($volume / $thickness));
            $length ??= $volume === null ? $width : $volume / ($width * $thickness);
        }
        $width ??= $form->usual('width');
        $length ??= $volume === null ? 5 * $width : $volume / ($width * $thickness);
        $mass ??= $length * $width * $thickness * $alloy->density / 1000;

        return $form === PartForm::Plate
            ? self::plate($name, $alloy, $mass, $length, $width, $thickness)
            : self::strip($name, $alloy, $form, $mass, $length, $width, $thickness);
    }

    /** W/K that pass along a section, mm², between neighbours so far apart, mm. */
    private static function leads(Alloy $alloy, float $section, float $apart): float
    {
        return MetalHeat::of($alloy)->conductivity * $section / $apart * 1e-3;
    }

    private static function strip(
        string $name, Alloy $alloy, PartForm $form, float $mass, float $length, float $width, float $thickness,
    ): self
    {
        $count = $form === PartForm::Ring ? self::RING : max(
            $form === PartForm::Loop ? 3 : 2, (int) ceil($length / self::LONGEST),
        );
        $each = $length / $count;
        $radius = $length / (2 * M_PI);
        $places = $links = $outlines = [];
        for ($at = 0; $at < $count; $at++) {
            // From the top round the finger; a bar from its foot outward.
            $angle = 2 * M_PI * ($at + 0.5) / $count;
            $places[] = $form->isClosed()
                ? [$radius * sin($angle), -$radius * cos($angle)]
                : [($at + 0.5) * $each - $length / 2, 0.0];
            $outlines[] = $form->isClosed()
                ? self::arc($radius, $thickness, $angle, M_PI / $count)
                : self::box(($at + 0.5) * $each - $length / 2, 0.0, $each, $thickness);
            if ($at > 0 || ($form->isClosed() && $count > 2)) {
                $links[] = [($at + $count - 1) % $count, $at, self::leads($alloy, $width * $thickness, $each)];
            }
        }
        $ends = $form === PartForm::Bar ? 2 * $width * $thickness : 0.0;

        return new self(
            $name, $alloy, $form, $mass, $length, $width, $thickness, $places, $links, $outlines,
            (2 * ($width + $thickness) * $length + $ends) / $count,
            $form->isClosed() ? $radius + $thickness / 2 : $length / 2,
        );
    }

    private static function plate(
        string $name, Alloy $alloy, float $mass, float $length, float $width, float $thickness,
    ): self
    {
        $rows = max(1, (int) ceil($length / self::LONGEST));
        $columns = max(2, (int) ceil($width / self::LONGEST));
        [$high, $wide] = [$length / $rows, $width / $columns];
        $places = $links = $outlines = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $at = count($places);
                $places[] = [($column + 0.5) * $wide - $width / 2, ($row + 0.5) * $high - $length / 2];
                $outlines[] = self::box(...[...$places[$at], $wide, $high]);
                if ($column > 0) {
                    $links[] = [$at - 1, $at, self::leads($alloy, $high * $thickness, $wide)];
                }
                if ($row > 0) {
                    $links[] = [$at - $columns, $at, self::leads($alloy, $wide * $thickness, $high)];
                }
            }
        }

        return new self(
            $name, $alloy, PartForm::Plate, $mass, $length, $width, $thickness, $places, $links, $outlines,
            (2 * $length * $width + 2 * ($length + $width) * $thickness) / count($places),
            min($length, $width) / 2,
        );
    }

    /** @return list<array{float, float}> */
    private static function box(float $x, float $y, float $wide, float $high): array
    {
        return [
            [$x - $wide / 2, $y - $high / 2], [$x + $wide / 2, $y - $high / 2], [$x + $wide / 2, $y + $high / 2],
            [$x - $wide / 2, $y + $high / 2],
        ];
    }

    /** @return list<array{float, float}> a piece of a ring, to both sides of an angle from its top */
    private static function arc(float $radius, float $thickness, float $angle, float $half): array
    {
        $points = [];
        foreach ([[1, $radius + $thickness / 2], [-1, max(0.1, $radius - $thickness / 2)]] as [$way, $at]) {
            foreach ([-1.0, -0.5, 0.0, 0.5, 1.0] as $share) {
                $points[] = [$at * sin($angle + $way * $share * $half), -$at * cos($angle + $way * $share * $half)];
            }
        }

        return $points;
    }

    /** g of each node. */
    public function each(): float
    {
        return $this->mass / count($this->places);
    }

    /** What is round it where it stands on another, mm. */
    public function foot(): float
    {
        return match ($this->form) {
            PartForm::Loop => $this->length,
            PartForm::Bar => 2 * ($this->width + $this->thickness),
            PartForm::Ring => $this->width,
            PartForm::Plate => 2 * ($this->length + $this->width),
        };
    }
}
