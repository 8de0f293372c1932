<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** The one form of every refusal: {errors: {field: [what is wrong, and what is accepted]}}; `_` is the whole. */
final class Problem
{
    private const PLAIN = [
        401 => 'Sign in first.', 403 => 'This is not for you.', 404 => 'There is no such thing here.',
        405 => 'This is not asked for in that way.',
        413 => 'This is over 60 MB; a picture up to 25 MB and a pattern up to 60 MB are accepted.',
        419 => 'Sign in anew.',
        429 => 'Too many at once; wait a minute, then try again.',
    ];

    /**
     * @param  array<string, list<string>>  $errors
     * @param  array<string, mixed>  $more
     */
    public static function of(array $errors, int $status = 422, array $more = []): JsonResponse
    {
        // What is refused may be no text at all.
        return new JsonResponse(
            ['errors' => (object) $errors, ...$more], $status, options: JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }

    public static function said(string $message, int $status): JsonResponse
    {
        return self::of(['_' => [$message]], $status);
    }

    public static function from(Throwable $failed): JsonResponse
    {
        if ($failed instanceof ValidationException) {
            return self::of(
                array_map(static fn (array $messages): array => array_values($messages), $failed->errors()),
                $failed->status,
            );
        }
        [$status, $message] = match (true) {
            $failed instanceof AuthenticationException => [401, ''],
            $failed instanceof PostTooLargeException => [413, ''],
            $failed instanceof ModelNotFoundException,
            $failed instanceof NotFoundHttpException => [
                404, $failed->getPrevious() instanceof ModelNotFoundException ? '' : $failed->getMessage(),
            ],
            $failed instanceof HttpExceptionInterface => [$failed->getStatusCode(), $failed->getMessage()],
            default => [
                500,
                'Something went wrong here. Nothing was changed; try again, and tell who looks after Hot Sprue if it '
                    .'happens again.',
            ],
        };
        // What a framework says in its own words is said in ours.
        $ours = $message !== '' && preg_match(
            '/^(No query results|The route|The \w+ method|Unauthenticated|Too Many|Not Found)/', $message,
        ) !== 1;
        $answer = self::said($ours ? $message : self::PLAIN[$status] ?? 'This was refused.', $status);
        $failed instanceof HttpExceptionInterface && $answer->headers->add($failed->getHeaders());

        return $answer;
    }
}
