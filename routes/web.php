<?php

declare(strict_types=1);

use App\Http\Controllers\ClientPageController;
use Illuminate\Support\Facades\Route;

// A client's link: a page of its own, without sign-in.
Route::middleware('throttle:60,1')->prefix('look/{token}')->where(['token' => '[A-Za-z0-9]{20,80}'])->group(function (): void {
    Route::get('/', [ClientPageController::class, 'show']);
    Route::post('/', [ClientPageController::class, 'answer'])->middleware('throttle:12,1');
    Route::get('picture/{file}', [ClientPageController::class, 'picture']);
});
// Every other address is a page of the screen, which finds its own way.
Route::view('/{page?}', 'bench')->where('page', '^(?!api/|build/).*$');
