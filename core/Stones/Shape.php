<?php

declare(strict_types=1);

namespace HotSprue\Stones;

use HotSprue\Stones\Shapes\StoneShape;

/** The outline of a stone's girdle; what each is stands in a file of its name in `Shapes`. Source: workbook 3. */
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
    case Hexagon = 'hexagon';
    case Kite = 'kite';
    case HalfMoon = 'half-moon';

    /** @return list<string> */
    public static function names(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** What it is, in all its parts. */
    public function parts(): StoneShape
    {
        /** @var class-string<StoneShape> $class */
        $class = __NAMESPACE__.'\\Shapes\\'.$this->name;

        return new $class;
    }

    /** What a ratio is of, for those shapes that have one. */
    public static function ratios(): string
    {
        return implode(', ', array_filter(array_map(
            static fn (self $shape): ?string => $shape->parts()->ratioMeans(), self::cases(),
        )));
    }
}
