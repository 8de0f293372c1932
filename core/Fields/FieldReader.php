<?php

declare(strict_types=1);

namespace HotSprue\Fields;

use HotSprue\Measures\BenchTalk;
use HotSprue\Measures\Moment;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Measures\Quantity;

/** Reads what was given for a field: a number in its unit, or bench talk, held to its range. */
final readonly class FieldReader
{
    /** Rows in a list whose field says no other. */
    private const ROWS = 500;

    public function __construct(private Field $field, private WorkshopFigures $settings) {}

    /**
     * The value in the core's unit, from a number or from bench talk.
     *
     * @throws NotUnderstood
     */
    public function read(mixed $raw): mixed
    {
        if (! $this->field->many) {
            return $this->readOne($raw);
        }
        $raw = is_string($raw) ? array_values(
            array_filter(array_map(trim(...), explode(',', $raw)), static fn (string $one): bool => $one !== ''),
        ) : $raw;
        if ($raw === [] && ($this->field->default === [] || ! $this->field->required)) {
            return [];
        }
        if (! is_array($raw) || ! array_is_list($raw) || $raw === [] || count($raw) > 100) {
            throw new NotUnderstood(
                sprintf('A list of 1 to 100 is accepted, each %s.', $this->field->quantity->accepts()),
            );
        }

        return array_map(fn (mixed $one): mixed => $this->readOne($one), $raw);
    }

    private function readOne(mixed $raw): mixed
    {
        return match ($this->field->quantity) {
            Quantity::Choice => $this->readChoice($raw),
            Quantity::Text => $this->readText($raw),
            Quantity::YesNo => is_bool($raw) ? $raw : throw $this->refuse($raw),
            Quantity::Moment => $this->readMoment($raw),
            Quantity::Day => $this->readDay($raw),
            Quantity::Rows => $this->readRows($raw),
            Quantity::Shares => $this->readShares($raw),
            default => $this->readNumber($raw),
        };
    }

    /** @return array<string, float> */
    private function readShares(mixed $raw): array
    {
        if (! is_array($raw) || $raw === [] || array_is_list($raw)) {
            throw $this->refuse($raw);
        }
        $shares = [];
        foreach ($raw as $name => $share) {
            if (! in_array($name, $this->field->choices, true)) {
                throw new NotUnderstood(
                    sprintf(
                        '%s is not known here; %s is accepted.', self::show($name),
                        implode(', ', $this->field->choices),
                    ),
                );
            }
            $shares[$name] = (float) (new self(
                Field::share($name, $this->field->meaning), $this->settings,
            ))->readNumber($share);
        }

        return $shares;
    }

    private function readNumber(mixed $raw): float|int
    {
        $value = match (true) {
            is_int($raw), is_float($raw) => (float) $raw,
            is_string($raw) => BenchTalk::read($this->field->quantity, $raw),
            default => throw $this->refuse($raw),
        };
        if (! is_finite($value)) {
            throw new NotUnderstood('This is not a finite number; '.$this->field->quantity->accepts().' is accepted.');
        }
        $floor = $this->field->quantity === Quantity::Temperature && $this->field->least === 0.0
            ? -100.0
            : $this->field->least;
        if ($value < $floor || ($value === 0.0 && ! $this->field->zero)) {
            throw new NotUnderstood(
                sprintf(
                    '%s is too small; %s is accepted.', self::show($value),
                    $this->field->zero || $floor > 0 ? self::show($floor).' or more' : 'more than 0',
                ),
            );
        }
        if ($value !== 0.0 && abs($value) < $this->field->quantity->least()) {
            throw new NotUnderstood(
                sprintf(
                    '%s is too small; %s or more is accepted.', self::show($value),
                    self::show($this->field->quantity->least()),
                ),
            );
        }
        if ($value > $this->field->ceiling()) {
            throw new NotUnderstood(
                sprintf(
                    '%s is too large; up to %s is accepted.', self::show($value), self::show($this->field->ceiling()),
                ),
            );
        }
        if ($this->field->quantity !== Quantity::Count) {
            return $value;
        }

        return floor($value) === $value ? (int) $value : throw $this->refuse($raw);
    }

    private function readChoice(mixed $raw): string
    {
        $choices = $this->field->choicesIn($this->settings);
        if (! is_string($raw) || ! in_array($raw, $choices, true)) {
            throw new NotUnderstood(
                sprintf('%s is not known here; %s is accepted.', self::show($raw), implode(', ', $choices)),
            );
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

        if ($this->field->rowOf !== null && preg_match('/^[a-z0-9]{1,12}$/D', $raw) !== 1) {
            throw new NotUnderstood("One of the {$this->field->rowOf} of this job is accepted.");
        }

        return $raw;
    }

    private function readMoment(mixed $raw): string
    {
        return is_string($raw) && Moment::isOne($raw) ? $raw : throw $this->refuse($raw);
    }

    private function readDay(mixed $raw): string
    {
        return is_string($raw) && preg_match('/^(\d{4})-(\d\d)-(\d\d)$/D', $raw, $part) === 1
            && checkdate((int) $part[2], (int) $part[3], (int) $part[1]) ? $raw : throw $this->refuse($raw);
    }

    /** @return list<array<string, mixed>> */
    private function readRows(mixed $raw): array
    {
        $most = (int) ($this->field->most ?? self::ROWS);
        if (! is_array($raw) || ! array_is_list($raw) || count($raw) > $most) {
            throw new NotUnderstood(sprintf('A list of up to %d rows is accepted.', $most));
        }
        $rows = [];
        $columns = array_column($this->field->columns, null, 'name');
        foreach ($raw as $number => $row) {
            if ($row instanceof ReadRow) {
                $rows[] = $row->values;

                continue;
            }
            if (! is_array($row)) {
                throw new NotUnderstood(sprintf('Row %d is not an object of named figures.', $number + 1));
            }
            try {
                $rows[] = Input::read($columns, $row, $this->settings)->values();
            } catch (BadInput $bad) {
                $column = array_key_first($bad->errors);
                throw new NotUnderstood(
                    sprintf(
                        'Row %d, %s: %s', $number + 1, str_replace('_', ' ', (string) $column),
                        $bad->errors[$column][0],
                    ),
                    previous: $bad,
                );
            }
        }

        return $rows;
    }

    private function refuse(mixed $raw): NotUnderstood
    {
        return NotUnderstood::notA($this->field->quantity, self::show($raw));
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
}
