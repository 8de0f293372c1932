<?php

declare(strict_types=1);

namespace App\Casting;

use App\Bench\WorkshopTime;
use App\Database\WriteTransaction;
use App\Models\Job;
use App\Models\Run;
use HotSprue\Casting\KilnStages;
use HotSprue\Fields\BadInput;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Station;
use HotSprue\Job\StationPage;
use Illuminate\Support\Carbon;

/** Plans the firing of a piece of metal clay by the sheet of its sort. */
final class ClayFiring
{
    /**
     * @param  ?string  $readyAt  when it is to be fired through, in the workshop’s time
     *
     * @throws BadInput where nothing says how it is fired, a stop stands open, it is in a firing, or the kiln is taken
     */
    public static function plan(Job $job, ?string $readyAt): Run
    {
        return WriteTransaction::take(static fn (): Run => self::planned($job->refresh(), $readyAt));
    }

    private static function planned(Job $job, ?string $readyAt): Run
    {
        $answers = JobAnswers::of($job->held(), $job->settings());
        $sheet = $answers->value('clay.ring', 'stages');
        if (! is_array($sheet) || $sheet === []) {
            throw BadInput::field('firing', 'A piece of metal clay is fired, once its sort is said at Wax.');
        }
        foreach ((new StationPage(Station::Wax, $answers))->findings() as $one) {
            ! $one->blocks() ?: throw BadInput::field('firing', $one->finding->message.' '.$one->finding->remedy);
        }
        $other = Run::query()->where('job_id', $job->id)->whereNull('ended_at')->first();
        if ($other !== null) {
            throw BadInput::field('firing', "It stands in {$other->called()} already.");
        }
        $stages = KilnStages::ofSheet(array_values($sheet));
        $ready = $readyAt === null ? null : Carbon::parse($readyAt, WorkshopTime::zone())->utc();
        if ($ready !== null) {
            KilnSchedule::mustBeFree($ready, (int) ceil(array_sum(array_column($stages, 'minutes'))), 0.0);
        }

        return Run::query()->create([
            'stages' => $stages, 'events' => [], 'ready_at' => $ready, 'speed' => 1, 'job_id' => $job->id,
        ]);
    }
}
