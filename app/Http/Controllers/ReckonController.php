<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RawJson;
use App\Models\Workshop;
use HotSprue\Drawing\Drawings;
use HotSprue\Drawing\View;
use HotSprue\Sheet\Input;
use HotSprue\Sheet\Sheets;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Any sheet without a job. */
final class ReckonController
{
    /** The bare answer, under the shipped defaults or the `rules` among the inputs. */
    public function reckon(Request $request, string $sheet): JsonResponse
    {
        Sheets::named($sheet);

        return new JsonResponse(Sheets::answer($sheet, RawJson::object($request->getContent()))->toArray());
    }

    /** The answer under the workshop's own figures, with its drawing and where each input came from. */
    public function sum(Request $request, string $sheet): JsonResponse
    {
        $calculation = Sheets::named($sheet);
        $rules = Workshop::the()->rulebook->rules();
        $input = Input::read(Sheets::describe($sheet)->inputs, RawJson::object($request->getContent()), $rules);
        $answer = $calculation->reckon($input, $rules);

        $inputs = [];
        foreach ($input->values() as $name => $value) {
            $inputs[$name] = ['value' => $value, 'origin' => $input->origin($name)->value, 'path' => $name];
        }

        return new JsonResponse([
            'answer' => $answer->toArray(),
            'inputs' => (object) $inputs,
            'views' => array_map(static fn (View $view): array => ['use' => $sheet, ...$view->toArray()], Drawings::of($input, $answer, $rules)),
        ]);
    }
}
