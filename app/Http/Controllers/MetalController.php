<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\AccountKeeper;
use App\Account\LotFile;
use App\Account\Safe;
use App\Account\Statement;
use App\Bench\EntryKind;
use App\Bench\JobKeeper;
use App\Database\WriteTransaction;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Movement;
use App\Models\Note;
use App\Models\Person;
use App\Models\Workshop;
use HotSprue\Account\LotKind;
use HotSprue\Account\MovementKind;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Conflict;
use HotSprue\Job\TypedChanges;
use HotSprue\Stock\Alloy;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** The metal account: lots, movements, statements. */
final class MetalController
{
    use ReadsMass;

    private const MOST_BYTES = 1_000_000;

    public function __construct(private readonly AccountKeeper $keeper, private readonly JobKeeper $jobs) {}

    public function index(Request $request): JsonResponse
    {
        $asked = $request->validate(
            [
                'by' => 'nullable|in:lot,alloy,owner', 'from' => 'nullable|date_format:Y-m-d',
                'to' => 'nullable|date_format:Y-m-d', 'lot' => 'nullable|integer',
            ],
        );

        return new JsonResponse([
            'lots' => Statement::lots(), 'flow' => Safe::flow(), 'charges' => Safe::charges(),
            'movements' => Statement::movements(100, isset($asked['lot']) ? (int) $asked['lot'] : null),
            'statement' => Statement::by($asked['by'] ?? 'alloy', $asked['from'] ?? null, $asked['to'] ?? null),
        ]);
    }

    public function receive(Request $request): JsonResponse
    {
        $settings = Workshop::the()->rulebook->settings();
        $asked = $request->validate([
            'alloy' => 'required|string|in:'.implode(
                ',', [...$settings->names('stock.alloys'), ...$settings->names('stock.solders')],
            ),
            'name' => 'nullable|string|max:80', 'client_id' => 'nullable|integer|exists:clients,id',
            'kind' => 'nullable|in:stock,button,scrap,sweeps,unassayed', 'reason' => 'nullable|string|max:200',
        ]);
        // Solder has lots of its own, so that what a heat takes can be told.
        $metal = $settings->row(
            in_array($asked['alloy'], $settings->names('stock.solders'), true) ? 'stock.solders' : 'stock.alloys',
            $asked['alloy'],
        );
        $lot = [
            'name' => trim($asked['name'] ?? '') ?: $metal['label'], 'kind' => $asked['kind'] ?? 'stock',
            'alloy' => $asked['alloy'],
            'fineness' => ($asked['kind'] ?? '') === Lot::UNASSAYED ? 0.0 : (float) ($metal['fineness'] ?? 0.0),
            'client_id' => $asked['client_id'] ?? null, 'origin' => $asked['reason'] ?? '',
        ];
        $this->keeper->receive(
            $lot, $this->milligrams($request->input('mass'), 'mass'), $asked['reason'] ?? '', Person::at($request),
        );

        return $this->index($request)->setStatusCode(201);
    }

    /** Any other movement among lots: melt, cut, scrap, sweeps, return, deliver, correct. */
    public function move(Request $request): JsonResponse
    {
        $kinds = array_diff(array_column(MovementKind::cases(), 'value'), ['receive', 'charge']);
        $asked = $request->validate([
            'kind' => 'required|in:'.implode(',', $kinds), 'postings' => 'required|array|min:1|max:50',
            'postings.*' => 'array', 'postings.*.lot' => 'required|integer|distinct|exists:lots,id',
            'reason' => 'required_if:kind,correct|nullable|string|max:200',
        ], ['reason.required_if' => 'Say why it is corrected.']);
        $postings = [];
        foreach ($asked['postings'] as $index => $posting) {
            $postings[(int) $posting['lot']] = $this->milligrams(
                $request->input("postings.{$index}.mass"), "postings.{$index}.mass", true,
            );
        }
        $loss = $request->filled('loss') ? $this->milligrams($request->input('loss'), 'loss', true) : 0;
        $this->keeper->move(
            MovementKind::from($asked['kind']), $postings, $loss, $asked['reason'] ?? '', Person::at($request),
        );

        return $this->index($request)->setStatusCode(201);
    }

    /** Weighs a lot: what the balance says and the account does not is a correction. */
    public function weigh(Request $request, Lot $lot): JsonResponse
    {
        $off = $this->milligrams($request->input('mass'), 'mass', true) - $lot->mass_mg;
        if ($off !== 0) {
            $this->keeper->move(
                MovementKind::Correct, [$lot->id => $off], 0,
                'stocktake: weighed '.number_format(($lot->mass_mg + $off) / 1000, 3).' g', Person::at($request),
            );
        }

        return $this->index($request);
    }

    /** A lot that was kept apart is assayed: from now on it is of that alloy. */
    public function assay(Request $request, Lot $lot): JsonResponse
    {
        $settings = Workshop::the()->rulebook->settings();
        $asked = $request->validate(['alloy' => 'required|string|in:'.implode(',', $settings->names('stock.alloys'))]);
        if ($lot->kind !== Lot::UNASSAYED) {
            throw BadInput::field('alloy', "Lot {$lot->id} is known to be {$lot->alloy}.");
        }
        $alloy = Alloy::named($asked['alloy'], $settings);
        $lot->update(['kind' => 'stock', 'alloy' => $alloy->name, 'fineness' => $alloy->fineness]);
        Note::write('lot assayed', Person::at($request), ['lot' => $lot->id, 'alloy' => $alloy->name]);

        return $this->index($request);
    }

