<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Models\Note;
use App\Models\Person;
use App\Models\StretchTest;
use App\Models\Workshop;
use HotSprue\Calculation\Answer;
use HotSprue\Calculations;
use HotSprue\Fields\BadInput;
use HotSprue\Fields\Input;
use HotSprue\Solder\JoinPlan;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The stretch test log: two samples, compared, and what all of them say together. */
final class StretchTestController
{
    public function index(): JsonResponse
    {
        $tests = StretchTest::query()->orderByDesc('tested_on')->orderByDesc('id')->limit(200)->get();

        return new JsonResponse([
            'tests' => $tests->map(fn (StretchTest $test): array => [
                'id' => $test->id, 'tested_on' => $test->tested_on->toDateString(), 'note' => $test->note,
                'samples' => $test->samples, 'answer' => $this->answer($test->samples)->toArray(),
            ])->all(),
            'learned' => StretchTest::learned(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $settings = Workshop::the()->rulebook->settings();
        $asked = $request->validate([
            'tested_on' => 'nullable|date_format:Y-m-d', 'note' => 'nullable|string|max:500',
            'samples' => 'required|array|size:2',
            'samples.*' => 'array', 'samples.*.name' => 'nullable|string|max:80',
            'samples.*.form' => 'required|in:'.implode(',', JoinPlan::FORMS),
            'samples.*.grade' => 'required|in:'.implode(',', $settings->names('stock.solders')),
        ], ['samples.size' => 'Two samples are compared.']);
        $samples = $kinds = [];
        foreach ((array) $request->input('samples') as $index => $sample) {
            $sample = is_array($sample) ? $sample : [];
            $form = $asked['samples'][$index];
            $samples[] = [
                'name' => $asked['samples'][$index]['name'] ?? null ?: ($index === 0 ? 'first' : 'second'),
                ...array_intersect_key($sample, array_flip(['start', 'broken', 'where'])),
            ];
            $kinds[] = ['form' => $form['form'], 'grade' => $form['grade']];
        }
        $read = Input::read(
            Calculations::describe('stretch.test')->inputs, ['samples' => $samples], $settings,
        )->rows('samples');
        $this->answer($read);
        $person = Person::at($request);
        StretchTest::query()->create([
            'tested_on' => $asked['tested_on'] ?? WorkshopTime::today()->toDateString(), 'note' => $asked['note'] ?? '',
            'person_id' => $person?->id,
            'samples' => array_map(
                static fn (array $kind, array $sample): array => [...$kind, ...$sample], $kinds, $read,
            ),
        ]);

        Note::write('stretch test kept', $person, ['note' => $asked['note'] ?? '']);

        return $this->index()->setStatusCode(201);
    }

    public function destroy(Request $request, StretchTest $test): JsonResponse
    {
        $test->delete();
        Note::write(
            'stretch test taken out', Person::at($request),
            ['tested_on' => $test->tested_on->toDateString(), 'note' => $test->note],
        );

        return $this->index();
    }

    /**
     * @param  list<array<string, mixed>>  $samples
     *
     * @throws BadInput
     */
    private function answer(array $samples): Answer
    {
        $rows = array_map(
            static fn (array $sample): array => array_intersect_key(
                $sample, array_flip(['name', 'start', 'broken', 'where']),
            ),
            $samples,
        );

        return Calculations::answer('stretch.test', ['samples' => $rows]);
    }
}
