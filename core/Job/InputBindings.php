<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Calculations;
use HotSprue\Fields\Field;
use HotSprue\Fields\Label;
use HotSprue\Job\Source\Changed;
use HotSprue\Job\Source\Collected;
use HotSprue\Job\Source\Conditional;
use HotSprue\Job\Source\Decision;
use HotSprue\Job\Source\EachRow;
use HotSprue\Job\Source\FirstOf;
use HotSprue\Job\Source\Reading;
use HotSprue\Job\Source\Source;

/** What feeds every calculation of a job, out of the files of its stations. Built once a process. */
final class InputBindings
{
    /** @var array<string, CalculationUse>|null */
    private static ?array $all = null;

    /** @var array<string, list<string>> */
    private static array $at = [];

    /** @var array<string, list<string>> */
    private static array $needed = [];

    /** @return array<string, CalculationUse> by name, in bench order */
    public static function all(): array
    {
        if (self::$all === null) {
            $uses = array_merge(...array_map(static fn (Station $at): array => $at->plan()->uses(), Station::cases()));
            self::$all = array_column($uses, null, 'name');
        }

        return self::$all;
    }

    /** @return list<string> the uses that are answered at a station */
    public static function usesAt(Station $station): array
    {
        return self::$at[$station->value] ??= array_column($station->plan()->uses(), 'name');
    }

    /** @return list<string> the inputs without which a use is not reckoned */
    public static function needed(CalculationUse $use): array
    {
        return self::$needed[$use->name] ??= array_values(array_unique([
            ...$use->needs,
            ...array_column(array_filter(
                Calculations::describe($use->calculation)->inputs,
                static fn (Field $field): bool => $field->required,
            ), 'name'),
        ]));
    }

    /** What a result of a use is called. */
    public static function label(string $use, string $result): string
    {
        $calculation = self::use($use)?->calculation;
        $output = $calculation === null ? null : Calculations::describe($calculation)->result($result);

        return $output?->label() ?? Label::of($result);
    }

    /** The path that would feed an input of a use: a decision's, or a figure of the setting in hand. */
    public static function pathFor(string $use, string $input, JobAnswers $job): ?string
    {
        foreach (self::all()[$use]->inputs[$input] ?? [] as $source) {
            $bare = self::bare($source);
            if ($bare instanceof Decision || ($bare instanceof Reading && $bare->group === 'settings')) {
                return $bare->path($job);
            }
        }

        return null;
    }

    /** A use by its name, with or without the row that it is of: `seat.bezel@k3f2`. */
    public static function use(string $name): ?CalculationUse
    {
        return self::all()[explode('@', $name, 2)[0]] ?? null;
    }

    /** The decision that a new job would keep an input of a calculation as: of several the one that says most. */
    public static function decisionOf(string $calculation, string $input): ?string
    {
        $path = null;
        foreach (self::all()[$calculation]->inputs[$input] ?? [] as $source) {
            $bare = self::bare($source);
            $path = match (true) {
                $bare instanceof Decision => $bare->path,
                $bare instanceof Reading && $bare->group === 'settings' => "settings.0.{$bare->name}",
                default => $path,
            };
        }

        return $path;
    }

    /** The input that a decision feeds first, at its own station before any other. */
    public static function fedBy(string $path): ?Field
    {
        $own = Station::ofGroup(explode('.', $path)[0]);

        return self::fedAmong($own?->plan()->uses() ?? [], $path) ?? self::fedAmong(array_values(self::all()), $path);
    }

    /** @param list<CalculationUse> $uses */
    private static function fedAmong(array $uses, string $path): ?Field
    {
        foreach ([0, 1] as $place) {
            foreach ($uses as $use) {
                foreach ($use->inputs as $input => $sources) {
                    $source = isset($sources[$place]) ? self::bare($sources[$place]) : null;
                    if ($source instanceof Decision && $source->path === $path) {
                        return Calculations::describe($use->calculation)->input($input);
                    }
                }
            }
        }

        return null;
    }

    /**
     * The input, or the column of a list, that a reading feeds first, at the station where it is taken before any
     * other.
     */
    public static function readBy(string $group, string $name): ?Field
    {
        $own = Station::ofGroup($group);
        foreach ([...($own?->plan()->uses() ?? []), ...array_values(self::all())] as $use) {
            foreach ($use->inputs as $input => $sources) {
                $source = isset($sources[0]) ? self::bare($sources[0]) : null;
                $field = Calculations::describe($use->calculation)->input($input);
                if ($source instanceof Reading && $source->group === $group && $source->name === $name) {
                    return $field;
                }
                if ($source instanceof Collected && $source->group === $group
                    && in_array($name, $source->names, true)) {
                    return array_column($field->columns ?? [], null, 'name')[$name] ?? null;
                }
                $column = $source instanceof EachRow ? self::columnReading($source, $group, $name) : null;
                if ($column !== null) {
                    return array_column($field->columns ?? [], null, 'name')[$column] ?? null;
                }
            }
        }

        return null;
    }

    /** The column of a list that a reading of its rows feeds. */
    private static function columnReading(EachRow $rows, string $group, string $name): ?string
    {
        foreach ($rows->columns as $column => $source) {
            $bare = self::bare($source);
            if ($bare instanceof Reading && $bare->group === $group && $bare->name === $name) {
                return $column;
            }
        }

        return null;
    }

    /** The source itself, without what it goes by; of several, the first. */
    private static function bare(Source $source): Source
    {
        return match (true) {
            $source instanceof Conditional, $source instanceof Changed => self::bare($source->source),
            $source instanceof FirstOf => self::bare($source->sources[0]),
            default => $source,
        };
    }
}
