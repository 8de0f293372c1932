<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\JobAnswer;
use App\Bench\JobKeeper;
use App\Bench\Undo;
use App\Bench\WorkshopTime;
use App\Http\Requests\ChangeList;
use App\Http\Requests\ClientInput;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Job\Change;
use HotSprue\Job\Document;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobTemplate;
use HotSprue\Job\JointOrder;
use HotSprue\Job\Station;
use HotSprue\Job\TypedChanges;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Jobs: the list, one job with its answers, and its history. */
final class JobController
{
    private const PAGE = 40;

    /** How many of the workshop's last entries are looked through for an undo. */
    private const HISTORY = 200;

    public function __construct(private readonly JobKeeper $keeper) {}

    public function index(Request $request): JsonResponse
    {
        $asked = $request->validate([
            'search' => 'nullable|string|max:100',
            'station' => 'nullable|string|in:'.implode(',', array_column(Station::cases(), 'value')),
            'state' => 'nullable|in:open,delivered,abandoned,all',
            'due' => 'nullable|in:late,week,month',
            'page' => 'nullable|integer|min:1|max:1000',
        ]);
        $jobs = Job::query()
            ->select(['id', 'number', 'commission', 'client_id', 'title', 'station', 'due_on', 'state', 'updated_at'])
            ->with('client:id,name')
            ->when(
                ($asked['state'] ?? 'open') !== 'all',
                static fn (Builder $query) => $query->where('state', $asked['state'] ?? 'open'),
            )
            ->when(
                $asked['station'] ?? null,
                static fn (Builder $query, string $station) => $query->where('station', $station),
            )
            ->when($asked['due'] ?? null, static fn (
                Builder $query, string $due,
            ) => $query->whereNotNull('due_on')->where('due_on', $due === 'late' ? '<' : '<=', match ($due) {
                'late' => WorkshopTime::today()->toDateString(),
                'week' => WorkshopTime::today()->addDays(7)->toDateString(),
                default => WorkshopTime::today()->addMonth()->toDateString(),
            }))
            ->when($asked['search'] ?? null, function (Builder $query, string $search): void {
                foreach (preg_split('/\s+/', mb_strtolower(trim($search))) ?: [] as $word) {
                    $query->whereRaw("search like ? escape '!'", ['%'.preg_replace('/[%_!]/', '!$0', $word).'%']);
                }
            })
            ->orderByRaw('due_on is null')->orderBy('due_on')->orderByDesc('number')
            ->simplePaginate(self::PAGE);

        return new JsonResponse(
            [
                'jobs' => array_map(static fn (Job $job): array => $job->row(), $jobs->items()),
                'page' => $jobs->currentPage(), 'more' => $jobs->hasMorePages(),
            ],
        );
    }

    public function store(ChangeList $request): JsonResponse
    {
        $client = ClientInput::chosen($request);

        return $this->answer($request, $this->keeper->open($client, $request->changes(), Person::at($request)), 201);
    }

    public function show(Request $request, Job $job): JsonResponse
    {
        return $this->answer($request, $job);
    }

    /** All answers with unsaved changes laid over the job; nothing is kept. */
    public function reckon(ChangeList $request, Job $job): JsonResponse
    {
        $answer = JobAnswer::asked($request, $job, self::laidOver($request, $job));

        return new JsonResponse($request->boolean('page') ? $answer->ofStation() : $answer->toArray());
    }

    /** A job with what is being typed. The screen lays its edits over what it last saw; a clash shows when it saves. */
    public static function laidOver(ChangeList $request, Job $job): Document
    {
        $document = $job->held();
        $over = array_map(
            static fn (Change $change): Change => new Change($change->path, $document->at($change->path), $change->to),
            TypedChanges::read($request->changes(), $job->settings(), WorkshopTime::zone()),
        );
        $after = $document->with($over);
        ! JointOrder::isTouched($over) ?: JointOrder::mustKeepWaits($after);

        return $after;
    }

    public function change(ChangeList $request, Job $job): JsonResponse
    {
        return $this->answer($request, $this->keeper->change($job, $request->changes(), Person::at($request)));
    }

    /** Takes back the last thing that this person typed, and says what it was. */
    public function undo(Request $request, Job $job, Undo $undo): JsonResponse
    {
        [$job, $undone] = $undo->last($job, Person::at($request));
        $answer = $this->answer($request, $job);

        return $answer->setData([...(array) $answer->getData(), 'undone' => $undone->edits]);
    }

    /** Puts back what was taken back last. */
    public function redo(Request $request, Job $job, Undo $undo): JsonResponse
    {
        [$job, $again] = $undo->again($job, Person::at($request));
        $answer = $this->answer($request, $job);

        return $answer->setData([...(array) $answer->getData(), 'undone' => $again->edits]);
    }

    public function history(Job $job): JsonResponse
    {
        $entries = $job->entries()->with('person')->orderByDesc('id')->limit(self::HISTORY)->get();

        return new JsonResponse(['entries' => $entries->map(static fn (Entry $entry): array => [
            'id' => $entry->id, 'by' => $entry->person?->name, 'at' => $entry->made_at->toIso8601String(),
            'undoes' => $entry->undoes_id, 'kind' => $entry->kind->value, 'note' => $entry->note,
            'changes' => $entry->edits,
        ])->all()]);
    }

    /** A new job like this one: its decisions, without its readings, dates and sign-offs. */
    public function like(Request $request, Job $job): JsonResponse
    {
        $together = $request->boolean('same_commission');

        return $this->answer(
            $request,
            $this->keeper->open(
                $together ? $job->client : null,
                JobTemplate::of($job->held(), JobAnswers::of($job->held(), $job->settings())), Person::at($request),
                $together ? $job->commission : null,
            ),
            201,
        );
    }

    public function client(Request $request, Job $job): JsonResponse
    {
        return $this->answer(
            $request, $this->keeper->giveTo($job, ClientInput::chosen($request), Person::at($request)),
        );
    }

    private function answer(Request $request, Job $job, int $status = 200): JsonResponse
    {
        return new JsonResponse(JobAnswer::asked($request, $job)->toArray(), $status);
    }
}
