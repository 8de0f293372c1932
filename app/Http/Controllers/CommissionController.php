<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\EntryKind;
use App\Bench\JobAnswer;
use App\Bench\JobKeeper;
use App\Database\WriteTransaction;
use App\Models\Job;
use App\Models\Person;
use HotSprue\Fields\BadInput;
use HotSprue\Job\Change;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Rows;
use HotSprue\Job\TypedChanges;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * What pieces of one commission share: a stone goes from one to another without loss, and the casting of one is a part
 * of another.
 */
final class CommissionController
{
    public function __construct(private readonly JobKeeper $keeper) {}

    /** A stone, with all that is known of it, to another piece; both histories say so. */
    public function moveStone(Request $request, Job $job, string $key): JsonResponse
    {
        $other = $this->sibling($request, $job);
        WriteTransaction::take(function () use ($request, $job, $other, $key): void {
            $document = $job->held();
            $row = $document->rows('stones')->at($key)
                ?? throw BadInput::field('_', 'There is no such stone in this job.');
            $place = $document->rows('stones')->indexOf($key);
            $this->keeper->store(
                $job, [new Change("stones.{$key}", $row, null, $place)], Person::at($request), EntryKind::Moved,
                note: "to job {$other->number}",
            );
            $there = $other->held()->nextKey('stones');
            $this->keeper->store(
                $other, [new Change("stones.{$there}", null, [...$row, Rows::KEY => $there])], Person::at($request),
                EntryKind::Moved, note: "from job {$job->number}",
            );
        });

        return new JsonResponse(JobAnswer::asked($request, $job->refresh())->toArray());
    }

    /** The casting of another piece as a part of this one: a ring in several castings is joined here. */
    public function takePart(Request $request, Job $job): JsonResponse
    {
        $other = $this->sibling($request, $job);
        $castings = $other->held()->list('castings');
        $last = $castings === [] ? [] : $castings[count($castings) - 1];
        $mass = $last['casting_mass']['value']
            ?? JobAnswers::of($other->held(), $other->settings())->value('form.band', 'mass');
        $key = $job->held()->nextKey('parts');
        $typed = array_filter([
            'id' => $other->title ?: "job {$other->number}", 'alloy' => $other->held()->text('brief.alloy') ?? '',
            'mass' => is_numeric($mass) ? sprintf('%.3f g', (float) $mass) : '',
        ], static fn (string $one): bool => $one !== '');
        $changes = array_map(
            static fn (string $name, string $to): Change => new Change("parts.{$key}.{$name}", null, $to),
            array_keys($typed), $typed,
        );
        $job = $this->keeper->store(
            $job, TypedChanges::read(array_values($changes), $job->settings()), Person::at($request),
        );

        return new JsonResponse(JobAnswer::asked($request, $job)->toArray());
    }

    /** @throws BadInput where it is not another open piece of the same commission */
    private function sibling(Request $request, Job $job): Job
    {
        $asked = $request->validate(['to' => 'required|integer'])['to'];
        $other = Job::query()->with(['client', 'rulebook'])->where('number', $asked)
            ->where('commission', $job->commission)->whereKeyNot($job->id)->first();
        if ($other === null || $other->state !== 'open') {
            throw BadInput::field('to', 'Another open piece of this commission is accepted.');
        }

        return $other;
    }
}
