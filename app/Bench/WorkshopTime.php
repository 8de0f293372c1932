<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Workshop;
use DateTimeZone;
use Illuminate\Support\Carbon;

/** Time as the workshop reads it: kept in UTC, said in its own zone. */
final class WorkshopTime
{
    public static function zone(): DateTimeZone
    {
        return new DateTimeZone(Workshop::the()->timezone);
    }

    /** Its day now; a job due today is late from its midnight on. */
    public static function today(): Carbon
    {
        return Carbon::now(self::zone())->startOfDay();
    }

    /** When a day of the workshop begins, as an instant. */
    public static function startOf(string $day): Carbon
    {
        return Carbon::parse($day, self::zone())->startOfDay()->utc();
    }

    /** The day of the workshop on which an instant lies. */
    public static function dayOf(string $instant): string
    {
        return Carbon::parse($instant)->setTimezone(self::zone())->toDateString();
    }
}
