<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Database\WriteTransaction;
use App\Http\RollbackResponse;
use App\Models\DoneRequest;
use App\Models\Person;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * A request that makes or moves something is done once, whole or not at all: it carries a key, which is kept with its
 * answer in the transaction that did it. Sent again, it is answered the same; refused, it leaves nothing behind.
 */
final class IdempotentRequest
{
    private const KEY = '/^[A-Za-z0-9-]{16,64}$/D';

    public function handle(Request $request, Closure $next): Response
    {
        $key = $request->header('Idempotency-Key') ?? $request->input('once');
        if (! is_string($key) || preg_match(self::KEY, $key) !== 1) {
            return $this->refused(
                $request, 400, 'A request that changes something carries an Idempotency-Key of its own: 16 to 64 '
                    .'letters, digits and dashes.',
            );
        }
        try {
            return WriteTransaction::take(
                /** @throws RollbackResponse */ fn (): Response => $this->answer($key, $request, $next),
            );
        } catch (RollbackResponse $refused) {
            return $refused->answer;
        }
    }

    /** A client's form lands on its own page again, which carries a fresh key. */
    private function refused(Request $request, int $status, string $words): Response
    {
        return $request->is('api/*')
            ? new JsonResponse(['errors' => ['_' => [$words]]], $status)
            : new RedirectResponse($request->url(), 303);
    }

    /** @throws RollbackResponse so that what was refused is rolled back */
    private function answer(string $key, Request $request, Closure $next): Response
    {
        $print = DoneRequest::print($request);
        $done = DoneRequest::query()->find($key);
        if ($done !== null) {
            return $done->print === $print ? $done->answer() : throw new RollbackResponse(
                $this->refused($request, 422, 'This key was used for another request; each carries its own.'),
            );
        }
        $answer = $next($request);
        if ($answer->getStatusCode() >= 400) {
            throw new RollbackResponse($answer);
        }
        DoneRequest::keep($key, $print, $answer, Person::at($request));

        return $answer;
    }
}
