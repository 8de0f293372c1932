<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\CalendarLink;
use App\Models\ClientReview;
use App\Models\Note;
use App\Models\Person;
use App\Plan\PlanCalendar;
use App\Plan\Team;
use App\Plan\WorkshopPlan;
use HotSprue\Fields\BadInput;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The plan in calendars: secret links for a person or a kiln, a file of it, and the plan as a table. */
final class CalendarController
{
    public function index(): JsonResponse
    {
        return $this->links();
    }

    /** Makes a link; its address is told this once. */
    public function store(Request $request): JsonResponse
    {
        $whose = $this->whose($request);
        $token = Str::random(48);
        CalendarLink::query()->create(['token_hash' => ClientReview::hash($token), ...$whose]);
        Note::write('calendar link made', Person::at($request), $whose);

        return $this->links(['address' => $request->getSchemeAndHttpHost(
        )."/calendar/{$token}.ics"])->setStatusCode(201);
    }

    public function revoke(Request $request, CalendarLink $link): JsonResponse
    {
        $link->update(['revoked_at' => $link->revoked_at ?? now()]);
        Note::write('calendar link ended', Person::at($request), ['link' => $link->id]);

        return $this->links();
    }

    /** What a calendar fetches by its secret link. */
    public function feed(string $token): Response
    {
        $link = CalendarLink::open($token);
        abort_if($link === null, 404);

        return $this->file($link->person?->name, $link->kiln);
    }

    public function download(Request $request): Response
    {
        $whose = $this->whose($request);
        $person = $whose['person_id'] === null ? null : Person::query()->findOrFail($whose['person_id'])->name;

        return $this->file($person, $whose['kiln']);
    }

    public function csv(): Response
    {
        $rows = [];
        foreach ((array) (new WorkshopPlan)->answer()->value('placed') as $step) {
            $rows[] = [
                $step['job'], $step['step'], $step['what'], $step['by'] ?? '', $step['start'], $step['end'],
                $step['fixed'] ? 'fixed' : '',
            ];
        }

        return QuoteController::table('plan', ['job', 'step', 'what', 'by', 'start', 'end', 'fixed'], $rows);
    }

    private function file(?string $person, ?string $kiln): Response
    {
        $text = $person === null ? PlanCalendar::ofKiln((string) $kiln) : PlanCalendar::ofPerson($person);

        return new Response($text, 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'no-store',
            'Content-Disposition' => 'attachment; filename="plan.ics"',
        ]);
    }

    /** @return array{person_id: int|null, kiln: string|null} */
    private function whose(Request $request): array
    {
        $asked = $request->validate(['person' => 'nullable|string|max:80', 'kiln' => 'nullable|string|max:40']);
        $person = isset($asked['person'])
            ? Person::query()->where('name', $asked['person'])->value('id')
                ?? throw BadInput::field('person', "There is no {$asked['person']} here.")
            : null;
        $kiln = $asked['kiln'] ?? null;
        if ($kiln !== null && ! in_array($kiln, array_column(Team::kilns(), 'id'), true)) {
            throw BadInput::field('kiln', "There is no kiln {$kiln}.");
        }

        return ($person === null) === ($kiln === null)
            ? throw BadInput::field('person', 'A person or a kiln is accepted, and not both.')
            : ['person_id' => $person === null ? null : (int) $person, 'kiln' => $kiln];
    }

    /** @param array<string, mixed> $more */
    private function links(array $more = []): JsonResponse
    {
        return new JsonResponse([
            'links' => CalendarLink::query()->with('person:id,name')->whereNull('revoked_at')->orderBy('id')->get()
                ->map(static fn (CalendarLink $link): array => [
                    'id' => $link->id, 'whose' => $link->person->name ?? (string) $link->kiln,
                    'since' => $link->created_at->toIso8601String(),
                ])->all(), ...$more,
        ]);
    }
}
