<?php

declare(strict_types=1);

namespace App\Casting;

use App\Bench\WorkshopTime;
use App\Models\Run;
use HotSprue\Fields\BadInput;
use Illuminate\Support\Carbon;

/** The kiln's hours: a flask stands before it is burnt out, and there is one kiln. */
final class KilnSchedule
{
    /**
     * @param  int  $minutes  from switch-on to the pour
     * @param  float  $stand  minutes that the flasks stand first, invested now; 0 for a piece of clay
     *
     * @throws BadInput with the earliest hour, where the kiln would go on too early or is taken
     */
    public static function mustBeFree(Carbon $ready, int $minutes, float $stand): void
    {
        $start = $ready->copy()->subMinutes($minutes);
        $stood = Carbon::now()->addMinutes((int) ceil($stand));
        $taken = self::taken($start, $ready);
        if ($start->lt($stood->copy()->startOfMinute())) {
            $earliest = max(
                [
                    $stood->copy()->addMinutes($minutes),
                    ...array_map(
                        static fn (array $one): Carbon => $one['to']->copy()->addMinutes($minutes),
                        $taken === null ? [] : [$taken],
                    ),
                ],
            );
            throw BadInput::field(
                'ready_at',
                $stand > 0.0
                    ? sprintf(
                        'Invested now, the flasks have stood at %s, and burn %s h: ready at %s at the earliest.',
                        self::said($stood), self::hours($minutes), self::said($earliest),
                    )
                    : sprintf(
                        'Switched on now, it fires %s h: ready at %s at the earliest.', self::hours($minutes),
                        self::said($earliest),
                    ),
            );
        }
        if ($taken !== null) {
            throw BadInput::field(
                'ready_at',
                sprintf(
                    'The kiln is taken by %s from %s to %s: ready at %s at the earliest.', $taken['run'],
                    self::said($taken['from']), self::said($taken['to']),
                    self::said($taken['to']->copy()->addMinutes($minutes)),
                ),
            );
        }
    }

    /** @return array{run: string, from: Carbon, to: Carbon}|null the last run that wants the kiln in those hours */
    private static function taken(Carbon $from, Carbon $to): ?array
    {
        $taken = null;
        $wanting = Run::query()->whereNull('ended_at')
            ->where(static fn ($runs) => $runs->whereNotNull('ready_at')->orWhereNotNull('started_at'));
        foreach ($wanting->get() as $run) {
            $minutes = (int) ceil($run->kiln()->length());
            $on = $run->started_at?->copy() ?? $run->ready_at?->copy()->subMinutes($minutes);
            $off = $on?->copy()->addMinutes($minutes);
            if ($on !== null && $off !== null && $on->lt($to) && $from->lt($off)
                && ($taken === null || $off->gt($taken['to']))) {
                $taken = ['run' => $run->called(), 'from' => $on, 'to' => $off];
            }
        }

        return $taken;
    }

    private static function said(Carbon $moment): string
    {
        return $moment->copy()->setTimezone(WorkshopTime::zone())->format('D j M H:i');
    }

    private static function hours(int $minutes): string
    {
        return sprintf('%d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}
