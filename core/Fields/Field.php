<?php

declare(strict_types=1);

namespace HotSprue\Fields;

use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;

/**
 * One named figure, declared once: what it means, its quantity, range and default.
 * Validation, schemas, types and docs are all read from these.
 */
final readonly class Field
{
    /**
     * @param  list<string>  $choices
     * @param  list<self>  $columns  of each row, for Quantity::Rows
     * @param  array<string, string>  $sayings  how a choice is said, where its name is a code
     * @param  ?string  $rowOf  the group of a job of which it names a row by its key
     * @param  ?string  $chooses  a choice takes the workshop’s figure at this path with its name after it
     * @param  array<string, list<string>>  $only  decisions by path, and what they must say so that it means something
     */
    private function __construct(
        public string $name,
        public Quantity $quantity,
        public string $meaning,
        public bool $required = true,
        public mixed $default = null,
        public ?string $setting = null,
        public float $least = 0.0,
        public ?float $most = null,
        public bool $zero = false,
        public array $choices = [],
        public ?string $choicesFrom = null,
        public array $columns = [],
        public bool $many = false,
        public ?string $called = null,
        public array $only = [],
        public array $sayings = [],
        public ?string $rowOf = null,
        public ?string $chooses = null,
    ) {}

    public static function of(Quantity $quantity, string $name, string $meaning): self
    {
        return new self($name, $quantity, $meaning, zero: $quantity->allowsZero());
    }

    public static function length(string $name, string $meaning): self
    {
        return self::of(Quantity::Length, $name, $meaning);
    }

    public static function mass(string $name, string $meaning): self
    {
        return self::of(Quantity::Mass, $name, $meaning);
    }

    public static function share(string $name, string $meaning): self
    {
        return self::of(Quantity::Share, $name, $meaning);
    }

    public static function number(string $name, string $meaning): self
    {
        return self::of(Quantity::Number, $name, $meaning);
    }

    public static function count(string $name, string $meaning): self
    {
        return self::of(Quantity::Count, $name, $meaning);
    }

    public static function temperature(string $name, string $meaning): self
    {
        return self::of(Quantity::Temperature, $name, $meaning);
    }

    /** So many degrees between two temperatures; °C. */
    public static function degreesApart(string $name, string $meaning): self
    {
        return self::of(Quantity::TemperatureDifference, $name, $meaning);
    }

    public static function minutes(string $name, string $meaning): self
    {
        return self::of(Quantity::Minutes, $name, $meaning);
    }

    public static function text(string $name, string $meaning): self
    {
        return self::of(Quantity::Text, $name, $meaning);
    }

    public static function yesNo(string $name, string $meaning): self
    {
        return self::of(Quantity::YesNo, $name, $meaning);
    }

    /** @param list<string> $choices */
    public static function choice(string $name, array $choices, string $meaning): self
    {
        return self::of(Quantity::Choice, $name, $meaning)->with(['choices' => $choices]);
    }

    /** A row of one of a job's own groups, by its key. */
    public static function row(string $name, string $group, string $meaning): self
    {
        return self::of(Quantity::Text, $name, $meaning)->with(['rowOf' => $group]);
    }

    /** A name out of one of the workshop's lists. */
    public static function named(string $name, string $list, string $meaning): self
    {
        return self::of(Quantity::Choice, $name, $meaning)->with(['choicesFrom' => $list]);
    }

    /**
     * Shares by name, each in parts of 1: `{"Au": 0.75, "Ag": 0.125}`.
     *
     * @param list<string> $names
     */
    public static function shares(string $name, array $names, string $meaning): self
    {
        return self::of(Quantity::Shares, $name, $meaning)->with(['choices' => $names]);
    }

    /** @param list<self> $columns */
    public static function rows(string $name, array $columns, string $meaning): self
    {
        return self::of(Quantity::Rows, $name, $meaning)->with(['columns' => $columns]);
    }

    /**
     * How its choices are said, where their names are codes.
     *
     * @param array<string, string> $sayings
     */
    public function saying(array $sayings): self
    {
        return $this->with(['sayings' => $sayings]);
    }

    /** Each choice takes a workshop figure of its own: `shrinkage.` and the choice. */
    public function choosing(string $path): self
    {
        return $this->with(['chooses' => $path]);
    }

    /** What it is called, where its name says too little. */
    public function called(string $label): self
    {
        return $this->with(['called' => $label]);
    }

    /** What a goldsmith calls it. */
    public function label(): string
    {
        return $this->called ?? Label::of($this->name);
    }

    /** The same figure as a job holds it: nobody has said it until somebody does. */
    public function asDecision(string $path): self
    {
        return $this->with(['name' => $path, 'required' => true, 'default' => null, 'setting' => null]);
    }

    /** It means something only where this decision says one of these. */
    public function onlyWhere(string $path, string ...$says): self
    {
        return $this->with(['only' => [...$this->only, $path => array_values($says)]]);
    }

    public function optional(): self
    {
        return $this->with(['required' => false]);
    }

    public function default(mixed $default): self
    {
        return $this->with(['required' => false, 'default' => $default]);
    }

    /** The default is the workshop's rule at this path. */
    public function fromSetting(string $path): self
    {
        return $this->with(['required' => false, 'setting' => $path]);
    }

    /** Zero is fine: a gap, allowance, overlap, kerf, trim, ratio or ledge. */
    public function allowingZero(): self
    {
        return $this->with(['zero' => true]);
    }

    public function between(float $least, float $most): self
    {
        return $this->with(['least' => $least, 'most' => $most, 'zero' => $this->zero || $least > 0]);
    }

    /** Several of these, in a list, or said with commas between them. */
    public function many(): self
    {
        return $this->with(['many' => true]);
    }

    public function ceiling(): float
    {
        return $this->most ?? $this->quantity->ceiling();
    }

    /** @return list<string> the names that a choice accepts */
    public function choicesIn(WorkshopFigures $settings): array
    {
        return $this->choicesFrom === null ? $this->choices : $settings->names($this->choicesFrom);
    }

    /**
     * The value in the core's unit, from a number or from bench talk.
     *
     * @throws NotUnderstood
     */
    public function read(mixed $raw, WorkshopFigures $settings): mixed
    {
        return (new FieldReader($this, $settings))->read($raw);
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
