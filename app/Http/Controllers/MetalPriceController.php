<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Models\MetalPrice;
use App\Models\Note;
use App\Models\Person;
use App\Models\Workshop;
use App\Price\MetalPrices;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\Rule;

/** Prices of metal by day: typed, read from a file, or from a feed that is simulated and says so. */
final class MetalPriceController
{
    public function index(): JsonResponse
    {
        $prices = MetalPrice::query()->orderBy('on')->orderBy('id')->get();

        return new JsonResponse([
            'currency' => strtoupper(Workshop::the()->rulebook->settings()->text('price.currency')),
            'metals' => MetalPrice::METALS,
            'prices' => $prices->map(static fn (MetalPrice $one): array => [
                'metal' => $one->metal, 'price' => (float) $one->price, 'on' => $one->on->toDateString(),
                'source' => $one->source,
            ])->all(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $asked = $request->validate([
            'metal' => ['required', Rule::in(MetalPrice::METALS)], 'price' => 'required|numeric|gt:0|max:1000000',
            'on' => 'bail|required|string|date_format:Y-m-d|before_or_equal:'.WorkshopTime::today()->toDateString(),
        ], ['price' => 'A price above nought is accepted.', 'on.before_or_equal' => 'That day has not come yet.']);
        MetalPrices::keep(
            $asked['metal'], (float) $asked['price'], $asked['on'], 'typed', Person::at($request),
        );
        Note::write('metal price', Person::at($request), $asked);

        return $this->index();
    }

    public function import(Request $request): JsonResponse
    {
        $request->validate(['file' => 'required|file|max:512']);
        $file = $request->file('file');
        $rows = MetalPrices::read($file instanceof UploadedFile ? (string) $file->getContent() : '');
        foreach ($rows as [$metal, $price, $on]) {
            MetalPrice::query()->create([
                'metal' => $metal, 'price' => $price, 'on' => $on, 'source' => 'csv',
                'person_id' => Person::at($request)?->id,
            ]);
        }
        MetalPrices::use();
        Note::write('metal prices read', Person::at($request), ['lines' => count($rows)]);

        return $this->index();
    }

    /** Today's prices from the simulated feed. */
    public function simulate(Request $request): JsonResponse
    {
        $today = WorkshopTime::today();
        foreach (MetalPrices::simulated($today) as $metal => $price) {
            MetalPrices::keep($metal, $price, $today->toDateString(), 'simulated', Person::at($request));
        }

        return $this->index();
    }
}
