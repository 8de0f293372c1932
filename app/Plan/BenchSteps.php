<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\FixedStep;
use App\Models\Job;
use App\Models\Person;
use App\Models\WorkedStep;
use HotSprue\Fields\BadInput;

/** A step started, paused and ended at the bench: that is how minutes are learned. */
final class BenchSteps
{
    /** Whoever starts a step lets go of the one they were at. */
    public static function start(Job $job, string $step, ?Person $person): void
    {
        self::isThere($job, $step);
        if (self::running($job, $step) !== null) {
            throw BadInput::field('step', 'Somebody is at it already.');
        }
        $others = WorkedStep::query()->whereNull('ended_at');
        $person === null ? $others->whereNull('person_id') : $others->where('person_id', $person->id);
        $others->update(['ended_at' => now()]);
        WorkedStep::query()->create([
            'job_id' => $job->id, 'step' => $step, 'person_id' => $person?->id, 'started_at' => now(),
        ]);
    }

    public static function pause(Job $job, string $step): void
    {
        $running = self::running($job, $step) ?? throw BadInput::field('step', 'Nobody is at it.');
        $running->update(['ended_at' => now()]);
    }

    /** Done: whether it was timed or not. */
    public static function end(Job $job, string $step, ?Person $person): void
    {
        self::isThere($job, $step);
        $last = self::running($job, $step)
            ?? WorkedStep::query()->where(['job_id' => $job->id, 'step' => $step])->latest('id')->first();
        $last === null
            ? WorkedStep::query()->create([
                'job_id' => $job->id, 'step' => $step, 'person_id' => $person?->id, 'started_at' => now(),
                'ended_at' => now(), 'done' => true,
            ])
            : $last->update(['ended_at' => $last->ended_at ?? now(), 'done' => true]);
        FixedStep::query()->where(['job_id' => $job->id, 'step' => $step])->delete();
    }

    /** Not done after all. */
    public static function again(Job $job, string $step): void
    {
        $done = WorkedStep::query()->where(['job_id' => $job->id, 'step' => $step, 'done' => true]);
        $done->exists() || throw BadInput::field('step', 'It was not ended here.');
        // What was ended without having been timed leaves nothing behind.
        (clone $done)->whereColumn('started_at', 'ended_at')->delete();
        $done->update(['done' => false]);
    }

    private static function running(Job $job, string $step): ?WorkedStep
    {
        return WorkedStep::query()->where(['job_id' => $job->id, 'step' => $step])->whereNull('ended_at')->first();
    }

    private static function isThere(Job $job, string $step): void
    {
        $planned = (new WorkshopPlan)->jobs[(string) $job->number] ?? null;
        if ($planned === null || ! $planned->has($step)) {
            throw BadInput::field('step', "There is no such step left of job {$job->number}.");
        }
    }
}
