<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EntryKind;
use App\Bench\JobKeeper;
use App\Bench\WorkshopTime;
use App\ClientReview\OfferedDrawings;
use App\ClientReview\TurnedPiece;
use App\Models\ClientReview;
use App\Pictures\PictureStore;
use HotSprue\Drawing\SvgWriter;
use HotSprue\Drawing\View as Drawing;
use HotSprue\Job\Change;
use HotSprue\Job\ClientApproval;
use HotSprue\Job\JobAnswers;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The page that a client's link opens: what that letter offered, and a word back. Nothing else, and no session. */
final class ClientPageController
{
    public function show(Request $request, string $token): Response
    {
        $look = ClientReview::open($token);

        return $look === null ? $this->ended() : $this->page($look, $token, thanks: $request->boolean('thanks'));
    }

    public function answer(Request $request, string $token, JobKeeper $keeper): RedirectResponse|Response
    {
        $look = ClientReview::open($token);
        if ($look === null) {
            return $this->ended();
        }
        $read = Validator::make($request->only(['what', 'name', 'arrangement', 'words']), [
            'what' => 'required|in:picks,asks,approves',
            'name' => 'required|string|max:80',
            'arrangement' => ['required_if:what,picks', 'nullable', 'string', Rule::in($look->arrangements)],
            'words' => 'required_if:what,asks|nullable|string|max:2000',
        ], [
            'name.required' => 'Say who you are.', 'words.required_if' => 'Say what should be changed.',
            'arrangement.required_if' => 'Choose one of the arrangements.',
        ]);
        if ($read->fails()) {
            return $this->page(
                $look, $token, array_values($read->errors()->all()),
                array_filter($request->only(['name', 'arrangement', 'words']), is_string(...)),
            );
        }
        $this->keep($look, $read->validated(), $keeper);

        return redirect("/look/{$token}?thanks=1#said", 303);
    }

    public function picture(string $token, string $file, PictureStore $pictures): BinaryFileResponse
    {
        $look = ClientReview::open($token);
        abort_unless($look !== null && in_array($file, $look->pictures, true), 404);

        return $pictures->served($file);
    }

    /** A piece that was offered, by its place among what was, so many steps of a turn on. */
    public function piece(string $token, int $at, int $step): Response
    {
        $look = ClientReview::open($token);
        $name = $look->arrangements[$at] ?? '';
        $piece = $look === null || $step >= TurnedPiece::STEPS ? null : TurnedPiece::of($look->job, $name);
        abort_if($piece === null, 404);

        return new Response($piece->still($step), 200, ['Content-Type' => 'image/png']);
    }

    /** @param array<string, mixed> $said */
    private function keep(ClientReview $look, array $said, JobKeeper $keeper): void
    {
        $job = $look->job;
        $word = [
            'what' => $said['what'], 'arrangement' => (string) ($said['arrangement'] ?? ''),
            'words' => trim((string) ($said['words'] ?? '')), 'look' => $look->id, 'by' => $said['name'],
            'at' => now()->toIso8601String(),
        ];
        if ($said['what'] === 'approves') {
            // What may be cast is what was seen: the drawings stay with the letter, the figures with the word.
            $look->update(
                ['shown' => ['at' => $word['at'], 'by' => $said['name'], 'drawings' => $this->drawings($look)]],
            );
            $word['figures'] = ClientApproval::figures(JobAnswers::of($job->held(), $job->settings()));
        }
        $keeper->store(
            $job, [new Change('words.'.$job->held()->nextKey('words'), null, $word)], null, EntryKind::Client,
        );
    }

    /**
     * @param  list<string>  $wrong
     * @param  array<string, string>  $typed
     */
    private function page(
        ClientReview $look, string $token, array $wrong = [], array $typed = [], bool $thanks = false,
    ): Response
    {
        return new Response(view('look', [
            'token' => $token, 'title' => $look->job->title, 'drawings' => $this->drawings($look, $token),
            'pictures' => $look->pictures,
            'said' => array_filter(
                $look->job->held()->list('words'),
                static fn (array $word): bool => ($word['look'] ?? null) === $look->id,
            ),
            'until' => $look->expires_at->copy()->setTimezone(WorkshopTime::zone()), 'zone' => WorkshopTime::zone(),
            'wrong' => $wrong, 'typed' => $typed, 'thanks' => $thanks, 'once' => Str::uuid()->toString(),
        ])->render(), $wrong === [] ? 200 : 422);
    }

    /**
     * @param  ?string  $token  of the page that shows them; none where they are kept
     * @return array<string, array{title: string, svg: string}> what was offered, by name
     */
    private function drawings(ClientReview $look, ?string $token = null): array
    {
        $drawn = array_map(
            static fn (Drawing $view): array => [
                'title' => OfferedDrawings::title($view->name), 'svg' => SvgWriter::picture($view),
            ],
            array_intersect_key(OfferedDrawings::of($look->job), array_flip($look->arrangements)),
        );
        $pieces = [];
        foreach ($look->arrangements as $at => $name) {
            $piece = TurnedPiece::of($look->job, $name);
            $piece === null ?: $pieces[$name] = [
                'title' => $piece->title(),
                'svg' => $token === null
                    ? '<img alt="your ring" src="data:image/png;base64,'.base64_encode($piece->still(0)).'">'
                    : view('turned', [
                        'token' => $token, 'at' => $at, 'steps' => TurnedPiece::STEPS, 'title' => $piece->title(),
                    ])->render(),
            ];
        }

        return [...$pieces, ...$drawn];
    }

    private function ended(): Response
    {
        return new Response(view('look-ended')->render(), 404);
    }
}
