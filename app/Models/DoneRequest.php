<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Response as Answer;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Symfony\Component\HttpFoundation\Response;

/**
 * A request that was done, with what it was answered.
 *
 * @property string $key
 * @property string $print a hash of what was asked
 * @property int|null $person_id
 * @property int $status
 * @property array<string, string> $headers
 * @property string $body deflated, encrypted: an answer may hold what is told but once
 * @property Carbon $done_at
 */
final class DoneRequest extends Model
{
    /** A key may be asked after for so many days. */
    private const DAYS = 7;

    private const HEADERS = ['content-type', 'location'];

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'key';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['headers' => 'array', 'body' => 'encrypted', 'done_at' => 'datetime'];
    }

    public static function print(Request $request): string
    {
        $files = array_map(
            static fn (mixed $file): string => $file instanceof UploadedFile ? (string) hash_file(
                'sha256', $file->getPathname(),
            ) : '',
            $request->allFiles(),
        );

        return hash(
            'sha256',
            serialize(
                [
                    $request->method(), $request->path(),
                    $files === [] ? $request->getContent() : $request->request->all(), $files,
                ],
            ),
        );
    }

    public static function keep(string $key, string $print, Response $answer, ?Person $by): void
    {
        self::query()->create([
            'key' => $key, 'print' => $print, 'person_id' => $by?->id, 'status' => $answer->getStatusCode(),
            'done_at' => now(),
            'headers' => array_filter(
                array_map($answer->headers->get(...), array_combine(self::HEADERS, self::HEADERS)), is_string(...),
            ),
            'body' => base64_encode((string) gzdeflate((string) $answer->getContent(), 4)),
        ]);
    }

    public function answer(): Response
    {
        return new Answer(
            (string) gzinflate((string) base64_decode($this->body, true)), $this->status,
            [...$this->headers, 'Idempotent-Replayed' => 'true'],
        );
    }

    public static function forgetOld(): void
    {
        self::query()->where('done_at', '<', now()->subDays(self::DAYS))->delete();
    }
}
