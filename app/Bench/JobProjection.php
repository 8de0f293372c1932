<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\Job;
use HotSprue\Job\Document;
use HotSprue\Job\Kind;
use HotSprue\Job\Station;

/** Writes a job's document, and beside it what lists sort and search by. The only place that does. */
final class JobProjection
{
    private const SEARCHED = 4_000;

    public static function write(Job $job, Document $document): void
    {
        $title = $document->text('brief.title') ?? '';
        $job->document = json_decode(
            json_encode($document->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), true,
            flags: JSON_THROW_ON_ERROR,
        );
        $job->title = mb_substr($title, 0, 200);
        $job->setAttribute('due_on', $document->text('brief.due'));
        $job->station = self::station($document)->value;
        $how = $document->closed()['how'] ?? null;
        $job->state = is_string($how) ? $how : 'open';
        $words = $document->list('words');
        $job->asked = array_filter(
            $words, static fn (array $word): bool => ($word['what'] ?? '') === 'asks' && ! isset($word['answered']),
        ) !== [];
        $job->approved = in_array('approves', array_column($words, 'what'), true);
        $job->search = mb_strtolower(implode(' ', array_filter([
            (string) $job->number, $title, $job->client?->name, $document->text('brief.alloy'),
            $document->text('brief.client_stones'), $document->text('brief.note'),
        ])));
        $job->search = mb_substr($job->search, 0, self::SEARCHED);
    }

    /** The first station that is neither signed off nor not needed. */
    private static function station(Document $document): Station
    {
        $states = $document->map('stations');
        foreach (Kind::of($document)->stations() as $station) {
            if (! in_array($states[$station->value]['state'] ?? 'open', ['signed', 'not-needed'], true)) {
                return $station;
            }
        }

        return Station::HandOver;
    }
}
