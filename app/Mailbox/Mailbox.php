<?php

declare(strict_types=1);

namespace App\Mailbox;

use App\Models\Job;

/** Sends letters to clients. */
interface Mailbox
{
    /** @param string $secret of the body, which is kept nowhere once the letter is gone */
    public function send(Job $job, string $to, string $subject, string $body, string $secret): void;
}
