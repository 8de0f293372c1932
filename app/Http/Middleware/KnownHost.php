<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\Response as Answer;

/** Refuses names that another site could point at this machine, and adds the headers every answer carries. */
final class KnownHost
{
    public function handle(Request $request, Closure $next): Answer
    {
        $known = ['127.0.0.1', 'localhost', '[::1]', ...(array) config('sprue.hosts')];
        if (! in_array($request->getHost(), $known, true)) {
            return new Response('Hot Sprue does not answer to this host name.', 421);
        }
        $answer = $next($request);
        $answer->headers->set('X-Content-Type-Options', 'nosniff');
        $answer->headers->set('Referrer-Policy', 'no-referrer');
        $answer->headers->set('X-Frame-Options', 'DENY');
        $answer->headers->set('Cross-Origin-Opener-Policy', 'same-origin');
        $answer->headers->set('Cross-Origin-Resource-Policy', 'same-origin');
        $answer->headers->set('Permissions-Policy', 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()');
        // A picture brings a stricter policy of its own.
        $answer->headers->has('Content-Security-Policy') || $answer->headers->set(
            'Content-Security-Policy',
            "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; object-src 'none'; "
                ."base-uri 'none'; frame-ancestors 'none'",
        );

        return $answer;
    }
}
