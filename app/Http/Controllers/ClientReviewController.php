<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EntryKind;
use App\Bench\JobKeeper;
use App\Bench\WorkshopTime;
use App\ClientReview\OfferedDrawings;
use App\ClientReview\OfferedPiece;
use App\Mailbox\Mailbox;
use App\Models\ClientReview;
use App\Models\Job;
use App\Models\Letter;
use App\Models\Person;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Rows;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/**
 * The client's look, at the bench: what may be offered, the links sent, the mailbox, and a change that was answered.
 */
final class ClientReviewController
{
    private const DAYS = 14;

    private const LETTERS = 20;

    public function index(Job $job): JsonResponse
    {
        return $this->answer($job);
    }

    /** Makes a link to the drawings and photographs chosen, and sends it; its address is told this once. */
    public function store(Request $request, Job $job, Mailbox $mailbox): JsonResponse
    {
        $pictures = array_column($job->held()->list('pictures'), 'file', Rows::KEY);
        $asked = $request->validate([
            'to' => 'required|string|max:200',
            'arrangements' => 'required_without:others|array|list|max:10',
            'arrangements.*' => ['string', Rule::in(array_keys(OfferedDrawings::titles($job)))],
            'others' => 'nullable|array|list|max:6', 'others.*.alloy' => 'nullable|string|max:40',
            'others.*.width' => 'nullable|string|max:40',
            'pictures' => 'nullable|array|max:40',
            'pictures.*' => ['string', Rule::in(array_map(strval(...), array_keys($pictures)))],
            'days' => 'nullable|integer|min:1|max:90',
        ], [
            'arrangements.required_without' => 'Choose at least one drawing to show.',
            'to.required' => 'Say where the link is to be sent.',
        ]);
        abort_if($job->state !== 'open', 409, 'This job is closed; there is nothing left to show.');
        $token = Str::random(48);
        $look = ClientReview::query()->create([
            'job_id' => $job->id, 'person_id' => Person::at($request)?->id, 'token_hash' => ClientReview::hash($token),
            'arrangements' => array_values(array_unique([
                ...$asked['arrangements'] ?? [], ...$this->others($job, $asked['others'] ?? []),
            ])),
            'pictures' => array_values(array_intersect_key($pictures, array_flip($asked['pictures'] ?? []))),
            'expires_at' => now()->addDays((int) ($asked['days'] ?? self::DAYS)),
        ]);
        $address = $request->getSchemeAndHttpHost()."/look/{$token}";
        $until = $look->expires_at->copy()->setTimezone(WorkshopTime::zone())->format('j F Y');
        $mailbox->send(
            $job, $asked['to'], "Your ring: {$job->title}",
            "Here is a look at your ring before it is cast.\n\n{$address}\n\nThe page is open until {$until}. Choose "
                .'the arrangement you like, ask for a change, or say that it may be cast.',
            $token,
        );

        return $this->answer($job, ['address' => $address], 201);
    }

    public function revoke(ClientReview $look): JsonResponse
    {
        $look->update(['revoked_at' => $look->revoked_at ?? now()]);

        return $this->answer($look->job);
    }

    /** A change that a client asked for has been answered. */
    public function answered(Request $request, Job $job, string $key, JobKeeper $keeper): JsonResponse
    {
        $word = $job->held()
            ->rows('words')->at($key) ?? throw BadInput::field('_', 'There is no such word of the client.');
        $person = Person::at($request);
        if (! isset($word['answered'])) {
            $job = $keeper->store(
                $job,
                [
                    new Change(
                        "words.{$key}", $word,
                        [...$word, 'answered' => ($person->name ?? '').', '.WorkshopTime::today()->toDateString()],
                    ),
                ],
                $person, EntryKind::Client,
            );
        }

        return $this->answer($job);
    }

    /**
     * The piece in other metals and widths, by name.
     *
     * @param  list<array{alloy?: ?string, width?: ?string}>  $others
     * @return list<string>
     *
     * @throws BadInput
     */
    private function others(Job $job, array $others): array
    {
        if ($others !== [] && ! isset(OfferedDrawings::titles($job)[OfferedDrawings::PIECE])) {
            throw BadInput::field('others', 'There is no piece to show yet: say its size and its section first.');
        }

        // As they were asked, whichever of the two each says.
        ksort($others);

        return array_map(static fn (array $other): string => OfferedPiece::said(
            $other['alloy'] ?? null, $other['width'] ?? null, $job->settings(),
        )->name, array_values($others));
    }

    /**
     * What was offered once, as it is called, and what would make the job's piece so.
     *
     * @param  array<int, string>  $names
     * @return list<array{name: string, title: string, changes: list<array{path: string, to: mixed}>}>
     */
    private function titled(Job $job, array $names): array
    {
        return array_map(static function (string $name) use ($job): array {
            $piece = OfferedPiece::named($name, $job->settings());

            return [
                'name' => $name, 'title' => $piece?->title() ?? OfferedDrawings::title($name),
                'changes' => array_map(static fn (Change $change): array => [
                    'path' => $change->path, 'to' => $change->to,
                ], $piece?->changes($job->held()) ?? []),
            ];
        }, array_values(array_unique($names)));
    }

    /** @param array<string, mixed> $more */
    private function answer(Job $job, array $more = [], int $status = 200): JsonResponse
    {
        $looks = ClientReview::query()->where('job_id', $job->id)->orderByDesc('id')->get();
        $titles = OfferedDrawings::titles($job);
        $letters = Letter::query()->where('job_id', $job->id)->orderByDesc('id')->limit(self::LETTERS)->get();

        return new JsonResponse([
            'offered' => array_map(
                static fn (string $name, string $title): array => ['name' => $name, 'title' => $title],
                array_keys($titles), array_values($titles),
            ),
            'was_offered' => $this->titled($job, $looks->flatMap(
                static fn (ClientReview $look): array => $look->arrangements,
            )->values()->all()),
            'pictures' => array_map(
                static fn (array $picture): array => [
                    'key' => (string) $picture[Rows::KEY], 'file' => $picture['file'],
                    'caption' => $picture['caption'] ?? '',
                ],
                $job->held()->list('pictures'),
            ),
            'looks' => $looks->map(static fn (ClientReview $look): array => [
                'id' => $look->id, 'arrangements' => $look->arrangements, 'pictures' => count($look->pictures),
                'sent_at' => $look->created_at->toIso8601String(), 'expires_at' => $look->expires_at->toIso8601String(),
                'state' => $look->revoked_at !== null
                    ? 'revoked'
                    : ($look->expires_at->isPast() || $job->state !== 'open' ? 'expired' : 'open'),
                'approved' => $look->shown !== null,
            ])->all(),
            'letters' => $letters->map(
                static fn (Letter $letter): array => [
                    'id' => $letter->id, 'to' => $letter->to, 'subject' => $letter->subject, 'body' => $letter->body,
                    'sent_at' => $letter->sent_at->toIso8601String(),
                ],
            )->all(),
            'words' => array_values(
                array_map(
                    static fn (array $word): array => array_diff_key($word, ['figures' => 1]),
                    $job->held()->list('words'),
                ),
            ),
            'simulated' => true,
            ...$more,
        ], $status);
    }
}
