<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

/**
 * How a figure is come by, written once with its numbers named: `2 × π × {radius}`. The line in words and the line
 * with numbers are both made of it, when somebody opens the working.
 */
final readonly class Formula
{
    /** How a formula is written for people. */
    private const SPOKEN = [
        '{' => '', '}' => '', ' ^ 2' => '²', ' ^ 3' => '³', ' ^ 4' => '⁴', '2 × π' => '2π',
        'max(' => 'larger of (', 'min(' => 'smaller of (', 'ceil(' => 'rounded up (',
    ];

    /** @param array<string, float|int> $numbers by their names in the text */
    private function __construct(private string $text, private array $numbers, private ?string $line = null) {}

    /** @param array<string, float|int> $numbers by their names in the text */
    public static function of(string $text, array $numbers): self
    {
        return new self($text, $numbers);
    }

    /** A figure that was chosen or looked up, and is shown as it stands. */
    public static function taken(string $how, float|int $value): self
    {
        return new self("{{$how}}", [$how => $value]);
    }

    /** What is no sum: how it is decided, and what it was decided by here. */
    public static function said(string $how, string $by): self
    {
        return new self($how, [], $by);
    }

    /**
     * As many numbers, added up.
     *
     * @param  list<float|int>  $numbers
     */
    public static function sum(string $how, array $numbers): self
    {
        $names = array_map(static fn (int $at): string => "part {$at}", array_keys($numbers));
        $line = implode(' + ', array_map(static fn (string $name): string => "{{$name}}", $names));

        return new self($how, array_combine($names, $numbers), $line);
    }

    /** A sum that is better told than written: the words beside the line with its numbers. */
    public function told(string $how): self
    {
        return new self($how, $this->numbers, $this->text);
    }

    /**
     * As part of a longer one: `($this) ÷ (1 − {shrinkage})`.
     *
     * @param  array<string, float|int>  $numbers
     */
    public function within(string $before, string $after, array $numbers): self
    {
        return new self($before.$this->text.$after, [...$this->numbers, ...$numbers]);
    }

    public function words(): string
    {
        return strtr($this->text, self::SPOKEN);
    }

    public function line(): string
    {
        $shown = [];
        foreach ($this->numbers as $name => $number) {
            $shown["{{$name}}"] = Show::number((float) $number);
        }

        return strtr($this->line ?? $this->text, $shown);
    }
}
