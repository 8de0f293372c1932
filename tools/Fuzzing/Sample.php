<?php

declare(strict_types=1);

namespace Tools\Fuzzing;

use Random\Randomizer;
use Tools\Contract\OpenApi;

/** Something that a schema of the contract accepts, drawn by dice. */
final class Sample
{
    private const WORDS = [
        'US 7', 'UK O½', '17.3 mm diameter', '4', '4 mm', '16 ga', '1/8 in', '2 dwt', '900 F', '1.5 %', '60 min',
        'sterling-925', '18k-yellow', 'silver-hard', 'round', 'oval', 'half-round', 'court', 'diamond', 'emerald',
        'chip', 'shank', 'bezel', 'form.width_top', 'brief.finger', 'stones.0.width', 'joints.0.parts',
        'attempts.0.wax_mass', 'on', 'spin', 'flat', 'carved', 'signed', 'a word',
    ];

    /** @var array<string, mixed> */
    private array $schemas;

    public function __construct(private readonly Randomizer $dice)
    {
        $this->schemas = OpenApi::document()['components']['schemas'];
    }

    /** @param array<string, mixed>|bool $schema */
    public function of(array|bool $schema, int $depth = 0): mixed
    {
        if (is_bool($schema) || $depth > 6) {
            return $this->word();
        }
        foreach (['anyOf', 'oneOf'] as $any) {
            if (isset($schema[$any])) {
                return $this->of($this->pick($schema[$any]), $depth + 1);
            }
        }
        if (isset($schema['$ref'])) {
            return $this->of($this->schemas[basename((string) $schema['$ref'])], $depth + 1);
        }
        if (isset($schema['allOf'])) {
            return array_merge(
                ...array_map(fn (array $one): array => (array) $this->of($one, $depth + 1), $schema['allOf']),
            );
        }
        if (isset($schema['enum'])) {
            return $this->pick($schema['enum']);
        }

        return $this->typed($schema['const'] ?? null, $schema, $depth);
    }

    /** @param array<string, mixed> $schema */
    private function typed(mixed $const, array $schema, int $depth): mixed
    {
        $type = is_array($schema['type'] ?? null) ? $this->pick($schema['type']) : ($schema['type'] ?? null);

        return $const ?? match ($type) {
            'integer' => $this->dice->getInt(1, 12),
            'number' => $this->dice->getInt(1, 400) / $this->pick([1, 10, 100]),
            'boolean' => $this->dice->getInt(0, 1) === 1,
            'null' => null,
            'array' => array_map(
                fn (): mixed => $this->of($schema['items'] ?? true, $depth + 1), range(1, $this->dice->getInt(1, 3)),
            ),
            'object' => $this->object($schema, $depth),
            default => $this->word(),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function object(array $schema, int $depth): array
    {
        $made = [];
        foreach ($schema['properties'] ?? [] as $name => $of) {
            if (in_array($name, $schema['required'] ?? [], true) || $this->dice->getInt(0, 2) === 0) {
                $made[$name] = $this->of($of, $depth + 1);
            }
        }

        return $made;
    }

    public function word(): string
    {
        return $this->pick(self::WORDS);
    }

    /** @param array<array-key, mixed> $among */
    public function pick(array $among): mixed
    {
        $among = array_values($among);

        return $among[$this->dice->getInt(0, count($among) - 1)];
    }
}
