<?php

declare(strict_types=1);

namespace Tools\Contract;

/** JSON Schema in few words. */
final class Shape
{
    public const TEXT = ['type' => 'string'];

    public const INT = ['type' => 'integer'];

    public const NUMBER = ['type' => 'number'];

    public const BOOL = ['type' => 'boolean'];

    /** @return array<string, string> */
    public static function ref(string $schema): array
    {
        return ['$ref' => "#/components/schemas/{$schema}"];
    }

    /**
     * @param  array<string, mixed>  $of
     * @return array<string, mixed>
     */
    public static function list(array $of): array
    {
        return ['type' => 'array', 'items' => $of];
    }

    /**
     * @param  array<string, mixed>  $of
     * @return array<string, mixed>
     */
    public static function map(array $of): array
    {
        return ['type' => 'object', 'additionalProperties' => $of];
    }

    /**
     * @param  array<string, mixed>  $of
     * @return array<string, mixed>
     */
    public static function orNull(array $of): array
    {
        return isset($of['type']) && is_string($of['type']) && count($of) === 1 ? ['type' => [$of['type'], 'null']] : [
            'anyOf' => [$of, ['type' => 'null']],
        ];
    }

    /**
     * @param  list<string>  $of
     * @return array<string, mixed>
     */
    public static function oneOf(array $of): array
    {
        return ['type' => 'string', 'enum' => $of];
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    public static function object(array $properties, array $required = []): array
    {
        return [
            'type' => 'object', 'additionalProperties' => false, ...($required === [] ? [] : ['required' => $required]),
            'properties' => $properties,
        ];
    }

    /**
     * An object all of whose parts are always there.
     *
     * @param  array<string, mixed>  $properties
     * @return array<string, mixed>
     */
    public static function whole(array $properties): array
    {
        return self::object($properties, array_keys($properties));
    }
}
