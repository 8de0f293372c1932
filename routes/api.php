<?php

declare(strict_types=1);

use App\Http\Controllers\BackupController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\CalendarController;
use App\Http\Controllers\CastingController;
use App\Http\Controllers\ClientReviewController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\CommissionController;
use App\Http\Controllers\DeviceController;
use App\Http\Controllers\DrawingController;
use App\Http\Controllers\FlaskController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\JobFileController;
use App\Http\Controllers\JobMetalController;
use App\Http\Controllers\JournalController;
use App\Http\Controllers\MetalController;
use App\Http\Controllers\MetalPriceController;
use App\Http\Controllers\OwnFigureController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PersonController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PictureScaleController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PriceController;
use App\Http\Controllers\QuoteController;
use App\Http\Controllers\ReckonController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\RowController;
use App\Http\Controllers\ShopController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SolidController;
use App\Http\Controllers\StationController;
use App\Http\Controllers\StretchTestController;
use App\Http\Controllers\WorkshopController;
use App\Http\Middleware\IdempotentRequest;
use App\Rehearsals\HeatLesson;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

// Who is at the bench: sessions, not the workshop's records.
Route::get('bench', [BenchController::class, 'bench']);
Route::post('bench', [SignInController::class, 'pick']);
Route::post('sign-in', [SignInController::class, 'signIn'])->middleware('throttle:sign-in');
Route::post('sign-out', [SignInController::class, 'signOut']);

// Reads, and sums that keep nothing.
Route::middleware(['may:read', SubstituteBindings::class])->group(function (): void {
    Route::post('reckon/{sheet}', [ReckonController::class, 'reckon']);
    Route::post('sums/{sheet}', [ReckonController::class, 'sum']);
    Route::get('ask', [ReckonController::class, 'ask']);
    // Long, and seldom another: a browser that has it is told so.
    Route::get('catalogue', [BenchController::class, 'catalogue'])->middleware('cache.headers:private;no_cache;etag');
    Route::get('today', [BenchController::class, 'today']);
    Route::get('clients', [BenchController::class, 'clients']);
    Route::get('requests/{key}', [BenchController::class, 'became'])->where('key', '[A-Za-z0-9-]{16,64}');
    Route::get('shop', [ShopController::class, 'show']);
    Route::get('own-figures', [OwnFigureController::class, 'index']);
    Route::get('own-figures.csv', [OwnFigureController::class, 'csv']);
    Route::get('plan', [PlanController::class, 'show']);
    Route::get('plan.csv', [CalendarController::class, 'csv']);
    Route::get('plan.ics', [CalendarController::class, 'download']);
    Route::get('calendars', [CalendarController::class, 'index']);
    Route::get('quotes.csv', [QuoteController::class, 'csv']);
    Route::get('payments.csv', [QuoteController::class, 'paymentsCsv']);
    Route::get('metal-prices', [MetalPriceController::class, 'index']);
    Route::post('plan/try', [PlanController::class, 'try']);
    Route::get('workshop', [WorkshopController::class, 'show']);
    Route::get('journal', [JournalController::class, 'index']);
    Route::get('people', [PersonController::class, 'index']);
    Route::get('jobs', [JobController::class, 'index']);
    Route::prefix('jobs/{job}')->group(function (): void {
        Route::get('/', [JobController::class, 'show']);
        Route::post('reckon', [JobController::class, 'reckon']);
        Route::get('history', [JobController::class, 'history']);
        Route::get('figures', [StationController::class, 'figures']);
        Route::get('looks', [ClientReviewController::class, 'index']);
        Route::get('pictures/{key}/scale', [PictureScaleController::class, 'show']);
        Route::get('metal', [JobMetalController::class, 'index']);
        Route::get('price', [PriceController::class, 'show']);
        Route::post('price/try', [PriceController::class, 'try']);
        Route::get('promise', [PlanController::class, 'promise']);
        Route::get('file', [JobFileController::class, 'json']);
        Route::get('zip', [JobFileController::class, 'zip']);
        Route::post('solid', [SolidController::class, 'show']);
        Route::get('solid/{stage}.{kind}', [SolidController::class, 'file'])->where(['kind' => 'stl|3mf|png']);
        Route::post('pattern', [PatternController::class, 'read']);
        Route::get('pattern/progress', [PatternController::class, 'progress']);
        Route::get(
            'drawings/{view}.{kind}', [DrawingController::class, 'show'],
        )->where(['view' => '[a-z-]+', 'kind' => 'svg|dxf']);
    });
    Route::get('pictures/{file}', [PictureController::class, 'show']);
    Route::get('casting', [CastingController::class, 'index']);
    Route::get('casting/{run}', [CastingController::class, 'show']);
    Route::get('metal', [MetalController::class, 'index']);
    Route::get('metal/statement.csv', [MetalController::class, 'csv']);
    Route::get('stretch-tests', [StretchTestController::class, 'index']);
    Route::get('rehearsals', [RehearsalController::class, 'index']);
    Route::get('rehearsals/{rehearsal}', [RehearsalController::class, 'show'])->whereNumber('rehearsal');
    Route::get('lessons/{lesson}', [RehearsalController::class, 'lesson'])->where('lesson', HeatLesson::KEY);
    Route::get('lessons/{lesson}/shown', [RehearsalController::class, 'shown'])->where('lesson', HeatLesson::KEY);
    Route::get('clocks', [ClockController::class, 'index']);
    Route::get('devices/{device}', [DeviceController::class, 'read']);
    Route::post('devices/{device}/take', [DeviceController::class, 'take']);
});

