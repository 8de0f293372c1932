<?php

declare(strict_types=1);

namespace App\Contract;

use App\Models\Workshop;
use HotSprue\Job\DecisionFields;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Station;
use HotSprue\Rules\RuleFields;
use HotSprue\Rules\Rules;
use HotSprue\Sheet\Field;
use HotSprue\Sheet\Output;
use HotSprue\Sheet\Sheets;

/** Everything the screen must know of fields and sheets, read from where they are declared. */
final class Catalogue
{
    /** @return array<string, mixed> */
    public static function toArray(): array
    {
        $rules = Workshop::the()->rulebook->rules();
        $describe = static fn (Field $field): array => self::field($field, $rules);

        return [
            'sheets' => self::sheets($rules),
            'decisions' => array_map($describe, DecisionFields::all()),
            'readings' => array_combine(ReadingFields::GROUPS, array_map(static fn (string $group): array => array_map($describe, ReadingFields::of($group)), ReadingFields::GROUPS)),
            'rules' => array_map($describe, RuleFields::all()),
            'stations' => array_map(static fn (Station $station): array => ['name' => $station->value, 'label' => $station->label()], Station::cases()),
        ];
    }

    /** @return list<array<string, mixed>> every sheet: inputs, units, defaults, results and finding codes */
    public static function sheets(Rules $rules): array
    {
        $sheets = [];
        foreach (array_keys(Sheets::all()) as $name) {
            $sheet = Sheets::describe($name);
            $sheets[] = [
                'name' => $name, 'purpose' => $sheet->purpose,
                'inputs' => array_map(static fn (Field $field): array => self::field($field, $rules), $sheet->inputs),
                'results' => array_map(static fn (Output $output): array => ['name' => $output->name, 'quantity' => $output->quantity->value, 'unit' => $output->quantity->unit(), 'meaning' => $output->meaning], $sheet->results),
                'findings' => (object) $sheet->findings,
            ];
        }

        return $sheets;
    }

    /** @return array<string, mixed> */
    public static function field(Field $field, Rules $rules): array
    {
        $listed = str_starts_with($field->name, 'stock.') || str_starts_with($field->name, 'limits.broad');

        return [
            'name' => $field->name, 'quantity' => $field->quantity->value, 'unit' => $field->quantity->unit(), 'meaning' => $field->meaning,
            'required' => $field->required, 'default' => $field->rule === null ? ($listed ? null : $field->default) : $rules->value($field->rule),
            'rule' => $field->rule, 'zero' => $field->zero, 'most' => $field->quantity->isNumeric() ? $field->ceiling() : null,
            'choices' => $field->choicesIn($rules), 'many' => $field->many,
            'columns' => array_map(static fn (Field $column): array => self::field($column, $rules), $field->columns),
            'accepts' => $field->quantity->accepts(),
        ];
    }
}
