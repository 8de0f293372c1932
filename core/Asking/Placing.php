<?php

declare(strict_types=1);

namespace HotSprue\Asking;

use HotSprue\Calculation\Description;
use HotSprue\Fields\Field;
use HotSprue\Fields\WorkshopFigures;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;
use HotSprue\Samples\Samples;

/** What a question says of one sum: which input each of its figures and names is, and what is left over. */
final class Placing
{
    private const UNITS = [
        'length' => ['mm', 'cm', 'in', 'ga'], 'mass' => ['g', 'mg', 'kg', 'ct', 'dwt', 'ozt'], 'share' => ['%'],
        'temperature' => ['°c', '°f', 'c', 'f'], 'minutes' => ['min', 'h'], 'millilitres' => ['ml'],
    ];

    /** @var array<string, string> what was said, by the input it stands in */
    public array $placed = [];

    /** @var list<string> words of it that were understood */
    public array $understood = [];

    /** Figures that no input takes. */
    public int $left = 0;

    private function __construct(
        private readonly Description $sum, private readonly Question $question,
        private readonly WorkshopFigures $settings,
    ) {}

    public static function of(Description $sum, Question $question, WorkshopFigures $settings): self
    {
        $placing = new self($sum, $question, $settings);
        $placing->size();
        foreach ($sum->inputs as $field) {
            $placing->choice($field);
        }
        foreach ($question->figures as $figure) {
            $placing->figure($figure['said'], $figure['unit']);
        }

        return $placing;
    }

    /** @return array<string, mixed> inputs of the sum: its sample, with what was said in its place */
    public function input(): array
    {
        $input = Samples::first($this->sum->name);
        // A finger is said one way.
        if (isset($this->placed['size'])) {
            unset($input['inner_diameter']);
        }
        // A measure that was not said, beside one that was, is not the sample’s.
        if (isset($this->placed['width']) && ! isset($this->placed['length']) && $this->sum->input('ratio') !== null) {
            unset($input['length'], $input['ratio'], $input['depth']);
        }

        return [...$input, ...$this->placed];
    }

    private function size(): void
    {
        $said = $this->question->size;
        if ($said === null) {
            return;
        }
        if ($this->sum->input('size') !== null && $this->sum->input('scale') !== null) {
            $this->placed += $said;
        } elseif ($this->sum->name === 'size.change') {
            $this->placed['from'] = strtoupper($said['scale'] === 'iso' ? 'eu' : $said['scale']).' '.$said['size'];
        } else {
            $this->left++;
        }
    }

    /** A name out of a list: all its parts said, or the first of an alloy’s (`14k`, `sterling`). */
    private function choice(Field $field): void
    {
        if ($field->quantity !== Quantity::Choice || $field->many || isset($this->placed[$field->name])) {
            return;
        }
        $best = null;
        foreach ($field->choicesIn($this->settings) as $choice) {
            $parts = explode('-', $choice);
            $said = array_values(array_intersect($parts, $this->question->words));
            $whole = $said === $parts || ($field->choicesFrom !== null && ($said[0] ?? null) === $parts[0]);
            // What names the sum itself (`plate`) is a choice only where nothing else is.
            $own = array_intersect($said, SumWords::of($this->sum->name)) !== [] ? 0.5 : 0;
            if ($whole && count($said) - $own > ($best['weight'] ?? 0)) {
                $best = ['choice' => $choice, 'said' => $said, 'weight' => count($said) - $own];
            }
        }
        if ($best !== null) {
            $this->placed[$field->name] = $best['choice'];
            $this->understood = [...$this->understood, ...$best['said']];
        }
    }

    private function figure(string $said, string $unit): void
    {
        foreach ($this->fieldsInOrder() as $field) {
            if (! isset($this->placed[$field->name]) && $this->takes($field, $said, $unit)) {
                $this->placed[$field->name] = $said;

                return;
            }
        }
        $this->left++;
    }

    /** @return list<Field> those that bare figures are said of first, what is required, then the rest */
    private function fieldsInOrder(): array
    {
        $first = SumWords::order($this->sum->name);
        // A stone of one measure is said by its width.
        if ($first === ['length', 'width'] && count($this->question->figures) === 1) {
            $first = ['width'];
        }
        $fields = array_filter(
            $this->sum->inputs,
            static fn (Field $field): bool => $field->quantity->isNumeric() || $field->name === 'size',
        );
        usort($fields, static fn (Field $one, Field $other): int => self::rank($one, $first) <=> self::rank($other,
            $first));

        return $fields;
    }

    /** @param list<string> $first */
    private static function rank(Field $field, array $first): int
    {
        $at = array_search($field->name, $first, true);

        return $at !== false ? (int) $at : ($field->required ? 50 : 100);
    }

    private function takes(Field $field, string $said, string $unit): bool
    {
        $isFirst = in_array($field->name, SumWords::order($this->sum->name), true);
        if ($unit === '' && ! $isFirst && ! $field->required && $field->quantity !== Quantity::Count) {
            return false;
        }
        if ($unit !== '' && ! in_array($unit, self::UNITS[$field->quantity->value] ?? [], true)) {
            return false;
        }
        if ($field->name === 'size') {
            return $unit === '' && $this->question->size === null;
        }
        try {
            $field->read($said, $this->settings);
        } catch (NotUnderstood) {
            return false;
        }

        return true;
    }
}
