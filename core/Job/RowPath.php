<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** A path of a row, `pictures.k3f2`, or of a figure of one, `stones.0.width`; `stones.daily` is a decision. */
final readonly class RowPath
{
    private function __construct(public string $list, public string $key, public ?string $figure) {}

    /** Null where a path is of no row. */
    public static function of(string $path): ?self
    {
        [$list, $key, $figure] = [...explode('.', $path), null, null];

        return in_array($list, Document::LISTS, true) && $key !== null && Rows::isKey($key)
            && ($figure !== null || ! isset(DecisionFields::all()["{$list}.{$key}"]))
            ? new self((string) $list, $key, $figure) : null;
    }

    /** The path of the whole row. */
    public function row(): string
    {
        return "{$this->list}.{$this->key}";
    }

    /** What says that it was taken out. */
    public function whenGone(): string
    {
        return "{$this->list}-{$this->key}";
    }
}
