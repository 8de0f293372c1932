<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Measures\NotUnderstood;
use HotSprue\Rules\Rules;
use HotSprue\Sheet\BadInput;
use HotSprue\Sheet\Field;

/** Reads a job document from outside, saying of every path what could not be taken. */
final class DocumentReader
{
    /** @var array<string, list<string>> */
    private array $errors = [];

    public function __construct(private readonly Rules $rules) {}

    /**
     * @param  array<array-key, mixed>  $data
     * @param  array<string, mixed>  $blank
     * @return array<string, mixed>
     *
     * @throws BadInput
     */
    public function read(array $data, array $blank): array
    {
        foreach (array_diff_key($data, $blank) as $key => $_) {
            $this->errors[(string) $key][] = 'A job document has no such part.';
        }
        $read = $blank;
        $read['decisions'] = $this->entries('', $this->object($data, 'decisions'), DecisionFields::all());
        foreach (ReadingFields::GROUPS as $group) {
            foreach ($this->rows($data, $group) as $index => $row) {
                $read[$group][] = $this->entries("{$group}.{$index}.", $row, ReadingFields::of($group));
            }
        }
        foreach (['overrides' => ['use', 'code', 'about', 'value', 'reason', 'by', 'at'], 'pictures' => ['file', 'caption', 'about', 'width', 'height', 'by', 'at'], 'words' => ['what', 'arrangement', 'words', 'by', 'at']] as $list => $keys) {
            foreach ($this->rows($data, $list) as $index => $row) {
                $read[$list][] = $this->keyed("{$list}.{$index}", $row, $keys);
            }
        }
        foreach ($this->object($data, 'stations') as $name => $state) {
            if (Station::tryFrom((string) $name) === null || ! is_array($state)) {
                $this->errors["stations.{$name}"][] = 'There is no such station.';
            } else {
                $read['stations'][$name] = $this->keyed("stations.{$name}", $state, ['state', 'by', 'at', 'signed']);
            }
        }
        foreach (['seen', 'ticks'] as $map) {
            foreach ($this->object($data, $map) as $name => $seen) {
                $read[$map][(string) $name] = $seen === true ? true : $this->wrong("{$map}.{$name}", 'true is accepted.');
            }
        }
        $closed = $data['closed'] ?? null;
        $read['closed'] = is_array($closed) ? $this->keyed('closed', $closed, ['how', 'reason', 'by', 'at']) : null;

        return $this->errors === [] ? $read : throw BadInput::fields($this->errors);
    }

    /**
     * @param  array<array-key, mixed>  $entries
     * @param  array<string, Field>  $fields
     * @return array<string, mixed>
     */
    private function entries(string $prefix, array $entries, array $fields): array
    {
        $read = [];
        foreach ($entries as $name => $entry) {
            $field = $fields[$name] ?? null;
            if ($field === null) {
                $this->wrong("{$prefix}{$name}", 'A job holds no such figure.');
            } elseif (! is_array($entry) || ! array_key_exists('value', $entry) || ! is_string($entry['typed'] ?? null) || count($entry) !== 2) {
                $this->wrong("{$prefix}{$name}", 'A value and what was typed are accepted: {"value": …, "typed": "…"}.');
            } else {
                try {
                    $field->read($entry['value'], $this->rules);
                    $read[$name] = ['value' => $entry['value'], 'typed' => $entry['typed']];
                } catch (NotUnderstood $not) {
                    $read[$name] = $field->quantity === \HotSprue\Measures\Quantity::RingSize && is_numeric($entry['value'])
                        ? ['value' => $entry['value'], 'typed' => $entry['typed']]
                        : $this->wrong("{$prefix}{$name}", $not->getMessage());
                }
            }
        }

        return $read;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @param  list<string>  $keys
     * @return array<array-key, mixed>
     */
    private function keyed(string $path, array $row, array $keys): array
    {
        foreach (array_diff(array_keys($row), $keys) as $unknown) {
            $this->wrong("{$path}.{$unknown}", 'Not known here; '.implode(', ', $keys).' is accepted.');
        }

        return $row;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<array<array-key, mixed>>
     */
    private function rows(array $data, string $list): array
    {
        $rows = $data[$list] ?? [];
        if (! is_array($rows) || ! array_is_list($rows) || array_filter($rows, is_array(...)) !== $rows) {
            $this->wrong($list, 'A list of objects is accepted.');

            return [];
        }

        return $rows;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private function object(array $data, string $map): array
    {
        $entries = $data[$map] ?? [];

        return is_array($entries) ? $entries : (array) $this->wrong($map, 'An object is accepted.');
    }

    private function wrong(string $path, string $message): null
    {
        $this->errors[$path][] = $message;

        return null;
    }
}
