<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use HotSprue\Stock\Alloy;

/**
 * What a part is of, to the eye: its material, its colour as #rrggbb, and how it takes the light. Source: workbook 19,
 * to look at.
 */
final readonly class Look
{
    private const METALS = [
        'silver' => '#e3e3df', 'platinum' => '#cfd0cf', 'palladium' => '#c9c9c6', 'bronze' => '#b98046',
    ];

    private const GOLDS = ['yellow' => '#e0b658', 'rose' => '#d8997a', 'white' => '#d9d5c8'];

    /** By species; what is not named here is as clear as glass. */
    private const STONES = [
        'ruby' => '#b3123a', 'sapphire' => '#1f3f9a', 'spinel' => '#b03058', 'chrysoberyl' => '#b9b45c',
        'topaz' => '#8fbfd6', 'emerald' => '#157a4d', 'aquamarine' => '#8cc8cf', 'morganite' => '#e3b3ac',
        'zircon' => '#7fb4c4', 'tourmaline' => '#2f7f64', 'garnet' => '#7a1626', 'amethyst' => '#6f3f97',
        'citrine' => '#d99a2b', 'rose-quartz' => '#e2b7bd', 'smoky-quartz' => '#6e5646', 'iolite' => '#4a4f91',
        'jadeite' => '#4f8f61', 'peridot' => '#8fa83a', 'tanzanite' => '#473f9c', 'kunzite' => '#d9a9c9',
        'agate' => '#a9765a', 'onyx' => '#1d1c1e', 'moonstone' => '#d5dce0', 'labradorite' => '#56646c',
        'opal' => '#dfe4e2', 'turquoise' => '#46a6a4', 'lapis' => '#223f8c', 'malachite' => '#1d7a55',
        'pearl' => '#ece5da', 'coral' => '#d5573f', 'amber' => '#c9822b', 'shell' => '#e6dccb',
        'haematite' => '#3b3b40', 'synthetic-corundum' => '#b3123a', 'synthetic-spinel' => '#2f5fb0',
    ];

    private const CLEAR = '#e9f0f2';

    private const RHODIUM = '#dadcdd';

    /** @param bool $isDarkened whether its lows are left dark */
    private function __construct(
        public string $material, public string $colour, public Sheen $sheen = Sheen::Polished,
        public bool $isDarkened = false,
    ) {}

    public static function metal(Alloy $alloy): self
    {
        return new self('metal', match (true) {
            $alloy->metal === 'gold' => self::GOLDS[$alloy->colour] ?? self::GOLDS['yellow'],
            default => self::METALS[$alloy->metal] ?? self::METALS['silver'],
        });
    }

    public function finished(Sheen $sheen, bool $isDarkened = false): self
    {
        return new self($this->material, $this->colour, $sheen, $isDarkened);
    }

    public function plated(): self
    {
        return new self($this->material, self::RHODIUM, $this->sheen, $this->isDarkened);
    }

    public static function stone(?string $species): self
    {
        return new self('stone', self::STONES[$species ?? ''] ?? self::CLEAR);
    }

    public static function wax(): self
    {
        return new self('wax', '#5f7f86');
    }

    /** What one sees through: powder round a tree, the wall of its flask. */
    public static function clear(): self
    {
        return new self('clear', '#b9b2a4');
    }
}
