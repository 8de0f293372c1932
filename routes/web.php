<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// Every other address is a page of the screen, which finds its own way.
Route::view('/{page?}', 'bench')->where('page', '^(?!api/|build/).*$');
