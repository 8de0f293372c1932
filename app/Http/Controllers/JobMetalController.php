<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\AccountKeeper;
use App\Account\JobMetal;
use App\Account\Statement;
use App\Bench\EntryKind;
use App\Bench\JobAnswer;
use App\Bench\JobKeeper;
use App\Database\WriteTransaction;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Person;
use HotSprue\Account\MovementKind;
use HotSprue\Account\Settlement;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Station;
use HotSprue\Job\TypedChanges;
use HotSprue\Stock\Alloy;
use HotSprue\Workshop\WorkshopSettings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Metal that a job takes from the account, or gives to it: cut, let in, taken out, trimmed, given back, handed over.
 */
final class JobMetalController
{
    use ReadsMass;

    public function __construct(
        private readonly AccountKeeper $keeper, private readonly JobMetal $metal, private readonly JobKeeper $jobs,
    ) {}

    /** What is in the piece, what of its client's stands elsewhere, and how both came about. */
    public function index(Job $job): JsonResponse
    {
        $alloy = $job->held()->text('brief.alloy');

        return new JsonResponse([
            'held' => Statement::lots(JobMetal::held($job)), 'left' => Statement::lots(JobMetal::left($job)),
            'lots' => Statement::lots(JobMetal::atHand($job)),
            'of_alloy' => Statement::lots(JobMetal::atHand($job)->where('alloy', $alloy)),
            'of_metal' => Statement::lots(
                JobMetal::atHand($job)->whereIn('alloy', self::kin($alloy, $job->settings())),
            ),
            'movements' => Statement::movements(50, job: $job->id),
        ]);
    }

    /** @return list<string> other alloys of the same metal, which can be brought to its fineness */
    private static function kin(?string $alloy, WorkshopSettings $settings): array
    {
        if ($alloy === null || ! in_array($alloy, $settings->names('stock.alloys'), true)) {
            return [];
        }
        $metal = Alloy::named($alloy, $settings)->metal;
        $kin = array_filter(
            Alloy::all($settings), static fn (Alloy $one): bool => $one->metal === $metal && $one->name !== $alloy,
        );

        return array_values(array_map(static fn (Alloy $one): string => $one->name, $kin));
    }

    public function take(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(['lot' => 'required|integer|exists:lots,id', 'what' => 'nullable|string|max:40']);
        $this->metal->take(
            $job, Lot::query()->whereKey($asked['lot'])->firstOrFail(),
            $this->milligrams($request->input('mass'), 'mass'), trim($asked['what'] ?? '') ?: 'stock',
            Person::at($request),
        );

        return $this->index($job)->setStatusCode(201);
    }

    public function giveBack(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(
            [
                'piece' => 'required|integer', 'to' => 'nullable|integer|exists:lots,id',
                'what' => 'nullable|string|max:40',
            ],
        );
        $to = isset($asked['to']) ? Lot::query()->whereKey($asked['to'])->firstOrFail() : null;
        $this->metal->giveBack($job, $this->pieceOf($job, (int) $asked['piece']), $this->milligrams(
            $request->input('mass'), 'mass',
        ),
            $this->milligrams(
                $request->input('loss', 0), 'loss', true,
            ), $to, trim($asked['what'] ?? '') ?: 'cuttings', Person::at($request));

        return $this->index($job)->setStatusCode(201);
    }

    public function solder(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(['piece' => 'required|integer', 'heat' => 'nullable|string|max:40']);
        $this->metal->solder(
            $job, $this->pieceOf($job, (int) $asked['piece']), $this->milligrams($request->input('mass'), 'mass'),
            trim($asked['heat'] ?? '') ?: 'a heat', Person::at($request),
        );

        return $this->index($job)->setStatusCode(201);
    }

    /**
     * The casting with its sprues off, and the sprues: back to the lot of the button, and into the casting's readings.
     */
    public function trim(Request $request, Job $job): JsonResponse
    {
        [$trimmed, $sprues] = [
            $this->milligrams($request->input('casting'), 'casting'),
            $this->milligrams($request->input('sprues'), 'sprues'),
        ];
        WriteTransaction::take(function () use ($job, $trimmed, $sprues, $request): void {
            $movement = $this->metal->trim($job, $trimmed, $sprues, Person::at($request));
            $document = $job->held();
            $at = $document->castingInHand();
            $row = $at === null ? $document->nextKey('castings') : $document->list('castings')[$at]['key'];
            $changes = array_map(
                static fn (string $name, string $value): Change => new Change(
                    "castings.{$row}.{$name}", $document->at("castings.{$row}.{$name}"), $value,
                ),
                ['casting_mass', 'sprues_mass', 'weighed'], [($trimmed / 1000).' g', ($sprues / 1000).' g', 'trimmed'],
            );
            $this->jobs->store(
                $job, TypedChanges::read($changes, $job->settings()), Person::at($request), EntryKind::Metal,
                $movement,
            );
        });

        return $this->index($job)->setStatusCode(201);
    }

