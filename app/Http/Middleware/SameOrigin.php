<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses a change that another site's page asks for. Every browser says where such a request comes from; the session's
 * cookie is not sent along with it either.
 */
final class SameOrigin
{
    public function handle(Request $request, Closure $next): Response
    {
        if (! $request->isMethodSafe()) {
            $origin = $request->header('Origin');
            $fetched = $request->header('Sec-Fetch-Site');
            abort_if(
                is_string($origin) && $origin !== $request->getSchemeAndHttpHost(), 403,
                'This was asked for by a page of another site.',
            );
            abort_if(
                is_string($fetched) && ! in_array($fetched, ['same-origin', 'none'], true), 403,
                'This was asked for by a page of another site.',
            );
        }

        return $next($request);
    }
}
