<?php

declare(strict_types=1);

namespace HotSprue\Fields;

use HotSprue\Measures\NotUnderstood;
use LogicException;

/** A sheet's inputs, read and checked, each with where it came from. */
final readonly class Input
{
    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, Origin>  $origins
     */
    private function __construct(private array $values, private array $origins) {}

    /**
     * @param  array<array-key, Field>  $fields  a list of them, or by name
     * @param  array<array-key, mixed>  $raw
     * @param  array<string, Origin>  $origins  of what is given; typed where not said
     *
     * @throws BadInput naming every field that is wrong, missing or unknown
     */
    public static function read(array $fields, array $raw, WorkshopFigures $settings, array $origins = []): self
    {
        $values = $found = $errors = [];
        $known = array_is_list($fields) ? array_column($fields, null, 'name') : $fields;
        foreach (array_diff_key($raw, $known) as $name => $_) {
            $errors[(string) $name][] = sprintf(
                'Not an input here; %s is accepted.', implode(', ', array_keys($known)),
            );
        }
        foreach ($known as $name => $field) {
            $given = $raw[$name] ?? null;
            if ($given === null && (! $field->required || ! array_key_exists($name, $raw))) {
                if ($field->setting === null) {
                    $values[$name] = $field->default;
                    $found[$name] = Origin::Default;
                } else {
                    $values[$name] = $settings->value($field->setting);
                    $found[$name] = $settings->isOwn($field->setting) ? Origin::Shop : Origin::Default;
                }
                if ($field->required) {
                    $errors[$name][] = sprintf('Missing; %s is accepted.', $field->quantity->accepts());
                }

                continue;
            }
            try {
                $values[$name] = $field->read($given, $settings);
                $found[$name] = $origins[$name] ?? Origin::Typed;
            } catch (NotUnderstood $not) {
                $errors[$name][] = $not->getMessage();
            }
        }
        if ($errors !== []) {
            throw BadInput::fields($errors);
        }

        return new self($values, $found);
    }

    /** Whether it was given, or has a default. */
    public function has(string $name): bool
    {
        return $this->at($name) !== null;
    }

    public function isGiven(string $name): bool
    {
        return $this->has($name) && ! in_array($this->origin($name), [Origin::Default, Origin::Shop], true);
    }

    public function num(string $name): float
    {
        $value = $this->at($name);

        return is_int($value) || is_float($value) ? (float) $value : throw new LogicException("{$name} is no number");
    }

    public function numOr(string $name, float $otherwise): float
    {
        return $this->has($name) ? $this->num($name) : $otherwise;
    }

    public function text(string $name): string
    {
        $value = $this->at($name);

        return is_string($value) ? $value : throw new LogicException("{$name} is no text");
    }

    public function textOrNull(string $name): ?string
    {
        return $this->has($name) ? $this->text($name) : null;
    }

    public function flag(string $name): bool
    {
        return $this->at($name) === true;
    }

    /** @return list<float> */
    public function nums(string $name): array
    {
        $value = $this->at($name);

        return is_array($value) ? array_map(
            floatval(...), array_values($value),
        ) : throw new LogicException("{$name} is no list");
    }

    /** @return array<string, float> */
    public function shares(string $name): array
    {
        $value = $this->at($name);

        return is_array($value) ? array_map(floatval(...), $value) : throw new LogicException(
            "{$name} is no list of shares",
        );
    }

    /** @return list<string> */
    public function texts(string $name): array
    {
        $value = $this->at($name);

        return is_array($value) ? array_values(
            array_filter($value, is_string(...)),
        ) : throw new LogicException("{$name} is no list");
    }

    /** @return list<array<string, mixed>> */
    public function rows(string $name): array
    {
        $value = $this->at($name);

        return is_array($value) ? array_values($value) : [];
    }

    public function origin(string $name): Origin
    {
        return $this->origins[$name] ?? throw new LogicException("{$name} is not an input here");
    }

    /**
     * @param  list<string>  $names
     * @return array<string, Origin>
     */
    public function origins(array $names): array
    {
        $origins = [];
        foreach ($names as $name) {
            $origins[$name] = $this->origins[$name] ?? throw new LogicException("{$name} is not an input here");
        }

        return $origins;
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return $this->values;
    }

    private function at(string $name): mixed
    {
        return $this->values[$name] ?? (array_key_exists($name, $this->values)
            ? null : throw new LogicException("{$name} is not an input here"));
    }
}
