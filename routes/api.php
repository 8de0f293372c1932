<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use App\Http\Controllers\CastingController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\JobMetalController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\MetalController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\ReckonController;
use App\Http\Controllers\RowController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\StretchTestController;
use Illuminate\Support\Facades\Route;

Route::post('reckon/{sheet}', [ReckonController::class, 'reckon']);
Route::post('sums/{sheet}', [ReckonController::class, 'sum']);
Route::get('catalogue', [BenchController::class, 'catalogue']);
Route::get('today', [BenchController::class, 'today']);
Route::get('clients', [BenchController::class, 'clients']);

Route::get('bench', [BenchController::class, 'bench']);
Route::post('bench', [BenchController::class, 'pick']);
Route::post('sign-in', [BenchController::class, 'signIn'])->middleware('throttle:sign-in');
Route::post('sign-out', [BenchController::class, 'signOut']);

Route::get('shop', [ShopController::class, 'show']);
Route::put('shop', [ShopController::class, 'update']);

Route::get('jobs', [JobController::class, 'index']);
Route::post('jobs', [JobController::class, 'store']);
Route::post('jobs/import', [JobFileController::class, 'import']);
Route::prefix('jobs/{job}')->group(function (): void {
    Route::get('/', [JobController::class, 'show']);
    Route::post('reckon', [JobController::class, 'reckon']);
    Route::post('changes', [JobController::class, 'change']);
    Route::post('undo', [JobController::class, 'undo']);
    Route::get('history', [JobController::class, 'history']);
    Route::post('like', [JobController::class, 'like']);
    Route::post('client', [JobController::class, 'client']);
    Route::post('stations/{station}', [StationController::class, 'state']);
    Route::post('overrides', [StationController::class, 'override']);
    Route::post('rows/{group}/{index}/out', RowController::class)->where(['group' => '[a-z]+', 'index' => '[0-9]{1,3}']);
    Route::post('assembly', [StationController::class, 'assemble']);
    Route::post('close', [StationController::class, 'close']);
    Route::get('figures', [StationController::class, 'figures']);
    Route::post('figures', [StationController::class, 'adopt']);
    Route::post('pictures', [PictureController::class, 'store']);
    Route::get('file', [JobFileController::class, 'json']);
    Route::post('charge', [MetalController::class, 'charge']);
    Route::post('sizing-metal', [JobMetalController::class, 'sizing']);
    Route::post('deliver-metal', [JobMetalController::class, 'deliver']);
    Route::get('looks', [LookController::class, 'index']);
    Route::post('looks', [LookController::class, 'store']);
    Route::get('drawings/{view}.{kind}', [DrawingController::class, 'show'])->where(['view' => '[a-z-]+', 'kind' => 'svg|dxf']);
    Route::get('zip', [JobFileController::class, 'zip']);
});
Route::post('looks/{look}/revoke', [LookController::class, 'revoke']);
Route::get('pictures/{file}', [PictureController::class, 'show']);

Route::get('casting', [CastingController::class, 'index']);
Route::post('casting', [CastingController::class, 'store']);
Route::get('casting/{run}', [CastingController::class, 'show']);
Route::post('casting/{run}/kiln', [CastingController::class, 'kiln']);
Route::post('casting/{run}/befall', [CastingController::class, 'befall']);
Route::post('casting/{run}/alarms/{alarm}', [CastingController::class, 'alarm']);
Route::post('flasks/{flask}/step', [CastingController::class, 'step']);
Route::post('flasks/{flask}/tick', [CastingController::class, 'tick']);
Route::get('metal', [MetalController::class, 'index']);
Route::post('metal', [MetalController::class, 'receive']);
Route::post('metal/move', [MetalController::class, 'move']);
Route::post('metal/import', [MetalController::class, 'import']);
Route::get('metal/statement.csv', [MetalController::class, 'csv']);
Route::post('metal/lots/{lot}/weigh', [MetalController::class, 'weigh']);
Route::post('metal/movements/{movement}/reverse', [MetalController::class, 'reverse']);
Route::get('stretch-tests', [StretchTestController::class, 'index']);
Route::post('stretch-tests', [StretchTestController::class, 'store']);
Route::delete('stretch-tests/{test}', [StretchTestController::class, 'destroy']);
Route::get('clocks', [ClockController::class, 'index']);
Route::post('clocks', [ClockController::class, 'start']);
Route::post('clocks/{clock}/stop', [ClockController::class, 'stop']);

Route::get('devices/{device}', [DeviceController::class, 'read']);
Route::post('devices/{device}/take', [DeviceController::class, 'take']);
Route::post('devices/{device}/tare', [DeviceController::class, 'tare']);
Route::post('devices/{device}/put', [DeviceController::class, 'put']);
