<?php

declare(strict_types=1);

namespace App\Casting;

use App\Bench\WorkshopTime;
use App\Models\Run;
use HotSprue\Drawing\CastingRoomDrawing;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** The casting room as a picture: flasks to be invested, and the pours of the days that come. */
final class CastingRoom
{
    private const DAYS = 7;

    /**
     * @param  array{jobs: list<array<string, mixed>>, flasks: list<list<int>>}  $proposal
     * @param  Collection<int, Run>  $runs
     * @return list<array<string, mixed>>
     */
    public static function views(array $proposal, Collection $runs): array
    {
        $known = array_column($proposal['jobs'], null, 'number');
        $flasks = array_map(static fn (array $numbers): array => [
            'jobs' => $numbers, 'across' => (float) $known[$numbers[0]]['across'],
            'alloy' => (string) $known[$numbers[0]]['alloy'], 'pour_c' => (float) $known[$numbers[0]]['pour_c'],
        ], $proposal['flasks']);
        $today = WorkshopTime::today();
        $at = static fn (Carbon $when): float => $today->diffInMinutes($when) / 1440;
        $pours = array_values($runs->reject(static fn (Run $run): bool => $run->ended_at !== null)
            ->map(static function (Run $run) use ($at): ?array {
                $ready = $run->ready_at;
                $from = $run->started_at ?? $ready?->copy()->subMinutes((int) ceil($run->kiln()->length()));
                $to = $ready ?? $from?->copy()->addMinutes((int) ceil($run->kiln()->length()));

                return $from === null || $to === null ? null : [
                    'called' => $run->called(), 'from' => $at($from), 'to' => $at($to),
                    'burning' => $run->started_at !== null,
                ];
            })->filter()->all());
        $days = array_map(
            static fn (int $day): string => $today->copy()->addDays($day)->format('D j M'), range(0, self::DAYS - 1),
        );
        $views = $pours === [] ? [] : [CastingRoomDrawing::pours($days, $pours, $at(Carbon::now()))];
        $flasks === [] ?: array_unshift($views, CastingRoomDrawing::flasks($flasks));

        return array_map(static fn ($view): array => ['use' => 'casting', ...$view->toArray()], $views);
    }
}
