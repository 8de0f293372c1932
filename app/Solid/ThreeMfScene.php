<?php

declare(strict_types=1);

namespace App\Solid;

use HotSprue\Solid\BadPattern;
use XMLReader;

/**
 * Where each body of a 3MF stands, as often as it is built: its components and items by their own places, one within
 * another. A place is three rows of its turning and one of its moving, as the format writes them.
 */
final class ThreeMfScene
{
    private const AS_DRAWN = [1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0];

    /** Deeper, and more often, no ring is put together: a file that says so is a bomb. */
    private const DEEPEST = 10;

    private const MOST = 10_000;

    /** @var array<string, list<array{string, list<float>}>> what each object is put together from */
    private array $components = [];

    /** @var list<array{string, list<float>}> what is built */
    private array $items = [];

    /** @var array<string, list<list<float>>> places of each object */
    private array $places = [];

    private int $count = 0;

    /** @throws BadPattern */
    public static function read(XMLReader $xml): self
    {
        $scene = new self;
        $object = '';
        $goesOn = $xml->read();
        while ($goesOn) {
            if ($xml->nodeType === XMLReader::ELEMENT) {
                if ($xml->localName === 'object') {
                    $object = (string) $xml->getAttribute('id');
                } elseif ($xml->localName === 'component') {
                    $scene->components[$object][] = self::named($xml);
                } elseif ($xml->localName === 'item') {
                    $scene->items[] = self::named($xml);
                }
            }
            // Its triangles are of no matter yet.
            $goesOn = $xml->nodeType === XMLReader::ELEMENT && $xml->localName === 'mesh' ? $xml->next() : $xml->read();
        }
        foreach ($scene->items as [$id, $place]) {
            $scene->stand($id, $place, 0);
        }

        return $scene;
    }

    /** @return list<list<float>> */
    public function placesOf(string $object): array
    {
        return $this->places[$object] ?? [];
    }

    public function isEmpty(): bool
    {
        return $this->places === [];
    }

    /**
     * @param  list<float>  $place
     * @param  array<int, float>  $t  x, y and z of a triangle’s corners
     * @return array<int, float>
     */
    public static function placed(array $place, array $t): array
    {
        if ($place === self::AS_DRAWN) {
            return $t;
        }
        $corners = [];
        // What is mirrored is inside out, until it is gone round the other way.
        foreach (self::isMirrored($place) ? [0, 6, 3] : [0, 3, 6] as $at) {
            for ($way = 0; $way < 3; $way++) {
                $corners[] = $t[$at] * $place[$way] + $t[$at + 1] * $place[3 + $way] + $t[$at + 2] * $place[6 + $way]
                    + $place[9 + $way];
            }
        }

        return $corners;
    }

    /** @param list<float> $p */
    private static function isMirrored(array $p): bool
    {
        return $p[0] * ($p[4] * $p[8] - $p[5] * $p[7]) - $p[1] * ($p[3] * $p[8] - $p[5] * $p[6])
            + $p[2] * ($p[3] * $p[7] - $p[4] * $p[6]) < 0;
    }

    /**
     * @param  list<float>  $place
     *
     * @throws BadPattern
     */
    private function stand(string $id, array $place, int $deep): void
    {
        if ($deep > self::DEEPEST || ++$this->count > self::MOST) {
            throw BadPattern::notRead('its bodies are put together too deeply, or too often');
        }
        $this->places[$id][] = $place;
        foreach ($this->components[$id] ?? [] as [$part, $within]) {
            $this->stand($part, self::within($within, $place), $deep + 1);
        }
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     * @return list<float> the one within the other
     */
    private static function within(array $one, array $other): array
    {
        $place = [];
        for ($row = 0; $row < 4; $row++) {
            for ($way = 0; $way < 3; $way++) {
                $place[] = $one[3 * $row] * $other[$way] + $one[3 * $row + 1] * $other[3 + $way]
                    + $one[3 * $row + 2] * $other[6 + $way] + ($row === 3 ? $other[9 + $way] : 0.0);
            }
        }

        return $place;
    }

    /**
     * @return array{string, list<float>} what stands there, and its place
     *
     * @throws BadPattern
     */
    private static function named(XMLReader $xml): array
    {
        if ($xml->getAttributeNs('path', 'http://schemas.microsoft.com/3dmanufacturing/production/2015/06') !== null) {
            throw BadPattern::notRead('its bodies lie in files of their own; save it as one model');
        }
        $said = $xml->getAttribute('transform');
        if ($said === null) {
            return [(string) $xml->getAttribute('objectid'), self::AS_DRAWN];
        }
        $numbers = preg_split('/\s+/', trim($said)) ?: [];
        if (count($numbers) !== 12 || array_filter($numbers, is_numeric(...)) !== $numbers) {
            throw BadPattern::notRead('a body in it is moved by what is no place');
        }

        return [(string) $xml->getAttribute('objectid'), array_map(floatval(...), $numbers)];
    }
}
