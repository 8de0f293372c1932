<?php

declare(strict_types=1);

namespace HotSprue\Job;

use DateTimeImmutable;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\PictureScale;
use HotSprue\Workshop\WorkshopSettings;

/**
 * Reads a job document from outside, a stranger until each of its parts is understood: every figure is read as if it
 * were typed, every row and text is held to its shape, and of every path it is said what could not be taken.
 */
final class DocumentReader
{
    private const LONGEST_TEXT = 10_000;

    private const MOST_ROWS = 500;

    private const PICTURE = '/^[0-9a-f]{40}\.(png|jpg|webp)$/';

    private const WHO = ['by' => 'text', 'at' => 'moment'];

    /** The parts of each list that is not of figures: what each is, and which may not be left out. */
    private const SHAPES = [
        'overrides' => [
            [
                'use' => 'name', 'code' => 'name', 'about' => 'name', 'value' => 'value', 'reason' => 'text',
                ...self::WHO,
            ],
            ['use', 'code', 'about', 'reason'],
        ],
        'pictures' => [
            [
                'file' => 'picture', 'caption' => 'text', 'about' => 'name', 'width' => 'count', 'height' => 'count',
                'scale' => 'scale', 'lines' => 'lines', ...self::WHO,
            ],
            ['file'],
        ],
        'words' => [
            [
                'what' => ['picks', 'asks', 'approves'], 'arrangement' => 'text', 'words' => 'text', 'look' => 'count',
                'figures' => 'figures', 'answered' => 'text', ...self::WHO,
            ],
            ['what', 'by', 'at'],
        ],
    ];

    private const STATION = [
        ['state' => ['signed', 'reopened', 'not-needed'], 'signed' => 'figures', ...self::WHO], ['state'],
    ];

    private const CLOSED = [['how' => ['delivered', 'abandoned'], 'reason' => 'text', ...self::WHO], ['how']];

    /** @var array<string, list<string>> */
    private array $errors = [];

