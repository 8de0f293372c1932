<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EntryKind;
use App\Bench\JobAnswer;
use App\Bench\JobKeeper;
use App\Http\Requests\PlainValue;
use App\Models\Clock;
use App\Models\Job;
use App\Models\Person;
use App\Models\Workshop;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\Drift;
use HotSprue\Job\InputBindings;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Station;
use HotSprue\Job\SuggestedAssembly;
use HotSprue\Job\TypedChanges;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What is said of a job as a whole: stations signed, stops overridden, figures adopted, the job closed. */
final class StationController
{
    public function __construct(private readonly JobKeeper $keeper) {}

    /** Signs a station off with a dated copy of its answers, reopens it, or says it is not needed. */
    public function state(Request $request, Job $job, Station $station): JsonResponse
    {
        $asked = $request->validate([
            'state' => 'required|in:signed,reopened,not-needed,open',
            'version' => 'required_if:state,signed|nullable|integer', 'station' => 'nullable|string|max:20',
        ], ['version.required_if' => 'Say which version of the job was seen: what is signed is what was seen.']);
        if ($asked['state'] === 'signed' && (int) $asked['version'] !== $job->version) {
            abort(409, 'The job was changed meanwhile. Look at it as it stands now, then sign.');
        }
        $document = $job->held();
        $path = "stations.{$station->value}";
        $kept = ['state' => $asked['state'], 'by' => $this->name($request), 'at' => now()->toIso8601String()];
        if ($asked['state'] === 'signed') {
            $answer = new JobAnswer($job, $document, $station);
            if ($answer->isBlocked()) {
                throw BadInput::field(
                    'state', 'A stop stands open here; mend it, or override it with a reason, before signing off.',
                );
            }
            $kept['signed'] = Drift::copy($station, $answer->answers());
        }

        return $this->store(
            $request, $job, [new Change($path, $document->at($path), $asked['state'] === 'open' ? null : $kept)],
            EntryKind::Station,
        );
    }

    /** Overrides a stop, with a reason; it lapses when the value it was given for changes. */
    public function override(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate(
            [
                'use' => 'required|string|max:60', 'code' => 'required|string|max:60',
                'about' => 'required|string|max:60', 'reason' => 'required|string|max:500',
                'station' => 'nullable|string|max:20', 'value' => ['nullable', new PlainValue],
            ],
        );
        $key = $job->held()->nextKey('overrides');
        $override = [
            'use' => $asked['use'], 'code' => $asked['code'], 'about' => $asked['about'],
            'value' => $request->input('value'),
            'reason' => $asked['reason'], 'by' => $this->name($request), 'at' => now()->toIso8601String(),
        ];

        return $this->store(
            $request, $job, [new Change("overrides.{$key}", null, $override)], EntryKind::Override,
        );
    }

    /** Parts and joints as the job's own decisions tell of them, where none are entered yet. */
    public function assemble(Request $request, Job $job): JsonResponse
    {
        $document = $job->held();
        if ($document->list('parts') !== [] || $document->list('joints') !== []) {
            throw BadInput::field('parts', 'There are parts already; add to them, or take them away first.');
        }
        $changes = [];
        foreach (SuggestedAssembly::of($document, JobAnswers::of($document, $job->settings())) as $group => $rows) {
            foreach ($rows as $at => $row) {
                foreach ($row as $name => $typed) {
                    $changes[] = new Change("{$group}.{$at}.{$name}", null, $typed);
                }
            }
        }
        if ($changes === []) {
            throw BadInput::field(
                'parts',
                'This job tells of nothing to solder; enter parts by hand, or say that the station is not needed.',
            );
        }

        return $this->store($request, $job, TypedChanges::read($changes, $job->settings()));
    }

    /** Delivered, or abandoned with a reason; or open again with a reason. */
    public function close(Request $request, Job $job): JsonResponse
    {
        $asked = $request->validate([
            'how' => 'required|in:delivered,abandoned,open',
            'reason' => 'required_unless:how,delivered|nullable|string|max:500',
        ],
            ['reason.required_unless' => 'Say why, so that it can be understood later.']);
        $closed = $asked['how'] === 'open' ? null : [
            'how' => $asked['how'], 'reason' => $asked['reason'] ?? '', 'by' => $this->name($request),
            'at' => now()->toIso8601String(),
        ];
        $changes = [new Change('closed', $job->held()->closed(), $closed)];
        // Nothing rings for a piece that has left.
        $asked['how'] === 'open' ?: Clock::query()
            ->where('job_id', $job->id)->whereNull('stopped_at')->update(['stopped_at' => now()]);

        return $this->answer(
            $request,
            $this->keeper->store(
                $job, $changes, Person::at($request), EntryKind::Closing, note: $asked['reason'] ?? '',
            ),
        );
    }

    /** What would change if the job took the workshop's present figures. */
    public function figures(Job $job): JsonResponse
    {
        $now = JobAnswers::of($job->held(), $job->settings());
        $then = JobAnswers::of($job->held(), Workshop::the()->rulebook->settings());
        $differences = [];
        foreach ($now->uses() as $use) {
            $results = ($now->answer($use) ?? $then->answer($use))->results ?? [];
            foreach ($results as $result => ['unit' => $unit]) {
                [$was, $becomes] = [$now->value($use, $result), $then->value($use, $result)];
                if (! is_array($was) && ! Change::same($was, $becomes)) {
                    $differences[] = [
                        'use' => $use, 'result' => $result, 'label' => InputBindings::label($use, $result),
                        'unit' => $unit, 'now' => $was, 'then' => $becomes,
                    ];
                }
            }
        }

        return new JsonResponse(['differences' => $differences]);
    }

    public function adopt(Request $request, Job $job): JsonResponse
    {
        $job = $this->keeper->adopt($job, Workshop::the()->rulebook, Person::at($request));

        return $this->answer($request, $job);
    }

    /** @param list<Change> $changes */
    private function store(
        Request $request, Job $job, array $changes, EntryKind $kind = EntryKind::Edit,
    ): JsonResponse
    {
        return $this->answer($request, $this->keeper->store($job, $changes, Person::at($request), $kind));
    }

    private function answer(Request $request, Job $job): JsonResponse
    {
        return new JsonResponse(JobAnswer::asked($request, $job)->toArray());
    }

    private function name(Request $request): string
    {
        return Person::at($request)->name ?? '';
    }
}
