<?php

declare(strict_types=1);

namespace App\Models;

use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * The one workshop: its present figures, and what was typed for each.
 *
 * @property int $id
 * @property int $version
 * @property int $rulebook_id
 * @property array<string, mixed> $typed
 * @property array<string, array{n: int, at: string}>|null $own_figures taken from finished jobs, by path
 * @property string|null $name as it stands on its paper
 * @property string|null $mark letters of the maker’s mark
 * @property string $timezone an IANA name
 * @property bool $timezone_agreed whether somebody has said that it is right
 * @property string|null $backup_folder where backups go; the application's own folder where null
 * @property Carbon|null $backed_up_at when a backup was last made and tried
 * @property Carbon|null $backup_asked_at when somebody asked for one now
 * @property Carbon|null $backup_tried_at
 * @property string|null $backup_trouble why the last one was not
 * @property list<array{id: string, flasks: int, alone: bool}>|null $kilns one of four flasks where null
 * @property int $tumblers
 * @property bool $any_hand whether one may go on with what another began
 * @property string|null $invoice_text what the law wants on receipts and invoices, in the workshop's own words
 * @property Carbon $created_at
 * @property Rulebook $rulebook
 */
final class Workshop extends Model
{
    /** A day and a half without one is one missed. */
    private const BACKUP_HOURS = 36;

    protected $fillable = [
        'rulebook_id', 'typed', 'version', 'timezone', 'timezone_agreed', 'backup_folder', 'backed_up_at',
        'backup_asked_at', 'backup_tried_at', 'backup_trouble', 'name', 'mark', 'own_figures', 'kilns', 'tumblers',
        'invoice_text',
        'any_hand',
    ];

    /** @var list<string> */
    protected $with = ['rulebook'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'typed' => 'array', 'kilns' => 'array', 'any_hand' => 'boolean', 'own_figures' => 'array',
            'timezone_agreed' => 'boolean', 'backed_up_at' => 'datetime',
            'backup_asked_at' => 'datetime', 'backup_tried_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Rulebook, $this> */
    public function rulebook(): BelongsTo
    {
        return $this->belongsTo(Rulebook::class);
    }

    public function isBackupOverdue(): bool
    {
        return ($this->backed_up_at ?? $this->created_at)->lt(now()->subHours(self::BACKUP_HOURS));
    }

    /**
     * The figures that a new job begins with: what ships now, with the workshop's own laid over it, so that a default
     * that a later release puts right reaches those who never changed it. To be called in a turn.
     */
    public function presentRulebook(): Rulebook
    {
        $present = Rulebook::of(WorkshopSettings::with($this->typed));
        $present->id === $this->rulebook_id || $this->update(['rulebook_id' => $present->id]);

        return $present;
    }

    public static function the(): self
    {
        return self::query()
            ->first() ?? self::query()
            ->create(['rulebook_id' => Rulebook::of(WorkshopSettings::shipped())->id, 'typed' => [], 'version' => 0])
            ->refresh();
    }
}
