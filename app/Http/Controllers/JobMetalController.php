<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\AccountKeeper;
use App\Bench\JobAnswer;
use App\Database\Turn;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Person;
use HotSprue\Account\MovementKind;
use HotSprue\Account\Settlement;
use HotSprue\Job\Station;
use HotSprue\Sheet\BadInput;
use HotSprue\Stock\Alloy;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Metal that a job takes from the account, or gives to it: let in, taken out, handed over. */
final class JobMetalController
{
    public function __construct(private readonly AccountKeeper $keeper) {}

    /** What sizing lets in comes from a lot; what it takes out is the client's scrap. */
    public function sizing(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(['lot' => 'nullable|integer|exists:lots,id']);
        $reckoned = (new JobAnswer($job, $job->held(), Station::Sizing))->reckoned();
        $grams = $reckoned->value('size.change', 'metal_change');
        $milligrams = (int) round(1000 * (is_numeric($grams) ? (float) $grams : 0.0));
        if ($milligrams === 0) {
            throw BadInput::field('mass', 'No metal is let in or taken out here.');
        }
        $piece = ['alloy' => (string) $job->held()->text('brief.alloy'), 'fineness' => Alloy::named((string) $job->held()->text('brief.alloy'), $job->rules())->fineness, 'job_id' => $job->id, 'client_id' => $job->client_id, 'origin' => "job {$job->number}"];
        if ($milligrams < 0) {
            $this->keeper->receive([...$piece, 'name' => "taken out of job {$job->number}", 'kind' => 'scrap'], -$milligrams, "sizing of job {$job->number}", Person::at($request));
        } else {
            $from = Lot::query()->whereKey($asked['lot'] ?? 0)->first() ?? throw BadInput::field('lot', 'Say from which lot the metal comes.');
            if ($from->alloy !== $piece['alloy']) {
                throw BadInput::field('lot', "Lot {$from->id} is {$from->alloy}; {$piece['alloy']} is let in.");
            }
            Turn::take(function () use ($piece, $from, $milligrams, $job, $request): void {
                $lot = Lot::query()->create([...$piece, 'name' => "let into job {$job->number}", 'kind' => 'piece', 'mass_mg' => 0]);
                $this->keeper->move(MovementKind::Cut, [$from->id => -$milligrams, $lot->id => $milligrams], 0, "sizing of job {$job->number}", Person::at($request), $job);
            });
        }

        return new JsonResponse(['mass' => $milligrams / 1000], 201);
    }

    /** The finished piece leaves the account: what finishing took off is loss, the rest is delivered. */
    public function deliver(Request $request, Job $job): JsonResponse
    {
        $metal = (new JobAnswer($job, $job->held(), Station::HandOver))->reckoned()->value('hand.over', 'metal_mass');
        $lots = Lot::query()->where('job_id', $job->id)->where('kind', 'piece')->where('mass_mg', '>', 0)->orderBy('id')->get();
        if (! is_numeric($metal) || $lots->isEmpty()) {
            throw BadInput::field('piece_mass', $lots->isEmpty() ? 'The account holds no metal of this job.' : 'Weigh the finished piece first.');
        }
        $settled = Settlement::of($lots->pluck('mass_mg', 'id')->all(), (int) round(1000 * (float) $metal));
        $lost = -array_sum($settled->lost);
        Turn::take(function () use ($settled, $lost, $job, $request): void {
            $settled->lost === [] ?: $this->keeper->move(MovementKind::Scrap, $settled->lost, $lost, "finishing of job {$job->number}", Person::at($request), $job);
            $settled->delivered === [] ?: $this->keeper->move(MovementKind::Deliver, $settled->delivered, 0, "job {$job->number}", Person::at($request), $job);
        });

        return new JsonResponse(['delivered' => -array_sum($settled->delivered) / 1000, 'lost' => $lost / 1000], 201);
    }
}