// What makes or moves something is done once, by those who may.
Route::middleware(['may:work', IdempotentRequest::class, SubstituteBindings::class])->group(function (): void {
    Route::post('jobs', [JobController::class, 'store']);
    Route::post('jobs/import', [JobFileController::class, 'import']);
    Route::prefix('jobs/{job}')->group(function (): void {
        Route::post('changes', [JobController::class, 'change']);
        Route::post('undo', [JobController::class, 'undo']);
        Route::post('redo', [JobController::class, 'redo']);
        Route::post('like', [JobController::class, 'like']);
        Route::post('stations/{station}', [StationController::class, 'state']);
        Route::post('overrides', [StationController::class, 'override']);
        Route::post('stones/{key}/move', [CommissionController::class, 'moveStone'])->where('key', '[a-z0-9]{1,12}');
        Route::post('parts/take', [CommissionController::class, 'takePart']);
        Route::post('rows/{group}/{key}/out', RowController::class)->where(
            ['group' => '[a-z]+', 'key' => '[a-z0-9]{1,12}'],
        );
        Route::post('firing', [CastingController::class, 'fire']);
        Route::post('assembly', [StationController::class, 'assemble']);
        Route::post('figures', [StationController::class, 'adopt']);
        Route::post('pictures', [PictureController::class, 'store']);
        Route::post('pictures/{key}/scale', [PictureScaleController::class, 'store']);
        Route::post('steps/{step}', [PlanController::class, 'step'])->where('step', '[a-z0-9-]{1,40}');
        Route::delete('steps/{step}/fixed', [PlanController::class, 'free'])->where('step', '[a-z0-9-]{1,40}');
    });
    Route::post('plan/fixed', [PlanController::class, 'fix']);
    Route::post('casting', [CastingController::class, 'store']);
    Route::post('casting/{run}/kiln', [CastingController::class, 'kiln']);
    Route::post('casting/{run}/fault', [CastingController::class, 'fault']);
    Route::post('casting/{run}/alarms/{alarm}', [CastingController::class, 'alarm'])->where('alarm', '[0-9]{1,15}');
    Route::post('flasks/{flask}/step', [FlaskController::class, 'step']);
    Route::post('flasks/{flask}/tick', [FlaskController::class, 'tick']);
    Route::post('stretch-tests', [StretchTestController::class, 'store']);
    Route::post('rehearsals', [RehearsalController::class, 'store']);
    Route::delete('stretch-tests/{test}', [StretchTestController::class, 'destroy']);
    Route::post('clocks', [ClockController::class, 'start']);
    Route::post('clocks/{clock}/stop', [ClockController::class, 'stop']);
    Route::post('devices/{device}/tare', [DeviceController::class, 'tare']);
    Route::post('devices/{device}/put', [DeviceController::class, 'put']);
});
Route::middleware(['may:client', IdempotentRequest::class, SubstituteBindings::class])->group(function (): void {
    Route::post('jobs/{job}/client', [JobController::class, 'client']);
    Route::post('jobs/{job}/close', [StationController::class, 'close']);
    Route::post('jobs/{job}/looks', [ClientReviewController::class, 'store']);
    Route::post(
        'jobs/{job}/words/{key}/answered', [ClientReviewController::class, 'answered'],
    )->where('key', '[a-z0-9]{1,12}');
    Route::post('jobs/{job}/quotes', [QuoteController::class, 'store']);
    Route::post('quotes/{quote}/send', [QuoteController::class, 'send']);
    Route::post('quotes/{quote}/answer', [QuoteController::class, 'answer']);
    Route::post('jobs/{job}/payments', [QuoteController::class, 'pay']);
    Route::post('payments/{payment}/reverse', [QuoteController::class, 'reverse']);
    Route::post('jobs/{job}/invoice', [QuoteController::class, 'invoice']);
    Route::post('looks/{look}/revoke', [ClientReviewController::class, 'revoke']);
});
Route::middleware(['may:metal', IdempotentRequest::class, SubstituteBindings::class])->group(function (): void {
    Route::post('jobs/{job}/charge', [MetalController::class, 'charge']);
    Route::post('jobs/{job}/metal/take', [JobMetalController::class, 'take']);
    Route::post('jobs/{job}/metal/back', [JobMetalController::class, 'giveBack']);
    Route::post('jobs/{job}/metal/solder', [JobMetalController::class, 'solder']);
    Route::post('jobs/{job}/metal/trim', [JobMetalController::class, 'trim']);
    Route::post('jobs/{job}/sizing-metal', [JobMetalController::class, 'sizing']);
    Route::post('jobs/{job}/deliver-metal', [JobMetalController::class, 'deliver']);
    Route::post('metal', [MetalController::class, 'receive']);
    Route::post('metal/move', [MetalController::class, 'move']);
    Route::post('metal/import', [MetalController::class, 'import']);
    Route::post('metal/lots/{lot}/assay', [MetalController::class, 'assay']);
    Route::post('metal/lots/{lot}/credit', [MetalController::class, 'credit']);
    Route::post('metal/lots/{lot}/weigh', [MetalController::class, 'weigh']);
    Route::post('metal/movements/{movement}/reverse', [MetalController::class, 'reverse']);
});
Route::middleware(['may:shop', IdempotentRequest::class, SubstituteBindings::class])->group(function (): void {
    Route::put('shop', [ShopController::class, 'update']);
    Route::post('metal-prices', [MetalPriceController::class, 'store']);
    Route::post('metal-prices/import', [MetalPriceController::class, 'import']);
    Route::post('metal-prices/simulate', [MetalPriceController::class, 'simulate']);
    Route::post('own-figures/{name}/take', [OwnFigureController::class, 'take'])->where('name', '[A-Za-z0-9._-]{1,40}');
    Route::post('own-figures/{name}/back', [OwnFigureController::class, 'giveBack'])->where('name',
        '[A-Za-z0-9._-]{1,40}');
});
Route::middleware(['may:people', IdempotentRequest::class, SubstituteBindings::class])->group(function (): void {
    Route::put('workshop', [WorkshopController::class, 'update']);
    Route::post('backup', BackupController::class);
    Route::post('calendars', [CalendarController::class, 'store']);
    Route::post('calendars/{link}/revoke', [CalendarController::class, 'revoke']);
    Route::post('people', [PersonController::class, 'store']);
    Route::put('people/{person}', [PersonController::class, 'update']);
    Route::put('people/{person}/hours', [PersonController::class, 'hours']);
});
