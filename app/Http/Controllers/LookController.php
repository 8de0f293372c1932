<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Look\Arrangements;
use App\Mailbox\Mailbox;
use App\Models\Job;
use App\Models\Letter;
use App\Models\Look;
use App\Models\Person;
use HotSprue\Drawing\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** The client's look, at the bench: what may be offered, the links sent, and the mailbox. */
final class LookController
{
    private const DAYS = 14;

    public function index(Job $job): JsonResponse
    {
        return $this->answer($job);
    }

    /** Makes a link and sends it; its address is told this once. */
    public function store(Request $request, Job $job, Mailbox $mailbox): JsonResponse
    {
        $offered = array_keys(Arrangements::of($job));
        $asked = $request->validate([
            'to' => 'required|string|max:200',
            'arrangements' => 'required|array|min:1|max:10', 'arrangements.*' => 'string|in:'.implode(',', $offered === [] ? ['-'] : $offered),
            'days' => 'nullable|integer|min:1|max:90',
        ], ['arrangements.required' => 'Choose at least one drawing to show.', 'to.required' => 'Say where the link is to be sent.']);
        $token = Str::random(48);
        $person = Person::at($request);
        $look = Look::query()->create([
            'job_id' => $job->id, 'person_id' => $person?->id, 'token_hash' => Look::hash($token), 'arrangements' => $asked['arrangements'],
            'pictures' => array_column($job->held()->list('pictures'), 'file'), 'expires_at' => now()->addDays((int) ($asked['days'] ?? self::DAYS)),
        ]);
        $address = $request->getSchemeAndHttpHost()."/look/{$token}";
        $mailbox->send($job, $asked['to'], "Your ring: {$job->title}", "Here is a look at your ring before it is cast.\n\n{$address}\n\nThe page is open until {$look->expires_at->format('j F Y')}. Choose the arrangement you like, ask for a change, or say that it may be cast.");

        return $this->answer($job, ['address' => $address], 201);
    }

    public function revoke(Look $look): JsonResponse
    {
        $look->update(['revoked_at' => $look->revoked_at ?? now()]);

        return $this->answer($look->job);
    }

    /** @param array<string, mixed> $more */
    private function answer(Job $job, array $more = [], int $status = 200): JsonResponse
    {
        $looks = Look::query()->where('job_id', $job->id)->orderByDesc('id')->get();
        $letters = Letter::query()->where('job_id', $job->id)->orderByDesc('id')->limit(20)->get();

        return new JsonResponse([
            'offered' => array_map(static fn (View $view): array => ['name' => $view->name, 'title' => $view->toArray()['title']], array_values(Arrangements::of($job))),
            'looks' => $looks->map(static fn (Look $look): array => [
                'id' => $look->id, 'arrangements' => $look->arrangements, 'sent_at' => $look->created_at->toIso8601String(), 'expires_at' => $look->expires_at->toIso8601String(),
                'state' => $look->revoked_at !== null ? 'revoked' : ($look->expires_at->isPast() ? 'expired' : 'open'),
            ])->all(),
            'letters' => $letters->map(static fn (Letter $letter): array => ['id' => $letter->id, 'to' => $letter->to, 'subject' => $letter->subject, 'body' => $letter->body, 'sent_at' => $letter->sent_at->toIso8601String()])->all(),
            'simulated' => true,
            ...$more,
        ], $status);
    }
}
