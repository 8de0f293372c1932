<?php

declare(strict_types=1);

use App\Http\Controllers\CalendarController;
use App\Http\Controllers\ClientPageController;
use App\Http\Controllers\QuotePageController;
use Illuminate\Support\Facades\Route;

// A client's link: a page of its own, without sign-in and without a session.
Route::prefix('look/{token}')->where(['token' => '[A-Za-z0-9]{20,80}'])->group(function (): void {
    Route::get('/', [ClientPageController::class, 'show'])->middleware('throttle:look-view');
    Route::post('/', [ClientPageController::class, 'answer'])->middleware(
        ['throttle:look-answer', App\Http\Middleware\IdempotentRequest::class],
    );
    Route::get('piece/{at}/{step}.png', [ClientPageController::class, 'piece'])
        ->where(['at' => '[0-9]{1,4}', 'step' => '[0-9]{1,4}'])->middleware('throttle:look-picture');
    Route::get('picture/{file}', [ClientPageController::class, 'picture'])->middleware('throttle:look-picture');
});
// A client's quote, and a calendar's feed: by their secret links alone.
Route::get('quote/{token}', [QuotePageController::class, 'show'])->where('token', '[A-Za-z0-9]{20,80}')
    ->middleware('throttle:look-view');
Route::post('quote/{token}', [QuotePageController::class, 'answer'])->where('token', '[A-Za-z0-9]{20,80}')->middleware(
    ['throttle:look-answer', App\Http\Middleware\IdempotentRequest::class],
);
Route::get('calendar/{token}.ics', [CalendarController::class, 'feed'])->where('token', '[A-Za-z0-9]{20,80}')
    ->middleware('throttle:look-view');
// Every other address is a page of the screen, which finds its own way.
Route::view('/{page?}', 'bench')->where('page', '^(?!api/|build/).*$');
