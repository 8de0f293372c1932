<?php

declare(strict_types=1);

namespace HotSprue\Wax;

use HotSprue\Form\Head;
use HotSprue\Workshop\WorkshopSettings;

/** A tube or block of carving wax, seen down its bore; mm. */
final readonly class Blank
{
    private function __construct(
        public string $name,
        public string $form,
        public float $bore,
        public float $across,
        public float $tall,
        public float $above,
        public float $length,
    ) {}

    /** @return list<self> the workshop's, smallest first */
    public static function all(WorkshopSettings $settings): array
    {
        $blanks = array_map(
            static fn (array $row): self => new self(...array_values($row)), $settings->rows('stock.blanks'),
        );
        usort($blanks, static fn (self $a, self $b): int => $a->area() <=> $b->area());

        return $blanks;
    }

    public static function find(string $name, WorkshopSettings $settings): ?self
    {
        return array_column(self::all($settings), null, 'name')[$name] ?? null;
    }

    public function isBlock(): bool
    {
        return $this->bore === 0.0;
    }

    /** Area of wax seen down the bore, mm²; a tube's lower half is round. */
    public function area(): float
    {
        $outline = match ($this->form) {
            'round-tube' => M_PI * $this->across ** 2 / 4,
            'block' => $this->across * $this->tall,
            default => M_PI * $this->across ** 2 / 8 + $this->across * $this->above,
        };

        return $outline - M_PI * $this->bore ** 2 / 4;
    }

    /**
     * Least wax to spare around a ring whose outline reaches so far from the middle of the bore, with the head on top
     * of it.
     */
    public function spare(float $side, float $top, float $base, Head $head): float
    {
        $highest = $top + $head->height;
        if ($this->form === 'round-tube') {
            return $this->across / 2 - max($side, $base, hypot($highest, $head->across / 2));
        }

        return min(
            $this->across / 2 - max($side, $head->across / 2), $this->above - $highest,
            $this->tall - $this->above - $base,
        );
    }
}
