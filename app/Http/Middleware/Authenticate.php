<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Person;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Says who is at the bench. On this machine alone one is picked; on a network everybody signs in, and a new passphrase
 * ends the sessions of the old one.
 */
final class Authenticate
{
    /** What may be asked by nobody: the way in, and whether there is one. */
    private const OPEN = ['api/sign-in', 'api/bench'];

    public function handle(Request $request, Closure $next): Response
    {
        if (config('sprue.network') !== true) {
            $somebody = Auth::user() ?? Person::query()->orderBy('id')->first();
            $somebody === null || Auth::setUser($somebody);

            return $next($request);
        }
        if (! $request->hasSession() || ! Auth::check()) {
            abort_unless($request->is(...self::OPEN), 401, 'Sign in first.');

            return $next($request);
        }

        return app(AuthenticateSession::class)->handle($request, $next);
    }
}
