<?php

declare(strict_types=1);

namespace HotSprue\Job;

/** Where a sheet's input comes from on a job. */
final readonly class Source
{
    private function __construct(
        public string $kind,
        public string $name,
        public string $result = '',
        public ?string $unless = null,
        public float $factor = 1.0,
        public ?self $plus = null,
        public bool $listed = false,
        /** @var array<string, string> */
        public array $flags = [],
    ) {}

    /** A decision by path. */
    public static function decision(string $path): self
    {
        return new self('decision', $path);
    }

    /** A reading of the wax in hand, or of the last casting. */
    public static function reading(string $group, string $name): self
    {
        return new self('reading', $group, $name);
    }

    /** A result of an earlier use. */
    public static function result(string $use, string $result): self
    {
        return new self('result', $use, $result);
    }

    /**
     * The names of those decisions that are yes.
     *
     * @param  array<string, string>  $flags  name => path of the decision
     */
    public static function flags(array $flags): self
    {
        return new self('flags', '', flags: $flags);
    }

    /**
     * Some readings of every row of a group.
     *
     * @param  list<string>  $names
     */
    public static function collected(string $group, array $names): self
    {
        return new self('collected', $group, flags: array_combine($names, $names));
    }

    public static function fixed(string $value): self
    {
        return new self('fixed', $value);
    }

    public static function yes(): self
    {
        return new self('yes', '');
    }

    /** One reading of every row of a group; where another is named, of those rows where it is yes. */
    public static function picked(string $group, string $name, string $where = ''): self
    {
        return new self('picked', $group, $name, flags: $where === '' ? [] : [$where => $where]);
    }

    /** What is so of the flask of a run that the job stands in: a property of `InFlask`. */
    public static function flask(string $property): self
    {
        return new self('flask', $property);
    }

    /** What is so of the job outside its document: a property of `Surroundings`. */
    public static function around(string $property): self
    {
        return new self('around', $property);
    }

    /** Not where this other decision or reading (group.name) has been made. */
    public function unless(string $path): self
    {
        return new self($this->kind, $this->name, $this->result, $path, $this->factor, $this->plus, $this->listed);
    }

    /** Only where this decision says so. */
    public function onlyFor(string $path, string $value): self
    {
        return new self($this->kind, $this->name, $this->result, $this->unless, $this->factor, $this->plus, $this->listed, [$path => $value]);
    }

    public function times(float $factor): self
    {
        return new self($this->kind, $this->name, $this->result, $this->unless, $factor, $this->plus, $this->listed);
    }

    public function plus(self $other): self
    {
        return new self($this->kind, $this->name, $this->result, $this->unless, $this->factor, $other, $this->listed);
    }

    /** As a list of one. */
    public function listed(): self
    {
        return new self($this->kind, $this->name, $this->result, $this->unless, $this->factor, $this->plus, true);
    }
}
