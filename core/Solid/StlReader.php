<?php

declare(strict_types=1);

namespace HotSprue\Solid;

use Generator;

/** Triangles out of an STL file, binary or in text, as its bytes come in. */
final class StlReader
{
    private const HEADER = 84;

    private const EACH = 50;

    /**
     * @param  iterable<string>  $bytes  the file in pieces, none of them empty
     * @param  int  $size  of the whole of it
     * @return Generator<int, array<int, float>> x, y and z of the three corners of each
     *
     * @throws BadPattern
     */
    public static function triangles(iterable $bytes, int $size): Generator
    {
        $held = '';
        $promised = null;
        $isText = false;
        $found = 0;
        foreach ($bytes as $piece) {
            $held .= $piece;
            if ($promised === null) {
                if (strlen($held) < min(self::HEADER, $size)) {
                    continue;
                }
                $promised = self::promised($held);
                // Some programs begin a binary file with "solid" too: its length tells.
                $isText = str_starts_with(ltrim($held), 'solid') && $size !== self::HEADER + self::EACH * $promised;
                $isText ?: $held = substr($held, self::HEADER);
            }
            if ($isText) {
                // To the last whole triangle.
                $end = strrpos($held, 'endfacet');
                if ($end !== false) {
                    foreach (self::inText(substr($held, 0, $end)) as $triangle) {
                        $found++;
                        yield $triangle;
                    }
                    $held = substr($held, $end);
                }

                continue;
            }
            $whole = min(intdiv(strlen($held), self::EACH), $promised - $found);
            for ($i = 0; $i < $whole; $i++) {
                yield array_values((array) unpack('g9', $held, self::EACH * $i + 12));
            }
            $found += $whole;
            $held = substr($held, self::EACH * $whole);
        }
        if (! $isText && $found < ($promised ?? 0)) {
            throw BadPattern::cutShort((int) $promised, $found);
        }
    }

    /** @throws BadPattern */
    private static function promised(string $held): int
    {
        $count = strlen($held) < self::HEADER ? null : ((array) unpack('V', $held, 80))[1];
        if (! is_int($count)) {
            return str_starts_with(ltrim($held), 'solid') ? 0 : throw BadPattern::notRead('it is too short');
        }
        if ($count > PatternMeasure::MOST && ! str_starts_with(ltrim($held), 'solid')) {
            throw BadPattern::tooMany(PatternMeasure::MOST);
        }

        return $count;
    }

    /**
     * @return Generator<int, array<int, float>>
     *
     * @throws BadPattern
     */
    private static function inText(string $text): Generator
    {
        $number = '([-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?)';
        foreach (explode('outer loop', $text) as $at => $loop) {
            if ($at === 0) {
                continue;
            }
            if (preg_match_all("/vertex\s+{$number}\s+{$number}\s+{$number}/", $loop, $said, PREG_SET_ORDER) !== 3) {
                throw BadPattern::notRead('a triangle in it has not three corners');
            }
            $corners = [];
            foreach ($said as $corner) {
                array_push($corners, (float) $corner[1], (float) $corner[2], (float) $corner[3]);
            }
            yield $corners;
        }
    }
}
