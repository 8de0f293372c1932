<?php

declare(strict_types=1);

use App\Http\Middleware\AtTheBench;
use App\Http\Middleware\KnownHost;
use HotSprue\Account\MetalRefused;
use HotSprue\Job\Conflict;
use HotSprue\Sheet\BadInput;
use HotSprue\Sheet\UnknownSheet;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        health: '/up',
        then: function (): void {
            Route::middleware(['web', AtTheBench::class])->prefix('api')->group(__DIR__.'/../routes/api.php');
            Route::middleware('web')->group(__DIR__.'/../routes/web.php');
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(KnownHost::class);
        // Pure functions of their input: nothing a forged request could change.
        $middleware->validateCsrfTokens(except: ['api/reckon/*', 'api/sums/*']);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->render(static fn (MetalRefused $refused): JsonResponse => new JsonResponse(['errors' => ['_' => [$refused->getMessage()]]], 409));
        $exceptions->dontReport([MetalRefused::class, BadInput::class, Conflict::class, UnknownSheet::class]);
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->render(static fn (BadInput $bad): JsonResponse => new JsonResponse(['errors' => $bad->errors], 422));
        $exceptions->render(static fn (UnknownSheet $unknown): JsonResponse => new JsonResponse(['errors' => ['_' => [$unknown->getMessage()]]], 404));
        $exceptions->render(static fn (Conflict $conflict): JsonResponse => new JsonResponse(['message' => $conflict->getMessage(), 'clashes' => $conflict->clashes], 409));
        $exceptions->render(static fn (PostTooLargeException $tooLarge): JsonResponse => new JsonResponse(['errors' => ['_' => ['This is over 25 MB; a picture or file up to 25 MB is accepted.']]], 413));
    })
    ->create();
