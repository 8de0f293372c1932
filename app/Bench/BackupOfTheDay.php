<?php

declare(strict_types=1);

namespace App\Bench;

use App\Database\WriteTransaction;
use App\Models\DoneRequest;
use App\Models\Workshop;
use Illuminate\Support\Carbon;
use RuntimeException;

/** A backup each day by itself, in a folder that keeps seven days, four weeks and twelve months. */
final readonly class BackupOfTheDay
{
    private const DAYS = 7;

    private const WEEKS = 4;

    private const MONTHS = 12;

    /** After one that failed, so many minutes until the next try. */
    private const AGAIN = 30;

    public function __construct(private Backups $backups) {}

    /** Somebody wants one now; whoever watches makes it. */
    public function ask(): void
    {
        Workshop::the()->update(['backup_asked_at' => now()]);
    }

    /** Whether one is to be made: asked for, or none yet on this day of the workshop. */
    public function isDue(): bool
    {
        $workshop = Workshop::the();
        $last = $workshop->backed_up_at?->copy()->setTimezone(WorkshopTime::zone())->toDateString();
        $wasTried = $workshop->backup_tried_at?->gt(now()->subMinutes(self::AGAIN)) ?? false;

        return $workshop->backup_asked_at !== null || ($last !== WorkshopTime::today()->toDateString() && ! $wasTried);
    }

    /** Makes it, says on Today how it went, and lets old ones go. */
    public function make(): void
    {
        WriteTransaction::take(
            static fn (): bool => Workshop::the()->update(['backup_asked_at' => null, 'backup_tried_at' => now()]),
        );
        try {
            $this->backups->make(Backups::folder().'/hot-sprue-day-'.now()->format('Y-m-d-His').'.zip');
            $this->letGo(Backups::folder());
            $said = ['backed_up_at' => now(), 'backup_trouble' => null];
        } catch (RuntimeException $failed) {
            $said = ['backup_trouble' => mb_substr($failed->getMessage(), 0, 400)];
        }
        WriteTransaction::take(static function () use ($said): void {
            Workshop::the()->update($said);
            DoneRequest::forgetOld();
        });
    }

    /** Of the backups that this made, the newest of each of the last days, weeks and months stay. */
    private function letGo(string $folder): void
    {
        $files = glob("{$folder}/hot-sprue-day-*.zip") ?: [];
        rsort($files);
        foreach (array_diff($files, self::kept($files)) as $old) {
            @unlink($old);
        }
    }

    /**
     * @param  list<string>  $files  newest first
     * @return list<string>
     */
    public static function kept(array $files): array
    {
        $kept = [];
        foreach (['Y-m-d' => self::DAYS, 'o-W' => self::WEEKS, 'Y-m' => self::MONTHS] as $span => $most) {
            $newest = [];
            foreach ($files as $file) {
                $made = preg_match(
                    '/hot-sprue-day-(\d{4}-\d\d-\d\d)-(\d{6})\.zip$/', $file, $at,
                ) === 1 ? Carbon::createFromFormat('Y-m-d His', "{$at[1]} {$at[2]}", 'UTC') : null;
                $made === null ?: $newest[$made->format($span)] ??= $file;
            }
            $kept = [...$kept, ...array_values(array_slice($newest, 0, $most))];
        }

        return array_values(array_unique($kept));
    }
}
