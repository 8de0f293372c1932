<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A session is made and kept only for somebody who signed in or was picked. */
final class SessionForPeople extends StartSession
{
    /**
     * @param  Request  $request
     */
    public function handle($request, Closure $next): mixed
    {
        $mayBegin = ! $request->isMethodSafe() && $request->is('api/sign-in', 'api/bench');

        return $mayBegin || $request->hasCookie(
            (string) config('session.cookie'),
        ) ? parent::handle($request, $next) : $next($request);
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if ($this->isSomebodys($session)) {
            parent::addCookieToResponse($response, $session);
        }
    }

    /** @param Request $request */
    protected function saveSession($request): void
    {
        $session = $request->session();
        // One that is nobody's any more is gone, not left to be tried again.
        $this->isSomebodys($session)
            ? parent::saveSession($request)
            : $session->getHandler()->destroy($session->getId());
    }

    private function isSomebodys(Session $session): bool
    {
        return $session->has(Auth::guard('web')->getName());
    }
}
