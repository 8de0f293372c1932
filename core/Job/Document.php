<?php

declare(strict_types=1);

namespace HotSprue\Job;

use DateTimeZone;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Field;
use HotSprue\Measures\Moment;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Workshop\WorkshopSettings;

/**
 * What a job holds: decisions, readings, and what was said of them. Never a computed figure.
 * Paths: a decision's own (`form.width_top`), a figure of a row by its key (`attempts.k3f2.bore`, `settings.0.wall`), a
 * whole row
 * (`overrides.k3f2`, `pictures.k3f2`, `words.k3f2`: the client's), `stations.wax`, `seen.pour`, `ticks.grid-centre`,
 * `gone.stones-k3f2` (a row that was taken out), `closed`.
 *
 * @phpstan-type Entry array{value: mixed, typed: string}
 */
final readonly class Document
{
    public const VERSION = 5;

    private const MAPS = ['decisions', 'stations', 'seen', 'ticks', 'gone'];

    public const LISTS = [
        'stones', 'settings', 'cuts', 'attempts', 'castings', 'parts', 'joints', 'overrides', 'pictures', 'words',
    ];

    /** @param array<string, mixed> $data */
    private function __construct(private array $data) {}

    public static function blank(): self
    {
        return new self(
            [
                'version' => self::VERSION, 'decisions' => [], 'stones' => [], 'settings' => [], 'cuts' => [],
                'attempts' => [], 'castings' => [], 'parts' => [], 'joints' => [], 'stations' => [], 'overrides' => [],
                'pictures' => [],
                'words' => [], 'seen' => [], 'ticks' => [], 'gone' => [], 'closed' => null,
            ],
        );
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
    public static function imported(array $data, WorkshopSettings $settings): self
    {
        $version = $data['version'] ?? null;
        if (! is_int($version) || $version < 1) {
            throw BadInput::field(
                'version', sprintf('The document carries no version; 1 to %d is accepted.', self::VERSION),
            );
        }
        if ($version > self::VERSION) {
            throw BadInput::field(
                'version',
                sprintf(
                    'Written by a later Hot Sprue (version %d); up to version %d is accepted.', $version, self::VERSION,
                ),
            );
        }

        return new self((new DocumentReader($settings))->read(Upgrade::toPresent($data), self::blank()->data));
    }

    /** @return array<string, mixed> maps as objects, for JSON */
    public function toArray(): array
    {
        $data = $this->data;
        foreach (self::MAPS as $map) {
            $data[$map] = (object) $this->map($map);
        }
        // Copies of figures are maps too, also where there were none to copy.
        $figures = static fn (mixed $copy): object => (object) array_map(
            static fn (mixed $results): object => (object) $results, is_array($copy) ? $copy : [],
        );
        foreach ($this->map('stations') as $station => $state) {
            if (is_array($state) && isset($state['signed'])) {
                $data['stations']->{$station} = [...$state, 'signed' => $figures($state['signed'])];
            }
        }
        $data['words'] = array_map(
            static fn (array $word): array => isset($word['figures']) ? [
                ...$word, 'figures' => $figures($word['figures']),
            ] : $word,
            $this->list('words'),
        );

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

    public function rows(string $name): Rows
    {
        return Rows::of($this->list($name));
    }

    /** The key that a row added to this list now may have, where the screen has not named one. */
    public function nextKey(string $list): string
    {
        $gone = array_filter(
            array_keys($this->map('gone')),
            static fn (int|string $key): bool => str_starts_with((string) $key, "{$list}-"),
        );

        return $this->rows($list)->nextKey(
            ...array_values(
                array_map(static fn (int|string $key): string => substr((string) $key, strlen($list) + 1), $gone),
            ),
        );
    }

    /** The path of one figure of the row that stands there; of the row that would be added where none does. */
    public function rowPath(string $list, ?int $index, string $name): string
    {
        return sprintf(
            '%s.%s.%s', $list, $index === null ? $this->nextKey($list) : $this->list($list)[$index][Rows::KEY], $name,
        );
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
            if ($verdict === 'passed'
                || ($verdict !== 'left'
                    && ($inHand === null
                        || ($this->list('attempts')[$inHand]['verdict']['value'] ?? null) !== 'passed'))) {
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
            $row = $this->rows($parts[0])->at($parts[1] ?? '');

            return isset($parts[2]) ? ($row[$parts[2]] ?? null) : $row;
        }
        if (in_array($parts[0], self::MAPS, true)) {
            return $this->map($parts[0])[$parts[1] ?? ''] ?? null;
        }

        return $this->entry($path);
    }

    /**
     * Changes as typed by a person: decisions and readings, each read in the core's unit, hours by that zone's clocks.
     *
     * @param  list<Change>  $changes
     * @return list<Change> the same with what is stored
     *
     * @throws BadInput
     */
    public static function understood(array $changes, WorkshopSettings $settings, ?DateTimeZone $zone = null): array
    {
        $understood = $errors = [];
        foreach ($changes as $change) {
            try {
                $understood[] = new Change(
                    $change->path, $change->from, self::entryFor($change->path, $change->to, $settings, $zone),
                );
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
    private static function entryFor(
        string $path, mixed $typed, WorkshopSettings $settings, ?DateTimeZone $zone,
    ): array|true|null
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
        $given = $field->quantity === Quantity::YesNo && is_string($typed) ? filter_var(
            $typed, FILTER_VALIDATE_BOOL, FILTER_NULL_ON_FAILURE,
        ) ?? $typed : $typed;

        $value = $field->read($given, $settings);
        if ($zone !== null && $field->quantity === Quantity::Moment && is_string($value)) {
            $value = Moment::inZone($value, $zone);
        }

        return ['value' => $value, 'typed' => is_string($typed) ? trim($typed) : (string) json_encode($typed)];
    }

    /** The field that a path of a decision or a reading stands for. */
    public static function field(string $path): ?Field
    {
        if (preg_match('/^([a-z]+)\.[a-z0-9]{1,12}\.([a-z_]+)$/', $path, $found) === 1
            && in_array($found[1], ReadingFields::GROUPS, true)) {
            return ReadingFields::of($found[1])[$found[2]] ?? null;
        }

        return DecisionFields::all()[$path] ?? null;
    }

    /**
     * The same changes as they are to be kept: one for each path, and a row made before its first figure.
     *
     * @param  list<Change>  $changes
     * @return list<Change>
     *
     * @throws BadInput when a row is meant that has been taken out
     */
    public function prepared(array $changes): array
    {
        $prepared = [];
        foreach ($changes as $change) {
            $parts = explode('.', $change->path);
            if (isset($parts[2]) && self::isRow($parts)) {
                $row = "{$parts[0]}.{$parts[1]}";
                if (isset($this->map('gone')[self::goneKey($parts)])) {
                    throw BadInput::field($change->path, 'This row has been taken out meanwhile.');
                }
                if ($this->at($row) === null && ! isset($prepared[$row])) {
                    $prepared[$row] = new Change(
                        $row, null, [Rows::KEY => $parts[1]],
                        count($this->list($parts[0])) + count(self::made($prepared, $parts[0])),
                    );
                }
            }
            // Said twice in one list, the last is meant.
            $prepared[$change->path] = isset($prepared[$change->path]) ? new Change(
                $change->path, $prepared[$change->path]->from, $change->to, $change->stands,
            ) : $change;
        }

        return array_values($prepared);
    }

    /**
     * @param  array<string, Change>  $prepared
     * @return array<string, Change> rows of a list that these changes make
     */
    private static function made(array $prepared, string $list): array
    {
        return array_filter(
            $prepared,
            static fn (Change $change): bool => $change->from === null && preg_match(
                "/^{$list}\\.[a-z0-9]+$/", $change->path,
            ) === 1,
        );
    }

    /**
     * The document with these changes made, one after another; refused where a path's present value is not `from`.
     *
     * @param  list<Change>  $changes
     * @param  bool  $exactly  whether a value that is `to` already is refused too
     *
     * @throws Conflict
     * @throws BadInput when a row is meant that has been taken out
     */
    public function with(array $changes, bool $exactly = false): self
    {
        $document = $this;
        $clashes = [];
        foreach ($this->prepared($changes) as $change) {
            $present = $document->at($change->path);
            if (! Change::same($present, $change->from) && ($exactly || ! Change::same($present, $change->to))) {
                $clashes[] = [...$change->toArray(), 'present' => $present];
            } else {
                $document = $document->put($change);
            }
        }

        return $clashes === [] ? $document : throw new Conflict($clashes);
    }

    /**
     * Whether a path is of a row of a list: `stones.0.width` is, `stones.setting` is a decision.
     *
     * @param  list<string>  $parts
     */
    private static function isRow(array $parts): bool
    {
        return in_array($parts[0], self::LISTS, true) && isset($parts[1]) && Rows::isKey($parts[1])
            && (isset($parts[2]) || ! isset(DecisionFields::all()["{$parts[0]}.{$parts[1]}"]));
    }

    /** @param list<string> $parts */
    private static function goneKey(array $parts): string
    {
        return "{$parts[0]}-{$parts[1]}";
    }

    private function put(Change $change): self
    {
        $data = $this->data;
        $parts = explode('.', $change->path);
        if ($change->path === 'closed') {
            $data['closed'] = $change->to;
        } elseif (self::isRow($parts)) {
            $data[$parts[0]] = $this->putRow($parts, $change)->all();
            if (! isset($parts[2])) {
                $data['gone'] = self::entered(
                    $this->map('gone'), self::goneKey($parts), $change->to === null ? true : null,
                );
            }
        } else {
            [$map, $key] = in_array(
                $parts[0], self::MAPS, true,
            ) ? [$parts[0], $parts[1] ?? ''] : ['decisions', $change->path];
            $data[$map] = self::entered($this->map($map), $key, $change->to);
        }

        return new self($data);
    }

    /**
     * @param  array<string, mixed>  $entries
     * @return array<string, mixed>
     */
    private static function entered(array $entries, string $key, mixed $value): array
    {
        $entries[$key] = $value;
        if ($value === null) {
            unset($entries[$key]);
        }
        ksort($entries);

        return $entries;
    }

    /** @param list<string> $parts */
    private function putRow(array $parts, Change $change): Rows
    {
        $rows = $this->rows($parts[0]);
        if (isset($parts[2])) {
            return $rows->with($parts[1], self::entered($rows->at($parts[1]) ?? [], $parts[2], $change->to));
        }

        return is_array($change->to) ? $rows->with($parts[1], $change->to, $change->stands) : $rows->without($parts[1]);
    }
}
