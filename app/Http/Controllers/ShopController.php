<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Http\Requests\RawJson;
use App\Models\MetalPrice;
use App\Models\Note;
use App\Models\Person;
use App\Models\Rulebook;
use App\Models\Workshop;
use HotSprue\Fields\BadInput;
use HotSprue\Workshop\WorkshopFields;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

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
        Workshop::query()->increment('version');
        $workshop = Workshop::the();
        $typed = array_filter([...$workshop->typed, ...$asked], static fn (mixed $value): bool => $value !== null);
        $workshop->update([
            'typed' => $typed, 'rulebook_id' => Rulebook::of(WorkshopSettings::with($typed))->id,
            // What somebody types is theirs, and no longer what the jobs said.
            'own_figures' => array_diff_key($workshop->own_figures ?? [], $asked),
        ]);
        $workshop->refresh();
        foreach (MetalPrice::METALS as $metal) {
            $price = $asked["price.{$metal}"] ?? null;
            if ($price !== null && $workshop->rulebook->settings()->num("price.{$metal}") > 0) {
                MetalPrice::query()->create([
                    'metal' => $metal, 'price' => $workshop->rulebook->settings()->num("price.{$metal}"),
                    'on' => WorkshopTime::today()->toDateString(), 'source' => 'typed',
                    'person_id' => Person::at($request)?->id,
                ]);
            }
        }
        Note::write(
            'figures changed', Person::at($request),
            [
                'figures' => array_map(
                    static fn (mixed $value): mixed => is_array($value) ? sprintf(
                        'a list of %d', count($value),
                    ) : $value,
                    $asked,
                ),
            ],
        );

        return $this->answer($workshop->refresh());
    }

    private function answer(Workshop $workshop): JsonResponse
    {
        $settings = $workshop->rulebook->settings();
        $figures = [];
        foreach (WorkshopFields::all() as $path => $field) {
            $figures[$path] = [
                'value' => $settings->value($path), 'typed' => $workshop->typed[$path] ?? null,
                'default' => $field->default, 'own' => $settings->isOwn($path),
            ];
        }

        return new JsonResponse(['figures' => $figures, 'version' => $workshop->version]);
    }
}
