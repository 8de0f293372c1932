<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Lot;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What came, went and stands, by lot, alloy or owner, gross and fine, over a period. */
final class Statement
{
    /** @return list<array<string, mixed>> */
    public static function by(string $what, ?string $from, ?string $to): array
    {
        $rows = [];
        $lots = Lot::query()->with('client')->get()->keyBy('id');
        foreach (self::sums($lots, $from, $to) as $id => $sum) {
            $lot = $lots->firstOrFail('id', $id);
            $key = match ($what) {
                'alloy' => $lot->alloy,
                'owner' => $lot->client->name ?? 'the workshop',
                default => sprintf('%d %s', $lot->id, $lot->name),
            };
            $rows[$key] ??= [
                'of' => $key, 'alloy' => $what === 'owner' ? '' : $lot->alloy,
                'owner' => $what === 'alloy' ? '' : ($lot->client->name ?? 'the workshop'), 'before_mg' => 0,
                'in_mg' => 0, 'out_mg' => 0, 'now_mg' => 0, 'fine_mg' => 0.0,
            ];
            $now = $sum['before_mg'] + $sum['in_mg'] - $sum['out_mg'];
            foreach ([...$sum, 'now_mg' => $now, 'fine_mg' => $now * $lot->fineness] as $column => $milligrams) {
                $rows[$key][$column] += $milligrams;
            }
        }
        ksort($rows, SORT_NATURAL);

        return array_values($rows);
    }

    /**
     * What stood before, came and went of each lot: reckoned back from what is there now, since a period asked for is
     * mostly a late one.
     *
     * @param  Collection<int, Lot>  $lots
     * @return array<int, array{before_mg: int, in_mg: int, out_mg: int}>
     */
    private static function sums(Collection $lots, ?string $from, ?string $to): array
    {
        $of = static fn (string $sum, ?string $from, ?string $before): Builder => DB::table('postings')
            ->selectRaw($sum)->whereColumn('lot_id', 'lots.id')
            ->when($from, static fn (Builder $query, string $from) => $query->where('made_at', '>=', $from))
            ->when($before, static fn (Builder $query, string $before) => $query->where('made_at', '<', $before));
        $over = $to === null ? null : date('Y-m-d', (int) strtotime("{$to} +1 day"));
        $rows = DB::table('lots')
            ->select('id')->selectSub($of('sum(milligrams)', $from, $over), 'net')
            ->selectSub($of('sum(abs(milligrams))', $from, $over), 'moved')
            ->when(
                $over,
                static fn (Builder $query, string $over) => $query->selectSub(
                    $of('sum(milligrams)', $over, null), 'after',
                ),
            )
            ->get()->keyBy('id');
        $sums = [];
        foreach ($lots as $lot) {
            $row = $rows[$lot->id] ?? null;
            [$net, $moved] = [(int) ($row->net ?? 0), (int) ($row->moved ?? 0)];
            $before = $lot->mass_mg - $net - (int) ($row->after ?? 0);
            if ($moved > 0 || $before !== 0) {
                $sums[$lot->id] = [
                    'before_mg' => $before, 'in_mg' => intdiv($moved + $net, 2), 'out_mg' => intdiv($moved - $net, 2),
                ];
            }
        }

        return $sums;
    }

    /**
     * Lots with what is left of them: some, or all.
     *
     * @param  ?EloquentCollection<int, Lot>  $lots
     * @return list<array<string, mixed>>
     */
    public static function lots(?EloquentCollection $lots = null): array
    {
        $lots ??= Lot::query()->orderBy('alloy')->orderBy('id')->get();

        return array_values($lots->load(['client', 'job'])->map(static fn (Lot $lot): array => [
            'id' => $lot->id, 'name' => $lot->name, 'kind' => $lot->kind, 'alloy' => $lot->alloy,
            'fineness' => $lot->fineness, 'owner' => $lot->client?->name, 'client_id' => $lot->client_id,
            'job' => $lot->job?->number, 'origin' => $lot->origin, 'mass' => $lot->mass_mg / 1000,
            'fine' => $lot->mass_mg * $lot->fineness / 1000,
        ])->all());
    }

    /** @return list<array<string, mixed>> the last movements, newest first */
    public static function movements(
        int $limit = 100, ?int $lot = null, ?int $job = null, ?string $reason = null,
    ): array
    {
        $movements = DB::table('movements')
            ->leftJoin('people', 'people.id', '=', 'movements.person_id')
            ->leftJoin('jobs', 'jobs.id', '=', 'movements.job_id')
            ->when(
                $lot,
                static fn (Builder $query, int $lot) => $query->whereIn(
                    'movements.id', DB::table('postings')->where('lot_id', $lot)->select('movement_id'),
                ),
            )
            ->when($job, static fn (Builder $query, int $job) => $query->where('movements.job_id', $job))
            ->when($reason, static fn (
                Builder $query, string $reason,
            ) => $query->where('reason', $reason)->whereNull('reverses_id')
                ->whereNotIn(
                    'movements.id', DB::table('movements')->whereNotNull('reverses_id')->select('reverses_id'),
                ))
            ->orderByDesc('movements.id')
            ->limit($limit)->select(['movements.*', 'people.name as by', 'jobs.number as job'])->get();
        $ids = $movements->pluck('id');
        $postings = DB::table('postings')
            ->join('lots', 'lots.id', '=', 'postings.lot_id')->whereIn('movement_id', $ids)->orderBy('postings.id')
            ->select(['movement_id', 'lot_id', 'name', 'alloy', 'milligrams'])->get()->groupBy('movement_id');
        $reversed = DB::table('movements')->whereIn('reverses_id', $ids)->pluck('reverses_id')->all();

        return array_values($movements->map(static fn (object $movement): array => [
            'id' => $movement->id, 'kind' => $movement->kind,
            'at' => Carbon::parse($movement->made_at)->toIso8601String(), 'by' => $movement->by,
            'job' => $movement->job, 'reason' => $movement->reason,
            'loss' => $movement->loss_mg / 1000, 'reverses' => $movement->reverses_id,
            'reversed' => in_array($movement->id, $reversed, true),
            'postings' => array_map(
                static fn (object $posting): array => [
                    'lot' => $posting->lot_id, 'name' => $posting->name, 'alloy' => $posting->alloy,
                    'mass' => $posting->milligrams / 1000,
                ],
                $postings->get($movement->id)?->all() ?? [],
            ),
        ])->all());
    }
}
