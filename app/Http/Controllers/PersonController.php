<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Models\Note;
use App\Models\Person;
use App\People\Role;
use App\Plan\DaysOff;
use App\Plan\Team;
use HotSprue\Fields\BadInput;
use HotSprue\Measures\NotUnderstood;
use HotSprue\Plan\Hours;
use HotSprue\Plan\HoursTalk;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Who works here, what each may do, and their passphrases. */
final class PersonController
{
    public function index(): JsonResponse
    {
        $people = Person::query()->orderBy('name')->get();

        return new JsonResponse(['people' => $people->map(static fn (Person $person): array => [
            'id' => $person->id, 'name' => $person->name, 'role' => $person->role->value,
            'signs_in' => $person->passphrase !== null,
            'hours' => HoursTalk::say($person->hours ?? Team::usualHours()),
            'off' => implode(', ', $person->days_off ?? []),
        ])->all(), 'roles' => array_column(Role::cases(), 'value')]);
    }

    public function store(Request $request): JsonResponse
    {
        $asked = $this->asked($request, null);
        Person::query()->create($asked);
        Note::write('person added', Person::at($request), array_diff_key($asked, ['passphrase' => 1]));

        return $this->index()->setStatusCode(201);
    }

    /** A new passphrase ends the sessions of the old one; the last owner stays one. */
    public function update(Request $request, Person $person): JsonResponse
    {
        $asked = $this->asked($request, $person);
        if ($person->role === Role::Owner && ($asked['role'] ?? 'owner') !== 'owner'
            && Person::query()->where('role', Role::Owner)->count() === 1) {
            throw BadInput::field('role', 'The workshop keeps at least one owner.');
        }
        $person->update($asked);
        Note::write(
            'person changed', Person::at($request),
            [
                'name' => $person->name, ...array_diff_key($asked, ['passphrase' => 1]),
                ...(isset($asked['passphrase']) ? ['passphrase' => 'new'] : []),
            ],
        );

        return $this->index();
    }

    /** When somebody works, as one says it, and the days on which they do not. */
    public function hours(Request $request, Person $person): JsonResponse
    {
        $said = $request->validate(['hours' => 'nullable|string|max:400', 'off' => 'nullable|string|max:4000']);
        $asked = [];
        try {
            if (array_key_exists('hours', $said)) {
                $hours = HoursTalk::read((string) $said['hours']);
                Hours::of($hours, [], 0, 7, WorkshopTime::zone());
                $asked['hours'] = $hours;
            }
        } catch (NotUnderstood $not) {
            throw BadInput::field('hours', $not->getMessage());
        }
        if (array_key_exists('off', $said)) {
            $asked['days_off'] = DaysOff::read((string) $said['off']);
        }
        $person->update($asked);
        Note::write('hours changed', Person::at($request), ['name' => $person->name, ...$said]);

        return $this->index();
    }

    /** @return array<string, mixed> */
    private function asked(Request $request, ?Person $person): array
    {
        $needed = $person === null ? 'required' : 'sometimes';

        return array_filter($request->validate([
            'name' => [$needed, 'string', 'max:80', Rule::unique('people', 'name')->ignore($person?->id)],
            'role' => [$needed, Rule::enum(Role::class)],
            'passphrase' => 'nullable|string|min:10|max:200',
        ], [
            'name.unique' => 'Somebody here has this name already.',
            'passphrase.min' => 'A passphrase of 10 letters or more is accepted.',
        ]), static fn (mixed $value): bool => $value !== null);
    }
}
