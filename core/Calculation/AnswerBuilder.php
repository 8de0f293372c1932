<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Fields\Origin;
use LogicException;

/** Gathers an answer while a sheet reckons; only declared results and findings are taken. */
final class AnswerBuilder
{
    /** @var array<string, array{value: mixed, unit: ?string}> */
    private array $results = [];

    /** @var list<Working> */
    private array $working = [];

    /** @var list<Finding> */
    private array $findings = [];

    private function __construct(private readonly Description $sheet, private readonly Input $input) {}

    public static function of(Calculation $calculation, Input $input): self
    {
        return new self(Description::of($calculation), $input);
    }

    /** A number that was given before. */
    public function given(string $result): float
    {
        $value = $this->results[$result]['value'] ?? null;

        return is_float($value) || is_int($value) ? (float) $value : throw new LogicException("{$result} was not given before");
    }

    /** A result that needs no working. */
    public function give(string $result, mixed $value): self
    {
        $output = $this->sheet->result($result) ?? throw new LogicException("{$this->sheet->name} declares no result {$result}");
        if (is_float($value) && ! is_finite($value)) {
            throw BadInput::notFinite($result);
        }
        $this->results[$result] = ['value' => $value, 'unit' => is_array($value) || is_string($value) ? null : $output->quantity->unit()];

        return $this;
    }

    /**
     * A result with its working. `$with` has a `{}` for each of the numbers; `$uses` names the inputs.
     *
     * @param  list<float|int>  $numbers
     * @param  list<string>  $uses
     */
    public function work(string $result, float $value, string $formula, string $with, array $numbers, array $uses, string $because, string $source): self
    {
        $this->give($result, $value);
        $this->working[] = new Working($result, $formula, Show::with($with, $numbers), $because, $source, $this->used($uses));

        return $this;
    }

    /**
     * A result in words, with how it was come by.
     *
     * @param  list<string>  $uses
     */
    public function say(string $result, string $value, string $formula, string $with, array $uses, string $because, string $source): self
    {
        $this->give($result, $value);
        $this->working[] = new Working($result, $formula, $with, $because, $source, $this->used($uses));

        return $this;
    }

    /**
     * @param  list<string>  $uses
     * @return array<string, Origin>
     */
    private function used(array $uses): array
    {
        $used = [];
        foreach ($uses as $name) {
            $used[$name] = $this->input->origin($name);
        }

        return $used;
    }

    /** @param array<string, float|int|string|bool> $set */
    public function find(Level $level, string $code, string $about, string $message, string $remedy, array $set = []): self
    {
        if (! isset($this->sheet->findings[$code])) {
            throw new LogicException("{$this->sheet->name} declares no finding {$code}");
        }
        $this->findings[] = new Finding($level, $code, $about, $message, $remedy, $set);

        return $this;
    }

    public function answer(): Answer
    {
        return new Answer($this->sheet->name, $this->results, $this->working, $this->findings);
    }
}
