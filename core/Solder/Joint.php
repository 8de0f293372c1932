<?php

declare(strict_types=1);

namespace HotSprue\Solder;

/** One joint of the piece. Parts and earlier joints are bit sets over the lists they were given in. */
final readonly class Joint
{
    /** @param array<string, mixed> $row as it was given: form, hollow, vent, length, section, gap */
    public function __construct(
        public int $index,
        public string $id,
        public int $parts,
        public int $after,
        public ?string $grade,
        public string $group,
        public bool $guarded,
        public bool $cold,
        public array $row,
    ) {}

    /** How it is closed: solder, fuse, laser or cold. */
    public function how(): string
    {
        $how = $this->row['how'] ?? 'solder';

        return $how === 'solder' && $this->cold ? 'cold' : (string) $how;
    }

    public function isFused(): bool
    {
        return $this->how() === 'fuse';
    }

    /** The same joint with what a remedy, or what was fused before, changes. */
    public function with(
        ?bool $guarded = null, ?bool $cold = null, ?string $group = null, ?int $after = null, ?int $parts = null,
    ): self
    {
        return new self(
            $this->index, $this->id, $parts ?? $this->parts, $after ?? $this->after, $this->grade,
            $group ?? $this->group,
            $guarded ?? $this->guarded, $cold ?? $this->cold, $this->row,
        );
    }
}
