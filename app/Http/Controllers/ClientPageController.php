<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobKeeper;
use App\Look\Arrangements;
use App\Models\Look;
use HotSprue\Drawing\SvgWriter;
use HotSprue\Drawing\View as Drawing;
use HotSprue\Job\Change;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The page that a client's link opens: that job's drawings and photographs, and a word back. Nothing else. */
final class ClientPageController
{
    public function show(string $token): Response
    {
        $look = Look::open($token);
        if ($look === null) {
            return new Response(view('look-ended')->render(), 404);
        }
        $drawings = array_map(static fn (Drawing $view): array => ['title' => $view->toArray()['title'], 'svg' => substr(SvgWriter::write($view), (int) strpos(SvgWriter::write($view), '<svg'))], array_intersect_key(Arrangements::of($look->job), array_flip($look->arrangements)));
        $said = array_values(array_filter($look->job->held()->list('words'), static fn (array $word): bool => ($word['what'] ?? '') !== ''));

        return new Response(view('look', ['token' => $token, 'title' => $look->job->title, 'drawings' => $drawings, 'pictures' => $look->pictures, 'said' => $said, 'until' => $look->expires_at])->render());
    }

    public function answer(Request $request, string $token, JobKeeper $keeper): RedirectResponse|Response
    {
        $look = Look::open($token);
        if ($look === null) {
            return new Response(view('look-ended')->render(), 404);
        }
        $asked = $request->validate([
            'what' => 'required|in:picks,asks,approves',
            'name' => 'required|string|max:80',
            'arrangement' => 'required_if:what,picks|nullable|string|in:'.implode(',', $look->arrangements),
            'words' => 'required_if:what,asks|nullable|string|max:2000',
        ], ['name.required' => 'Say who you are.', 'words.required_if' => 'Say what should be changed.', 'arrangement.required_if' => 'Choose one of the arrangements.']);
        $word = ['what' => $asked['what'], 'arrangement' => (string) ($asked['arrangement'] ?? ''), 'words' => trim((string) ($asked['words'] ?? '')), 'by' => $asked['name'], 'at' => now()->toIso8601String()];
        $keeper->store($look->job, [new Change('words.'.count($look->job->held()->list('words')), null, $word)], null);

        return redirect("/look/{$token}")->with('thanks', true);
    }

    public function picture(string $token, string $file): BinaryFileResponse
    {
        $look = Look::open($token);
        abort_unless($look !== null && in_array($file, $look->pictures, true), 404);

        return app(PictureController::class)->show($file);
    }
}
