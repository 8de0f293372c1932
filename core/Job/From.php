<?php

declare(strict_types=1);

namespace HotSprue\Job;

use Closure;
use HotSprue\Job\Source\Beside;
use HotSprue\Job\Source\Collected;
use HotSprue\Job\Source\Column;
use HotSprue\Job\Source\Decision;
use HotSprue\Job\Source\EachRow;
use HotSprue\Job\Source\FirstOf;
use HotSprue\Job\Source\Fixed;
use HotSprue\Job\Source\NamesOfYes;
use HotSprue\Job\Source\OfJob;
use HotSprue\Job\Source\Outside;
use HotSprue\Job\Source\OverRows;
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

    public static function firstOf(Source $first, Source ...$more): Source
    {
        return new FirstOf([$first, ...array_values($more)]);
    }

    /** What a source gives for the setting that the one in hand sits beside. */
    public static function beside(Source $source): Source
    {
        return new Beside($source);
    }

    public static function sum(string $group, Source $source): Source
    {
        return OverRows::sum($group, $source);
    }

    public static function largest(string $group, Source $source): Source
    {
        return OverRows::largest($group, $source);
    }

    /** @param array<string, Source> $columns a row without the first of them is left out */
    public static function each(string $group, array $columns): Source
    {
        return new EachRow($group, $columns);
    }

    /** @param Closure(JobAnswers): mixed $of */
    public static function ofJob(Closure $of): Source
    {
        return new OfJob($of);
    }

    public static function fixed(string|bool|float $value): Source
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
