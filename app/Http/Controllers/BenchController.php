<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\Backups;
use App\Bench\JobAnswer;
use App\Contract\Catalogue;
use App\Models\Client;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Job\Station;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Today's page, who is at the bench, and what the screen must know of every field. */
final class BenchController
{
    /** Open jobs looked through for what each needs next. */
    private const TODAY = 12;

    public function catalogue(): JsonResponse
    {
        return (new JsonResponse(Catalogue::toArray()))->setMaxAge(0);
    }

    public function today(Backups $backups): JsonResponse
    {
        $jobs = Job::query()->with(['client', 'rulebook'])->where('state', 'open')->orderByRaw('due_on is null')->orderBy('due_on')->orderBy('number')->limit(self::TODAY)->get();

        return new JsonResponse([
            'jobs' => $jobs->map(static function (Job $job): array {
                $answer = (new JobAnswer($job, $job->held(), Station::from($job->station)))->toArray();

                return [...JobController::row($job), 'next' => $answer['page']['wants'] === [] ? $answer['page']['sign_off'] : null, 'wants' => $answer['page']['wants'], 'worst' => collect($answer['stations'])->firstWhere('name', $job->station)['worst']];
            })->all(),
            'open' => Job::query()->where('state', 'open')->count(),
            'late' => Job::query()->where('state', 'open')->where('due_on', '<', today()->toDateString())->count(),
            'burnouts' => $this->burnouts(),
            'backup' => $backups->newest(),
        ]);
    }

    /** @return list<array<string, mixed>> kilns to switch on, of jobs whose burnout has an hour */
    private function burnouts(): array
    {
        $found = [];
        foreach (Job::query()->with('rulebook')->where('state', 'open')->whereIn('station', ['tree', 'burnout', 'pour'])->where('document', 'like', '%burnout.ready_at%')->limit(20)->get() as $job) {
            $reckoned = (new JobAnswer($job, $job->held(), Station::Burnout))->reckoned();
            $start = $reckoned->value('burnout.programme', 'start_at');
            if (is_string($start) && (string) $job->held()->text('burnout.ready_at') >= now()->toDateString()) {
                $found[] = ['number' => $job->number, 'title' => $job->title, 'start_at' => $start, 'ready_at' => $job->held()->text('burnout.ready_at')];
            }
        }
        usort($found, static fn (array $a, array $b): int => $a['start_at'] <=> $b['start_at']);

        return $found;
    }

    public function clients(Request $request): JsonResponse
    {
        $search = (string) ($request->validate(['search' => 'nullable|string|max:100'])['search'] ?? '');

        return new JsonResponse(['clients' => Client::query()->whereRaw('instr(lower(name), ?) > 0 or ? = \'\'', [mb_strtolower($search), $search])->orderBy('name')->limit(50)->get(['id', 'name', 'contact', 'note'])]);
    }

    public function bench(): JsonResponse
    {
        $network = config('sprue.network') === true;
        $person = Auth::user();

        return new JsonResponse([
            'network' => $network,
            'person' => $person?->only(['id', 'name']),
            // On a network the names are for those who signed in.
            'people' => $network && $person === null ? [] : Person::query()->orderBy('name')->get(['id', 'name']),
            'now' => now()->toIso8601String(),
            'clocks' => $network && $person === null ? [] : ClockController::running(),
            'kiln' => $network && $person === null ? null : CastingController::hot(),
        ]);
    }

    /** Picks who is at the bench, where the application serves this machine alone. */
    public function pick(Request $request): JsonResponse
    {
        abort_if(config('sprue.network') === true, 403, 'Sign in with your passphrase.');
        $asked = $request->validate(['id' => 'nullable|integer|exists:people,id', 'name' => 'required_without:id|nullable|string|max:80']);
        $person = isset($asked['id']) ? Person::query()->findOrFail((int) $asked['id']) : Person::query()->firstOrCreate(['name' => trim((string) $asked['name'])]);
        Auth::login($person);

        return $this->bench();
    }

    public function signIn(Request $request): JsonResponse
    {
        $asked = $request->validate(['name' => 'required|string|max:80', 'passphrase' => 'required|string|max:200']);
        // An account without a passphrase cannot sign in over a network.
        $has = Person::query()->where('name', $asked['name'])->whereNotNull('passphrase')->exists();
        if (! $has || ! Auth::attempt(['name' => $asked['name'], 'password' => $asked['passphrase']])) {
            return new JsonResponse(['errors' => ['passphrase' => ['The name and passphrase do not go together.']]], 422);
        }
        $request->session()->regenerate();

        return $this->bench();
    }

    public function signOut(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new JsonResponse(['network' => config('sprue.network') === true, 'person' => null, 'people' => [], 'now' => now()->toIso8601String(), 'clocks' => [], 'kiln' => null]);
    }
}
