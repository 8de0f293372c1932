<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Casting\RunAnswer;
use App\Models\Note;
use App\Models\Person;
use App\Models\RunFlask;
use HotSprue\Casting\CastingStep;
use HotSprue\Casting\FlaskProgress;
use HotSprue\Casting\StepRefused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What is done to one flask, step by step, and its safety list. */
final class FlaskController
{
    /** Taps a step of a flask done, or takes it back. */
    public function step(Request $request, RunFlask $flask): JsonResponse
    {
        $asked = $request->validate(
            ['step' => ['required', Rule::enum(CastingStep::class)], 'done' => 'required|boolean'],
        );
        $step = CastingStep::from($asked['step']);
        $progress = FlaskProgress::of($flask->steps, $flask->ticks);
        try {
            $steps = $asked['done']
                ? $progress->with(
                    $step, ['at' => now()->toIso8601String(), 'by' => Person::at($request)->name ?? ''],
                )->steps
                : $progress->without($step)->steps;
        } catch (StepRefused $refused) {
            abort(409, $refused->getMessage());
        }
        $flask->update(['steps' => $steps]);
        Note::write(
            'flask step', Person::at($request),
            [
                'run' => $flask->run_id, 'flask' => $flask->flask, 'step' => $asked['step'],
                'done' => (bool) $asked['done'],
            ],
        );

        return RunAnswer::of($flask->run);
    }

    public function tick(Request $request, RunFlask $flask): JsonResponse
    {
        $asked = $request->validate(
            ['what' => 'required|integer|min:0|max:'.(count(CastingStep::safety()) - 1), 'done' => 'required|boolean'],
        );
        $flask->update(['ticks' => [...$flask->ticks, 'k'.$asked['what'] => (bool) $asked['done']]]);
        Note::write(
            'safety list', Person::at($request),
            [
                'run' => $flask->run_id, 'flask' => $flask->flask,
                'ticked' => CastingStep::safety()[(int) $asked['what']], 'done' => (bool) $asked['done'],
            ],
        );

        return RunAnswer::of($flask->run);
    }
}
