<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Job\Source\Collected;
use HotSprue\Job\Source\Column;
use HotSprue\Job\Source\Decision;
use HotSprue\Job\Source\Fixed;
use HotSprue\Job\Source\NamesOfYes;
use HotSprue\Job\Source\Outside;
use HotSprue\Job\Source\Reading;
use HotSprue\Job\Source\Result;
use HotSprue\Job\Source\Source;

/** Names the source of an input: `From::decision('form.width_top')`. */
final class From
{
    public static function decision(string $path): Source
    {
        return new Decision($path);
    }

    public static function reading(string $group, string $name): Source
    {
        return new Reading($group, $name);
    }

    public static function result(string $use, string $name): Source
    {
        return new Result($use, $name);
    }

    /** The row of every stone, part or joint that has the first of these readings. */
    public static function rows(string $group, string $first, string ...$more): Source
    {
        return new Collected($group, [$first, ...array_values($more)]);
    }

    public static function column(string $group, string $name): Source
    {
        return new Column($group, $name);
    }

    /** @param array<string, string> $paths name => path of a decision */
    public static function namesOfYes(array $paths): Source
    {
        return new NamesOfYes($paths);
    }

    public static function fixed(string|bool $value): Source
    {
        return new Fixed($value);
    }

    /** What is so of the flask of a run that the job stands in: a property of `InFlask`. */
    public static function flask(string $property): Source
    {
        return new Outside(static fn (Surroundings $around): mixed => $around->flask?->{$property});
    }

    /** Volume of what stands beside the job in its flask, mm³; 0 where it stands in none. */
    public static function besideInFlask(): Source
    {
        return new Outside(static fn (Surroundings $around): ?float => $around->flask?->others, 0.0);
    }

    public static function clock(): Source
    {
        return new Outside(static fn (Surroundings $around): ?string => $around->now);
    }

    public static function clientMetalLeft(): Source
    {
        return new Outside(static fn (Surroundings $around): ?float => $around->clientMetalLeft);
    }
}
