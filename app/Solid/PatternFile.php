<?php

declare(strict_types=1);

namespace App\Solid;

use Closure;
use Generator;
use HotSprue\Solid\BadPattern;
use HotSprue\Solid\PatternFacts;
use HotSprue\Solid\PatternMeasure;
use HotSprue\Solid\StlReader;
use XMLReader;
use ZipArchive;

/** A pattern made elsewhere, read as a stream: STL in bytes or text, or the model of a 3MF. */
final class PatternFile
{
    public const MOST_BYTES = 60 * 1024 * 1024;

    /** Unpacked it may be so many times as large: numbers in text pack well, and a bomb far better. */
    private const MOST_UNPACKED = 12;

    private const PIECE = 1 << 16;

    /** Within so many bytes of a model its first element begins. */
    private const BEGINNING = 1 << 16;

    /** How far it is, is told every so many triangles. */
    private const EVERY = 20_000;

    /** Millimetres of each unit that a 3MF may be in. */
    private const UNITS = [
        'micron' => 0.001, 'millimeter' => 1.0, 'centimeter' => 10.0, 'inch' => 25.4, 'foot' => 304.8,
        'meter' => 1000.0,
    ];

    /**
     * @param  ?Closure(float): void  $told  is told now and then what share of it has been read
     *
     * @throws BadPattern
     */
    public static function read(string $path, ?Closure $told = null): PatternFacts
    {
        $measure = new PatternMeasure;
        $about = self::about($path);
        $at = 0;
        foreach (self::triangles($path) as $triangle) {
            $measure->add($triangle);
            ++$at % self::EVERY ?: $told?->__invoke(min(0.5, $at / $about / 2));
        }
        $facts = $measure->facts();
        // Which way its finger goes is known once it has been read.
        $bore = $measure->bore();
        $at = 0;
        foreach (self::triangles($path) as $triangle) {
            $bore->add($triangle);
            ++$at % self::EVERY ?: $told?->__invoke(0.5 + $at / $facts->triangles / 2);
        }

        return $facts->round($bore);
    }

    /** How many triangles a file of its size holds, by what one takes in bytes, in text and packed. */
    private static function about(string $path): float
    {
        $start = (string) file_get_contents($path, false, null, 0, 5);
        $each = match (true) {
            str_starts_with($start, 'PK') => 12, $start === 'solid' => 260, default => 50,
        };

        return max(1.0, filesize($path) / $each);
    }

    /**
     * @return Generator<int, array<int, float>>
     *
     * @throws BadPattern
     */
    private static function triangles(string $path): Generator
    {
        $start = (string) file_get_contents($path, false, null, 0, 4);

        return str_starts_with($start, "PK\x03\x04")
            ? self::threeMf($path) : StlReader::triangles(self::pieces($path), (int) filesize($path));
    }

    /** @return Generator<int, string> */
    private static function pieces(string $path): Generator
    {
        $file = fopen($path, 'rb') ?: throw BadPattern::notRead('it could not be opened');
        try {
            while (($piece = fread($file, self::PIECE)) !== false && $piece !== '') {
                yield $piece;
            }
        } finally {
            fclose($file);
        }
    }

    /**
     * @return Generator<int, array<int, float>>
     *
     * @throws BadPattern
     */
    private static function threeMf(string $path): Generator
    {
        $xml = self::opened($path);
        $before = libxml_use_internal_errors(true);
        try {
            $scene = ThreeMfScene::read($xml);
            self::isWhole();
            $scene->isEmpty() && throw BadPattern::notRead('nothing in it is to be built');
            $xml = self::opened($path);
            yield from self::bodies($xml, $scene);
            self::isWhole();
        } finally {
            libxml_clear_errors();
            libxml_use_internal_errors($before);
            $xml->close();
        }
    }

