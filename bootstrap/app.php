<?php

declare(strict_types=1);

use App\Database\DatabaseBusy;
use App\Database\DiskTrouble;
use App\Http\Middleware\Authenticate;
use App\Http\Middleware\BodyLimits;
use App\Http\Middleware\KnownHost;
use App\Http\Middleware\PackForTheLine;
use App\Http\Middleware\RequireAbility;
use App\Http\Middleware\SameOrigin;
use App\Http\Middleware\SessionForPeople;
use App\Http\Problem;
use App\Models\KnownClient;
use HotSprue\Account\MetalRefused;
use HotSprue\Calculation\UnknownCalculation;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Conflict;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        commands: __DIR__.'/../routes/console.php',
        health: '/up',
        then: function (): void {
            Route::middleware('api')->prefix('api')->group(__DIR__.'/../routes/api.php');
            // A client's link is its own secret; a browser that sends no referrer does not say where its form came
            // from.
            Route::middleware(BodyLimits::class)->group(__DIR__.'/../routes/web.php');
        },
    )
    // Tools for developing are there only with the development packages.
    ->withCommands([
        dirname(__DIR__).'/app/Console/Commands', ...(class_exists(Tools\Commands::class) ? Tools\Commands::ALL : []),
    ])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(KnownHost::class);
        $middleware->redirectGuestsTo('/');
        $middleware->alias(['may' => RequireAbility::class]);
        // Who asks is known before anything they name is looked up: see the routes for where bindings come.
        $middleware->group(
            'api',
            [
                PackForTheLine::class, EncryptCookies::class, SessionForPeople::class, SameOrigin::class,
                BodyLimits::class, Authenticate::class,
            ],
        );
        $middleware->priority([
            PackForTheLine::class, EncryptCookies::class, SessionForPeople::class, SameOrigin::class,
            BodyLimits::class, Authenticate::class,
            AuthenticateSession::class,
            RequireAbility::class, App\Http\Middleware\IdempotentRequest::class,
            Illuminate\Routing\Middleware\SubstituteBindings::class,
        ]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(
            [
                MetalRefused::class, BadInput::class, Conflict::class, UnknownCalculation::class, KnownClient::class,
                DatabaseBusy::class,
            ],
        );
        // By its bytes: a path that is no UTF-8 is like no pattern.
        $isApi = static fn (Request $request): bool => str_starts_with($request->getPathInfo(), '/api/');
        $exceptions->shouldRenderJsonWhen(
            static fn (Request $request): bool => $isApi($request) || $request->expectsJson(),
        );
        $exceptions->render(
            static fn (MetalRefused $refused): JsonResponse => Problem::said($refused->getMessage(), 409),
        );
        $exceptions->render(static fn (BadInput $bad): JsonResponse => Problem::of($bad->errors));
        $exceptions->render(
            static fn (UnknownCalculation $unknown): JsonResponse => Problem::said($unknown->getMessage(), 404),
        );
        $exceptions->render(
            static fn (Conflict $conflict): JsonResponse => Problem::of(
                ['_' => [$conflict->getMessage()]], 409, ['clashes' => $conflict->clashes],
            ),
        );
        $exceptions->render(
            static fn (KnownClient $known): JsonResponse => Problem::of(
                ['client' => [$known->getMessage()]], 409, ['known' => $known->client->only(['id', 'name', 'contact'])],
            ),
        );
        $exceptions->render(static function (Throwable $failed, Request $request) use ($isApi): ?JsonResponse {
            $disk = DiskTrouble::said($failed);

            return match (true) {
                $failed instanceof DatabaseBusy => Problem::said($failed->getMessage(), 503),
                $disk !== null => Problem::said($disk, 507),
                $isApi($request) => Problem::from($failed),
                default => null,
            };
        });
    })
    ->create();
