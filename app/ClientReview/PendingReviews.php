<?php

declare(strict_types=1);

namespace App\ClientReview;

use App\Models\Job;
use HotSprue\Calculation\Finding;
use HotSprue\Job\ClientApproval;
use HotSprue\Job\JobAnswers;
use HotSprue\Job\Rows;
use Illuminate\Database\Eloquent\Collection;

/** What clients wait for: changes asked for and not answered, and pieces changed after they were approved. */
final class PendingReviews
{
    private const MOST = 20;

    /** @return list<array{number: int, title: string, key: string, by: string, at: string, words: string}> */
    public static function open(): array
    {
        $asked = [];
        foreach (self::flagged('asked') as $job) {
            foreach ($job->held()->list('words') as $word) {
                if (($word['what'] ?? '') === 'asks' && ! isset($word['answered'])) {
                    $asked[] = [
                        'number' => $job->number, 'title' => $job->title, 'key' => (string) $word[Rows::KEY],
                        'by' => (string) $word['by'], 'at' => (string) $word['at'],
                        'words' => (string) ($word['words'] ?? ''),
                    ];
                }
            }
        }

        return $asked;
    }

    /** @return list<array{number: int, title: string, message: string}> */
    public static function changedSince(): array
    {
        $changed = [];
        foreach (self::flagged('approved') as $job) {
            $finding = rescue(static function () use ($job): ?Finding {
                $document = $job->held();

                return ClientApproval::changed($document, JobAnswers::of($document, $job->settings()));
            });
            if ($finding !== null) {
                $changed[] = ['number' => $job->number, 'title' => $job->title, 'message' => $finding->message];
            }
        }

        return $changed;
    }

    /**
     * @param  'asked'|'approved'  $flag
     * @return Collection<int, Job>
     */
    private static function flagged(string $flag): Collection
    {
        $found = Job::query()->where('state', 'open')->where($flag, true)->pluck('id');

        return Job::query()->with('rulebook')->whereKey($found)->orderBy('due_on')->limit(self::MOST)->get();
    }
}