    /** @throws BadPattern */
    private static function opened(string $path): XMLReader
    {
        $model = self::model($path);
        self::declaresNothing("zip://{$path}#{$model}");
        $xml = new XMLReader;
        // No network: a file is a stranger.
        if (! $xml->open("zip://{$path}#{$model}", null, LIBXML_NONET | LIBXML_COMPACT | LIBXML_PARSEHUGE)) {
            throw BadPattern::notRead('its model could not be opened');
        }

        return $xml;
    }

    /**
     * A model declares no entities of its own: one that does could unfold to any length as it is read.
     *
     * @throws BadPattern when a declaration stands before its first element, or none is found near its beginning
     */
    private static function declaresNothing(string $address): void
    {
        $beginning = (string) @file_get_contents($address, false, null, 0, self::BEGINNING);
        $said = (string) preg_replace('/<!--.*?-->|<\?.*?\?>/s', '', $beginning);
        $before = preg_split('/<(?=[A-Za-z_])/', $said, 2) ?: [''];
        if (count($before) < 2 || str_contains($before[0], '<!')) {
            throw BadPattern::notRead('its model declares what no model needs, or is no XML');
        }
    }

    /** @throws BadPattern */
    private static function isWhole(): void
    {
        if (libxml_get_errors() !== []) {
            throw BadPattern::notRead('its model breaks off, or is no XML');
        }
    }

    /**
     * @return Generator<int, array<int, float>>
     *
     * @throws BadPattern
     */
    private static function bodies(XMLReader $xml, ThreeMfScene $scene): Generator
    {
        $scale = 1.0;
        $points = $places = [];
        while ($xml->read()) {
            if ($xml->nodeType !== XMLReader::ELEMENT) {
                continue;
            }
            $name = $xml->localName;
            if ($name === 'model') {
                $scale = self::UNITS[$xml->getAttribute('unit') ?? 'millimeter']
                    ?? throw BadPattern::notRead('it is in a unit that is not known');
            } elseif ($name === 'object') {
                $places = $scene->placesOf((string) $xml->getAttribute('id'));
            } elseif ($name === 'mesh') {
                $points = [];
            } elseif ($name === 'vertex' && $places !== []) {
                foreach (['x', 'y', 'z'] as $way) {
                    $said = $xml->getAttribute($way);
                    $points[] = is_numeric($said) ? (float) $said : throw BadPattern::notANumber();
                }
                count($points) <= 3 * PatternMeasure::MOST ?: throw BadPattern::tooMany(PatternMeasure::MOST);
            } elseif ($name === 'triangle' && $places !== []) {
                $triangle = self::triangle($xml, $points);
                foreach ($places as $place) {
                    $placed = ThreeMfScene::placed($place, $triangle);
                    yield $scale === 1.0
                        ? $placed : array_map(static fn (float $at): float => $scale * $at, $placed);
                }
            }
        }
    }

    /**
     * @param  list<float>  $points
     * @return array<int, float>
     *
     * @throws BadPattern
     */
    private static function triangle(XMLReader $xml, array $points): array
    {
        $corners = [];
        foreach (['v1', 'v2', 'v3'] as $name) {
            $said = $xml->getAttribute($name);
            $at = is_numeric($said) ? 3 * (int) $said : -1;
            if (! isset($points[$at], $points[$at + 2])) {
                throw BadPattern::notRead('a triangle in it names a corner that is not there');
            }
            array_push($corners, $points[$at], $points[$at + 1], $points[$at + 2]);
        }

        return $corners;
    }

    /** @throws BadPattern */
    private static function model(string $path): string
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw BadPattern::notRead('the zip is broken');
        }
        try {
            for ($i = 0; $i < min($zip->numFiles, 200); $i++) {
                $entry = $zip->statIndex($i);
                if ($entry !== false && str_ends_with(strtolower($entry['name']), '.model')) {
                    $entry['size'] <= self::MOST_UNPACKED * max(self::PIECE, (int) filesize($path))
                        || throw BadPattern::notRead('it is packed tighter than any pattern is');

                    return $entry['name'];
                }
            }
        } finally {
            $zip->close();
        }
        throw BadPattern::notRead('there is no model in it');
    }
}
