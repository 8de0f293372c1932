<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Job\Document;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One piece. Its document is the truth; title, station, due date, state and search are projected from it.
 *
 * @property int $id
 * @property int $number
 * @property int $commission
 * @property int|null $client_id
 * @property int $rulebook_id
 * @property array<string, mixed> $document
 * @property int $version
 * @property string $title
 * @property string $station
 * @property Carbon|null $due_on
 * @property string $state
 * @property bool $asked whether its client waits for an answer
 * @property bool $approved whether its client said that it may be cast
 * @property string $search
 * @property Carbon $updated_at
 * @property Client|null $client
 * @property Rulebook $rulebook
 */
final class Job extends Model
{
    /** @use HasFactory<\Database\Factories\JobFactory> */
    use HasFactory;

    protected $fillable = [
        'number', 'commission', 'client_id', 'rulebook_id', 'document', 'version', 'title', 'station', 'due_on',
        'state', 'asked', 'approved', 'search',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['document' => 'array', 'due_on' => 'date:Y-m-d', 'asked' => 'boolean', 'approved' => 'boolean'];
    }

    public function getRouteKeyName(): string
    {
        return 'number';
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Rulebook, $this> */
    public function rulebook(): BelongsTo
    {
        return $this->belongsTo(Rulebook::class);
    }

    /** @return HasMany<Entry, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(Entry::class);
    }

    /** @return array<string, mixed> a job as a line of a list */
    public function row(): array
    {
        return [
            'number' => $this->number, 'commission' => $this->commission, 'title' => $this->title,
            'client' => $this->client?->name,
            'station' => $this->station, 'due' => $this->due_on?->toDateString(), 'state' => $this->state,
        ];
    }

    public function held(): Document
    {
        return Document::stored($this->document);
    }

    public function settings(): WorkshopSettings
    {
        return $this->rulebook->settings();
    }
}
