<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\TodayPage;
use App\Bench\WorkshopTime;
use App\Contract\Catalogue;
use App\Http\Problem;
use App\Models\Client;
use App\Models\DoneRequest;
use App\Models\Person;
use App\Models\Workshop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Today's page, who is at the bench, and what the screen must know of every field. */
final class BenchController
{
    public function catalogue(): JsonResponse
    {
        return JsonResponse::fromJsonString(Catalogue::asJson());
    }

    public function today(TodayPage $today): JsonResponse
    {
        return new JsonResponse($today->toArray());
    }

    public function clients(Request $request): JsonResponse
    {
        $search = Client::key((string) ($request->validate(['search' => 'nullable|string|max:100'])['search'] ?? ''));

        return new JsonResponse(
            [
                'clients' => Client::query()
                    ->whereRaw("name_key like ? escape '!'", ['%'.preg_replace('/[%_!]/', '!$0', $search).'%'])
                    ->orderBy('name')->limit(50)->get(['id', 'name', 'contact', 'note']),
            ],
        );
    }

    /** What became of a request whose answer was lost: what it was answered, or that it was never done. */
    public function became(Request $request, string $key): Response
    {
        $done = DoneRequest::query()->where('key', $key)->where('person_id', Person::at($request)?->id)->first();

        return $done?->answer() ?? Problem::said('This was not done.', 404);
    }

    public function bench(): JsonResponse
    {
        return new JsonResponse(self::present());
    }

    /** @return array<string, mixed> who is here; before somebody has signed in, only that they must */
    public static function present(): array
    {
        $network = config('sprue.network') === true;
        $person = Auth::user();
        $isOpen = ! $network || $person !== null;

        return [
            'network' => $network,
            'person' => $person instanceof Person ? [
                ...$person->only(['id', 'name']), 'role' => $person->role->value,
            ] : null,
            'may' => $person instanceof Person ? $person->role->abilities() : [],
            'people' => $isOpen ? Person::query()->orderBy('name')->get(['id', 'name']) : [],
            'now' => now()->toIso8601String(),
            'zone' => $isOpen ? WorkshopTime::zone()->getName() : 'UTC',
            'zone_agreed' => ! $isOpen || Workshop::the()->timezone_agreed,
            'house' => $isOpen ? Workshop::the()->only(['name', 'mark']) : ['name' => null, 'mark' => null],
            'units' => self::units(),
            'clocks' => $isOpen ? ClockController::running() : [],
            'kiln' => $isOpen ? CastingController::hot() : null,
        ];
    }

    /** @return array<string, string> in which a tablet shows figures until somebody there turns them */
    private static function units(): array
    {
        $settings = Workshop::the()->rulebook->settings();

        return [
            'length' => $settings->text('units.length'), 'mass' => $settings->text('units.mass'),
            'temperature' => $settings->text('units.temperature'), 'size' => $settings->text('units.size'),
        ];
    }
}
