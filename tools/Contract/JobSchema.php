<?php

declare(strict_types=1);

namespace Tools\Contract;

use HotSprue\Fields\Field;
use HotSprue\Job\DecisionFields;
use HotSprue\Job\Document;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Station;
use HotSprue\Workshop\WorkshopFields;

/** The JSON Schema of a job file, from the declared fields. */
final class JobSchema
{
    /** @return array<string, mixed> */
    public static function file(): array
    {
        $figures = array_map(FieldSchema::kept(...), WorkshopFields::all());

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Hot Sprue job file',
            'type' => 'object', 'additionalProperties' => false,
            'required' => ['hot_sprue', 'version', 'number', 'client', 'rules', 'document'],
            'properties' => [
                'hot_sprue' => ['const' => 'job'],
                'version' => ['const' => Document::VERSION],
                'number' => ['type' => 'integer', 'minimum' => 1],
                'client' => [
                    'anyOf' => [
                        ['type' => 'null'],
                        self::object(
                            [
                                'name' => ['type' => 'string'], 'contact' => ['type' => 'string'],
                                'note' => ['type' => 'string'],
                            ],
                            ['name', 'contact', 'note'],
                        ),
                    ],
                ],
                'rules' => self::object(
                    [
                        'own' => ['type' => 'array', 'items' => ['type' => 'string']],
                        'figures' => self::object($figures),
                    ],
                    ['own', 'figures'],
                ),
                'document' => self::document(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $text = ['type' => 'string'];
        $entries = static fn (array $fields): array => array_map(
            static fn (Field $field): array => self::object(
                ['value' => FieldSchema::kept($field), 'typed' => ['type' => 'string']], ['value', 'typed'],
                ucfirst($field->meaning).'.',
            ),
            $fields,
        );
        $key = ['type' => 'string', 'pattern' => '^[a-z0-9]{1,12}$'];
        $point = ['type' => 'array', 'items' => ['type' => 'number'], 'minItems' => 2, 'maxItems' => 2];
        $list = static fn (array $item): array => ['type' => 'array', 'items' => $item];

        return self::object([
            'version' => ['const' => Document::VERSION],
            'decisions' => self::object($entries(DecisionFields::all())),
            ...array_combine(
                ReadingFields::GROUPS,
                array_map(
                    static fn (string $group): array => $list(
                        self::object(['key' => $key, ...$entries(ReadingFields::of($group))], ['key']),
                    ),
                    ReadingFields::GROUPS,
                ),
            ),
            'stations' => self::object(
                array_fill_keys(
                    array_column(Station::cases(), 'value'),
                    self::object(
                        [
                            'state' => ['enum' => ['signed', 'reopened', 'not-needed']], 'by' => $text, 'at' => $text,
                            'signed' => ['type' => 'object'],
                        ],
                        ['state'],
                    ),
                ),
            ),
            'overrides' => $list(
                self::object(
                    [
                        'key' => $key, 'use' => $text, 'code' => $text, 'about' => $text, 'value' => true,
                        'reason' => $text, 'by' => $text, 'at' => $text,
                    ],
                    ['key', 'use', 'code', 'about', 'reason'],
                ),
            ),
            'pictures' => $list(
                self::object(
                    [
                        'key' => $key, 'file' => ['type' => 'string', 'pattern' => '^[0-9a-f]{40}\.(png|jpg|webp)$'],
                        'caption' => $text, 'about' => $text, 'width' => ['type' => 'integer'],
                        'height' => ['type' => 'integer'],
                        'scale' => self::object(
                            ['from' => $point, 'to' => $point, 'mm' => ['type' => 'number']], ['from', 'to', 'mm'],
                        ),
                        'lines' => [
                            'type' => 'array',
                            'items' => self::object(['from' => $point, 'to' => $point], ['from', 'to']),
                        ],
                        'by' => $text, 'at' => $text,
                    ],
                    ['key', 'file'],
                ),
            ),
            'words' => $list(
                self::object(
                    [
                        'key' => $key, 'what' => ['enum' => ['picks', 'asks', 'approves']], 'arrangement' => $text,
                        'words' => $text, 'look' => ['type' => 'integer'], 'figures' => ['type' => 'object'],
                        'answered' => $text, 'by' => $text, 'at' => $text,
                    ],
                    ['key', 'what', 'by', 'at'],
                ),
            ),
            'seen' => ['type' => 'object', 'additionalProperties' => ['const' => true]],
            'ticks' => ['type' => 'object', 'additionalProperties' => ['const' => true]],
            'gone' => ['type' => 'object', 'additionalProperties' => ['const' => true]],
            'closed' => [
                'anyOf' => [
                    ['type' => 'null'],
                    self::object(
                        [
                            'how' => ['enum' => ['delivered', 'abandoned']], 'reason' => $text, 'by' => $text,
                            'at' => $text,
                        ],
                        ['how'],
                    ),
                ],
            ],
        ], [
            'version', 'decisions', ...ReadingFields::GROUPS, 'stations', 'overrides', 'pictures', 'words', 'seen',
            'ticks', 'gone', 'closed',
        ]);
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $required
     * @return array<string, mixed>
     */
    private static function object(array $properties, array $required = [], ?string $description = null): array
    {
        return [
            ...($description === null ? [] : ['description' => $description]),
            'type' => 'object', 'additionalProperties' => false, ...($required === [] ? [] : ['required' => $required]),
            'properties' => $properties,
        ];
    }
}
