<?php

declare(strict_types=1);

namespace App\Mailbox;

use App\Models\Job;

/** Sends letters to clients. */
interface Mailbox
{
    public function send(Job $job, string $to, string $subject, string $body): void;
}
