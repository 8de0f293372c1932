<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use JsonException;
use Symfony\Component\HttpFoundation\Response;

/**
 * The door for every kind of body: what is too long, too deep, not UTF-8 or holds control characters is refused
 * before anything reads it.
 */
final class BodyLimits
{
    private const MOST_BYTES = 1_000_000;

    private const DEEPEST = 32;

    /** Tab and line ends stand in texts; no other control character does. */
    private const CONTROL = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    public function handle(Request $request, Closure $next): Response
    {
        $isForm = str_starts_with($request->headers->get('Content-Type') ?? '', 'multipart/form-data');
        if (! $isForm && strlen($request->getContent()) > self::MOST_BYTES) {
            return $this->refuse('_', 'This is over 1 MB; less is accepted.', 413);
        }
        $texts = [
            $request->getPathInfo(), ...$this->texts($request->query->all()), ...$this->texts($request->request->all()),
            ...$this->names($request->allFiles()),
        ];
        if ($request->isJson() && $request->getContent() !== '') {
            try {
                $texts = [
                    ...$texts,
                    ...$this->texts([json_decode($request->getContent(), true, self::DEEPEST, JSON_THROW_ON_ERROR)]),
                ];
            } catch (JsonException) {
                return $this->refuse(
                    '_', 'This is not well-formed JSON in UTF-8, up to 32 deep; one JSON object is accepted.', 422,
                );
            }
        }
        foreach ($texts as $text) {
            if (! mb_check_encoding($text, 'UTF-8') || preg_match(self::CONTROL, $text) === 1) {
                return $this->refuse(
                    '_', 'This holds characters that are not text; plain UTF-8 without control characters is accepted.',
                    422,
                );
            }
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @return list<string> every text in it, keys too
     */
    private function texts(array $values): array
    {
        $texts = [];
        array_walk_recursive($values, static function (mixed $value, int|string $key) use (&$texts): void {
            $texts[] = (string) $key;
            is_string($value) && $texts[] = $value;
        });

        return [...$texts, ...array_map(strval(...), array_keys($values))];
    }

    /**
     * @param  array<array-key, mixed>  $files
     * @return list<string>
     */
    private function names(array $files): array
    {
        $names = [];
        array_walk_recursive($files, static function (mixed $file) use (&$names): void {
            $file instanceof UploadedFile && $names[] = $file->getClientOriginalName();
        });

        return $names;
    }

    private function refuse(string $field, string $why, int $status): JsonResponse
    {
        return new JsonResponse(['errors' => [$field => [$why]]], $status);
    }
}
