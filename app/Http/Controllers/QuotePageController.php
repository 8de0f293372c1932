<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\WorkshopTime;
use App\Models\Quote;
use App\Models\Workshop;
use App\Price\QuoteBook;
use HotSprue\Fields\BadInput;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\Str;

/** The page that a client's link to a quote opens: accepted, declined, or asked about. No session. */
final class QuotePageController
{
    public function show(Request $request, string $token): Response
    {
        $quote = Quote::open($token);

        return $quote === null ? $this->ended() : $this->page($quote, $token, thanks: $request->boolean('thanks'));
    }

    public function answer(Request $request, string $token): RedirectResponse|Response
    {
        $quote = Quote::open($token);
        if ($quote === null) {
            return $this->ended();
        }
        $read = Validator::make($request->only(['what', 'name', 'words']), [
            'what' => 'required|in:accepted,declined,asks', 'name' => 'required|string|max:80',
            'words' => 'required_if:what,asks|nullable|string|max:2000',
        ], ['name.required' => 'Say who you are.', 'words.required_if' => 'Say what you would like to know.']);
        $typed = array_filter($request->only(['name', 'words']), is_string(...));
        if ($read->fails()) {
            return $this->page($quote, $token, array_values($read->errors()->all()), $typed);
        }
        $said = $read->validated();
        if ($said['what'] === 'accepted' && $quote->until->toDateString() < WorkshopTime::today()->toDateString()) {
            return $this->page($quote, $token, ['It stood until that day, which is past: ask for a new one.'], $typed);
        }
        try {
            $said['what'] === 'asks'
                ? $quote->update(['words' => "{$said['name']}: {$said['words']}"])
                : QuoteBook::answered($quote, $said['what'], $said['name'], (string) ($said['words'] ?? ''));
        } catch (BadInput $bad) {
            return $this->page($quote, $token, array_merge(...array_values($bad->errors)), $typed);
        }

        return redirect("/quote/{$token}?thanks=1#said", 303);
    }

    /**
     * @param  list<string>  $wrong
     * @param  array<string, string>  $typed
     */
    private function page(
        Quote $quote, string $token, array $wrong = [], array $typed = [], bool $thanks = false,
    ): Response
    {
        return new Response(view('quote', [
            'quote' => $quote, 'token' => $token, 'wrong' => $wrong, 'typed' => $typed, 'thanks' => $thanks,
            'once' => Str::uuid()->toString(), 'house' => Workshop::the()->name ?? '',
            'overtaken' => $quote->isOvertaken(),
            'isPast' => $quote->until->toDateString() < WorkshopTime::today()->toDateString(),
        ])->render(), $wrong === [] ? 200 : 422);
    }

    private function ended(): Response
    {
        return new Response(view('look-ended')->render(), 404);
    }
}
