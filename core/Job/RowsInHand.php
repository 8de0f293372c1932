<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** Which row of each group is meant: the setting in hand and its stone, the wax on the bench, the last casting. */
final readonly class RowsInHand
{
    /**
     * @param  array<string, ?int>  $rows  where others are meant than the job's own, by group
     * @param  array<int, int>  $held  which stone each setting holds
     */
    private function __construct(private Document $document, private array $rows, private array $held) {}

    /** With this setting in hand, by its key; the first unless said. */
    public static function of(Document $document, ?string $setting): self
    {
        $index = $setting === null ? null : $document->rows('settings')->indexOf($setting);

        return new self($document, $index === null ? [] : ['settings' => $index], SettingRow::heldBy($document));
    }

    /** With this row of a group in hand; a setting brings its stone. */
    public function with(string $group, int $index): self
    {
        $more = $group === 'settings' ? ['stones' => $this->held[$index] ?? null] : [];

        return new self($this->document, [...$this->rows, $group => $index, ...$more], $this->held);
    }

    /** The place of the row of a group that is meant; null where there is none. */
    public function at(string $group): ?int
    {
        if (array_key_exists($group, $this->rows)) {
            return $this->rows[$group];
        }

        return match ($group) {
            'settings' => $this->document->list('settings') === [] ? null : 0,
            'stones' => $this->held[$this->at('settings') ?? -1] ?? $this->document->centreStone(),
            'attempts' => $this->document->attemptInHand(),
            default => $this->document->castingInHand(),
        };
    }
}
