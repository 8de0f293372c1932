<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\WriteTransaction;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\Person;
use HotSprue\Account\LotKind;
use HotSprue\Account\MetalRefused;
use HotSprue\Account\MovementKind;
use HotSprue\Fields\BadInput;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The metal of one job: what it takes from the account, holds, gives back and takes along. Masses in milligrams. */
final readonly class JobMetal
{
    public function __construct(private AccountKeeper $keeper) {}

    /** @return Collection<int, Lot> what is in the piece now */
    public static function held(Job $job): Collection
    {
        return Lot::query()
            ->where('job_id', $job->id)->where('kind', 'piece')->where('mass_mg', '>', 0)->orderBy('id')->get();
    }

    /** @return Collection<int, Lot> metal that may be taken for it: the workshop's, and its own client's */
    public static function atHand(Job $job): Collection
    {
        return Lot::query()->where('mass_mg', '>', 0)->whereIn('kind', LotKind::atHand())
            ->where(static fn (Builder $lots) => $lots->whereNull('client_id')->orWhere('client_id', $job->client_id))
            ->orderBy('id')->get();
    }

    /** @return Collection<int, Lot> metal of its client that is in no piece */
    public static function left(Job $job): Collection
    {
        return Lot::query()
            ->where('client_id', $job->client_id)->whereNotNull('client_id')->where('kind', '!=', 'piece')
            ->where('mass_mg', '>', 0)->orderBy('id')->get();
    }

    /**
     * Strip, plate, tube or wire taken from a lot into the piece; whose metal it is, it stays.
     *
     * @throws MetalRefused
     */
    public function take(Job $job, Lot $from, int $mass, string $what, ?Person $by): Movement
    {
        return WriteTransaction::take(function () use ($job, $from, $mass, $what, $by): Movement {
            $piece = $this->piece($job, $from->alloy, $from->fineness, $from->client_id);

            return $this->keeper->move(
                MovementKind::Cut, [$from->id => -$mass, $piece->id => $mass], 0, "{$what} of job {$job->number}", $by,
                $job,
            );
        });
    }

    /**
     * Cuttings or filings given back: to a lot of that alloy, or as scrap of its own. What the saw and the file turned
     * to dust is loss.
     *
     * @throws MetalRefused
     */
    public function giveBack(Job $job, Lot $piece, int $mass, int $loss, ?Lot $to, string $what, ?Person $by): Movement
    {
        return WriteTransaction::take(function () use ($job, $piece, $mass, $loss, $to, $what, $by): Movement {
            $to ??= Lot::query()->create([
                'name' => "{$what} of job {$job->number}", 'kind' => 'scrap', 'alloy' => $piece->alloy,
                'fineness' => $piece->fineness,
                'client_id' => $piece->client_id, 'origin' => "job {$job->number}", 'mass_mg' => 0,
            ]);

            return $this->keeper->move(
                MovementKind::Scrap, [$piece->id => -$mass - $loss, $to->id => $mass], $loss,
                "{$what} of job {$job->number}", $by, $job,
            );
        });
    }

    /**
     * The sprues cut off the casting go to the lot of its button; what the saw took is loss.
     *
     * @throws BadInput where the two weigh more than the casting did
     */
    public function trim(Job $job, int $trimmed, int $sprues, ?Person $by): Movement
    {
        $piece = self::held($job)->last() ?? throw BadInput::field(
            'casting', 'The account holds no casting of this job; write its charge first.',
        );
        $loss = $piece->mass_mg - $trimmed - $sprues;
        if ($loss < 0) {
            throw BadInput::field(
                'casting',
                sprintf(
                    'Casting and sprues are %.3f g together, and the casting was %.3f g: weigh again.',
                    ($trimmed + $sprues) / 1000, $piece->mass_mg / 1000,
                ),
            );
        }

        return WriteTransaction::take(function () use ($job, $piece, $sprues, $loss, $by): Movement {
            $button = Lot::query()
                ->where('job_id', $job->id)->where('kind', 'button')->where('alloy', $piece->alloy)->latest('id')
                ->first()
                ?? Lot::query()->create([
                    'name' => "sprues of job {$job->number}", 'kind' => 'button', 'alloy' => $piece->alloy,
                    'fineness' => $piece->fineness,
                    'client_id' => $piece->client_id, 'job_id' => $job->id, 'origin' => "sprues of job {$job->number}",
                    'mass_mg' => 0,
                ]);

            return $this->keeper->move(
                MovementKind::Scrap, [$piece->id => -$sprues - $loss, $button->id => $sprues], $loss,
                "sprues of job {$job->number}", $by, $job,
            );
        });
    }

    /**
     * Solder of a heat: from a lot of its own, or a noted allowance that comes from outside the account.
     *
     * @throws MetalRefused
     */
    public function solder(Job $job, Lot $piece, int $mass, string $heat, ?Person $by): Movement
    {
        return $this->keeper->move(
            MovementKind::Receive, [$piece->id => $mass], 0, "solder of job {$job->number}, {$heat}: an allowance", $by,
            $job,
        );
    }

    private function piece(Job $job, string $alloy, float $fineness, ?int $owner): Lot
    {
        $kept = ['job_id' => $job->id, 'kind' => 'piece', 'alloy' => $alloy, 'client_id' => $owner];

        return Lot::query()->where($kept)->latest('id')->first() ?? Lot::query()->create([
            ...$kept, 'name' => "metal of job {$job->number}", 'fineness' => $fineness,
            'origin' => "job {$job->number}", 'mass_mg' => 0,
        ]);
    }
}
