<?php

declare(strict_types=1);

namespace Tools\Benchmark;

use App\Models\Job;
use Closure;
use HotSprue\Calculation\Answer;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Kind;
use HotSprue\Job\StationPage;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use RuntimeException;

/** The fullest job there is: its stations in the core, and its pages over HTTP. */
final class JobTrials
{
    /** The open job that says most. */
    public static function largest(): Job
    {
        return Job::query()
            ->with('rulebook')->where('state', 'open')->whereNotNull('due_on')->orderByRaw('length(document) desc')
            ->first() ?? throw new RuntimeException('There is no job to measure; start with the demo.');
    }

    /** @return iterable<Measured> each station as it is shown, and the whole job; what is remembered is made once */
    public static function core(int $times): iterable
    {
        $job = self::largest();
        [$document, $settings, $remember] = [$job->held(), $job->settings(), self::remember()];
        $anew = static fn (): JobAnswers => JobAnswers::of($document, $settings, $remember);
        foreach (Kind::of($document)->stations() as $station) {
            yield Measured::of("core, the station {$station->label()}", $times, static function () use (
                $anew, $station,
            ): void {
                $answers = $anew();
                array_map($answers->answer(...), $station->uses());
                (new StationPage($station, $answers))->findings();
            }, 2.0);
        }
        yield Measured::of('core, a whole job', $times, static function () use ($anew): void {
            $answers = $anew();
            array_map($answers->answer(...), $answers->uses());
        }, 20.0);
    }

    /** @return iterable<Measured> */
    public static function http(string $url, int $times): iterable
    {
        $job = self::largest();
        $thick = $job->held()->entry('form.thickness_top');
        $typed = 0;
        $keystroke = static function () use ($url, $job, $thick, &$typed): void {
            $to = 2 + ++$typed / 1000;
            Http::timeout(10)->withHeader('Idempotency-Key', (string) Str::uuid())->post(
                "{$url}/api/jobs/{$job->number}/reckon",
                [
                    'changes' => [['path' => 'form.thickness_top', 'from' => $thick, 'to' => "{$to}"]],
                    'station' => 'form', 'page' => true,
                ],
            )->throw();
        };
        $get = static fn (string $path): Closure => static fn () => Http::timeout(10)
            ->get("{$url}/api/{$path}")->throw();

        yield Measured::of('HTTP a keystroke at Form', $times, $keystroke, 25.0);
        yield Measured::of('HTTP a job, all answers', $times, $get("jobs/{$job->number}"), 80.0);
        yield Measured::of('HTTP the list of jobs', $times, $get('jobs?search=band'), 60.0);
    }

    /** @return Closure(string, Closure(): Answer): Answer */
    private static function remember(): Closure
    {
        $kept = [];

        return static function (string $key, Closure $make) use (&$kept): Answer {
            return $kept[$key] ??= $make();
        };
    }
}
