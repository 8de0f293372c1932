<?php

declare(strict_types=1);

namespace Tools\Contract;

use HotSprue\Calculation\Output;
use HotSprue\Fields\Field;
use HotSprue\Measures\Quantity;

/** JSON Schema for a declared field. */
final class FieldSchema
{
    /** @return array<string, mixed> what an input may be: a number in its unit, or bench talk */
    public static function input(Field $field): array
    {
        return [
            'description' => self::said($field), ...($field->many ? self::list($field, true) : self::one($field, true)),
        ];
    }

    /** @return array<string, mixed> what is kept: the value in the core's unit */
    public static function kept(Field $field): array
    {
        return $field->many ? ['type' => 'array', 'items' => self::one($field, false)] : self::one($field, false);
    }

    /** @return array<string, mixed> a list, or the same said with commas */
    private static function list(Field $field, bool $benchTalk): array
    {
        return ['anyOf' => [['type' => 'array', 'items' => self::one($field, $benchTalk)], ['type' => 'string']]];
    }

    /** @return array<string, mixed> */
    public static function result(Output $output): array
    {
        return [
            'description' => $output->meaning, 'type' => 'object', 'required' => ['value', 'unit'],
            'additionalProperties' => false,
            'properties' => [
                'value' => match (true) {
                    $output->quantity->isNumeric() => ['type' => 'number'],
                    $output->quantity === Quantity::Rows => [
                        'type' => 'array', 'items' => ['type' => ['object', 'number', 'array']],
                    ],
                    default => ['type' => 'string'],
                },
                'unit' => $output->quantity->isNumeric() ? [
                    'type' => 'string', 'enum' => [$output->quantity->unit()],
                ] : ['type' => 'null'],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function one(Field $field, bool $benchTalk): array
    {
        return match ($field->quantity) {
            Quantity::Choice => $field->choices === [] ? ['type' => 'string'] : [
                'type' => 'string', 'enum' => $field->choices,
            ],
            Quantity::Text => ['type' => $benchTalk ? ['string', 'number'] : 'string'],
            Quantity::Moment, Quantity::Day => ['type' => 'string'],
            Quantity::YesNo => ['type' => 'boolean'],
            Quantity::Rows => ['type' => 'array', 'items' => self::row($field)],
            Quantity::Shares => [
                'type' => 'object', 'additionalProperties' => false,
                'properties' => array_fill_keys(
                    $field->choices, ['type' => $benchTalk ? ['number', 'string'] : 'number', 'minimum' => 0],
                ),
            ],
            default => ['type' => $benchTalk ? ['number', 'string'] : 'number'],
        };
    }

    /** @return array<string, mixed> */
    private static function row(Field $field): array
    {
        $properties = $required = [];
        foreach ($field->columns as $column) {
            $schema = $column->many ? self::list($column, false) : self::kept($column);
            $properties[$column->name] = $column->required || $column->default !== null ? $schema : [
                'anyOf' => [$schema, ['type' => 'null']],
            ];
            if ($column->required) {
                $required[] = $column->name;
            }
        }

        return [
            'type' => 'object', 'additionalProperties' => false, 'required' => $required, 'properties' => $properties,
        ];
    }

    private static function said(Field $field): string
    {
        $default = match (true) {
            $field->setting !== null => ' The workshop’s '.$field->setting.' unless given.',
            $field->default !== null && is_scalar($field->default) => ' '.json_encode(
                $field->default, JSON_UNESCAPED_UNICODE,
            ).' unless given.',
            default => '',
        };

        return ucfirst($field->meaning)
            .'.'.($field->quantity->unit() === null ? '' : ' In '.$field->quantity->unit().' where no unit is given.')
            .$default;
    }
}
