<?php

declare(strict_types=1);

namespace HotSprue\Job;

use HotSprue\Fields\BadInput;
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
        return new self((new DocumentReader($settings))->read(Upgrade::fromOutside($data), self::blank()->data));
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
        if ($path === 'closed') {
            return $this->closed();
        }
        $at = RowPath::of($path);
        if ($at !== null) {
            $row = $this->rows($at->list)->at($at->key);

            return $at->figure === null ? $row : ($row[$at->figure] ?? null);
        }
        [$map, $key] = self::entryOf($path);

        return $this->map($map)[$key] ?? null;
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
        foreach (PreparedChanges::of($this, $changes) as $change) {
            $present = $document->at($change->path);
            if (! Change::same($present, $change->from) && ($exactly || ! Change::same($present, $change->to))) {
                $clashes[] = [...$change->toArray(), 'present' => $present];
            } else {
                $document = $document->put($change);
            }
        }

        return $clashes === [] ? $document : throw new Conflict($clashes);
    }

    private function put(Change $change): self
    {
        $data = $this->data;
        $at = RowPath::of($change->path);
        if ($change->path === 'closed') {
            $data['closed'] = $change->to;
        } elseif ($at !== null) {
            $data[$at->list] = $this->putRow($at, $change)->all();
            if ($at->figure === null) {
                $isGone = $change->to === null ? true : null;
                $data['gone'] = self::entered($this->map('gone'), $at->whenGone(), $isGone);
            }
        } else {
            [$map, $key] = self::entryOf($change->path);
            $data[$map] = self::entered($this->map($map), $key, $change->to);
        }

        return new self($data);
    }

    /** @return array{string, string} the map that a path is of, and its key there */
    private static function entryOf(string $path): array
    {
        [$map, $key] = [...explode('.', $path), ''];

        return in_array($map, self::MAPS, true) ? [$map, $key] : ['decisions', $path];
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

    private function putRow(RowPath $at, Change $change): Rows
    {
        $rows = $this->rows($at->list);
        if ($at->figure !== null) {
            return $rows->with($at->key, self::entered($rows->at($at->key) ?? [], $at->figure, $change->to));
        }

        return is_array($change->to) ? $rows->with($at->key, $change->to, $change->stands) : $rows->without($at->key);
    }
}