    /** A client's metal is credited: it leaves as the client's and comes in as the workshop's, by the same mass. */
    public function credit(Request $request, Lot $lot): JsonResponse
    {
        $asked = $request->validate(
            ['reason' => 'required|string|max:200'], ['reason.required' => 'Say what was agreed with the client.'],
        );
        if ($lot->client_id === null || $lot->mass_mg === 0 || $lot->kind === Lot::UNASSAYED) {
            throw BadInput::field('lot', 'Metal of a client, of known fineness, is credited.');
        }
        WriteTransaction::take(function () use ($lot, $asked, $request): void {
            [$mass, $by] = [$lot->mass_mg, Person::at($request)];
            $this->keeper->move(
                MovementKind::Return, [$lot->id => -$mass], 0, "credited: {$asked['reason']}", $by, $lot->job,
            );
            $this->keeper->receive([
                'name' => "credited, {$lot->name}", 'kind' => $lot->kind, 'alloy' => $lot->alloy,
                'fineness' => $lot->fineness, 'origin' => "from lot {$lot->id}",
            ], $mass, "credited: {$asked['reason']}", $by);
        });

        return $this->index($request)->setStatusCode(201);
    }

    public function reverse(Request $request, Movement $movement): JsonResponse
    {
        $asked = $request->validate(
            ['reason' => 'required|string|max:200'], ['reason.required' => 'Say why it is taken back.'],
        );
        $this->keeper->reverse($movement->load('postings'), $asked['reason'], Person::at($request));
        $this->takeCastingBack($movement, Person::at($request));

        return $this->index($request)->setStatusCode(201);
    }

    /** What a charge wrote into its job goes back with it. */
    private function takeCastingBack(Movement $movement, ?Person $by): void
    {
        $undone = Entry::query()->whereNotNull('undoes_id')->select('undoes_id');
        $entry = Entry::query()
            ->where('movement_id', $movement->id)->whereNull('undoes_id')->whereNotIn('id', $undone)->first();
        if ($entry === null) {
            return;
        }
        $job = Job::query()->whereKey($entry->job_id)->firstOrFail();
        try {
            $this->jobs->takeBack($job, $entry, $by);
        } catch (Conflict $changed) {
            throw BadInput::field(
                '_',
                sprintf(
                    'Job %d was changed since this charge (%s). Put those figures back to what the charge wrote, then '
                        .'reverse it.',
                    $job->number, implode(', ', array_column($changed->clashes, 'path')),
                ),
            );
        }
    }

    /** The charge of a job from named lots: the movement and the casting's readings, both or neither. */
    public function charge(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(
            [
                'lots' => 'required|array|min:1|max:20', 'lots.*' => 'array',
                'lots.*.lot' => 'required|integer|distinct|exists:lots,id',
            ],
            ['lots.*.lot.distinct' => 'This lot is named twice; once with its whole mass is accepted.'],
        );
        $from = [];
        foreach ($asked['lots'] as $index => $one) {
            $from[(int) $one['lot']] = $this->milligrams($request->input("lots.{$index}.mass"), "lots.{$index}.mass");
        }
        $casting = $this->milligrams($request->input('casting'), 'casting');
        $button = $this->milligrams($request->input('button', 0), 'button', true);
        WriteTransaction::take(function () use ($job, $from, $casting, $button, $request): void {
            $movement = $this->keeper->charge($job, $from, $casting, $button, Person::at($request));
            $document = $job->held();
            // A recast is a new casting; the first that has no mass yet is this one.
            $last = $document->castingInHand();
            $row = $last !== null && ! isset(
                $document->list('castings')[$last]['casting_mass'],
            ) ? $document->list('castings')[$last]['key'] : $document->nextKey('castings');
            $fresh = LotKind::newIn($from, Lot::query()->whereKey(array_keys($from))->pluck('kind', 'id')->all());
            $typed = [
                "castings.{$row}.charge_mass" => array_sum($from) / 1000,
                "castings.{$row}.casting_mass" => $casting / 1000, "castings.{$row}.button_mass" => $button / 1000,
                'pour.new_mass' => $fresh / 1000, 'pour.reused_mass' => (array_sum($from) - $fresh) / 1000,
            ];
            $changes = [];
            foreach ($typed as $path => $value) {
                $changes[] = new Change($path, $document->at($path), "{$value} g");
            }
            $this->jobs->store(
                $job, TypedChanges::read($changes, $job->settings()), Person::at($request), EntryKind::Metal,
                $movement,
            );
        });

        return $this->index($request)->setStatusCode(201);
    }

    public function csv(Request $request): Response
    {
        $asked = $request->validate(
            [
                'by' => 'nullable|in:lot,alloy,owner', 'from' => 'nullable|date_format:Y-m-d',
                'to' => 'nullable|date_format:Y-m-d',
            ],
        );
        $file = LotFile::write(Statement::by($asked['by'] ?? 'lot', $asked['from'] ?? null, $asked['to'] ?? null));

        return new Response(
            $file, 200,
            [
                'Content-Type' => 'text/csv; charset=utf-8',
                'Content-Disposition' => 'attachment; filename="metal-account.csv"',
            ],
        );
    }

    /** Lots from a CSV file: all of them are received, or none. */
    public function import(Request $request): JsonResponse
    {
        $upload = $request->file('file');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            throw BadInput::field('file', 'A CSV file of lots is accepted.');
        }
        if ($upload->getSize() > self::MOST_BYTES) {
            throw BadInput::field('file', 'A CSV file of up to 1 MB is accepted.');
        }
        $rows = LotFile::read(
            (string) file_get_contents($upload->getPathname()), Workshop::the()->rulebook->settings(),
        );
        WriteTransaction::take(function () use ($rows, $request): void {
            foreach ($rows as $row) {
                $this->keeper->receive($row['lot'], $row['milligrams'], 'from a file', Person::at($request));
            }
        });

        return $this->index($request)->setStatusCode(201);
    }
}
