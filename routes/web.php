<?php

declare(strict_types=1);

use App\Http\Controllers\ClientPageController;
use Illuminate\Support\Facades\Route;

// A client's link: a page of its own, without sign-in and without a session.
Route::prefix('look/{token}')->where(['token' => '[A-Za-z0-9]{20,80}'])->group(function (): void {
    Route::get('/', [ClientPageController::class, 'show'])->middleware('throttle:look-view');
    Route::post('/', [ClientPageController::class, 'answer'])->middleware(
        ['throttle:look-answer', App\Http\Middleware\IdempotentRequest::class],
    );
    Route::get('picture/{file}', [ClientPageController::class, 'picture'])->middleware('throttle:look-picture');
});
// Every other address is a page of the screen, which finds its own way.
Route::view('/{page?}', 'bench')->where('page', '^(?!api/|build/).*$');
