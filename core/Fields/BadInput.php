<?php

declare(strict_types=1);

namespace HotSprue\Fields;

use DomainException;

/** An input that is refused: for each field, what is wrong and what is accepted. `_` is the whole. */
final class BadInput extends DomainException
{
    /** @param non-empty-array<string, list<string>> $errors */
    private function __construct(public readonly array $errors)
    {
        parent::__construct(implode(' ', array_merge(...array_values($errors))));
    }

    public static function field(string $field, string $message): self
    {
        return new self([$field => [$message]]);
    }

    /** @param non-empty-array<string, list<string>> $errors */
    public static function fields(array $errors): self
    {
        return new self($errors);
    }

    public static function malformed(): self
    {
        return self::field('_', 'This is not well-formed JSON; one JSON object is accepted.');
    }

    public static function notAnObject(): self
    {
        return self::field('_', 'One JSON object of named inputs is accepted.');
    }

    public static function notFinite(string $result): self
    {
        return self::field(
            '_',
            sprintf(
                'These figures give no finite %s; smaller, sensible sizes are accepted.',
                str_replace('_', ' ', $result),
            ),
        );
    }

    /** @param array{string, string} $fields */
    public static function bothGiven(array $fields): self
    {
        return self::field($fields[1], sprintf('Given twice over: either %s or %s is accepted, not both.', ...$fields));
    }

    /** @param list<string> $accepted */
    public static function neitherGiven(string $field, array $accepted): self
    {
        return self::field($field, sprintf('Missing: %s is accepted.', implode(' or ', $accepted)));
    }
}
