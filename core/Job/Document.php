<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Measures\NotUnderstood;
use HotSprue\Rules\Rules;
use HotSprue\Sheet\BadInput;
use HotSprue\Sheet\Field;

/**
 * What a job holds: decisions, readings, and what was said of them. Never a computed figure.
 * Paths: a decision's own (`form.width_top`), `attempts.0.bore`, `castings.0.note`, `joints.0.after`, `stations.wax`,
 * `overrides.0`, `pictures.0`, `words.0` (the client's), `seen.pour`, `ticks.grid-centre`, `closed`.
 *
 * @phpstan-type Entry array{value: mixed, typed: string}
 */
final readonly class Document
{
    public const VERSION = 3;

    private const MAPS = ['decisions', 'stations', 'seen', 'ticks'];

    private const LISTS = ['stones', 'cuts', 'attempts', 'castings', 'parts', 'joints', 'overrides', 'pictures', 'words'];

    /** @param array<string, mixed> $data */
    private function __construct(private array $data) {}

    public static function blank(): self
    {
        return new self(['version' => self::VERSION, 'decisions' => [], 'stones' => [], 'cuts' => [], 'attempts' => [], 'castings' => [], 'parts' => [], 'joints' => [], 'stations' => [], 'overrides' => [], 'pictures' => [], 'words' => [], 'seen' => [], 'ticks' => [], 'closed' => null]);
    }

    /**
     * A document as it was stored.
     *
     * @param array<string, mixed> $data
     */
    public static function stored(array $data): self
    {
        return new self(array_replace(self::blank()->data, Upgrade::toPresent($data)));
    }

    /**
     * A document from outside: every figure is read again and every unknown key is refused.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws BadInput naming each path that could not be taken
     */
    public static function imported(array $data, Rules $rules): self
    {
        $version = $data['version'] ?? null;
        if (! is_int($version) || $version < 1) {
            throw BadInput::field('version', sprintf('The document carries no version; 1 to %d is accepted.', self::VERSION));
        }
        if ($version > self::VERSION) {
            throw BadInput::field('version', sprintf('Written by a later Hot Sprue (version %d); up to version %d is accepted.', $version, self::VERSION));
        }

        return new self((new DocumentReader($rules))->read(Upgrade::toPresent($data), self::blank()->data));
    }

    /** @return array<string, mixed> maps as objects, for JSON */
    public function toArray(): array
    {
        $data = $this->data;
        foreach (self::MAPS as $map) {
            $data[$map] = (object) $this->map($map);
        }

        return $data;
    }

    /** @return Entry|null */
    public function entry(string $path): ?array
    {
        /** @var Entry|null */
        return $this->map('decisions')[$path] ?? null;
    }

    public function decision(string $path): mixed
    {
        return $this->entry($path)['value'] ?? null;
    }

    public function text(string $path): ?string
    {
        $value = $this->decision($path);

        return is_string($value) ? $value : null;
    }

    /** @return list<array<string, mixed>> */
    public function list(string $name): array
    {
        $list = $this->data[$name] ?? [];

        return is_array($list) ? array_values($list) : [];
    }

    /** @return array<string, mixed> */
    public function map(string $name): array
    {
        $map = $this->data[$name] ?? [];

        return is_array($map) ? $map : [];
    }

    /** @return array<string, mixed>|null how the job was closed */
    public function closed(): ?array
    {
        $closed = $this->data['closed'] ?? null;

        return is_array($closed) ? $closed : null;
    }

    /** Which wax is in hand: the one passed last, else the last not left. */
    public function attemptInHand(): ?int
    {
        $inHand = null;
        foreach ($this->list('attempts') as $index => $attempt) {
            $verdict = $attempt['verdict']['value'] ?? null;
            if ($verdict === 'passed' || ($verdict !== 'left' && ($inHand === null || ($this->list('attempts')[$inHand]['verdict']['value'] ?? null) !== 'passed'))) {
                $inHand = $index;
            }
        }

        return $inHand;
    }

    /** The stone in the middle: the first that is said to be the centre, else the first. */
    public function centreStone(): ?int
    {
        $stones = $this->list('stones');
        foreach ($stones as $index => $stone) {
            if (($stone['group']['value'] ?? null) === 'centre') {
                return $index;
            }
        }

        return $stones === [] ? null : 0;
    }

    public function castingInHand(): ?int
    {
        $count = count($this->list('castings'));

        return $count === 0 ? null : $count - 1;
    }

    /** Whether a path is the goldsmith’s to decide, not a reading off an instrument. */
    public static function isDecided(string $path): bool
    {
        return ! str_starts_with($path, 'attempts.') && ! str_starts_with($path, 'castings.');
    }

    /** What stands at a path now. */
    public function at(string $path): mixed
    {
        $parts = explode('.', $path);
        if ($path === 'closed') {
            return $this->closed();
        }
        if (self::isRow($parts)) {
            $row = $this->list($parts[0])[(int) ($parts[1] ?? -1)] ?? null;

            return isset($parts[2]) ? ($row[$parts[2]] ?? null) : $row;
        }
        if (in_array($parts[0], self::MAPS, true)) {
            return $this->map($parts[0])[$parts[1] ?? ''] ?? null;
        }

        return $this->entry($path);
    }

    /**
     * Changes as typed by a person: decisions and readings, each read in the core's unit.
     *
     * @param  list<Change>  $changes
     * @return list<Change> the same with what is stored
     *
     * @throws BadInput
     */
    public static function understood(array $changes, Rules $rules): array
    {
        $understood = $errors = [];
        foreach ($changes as $change) {
            try {
                $understood[] = new Change($change->path, $change->from, self::entryFor($change->path, $change->to, $rules));
            } catch (NotUnderstood $not) {
                $errors[$change->path][] = $not->getMessage();
            }
        }

        return $errors === [] ? $understood : throw BadInput::fields($errors);
    }

    /**
     * @return Entry|true|null
     *
     * @throws NotUnderstood
     */
    private static function entryFor(string $path, mixed $typed, Rules $rules): array|true|null
    {
        if (preg_match('/^(seen\.[a-z]+|ticks\.[a-z0-9-]{1,60})$/', $path) === 1) {
            return $typed === null ? null : true;
        }
        $field = self::field($path) ?? throw new NotUnderstood('A job holds no such figure.');
        if ($typed === null || $typed === '') {
            return null;
        }
        if (is_array($typed) && array_keys($typed) === ['value', 'typed']) {
            $typed = $typed['typed'] === '' ? $typed['value'] : $typed['typed'];
        }
        $given = $field->quantity === \HotSprue\Measures\Quantity::YesNo && is_string($typed) ? filter_var($typed, FILTER_VALIDATE_BOOL, FILTER_NULL_ON_FAILURE) ?? $typed : $typed;

        return ['value' => $field->read($given, $rules), 'typed' => is_string($typed) ? trim($typed) : (string) json_encode($typed)];
    }

    /** The field that a path of a decision or a reading stands for. */
    public static function field(string $path): ?Field
    {
        if (preg_match('/^([a-z]+)\.\d{1,3}\.([a-z_]+)$/', $path, $found) === 1 && in_array($found[1], ReadingFields::GROUPS, true)) {
            return ReadingFields::of($found[1])[$found[2]] ?? null;
        }

        return DecisionFields::all()[$path] ?? null;
    }

    /**
     * The document with these changes made; refused where a path's present value is not `from`.
     *
     * @param  list<Change>  $changes
     *
     * @throws Conflict
     * @throws BadInput when a row is added out of turn
     */
    public function with(array $changes): self
    {
        $clashes = [];
        foreach ($changes as $change) {
            $present = $this->at($change->path);
            if (! Change::same($present, $change->from) && ! Change::same($present, $change->to)) {
                $clashes[] = [...$change->toArray(), 'present' => $present];
            }
        }
        if ($clashes !== []) {
            throw new Conflict($clashes);
        }

        return array_reduce($changes, static fn (self $document, Change $change): self => $document->put($change->path, $change->to), $this);
    }

    /**
     * Whether a path is of a row of a list: `stones.0.width` is, `stones.setting` is a decision.
     *
     * @param  list<string>  $parts
     */
    private static function isRow(array $parts): bool
    {
        return in_array($parts[0], self::LISTS, true) && ctype_digit($parts[1] ?? '');
    }

    /** @throws BadInput */
    private function put(string $path, mixed $value): self
    {
        $data = $this->data;
        $parts = explode('.', $path);
        if ($path === 'closed') {
            $data['closed'] = $value;
        } elseif (self::isRow($parts)) {
            $data[$parts[0]] = $this->putRow($this->list($parts[0]), $path, $parts, $value);
        } else {
            [$map, $key] = in_array($parts[0], self::MAPS, true) ? [$parts[0], $parts[1] ?? ''] : ['decisions', $path];
            $entries = $this->map($map);
            $entries[$key] = $value;
            if ($value === null) {
                unset($entries[$key]);
            }
            ksort($entries);
            $data[$map] = $entries;
        }

        return new self($data);
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  list<string>  $parts
     * @return list<array<string, mixed>>
     *
     * @throws BadInput
     */
    private function putRow(array $rows, string $path, array $parts, mixed $value): array
    {
        $index = (int) ($parts[1] ?? -1);
        if ($index < 0 || $index > count($rows)) {
            throw BadInput::field($path, sprintf('Row %d comes before it; rows are added one after another.', count($rows)));
        }
        if (! isset($parts[2])) {
            if ($value === null && $index === count($rows) - 1) {
                array_pop($rows);
            } elseif (is_array($value)) {
                $rows[$index] = $value;
            }

            return array_values($rows);
        }
        $row = $rows[$index] ?? [];
        $row[$parts[2]] = $value;
        if ($value === null) {
            unset($row[$parts[2]]);
        }
        ksort($row);
        $rows[$index] = $row;
        while ($rows !== [] && end($rows) === []) {
            array_pop($rows);
        }

        return array_values($rows);
    }
}
