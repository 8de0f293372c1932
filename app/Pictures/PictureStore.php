<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Database\WriteTransaction;
use App\Models\Picture;
use RuntimeException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/**
 * The pictures' folder. A picture is known by the name that this gave it, the hash of what was written; no other name
 * is a path.
 */
final class PictureStore
{
    private const NAME = '/^[0-9a-f]{40}\.(png|jpg|webp)$/D';

    private const KINDS = ['png' => 'image/png', 'jpg' => 'image/jpeg', 'webp' => 'image/webp'];

    public static function folder(): string
    {
        return (string) config('sprue.pictures');
    }

    /** Where it lies; null where the name is not one of ours, or there is no such picture. */
    public function path(string $file): ?string
    {
        $path = self::folder().'/'.$file;

        return preg_match(self::NAME, $file) === 1 && is_file($path) ? $path : null;
    }

    /**
     * Keeps bytes under the hash of them, on the disk before the row that names them; taken away again where that row
     * is not kept.
     *
     * @throws RuntimeException when the disk takes no more
     */
    public function keep(string $bytes, string $kind): string
    {
        $folder = self::folder();
        is_dir($folder) || mkdir($folder, 0o755, true);
        $file = substr(hash('sha256', $bytes), 0, 40).'.'.$kind;
        if (is_file("{$folder}/{$file}")) {
            return $file;
        }
        $new = "{$folder}/{$file}.part";
        $handle = fopen($new, 'wb');
        $kept = $handle !== false && fwrite($handle, $bytes) === strlen($bytes) && fsync($handle);
        $handle === false ?: fclose($handle);
        if (! $kept || ! rename($new, "{$folder}/{$file}")) {
            @unlink($new);
            throw new RuntimeException('No space left for the picture on the disk.');
        }
        WriteTransaction::otherwise(static fn () => @unlink("{$folder}/{$file}"));

        return $file;
    }

    /** Served as what it was written as, never as anything else, and only while a job names it. */
    public function served(string $file): BinaryFileResponse
    {
        $path = $this->path($file);
        if ($path === null || ! Picture::query()->where('file', $file)->exists()) {
            abort(404);
        }

        return new BinaryFileResponse($path, 200, [
            'Content-Type' => self::KINDS[pathinfo($file, PATHINFO_EXTENSION)], 'Content-Disposition' => 'inline',
            'Cache-Control' => 'private, max-age=31536000, immutable',
            'Content-Security-Policy' => "default-src 'none'",
        ], false);
    }
}
