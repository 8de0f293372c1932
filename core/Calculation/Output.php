<?php

declare(strict_types=1);

namespace HotSprue\Calculation;

use HotSprue\Fields\Label;
use HotSprue\Measures\Quantity;

/** A result that a sheet can give: its name, quantity and meaning. */
final readonly class Output
{
    private function __construct(
        public string $name,
        public Quantity $quantity,
        public string $meaning,
        private ?string $called = null,
    ) {}

    /** What it is called, where its name says too little. */
    public function called(string $label): self
    {
        return new self($this->name, $this->quantity, $this->meaning, $label);
    }

    /** What a goldsmith calls it. */
    public function label(): string
    {
        return $this->called ?? Label::of($this->name);
    }

    public static function of(Quantity $quantity, string $name, string $meaning): self
    {
        return new self($name, $quantity, $meaning);
    }

    public static function length(string $name, string $meaning): self
    {
        return new self($name, Quantity::Length, $meaning);
    }

    public static function mass(string $name, string $meaning): self
    {
        return new self($name, Quantity::Mass, $meaning);
    }

    public static function share(string $name, string $meaning): self
    {
        return new self($name, Quantity::Share, $meaning);
    }

    public static function number(string $name, string $meaning): self
    {
        return new self($name, Quantity::Number, $meaning);
    }

    public static function text(string $name, string $meaning): self
    {
        return new self($name, Quantity::Text, $meaning);
    }

    public static function rows(string $name, string $meaning): self
    {
        return new self($name, Quantity::Rows, $meaning);
    }
}
