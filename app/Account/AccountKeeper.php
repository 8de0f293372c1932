<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\WriteTransaction;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\Person;
use App\Models\Posting;
use HotSprue\Account\Ledger;
use HotSprue\Account\MetalRefused;
use HotSprue\Account\Movement as Made;
use HotSprue\Account\MovementKind;
use HotSprue\Account\Posting as Entry;

/** The one way to move metal: whole movements, in one transaction with what goes with them, or not at all. */
final class AccountKeeper
{
    /**
     * A new lot with metal from outside.
     *
     * @param  array<string, mixed>  $lot
     *
     * @throws MetalRefused
     */
    public function receive(array $lot, int $milligrams, string $reason, ?Person $by, ?Job $job = null): Movement
    {
        return WriteTransaction::take(function () use ($lot, $milligrams, $reason, $by, $job): Movement {
            $made = Lot::query()->create([...$lot, 'mass_mg' => 0]);

            return $this->post(MovementKind::Receive, [$made->id => $milligrams], 0, $reason, $by, $job);
        });
    }

    /**
     * @param  array<int, int>  $postings  lot id => milligrams
     *
     * @throws MetalRefused
     */
    public function move(
        MovementKind $kind, array $postings, int $loss, string $reason, ?Person $by, ?Job $job = null,
    ): Movement
    {
        return WriteTransaction::take(fn (): Movement => $this->post($kind, $postings, $loss, $reason, $by, $job));
    }

    /**
     * A charge from named lots: a casting for the job, its button back to stock with its origin, and the loss.
     *
     * @param  array<int, int>  $from  lot id => milligrams put in
     *
     * @throws MetalRefused
     */
    public function charge(Job $job, array $from, int $casting, int $button, ?Person $by): Movement
    {
        return WriteTransaction::take(function () use ($job, $from, $casting, $button, $by): Movement {
            $first = Lot::query()
                ->with('client')
                ->find(array_key_first($from)) ?? throw MetalRefused::unknownLot((int) array_key_first($from));
            $client = Lot::query()->whereKey(array_keys($from))->whereNotNull('client_id')->value('client_id');
            $lot = ['alloy' => $first->alloy, 'fineness' => $first->fineness, 'mass_mg' => 0, 'job_id' => $job->id];
            $postings = array_map(static fn (int $milligrams): int => -$milligrams, $from);
            $postings[Lot::query()->create([
                ...$lot, 'name' => "casting of job {$job->number}", 'kind' => 'piece', 'client_id' => $client,
                'origin' => "job {$job->number}",
            ])->id] = $casting;
            if ($button > 0) {
                $postings[Lot::query()->create([
                    ...$lot, 'name' => "button of job {$job->number}", 'kind' => 'button', 'client_id' => $client,
                    'origin' => 'button and sprues of job '.$job->number.', from '.implode(
                        ', ', Lot::query()->whereKey(array_keys($from))->pluck('name')->all(),
                    ),
                ])->id] = $button;
            }

            return $this->post(MovementKind::Charge, $postings, array_sum($from) - $casting - $button, '', $by, $job);
        });
    }

    /** @throws MetalRefused when a lot has been used since, or it was reversed before */
    public function reverse(Movement $movement, string $reason, ?Person $by): Movement
    {
        return WriteTransaction::take(function () use ($movement, $reason, $by): Movement {
            $this->lock($movement->postings->pluck('lot_id')->all());
            if (Movement::query()->where('reverses_id', $movement->id)->exists()) {
                throw new MetalRefused('This movement has been reversed already.');
            }
            $made = $movement->made()->reversed();
            $this->check($made);

            return $this->write($made, $reason, $by, $movement->job_id, $movement->id);
        });
    }

    /** @param array<int, int> $postings */
    private function post(
        MovementKind $kind, array $postings, int $loss, string $reason, ?Person $by, ?Job $job,
    ): Movement
    {
        // The first statement writes, so that nobody else changes these lots between the look and the leap.
        $this->lock(array_keys($postings));
        if ($postings === []) {
            throw MetalRefused::emptyPosting();
        }
        $made = Made::of(
            $kind,
            array_map(
                static fn (int $lot, int $milligrams): Entry => new Entry($lot, $milligrams), array_keys($postings),
                $postings,
            ),
            $loss,
        );
        $this->check($made);

        return $this->write($made, $reason, $by, $job?->id, null);
    }

    /** @param array<array-key, mixed> $ids */
    private function lock(array $ids): void
    {
        Lot::query()->whereKey($ids)->increment('version');
    }

    /** @throws MetalRefused */
    private function check(Made $made): void
    {
        $lots = Lot::query()
            ->with('job')->whereKey(array_map(static fn (Entry $entry): int => $entry->lot, $made->postings))->get();
        Ledger::of(array_values($lots->map(static fn (Lot $lot) => $lot->held())->all()))->after($made);
    }

    private function write(Made $made, string $reason, ?Person $by, ?int $job, ?int $reverses): Movement
    {
        $movement = Movement::query()->create(
            [
                'kind' => $made->kind, 'loss_mg' => $made->loss, 'reason' => $reason, 'job_id' => $job,
                'person_id' => $by?->id, 'reverses_id' => $reverses, 'made_at' => now(),
            ],
        );
        foreach ($made->postings as $entry) {
            Posting::query()->create(
                [
                    'movement_id' => $movement->id, 'lot_id' => $entry->lot, 'milligrams' => $entry->milligrams,
                    'made_at' => $movement->made_at,
                ],
            );
            Lot::query()->whereKey($entry->lot)->increment('mass_mg', $entry->milligrams);
        }

        return $movement->load('postings.lot');
    }
}
