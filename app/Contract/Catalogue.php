<?php

declare(strict_types=1);

namespace App\Contract;

use App\Models\Workshop;
use HotSprue\Asking\SumGroup;
use HotSprue\Calculation\Output;
use HotSprue\Calculations;
use HotSprue\Fields\Field;
use HotSprue\Job\DecisionFields;
use HotSprue\Job\InputBindings;
use HotSprue\Job\ReadingFields;
use HotSprue\Job\Station;
use HotSprue\Samples\Samples;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Support\Facades\Cache;

/** Everything the screen must know of fields and sheets, read from where they are declared. */
final class Catalogue
{
    /** The whole of it; made anew only where a figure of the workshop is another. */
    public static function asJson(): string
    {
        $workshop = Workshop::the();
        $of = [$workshop->rulebook->hash, $workshop->own_figures];
        $kept = Cache::get(self::class);
        if (! is_array($kept) || $kept['of'] !== $of) {
            $kept = ['of' => $of, 'json' => json_encode(self::toArray(), JSON_THROW_ON_ERROR)];
            Cache::forever(self::class, $kept);
        }

        return $kept['json'];
    }

    /** The code that it is read from is another. */
    public static function forget(): void
    {
        Cache::forget(self::class);
    }

    /** @return array<string, mixed> */
    public static function toArray(): array
    {
        $settings = Workshop::the()->rulebook->settings();
        $describe = static fn (Field $field): array => self::field($field, $settings);

        return [
            'sheets' => self::sheets($settings),
            'decisions' => array_map($describe, DecisionFields::all()),
            'readings' => array_combine(
                ReadingFields::GROUPS,
                array_map(
                    static fn (string $group): array => array_map($describe, ReadingFields::of($group)),
                    ReadingFields::GROUPS,
                ),
            ),
            'rules' => array_map($describe, WorkshopFields::all()),
            'learnt' => (object) array_map(
                static fn (array $taken): int => $taken['n'], Workshop::the()->own_figures ?? [],
            ),
            'stations' => array_map(
                static fn (Station $station): array => ['name' => $station->value, 'label' => $station->label()],
                Station::cases(),
            ),
        ];
    }

    /** @return list<array<string, mixed>> every sheet: inputs, units, defaults, results and finding codes */
    public static function sheets(WorkshopSettings $settings): array
    {
        $sheets = [];
        foreach (array_keys(Calculations::all()) as $name) {
            $sheet = Calculations::describe($name);
            $sheets[] = [
                'name' => $name, 'title' => $sheet->title, 'sample' => (object) Samples::first($name),
                'purpose' => $sheet->purpose, 'group' => SumGroup::of($name)->value,
                'inputs' => array_map(static fn (Field $field): array => [
                    ...self::field($field, $settings), 'decision' => InputBindings::decisionOf($name, $field->name),
                ], $sheet->inputs),
                'results' => array_map(
                    static fn (Output $output): array => [
                        'name' => $output->name, 'label' => $output->label(), 'quantity' => $output->quantity->value,
                        'unit' => $output->quantity->unit(), 'meaning' => $output->meaning,
                    ],
                    $sheet->results,
                ),
                'findings' => (object) $sheet->findings,
            ];
        }

        return $sheets;
    }

    /** @return array<string, mixed> */
    public static function field(Field $field, WorkshopSettings $settings): array
    {
        $listed = str_starts_with($field->name, 'stock.') || str_starts_with($field->name, 'limits.broad');

        return [
            'name' => $field->name, 'label' => $field->label(), 'quantity' => $field->quantity->value,
            'unit' => $field->quantity->unit(), 'meaning' => $field->meaning,
            'required' => $field->required,
            'default' => $field->setting === null
                ? ($listed ? null : $field->default)
                : $settings->value($field->setting),
            'rule' => $field->setting, 'zero' => $field->zero,
            'most' => $field->quantity->isNumeric() ? $field->ceiling() : null,
            'choices' => $field->choicesIn($settings), 'many' => $field->many,
            'sayings' => (object) $field->sayings,
            'columns' => array_map(
                static fn (Field $column): array => self::field($column, $settings), $field->columns,
            ),
            'accepts' => $field->quantity->accepts(), 'only' => (object) $field->only, 'row_of' => $field->rowOf,
            'chooses' => $field->chooses,
        ];
    }
}