    public function __construct(private readonly WorkshopSettings $settings) {}

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
            $this->wrong((string) $key, 'A job document has no such part.');
        }
        $read = $blank;
        $read['decisions'] = $this->entries('', $this->object($data, 'decisions'), DecisionFields::all());
        foreach (ReadingFields::GROUPS as $group) {
            $read[$group] = $this->rows(
                $data, $group,
                fn (string $path, array $row): array => $this->entries("{$path}.", $row, ReadingFields::of($group)),
            );
        }
        foreach (self::SHAPES as $list => $shape) {
            $read[$list] = $this->rows(
                $data, $list, fn (string $path, array $row): array => $this->shaped($path, $row, $shape),
            );
        }
        foreach ($this->object($data, 'stations') as $name => $state) {
            $known = Station::tryFrom((string) $name) !== null && is_array($state);
            $read['stations'][$name] = $known ? $this->shaped("stations.{$name}", $state, self::STATION) : $this->wrong(
                "stations.{$name}", 'There is no such station.',
            );
        }
        foreach ([
            'seen' => '/^[a-z]{1,20}$/', 'ticks' => '/^[a-z0-9-]{1,60}$/', 'gone' => '/^[a-z]{1,12}-[a-z0-9]{1,12}$/',
        ] as $map => $pattern) {
            foreach ($this->object($data, $map) as $name => $seen) {
                $fine = $seen === true && preg_match($pattern, (string) $name) === 1;
                $read[$map][(string) $name] = $fine ? true : $this->wrong(
                    "{$map}.{$name}", 'A short name with true is accepted.',
                );
            }
        }
        $closed = $data['closed'] ?? null;
        $read['closed'] = is_array($closed) ? $this->shaped(
            'closed', $closed, self::CLOSED,
        ) : ($closed === null ? null : $this->wrong('closed', 'How it was closed, or null, is accepted.'));

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
            } elseif (! is_array($entry) || ! array_key_exists('value', $entry) || ! is_string($entry['typed'] ?? null)
                || count($entry) !== 2) {
                $this->wrong(
                    "{$prefix}{$name}", 'A value and what was typed are accepted: {"value": …, "typed": "…"}.',
                );
            } else {
                $read[$name] = $this->entry("{$prefix}{$name}", $entry['value'], $entry['typed'], $field);
            }
        }

        return $read;
    }

    /** @return array{value: mixed, typed: string}|null */
    private function entry(string $path, mixed $value, string $typed, Field $field): ?array
    {
        try {
            $read = $field->read($value, $this->settings);
        } catch (NotUnderstood $not) {
            return $this->wrong($path, $not->getMessage());
        }
        if (mb_strlen($typed) > self::LONGEST_TEXT || ! $this->says($typed, $read, $field)) {
            return $this->wrong($path, 'What was typed says something else than its value.');
        }

        return ['value' => is_array($value) ? $read : $value, 'typed' => $typed];
    }

    /** Whether what was typed means this number; a text, a list or nothing typed cannot say otherwise. */
    private function says(string $typed, mixed $value, Field $field): bool
    {
        if (! is_numeric($value) || $typed === '' || ! $field->quantity->isNumeric()) {
            return true;
        }
        try {
            $meant = $field->read($typed, $this->settings);
        } catch (NotUnderstood) {
            return false;
        }

        return is_numeric($meant) && abs($meant - $value) <= 1e-6 * max(1.0, abs((float) $value));
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @param  array{array<string, string|list<string>>, list<string>}  $shape
     * @return array<array-key, mixed>
     */
    private function shaped(string $path, array $row, array $shape): array
    {
        [$parts, $needed] = $shape;
        foreach (array_diff($needed, array_keys($row)) as $missing) {
            $this->wrong("{$path}.{$missing}", 'This is missing.');
        }
        foreach ($row as $name => $value) {
            if (! isset($parts[$name])) {
                $this->wrong("{$path}.{$name}", 'Not known here; '.implode(', ', array_keys($parts)).' is accepted.');
            } elseif (! self::is($parts[$name], $value)) {
                $this->wrong(
                    "{$path}.{$name}",
                    is_array($parts[$name])
                        ? implode(', ', $parts[$name]).' is accepted.'
                        : 'This is not what stands here in a job file.',
                );
            }
        }

        return $row;
    }

    /** @param string|list<string> $kind */
    private static function is(string|array $kind, mixed $value): bool
    {
        return match (true) {
            is_array($kind) => in_array($value, $kind, true),
            $kind === 'text' => is_string($value) && mb_strlen($value) <= self::LONGEST_TEXT,
            $kind === 'name' => is_string($value) && preg_match('/^[a-z0-9._-]{1,80}$/', $value) === 1,
            $kind === 'moment' => is_string($value) && ($value === '' || self::isMoment($value)),
            $kind === 'picture' => is_string($value) && preg_match(self::PICTURE, $value) === 1,
            $kind === 'count' => is_int($value) && $value >= 0 && $value <= 1_000_000,
            $kind === 'scale' => PictureScale::isKnown($value),
            $kind === 'lines' => PictureScale::areLines($value),
            $kind === 'value' => self::isPlain($value)
                || (is_array($value) && count($value) <= 100 && array_filter($value, self::isPlain(...)) === $value),
            default => is_array($value) && self::isFigures($value),
        };
    }

    private static function isMoment(string $value): bool
    {
        return strlen($value) <= 40 && DateTimeImmutable::createFromFormat(DATE_ATOM, $value) !== false;
    }

    private static function isPlain(mixed $value): bool
    {
        return $value === null
            || is_bool($value) || is_int($value) || (is_float($value) && is_finite($value))
            || (is_string($value) && mb_strlen($value) <= 1_000);
    }

    /**
     * Answers as they were signed or approved: by station or use, then by result.
     *
     * @param array<array-key, mixed> $figures
     */
    private static function isFigures(array $figures): bool
    {
        foreach ($figures as $results) {
            if (! is_array($results)) {
                return false;
            }
            foreach ($results as $result) {
                if (! is_array($result) || array_diff(array_keys($result), ['value', 'unit']) !== []
                    || ! self::isPlain($result['value'] ?? null)
                    || ! in_array(gettype($result['unit'] ?? null), ['string', 'NULL'], true)) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  callable(string, array<array-key, mixed>): array<array-key, mixed>  $of
     * @return list<array<array-key, mixed>>
     */
    private function rows(array $data, string $list, callable $of): array
    {
        $rows = $data[$list] ?? [];
        if (! is_array($rows) || ! array_is_list($rows) || count($rows) > self::MOST_ROWS) {
            $this->wrong($list, sprintf('A list of up to %d objects is accepted.', self::MOST_ROWS));

            return [];
        }
        $read = [];
        foreach ($rows as $index => $row) {
            $key = is_array($row) ? ($row[Rows::KEY] ?? null) : null;
            if (! is_array($row) || ! is_string($key) || ! Rows::isKey($key) || isset($read[$key])) {
                $this->wrong(
                    "{$list}.{$index}", 'An object with a key of its own, of letters and digits, is accepted.',
                );

                continue;
            }
            $read[$key] = [...$of("{$list}.{$key}", array_diff_key($row, [Rows::KEY => 1])), Rows::KEY => $key];
            ksort($read[$key]);
        }

        return array_values($read);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<array-key, mixed>
     */
    private function object(array $data, string $map): array
    {
        $entries = $data[$map] ?? [];
        if (! is_array($entries) || count($entries) > 1_000) {
            $this->wrong($map, 'An object is accepted.');

            return [];
        }

        return $entries;
    }

    private function wrong(string $path, string $message): null
    {
        $this->errors[mb_substr($path, 0, 120)][] = $message;

        return null;
    }
}
