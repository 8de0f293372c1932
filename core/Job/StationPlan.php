<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\Field;
use LogicException;

/** What is done at a station: the calculations used there, the decisions said there, and what its page shows. */
abstract class StationPlan
{
    /** What signing the station off says. */
    abstract public function signOff(): string;

    /** @return list<CalculationUse> in the order in which they are shown; the first is drawn largest */
    abstract public function uses(): array;

    /** @return list<Field> the decisions said here, in the order of the page */
    abstract public function decisions(): array;

    /** @return list<Figure> the figures at the foot of the page */
    abstract public function figures(): array;

    /** A decision made from the input that it feeds: one figure is one field. */
    final protected static function fed(string $path): Field
    {
        $input = InputBindings::fedBy($path) ?? throw new LogicException("{$path} feeds nothing");

        return $input->asDecision($path);
    }

    /**
     * These mean something only where another decision says so.
     *
     * @param  list<string>  $says
     * @param  list<Field>  $fields
     * @return list<Field>
     */
    final protected static function onlyWhere(string $path, array $says, array $fields): array
    {
        return array_map(static fn (Field $field): Field => $field->onlyWhere($path, ...$says), $fields);
    }

    /** @return list<Field> */
    final protected static function allFed(string $group, string ...$names): array
    {
        return array_map(static fn (string $name): Field => self::fed("{$group}.{$name}"), array_values($names));
    }
}
