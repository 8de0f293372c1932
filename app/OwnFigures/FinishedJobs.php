<?php

declare(strict_types=1);

namespace App\OwnFigures;

use App\Bench\WorkshopTime;
use App\Models\Job;
use App\Models\WorkedStep;
use App\Price\QuoteBook;
use DateTimeImmutable;
use HotSprue\Job\Document;
use HotSprue\Job\FinishedWork;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\JobFacts;
use HotSprue\Job\JobSpent;
use HotSprue\Job\LearntFigure;
use Illuminate\Support\Facades\Cache;

/** What the delivered jobs say of each figure, the oldest first; a job is reckoned once for each of its versions. */
final class FinishedJobs
{
    /** Jobs looked back at. */
    private const MOST = 2000;

    private const DAY = 1440;

    /** @return array<string, list<array{value: float, at: string, job: string}>> by figure */
    public static function samples(): array
    {
        $samples = array_fill_keys(array_column(LearntFigure::cases(), 'value'), []);
        $jobs = Job::query()->with('rulebook')->where('state',
            'delivered')->orderByDesc('id')->limit(self::MOST)->get();
        foreach ($jobs->reverse() as $job) {
            $said = Cache::rememberForever(
                "own-figures.{$job->id}.{$job->version}.{$job->rulebook_id}", static fn (): array => self::said($job),
            );
            foreach ($said['figures'] as $figure => $value) {
                $samples[$figure][] = ['value' => $value, 'at' => $said['at'], 'job' => (string) $job->number];
            }
        }
        foreach ($samples as &$list) {
            usort($list, static fn (array $one, array $other): int => [$one['at'], (int) $one['job']]
                <=> [$other['at'], (int) $other['job']]);
        }

        return $samples;
    }

    /** @return array{at: string, figures: array<string, float>} */
    private static function said(Job $job): array
    {
        $document = $job->held();
        $answers = JobAnswers::of($document, $job->settings());
        $figures = [];
        $work = self::work($job, $document);
        foreach (LearntFigure::cases() as $figure) {
            $value = $figure->of($answers, $document, $work);
            $value === null ?: $figures[$figure->value] = $value;
        }
        $castings = $document->list('castings');
        $poured = $castings === [] ? null : (end($castings)['poured']['value'] ?? null);

        return ['at' => substr(is_string($poured) ? $poured : (string) $job->updated_at, 0, 10), 'figures' => $figures];
    }

    private static function work(Job $job, Document $document): FinishedWork
    {
        $minutes = WorkedStep::minutesOf($job, doneOnly: true);
        $quote = QuoteBook::standing($job);
        $closed = $document->closed()['at'] ?? null;

        return new FinishedWork(
            $minutes,
            $job->due_on === null || ! is_string($closed) ? null : (float) (new DateTimeImmutable(
                $job->due_on->toDateString(),
            ))->diff(new DateTimeImmutable(WorkshopTime::dayOf($closed)))->format('%r%a') * self::DAY,
            $quote === null ? [] : JobSpent::over($quote->input['lines'], $document, JobFacts::byStation($minutes)),
        );
    }
}
