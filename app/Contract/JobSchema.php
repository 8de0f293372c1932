<?php

declare(strict_types=1);

namespace App\Contract;

use HotSprue\Job\DecisionFields;
use HotSprue\Job\Document;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Station;
use HotSprue\Rules\RuleFields;
use HotSprue\Sheet\Field;

/** The JSON Schema of a job file, from the declared fields. */
final class JobSchema
{
    /** @return array<string, mixed> */
    public static function file(): array
    {
        $figures = array_map(FieldSchema::kept(...), RuleFields::all());

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Hot Sprue job file',
            'type' => 'object', 'additionalProperties' => false, 'required' => ['hot_sprue', 'version', 'number', 'client', 'rules', 'document'],
            'properties' => [
                'hot_sprue' => ['const' => 'job'],
                'version' => ['const' => Document::VERSION],
                'number' => ['type' => 'integer', 'minimum' => 1],
                'client' => ['anyOf' => [['type' => 'null'], self::object(['name' => ['type' => 'string'], 'contact' => ['type' => 'string'], 'note' => ['type' => 'string']], ['name', 'contact', 'note'])]],
                'rules' => self::object(['own' => ['type' => 'array', 'items' => ['type' => 'string']], 'figures' => self::object($figures)], ['own', 'figures']),
                'document' => self::document(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function document(): array
    {
        $text = ['type' => 'string'];
        $entries = static fn (array $fields): array => array_map(static fn (Field $field): array => self::object(['value' => FieldSchema::kept($field), 'typed' => ['type' => 'string']], ['value', 'typed'], ucfirst($field->meaning).'.'), $fields);
        $list = static fn (array $item): array => ['type' => 'array', 'items' => $item];

        return self::object([
            'version' => ['const' => Document::VERSION],
            'decisions' => self::object($entries(DecisionFields::all())),
            ...array_combine(ReadingFields::GROUPS, array_map(static fn (string $group): array => $list(self::object($entries(ReadingFields::of($group)))), ReadingFields::GROUPS)),
            'stations' => self::object(array_fill_keys(array_column(Station::cases(), 'value'), self::object(['state' => ['enum' => ['signed', 'reopened', 'not-needed']], 'by' => $text, 'at' => $text, 'signed' => ['type' => 'object']], ['state']))),
            'overrides' => $list(self::object(['use' => $text, 'code' => $text, 'about' => $text, 'value' => true, 'reason' => $text, 'by' => $text, 'at' => $text], ['use', 'code', 'about', 'value', 'reason'])),
            'pictures' => $list(self::object(['file' => $text, 'caption' => $text, 'about' => $text, 'width' => ['type' => 'integer'], 'height' => ['type' => 'integer'], 'by' => $text, 'at' => $text], ['file'])),
            'words' => $list(self::object(['what' => ['enum' => ['picks', 'asks', 'approves']], 'arrangement' => $text, 'words' => $text, 'by' => $text, 'at' => $text], ['what', 'by', 'at'])),
            'seen' => ['type' => 'object', 'additionalProperties' => ['const' => true]],
            'ticks' => ['type' => 'object', 'additionalProperties' => ['const' => true]],
            'closed' => ['anyOf' => [['type' => 'null'], self::object(['how' => ['enum' => ['delivered', 'abandoned']], 'reason' => $text, 'by' => $text, 'at' => $text], ['how'])]],
        ], ['version', 'decisions', ...ReadingFields::GROUPS, 'stations', 'overrides', 'pictures', 'words', 'seen', 'ticks', 'closed']);
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
            'type' => 'object', 'additionalProperties' => false, ...($required === [] ? [] : ['required' => $required]), 'properties' => $properties,
        ];
    }
}
