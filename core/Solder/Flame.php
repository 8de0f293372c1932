<?php

declare(strict_types=1);

namespace HotSprue\Solder;

use HotSprue\Workshop\WorkshopSettings;

/** Where the flame goes, from the masses of the two sides of a joint. Source: workbook 12, advice. */
final readonly class Flame
{
    private function __construct(
        public float $ratio, public float $share, public ?string $heavy, public string $light,
    ) {}

    /** @param float $one mass of one side, g, over 0 */
    public static function between(
        string $name, float $one, string $other, float $others, WorkshopSettings $settings,
    ): self
    {
        [
            $heavy, $light, $more, $less,
        ] = $one >= $others ? [$name, $other, $one, $others] : [$other, $name, $others, $one];
        $ratio = $more / $less;

        return new self(
            $ratio, $more / ($more + $less), $ratio < $settings->num('solder.even') ? null : $heavy, $light,
        );
    }

    public function on(): string
    {
        return $this->heavy === null ? 'both alike' : sprintf(
            'the %s: it weighs %.1f times as much', $this->heavy, $this->ratio,
        );
    }

    public function from(bool $textured, bool $thinWire): string
    {
        return match (true) {
            $textured => 'from behind the textured face, where the solder goes in too',
            $thinWire => 'through the base; the wire takes its heat from it',
            $this->heavy === null => 'round both; solder at the seam, drawn through by the flame on its far side',
            default => 'from its far side; the solder runs to the heat',
        };
    }
}
