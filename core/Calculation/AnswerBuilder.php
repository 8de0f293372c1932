<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use Closure;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
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

    private function __construct(private readonly Description $calculation, private readonly Input $input) {}

    public static function of(Calculation $calculation, Input $input): self
    {
        return new self(Description::of($calculation), $input);
    }

    /** A number that was given before. */
    public function given(string $result): float
    {
        $value = $this->results[$result]['value'] ?? null;

        return is_float($value) || is_int($value) ? (float) $value : throw new LogicException(
            "{$result} was not given before",
        );
    }

    /** A result that needs no working. */
    public function give(string $result, mixed $value): self
    {
        $output = $this->calculation->result($result) ?? throw new LogicException(
            "{$this->calculation->name} declares no result {$result}",
        );
        if (is_float($value) && ! is_finite($value)) {
            throw BadInput::notFinite($result);
        }
        $this->results[$result] = [
            'value' => $value,
            'unit' => is_array($value) || is_string($value) || $value instanceof Closure
                ? null : $output->quantity->unit(),
        ];

        return $this;
    }

    /**
     * A long list that few ask for: made when somebody does.
     *
     * @param  Closure(): list<mixed>  $make
     */
    public function giveLater(string $result, Closure $make): self
    {
        return $this->give($result, $make);
    }

    /**
     * A result with how it was come by. `$uses` names the inputs it rests on; the source is the calculation's own
     * unless said.
     *
     * @param  list<string>  $uses
     */
    public function work(
        string $result,
        float|string $value,
        Formula $formula,
        array $uses,
        string $because,
        ?string $source = null,
    ): self {
        $this->give($result, $value);
        $source ??= $this->calculation->source;
        $this->working[] = new Working($result, $formula, $because, $source, $uses, $this->input);

        return $this;
    }

    /** @param array<string, float|int|string|bool> $set */
    public function find(
        Level $level, string $code, string $about, string $message, string $remedy, array $set = [],
    ): self
    {
        if (! isset($this->calculation->findings[$code])) {
            throw new LogicException("{$this->calculation->name} declares no finding {$code}");
        }
        $this->findings[] = new Finding($level, $code, $about, $message, $remedy, $set);

        return $this;
    }

    public function answer(): Answer
    {
        return new Answer($this->calculation->name, $this->results, $this->working, $this->findings);
    }
}
