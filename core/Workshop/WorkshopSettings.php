<?php

declare(strict_types=1);

namespace HotSprue\Workshop;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\WorkshopFigures;
use HotSprue\Measures\NotUnderstood;
use LogicException;

/** The workshop's figures: what ships, with the workshop's own laid over it. */
final class WorkshopSettings implements WorkshopFigures
{
    private static ?self $shipped = null;

    /** @var array<string, array<string, array<string, mixed>>> rows of each list by name */
    private array $byName = [];

    /** @var array<string, list<string>> */
    private array $names = [];

    /**
     * @param  array<string, mixed>  $figures  by path, in core units; what is not here ships
     * @param  list<string>|null  $ownPaths  which of them are the workshop's own; all unless said
     */
    private function __construct(private readonly array $figures, private readonly ?array $ownPaths = null) {}

    /**
     * Rules as they were once kept, shipped figures included, already checked.
     *
     * @param  array<string, mixed>  $figures
     * @param  list<string>  $ownPaths
     */
    public static function kept(array $figures, array $ownPaths): self
    {
        return new self($figures, $ownPaths);
    }

    public static function shipped(): self
    {
        return self::$shipped ??= new self([]);
    }

    /**
     * @param  array<array-key, mixed>  $raw  own figures by path, as typed or in core units
     *
     * @throws BadInput
     */
    public static function with(array $raw): self
    {
        $own = $errors = [];
        foreach ($raw as $path => $value) {
            $field = WorkshopFields::all()[$path] ?? null;
            try {
                if ($field === null) {
                    throw new NotUnderstood('The workshop keeps no such figure.');
                }
                $own[(string) $path] = self::checked((string) $path, $field->read($value, self::shipped()));
            } catch (NotUnderstood $not) {
                $errors["rules.{$path}"][] = $not->getMessage();
            }
        }

        return $errors === [] ? new self($own) : throw BadInput::fields($errors);
    }

    /** @throws NotUnderstood when a list has no rows, or two of one name */
    private static function checked(string $path, mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        if ($value === []) {
            throw new NotUnderstood('The list is empty; at least one row is accepted.');
        }
        $names = array_column($value, 'name');
        if (count($names) !== count(array_unique($names))) {
            throw new NotUnderstood('Two rows have one name; names that differ are accepted.');
        }
        if (str_starts_with($path, 'stock.')
            && array_filter($names, static fn (mixed $name): bool => $name === '') !== []) {
            throw new NotUnderstood('A row has no name.');
        }

        return $value;
    }

    /** The same for the same figures. */
    public function fingerprint(): string
    {
        return hash('xxh128', serialize($this->figures));
    }

    /** Whether the workshop set this figure itself. */
    public function isOwn(string $path): bool
    {
        return array_key_exists($path, $this->figures)
            && ($this->ownPaths === null || in_array($path, $this->ownPaths, true));
    }

    public function value(string $path): mixed
    {
        return $this->figures[$path]
            ?? (WorkshopFields::all()[$path] ?? throw new LogicException("No rule {$path}"))->default;
    }

    public function num(string $path): float
    {
        $value = $this->value($path);

        return is_int($value) || is_float($value) ? (float) $value : throw new LogicException("{$path} is no number");
    }

    public function text(string $path): string
    {
        $value = $this->value($path);

        return is_string($value) ? $value : throw new LogicException("{$path} is no text");
    }

    /** @return list<array<string, mixed>> */
    public function rows(string $path): array
    {
        $value = $this->value($path);

        return is_array($value) ? array_values($value) : throw new LogicException("{$path} is no list");
    }

    /** @return list<string> the names in a list */
    public function names(string $path): array
    {
        return $this->names[$path] ??= array_map(strval(...), array_keys($this->named($path)));
    }

    /** @return array<string, mixed> */
    public function row(string $path, string $name): array
    {
        return $this->named($path)[$name] ?? throw new LogicException("{$name} is not in {$path}");
    }

    /** @return array<string, mixed> the workshop's own figures by path */
    public function own(): array
    {
        return $this->ownPaths === null ? $this->figures : array_intersect_key(
            $this->figures, array_flip($this->ownPaths),
        );
    }

    /** @return array<string, array<string, mixed>> */
    private function named(string $path): array
    {
        return $this->byName[$path] ??= array_column($this->rows($path), null, 'name');
    }
}
