<?php

declare(strict_types=1);

namespace App\Casting;

use App\Database\WriteTransaction;
use App\Models\Run;
use App\Models\Workshop;
use HotSprue\Kiln\KilnWatch;
use Illuminate\Support\Facades\DB;

/** Writes what the kiln reads, a line a minute of its programme, and raises alarms. */
final class KilnLog
{
    /** A look back beyond which it was not watched: the gap stays a gap. */
    private const REACH = 6.0;

    /** What the kiln reads now is logged for every run that is burning. */
    public static function tick(): void
    {
        foreach (Run::query()->whereNotNull('started_at')->whereNull('ended_at')->get() as $run) {
            self::write($run);
        }
    }

    /** A clock put back by less than this is a clock set right. */
    private const BACK = 0.5;

    public static function write(Run $run): void
    {
        WriteTransaction::take(static fn () => self::log($run->refresh()));
    }

    private static function log(Run $run): void
    {
        $back = $run->count();
        $now = (float) floor($run->minute() ?? 0.0);
        if ($back > self::BACK) {
            self::alarm(
                $run, 'clock-back', $now,
                sprintf(
                    'The computer’s clock went back by %.0f min. The programme goes on from the kiln’s own counter; '
                        .'compare its hours with the kiln.',
                    $back,
                ),
            );
        }
        $last = DB::table('kiln_log')->where('run_id', $run->id)->max('minute');
        $from = is_numeric($last) ? (float) $last + 1 : 0.0;
        // Speeded, several minutes pass between two looks; after a restart what nobody saw is left out.
        $watched = max(self::REACH, self::REACH * $run->speed / 60 * 2);
        if ($now - $from > $watched) {
            $from = $now;
        }
        if ($from > $now) {
            return;
        }
        $minutes = array_map(floatval(...), range((int) $from, (int) $now));
        $kiln = $run->kiln();
        $rows = array_map(
            static fn (float $minute, ?float $c): array => [
                'run_id' => $run->id, 'minute' => $minute, 'kiln_c' => $c, 'planned_c' => $kiln->planned($minute),
                'logged_at' => now(),
            ],
            $minutes, $kiln->readings($minutes),
        );
        DB::table('kiln_log')->insertOrIgnore($rows);
        $log = array_map(
            static fn (object $row): array => [
                'min' => (float) $row->minute, 'kiln_c' => $row->kiln_c === null ? null : (float) $row->kiln_c,
                'planned_c' => (float) $row->planned_c,
            ],
            array_values(DB::table('kiln_log')->where('run_id', $run->id)->orderBy('minute')->get()->all()),
        );
        foreach (KilnWatch::alarms($log, Workshop::the()->rulebook->settings(), $run->firedAt()) as $code => $alarm) {
            self::alarm($run, $code, $alarm['min'], $alarm['message']);
        }
    }

    private static function alarm(Run $run, string $code, float $minute, string $message): void
    {
        DB::table('alarms')->insertOrIgnore(
            [
                'run_id' => $run->id, 'code' => $code, 'minute' => $minute, 'message' => $message,
                'created_at' => now(), 'updated_at' => now(),
            ],
        );
    }
}
