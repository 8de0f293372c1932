<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** One setting of the piece: the stone or the group of stones that it holds, how, and how it is made. Pure. */
final class SettingRow
{
    private ?int $count = null;

    public const STYLES = ['bezel', 'tube', 'claws', 'shared-claws', 'bead', 'shared', 'flush', 'channel'];

    /** Settings that are cut into the band itself. */
    public const IN_BAND = ['flush', 'bead', 'shared', 'channel'];

    public const HOLDS = ['one', 'halo', 'cluster', 'row', 'scatter'];

    public const MADE = ['cast', 'apart', 'carved', 'bought'];

    /** @param array<string, mixed> $row */
    private function __construct(
        private readonly JobAnswers $job, public readonly ?int $index, private readonly array $row,
    ) {}

    /** The one in hand; an empty one where the piece has none. */
    public static function of(JobAnswers $job): self
    {
        $index = $job->inHand('settings');

        return new self($job, $index, $index === null ? [] : $job->document->list('settings')[$index]);
    }

    public function key(): string
    {
        return is_string($this->row[Rows::KEY] ?? null) ? $this->row[Rows::KEY] : '';
    }

    public function text(string $name): ?string
    {
        $value = $this->row[$name]['value'] ?? null;

        return is_string($value) ? $value : null;
    }

    public function style(): ?string
    {
        return $this->text('style');
    }

    public function holds(): string
    {
        return $this->text('holds') ?? 'one';
    }

    /** How it is made: as said, else as such a setting is made on such a job. */
    public function made(): string
    {
        $style = $this->style();

        return $this->text('made') ?? match (true) {
            in_array($style, self::IN_BAND, true) => 'carved',
            $style === 'tube', Kind::of($this->job->document) === Kind::Fabricated => 'apart',
            default => 'cast',
        };
    }

    /** What it is called: by its own name, its stone's, or its place in the list. */
    public function name(): string
    {
        $stone = $this->job->once('held', static fn (JobAnswers $job): array => self::heldBy($job->document))[
            $this->index ?? -1
        ] ?? null;
        $named = $stone === null ? null : ($this->job->document->list('stones')[$stone]['name']['value'] ?? null);

        return $this->text('name') ?? (is_string($named) ? $named : sprintf('setting %d', 1 + ($this->index ?? 0)));
    }

    /** The key of its main stone. */
    public function stone(): ?string
    {
        $at = $this->stones()[0] ?? null;

        return $at === null ? null : (string) $this->job->document->list('stones')[$at][Rows::KEY];
    }

    /** How many stones it holds: as laid out, else as many as there are. */
    public function count(): int
    {
        return $this->count ??= $this->counted();
    }

    private function counted(): int
    {
        $laidOut = match ($this->holds()) {
            'halo' => $this->job->value('layout.halo', 'count'),
            'cluster' => $this->job->value('layout.cluster', 'count'),
            'row' => $this->row['count']['value'] ?? null,
            default => null,
        };
        $stones = $this->job->document->list('stones');
        $counted = array_sum(
            array_map(static fn (int $at): int => (int) ($stones[$at]['count']['value'] ?? 1), $this->stones()),
        );
        $count = $laidOut ?? $this->row['count']['value'] ?? $counted;

        return is_numeric($count) ? max(1, (int) $count) : 1;
    }

    /** The job with the setting beside which this one sits in hand; null where it stands by itself. */
    public function beside(): ?JobAnswers
    {
        $key = $this->text('beside');
        if ($key === null && in_array($this->holds(), ['halo', 'cluster'], true)) {
            // A ring of stones goes round the first that stands alone.
            foreach ($this->job->document->list('settings') as $row) {
                if (($row['holds']['value'] ?? 'one') === 'one') {
                    return $this->job->ofRow('settings', (string) $row[Rows::KEY]);
                }
            }
        }

        return $key === null || $key === $this->key() ? null : $this->job->ofRow('settings', $key);
    }

    /**
     * The stones that it holds, the first of them its main one.
     *
     * @return list<int>
     */
    public function stones(): array
    {
        $main = $this->job->inHand('stones');
        $rows = $this->job->document->rows('stones');
        $also = array_map(
            static fn (mixed $key): ?int => is_string($key) ? $rows->indexOf($key) : null,
            (array) ($this->row['also']['value'] ?? []),
        );
        $all = [$main, ...$also];

        return array_values(array_unique(array_filter($all, static fn (?int $at): bool => $at !== null)));
    }

    /** Carats of all its stones: those there are, or as many of the kind as it lays out; null where nobody knows. */
    public function carats(): ?float
    {
        $carats = null;
        foreach ($this->stones() as $at) {
            $stone = $this->job->ofRow('stones', (string) $this->job->document->list('stones')[$at][Rows::KEY]);
            $all = $stone?->value('stone.weight', 'carats');
            if (! is_numeric($all)) {
                continue;
            }
            $each = $stone?->value('stone.weight', 'carats_each');
            $isAlone = count($this->stones()) === 1 && $stone?->value('stone.weight', 'how') !== 'weighed';
            $carats += $isAlone && is_numeric($each) ? (float) $each * $this->count() : (float) $all;
        }

        return $carats;
    }

    /**
     * Which stone each setting holds: the one it names; of those that name none, the first takes the first stone that
     * nobody names, and so on.
     *
     * @return array<int, int> index of the stone by index of the setting
     */
    public static function heldBy(Document $document): array
    {
        $stones = $document->rows('stones');
        $held = [];
        foreach ($document->list('settings') as $index => $row) {
            $named = $row['stone']['value'] ?? null;
            $at = is_string($named) ? $stones->indexOf($named) : null;
            $at === null ?: $held[$index] = $at;
        }
        $also = array_merge(...array_map(
            static fn (array $row): array => (array) ($row['also']['value'] ?? []), $document->list('settings'),
        ));
        $taken = array_map(static fn (mixed $key): ?int => is_string($key) ? $stones->indexOf($key) : null, $also);
        $free = array_values(array_diff(array_keys($document->list('stones')), $held, $taken));
        foreach ($document->list('settings') as $index => $row) {
            if (! isset($held[$index]) && ! isset($row['stone']) && $free !== []) {
                $held[$index] = array_shift($free);
            }
        }

        return $held;
    }
}
