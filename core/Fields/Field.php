<?php

declare(strict_types=1);

namespace HotSprue\Fields;

use DateTimeImmutable;
use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\Moment;
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
        if (! $this->many) {
            return $this->readOne($raw, $settings);
        }
        $raw = is_string($raw) ? array_values(array_filter(array_map(trim(...), explode(',', $raw)), static fn (string $one): bool => $one !== '')) : $raw;
        if ($raw === [] && ($this->default === [] || ! $this->required)) {
            return [];
        }
        if (! is_array($raw) || ! array_is_list($raw) || $raw === [] || count($raw) > 100) {
            throw new NotUnderstood(sprintf('A list of 1 to 100 is accepted, each %s.', $this->quantity->accepts()));
        }

        return array_map(fn (mixed $one): mixed => $this->readOne($one, $settings), $raw);
    }

    private function readOne(mixed $raw, WorkshopFigures $settings): mixed
    {
        return match ($this->quantity) {
            Quantity::Choice => $this->readChoice($raw, $settings),
            Quantity::Text => $this->readText($raw),
            Quantity::YesNo => is_bool($raw) ? $raw : throw $this->refuse($raw),
            Quantity::Moment => $this->readMoment($raw),
            Quantity::Day => $this->readDay($raw),
            Quantity::Rows => $this->readRows($raw, $settings),
            Quantity::Shares => $this->readShares($raw, $settings),
            default => $this->readNumber($raw),
        };
    }

    /** @return array<string, float> */
    private function readShares(mixed $raw, WorkshopFigures $settings): array
    {
        if (! is_array($raw) || $raw === [] || array_is_list($raw)) {
            throw $this->refuse($raw);
        }
        $shares = [];
        foreach ($raw as $name => $share) {
            if (! in_array($name, $this->choices, true)) {
                throw new NotUnderstood(sprintf('%s is not known here; %s is accepted.', self::show($name), implode(', ', $this->choices)));
            }
            $shares[$name] = (float) self::share($name, $this->meaning)->readNumber($share);
        }

        return $shares;
    }

    private function readNumber(mixed $raw): float|int
    {
        $value = match (true) {
            is_int($raw), is_float($raw) => (float) $raw,
            is_string($raw) => BenchTalk::read($this->quantity, $raw),
            default => throw $this->refuse($raw),
        };
        if (! is_finite($value)) {
            throw new NotUnderstood('This is not a finite number; '.$this->quantity->accepts().' is accepted.');
        }
        $floor = $this->quantity === Quantity::Temperature && $this->least === 0.0 ? -100.0 : $this->least;
        if ($value < $floor || ($value === 0.0 && ! $this->zero)) {
            throw new NotUnderstood(sprintf('%s is too small; %s is accepted.', self::show($value), $this->zero || $floor > 0 ? self::show($floor).' or more' : 'more than 0'));
        }
        if ($value !== 0.0 && abs($value) < $this->quantity->least()) {
            throw new NotUnderstood(sprintf('%s is too small; %s or more is accepted.', self::show($value), self::show($this->quantity->least())));
        }
        if ($value > $this->ceiling()) {
            throw new NotUnderstood(sprintf('%s is too large; up to %s is accepted.', self::show($value), self::show($this->ceiling())));
        }
        if ($this->quantity !== Quantity::Count) {
            return $value;
        }

        return floor($value) === $value ? (int) $value : throw $this->refuse($raw);
    }

    private function readChoice(mixed $raw, WorkshopFigures $settings): string
    {
        $choices = $this->choicesIn($settings);
        if (! is_string($raw) || ! in_array($raw, $choices, true)) {
            throw new NotUnderstood(sprintf('%s is not known here; %s is accepted.', self::show($raw), implode(', ', $choices)));
        }

        return $raw;
    }

    private function readText(mixed $raw): string
    {
        if (is_int($raw) || is_float($raw)) {
            return self::show($raw);
        }
        if (! is_string($raw) || ! mb_check_encoding($raw, 'UTF-8') || mb_strlen($raw) > 10_000) {
            throw new NotUnderstood('A text of up to 10,000 letters is accepted.');
        }

        return $raw;
    }

    private function readMoment(mixed $raw): string
    {
        return is_string($raw) && Moment::isOne($raw) ? $raw : throw $this->refuse($raw);
    }

    private function readDay(mixed $raw): string
    {
        $day = is_string($raw) ? DateTimeImmutable::createFromFormat('!Y-m-d', $raw) : false;

        return $day !== false && $day->format('Y-m-d') === $raw ? $raw : throw $this->refuse($raw);
    }

    /** @return list<array<string, mixed>> */
    private function readRows(mixed $raw, WorkshopFigures $settings): array
    {
        if (! is_array($raw) || ! array_is_list($raw) || count($raw) > 500) {
            throw new NotUnderstood('A list of up to 500 rows is accepted.');
        }
        $rows = [];
        foreach ($raw as $number => $row) {
            if (! is_array($row)) {
                throw new NotUnderstood(sprintf('Row %d is not an object of named figures.', $number + 1));
            }
            try {
                $rows[] = Input::read($this->columns, $row, $settings)->values();
            } catch (BadInput $bad) {
                $column = array_key_first($bad->errors);
                throw new NotUnderstood(sprintf('Row %d, %s: %s', $number + 1, str_replace('_', ' ', (string) $column), $bad->errors[$column][0]), previous: $bad);
            }
        }

        return $rows;
    }

    private function refuse(mixed $raw): NotUnderstood
    {
        return NotUnderstood::notA($this->quantity, self::show($raw));
    }

    private static function show(mixed $raw): string
    {
        return match (true) {
            is_string($raw) => $raw,
            is_float($raw) && ! is_finite($raw) => 'not a number',
            is_scalar($raw) => (string) json_encode($raw),
            $raw === null => 'nothing',
            default => 'a list',
        };
    }

    /** @param array<string, mixed> $changes */
    private function with(array $changes): self
    {
        return new self(...array_merge(get_object_vars($this), $changes));
    }
}
