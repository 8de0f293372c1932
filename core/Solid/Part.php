<?php

declare(strict_types=1);

namespace HotSprue\Solid;

/** One part of a piece: what it is called, what it looks like, and its body where it stands. */
final readonly class Part
{
    public const KINDS = [
        'band', 'collar', 'claws', 'plate', 'gallery', 'stone', 'sprues', 'button', 'flask', 'blank', 'cut',
    ];

    /** @param ?string $setting key of the setting that it belongs to */
    public function __construct(
        public string $kind, public string $name, public Look $look, public Mesh $mesh, public ?string $setting = null,
    ) {}

    /** Whether it is seen: what is cut away is not. */
    public function isSeen(): bool
    {
        return $this->kind !== 'cut';
    }

    /** Whether it is of the piece’s own metal or wax, and so is united with the rest of it. */
    public function isBody(): bool
    {
        return ! in_array($this->kind, ['stone', 'flask', 'blank', 'cut'], true);
    }
}
