<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RawJson;
use App\Models\Rulebook;
use App\Models\Workshop;
use HotSprue\Rules\RuleFields;
use HotSprue\Rules\Rules;
use HotSprue\Sheet\BadInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** The workshop's own figures, each beside its default. */
final class ShopController
{
    public function show(): JsonResponse
    {
        return $this->answer(Workshop::the());
    }

    /**
     * Figures by path, as typed; null puts one back to what ships.
     *
     * @throws BadInput
     */
    public function update(Request $request): JsonResponse
    {
        $asked = RawJson::object($request->getContent());
        $workshop = DB::transaction(static function () use ($asked): Workshop {
            Workshop::query()->increment('version');
            $workshop = Workshop::the();
            $typed = array_filter([...$workshop->typed, ...$asked], static fn (mixed $value): bool => $value !== null);
            $workshop->update(['typed' => $typed, 'rulebook_id' => Rulebook::of(Rules::with($typed))->id]);

            return $workshop->refresh();
        }, 5);

        return $this->answer($workshop);
    }

    private function answer(Workshop $workshop): JsonResponse
    {
        $rules = $workshop->rulebook->rules();
        $figures = [];
        foreach (RuleFields::all() as $path => $field) {
            $figures[$path] = ['value' => $rules->value($path), 'typed' => $workshop->typed[$path] ?? null, 'default' => $field->default, 'own' => $rules->isOwn($path)];
        }

        return new JsonResponse(['figures' => $figures, 'version' => $workshop->version]);
    }
}
