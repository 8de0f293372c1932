<?php

declare(strict_types=1);

namespace HotSprue\Samples;

/**
 * Sample inputs of every calculation, which between them reach every result and working. The first is what a page of
 * sums begins with; tests and benchmarks reckon them all.
 */
final class Samples
{
    /** @var array<string, non-empty-list<array<string, mixed>>>|null */
    private static ?array $all = null;

    /** @return array<string, non-empty-list<array<string, mixed>>> by calculation */
    public static function all(): array
    {
        return self::$all ??= [
            ...RingSamples::all(),
            ...StoneSamples::all(),
            ...LayoutSamples::all(),
            ...WaxSamples::all(),
            ...CastingSamples::all(),
            ...BenchSamples::all(),
            ...HeatSamples::all(),
            ...HouseSamples::all(),
        ];
    }

    /** @return array<string, mixed> what a page of sums begins with */
    public static function first(string $calculation): array
    {
        return self::all()[$calculation][0];
    }
}
