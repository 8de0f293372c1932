<?php

declare(strict_types=1);

namespace HotSprue\Stones;

/** The outline of a stone's girdle. Source: workbook 3. */
enum Shape: string
{
    case Round = 'round';
    case Oval = 'oval';
    case Marquise = 'marquise';
    case Pear = 'pear';
    case Cushion = 'cushion';
    case Octagon = 'octagon';
    case Rectangle = 'rectangle';
    case Trillion = 'trillion';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** The corner radius, corner cut or sagitta as a share of the width, where none is given. */
    public function ratio(): ?float
    {
        return match ($this) {
            self::Cushion => 0.35,
            self::Octagon => 0.18,
            self::Trillion => 0.10,
            default => null,
        };
    }

    /** The ratio beyond which there is no such outline. */
    public function mostRatio(): float
    {
        return $this === self::Trillion ? 0.25 : 0.5;
    }

    /** Whether its length is given apart from its width. */
    public function hasLength(): bool
    {
        return ! in_array($this, [self::Round, self::Trillion], true);
    }

    /** Whether a bezel is scored and mitred at its corners unless said. */
    public function isScored(): bool
    {
        return $this === self::Rectangle || $this === self::Octagon;
    }
}
