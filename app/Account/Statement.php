<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\Lot;
use App\Models\Movement;
use App\Models\Posting;
use Illuminate\Support\Collection;

/** What came, went and stands, by lot, alloy or owner, gross and fine, over a period. */
final class Statement
{
    /** @return list<array<string, mixed>> */
    public static function by(string $what, ?string $from, ?string $to): array
    {
        $postings = Posting::query()->with(['lot.client'])->join('movements', 'movements.id', '=', 'postings.movement_id')
            ->when($to, static fn ($query) => $query->where('movements.made_at', '<', date('Y-m-d', (int) strtotime("{$to} +1 day"))))
            ->select('postings.*', 'movements.made_at')->get();
        $rows = [];
        foreach ($postings as $posting) {
            $lot = $posting->lot;
            $key = match ($what) {
                'alloy' => $lot->alloy,
                'owner' => $lot->client->name ?? 'the workshop',
                default => sprintf('%d %s', $lot->id, $lot->name),
            };
            $rows[$key] ??= ['of' => $key, 'alloy' => $what === 'owner' ? '' : $lot->alloy, 'owner' => $what === 'alloy' ? '' : ($lot->client->name ?? 'the workshop'), 'before_mg' => 0, 'in_mg' => 0, 'out_mg' => 0, 'now_mg' => 0, 'fine_mg' => 0.0];
            $before = $from !== null && (string) $posting->getAttribute('made_at') < $from;
            $rows[$key][$before ? 'before_mg' : ($posting->milligrams > 0 ? 'in_mg' : 'out_mg')] += $before ? $posting->milligrams : abs($posting->milligrams);
            $rows[$key]['now_mg'] += $posting->milligrams;
            $rows[$key]['fine_mg'] += $posting->milligrams * $lot->fineness;
        }
        ksort($rows, SORT_NATURAL);

        return array_values($rows);
    }

    /** @return list<array<string, mixed>> lots with what is left of them */
    public static function lots(): array
    {
        return array_values(Lot::query()->with(['client', 'job'])->orderBy('alloy')->orderBy('id')->get()->map(static fn (Lot $lot): array => [
            'id' => $lot->id, 'name' => $lot->name, 'kind' => $lot->kind, 'alloy' => $lot->alloy, 'fineness' => $lot->fineness, 'owner' => $lot->client?->name, 'client_id' => $lot->client_id,
            'job' => $lot->job?->number, 'origin' => $lot->origin, 'mass' => $lot->mass_mg / 1000, 'fine' => $lot->mass_mg * $lot->fineness / 1000,
        ])->all());
    }

    /** @return list<array<string, mixed>> the last movements, newest first */
    public static function movements(int $limit = 100, ?int $lot = null): array
    {
        /** @var Collection<int, Movement> $movements */
        $movements = Movement::query()->with(['postings.lot', 'person', 'job'])->when($lot, static fn ($query) => $query->whereHas('postings', static fn ($postings) => $postings->where('lot_id', $lot)))->orderByDesc('id')->limit($limit)->get();
        $reversed = Movement::query()->whereIn('reverses_id', $movements->pluck('id'))->pluck('reverses_id')->all();

        return array_values($movements->map(static fn (Movement $movement): array => [
            'id' => $movement->id, 'kind' => $movement->kind->value, 'at' => $movement->made_at->toIso8601String(), 'by' => $movement->person?->name, 'job' => $movement->job?->number, 'reason' => $movement->reason,
            'loss' => $movement->loss_mg / 1000, 'reverses' => $movement->reverses_id, 'reversed' => in_array($movement->id, $reversed, true),
            'postings' => array_values($movement->postings->map(static fn (Posting $posting): array => ['lot' => $posting->lot_id, 'name' => $posting->lot->name, 'alloy' => $posting->lot->alloy, 'mass' => $posting->milligrams / 1000])->all()),
        ])->all());
    }
}
