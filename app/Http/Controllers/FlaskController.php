<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Casting\RunAnswer;
use App\Models\Note;
use App\Models\Person;
use App\Models\RunFlask;
use HotSprue\Casting\CastingStep;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is done to one flask, step by step, and its safety list. */
final class FlaskController
{
    /** Taps a step of a flask done, or takes it back. */
    public function step(Request $request, RunFlask $flask): JsonResponse
    {
        $asked = $request->validate(['step' => 'required|in:'.implode(',', array_column(CastingStep::cases(), 'value')), 'done' => 'required|boolean']);
        $order = array_column(CastingStep::cases(), 'value');
        $at = (int) array_search($asked['step'], $order, true);
        $steps = $flask->steps;
        if ($asked['done']) {
            $before = CastingStep::cases()[max(0, $at - 1)] ?? CastingStep::Invest;
            abort_if($at > 0 && ! isset($steps[$before->value]), 409, sprintf('“%s” comes before it.', $before->done()));
            abort_if($asked['step'] === 'pour' && count(array_filter($flask->ticks)) < count(CastingStep::safety()), 409, 'Tick the safety list before the torch is lit.');
            $person = Person::at($request);
            $steps[$asked['step']] ??= ['at' => now()->toIso8601String(), 'by' => $person->name ?? ''];
        } else {
            foreach (array_slice($order, $at) as $later) {
                unset($steps[$later]);
            }
        }
        $flask->update(['steps' => $steps]);
        Note::write('flask step', Person::at($request), ['run' => $flask->run_id, 'flask' => $flask->flask, 'step' => $asked['step'], 'done' => (bool) $asked['done']]);

        return RunAnswer::of($flask->run);
    }

    public function tick(Request $request, RunFlask $flask): JsonResponse
    {
        $asked = $request->validate(['what' => 'required|integer|min:0|max:'.(count(CastingStep::safety()) - 1), 'done' => 'required|boolean']);
        $flask->update(['ticks' => [...$flask->ticks, 'k'.$asked['what'] => (bool) $asked['done']]]);
        Note::write('safety list', Person::at($request), ['run' => $flask->run_id, 'flask' => $flask->flask, 'ticked' => CastingStep::safety()[(int) $asked['what']], 'done' => (bool) $asked['done']]);

        return RunAnswer::of($flask->run);
    }
}