    /** What sizing lets in comes from a lot; what it takes out is the client's scrap. */
    public function sizing(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(['lot' => 'nullable|integer|exists:lots,id']);
        $booked = Statement::movements(1, job: $job->id, reason: "sizing of job {$job->number}");
        if ($booked !== []) {
            throw BadInput::field(
                'mass',
                sprintf(
                    'This sizing’s metal is booked already (movement %d). Take that back on the Metal page first.',
                    $booked[0]['id'],
                ),
            );
        }
        $reckoned = (new JobAnswer($job, $job->held(), Station::Sizing))->answers();
        $grams = $reckoned->value('size.change', 'metal_change');
        $milligrams = (int) round(1000 * (is_numeric($grams) ? (float) $grams : 0.0));
        if ($milligrams === 0) {
            throw BadInput::field('mass', 'No metal is let in or taken out here.');
        }
        $piece = [
            'alloy' => (string) $job->held()->text('brief.alloy'),
            'fineness' => Alloy::named((string) $job->held()->text('brief.alloy'), $job->settings())->fineness,
            'job_id' => $job->id, 'origin' => "job {$job->number}",
        ];
        if ($milligrams < 0) {
            $this->keeper->receive(
                [
                    ...$piece, 'client_id' => $job->client_id, 'name' => "taken out of job {$job->number}",
                    'kind' => 'scrap',
                ],
                -$milligrams, "sizing of job {$job->number}", Person::at($request), $job,
            );
        } else {
            $from = Lot::query()
                ->whereKey($asked['lot'] ?? 0)
                ->first() ?? throw BadInput::field('lot', 'Say from which lot the metal comes.');
            if ($from->alloy !== $piece['alloy']) {
                throw BadInput::field('lot', "Lot {$from->id} is {$from->alloy}; {$piece['alloy']} is let in.");
            }
            WriteTransaction::take(function () use ($piece, $from, $milligrams, $job, $request): void {
                $lot = Lot::query()->create(
                    [
                        ...$piece, 'client_id' => $from->client_id, 'name' => "let into job {$job->number}",
                        'kind' => 'piece', 'mass_mg' => 0,
                    ],
                );
                $this->keeper->move(
                    MovementKind::Cut, [$from->id => -$milligrams, $lot->id => $milligrams], 0,
                    "sizing of job {$job->number}", Person::at($request), $job,
                );
            });
        }

        return new JsonResponse(['mass' => $milligrams / 1000], 201);
    }

    /** The finished piece leaves the account: what finishing took off is loss, the rest is delivered. */
    public function deliver(Request $request, Job $job): JsonResponse
    {
        $metal = (new JobAnswer($job, $job->held(), Station::HandOver))->answers()->value('hand.over', 'metal_mass');
        $lots = JobMetal::held($job);
        if (! is_numeric($metal) || $lots->isEmpty()) {
            throw BadInput::field(
                'piece_mass',
                $lots->isEmpty() ? 'The account holds no metal of this job.' : 'Weigh the finished piece first.',
            );
        }
        $settled = Settlement::of($lots->pluck('mass_mg', 'id')->all(), (int) round(1000 * (float) $metal));
        [$lost, $held] = [$settled->loss(), $settled->held()];
        if ($settled->isMuch($job->settings()->num('finish.loss')) && ! $request->boolean('sure')) {
            throw BadInput::field('sure', sprintf(
                'The account holds %.3f g of this piece and it weighs %.3f g: %.3f g, %.0f %%, would be written off '
                    .'as finishing. Sprues that were not entered as cut off, cuttings, a button, or stones weighed '
                        .'with the metal are where it usually is. Enter them first, or say that finishing '
                            .'took so much.',
                $held / 1000, ($held - $lost) / 1000, $lost / 1000, 100 * $lost / $held,
            ));
        }
        WriteTransaction::take(function () use ($settled, $lost, $job, $request): void {
            $settled->lost === [] ?: $this->keeper->move(
                MovementKind::Scrap, $settled->lost, $lost, "finishing of job {$job->number}", Person::at($request),
                $job,
            );
            $settled->delivered === [] ?: $this->keeper->move(
                MovementKind::Deliver, $settled->delivered, 0, "job {$job->number}", Person::at($request), $job,
            );
        });

        return new JsonResponse(['delivered' => -array_sum($settled->delivered) / 1000, 'lost' => $lost / 1000], 201);
    }

    /** @throws BadInput */
    private function pieceOf(Job $job, int $id): Lot
    {
        return JobMetal::held($job)->find($id) ?? throw BadInput::field(
            'piece', 'This job holds no such metal; choose one of its own.',
        );
    }
}
