<?php

declare(strict_types=1);

namespace HotSprue\Stock;

use HotSprue\Fields\Field;

/** Drills, burs and setting tools as shipped: what a small workshop is likely to own. The workshop edits its own. */
final class BenchTools
{
    public const KINDS = [
        'drill', 'ball-bur', 'bearing-bur', 'cup-bur', 'beading-tool', 'bezel-pusher', 'claw-pusher', 'burnisher',
        'flush-burnisher', 'mitre-file',
    ];

    /** @return list<Field> */
    public static function columns(): array
    {
        return [
            Field::text('name', 'identifier'),
            Field::choice('kind', self::KINDS, 'what it is'),
            Field::length('size', 'its size, where it has one')->optional(),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function shipped(): array
    {
        $rows = [];
        foreach ([
            'drill' => [0.6, 0.8, 1.0, 1.2, 1.5, 2.0], 'ball-bur' => [1.2, 1.8, 2.5, 3.5],
            'bearing-bur' => [1.2, 1.5, 1.9, 2.4, 2.85, 3.8], 'cup-bur' => [0.9, 1.0, 1.2],
        ] as $kind => $sizes) {
            foreach ($sizes as $size) {
                $rows[] = [
                    'name' => sprintf('%s %.2f', str_replace('-', ' ', $kind), $size), 'kind' => $kind, 'size' => $size,
                ];
            }
        }
        foreach (['bezel-pusher', 'claw-pusher', 'burnisher'] as $kind) {
            $rows[] = ['name' => str_replace('-', ' ', $kind), 'kind' => $kind, 'size' => null];
        }

        return $rows;
    }
}
