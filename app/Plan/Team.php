<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Person;
use App\Models\Workshop;
use App\People\Role;

/** Who works here and when, and what they burn and tumble in, as `time.plan` is asked with it. */
final class Team
{
    private const WEEK = ['mon', 'tue', 'wed', 'thu', 'fri'];

    private const USUAL = [['8:30', '12:30'], ['13:15', '17:15']];

    /** @return list<array{day: string, from: string, to: string}> where nobody said other hours */
    public static function usualHours(): array
    {
        $hours = [];
        foreach (self::WEEK as $day) {
            foreach (self::USUAL as [$from, $to]) {
                $hours[] = ['day' => $day, 'from' => $from, 'to' => $to];
            }
        }

        return $hours;
    }

    /** @return list<array{id: string, name: string, hours: list<array<string, string>>,
        off: list<string>}> guests have none */
    public static function people(): array
    {
        return array_values(Person::query()->where('role', '!=', Role::Guest)->orderBy('id')->get()->map(
            static fn (Person $person): array => [
                'id' => $person->name, 'name' => $person->name, 'hours' => $person->hours ?? self::usualHours(),
                'off' => $person->days_off ?? [],
            ],
        )->all());
    }

    /** @return list<array{id: string, flasks: int, alone: bool}> */
    public static function kilns(): array
    {
        return Workshop::the()->kilns ?? [['id' => 'kiln', 'flasks' => 4, 'alone' => false]];
    }
}
