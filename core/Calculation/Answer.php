<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use Closure;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Workshop\WorkshopSettings;

/** What a sheet answers: results at full precision, their working, and its findings. */
final readonly class Answer
{
    /**
     * @param  array<string, array{value: mixed, unit: ?string}>  $results  a long list that few ask for is a Closure
     *   that makes it
     * @param  list<Working>  $working
     * @param  list<Finding>  $findings
     */
    public function __construct(
        public string $sheet,
        public array $results,
        public array $working,
        public array $findings,
    ) {}

    /**
     * The answer of a calculation to raw inputs.
     *
     * @param  array<array-key, mixed>  $raw
     *
     * @throws BadInput
     */
    public static function of(Calculation $calculation, array $raw, WorkshopSettings $settings): self
    {
        $fields = Description::of($calculation)->inputs;

        return $calculation->reckon(Input::read($fields, $raw, $settings), $settings);
    }

    public function value(string $result): mixed
    {
        $value = $this->results[$result]['value'] ?? null;

        return $value instanceof Closure ? $value() : $value;
    }

    public function isList(string $result): bool
    {
        $value = $this->results[$result]['value'] ?? null;

        return is_array($value) || $value instanceof Closure;
    }

    public function num(string $result): float
    {
        $value = $this->value($result);

        return is_numeric($value) ? (float) $value : NAN;
    }

    public function finding(string $code): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * @return array{sheet: string, results: object, working: list<array<string, mixed>>, findings: list<array<string,
     * mixed>>}
     */
    public function toArray(): array
    {
        return [
            'sheet' => $this->sheet,
            'results' => (object) array_map(static fn (array $result): array => [
                ...$result, 'value' => $result['value'] instanceof Closure ? $result['value']() : $result['value'],
            ], $this->results),
            'working' => array_map(static fn (Working $working): array => $working->toArray(), $this->working),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $this->findings),
        ];
    }
}
