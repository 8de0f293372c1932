<?php

declare(strict_types=1);

namespace App\Mailbox;

use App\Models\Job;
use App\Models\Letter;

/** Keeps what would have been sent, to be read on the job. */
final class SimulatedMailbox implements Mailbox
{
    public function send(Job $job, string $to, string $subject, string $body, string $secret): void
    {
        Letter::query()->create(
            [
                'job_id' => $job->id, 'to' => $to, 'subject' => $subject, 'body' => str_replace($secret, '…', $body),
                'sent_at' => now(),
            ],
        );
    }
}
