<?php

declare(strict_types=1);

namespace HotSprue\Fields;

/** The figures and lists that a workshop calls its own, by path. A field asks them for its default and its names. */
interface WorkshopFigures
{
    public function value(string $path): mixed;

    /** Whether the workshop set this figure itself. */
    public function isOwn(string $path): bool;

    /** @return list<string> the names in a list */
    public function names(string $path): array;

    /** @return list<array<string, mixed>> */
    public function rows(string $path): array;

    /** @return array<string, mixed> the row of that name */
    public function row(string $path, string $name): array;
}
